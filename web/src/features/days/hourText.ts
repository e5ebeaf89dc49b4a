import type { HoursDocument } from '../../api/client';

type Day = HoursDocument['week'][number]['day'];

export const WEEK: readonly { day: Day; name: string }[] = [
  { day: 'MONDAY', name: 'Monday' },
  { day: 'TUESDAY', name: 'Tuesday' },
  { day: 'WEDNESDAY', name: 'Wednesday' },
  { day: 'THURSDAY', name: 'Thursday' },
  { day: 'FRIDAY', name: 'Friday' },
  { day: 'SATURDAY', name: 'Saturday' },
  { day: 'SUNDAY', name: 'Sunday' },
];

/** The hours of a day as they are typed: 14:00-16:00, 19:00-21:00. */
export function shownHours(hours: HoursDocument, day: Day): string {
  return hours.week
    .filter((span) => span.day === day)
    .map((span) => `${span.from}–${span.to}`)
    .join(', ');
}

/** The hours with those of one day as typed, or one line about what is wanted. Minutes may be left out: 19-21:30. */
export function readHours(hours: HoursDocument, day: Day, text: string): HoursDocument | string {
  const spans: HoursDocument['week'] = [];
  for (const part of text.split(/[,;]/)) {
    const typed = part.trim();
    if (typed === '' || typed.toLowerCase() === 'none') {
      continue;
    }
    const read = /^(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?$/.exec(typed);
    if (!read) {
      return `Read “${typed}”; hours as 19:00–21:00 are wanted.`;
    }
    const [, from = '', fromMinutes = '00', to = '', toMinutes = '00'] = read;
    spans.push({
      day,
      from: `${from.padStart(2, '0')}:${fromMinutes}`,
      to: `${to.padStart(2, '0')}:${toMinutes}`,
    });
  }
  return { ...hours, week: [...hours.week.filter((span) => span.day !== day), ...spans] };
}
