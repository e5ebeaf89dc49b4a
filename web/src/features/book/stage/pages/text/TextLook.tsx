import { Button, Input } from 'antd';
import { useState, type DragEvent, type FormEvent } from 'react';
import { api, failure, outcome, type Imposition, type TextView } from '../../../../../api/client';
import { useSession } from '../../../../../state/useSession';
import { Segmented } from '../../../../../ui/choices';
import { ErrorNote, Waiting } from '../../../../../ui/ErrorNote';
import { FilePress } from '../../../../../ui/FilePress';
import { usePrinting } from '../../../../../ui/PrinterChoice';
import { Said } from '../../../Remarks';
import { Creeps } from './Creeps';
import { PrinterSheets } from './PrinterSheets';
import { Printing } from './Printing';
import { useSending, type useText } from './useText';

interface Props {
  texts: ReturnType<typeof useText>;
  imposition: Imposition | undefined;
  fault: string | null;
  printing: ReturnType<typeof usePrinting>;
  width: number;
}

/** The text that the book is printed with: brought, laid out, printed. */
export function TextLook({ texts, imposition, fault, printing, width }: Props) {
  const { text: asked, refresh } = texts;
  const sending = useSending(refresh);
  const [look, setLook] = useState<'sheets' | 'openings'>('sheets');
  if (asked.isError) {
    return <ErrorNote message={asked.error.message} again={() => void asked.refetch()} />;
  }
  if (!asked.data) {
    return <Waiting what="Looking for the text" />;
  }
  const { text } = asked.data;
  return (
    <section className="text-look" aria-label="Text to print">
      <Bring view={asked.data} sending={sending} refresh={refresh} />
      {text && (fault ?? imposition?.fault) && (
        <p className="row-fault" role="alert">
          {fault ?? imposition?.fault}
        </p>
      )}
      {text && !imposition && !fault && <Waiting what="Laying the text out" />}
      {text && imposition && !imposition.fault && (
        <>
          <TextRemarks imposition={imposition} />
          <Printing text={text.id} printing={printing} sides={imposition.wish.sides} />
          <Segmented
            label="See"
            value={look}
            options={[
              { value: 'sheets', label: 'the printer’s sheets' },
              { value: 'openings', label: 'what a reader sees at once' },
            ]}
            choose={setLook}
          />
          <PrinterSheets
            key={look}
            imposition={imposition}
            text={text.id}
            openings={look === 'openings'}
            width={width}
          />
          {look === 'sheets' && <Creeps creeps={imposition.creeps} />}
        </>
      )}
    </section>
  );
}

interface BringProps {
  view: TextView;
  sending: ReturnType<typeof useSending>;
  refresh: () => Promise<unknown>;
}

/** Where a file is laid down, how far it is, what became of it. */
function Bring({ view, sending, refresh }: BringProps) {
  const { id } = useSession().state.view;
  const { text, arriving, job } = view;
  const [over, setOver] = useState(false);
  const [sure, setSure] = useState(false);
  const reading = arriving && job?.state === 'RUNNING';
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const file = event.dataTransfer.files[0];
    if (file) {
      sending.send(file);
    }
  };
  if (sending.sending) {
    const percent = Math.round(sending.sending.share * 100);
    return (
      <div className="text-bring">
        <p role="status">
          Taking in “{sending.sending.name}”: {percent}&#8239;%
        </p>
        <progress value={percent} max={100} aria-label="Taken in" />{' '}
        <Button size="small" onClick={sending.stop}>
          Stop
        </Button>
      </div>
    );
  }
  const locked = arriving && job?.state === 'LOCKED';
  return (
    <div
      className={over ? 'text-bring text-over' : 'text-bring'}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      {text && (
        <p className="text-name">
          <strong>{text.name}</strong>, {text.pages === 1 ? '1 page' : `${text.pages} pages`}, {size(text.bytes)}
        </p>
      )}
      {reading ? (
        <p role="status">Reading “{arriving.name}”.</p>
      ) : (
        <>
          {!text && !arriving && (
            <p>
              Lay a PDF file down here, and its pages are laid on the sheets so that the folded book reads in order. It
              is kept with the book.
            </p>
          )}
          {arriving && !locked && (
            <p>“{arriving.name}” came in part. Choose it once more, and it goes on from there.</p>
          )}
          {locked && <Password text={arriving.id} line={job.line ?? ''} refresh={refresh} />}
          <p className="acts">
            <FilePress
              words={text ? 'Another text' : 'Choose a PDF file'}
              name="PDF file"
              accept="application/pdf,.pdf"
              read={sending.send}
            />
            {text &&
              (sure ? (
                <>
                  <Button
                    danger
                    onClick={() =>
                      void outcome(api.DELETE('/api/books/{book}/text', { params: { path: { book: id } } })).then(
                        refresh,
                      )
                    }
                  >
                    Take it out for good
                  </Button>
                  <Button onClick={() => setSure(false)}>Leave it</Button>
                </>
              ) : (
                <Button onClick={() => setSure(true)}>Take it out</Button>
              ))}
          </p>
        </>
      )}
      {sending.said && (
        <p className="row-fault" role="alert">
          {sending.said}
        </p>
      )}
      {!locked && !reading && job?.state === 'FAILED' && job.line && job.files.length === 0 && job.of === 0 && (
        <p className="row-fault" role="alert">
          {job.line}
        </p>
      )}
    </div>
  );
}

function size(bytes: number): string {
  return bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))}\u202fkB` : `${(bytes / 1e6).toFixed(1)}\u202fMB`;
}

/** A locked file is opened by its password, which is not kept. */
function Password({ text, line, refresh }: { text: string; line: string; refresh: () => Promise<unknown> }) {
  const { id } = useSession().state.view;
  const [password, setPassword] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const open = async (event: FormEvent) => {
    event.preventDefault();
    const result = await outcome(
      api.POST('/api/books/{book}/text/{text}/read', { params: { path: { book: id, text } }, body: { password } }),
    );
    setWrong(result.kind === 'value' ? null : failure(result));
    setPassword('');
    await refresh();
  };
  return (
    <form onSubmit={(event) => void open(event)} className="text-password">
      <p role="alert">{wrong ?? line}</p>
      <div className="field">
        <label htmlFor="text-password">Password of the file</label>
        <Input
          id="text-password"
          type="password"
          autoComplete="off"
          value={password}
          onChange={(event) => setPassword(event.target.value)}
        />
      </div>
      <Button htmlType="submit" size="small">
        Open it
      </Button>
    </form>
  );
}

/** What is to be said of the text as it would be printed. */
function TextRemarks({ imposition }: { imposition: Imposition }) {
  const { session, state } = useSession();
  return (
    <ul className="text-remarks" aria-live="polite">
      {imposition.remarks.map((remark) => (
        <li key={remark.key} className={remark.weight === 'NOTE' ? 'text-note' : 'text-caution'}>
          <Said
            remark={remark}
            mend={(what, document) => session.take(what, { made: state.view.document, document })}
          />
        </li>
      ))}
    </ul>
  );
}
