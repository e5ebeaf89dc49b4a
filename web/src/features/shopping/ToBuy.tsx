import { Button } from 'antd';
import type { SupplyView } from '../../api/client';
import { keptPaper } from '../../ui/printing';
import { Measure } from '../../units/Measure';
import { useUnit } from '../../units/unit';

type Need = SupplyView['needs'][number];

interface Props {
  supplies: SupplyView;
  books: string[];
  bought: (thing: string, number: number, words: string) => void;
}

/** What is used up, beside what the drawers hold of it: what lacks first. */
export function ToBuy({ supplies, books, bought }: Props) {
  const { unit } = useUnit();
  const { needs, cost, unpriced } = supplies;
  const query = books.map((id) => `books=${id}`).join('&');
  if (needs.length === 0) {
    return <p className="shopping-none">These books want nothing more: what is done was taken out already.</p>;
  }
  return (
    <section aria-label="Shopping list" className="shopping-list">
      <h2>Shopping list</h2>
      <p className="acts">
        {needs.some((need) => need.lacks)
          ? cost === undefined || cost === null
            ? 'No price is known of what lacks.'
            : `What lacks costs ${cost.toFixed(2)}${unpriced ? ', besides what has no price in its drawer' : ''}.`
          : 'The drawers hold enough of all that is counted.'}
        <Button size="small" href={`/api/supplies/list.pdf?${query}&paper=${keptPaper()}&unit=${unit}`} target="_blank">
          Print it
        </Button>
        <Button size="small" href={`/api/supplies/list.csv?${query}`}>
          Save it as a table (CSV)
        </Button>
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Wanted</th>
            <th scope="col">There</th>
            <th scope="col">To buy</th>
            <th scope="col">For</th>
          </tr>
        </thead>
        <tbody>
          {needs.map((need) => (
            <tr key={`${need.thing ?? ''}${need.name}${need.needed.mm}`}>
              <th scope="row">
                {need.name}
                {need.missing.length > 0 && (
                  <span className="shopping-missing">
                    No sheet of it holds, with its grain right and the knife there is: {need.missing.join('; ')}.
                  </span>
                )}
              </th>
              <td className="number">{need.unfit ? 'of no use' : <Measure of={need.needed} />}</td>
              <td className="number">{need.have ?? (need.thing ? 'not counted' : 'in no drawer')}</td>
              <td>
                <Lacking need={need} bought={bought} />
              </td>
              <td className="shopping-for">{need.books.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Lacking({ need, bought }: { need: Need; bought: Props['bought'] }) {
  const { thing, lacks, lacking, price } = need;
  if (need.unfit) {
    return <>another sheet, or another knife</>;
  }
  if (!thing || !lacks || !lacking) {
    return need.thing && need.have ? <span className="shopping-enough">enough there</span> : 'as much as is wanted';
  }
  return (
    <span className="shopping-lacks">
      <strong>{lacks}</strong>
      {price !== undefined && price !== null && <span>{price.toFixed(2)}</span>}
      <Button
        size="small"
        aria-label={`Bought: ${lacks} of ${need.name}`}
        onClick={() => bought(thing, lacking, `${lacks} of ${need.name}`)}
      >
        Bought
      </Button>
    </span>
  );
}
