import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { api, failure, outcome, value, type PrinterView } from '../api/client';
import { Segmented, SelectField } from './choices';
import { keepPaper, keepPrinter, keptPaper, keptPrinter, type PrintPaper } from './printing';

/** The printer and the paper in it, remembered in this browser. */
export function usePrinting() {
  const [paper, setPaper] = useState<PrintPaper>(keptPaper);
  const [chosen, setChosen] = useState(keptPrinter);
  const printers = useQuery({ queryKey: ['printers'], queryFn: () => value(api.GET('/api/printers')) });
  const printer = printers.data?.find((one) => one.id === chosen) ?? printers.data?.[0];
  return {
    paper,
    printers: printers.data ?? [],
    printer,
    choosePaper: (next: PrintPaper) => {
      keepPaper(next);
      setPaper(next);
    },
    choosePrinter: (id: string) => {
      keepPrinter(id);
      setChosen(id);
    },
  };
}

type Printing = ReturnType<typeof usePrinting>;

export function PaperChoice({ printing }: { printing: Printing }) {
  return (
    <Segmented
      label="Printed on"
      value={printing.paper}
      options={[
        { value: 'A4', label: 'A4' },
        { value: 'LETTER', label: 'letter' },
      ]}
      choose={printing.choosePaper}
    />
  );
}

/** Which printer, and another one to be named. */
export function PrinterChoice({ printing }: { printing: Printing }) {
  const client = useQueryClient();
  const [naming, setNaming] = useState(false);
  const { printers, printer, choosePrinter } = printing;
  if (!printer) {
    return null;
  }
  const refresh = () => client.invalidateQueries({ queryKey: ['printers'] });
  return (
    <>
      <SelectField
        label="Printer"
        value={printer.id}
        options={printers.map((one) => ({ value: one.id, label: one.name }))}
        choose={choosePrinter}
      />
      {naming ? (
        <NamePrinter
          named={(added) => {
            setNaming(false);
            void refresh().then(() => choosePrinter(added.id));
          }}
          leave={() => setNaming(false)}
        />
      ) : (
        <p className="acts">
          <Button size="small" onClick={() => setNaming(true)}>
            Another printer
          </Button>
          {!printer.simulated && printers.length > 2 && (
            <Button
              size="small"
              onClick={() =>
                void outcome(api.DELETE('/api/printers/{id}', { params: { path: { id: printer.id } } })).then(refresh)
              }
            >
              Forget this one
            </Button>
          )}
        </p>
      )}
    </>
  );
}

function NamePrinter({ named, leave }: { named: (printer: PrinterView) => void; leave: () => void }) {
  const [name, setName] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const add = async (event: FormEvent) => {
    event.preventDefault();
    const result = await outcome(api.POST('/api/printers', { body: { name } }));
    if (result.kind === 'value') {
      named(result.value);
    } else {
      setWrong(failure(result));
    }
  };
  return (
    <form onSubmit={(event) => void add(event)} className="name-printer">
      <div className="field">
        <label htmlFor="printer-name">Its name</label>
        <Input
          id="printer-name"
          value={name}
          autoFocus
          maxLength={60}
          status={wrong ? 'error' : ''}
          aria-describedby={wrong ? 'printer-wrong' : undefined}
          onChange={(event) => setName(event.target.value)}
        />
        {wrong && (
          <p className="field-line" role="alert" id="printer-wrong">
            {wrong}
          </p>
        )}
      </div>
      <p className="acts">
        <Button size="small" htmlType="submit">
          Add it
        </Button>
        <Button size="small" onClick={leave}>
          Leave it
        </Button>
      </p>
    </form>
  );
}
