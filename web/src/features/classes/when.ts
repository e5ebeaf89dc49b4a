const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** A day and a time as they are said: 12 December 2026 at 14:00. */
export function said(begins: string): string {
  const [year, month, day] = begins.slice(0, 10).split('-').map(Number);
  const name = month && MONTHS[month - 1];
  return year && name && day ? dayAndTime(begins).replace(begins.slice(0, 10), `${day} ${name} ${year}`) : begins;
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
