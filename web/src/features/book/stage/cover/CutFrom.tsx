import { Link } from 'react-router';
import { useThings } from '../../../../api/drawers';
import type { BookDocument, CoveringView, ThingView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { withCovering } from './edits';

type Stuff = CoveringView['stuffs'][number];
type Stock = BookDocument['covering']['stocks'][number];

/** Which sheets of the drawers the pieces are cut from. */
export function CutFrom() {
  const { state } = useSession();
  const drawers = [useThings('BOARDS'), useThings('COVERS'), useThings('PAPERS')];
  const things = drawers.flatMap((drawer) => drawer?.things ?? []);
  const { stuffs } = state.plan.covering;
  if (stuffs.length === 0) {
    return null;
  }
  return (
    <div className="cut-from">
      {stuffs.map((stuff) => (
        <From key={stuff.stuff} stuff={stuff} things={things} />
      ))}
      <p className="cut-from-shop">
        <Link to={`/shopping?book=${state.view.id}`}>What is to buy, and how it is cut</Link>
      </p>
    </div>
  );
}

function From({ stuff, things }: { stuff: Stuff; things: ThingView[] }) {
  const { session, state } = useSession();
  const chosen = state.document.covering.stocks.find((one) => one.stuff === stuff.stuff);
  const fitting = things.filter((thing) => thing.sheet?.stuffs.includes(stuff.stuff));
  const lying = fitting.some((thing) => thing.id === chosen?.drawerId);
  const away = chosen && !lying ? [{ value: 'away', label: `${chosen.name}, not in the drawer` }] : [];
  return (
    <SelectField
      label={`${stuff.words[0]?.toUpperCase()}${stuff.words.slice(1)} from`}
      value={chosen ? (lying ? (chosen.drawerId ?? '') : 'away') : ''}
      options={[
        { value: '', label: 'not settled' },
        ...away,
        ...fitting.map((thing) => ({ value: thing.id, label: thing.name })),
      ]}
      choose={(id) => {
        const thing = fitting.find((one) => one.id === id);
        if (thing?.sheet || id === '') {
          session.change(
            thing ? `${stuff.words} from ${thing.name}` : `${stuff.words} not settled`,
            taken(stuff, thing),
          );
        }
      }}
    />
  );
}

/** The book with this stuff cut from the thing; a board is then as thick as the thing is. */
function taken(stuff: Stuff, thing: ThingView | undefined) {
  return (document: BookDocument): BookDocument => {
    const others = document.covering.stocks.filter((one) => one.stuff !== stuff.stuff);
    const { widthMm, heightMm, grain, colour } = thing?.sheet ?? {};
    const stock: Stock[] =
      thing && widthMm && heightMm && grain
        ? [{ stuff: stuff.stuff, name: thing.name, widthMm, heightMm, grain, colour, drawerId: thing.id }]
        : [];
    const covered = withCovering({ stocks: [...others, ...stock] })(document);
    return stuff.stuff === 'BOARD' && thing?.measureMm
      ? { ...covered, stitch: { ...covered.stitch, boardMm: thing.measureMm } }
      : covered;
  };
}
