import type { RemarkView, RowsView } from '../../../../api/client';
import { Ruler } from '../../../../drawing/Ruler';
import { useSession } from '../../../../state/useSession';
import { useUnit, useWords, type Both } from '../../../../units/unit';
import { WEIGHTS } from '../../../../ui/stages';
import { withRows, type Rows } from './edits';
import { HandLane } from './HandLane';
import { EDGE, LANE, seen, type Look } from './look';
import { useMoved } from '../useMoved';

type School = Rows['school'];

const NAMES: Record<string, string> = {
  EQUAL: 'Equal gaps',
  MARGIN: 'A margin at each edge',
  PITCH: 'A fixed distance',
  THICKNESS: 'Own thickness',
  PLACED: 'By hand',
};

/** One spine divided by every school, one lane under another, over where the rows are now. */
export function Schools({ rows, width, look }: { rows: RowsView; width: number; look: Look }) {
  const { session, state } = useSession();
  const { unit } = useUnit();
  const words = useWords();
  const chosen = state.document.rows.school;
  const scale = (width - 2 * EDGE) / rows.widthMm;
  const moving = useMoved<number[]>((document, places) => withRows({ school: 'PLACED', placedMm: places })(document));
  const now = moving.moved ?? rows.rows.map((row) => row.fromLeftMm).sort((a, b) => a - b);
  const choose = (school: School) =>
    session.change(
      `rows: ${NAMES[school]!.toLowerCase()}`,
      withRows({ school, ...(school === 'PLACED' ? { placedMm: now } : {}) }),
    );
  return (
    <div className="schools" style={{ width }}>
      <svg width={width} height={42} aria-hidden="true" className="lane-rule">
        <Ruler lengthMm={rows.widthMm} scale={scale} unit={unit} x={EDGE} y={36} reversed={look === 'inside'} />
      </svg>
      {rows.schools.map((school) => (
        <Lane
          key={school.key}
          name={NAMES[school.key]!}
          words={school.words}
          between={
            school.rowsMm.length > 1
              ? `; ${words(school.material)} of cover between holes`
              : school.rowsMm.length === 0
                ? '; no room for it'
                : ''
          }
          places={school.rowsMm}
          chosen={chosen === school.key}
          fault={school.fault}
          choose={() => choose(school.key as School)}
          {...{ rows, width, scale, look, now }}
        />
      ))}
      <HandLane
        chosen={chosen === 'PLACED'}
        choose={() => choose('PLACED')}
        {...{ rows, width, scale, look, now, moving }}
      />
    </div>
  );
}

interface LaneProps {
  name: string;
  words: Both;
  between: string;
  places: readonly number[];
  chosen: boolean;
  fault: { words: Both; weight: RemarkView['weight'] } | undefined;
  choose: () => void;
  rows: RowsView;
  width: number;
  scale: number;
  look: Look;
  /** Where the rows are now, laid over every lane. */
  now: readonly number[];
}

/** A school: where it lays the rows, over where they are now, and its numbers. */
function Lane(props: LaneProps) {
  const { name, words, between, places, chosen, fault, choose, rows, width, scale, look, now } = props;
  const say = useWords();
  const x = (mm: number) => EDGE + seen(mm, rows.widthMm, look) * scale;
  return (
    <button type="button" className={`lane${chosen ? ' lane-chosen' : ''}`} aria-pressed={chosen} onClick={choose}>
      <svg width={width - 2} height={LANE} aria-hidden="true">
        <rect x={EDGE} y={4} width={rows.widthMm * scale} height={LANE - 8} className="cover-face" />
        {now.map((mm, i) => (
          <line key={i} x1={x(mm)} x2={x(mm)} y1={0} y2={LANE} className="row-now" />
        ))}
        {places.map((mm, i) => (
          <circle key={i} cx={x(mm)} cy={LANE / 2} r={4.5} className="row-hole" />
        ))}
      </svg>
      <span className="lane-words">
        <strong>{name}</strong> {say(words)}
        {between}
        {fault && (
          <span
            className={`lane-fault${fault.weight === 'STOP' ? ' impossible' : fault.weight === 'NOTE' ? ' lane-note' : ''}`}
          >
            {`${WEIGHTS[fault.weight]}: `}
            {say(fault.words)}
          </span>
        )}
      </span>
    </button>
  );
}
