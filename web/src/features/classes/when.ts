const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });

/** A day and a time as they are said: 12 December 2026 at 14:00. */
export function said(begins: string): string {
  const typed = begins.slice(0, 10);
  const day = new Date(typed);
  return Number.isNaN(day.getTime()) ? begins : dayAndTime(begins).replace(typed, DAY.format(day));
}

/** A day and a time as they are typed. */
export function dayAndTime(begins: string): string {
  const [day, time] = begins.split('T');
  return time ? `${day} at ${time.slice(0, 5)}` : (day ?? '');
}

/** What was typed of a day and a time, as it is sent: nothing where nothing was, as it stands where it cannot be read. */
export function sent(typed: string): string | undefined {
  const text = typed.trim().replace(/\s+(at\s+)?/, 'T');
  return text === '' ? undefined : text;
}
