import { downloadFile } from '@/store/tables';

/** ISO days a week and a month (30 days) after a day; nothing where it is no day. */
export function laterDays(
  on: string,
): { readonly week: string; readonly month: string } | undefined {
  const at = Date.parse(`${on}T12:00:00Z`);
  if (Number.isNaN(at)) return undefined;
  const after = (days: number) => new Date(at + days * 86_400_000).toISOString().slice(0, 10);
  return { week: after(7), month: after(30) };
}

const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

/** Both days as a calendar file (RFC 5545): whole days, nobody invited. */
export function calendarText(
  name: string,
  days: { readonly week: string; readonly month: string },
  stamp: string,
): string {
  const event = (day: string, words: string) => [
    'BEGIN:VEVENT',
    `UID:${day}-${encodeURIComponent(name).slice(0, 40)}@jugator`,
    `DTSTAMP:${stamp}`,
    `DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`,
    `SUMMARY:${escaped(words)}`,
    'END:VEVENT',
  ];
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Jugator//Trials//EN',
    ...event(days.week, `${name}: the same questions after a week`),
    ...event(days.month, `${name}: the same questions after a month`),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
}

export function askAgainFile(
  name: string,
  days: { readonly week: string; readonly month: string },
): void {
  const stamp = new Date().toISOString().replace(/[-:]|\.\d+/g, '');
  downloadFile(
    new Blob([calendarText(name, days, stamp)], { type: 'text/calendar' }),
    'ask-again.ics',
  );
}
