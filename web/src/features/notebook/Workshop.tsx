import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { brings, sendArchive } from '../../api/archive';
import { failure, type ArchiveReport } from '../../api/client';
import { FilePress } from '../../ui/FilePress';

/** The whole workshop as one file: taken out, looked at, laid in. */
export function Workshop() {
  const client = useQueryClient();
  const [said, setSaid] = useState<string | null>(null);
  const [looked, setLooked] = useState<{ file: File; report: ArchiveReport } | null>(null);
  const look = async (file: File) => {
    setLooked(null);
    setSaid(`Looking through “${file.name}”.`);
    const result = await sendArchive(file, { take: false, over: false });
    if (result.kind === 'value') {
      setSaid(null);
      setLooked({ file, report: result.value });
    } else {
      setSaid(`“${file.name}”: ${failure(result)}`);
    }
  };
  const layIn = async (file: File, over: boolean) => {
    const result = await sendArchive(file, { take: true, over });
    setLooked(null);
    setSaid(result.kind === 'value' ? `“${file.name}” is laid in.` : `“${file.name}”: ${failure(result)}`);
    await client.invalidateQueries();
  };
  return (
    <section className="workshop" aria-label="The whole workshop">
      <h2>The whole workshop</h2>
      <p>
        Books with everything they have been, drawers, templates, patterns, notebook and pictures, in one file to keep
        elsewhere.
      </p>
      <p className="page-presses">
        <Button href="/api/workshop">Take it as one file</Button>
        <FilePress
          words="Look into such a file"
          name="File of a workshop"
          accept=".zip,application/zip"
          read={(file) => void look(file)}
        />
      </p>
      <p role="status" className="page-said">
        {said}
      </p>
      {looked && (
        <Looked
          name={looked.file.name}
          report={looked.report}
          layIn={(over) => void layIn(looked.file, over)}
          leave={() => setLooked(null)}
        />
      )}
    </section>
  );
}

interface Props {
  name: string;
  report: ArchiveReport;
  layIn: (over: boolean) => void;
  leave: () => void;
}

/** What a file brings, held against what is here. */
function Looked({ name, report, layIn, leave }: Props) {
  const things = report.things.filter((one) => one.fresh + one.same + one.other > 0);
  const { fresh, other } = brings(report);
  return (
    <div className="workshop-looked">
      <h3>{name}</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">New</th>
            <th scope="col">Here already</th>
            <th scope="col">Here, but otherwise</th>
          </tr>
        </thead>
        <tbody>
          {things.map((one) => (
            <tr key={one.kind}>
              <th scope="row">{one.kind}</th>
              <td>{one.fresh}</td>
              <td>{one.same}</td>
              <td>{one.other}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {report.differing.length > 0 && <p>Otherwise here: {report.differing.join('; ')}.</p>}
      {!fresh && !other && <p>Everything in it is here already.</p>}
      <p className="page-presses">
        {fresh && <Button onClick={() => layIn(false)}>Lay in what is new</Button>}
        {other && (
          <Button danger onClick={() => layIn(true)}>
            Lay in everything; what is here gives way
          </Button>
        )}
        <Button onClick={leave}>Put it away</Button>
      </p>
    </div>
  );
}
