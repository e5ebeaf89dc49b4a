import type { FocusEvent } from 'react';

/** Brings what is gone to by the keys wholly into its row: a browser leaves what is seen by a few letters as it is. */
export function reveal({ currentTarget }: FocusEvent<HTMLElement>) {
  if (currentTarget.matches(':focus-visible')) {
    currentTarget.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }
}
