import { useState } from 'react';
import { SelectField } from './choices';
import { PaperChoice, PrinterChoice, usePrinting } from './PrinterChoice';

type LabelForm = 'SLIPS' | 'SMALL' | 'LARGE' | 'ADDRESS';

/** How labels lie on a sheet, by the paper there are sheets of. */
const FORMS: Record<'A4' | 'LETTER', { value: LabelForm; label: string }[]> = {
  A4: [
    { value: 'SLIPS', label: 'slips to cut apart' },
    { value: 'SMALL', label: '3 × 8 labels, 70 × 37 mm' },
    { value: 'LARGE', label: '2 × 7 labels, 99.1 × 38.1 mm' },
  ],
  LETTER: [
    { value: 'SLIPS', label: 'slips to cut apart' },
    { value: 'ADDRESS', label: '3 × 10 labels, 2 5/8 × 1 in' },
  ],
};

/** How labels are printed: their form, the paper, the printer; and that as part of an address. */
export function useLabels() {
  const printing = usePrinting();
  const [chosen, setForm] = useState<LabelForm>('SLIPS');
  const forms = FORMS[printing.paper];
  const form = forms.some((one) => one.value === chosen) ? chosen : 'SLIPS';
  const query = new URLSearchParams({ form, paper: printing.paper });
  if (printing.printer) {
    query.set('printer', printing.printer.id);
  }
  return { printing, forms, form, setForm, query: query.toString() };
}

/** What is chosen of that. */
export function LabelChoice({ labels }: { labels: ReturnType<typeof useLabels> }) {
  return (
    <>
      <PaperChoice printing={labels.printing} />
      <SelectField label="Labels on" value={labels.form} options={labels.forms} choose={labels.setForm} />
      <PrinterChoice printing={labels.printing} />
    </>
  );
}
