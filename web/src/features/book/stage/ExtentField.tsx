import type { BookDocument } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { SelectField } from '../../../ui/choices';
import { CountField } from '../fields';

type By = BookDocument['extent']['by'];

const WORDS: Record<By, { name: string; what: string }> = {
  PAGES: { name: 'Pages', what: 'pages' },
  LEAVES: { name: 'Leaves', what: 'leaves' },
  SHEETS: { name: 'Sheets', what: 'sheets' },
};

/** How long the book is to be, counted as the binder counts it. */
export function ExtentField() {
  const { session, state } = useSession();
  const { extent } = state.document;
  const { plan } = state;
  return (
    <>
      <div className="field-pair">
        <CountField
          label={WORDS[extent.by].name}
          field="extent.number"
          what={WORDS[extent.by].what}
          value={extent.number}
          edit={(d, number) => ({ ...d, extent: { ...d.extent, number } })}
        />
        <SelectField
          label="Counted in"
          value={extent.by}
          options={(Object.keys(WORDS) as By[]).map((by) => ({ value: by, label: WORDS[by].what }))}
          choose={(by) =>
            session.change(`counted in ${by.toLowerCase()}`, (d) => ({ ...d, extent: { ...d.extent, by } }))
          }
        />
      </div>
      <p className="field-help extent-help">
        {plan.sheets} {plan.sheets === 1 ? 'sheet' : 'sheets'}, {plan.pages} pages
        {plan.blanks && `; ${plan.blanks} blank`}
      </p>
    </>
  );
}
