import { Button } from 'antd';
import type { Conflict } from '../../api/client';
import { useSession } from '../../state/useSession';
import { Measure } from '../../units/Measure';

/** Two windows changed one book: both are shown, and the binder chooses. */
export function ConflictSlip({ conflict }: { conflict: Conflict }) {
  const { session } = useSession();
  return (
    <section className="conflict" role="alertdialog" aria-label="Changed in another window">
      <h2>Changed in another window meanwhile</h2>
      {conflict.differences.length > 0 ? (
        <table>
          <thead>
            <tr>
              <th scope="col">Where they differ</th>
              <th scope="col">Here</th>
              <th scope="col">There</th>
            </tr>
          </thead>
          <tbody>
            {conflict.differences.map((difference) => (
              <tr key={difference.what}>
                <th scope="row">{difference.what}</th>
                <td>
                  <Measure of={difference.yours} />
                </td>
                <td>
                  <Measure of={difference.theirs} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <p>Both say the same.</p>
      )}
      <p>Keeping what is here makes a new revision on top of the other; that one can be had back with Undo.</p>
      <div className="conflict-acts">
        <Button onClick={() => session.takeTheirs()}>Take what is there</Button>
        <Button type="primary" onClick={() => session.keepYours()}>
          Keep what is here
        </Button>
      </div>
    </section>
  );
}
