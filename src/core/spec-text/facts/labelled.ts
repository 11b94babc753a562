import { spelt } from '../vocabulary/letters';
import { FACT_KEYS, factDefinition, type FactKey } from '../../facts';
import { standingIn } from '../link/standing';
import type { FactProposal } from '../proposal';
import { VOCABULARIES } from '../vocabulary/lexicon';
import { worded } from '../vocabulary/vocabulary';
import { asked, type Made } from './made';

const LINE = spelt(
  /^\s*(?:[-*•·|]\s*)?([\p{L}][\p{L} ,'’()/-]{1,40}?)\s*(?:[:=\t|]|\s{2,}|\s[-–]\s|\.{3,})\s*(\S.*)$/u,
);

interface LabelledFact {
  readonly key: FactKey;
  readonly label: RegExp;
  readonly options: readonly { readonly value: string; readonly pattern: RegExp }[];
}

const LABELLED: readonly LabelledFact[] = VOCABULARIES.flatMap((v) =>
  FACT_KEYS.flatMap((key) => {
    const row = v.factLabels[key];
    return row && factDefinition(key).kind === 'choice'
      ? [
          {
            key,
            label: new RegExp(`^(?:${row.labels})$`, 'iu'),
            options: Object.entries(row.options ?? {}).map(([value, words]) => ({
              value,
              pattern: worded(words),
            })),
          },
        ]
      : [];
  }),
);

/** Labels of facts by their words, as far as they were asked for. */
const byName = new Map<string, readonly LabelledFact[]>();
const MOST_NAMES = 4000;
function labelledAs(name: string): readonly LabelledFact[] {
  const known = byName.get(name);
  if (known) return known;
  // "ABS: sì, disinseribile": in whichever language an answer says most.
  const byKey = new Map<FactKey, LabelledFact>();
  for (const l of LABELLED)
    if (l.label.test(name)) {
      const known = byKey.get(l.key);
      byKey.set(l.key, known ? { ...known, options: [...known.options, ...l.options] } : l);
    }
  const found = [...byKey.values()];
  if (byName.size < MOST_NAMES) byName.set(name, found);
  return found;
}

/** Facts that no other kind of thing is said to have. */
const OURS_ALONE: ReadonlySet<FactKey> = new Set([
  'ridingModes',
  'rimLocks',
  'absStaysOff',
  'tractionControl',
  'shockRebuildable',
  'underEngine',
]);

/** Whether a "label: words" line states a fact that only motorcycles have. */
export function statesOurFact(line: string): boolean {
  const [, name = '', rest = ''] = LINE.exec(line) ?? [];
  return labelledAs(name.trim()).some(
    ({ key, options }) => OURS_ALONE.has(key) && bestOption(options, rest) !== undefined,
  );
}

/** "ABS: none, Cooling: liquid, Final drive: shaft": each label with what stands behind it; else the line as it is. */
function labelledIn(line: string): readonly { readonly words: string; readonly at: number }[] {
  const starts = [...line.matchAll(NEXT_LABEL)].map(({ index }) => index);
  return starts.length === 0 || !LABEL_FIRST.test(line)
    ? [{ words: line, at: 0 }]
    : [0, ...starts].map((at, i, all) => ({
        words: line.slice(at, all[i + 1] ?? line.length).replace(/[,;|]\s*$/u, ''),
        at,
      }));
}
const LABEL_FIRST = spelt(/^[^\p{L}]*\p{L}[\p{L} ]{1,28}:\s/u);
const NEXT_LABEL = spelt(/(?<=[,;|] )\p{L}[\p{L} ]{1,28}:\s/gu);

/** Cells that say that nothing is said. */
const UNSAID = /^(?:–|—|-|\?|tb[ac]|not (?:known|published|available)|k\.? ?a\.?|n\.? ?c\.?)\.?$/iu;

const NOT_THERE = /^n\.?\/?a\.?$/iu;

/** A value without what is only wished for: "tiny, would need a tall one". */
function unwished(value: string, own: readonly string[]): string {
  let left = value;
  for (const { from, to, standing } of standingIn(value, own, true))
    if (standing === 'wished') left = left.slice(0, from) + ' '.repeat(to - from) + left.slice(to);
  return left;
}

/** Facts of "label: words" in a line, and those that are only had for more money; `undefined` of a line that says that nothing is said. */
export function labelledFacts(
  line: string,
  own: readonly string[],
  made: Made,
):
  | { readonly found: Map<FactKey, FactProposal>; readonly atAPrice: ReadonlySet<FactKey> }
  | undefined {
  const found = new Map<FactKey, FactProposal>();
  const atAPrice = new Set<FactKey>();
  for (const { words, at } of labelledIn(line)) {
    const [, name = '', rest = ''] = LINE.exec(words) ?? [];
    if (name === '') continue;
    if (UNSAID.test(rest.trim()) && words === line) return undefined;
    const from = at + words.indexOf(name);
    for (const { key, options } of labelledAs(name.trim())) {
      if (found.has(key)) continue;
      const none = options.find((o) => o.value === 'none')?.value;
      if (NOT_THERE.test(rest.trim()) && none) {
        // "N/A" nearly always says that there is none; the rider has a look.
        found.set(key, asked(made(key, none, from, at + words.length)));
        continue;
      }
      const asIs = asItComes(unwished(rest, own));
      const value = asIs === undefined ? undefined : bestOption(options, asIs);
      if (value) found.set(key, made(key, value, from, at + words.length));
      else if (asIs === undefined) atAPrice.add(key);
    }
  }
  return { found, atAPrice };
}

/** The option that the words name: the longest of those that match, so that "spoked, tubeless" beats "spoked". */
function bestOption(
  options: readonly { readonly value: string; readonly pattern: RegExp }[],
  words: string,
): string | undefined {
  let best: { readonly value: string; readonly length: number } | undefined;
  for (const { value, pattern } of options) {
    const length = pattern.exec(words)?.[0].length;
    if (length !== undefined && (!best || length > best.length)) best = { value, length };
  }
  return best?.value;
}

/** Words of what is had for more money; common usage, no source. */
const AT_A_PRICE = spelt(
  /(?<!\p{L})(?:option(?:al(?:ly)?|nel(?:le)?|s)?|opt\.?|extra cost|at extra|accessor(?:y|ies)|accessoires?|accesorios?|dealer[- ]fit(?:ted)?|(?:gegen )?aufpreis(?:pflichtig)?|zubehör|a richiesta|opzionale|opcional(?:es)?|optioneel|tillval)(?!\p{L})/iu,
);

/** "Plastic (alloy optional)": plastic. What of an answer is said of the machine as it comes; `undefined` where nothing is. */
function asItComes(words: string): string | undefined {
  if (!AT_A_PRICE.test(words)) return words;
  const alone = /^\s*\(?[^\p{L}]*$/u;
  const brackets = words.match(/\([^)]*\)?/gu) ?? [];
  const isSaidOfAll = brackets.some(
    (b) => AT_A_PRICE.test(b) && alone.test(b.replace(AT_A_PRICE, '')),
  );
  if (isSaidOfAll) return undefined;
  const left = words
    .replace(/\([^)]*\)?/gu, (b) => (AT_A_PRICE.test(b) ? '' : b))
    .split(/[,;/]/u)
    .filter((piece) => piece.trim() !== '' && !AT_A_PRICE.test(piece))
    .join(',');
  return left.trim() === '' ? undefined : left;
}

/** Whether a cell only says that something is had for more money: nothing is told of the machine as it comes. */
export const isAtAPrice = (words: string): boolean =>
  asItComes(words) === undefined || /^\s*[○◯]\s*$/u.test(words);

/** The option of a fact that some words name; `undefined` when they name none. */
export function readFactValue(key: FactKey, words: string): string | undefined {
  const asIs = asItComes(words);
  return asIs === undefined
    ? undefined
    : bestOption(
        LABELLED.filter((l) => l.key === key).flatMap((l) => l.options),
        asIs,
      );
}
