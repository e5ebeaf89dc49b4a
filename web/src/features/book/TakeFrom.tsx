import type { DrawerKey, ThingView } from '../../api/client';
import { useThings } from '../../api/drawers';
import { SelectField } from '../../ui/choices';

interface Props {
  drawer: DrawerKey;
  label: string;
  /** Whether a thing is what the book is planned with now. */
  is: (thing: ThingView) => boolean;
  take: (thing: ThingView) => void;
}

/** Takes something out of a drawer into the book; what the book then knows of it is its own. */
export function TakeFrom({ drawer, label, is, take }: Props) {
  const things = useThings(drawer)?.things ?? [];
  return (
    <SelectField
      label={label}
      value={things.find(is)?.id ?? ''}
      options={[
        { value: '', label: 'not from the drawer' },
        ...things.map((thing) => ({ value: thing.id, label: thing.name })),
      ]}
      choose={(id) => {
        const thing = things.find((one) => one.id === id);
        if (thing) {
          take(thing);
        }
      }}
    />
  );
}
