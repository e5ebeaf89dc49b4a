import { Modal } from 'antd';
import { useState } from 'react';
import { Segmented } from '../../ui/choices';
import { guide } from '../../ui/guide';
import { FieldLine } from './beginFields';
import { FromCount } from './FromCount';
import { FromFirst } from './FromFirst';
import { FromPaper } from './FromPaper';
import { HowBound } from './HowBound';
import { useBegin } from './useBegin';
import { WAYS, type Way } from './ways';

interface Props {
  /** Which way is taken first. */
  way: Way;
  close: () => void;
  begun: (id: string) => void;
}

/** Who begins types at once: the first thing that is asked, not the choice of what is asked. */
function firstField(way: Way) {
  document.getElementById(way === 'paper' ? 'begin-sheets' : 'begin-name')?.focus();
}

/** Begins a book from what a binder knows of it first: how large it is, what it is for, or what paper lies there. */
export default function NewBook({ way: first, close, begun }: Props) {
  const [way, setWay] = useState(first);
  const begin = useBegin((id) => {
    if (way === 'first') {
      guide(id);
    }
    begun(id);
  });
  if (begin.asked) {
    return (
      <Modal open title="How will it be bound?" onCancel={close} footer={null} width={560} closable={false}>
        <HowBound {...begin.asked} bind={(document) => void begin.keep(document)} back={begin.back} />
        <FieldLine begin={begin} at="" />
      </Modal>
    );
  }
  return (
    <Modal
      open
      title="Begin a book"
      onCancel={close}
      footer={null}
      width={560}
      closable={false}
      afterOpenChange={(open) => open && firstField(way)}
    >
      <Segmented
        label="From"
        value={way}
        options={WAYS.map(({ way: value, words: label }) => ({ value, label }))}
        choose={setWay}
      />
      {way === 'first' ? (
        <FromFirst begin={begin} close={close} />
      ) : way === 'paper' ? (
        <FromPaper begin={begin} close={close} />
      ) : (
        <FromCount key={way} begin={begin} purpose={way === 'purpose'} close={close} />
      )}
    </Modal>
  );
}
