import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';

/** What is cut for the cover; the grain of every piece runs along its height. */
export function CutList() {
  const { pieces } = useSession().state.plan.covering;
  if (pieces.length === 0) {
    return null;
  }
  return (
    <section className="cover-list" aria-label="What is cut for the cover">
      <h2>To cut</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Piece</th>
            <th scope="col">From</th>
            <th scope="col">Number</th>
            <th scope="col">Across the grain</th>
            <th scope="col">Along the grain</th>
          </tr>
        </thead>
        <tbody>
          {pieces.map((piece) => (
            <tr key={piece.key}>
              <th scope="row">{piece.name}</th>
              <td>{piece.stuff}</td>
              <td className="number">{piece.count}</td>
              <td className="number">
                <Measure of={piece.width} />
              </td>
              <td className="number">
                <Measure of={piece.height} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
