import { Button } from 'antd';
import { useState } from 'react';
import type { PagePlan } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { TypedField } from '../../../../ui/TypedField';
import {
  HALVES,
  halfWords,
  pictureOn,
  placeWords,
  sideWords,
  withFacing,
  withoutFacing,
  withPicture,
  type Half,
} from './artwork';

/** The longest that is said of a half. */
const LONGEST = 60;

/** No more sheets are nested. */
const MOST_SHEETS = 12;

/** No more wishes are weighed against each other. */
const MOST_WISHES = 12;

/** Sheets that were painted or printed beforehand: what is on their halves, which are to face each other, and how they are nested for it. */
export function ArtworkLook({ plan, signature }: { plan: PagePlan; signature: PagePlan['signatures'][number] }) {
  const { session, state } = useSession();
  const { artwork } = state.document.pages;
  const numbers = Array.from({ length: Math.min(signature.sheets.length, MOST_SHEETS) }, (_, i) => i + 1);
  const nesting = plan.nestings.find((one) => one.signature === signature.number);
  return (
    <section className="artwork" aria-label="Made beforehand">
      <h2>On the sheets of signature {signature.number}, before they are folded</h2>
      <ol>
        {numbers.map((sheet) => (
          <li key={sheet}>
            <h3>Sheet {sheet}</h3>
            <div className="artwork-halves">
              {HALVES.map((place) => {
                const half = { ...place, signature: signature.number, sheet };
                return (
                  <TypedField
                    key={halfWords(half)}
                    label={sideWords(half)}
                    shown={pictureOn(artwork, half)}
                    empty="nothing"
                    take={(text) => {
                      const words = text.trim();
                      if (words.length > LONGEST) {
                        return Promise.resolve(`Read ${words.length} letters; ${LONGEST} at the most are taken.`);
                      }
                      session.change(`on ${halfWords(half)}`, withPicture(half, words));
                      return Promise.resolve(null);
                    }}
                  />
                );
              })}
            </div>
          </li>
        ))}
      </ol>
      <Wishes key={signature.number} signature={signature.number} numbers={numbers} />
      {nesting && <Nested nesting={nesting} />}
    </section>
  );
}

/** Which halves are to face each other. */
function Wishes({ signature, numbers }: { signature: number; numbers: number[] }) {
  const { session, state } = useSession();
  const { artwork } = state.document.pages;
  const [one, setOne] = useState('0');
  const [other, setOther] = useState('1');
  const halves: Half[] = numbers.flatMap((sheet) => HALVES.map((place) => ({ ...place, signature, sheet })));
  const wishes = artwork.facing
    .map((facing, at) => ({ facing, at }))
    .filter(({ facing }) => facing.one.signature === signature);
  const named = (half: Half) => {
    const picture = pictureOn(artwork, half);
    return picture ? `${picture} (${placeWords(half)})` : placeWords(half);
  };
  const options = halves.map((half, i) => ({ value: String(i), label: named(half) }));
  return (
    <>
      <h3>To face each other</h3>
      <ul className="artwork-wishes">
        {wishes.map(({ facing, at }) => (
          <li key={`${halfWords(facing.one)} ${halfWords(facing.other)}`}>
            {named(facing.one)} and {named(facing.other)}{' '}
            <Button
              size="small"
              aria-label={`Take out: ${named(facing.one)} and ${named(facing.other)}`}
              onClick={() => session.change('no longer facing', withoutFacing(at))}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <div className="artwork-add">
        <SelectField label="This half" value={one} options={options} choose={setOne} />
        <SelectField label="faces" value={other} options={options} choose={setOther} />
        <Button
          size="small"
          disabled={one === other || wishes.length >= MOST_WISHES}
          onClick={() =>
            session.change('halves facing', withFacing({ one: halves[Number(one)]!, other: halves[Number(other)]! }))
          }
        >
          These are to face each other
        </Button>
      </div>
    </>
  );
}

/** The nesting that keeps what is wanted, or most of it. */
function Nested({ nesting }: { nesting: PagePlan['nestings'][number] }) {
  const { session } = useSession();
  const { order, why, document } = nesting;
  return (
    <div role="status" className="artwork-nested">
      <h3>Nested so</h3>
      {why && <p className="row-fault">{why}</p>}
      <p>
        From outside in:{' '}
        {order.map(({ sheet, turned }) => `sheet ${sheet}${turned ? ', its front inside' : ''}`).join('; ')}.
      </p>
      {document && (
        <Button size="small" onClick={() => session.change('sheets numbered as they are nested', () => document)}>
          Number the sheets so
        </Button>
      )}
    </div>
  );
}
