import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value, type PrinterView } from '../../../../../api/client';
import { Segmented } from '../../../../../ui/choices';

/** Finds out what a printer does to a stack that is laid in again: two fronts are printed, then two backs behind them. */
export function TestSheet({ printer }: { printer: PrinterView }) {
  const client = useQueryClient();
  const known = printer.turning;
  const [open, setOpen] = useState(false);
  const [behind, setBehind] = useState<'A' | 'B'>(known?.backsReversed ? 'B' : 'A');
  const [head, setHead] = useState<'same' | 'other'>(known?.backsUpsideDown ? 'other' : 'same');
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = async () => {
    const result = await outcome(
      api.PUT('/api/printers/{id}/turning', {
        params: { path: { id: printer.id } },
        body: { backsReversed: behind === 'B', backsUpsideDown: head === 'other' },
      }),
    );
    setWrong(result.kind === 'value' ? null : failure(result));
    if (result.kind === 'value') {
      await client.invalidateQueries({ queryKey: ['printers'] });
      await client.invalidateQueries({ queryKey: ['printing'] });
      setOpen(false);
    }
  };
  return (
    <div className="test-sheet">
      <p className="field-help">{known ? told(known) : 'Nobody has tried yet how this printer turns a stack.'}</p>
      {!open ? (
        <Button size="small" onClick={() => setOpen(true)}>
          {known ? 'Try it once more' : 'Try it with a test sheet'}
        </Button>
      ) : (
        <>
          <ol>
            <li>
              Print{' '}
              <a href="/api/printers/test-sheet" target="_blank" rel="noreferrer">
                the two fronts
              </a>{' '}
              on two sheets.
            </li>
            <li>Lay both in again just as they came out.</li>
            <li>
              Print{' '}
              <a href="/api/printers/test-sheet?backs=true" target="_blank" rel="noreferrer">
                the two backs
              </a>
              . Where they come on the printed sides, turn the stack over first.
            </li>
            <li>Take sheet 1 and turn it over like a leaf of a book.</li>
          </ol>
          {printer.simulated && <CameOut printer={printer.id} />}
          <Segmented
            label="Behind 1 stands"
            value={behind}
            options={[
              { value: 'A', label: 'A' },
              { value: 'B', label: 'B' },
            ]}
            choose={setBehind}
          />
          <Segmented
            label="Its arrow points"
            value={head}
            options={[
              { value: 'same', label: 'up, as on the front' },
              { value: 'other', label: 'down' },
            ]}
            choose={setHead}
          />
          <p className="acts">
            <Button size="small" type="primary" onClick={() => void keep()}>
              Keep this with the printer
            </Button>
            <Button size="small" onClick={() => setOpen(false)}>
              Leave it
            </Button>
          </p>
          {wrong && (
            <p className="field-line" role="alert">
              {wrong}
            </p>
          )}
        </>
      )}
    </div>
  );
}

function told({ backsReversed, backsUpsideDown }: NonNullable<PrinterView['turning']>): string {
  const order = backsReversed
    ? 'Backs are printed from the last to the first'
    : 'Backs are printed from the first to the last';
  return `${order}${backsUpsideDown ? ', turned half round' : ''}, as this printer wants it.`;
}

/** What came out of the simulated printer. */
function CameOut({ printer }: { printer: string }) {
  const sheets = useQuery({
    queryKey: ['test-print', printer],
    queryFn: () => value(api.GET('/api/printers/{id}/test-print', { params: { path: { id: printer } } })),
  });
  return (
    <ul className="test-print" aria-label="What came out">
      {sheets.data?.map((sheet) => (
        <li key={sheet.front}>
          <Face name={sheet.front} upsideDown={false} />
          <Face name={sheet.back} upsideDown={sheet.upsideDown} />
          <span className="visually-hidden">
            Behind {sheet.front} stands {sheet.back}, its arrow {sheet.upsideDown ? 'down' : 'up'}.
          </span>
        </li>
      ))}
    </ul>
  );
}

function Face({ name, upsideDown }: { name: string; upsideDown: boolean }) {
  return (
    <svg width={52} height={70} viewBox="0 0 52 70" aria-hidden>
      <rect x={0.5} y={0.5} width={51} height={69} className="text-paper" />
      <g transform={upsideDown ? 'rotate(180 26 35)' : undefined}>
        <path d="M26 26 V8 M20 15 L26 8 L32 15" className="test-arrow" />
        <text x={26} y={56} className="test-name">
          {name}
        </text>
      </g>
    </svg>
  );
}
