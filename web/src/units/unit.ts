import { createContext, useContext } from 'react';
import { keep, kept } from '../browser/kept';

export type UnitKey = 'MM' | 'INCH';

/** A text that the server wrote in both units. */
export interface Both {
  mm: string;
  inch: string;
}

export interface UnitChoice {
  unit: UnitKey;
  setUnit: (unit: UnitKey) => void;
}

export const UnitContext = createContext<UnitChoice>({ unit: 'MM', setUnit: () => undefined });

/** The unit of this screen. */
export function useUnit(): UnitChoice {
  return useContext(UnitContext);
}

/** Picks the text of the screen's unit. */
export function useWords(): (both: Both) => string {
  const { unit } = useUnit();
  return (both) => (unit === 'MM' ? both.mm : both.inch);
}

const KEPT = 'itomichi.unit';

export function keptUnit(): UnitKey {
  return kept(KEPT) === 'INCH' ? 'INCH' : 'MM';
}

export function keepUnit(unit: UnitKey): void {
  keep(KEPT, unit);
}
