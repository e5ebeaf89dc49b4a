import { Link } from 'react-router';
import { useSession } from '../../state/useSession';
import { Measure } from '../../units/Measure';

/** Remarks that say why a book cannot be sewn as it is. */
const WHY = new Set(['stations-unsewable', 'pattern-wanted', 'pattern-lacks', 'pattern-unsewable', 'sewing-too-large']);

/** Says what cannot be sewn as it is, and why. */
export function NotPlannedYet({ what }: { what: string }) {
  const { bound, remarks } = useSession().state.plan;
  const why = remarks.filter((remark) => WHY.has(remark.key));
  return (
    <div className="not-yet">
      <h2>{what} cannot be shown as the book is.</h2>
      {why.map((remark) => (
        <p key={remark.key}>
          <Measure of={remark.words} />
        </p>
      ))}
      {why.length === 0 && <p>{bound.name}: nothing is sewn.</p>}
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
          Another structure is chosen under <Link to={`/books/${view.id}/purpose`}>Purpose</Link>, other holes under{' '}
          <Link to={`/books/${view.id}/stations`}>Stations</Link>.
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
