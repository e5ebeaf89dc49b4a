/** A day and a time as they are said. */
export function dayAndTime(begins: string): string {
  const [day, time] = begins.split('T');
  return time ? `${day} at ${time.slice(0, 5)}` : (day ?? '');
}

/** What was typed of a day and a time, as it is sent: nothing where nothing was, as it stands where it cannot be read. */
export function sent(typed: string): string | undefined {
  const text = typed.trim().replace(/\s+(at\s+)?/, 'T');
  return text === '' ? undefined : text;
}
