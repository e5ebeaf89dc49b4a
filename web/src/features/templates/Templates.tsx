import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, value, type KeptView } from '../../api/client';
import { useInks } from '../../ui/InkChoice';
import { PaperChoice, PrinterChoice, usePrinting } from '../../ui/PrinterChoice';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { useUnit } from '../../units/unit';
import { AtHand } from './AtHand';
import { KeptRow } from './KeptRow';
import './templates.css';

const MOST_LANES = 8;
const TALLEST_PX = 210;

/** Templates that were kept: found by what is at hand, printed together on one card, a book begun with one. */
export default function Templates() {
  const templates = useQuery({ queryKey: ['templates'], queryFn: () => value(api.GET('/api/templates')) });
  const inks = useInks();
  const [found, setFound] = useState<string[] | null>(null);
  const [card, setCard] = useState<string[]>([]);
  const [said, setSaid] = useState('');
  useEffect(() => {
    document.title = 'Kept templates · Itomichi';
  }, []);
  const all = templates.data ?? [];
  const shown = found === null ? all : all.filter((kept) => found.includes(kept.id));
  const tallest = Math.max(1, ...all.map((kept) => kept.cover?.heightMm ?? kept.heightMm));
  const lanes = card.filter((id) => all.some((kept) => kept.id === id));
  return (
    <main id="place" className="drawers templates">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Kept templates</h1>
      </div>
      <div className="templates-middle">
        <div className="choices">
          <AtHand found={(fitting: KeptView[] | null) => setFound(fitting?.map((kept) => kept.id) ?? null)} />
          {lanes.length > 0 && <Card lanes={lanes} />}
        </div>
        <div>
          <p role="status" className="drawer-said">
            {said ||
              (found !== null &&
                (shown.length === 0
                  ? 'None that is kept fits it.'
                  : `${shown.length} of ${all.length} ${shown.length === 1 ? 'fits' : 'fit'} it.`))}
          </p>
          {templates.isError && <ErrorNote message={templates.error.message} again={() => void templates.refetch()} />}
          {templates.isPending && <Waiting what="Fetching the templates" />}
          {templates.data?.length === 0 && (
            <p className="row-empty">None is kept. A book’s template is kept at its Template stage.</p>
          )}
          <ul className="kept-list" aria-label="Kept templates">
            {shown.map((kept) => (
              <KeptRow
                key={kept.id}
                kept={kept}
                inks={inks}
                scale={TALLEST_PX / tallest}
                onCard={lanes.includes(kept.id)}
                putOnCard={(on) =>
                  on && lanes.length >= MOST_LANES
                    ? setSaid(`A card holds ${MOST_LANES} templates.`)
                    : setCard(on ? [...lanes, kept.id] : lanes.filter((id) => id !== kept.id))
                }
                say={setSaid}
              />
            ))}
          </ul>
        </div>
      </div>
    </main>
  );
}

/** Several templates on one card, each in a lane and an ink of its own. */
function Card({ lanes }: { lanes: string[] }) {
  const { unit } = useUnit();
  const printing = usePrinting();
  const asked = new URLSearchParams([
    ...lanes.map((id) => ['ids', id]),
    ['unit', unit],
    ['paper', printing.paper],
    ...(printing.printer ? [['printer', printing.printer.id]] : []),
  ] as [string, string][]).toString();
  return (
    <section className="card" aria-label="The shared card">
      <h2>
        A card of {lanes.length} {lanes.length === 1 ? 'template' : 'templates'}
      </h2>
      <PaperChoice printing={printing} />
      <PrinterChoice printing={printing} />
      <Button type="primary" href={`/api/templates/card.pdf?${asked}`} target="_blank" rel="noreferrer">
        Open the card to print
      </Button>
      <img src={`/api/templates/card.svg?${asked}`} className="card-look" alt="The first page of the shared card" />
    </section>
  );
}
