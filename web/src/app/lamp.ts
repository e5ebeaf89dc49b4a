import { createContext, useContext, useMemo, useState } from 'react';
import { keep, kept } from '../browser/kept';

export interface Lamp {
  evening: boolean;
  setEvening: (evening: boolean) => void;
}

const KEPT = 'itomichi.evening';

function keptEvening(): boolean {
  const said = kept(KEPT);
  return said === null ? window.matchMedia('(prefers-color-scheme: dark)').matches : said === 'yes';
}

/** Daylight or lamplight; as the machine has it until it is chosen. */
export function useLampKept(): Lamp {
  const [evening, setEvening] = useState(keptEvening);
  return useMemo(
    () => ({
      evening,
      setEvening: (chosen: boolean) => {
        setEvening(chosen);
        keep(KEPT, chosen ? 'yes' : 'no');
      },
    }),
    [evening],
  );
}

export const LampContext = createContext<Lamp>({ evening: false, setEvening: () => undefined });

export function useLamp(): Lamp {
  return useContext(LampContext);
}
