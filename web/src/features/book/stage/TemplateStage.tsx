import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { api, value, type SheetView, type TemplateKind } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { Segmented } from '../../../ui/choices';
import { PaperChoice, PrinterChoice, usePrinting } from '../../../ui/PrinterChoice';
import { ErrorNote, Waiting } from '../../../ui/ErrorNote';
import { Measure } from '../../../units/Measure';
import { StageFrame } from '../StageFrame';
import { FittingTemplates } from './template/FittingTemplates';
import { PrinterBars } from './template/PrinterBars';
import { PunchingList } from './template/PunchingList';
import './template/template.css';

const ON_COVERS: TemplateKind[] = ['SPINE_GRID', 'COVER'];
const MOST_CARDS = 40;

/** What will come out of the printer, at true size; what is punched by it; what of it is kept. */
export function TemplateStage() {
  const { state } = useSession();
  const { id, version } = state.view;
  const client = useQueryClient();
  const printing = usePrinting();
  const [kinds, setKinds] = useState<TemplateKind[]>([]);
  const [inside, setInside] = useState(false);
  const [cards, setCards] = useState(1);
  const [full, setFull] = useState(false);
  const { paper, printer } = printing;
  const query = { kinds, inside, cards, full, paper, ...(printer ? { printer: printer.id } : {}) };
  const sheet = useQuery({
    queryKey: ['template', id, version, query],
    queryFn: () => value(api.GET('/api/books/{id}/template', { params: { path: { id }, query } })),
    enabled: printer !== undefined,
    placeholderData: (before) => before,
  });
  const asked = new URLSearchParams([
    ...kinds.map((kind) => ['kinds', kind]),
    ['inside', String(inside)],
    ['cards', String(cards)],
    ['full', String(full)],
    ['paper', paper],
    ...(printer ? [['printer', printer.id]] : []),
  ] as [string, string][]).toString();
  const address = (file: string) => `/api/books/${id}/${file}?${asked}`;
  // what was just chosen is shown before the server has drawn it
  const taken = kinds.length > 0 ? kinds : (sheet.data?.taken ?? []);
  return (
    <StageFrame
      stage="TEMPLATE"
      choices={
        <>
          {sheet.data && <Kinds sheet={sheet.data} taken={taken} choose={setKinds} />}
          {taken.some((kind) => ON_COVERS.includes(kind)) && (
            <Segmented
              label="The cover is seen"
              value={inside ? 'inside' : 'outside'}
              options={[
                { value: 'outside', label: 'from outside' },
                { value: 'inside', label: 'from inside' },
              ]}
              choose={(look) => setInside(look === 'inside')}
            />
          )}
          {taken.includes('PRICKING_CARD') && (
            <p className="acts" role="group" aria-label="Pricking cards">
              <Button size="small" disabled={cards <= 1} onClick={() => setCards(cards - 1)} aria-label="One card less">
                −
              </Button>
              <span>
                {cards} pricking {cards === 1 ? 'card' : 'cards'}
              </span>
              <Button
                size="small"
                disabled={cards >= MOST_CARDS}
                onClick={() => setCards(cards + 1)}
                aria-label="One card more"
              >
                +
              </Button>
            </p>
          )}
          {state.document.use.copies > 1 && (
            <Checkbox checked={full} onChange={(event) => setFull(event.target.checked)}>
              as often as the sheet has room
            </Checkbox>
          )}
          <PaperChoice printing={printing} />
          <PrinterChoice printing={printing} />
          <p className="template-print">
            <Button
              type="primary"
              href={address(printer?.simulated ? 'template-print.pdf' : 'template.pdf')}
              target="_blank"
              rel="noreferrer"
            >
              {printer?.simulated ? 'Print on the simulated printer' : 'Open the PDF to print'}
            </Button>
          </p>
          <p className="field-help">Print at 100 %, not fitted to the page.</p>
          <p className="template-print">
            <Button size="small" href={address('template-cut.svg')}>
              Save SVG
            </Button>
            <Button size="small" href={address('template-cut.dxf')}>
              Save DXF
            </Button>
            <span className="field-help">for a machine that cuts: true size, not corrected</span>
          </p>
          {sheet.data && printer && (
            <PrinterBars
              key={printer.id}
              sheet={sheet.data}
              printer={printer}
              corrected={async () => {
                await client.invalidateQueries({ queryKey: ['printers'] });
                await client.invalidateQueries({ queryKey: ['template'] });
              }}
            />
          )}
        </>
      }
      drawing={(width, height) => (
        <>
          {sheet.isPending && <Waiting what="Drawing the sheet" />}
          {sheet.isError && <ErrorNote message={sheet.error.message} again={() => void sheet.refetch()} />}
          {sheet.data && (
            <Preview
              sheet={sheet.data}
              address={(page) => `${address('template.svg')}&page=${page}`}
              width={width}
              height={height}
            />
          )}
        </>
      )}
      below={
        <>
          <PunchingList />
          <FittingTemplates />
        </>
      }
    />
  );
}

interface KindsProps {
  sheet: SheetView;
  taken: TemplateKind[];
  choose: (kinds: TemplateKind[]) => void;
}

/** The templates that serve this book; at least one is printed. */
function Kinds({ sheet, taken, choose }: KindsProps) {
  const toggle = (kind: TemplateKind, on: boolean) => {
    const next = sheet.kinds.map((one) => one.kind).filter((one) => (one === kind ? on : taken.includes(one)));
    if (next.length > 0) {
      choose(next);
    }
  };
  return (
    <fieldset className="kinds">
      <legend className="field-name">On the sheet</legend>
      {sheet.kinds.map(({ kind, words }) => (
        <Checkbox
          key={kind}
          checked={taken.includes(kind)}
          disabled={taken.length === 1 && taken[0] === kind}
          onChange={(event) => toggle(kind, event.target.checked)}
        >
          {words}
        </Checkbox>
      ))}
    </fieldset>
  );
}

interface PreviewProps {
  sheet: SheetView;
  address: (page: number) => string;
  width: number;
  height: number;
}

/** The very drawing that is printed, one page at a time. */
function Preview({ sheet, address, width, height }: PreviewProps) {
  const [chosen, setChosen] = useState(1);
  const page = Math.min(chosen, sheet.pages);
  const scale = Math.min((width - 40) / sheet.paperWidthMm, (height - 60) / sheet.paperHeightMm);
  const names = sheet.kinds.filter((one) => sheet.taken.includes(one.kind)).map((one) => one.words);
  return (
    <figure className="template-page">
      <img
        src={`${address(page)}&as=${encodeURIComponent(sheet.fingerprint)}`}
        width={sheet.paperWidthMm * scale}
        height={sheet.paperHeightMm * scale}
        alt={`Page ${page} of the template sheet: ${names.join(', ')}, check bars and notes`}
      />
      <figcaption>
        {sheet.pages > 1 && (
          <>
            <Button size="small" disabled={page === 1} onClick={() => setChosen(page - 1)}>
              Page before
            </Button>
            <span>
              Page {page} of {sheet.pages}
            </span>
            <Button size="small" disabled={page === sheet.pages} onClick={() => setChosen(page + 1)}>
              Page after
            </Button>
          </>
        )}
        {sheet.pages === 1 && (
          <span>
            One page; check bars of <Measure of={sheet.checkBar} />
          </span>
        )}
      </figcaption>
    </figure>
  );
}
