export type LabelForm = 'SLIPS' | 'SMALL' | 'LARGE' | 'ADDRESS';

/** How labels lie on a sheet, by the paper there are sheets of. */
export const FORMS: Record<'A4' | 'LETTER', { value: LabelForm; label: string }[]> = {
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
