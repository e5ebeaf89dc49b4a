import { TypedField } from '../../ui/TypedField';
import { readDay, shownDay } from './dayText';

interface Props {
  label: string;
  labelUnseen?: boolean;
  /** As 2026-12-24; nothing where none is told. */
  day: string | null;
  today: string;
  take: (day: string | null) => Promise<string | null>;
}

/** A day as it is typed; emptied, there is none. */
export function DayField({ label, labelUnseen, day, today, take }: Props) {
  return (
    <TypedField
      label={label}
      labelUnseen={labelUnseen ?? false}
      shown={day ? shownDay(day) : ''}
      empty="no day"
      take={async (text) => {
        const typed = text.trim();
        if (typed === '') {
          return take(null);
        }
        const read = readDay(typed, today);
        return read ? take(read) : `Read “${typed}”; a day as 18 Dec is wanted.`;
      }}
    />
  );
}
