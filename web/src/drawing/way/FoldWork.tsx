import { useMemo } from 'react';
import { Holes } from './Holes';
import { Needle } from './Needle';
import { Thread } from './Thread';
import { numbered } from './rows';
import { fillings, viewName, type At, type Looked } from './look';

const LEFT = 30;
const NAME = 24;
/** Room over and under the rows of a spine, px. */
const EDGE = 18;
/** Height of a number beside a row, px. */
const NUMBER = 13;

interface Props extends Looked {
  width: number;
  height: number;
}

/** Folds: the inside of the signature in hand and the outside of all; the one towards the binder above, the other as if seen through. */
export function FoldWork(props: Props) {
  const { work, steps, sewn, turned, signature, next, press, marked, width, height } = props;
  const whole = work.heightMm + work.headMm + work.tailMm;
  const scale = Math.max(0.05, (width - 2 * LEFT) / whole);
  const many = work.layers.length > 1;
  const insideDepth = Math.max(56, Math.min(170, height * 0.3));
  const spineFull = work.acrossMm * scale + 2 * EDGE;
  const spineRoom = many ? Math.max(90, height - insideDepth - 2 * NAME - 70) : insideDepth;
  const spineDepth = many ? Math.min(Math.max(spineFull, 70), spineRoom) : insideDepth;
  const firstDepth = turned ? spineDepth : insideDepth;
  const insideTop = turned ? NAME + firstDepth + NAME + 34 : NAME;
  const spineTop = turned ? NAME : NAME + firstDepth + NAME + 34;
  const x = useMemo(
    () => (along: number) => LEFT + (turned ? whole - work.headMm - along : along + work.headMm) * scale,
    [turned, whole, work.headMm, scale],
  );
  const inside: At = useMemo(
    () => (along, across) => [x(along), insideTop + insideDepth / 2 + across * scale],
    [x, insideTop, insideDepth, scale],
  );
  const row = work.layers[signature - 1] ?? 0;
  // a spine that is wider than its room is moved so that the signature in hand stays in the middle; moved as a whole, not drawn anew
  const spare = Math.max(0, spineDepth - spineFull) / 2;
  const shift = many
    ? Math.max(0, Math.min(spineFull - spineDepth, (work.acrossMm - row) * scale + EDGE - spineDepth / 2)) - spare
    : 0;
  const outside: At = useMemo(
    () => (along, across) => [
      x(along),
      many ? EDGE + (work.acrossMm - across) * scale : insideDepth / 2 - across * scale,
    ],
    [x, many, work.acrossMm, scale, insideDepth],
  );
  const fill = useMemo(
    () =>
      fillings(
        work.layers.length,
        work.holes.map((hole) => hole.number),
        steps,
      ),
    [work, steps],
  );
  const filled = (layer: number) => fill(layer, sewn);
  const told = useMemo(() => numbered(work.layers, signature, NUMBER / scale), [work.layers, signature, scale]);
  const pitch = many ? (work.acrossMm * scale) / (work.layers.length - 1) : 40;
  const radius = Math.max(1.4, Math.min(5, pitch * 0.24));
  const now = steps[sewn];
  const needleAt = now && next && now.kind === 'PASS' ? now : undefined;
  const front = turned ? 'OUTSIDE' : 'INSIDE';
  const name = (view: 'INSIDE' | 'OUTSIDE') =>
    `${viewName(view, work, signature)}, ${view === front ? 'towards you' : 'seen through'}`;
  const along = work.holes.map((hole) => ({ ...hole, x: x(hole.alongMm) }));
  const numbersY = NAME + firstDepth + 18;
  return (
    <svg
      width={width}
      height={Math.max(insideTop + insideDepth, spineTop + spineDepth) + 14}
      role={press ? 'group' : 'img'}
      aria-label={`${viewName(front, work, signature)} towards you, head on the ${turned ? 'right' : 'left'}; ${sewn} of ${steps.length} moves sewn`}
    >
      <text x={LEFT} y={insideTop - 8} className="face-name">
        {name('INSIDE')}
      </text>
      <rect
        x={Math.min(x(0), x(work.heightMm))}
        y={insideTop}
        width={work.heightMm * scale}
        height={insideDepth}
        className={turned ? 'leaf leaf-behind' : 'leaf'}
      />
      <line x1={x(0)} x2={x(work.heightMm)} y1={inside(0, 0)[1]} y2={inside(0, 0)[1]} className="valley" />
      <Thread steps={steps} sewn={sewn} next={next} view="INSIDE" signature={signature} at={inside} />
      <Holes
        holes={work.holes}
        filled={filled(signature)}
        across={0}
        at={inside}
        radius={5}
        press={turned ? undefined : press}
        name={many ? `signature ${signature}` : ''}
      />
      {needleAt && (
        <NeedleOn
          at={inside}
          along={along[needleAt.station - 1]?.alongMm ?? 0}
          coming={needleAt.face === 'INSIDE'}
          across={0}
          show={!turned}
        />
      )}
      <Ends at={inside} top={insideTop + insideDepth - 9} heightMm={work.heightMm} turned={turned} />
      <text x={LEFT} y={spineTop - 8} className="face-name">
        {name('OUTSIDE')}
      </text>
      <svg x={0} y={spineTop} width={width} height={spineDepth}>
        <rect
          x={LEFT}
          y={0}
          width={whole * scale}
          height={spineDepth}
          className={turned ? 'leaf' : 'leaf leaf-behind'}
        />
        {work.tapes.map((tape) => (
          <rect
            key={tape.fromMm}
            x={Math.min(x(tape.fromMm), x(tape.toMm)) + 3}
            width={Math.abs(x(tape.toMm) - x(tape.fromMm)) - 6}
            y={0}
            height={spineDepth}
            className="tape"
          />
        ))}
        <g transform={`translate(0 ${-shift})`}>
          {work.layers.map((across, i) => {
            const y = outside(0, across)[1];
            return (
              <g key={i}>
                <line
                  x1={x(0)}
                  x2={x(work.heightMm)}
                  y1={y}
                  y2={y}
                  className={i + 1 === signature ? 'peak peak-now' : 'peak'}
                />
                {many && told.has(i + 1) && (
                  <text
                    x={LEFT - 6}
                    y={y + 4}
                    textAnchor="end"
                    className={i + 1 === signature ? 'way-row way-row-now' : 'way-row'}
                  >
                    {i + 1}
                  </text>
                )}
              </g>
            );
          })}
          {work.cordMm > 0 && (
            <line
              x1={x(0)}
              x2={x(work.heightMm)}
              y1={outside(0, 0)[1]}
              y2={outside(0, 0)[1]}
              className="cord"
              strokeWidth={Math.max(3, work.cordMm * scale)}
            />
          )}
          {work.layers.map((across, i) => (
            <Holes
              key={i}
              holes={work.holes}
              filled={filled(i + 1)}
              across={across}
              at={outside}
              radius={radius}
              press={turned && i + 1 === signature ? press : undefined}
              name={many ? `signature ${i + 1}` : ''}
            />
          ))}
          <Thread steps={steps} sewn={sewn} next={next} view="OUTSIDE" signature={null} at={outside} />
          {needleAt && (
            <NeedleOn
              at={outside}
              along={along[needleAt.station - 1]?.alongMm ?? 0}
              coming={needleAt.face === 'OUTSIDE'}
              across={work.layers[needleAt.signature - 1] ?? 0}
              show={turned}
            />
          )}
        </g>
      </svg>
      <g aria-hidden="true">
        {along.map((hole) => (
          <text
            key={hole.number}
            x={hole.x}
            y={numbersY + 4}
            textAnchor="middle"
            className={needleAt?.station === hole.number ? 'face-number face-number-next' : 'face-number'}
          >
            {hole.number}
          </text>
        ))}
        {marked?.map((station, i) => {
          const hole = along[station - 1];
          return hole ? (
            <text
              key={i}
              x={hole.x + 10 + 12 * marked.slice(0, i).filter((one) => one === station).length}
              y={(turned ? outside(0, row)[1] - shift + spineTop : inside(0, 0)[1]) - 12}
              className="hole-mark"
            >
              {i + 1}
            </text>
          ) : null;
        })}
      </g>
    </svg>
  );
}

function NeedleOn(props: { at: At; along: number; across: number; coming: boolean; show: boolean }) {
  const [x, y] = props.at(props.along, props.across);
  return props.show ? <Needle x={x} y={y} coming={props.coming} /> : null;
}

function Ends({ at, top, heightMm, turned }: { at: At; top: number; heightMm: number; turned: boolean }) {
  return (
    <g aria-hidden="true">
      <text x={at(0, 0)[0] + (turned ? -6 : 6)} y={top + 2} textAnchor={turned ? 'end' : 'start'} className="end-name">
        head
      </text>
      <text
        x={at(heightMm, 0)[0] + (turned ? 6 : -6)}
        y={top + 2}
        textAnchor={turned ? 'start' : 'end'}
        className="end-name"
      >
        tail
      </text>
    </g>
  );
}
