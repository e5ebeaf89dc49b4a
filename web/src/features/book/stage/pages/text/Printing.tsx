import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, failure, outcome, value, type PrintWish } from '../../../../../api/client';
import { useSession } from '../../../../../state/useSession';
import type { usePrinting } from '../../../../../ui/PrinterChoice';

const AGAIN_MS = 500;

interface Props {
  text: string;
  printing: ReturnType<typeof usePrinting>;
  sides: PrintWish['sides'];
}

/** Makes the files that are sent to the printer; it goes on while nobody looks. */
export function Printing({ text, printing, sides }: Props) {
  const { id, version } = useSession().state.view;
  const [wrong, setWrong] = useState<string | null>(null);
  const byHand = sides === 'BY_HAND';
  const printer = byHand ? printing.printer?.id : undefined;
  const path = { path: { book: id } };
  const job = useQuery({
    queryKey: ['printing', id, version, text, printer],
    queryFn: async () => {
      const result = await outcome(
        api.GET('/api/books/{book}/printing', { params: { ...path, query: printer ? { printer } : {} } }),
      );
      return result.kind === 'value' ? result.value : null;
    },
    refetchInterval: (query) => (query.state.data?.state === 'RUNNING' ? AGAIN_MS : false),
    placeholderData: (before) => before,
  });
  const make = async (proof: boolean) => {
    const result = await outcome(
      api.POST('/api/books/{book}/printing', { params: path, body: { proof, ...(printer ? { printer } : {}) } }),
    );
    setWrong(result.kind === 'value' ? null : failure(result));
    await job.refetch();
  };
  const now = job.data;
  return (
    <div className="text-printing">
      {now?.state === 'RUNNING' ? (
        <>
          <p role="status">{now.of > 0 ? `Laying out: ${now.done} of ${now.of} sides` : 'Beginning'}</p>
          <progress value={now.done} max={Math.max(1, now.of)} aria-label="Sides laid out" />{' '}
          <Button
            size="small"
            onClick={() =>
              void value(api.DELETE('/api/books/{book}/printing', { params: path })).then(() => job.refetch())
            }
          >
            Stop
          </Button>
        </>
      ) : (
        <p className="acts">
          <Button type="primary" onClick={() => void make(false)}>
            Make the files to print
          </Button>
          <Button onClick={() => void make(true)}>Make a proof in reading order</Button>
        </p>
      )}
      {(wrong ?? (now?.state === 'FAILED' && now.of > 0 ? now.line : null)) && (
        <p className="row-fault" role="alert">
          {wrong ?? now?.line}
        </p>
      )}
      {now?.state === 'STOPPED' && <p role="status">Stopped; nothing was made.</p>}
      {now?.changed && (
        <p className="row-fault" role="status">
          These were made before the last change; make them once more.
        </p>
      )}
      {now && now.files.length > 0 && (
        <ol className="text-files">
          {now.files.map((file, number) => (
            <li key={file.name}>
              <a href={`/api/books/${id}/printing/${number}`} target="_blank" rel="noreferrer">
                {file.name}
              </a>
              , {file.pages === 1 ? '1 side' : `${file.pages} sides`}
              {byHand && file.name.endsWith('fronts') && ': print it, lay the stack in again as it came out'}
              {byHand && file.name.endsWith('backs') && ': print it on the backs'}
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
