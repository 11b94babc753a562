'use client';
import type { TextMark } from './MarkedText';
import type { PasteLine, PasteModel } from './use-paste';
import { inSentence, listWords } from '@/ui/messages';

export const marksOf = (paste: PasteModel): readonly TextMark[] =>
  paste.sheets.flatMap((s) => [
    ...s.lines.map(
      (l): TextMark => ({
        id: l.id,
        from: l.proposal.from,
        to: l.proposal.to,
        tone: l.on && s.on ? 'taken' : 'left',
      }),
    ),
    ...s.passedOver.map(
      (p): TextMark => ({
        id: `passed-${p.from}`,
        from: p.from,
        to: p.to,
        tone: 'passed',
      }),
    ),
  ]);
const NAMED_LEFT = 4;
/** Figures of which nothing is ticked: whoever enters the rest goes without them. */
export function leftOutOf({ sheets }: PasteModel): string {
  const names = sheets
    .filter((s) => s.on)
    .flatMap((s) => {
      const taken = new Set(s.lines.filter((l) => l.on).map((l) => l.proposal.key));
      return s.lines.filter((l) => !taken.has(l.proposal.key)).map((l) => l.proposal.key);
    });
  const list = [...new Set(names)].map((key) => inSentence(key));
  const more = list.length - NAMED_LEFT;
  return `${list.slice(0, NAMED_LEFT).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

/** The first line: what was found, what wants a look, and what the text decided as a whole. */
export function foundWords({ text, reading, read, sheets }: PasteModel): string {
  const lines = sheets.flatMap((s) => s.lines);
  if (text.trim() === '') return 'Nothing pasted yet.';
  if (lines.length === 0 && reading) return 'Reading …';
  if (lines.length === 0) return 'No figures found: this reads like no sheet.';
  const look = lines.filter((l) => !l.on).length;
  const machines = sheets.length > 1 ? ` of ${sheets.length} machines` : '';
  const gallons =
    read.gallon &&
    lines.some((l) => l.proposal.kind === 'figure' && /gal|mpg/.test(l.proposal.unit))
      ? ` Gallons and mpg are ${read.gallon === 'us' ? 'US' : 'imperial'}${read.countryBy.length > 0 ? `, by “${read.countryBy.slice(0, 2).join('”, “')}”` : ''}.`
      : '';
  const cut =
    read.leftOut > 0
      ? ` The text is too long: its last ${read.leftOut} characters were not read.`
      : '';
  return `${lines.length} found${machines}${look > 0 ? `, ${look} to look at` : ''}.${gallons}${cut}`;
}

/** What one press ticks: figures that only their units name, where hardly anything else can be meant. */
export const onlyOnesWords = (lines: readonly PasteLine[]): string =>
  `Tick what can hardly be anything else: ${listWords(lines.map(({ proposal: p }) => `${inSentence(p.key)} “${p.words}”`))}`;
