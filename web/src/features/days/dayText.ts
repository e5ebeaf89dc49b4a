const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const NAMES = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** A day as 2026-12-18, as it is shown: Fri 18 Dec 2026. */
export function shownDay(day: string): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const name = NAMES[new Date(Date.UTC(year, month - 1, date)).getUTCDay()];
  const monthName = MONTHS[month - 1] ?? '';
  return `${name} ${date} ${monthName.charAt(0).toUpperCase()}${monthName.slice(1)} ${year}`;
}

/**
 * The day that was typed, as 2026-12-18: 18 Dec, 18.12., 18 December 2026, 2026-12-18. Without a year it is the next such day.
 *
 * @returns nothing where it is none
 */
export function readDay(text: string, today: string): string | null {
  const typed = text.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  if (iso) {
    return real(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  }
  const dotted = /^(\d{1,2})\.(\d{1,2})\.?(\d{4})?$/.exec(typed);
  if (dotted) {
    return next(Number(dotted[1]), Number(dotted[2]), dotted[3], today);
  }
  const named = /^(?:[a-z]{3,9},? )?(\d{1,2})\.? ([a-z]{3,9})(?: (\d{4}))?$/.exec(typed);
  const month = named ? MONTHS.indexOf((named[2] ?? '').slice(0, 3)) + 1 : 0;
  return named && month > 0 ? next(Number(named[1]), month, named[3], today) : null;
}

function next(date: number, month: number, year: string | undefined, today: string): string | null {
  if (year) {
    return real(Number(year), month, date);
  }
  const now = Number(today.slice(0, 4));
  const sooner = real(now, month, date);
  return sooner !== null && sooner >= today ? sooner : (real(now + 1, month, date) ?? sooner);
}

/** Nothing where there is no such day, as the 30th of February. */
function real(year: number, month: number, date: number): string | null {
  const day = new Date(Date.UTC(year, month - 1, date));
  const same = day.getUTCFullYear() === year && day.getUTCMonth() === month - 1 && day.getUTCDate() === date;
  return same ? day.toISOString().slice(0, 10) : null;
}
