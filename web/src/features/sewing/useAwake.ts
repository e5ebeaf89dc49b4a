import { useEffect } from 'react';

/** Keeps the screen on while the work is on it, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = () => {
      if (document.visibilityState === 'visible') {
        navigator.wakeLock?.request('screen').then(
          (held) => {
            if (left) {
              void held.release();
            } else {
              lock = held;
            }
          },
          () => undefined,
        );
      }
    };
    hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
