import { LABEL_ENTRIES, type LabelTarget } from './labels';

export interface Label {
  readonly target: LabelTarget;
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

const ANY_LABEL = new RegExp(
  `(?<![\\p{L}])(?:${LABEL_ENTRIES.map((e) => e.words).join('|')})(?![\\p{L}])`,
  'giu',
);
const exact = LABEL_ENTRIES.map(({ target, words }) => ({
  target,
  pattern: new RegExp(`^(?:${words})$`, 'iu'),
}));
const seen = new Map<string, LabelTarget | undefined>();

/** What a label's words may stand for. */
export function labelTarget(text: string): LabelTarget | undefined {
  const word = text.toLowerCase();
  if (!seen.has(word)) seen.set(word, exact.find((e) => e.pattern.test(word))?.target);
  return seen.get(word);
}

/** Every label of one line, in order; the longest wins where several begin. */
export const scanLabels = (line: string): readonly Label[] =>
  [...line.matchAll(ANY_LABEL)].flatMap((match) => {
    const target = labelTarget(match[0]);
    return target
      ? [{ target, text: match[0], from: match.index, to: match.index + match[0].length }]
      : [];
  });

export interface SideWord {
  readonly side: 'front' | 'rear';
  readonly from: number;
  readonly to: number;
}

const SIDE = /(?<!\p{L})(?:(front|fork|fr\.)|(rear|back|shock))(?!\p{L})/giu;

export const scanSides = (line: string): readonly SideWord[] =>
  [...line.matchAll(SIDE)].map((m) => ({
    side: m[1] ? 'front' : 'rear',
    from: m.index,
    to: m.index + m[0].length,
  }));
