import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef } from 'react';
import { api, value, type Offer, type OfferedChange, type Stage } from '../../api/client';
import { useSession } from '../../state/useSession';
import { useSeen } from '../../ui/useSeen';
import { WhatChanges } from '../../ui/WhatChanges';
import { useWords } from '../../units/unit';

/** Stages that are planned by something books teach. */
const TAUGHT: ReadonlySet<Stage> = new Set<Stage>(['PAPER', 'GATHER', 'THREAD', 'SEW']);

/** What finished books teach of this one: taken where its binder says so, with what that changes, and back by a press. */
export function FromBooks({ stage }: { stage: Stage }) {
  const place = useRef<HTMLDivElement>(null);
  const seen = useSeen(place);
  return TAUGHT.has(stage) ? <div ref={place}>{seen && <Offers stage={stage} />}</div> : null;
}

function Offers({ stage }: { stage: Stage }) {
  const { session, state } = useSession();
  const { id, version, document } = state.view;
  const offers = useQuery({
    queryKey: ['learned', 'offers', id, version, stage],
    queryFn: () => value(api.POST('/api/learned/offers', { params: { query: { stage } }, body: document })),
    placeholderData: (before) => before,
  }).data;
  if (!offers || offers.length === 0) {
    return null;
  }
  const take = (offer: Offer, change: OfferedChange, said: string) => {
    const taught = change.document.learned[offer.habit];
    session.change(said, (now) => {
      const learned = { ...now.learned };
      delete learned[offer.habit];
      return { ...now, learned: taught ? { ...learned, [offer.habit]: taught } : learned };
    });
  };
  return (
    <section className="from-books" aria-label="From your books">
      <h2>From your books</h2>
      {offers.map((offer) => (
        <OneOffer key={offer.habit} offer={offer} take={take} />
      ))}
    </section>
  );
}

interface Props {
  offer: Offer;
  take: (offer: Offer, change: OfferedChange, said: string) => void;
}

function OneOffer({ offer, take }: Props) {
  const words = useWords();
  const { taken, newest, taking, back } = offer;
  const name = `${offer.kindWords}, ${offer.name}`;
  return (
    <div className="from-books-one">
      <p className="from-books-name">{name}</p>
      {taken && (
        <p>
          Planned by <strong className="number">{words(taken.median.words)}</strong>, from {words(taken.low.words)} to{' '}
          {words(taken.high.words)}, of {taken.count} books; {words(offer.usual.words)} is usual.
        </p>
      )}
      {back && (
        <Button
          size="small"
          aria-label={`Back to the usual: ${name}`}
          onClick={() => take(offer, back, `as is usual: ${offer.kindWords.toLowerCase()}`)}
        >
          Back to the usual
        </Button>
      )}
      {newest && taking && (
        <>
          <p>
            {taken ? 'By now ' : ''}
            {newest.count} books say <strong className="number">{words(newest.median.words)}</strong>, from{' '}
            {words(newest.low.words)} to {words(newest.high.words)}
            {taken ? '' : `; ${words(offer.usual.words)} is usual`}. Planned by that:
          </p>
          <WhatChanges change={taking} />
          <Button
            size="small"
            aria-label={`Plan by it: ${name}`}
            onClick={() => take(offer, taking, `taken from your books: ${offer.kindWords.toLowerCase()}`)}
          >
            Plan by it
          </Button>
        </>
      )}
    </div>
  );
}
