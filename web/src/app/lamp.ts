import { createContext, useContext, useMemo, useState } from 'react';

export interface Lamp {
  evening: boolean;
  setEvening: (evening: boolean) => void;
}

const KEPT = 'itomichi.evening';

function kept(): boolean {
  try {
    const said = localStorage.getItem(KEPT);
    return said === null ? window.matchMedia('(prefers-color-scheme: dark)').matches : said === 'yes';
  } catch {
    return false;
  }
}

/** Daylight or lamplight; as the machine has it until it is chosen. */
export function useLampKept(): Lamp {
  const [evening, set] = useState(kept);
  return useMemo(
    () => ({
      evening,
      setEvening: (chosen: boolean) => {
        set(chosen);
        try {
          localStorage.setItem(KEPT, chosen ? 'yes' : 'no');
        } catch {
          // chosen for this window only
        }
      },
    }),
    [evening],
  );
}

export const LampContext = createContext<Lamp>({ evening: false, setEvening: () => undefined });

export function useLamp(): Lamp {
  return useContext(LampContext);
}
