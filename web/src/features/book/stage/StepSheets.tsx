import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, value } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { SelectField } from '../../../ui/choices';

type Paper = 'A4' | 'LETTER';

/** The sewing on paper: a few moves to a picture, to be printed, or page by page as drawings. */
export function StepSheets() {
  const { view } = useSession().state;
  const [paper, setPaper] = useState<Paper>('A4');
  const path = { id: view.id };
  const sheet = useQuery({
    queryKey: ['step-sheet', view.id, view.version, paper],
    queryFn: () => value(api.GET('/api/books/{id}/steps', { params: { path, query: { paper } } })),
    refetchInterval: false,
  });
  const pages = sheet.data?.pages ?? 0;
  return (
    <div className="step-sheets">
      <h2 className="sew-notation-name">On paper</h2>
      <SelectField
        label="Printed on"
        value={paper}
        options={[
          { value: 'A4', label: 'A4' },
          { value: 'LETTER', label: 'letter' },
        ]}
        choose={setPaper}
      />
      <p>
        <a href={`/api/books/${view.id}/steps.pdf?paper=${paper}`} target="_blank" rel="noreferrer">
          Print the step sheet
        </a>
        {pages > 0 && ` (${pages} ${pages === 1 ? 'page' : 'pages'})`}
      </p>
      {pages > 0 && (
        <p className="step-svgs">
          As SVG:{' '}
          {Array.from({ length: pages }, (_, i) => (
            <a
              key={i}
              href={`/api/books/${view.id}/steps.svg?paper=${paper}&page=${i + 1}&save=true`}
              download
              aria-label={`Page ${i + 1} as SVG`}
            >
              {i + 1}
            </a>
          ))}
        </p>
      )}
    </div>
  );
}
