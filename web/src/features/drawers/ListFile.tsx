import { Button } from 'antd';
import { useState } from 'react';
import type { DrawerKey } from '../../api/client';
import { FilePress } from '../../ui/FilePress';

/** What the server says of a file it did not lay in. */
interface WrongRows {
  message: string;
  rows: { row: number; column: string; message: string }[];
}

interface Props {
  drawer: DrawerKey;
  laid: (text: string) => unknown;
}

/** A drawer's list to and from a CSV file; of a wrong file every wrong row is told and nothing is laid in. */
export function ListFile({ drawer, laid }: Props) {
  const [wrong, setWrong] = useState<{ name: string; rows: WrongRows } | null>(null);
  const read = async (chosen: File) => {
    setWrong(null);
    try {
      const answer = await fetch(`/api/drawers/${drawer}/list`, {
        method: 'POST',
        headers: { 'Content-Type': 'text/csv' },
        body: await chosen.arrayBuffer(),
      });
      const body = (await answer.json()) as { added: number; changed: number } & WrongRows;
      if (answer.ok) {
        laid(`“${chosen.name}”: ${body.added} laid in, ${body.changed} changed.`);
      } else {
        setWrong({ name: chosen.name, rows: { message: body.message, rows: body.rows ?? [] } });
      }
    } catch {
      setWrong({
        name: chosen.name,
        rows: { message: 'The application does not answer; nothing was laid in.', rows: [] },
      });
    }
  };
  return (
    <>
      <FilePress words="Load a list, CSV" name="CSV file" accept=".csv,text/csv" read={(chosen) => void read(chosen)} />
      <Button href={`/api/drawers/${drawer}/list.csv`}>Save the list, CSV</Button>
      {wrong && (
        <div className="wrong-rows" role="alert">
          <p>
            {wrong.name}: {wrong.rows.message}
          </p>
          <ul>
            {wrong.rows.rows.map((row, i) => (
              <li key={i}>
                Row {row.row}
                {row.column && `, ${row.column}`}: {row.message}
              </li>
            ))}
          </ul>
          <Button size="small" onClick={() => setWrong(null)}>
            Put this away
          </Button>
        </div>
      )}
    </>
  );
}
