import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { api, value, type CorrectionView, type SheetView } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { FewChoice } from '../../../ui/Choice';
import { Told, Waiting } from '../../../ui/Told';
import { Measure } from '../../../units/Measure';
import { keptPaper, keepPaper, type PrintPaper } from '../printPaper';
import { StageFrame } from '../StageFrame';
import { PrinterBars } from './PrinterBars';

/** What will come out of the printer, at true size, and what the last print taught about the printer. */
export function TemplateStage() {
  const { state } = useSession();
  const { id, version } = state.view;
  const client = useQueryClient();
  const [paper, choose] = useState<PrintPaper>(keptPaper);
  const sheet = useQuery({
    queryKey: ['template', id, version, paper],
    queryFn: () => value(api.GET('/api/books/{id}/template', { params: { path: { id }, query: { paper } } })),
  });
  const printer = useQuery({ queryKey: ['printer'], queryFn: () => value(api.GET('/api/printer')) });
  const corrected = async (correction: CorrectionView) => {
    client.setQueryData(['printer'], correction);
    await client.invalidateQueries({ queryKey: ['template'] });
  };
  const address = (format: string, more = '') => `/api/books/${id}/template.${format}?paper=${paper}${more}`;
  return (
    <StageFrame
      stage="TEMPLATE"
      choices={
        <>
          <FewChoice
            label="Printed on"
            value={paper}
            options={[
              { value: 'A4', label: 'A4' },
              { value: 'LETTER', label: 'letter' },
            ]}
            choose={(chosen) => {
              keepPaper(chosen);
              choose(chosen);
            }}
          />
          <p className="template-print">
            <Button type="primary" href={address('pdf')} target="_blank" rel="noreferrer">
              Open the PDF to print
            </Button>
            <Button size="small" href={address('svg', '&save=true')}>
              Save page 1 as SVG
            </Button>
          </p>
          <p className="field-help">Print at 100 %, not fitted to the page.</p>
          {sheet.data && printer.data && (
            <PrinterBars sheet={sheet.data} printer={printer.data} corrected={corrected} />
          )}
        </>
      }
      drawing={(width, height) => (
        <>
          {sheet.isPending && <Waiting what="Drawing the sheet" />}
          {sheet.isError && <Told message={sheet.error.message} again={() => void sheet.refetch()} />}
          {sheet.data && (
            <Preview
              sheet={sheet.data}
              address={(page) => address('svg', `&page=${page}`)}
              width={width}
              height={height}
            />
          )}
        </>
      )}
    />
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
  return (
    <figure className="template-page">
      <img
        src={`${address(page)}&as=${sheet.fingerprint}`}
        width={sheet.paperWidthMm * scale}
        height={sheet.paperHeightMm * scale}
        alt={`Page ${page} of the template sheet: the fold strip with its stations, check bars and notes`}
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
