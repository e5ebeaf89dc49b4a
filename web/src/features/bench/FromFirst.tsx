import { BeginActs, BeginField, FieldLine } from './beginFields';
import { type Begin } from './useBegin';
import { useState } from 'react';

/** Four sheets: enough to feel a fold, few enough for one evening. */
const PAGES = 16;

/** A first book, at every stage of which a line says what hands do. */
export function FromFirst({ begin, close }: { begin: Begin; close: () => void }) {
  const [name, setName] = useState('');
  const tried = async () => {
    const plain = await begin.plain();
    if (plain) {
      await begin.keep({ ...plain, name: name.trim() || 'First pamphlet', extent: { by: 'PAGES', number: PAGES } });
    }
  };
  return (
    <form
      className="begin"
      onSubmit={(event) => {
        event.preventDefault();
        void begin.once(tried);
      }}
      noValidate
    >
      <p>
        {PAGES} pages, sewn through the fold with one thread: an evening’s work, with paper, thread, a needle and an
        awl. At every stage a line says what hands do there; one press puts these lines away.
      </p>
      <BeginField begin={begin} at="name" label="Name" value={name} change={setName} placeholder="First pamphlet" />
      <FieldLine begin={begin} at="" />
      <BeginActs words="Begin" close={close} />
    </form>
  );
}
