import { describe, expect, test } from 'vitest';
import { calendarText, laterDays } from '@/features/trials/ask-again';

describe('asked again', () => {
  test('a week and thirty days later, over the end of a month and of February', () => {
    expect(laterDays('2026-11-27')).toEqual({ week: '2026-12-04', month: '2026-12-27' });
    expect(laterDays('2028-02-25')).toEqual({ week: '2028-03-03', month: '2028-03-26' });
    expect(laterDays('2027-02-25')).toEqual({ week: '2027-03-04', month: '2027-03-27' });
  });
  test('no day, no dates', () => {
    expect(laterDays('soon')).toBeUndefined();
    expect(laterDays('')).toBeUndefined();
  });
  test('a calendar file as RFC 5545 has it: whole days, lines ended by both marks, commas and semicolons escaped', () => {
    const text = calendarText(
      'Plover 300; red, lowered',
      { week: '2026-12-04', month: '2026-12-27' },
      '20261127T020000Z',
    );
    const lines = text.split('\r\n');
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines.at(-2)).toBe('END:VCALENDAR');
    expect(text.replaceAll('\r\n', '')).not.toContain('\n');
    expect(lines.filter((l) => l === 'BEGIN:VEVENT')).toHaveLength(2);
    expect(lines).toContain('DTSTART;VALUE=DATE:20261204');
    expect(lines).toContain('DTSTART;VALUE=DATE:20261227');
    expect(lines).toContain(
      'SUMMARY:Plover 300\\; red\\, lowered: the same questions after a week',
    );
    const ids = lines.filter((l) => l.startsWith('UID:'));
    expect(new Set(ids).size).toBe(2);
    for (const line of lines) expect(line.length).toBeLessThanOrEqual(75 + 40);
  });
});
