import { api, outcome, type Unit } from './client';

/** A length as it was typed, read by the server; without a unit it is in this one. */
export function readLength(text: string, unit: Unit) {
  return outcome(api.POST('/api/reading/length', { body: { text, unit } }));
}
