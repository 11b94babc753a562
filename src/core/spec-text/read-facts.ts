import { FACT_KEYS, factDefinition, type FactKey } from '../facts';
import { parseTyre } from '../tyre';
import { FACT_LABELS, FACT_PHRASES } from './fact-words';
import type { FactProposal } from './proposal';

const TYRE =
  /(?<![\d/])(?:\d{2,3}\s?\/\s?\d{2,3}\s?(?:-|–|R|ZR|B| R | ZR | B | - |M\/C )\s?\d{2}|\d[.,]\d{2}\s?(?:-|–|R|B)\s?\d{2}|M[HJMNRTUV]\d{2}\s?[-B]\s?\d{2})(?!\d)(?:\s?(?:M\/C\s?)?\d{2}[JKLMNPQRSTUHVW](?![\p{L}\d]))?/giu;
const LINE = /^\s*([\p{L}][\p{L} ,'’-]{1,34}?)\s*(?:[:=\t|]|\s{2,}|\s[-–]\s)\s*(\S.*)$/u;

const whole = (words: string) => new RegExp(`^(?:${words})$`, 'iu');
const LABELLED = FACT_KEYS.filter((key) => factDefinition(key).kind === 'choice').map((key) => ({
  key,
  label: whole(FACT_LABELS[key].labels),
  options: Object.entries(FACT_LABELS[key].options).map(([value, words]) => ({
    value,
    pattern: new RegExp(`(?<!\\p{L})(?:${words})(?!\\p{L})`, 'iu'),
  })),
}));

/** Facts one line states in words, and tyre sizes. Facts of a "label: words" line come before looser phrases. */
export function readFacts(line: string, offset: number): readonly FactProposal[] {
  const made = (key: FactKey, value: string, from: number, to: number): FactProposal => ({
    kind: 'fact',
    key,
    value,
    words: line.slice(from, to).trim(),
    from: offset + from,
    to: offset + to,
    doubts: [],
  });
  const tyres = readTyres(line, made);
  const labelled = LINE.exec(line);
  if (labelled) {
    const [, name = '', rest = ''] = labelled;
    for (const { key, label, options } of LABELLED) {
      if (!label.test(name.trim())) continue;
      const hit = options.find((o) => o.pattern.test(rest));
      if (hit) return [made(key, hit.value, line.indexOf(name), line.length), ...tyres];
    }
  }
  const found = new Map<FactKey, FactProposal>();
  for (const [key, value, pattern] of FACT_PHRASES) {
    const match = found.has(key) ? null : pattern.exec(line);
    if (match) found.set(key, made(key, value, match.index, match.index + match[0].length));
  }
  return [...found.values(), ...tyres];
}

/** The option of a fact that some words name; `undefined` when they name none. */
export const readFactValue = (key: FactKey, words: string): string | undefined =>
  LABELLED.find((l) => l.key === key)?.options.find((o) => o.pattern.test(words))?.value;

function readTyres(
  line: string,
  made: (key: FactKey, value: string, from: number, to: number) => FactProposal,
): readonly FactProposal[] {
  const sizes = [...line.matchAll(TYRE)].filter((m) => parseTyre(m[0]));
  return sizes.slice(0, 2).map((match, i) => {
    const before = line.slice(Math.max(0, match.index - 60), match.index);
    const after = line.slice(match.index + match[0].length, match.index + match[0].length + 12);
    const said =
      /(?:front|(rear))(?![\s\S]*(?:front|rear))/iu.exec(before) ??
      /^\s*\(?(?:front|(rear))/iu.exec(after);
    const rear = said
      ? said[1] !== undefined
      : sizes.length > 1
        ? i === 1
        : (parseTyre(match[0])?.width_mm ?? 0) >= 110;
    return made(
      sizes.length > 1 &&
        i === 1 &&
        said &&
        !/rear|front/iu.test(line.slice(sizes[0]?.index ?? 0, match.index))
        ? 'tyreRear'
        : rear
          ? 'tyreRear'
          : 'tyreFront',
      match[0].replace(/\s+/g, ' '),
      match.index,
      match.index + match[0].length,
    );
  });
}

/** The line with its tyre sizes blanked out, so that their digits are read as nothing else. Length stays. */
export const withoutTyres = (line: string): string =>
  line.replace(TYRE, (size) => (parseTyre(size) ? ' '.repeat(size.length) : size));
