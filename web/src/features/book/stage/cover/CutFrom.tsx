import { Link } from 'react-router';
import type { BookDocument, ThingView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { StuffFrom, useStuffs, withStuff, type Stuff } from '../../StuffFrom';
import { withCovering } from './edits';

/** Which sheets of the drawers the pieces are cut from. */
export function CutFrom() {
  const { session, state } = useSession();
  const things = useStuffs();
  const { stuffs } = state.plan.covering;
  if (stuffs.length === 0) {
    return null;
  }
  return (
    <div className="cut-from">
      {stuffs.map((stuff) => (
        <StuffFrom
          key={stuff.stuff}
          stuff={stuff}
          stocks={state.document.covering.stocks}
          things={things}
          unset="not settled"
          choose={(thing) =>
            session.change(
              thing ? `${stuff.words} from ${thing.name}` : `${stuff.words} not settled`,
              taken(stuff, thing),
            )
          }
        />
      ))}
      <p className="cut-from-shop">
        <Link to={`/shopping?book=${state.view.id}`}>What is to buy, and how it is cut</Link>
      </p>
    </div>
  );
}

/** The book with this stuff cut from the thing; a board is then as thick as the thing is. */
function taken(stuff: Stuff, thing: ThingView | undefined) {
  return (document: BookDocument): BookDocument => {
    const covered = withCovering({ stocks: withStuff(document.covering.stocks, stuff, thing) })(document);
    return stuff.stuff === 'BOARD' && thing?.measureMm
      ? { ...covered, stitch: { ...covered.stitch, boardMm: thing.measureMm } }
      : covered;
  };
}
