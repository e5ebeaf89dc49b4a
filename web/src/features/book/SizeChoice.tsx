import type { Catalogue } from '../../api/client';
import { SelectField } from '../../ui/choices';

interface Props {
  label: string;
  sizes: Catalogue['sizes'];
  widthMm: number;
  heightMm: number;
  choose: (size: Catalogue['sizes'][number]) => void;
}

const OWN = 'own';
/** A size is a standard one when both its edges are, to within this. */
const SAME_MM = 0.5;

/** A standard size, or one of the binder's own. */
export function SizeChoice({ label, sizes, widthMm, heightMm, choose }: Props) {
  const now = sizes.find(
    (size) => Math.abs(size.widthMm - widthMm) < SAME_MM && Math.abs(size.heightMm - heightMm) < SAME_MM,
  );
  return (
    <SelectField
      label={label}
      value={now?.name ?? OWN}
      options={[...sizes.map((size) => ({ value: size.name, label: size.name })), { value: OWN, label: 'own size' }]}
      choose={(name) => {
        const size = sizes.find((one) => one.name === name);
        if (size) {
          choose(size);
        }
      }}
    />
  );
}
