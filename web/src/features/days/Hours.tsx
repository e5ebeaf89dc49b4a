import { Button } from 'antd';
import type { DaysView, HoursDocument } from '../../api/client';
import { TypedField } from '../../ui/TypedField';
import { readHours, shownHours, WEEK } from './hourText';
import { readWhole } from '../../ui/whole';

interface Props {
  view: DaysView;
  keep: (hours: HoursDocument) => Promise<string | null>;
}

/** When there is a hand at the bench, and how much can lie at once. */
export function Hours({ view, keep }: Props) {
  const { hours } = view;
  const number = (text: string, take: (read: number) => HoursDocument) => {
    const read = readWhole(text, 4);
    return read === null ? Promise.resolve(`Read “${text.trim()}”; a whole number is wanted.`) : keep(take(read));
  };
  const off = async (text: string) => {
    const days = text.split(/[\s,;]+/).filter((day) => day !== '');
    return keep({ ...hours, off: days });
  };
  return (
    <section aria-label="Hours at the bench" className="bench-hours">
      <h2>Hours at the bench</h2>
      <p className="days-note">
        {view.told
          ? `Times are those of ${view.zone}. Glue and weights go on through the night.`
          : 'Nobody said yet when you are at the bench: it is planned with these evenings. Change them to yours.'}
      </p>
      <div className="bench-hours-week">
        {WEEK.map(({ day, name }) => (
          <TypedField
            key={day}
            label={name}
            shown={shownHours(hours, day)}
            empty="none"
            take={async (text) => {
              const read = readHours(hours, day, text);
              return typeof read === 'string' ? read : keep(read);
            }}
          />
        ))}
      </div>
      <div className="bench-hours-more">
        <TypedField
          label="Books under a weight at once"
          shown={String(hours.presses)}
          take={(text) => number(text, (presses) => ({ ...hours, presses }))}
        />
        <TypedField
          label="Pairs of pressing boards"
          shown={String(hours.boards)}
          take={(text) => number(text, (boards) => ({ ...hours, boards }))}
        />
        <TypedField label="Days off" shown={hours.off.join(', ')} empty="as 2026-12-24, 2026-12-25" take={off} />
      </div>
      {view.told && hours.off.length > 0 && (
        <Button size="small" onClick={() => void keep({ ...hours, off: hours.off.filter((day) => day >= view.today) })}>
          Forget days off that are past
        </Button>
      )}
    </section>
  );
}
