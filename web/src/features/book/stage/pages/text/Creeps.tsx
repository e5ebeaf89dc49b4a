import type { Imposition } from '../../../../../api/client';
import { Measure } from '../../../../../units/Measure';

/** More sheets than these are told by the innermost alone. */
const MOST = 16;

/** How far inner sheets stand out, and how far their pages are moved towards the fold for it. */
export function Creeps({ creeps }: { creeps: Imposition['creeps'] }) {
  if (creeps.length < 2) {
    return null;
  }
  const shown = creeps.length > MOST ? creeps.slice(0, MOST) : creeps;
  return (
    <table className="text-creeps">
      <caption>Creep</caption>
      <thead>
        <tr>
          <th scope="col">Sheet, from outside</th>
          <th scope="col">would stand out</th>
          <th scope="col">pages moved to the fold</th>
        </tr>
      </thead>
      <tbody>
        {shown.map((one) => (
          <tr key={`${one.signature}/${one.sheet}`}>
            <th scope="row">
              {one.sheet}
              {creeps.some((other) => other.sheet === one.sheet && other !== one) && ` of signature ${one.signature}`}
            </th>
            <td>
              <Measure of={one.creep} />
            </td>
            <td>
              <Measure of={one.taken} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
