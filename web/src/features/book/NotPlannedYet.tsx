import { Link } from 'react-router';
import { useSession } from '../../state/useSession';

/** Says what cannot be planned yet for this structure, and what can. */
export function NotPlannedYet({ what }: { what: string }) {
  const { bound, holes } = useSession().state.plan;
  return (
    <div className="not-yet">
      <h2>{what} cannot be planned here yet.</h2>
      <p>
        {bound.name}: paper, cutting, gathering, thickness{holes && ', holes and their templates'} and the rule of thumb
        for thread are worked out; the sewing itself is not.
      </p>
    </div>
  );
}

/** Takes the place of a stage that has nothing to show. */
export function NotPlanned() {
  const { view, plan } = useSession().state;
  return (
    <>
      <div className="choices">
        <p>
          Another structure is chosen under <Link to={`/books/${view.id}/purpose`}>Purpose</Link>. The pamphlet is
          planned to the knot.
        </p>
      </div>
      <div className="drawing">
        {plan.holes ? (
          <NotPlannedYet what="The sewing" />
        ) : (
          <div className="not-yet">
            <h2>No holes are made.</h2>
            <p>{plan.bound.name}: nothing is punched or sewn.</p>
          </div>
        )}
      </div>
    </>
  );
}
