import { useMemo } from 'react';
import { Holes } from './Holes';
import { Needle } from './Needle';
import { Thread } from './Thread';
import { fillings, type At, type Looked } from './look';

const LEFT = 30;
const NAME = 24;

interface Props extends Looked {
  width: number;
  height: number;
}

/** A block sewn through its side: the face towards the binder with the spine below it, and the other face as if seen through. */
export function BlockWork(props: Props) {
  const { work, steps, sewn, turned, next, press, marked, width, height } = props;
  const scale = Math.max(
    0.05,
    Math.min((width - 2 * LEFT) / work.heightMm, (height - 110) / (2 * work.acrossMm + work.thickMm)),
  );
  const left = (width - work.heightMm * scale) / 2;
  const depth = work.acrossMm * scale;
  const thick = Math.max(8, work.thickMm * scale);
  const nearTop = NAME;
  const spineTop = nearTop + depth;
  const farTop = spineTop + thick + NAME + 14;
  const x = useMemo(
    () => (along: number) => left + (turned ? work.heightMm - along : along) * scale,
    [left, turned, work.heightMm, scale],
  );
  const near: At = useMemo(
    () => (along, across) => [x(along), nearTop + depth - across * scale],
    [x, nearTop, depth, scale],
  );
  const far: At = useMemo(
    () => (along, across) => [x(along), farTop + depth - across * scale],
    [x, farTop, depth, scale],
  );
  const spine: At = useMemo(() => {
    const share = work.thickMm > 0 ? thick / work.thickMm : 0;
    return (along, across) => [x(along), spineTop + (turned ? work.thickMm - across : across) * share];
  }, [x, spineTop, turned, work.thickMm, thick]);
  const fill = useMemo(
    () =>
      fillings(
        1,
        work.holes.map((hole) => hole.number),
        steps,
      ),
    [work, steps],
  );
  const filled = fill(1, sewn);
  const [front, behind] = turned ? (['BACK', 'FRONT'] as const) : (['FRONT', 'BACK'] as const);
  const now = steps[sewn];
  const needleAt = now && next && now.kind === 'PASS' ? work.holes[now.station - 1] : undefined;
  const names = { FRONT: 'Front', BACK: 'Back' };
  return (
    <svg
      width={width}
      height={farTop + depth + 26}
      role={press ? 'group' : 'img'}
      aria-label={`${names[front]} of the block towards you, head on the ${turned ? 'right' : 'left'}; ${sewn} of ${steps.length} moves sewn`}
    >
      <text x={left} y={nearTop - 8} className="face-name">
        {names[front]}, towards you
      </text>
      <rect x={left} y={nearTop} width={work.heightMm * scale} height={depth} className="leaf" />
      <rect x={left} y={spineTop} width={work.heightMm * scale} height={thick} className="leaf leaf-spine" />
      <text x={left + 6} y={spineTop + thick / 2 + 5} className="way-row">
        spine
      </text>
      <Holes holes={work.holes} filled={filled} across={null} at={near} radius={4} press={press} />
      <Thread steps={steps} sewn={sewn} next={next} view={front} signature={null} at={near} />
      <Thread steps={steps} sewn={sewn} next={next} view="SPINE" signature={null} at={spine} />
      <text x={left} y={farTop - 8} className="face-name">
        {names[behind]}, seen through
      </text>
      <g className="seen-through">
        <rect x={left} y={farTop} width={work.heightMm * scale} height={depth} className="leaf leaf-behind" />
        <Holes holes={work.holes} filled={filled} across={null} at={far} radius={4} />
        <Thread steps={steps} sewn={sewn} next={next} view={behind} signature={null} at={far} />
      </g>
      <g aria-hidden="true">
        {work.holes.map((hole) => {
          const [hx, hy] = near(hole.alongMm, hole.acrossMm);
          const main = hole.role === 'main' || hole.role === 'by_hand';
          return (
            <text
              key={hole.number}
              x={hx + (main ? 0 : 7)}
              y={hy + (main ? -9 : 15)}
              textAnchor={main ? 'middle' : 'start'}
              className={
                needleAt?.number === hole.number ? 'face-number face-number-next' : 'face-number face-number-small'
              }
            >
              {hole.number}
            </text>
          );
        })}
        {marked?.map((station, i) => {
          const hole = work.holes[station - 1];
          const [hx, hy] = hole ? near(hole.alongMm, hole.acrossMm) : [0, 0];
          return (
            <text key={i} x={hx + 12} y={hy - 12} className="hole-mark">
              {i + 1}
            </text>
          );
        })}
      </g>
      {needleAt && now && (
        <Needle
          x={near(needleAt.alongMm, needleAt.acrossMm)[0]}
          y={near(needleAt.alongMm, needleAt.acrossMm)[1]}
          coming={now.face === front}
        />
      )}
      <text x={x(0)} y={farTop + depth + 18} textAnchor={turned ? 'end' : 'start'} className="end-name">
        head
      </text>
      <text x={x(work.heightMm)} y={farTop + depth + 18} textAnchor={turned ? 'start' : 'end'} className="end-name">
        tail
      </text>
    </svg>
  );
}
