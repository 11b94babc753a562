import type { UnitId } from '../../units';
import { UNIT_FORMS, type TextUnit } from './unit-forms';

export type { TextUnit };

const FORMS = (Object.entries(UNIT_FORMS) as [TextUnit, readonly string[]][])
  .flatMap(([unit, forms]) => forms.map((form) => ({ unit, form })))
  .sort((a, b) => b.form.length - a.form.length);

/** Source of a pattern that matches one written unit, longest first; it must end where the word ends. */
export const UNIT_SOURCE = `(?:${FORMS.map((f) => f.form).join('|')})(?![\\p{L}\\d]|(?<!mm|kg)³)`;

const EXACT = FORMS.map(({ unit, form }) => ({ unit, pattern: new RegExp(`^${form}$`, 'iu') }));
const seen = new Map<string, TextUnit | undefined>();
const DOLLARS: readonly UnitId[] = ['USD', 'AUD', 'CAD', 'NZD'];

/** The unit a matched form stands for. A dollar sign before a sum and a country's code behind it are one unit. */
export function writtenUnit(text: string, behind?: string): TextUnit | undefined {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/[\s\u00a0\u202f]+/g, ' ');
  if (behind !== undefined) {
    const code = writtenUnit(behind);
    if (code === 'other-money' || DOLLARS.includes(code as UnitId)) return code;
  }
  if (!seen.has(word)) seen.set(word, EXACT.find((f) => f.pattern.test(word))?.unit);
  return seen.get(word);
}
