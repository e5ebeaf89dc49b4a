import { useUnit, type UnitKey } from '../units/unit';

const UNITS: { key: UnitKey; label: string }[] = [
  { key: 'MM', label: 'mm' },
  { key: 'INCH', label: 'inches' },
];

/** Shows the whole screen in mm or inches; what is kept does not change. */
export function UnitSwitch() {
  const { unit, setUnit } = useUnit();
  return (
    <div className="unit-switch" role="group" aria-label="Unit on this screen">
      {UNITS.map(({ key, label }) => (
        <button key={key} type="button" aria-pressed={unit === key} onClick={() => setUnit(key)}>
          {label}
        </button>
      ))}
    </div>
  );
}
