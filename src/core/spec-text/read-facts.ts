import { FACT_KEYS, factDefinition, type FactKey } from '../facts';
import { readAdjusters } from './facts/adjusters';
import { readAntilock } from './facts/antilock';
import { AVOIDED, UNREAL, WANTED } from './link/nobodys';
import { answerBehind, standingIn } from './link/standing';
import type { FactProposal } from './proposal';
import { readTyres } from './text/tyres';
import { gramsOf, mayMatch, neededGrams } from './vocabulary/grams';
import { VOCABULARIES } from './vocabulary/lexicon';
import { worded } from './vocabulary/vocabulary';

const LINE =
  /^\s*(?:[-*•·|]\s*)?([\p{L}][\p{L} ,'’()/-]{1,40}?)\s*(?:[:=\t|]|\s{2,}|\s[-–]\s|\.{3,})\s*(\S.*)$/u;

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

interface Phrase {
  readonly key: FactKey;
  readonly value: string;
  readonly pattern: RegExp;
  /** Runs of letters, one of which stands in whatever it matches. */
  readonly needed: readonly string[] | undefined;
}

/** Phrases by vocabulary, in the order of the vocabularies. */
const PHRASES: readonly (readonly Phrase[])[] = VOCABULARIES.map((v) =>
  v.facts.map(([key, value, pattern]) => ({ key, value, pattern, needed: neededGrams(pattern) })),
);

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
const LABEL_FIRST = /^[^\p{L}]*\p{L}[\p{L} ]{1,28}:\s/u;
const NEXT_LABEL = /(?<=[,;|] )\p{L}[\p{L} ]{1,28}:\s/gu;

/** Cells that say that nothing is said. */
const UNSAID = /^(?:–|—|-|\?|tb[ac]|not (?:known|published|available)|k\.? ?a\.?|n\.? ?c\.?)\.?$/iu;

/** An answer of no behind a question. */
const DENIED = /^s?\?\s*(?:no|nope|nah|nein|non)(?!\p{L})/iu;

const NOT_THERE = /^n\.?\/?a\.?$/iu;

/** A value without what is only wished for: "tiny, would need a tall one". */
function unwished(value: string, own: readonly string[]): string {
  let left = value;
  for (const { from, to, standing } of standingIn(value, own, true))
    if (standing === 'wished') left = left.slice(0, from) + ' '.repeat(to - from) + left.slice(to);
  return left;
}

/** Facts one line states in words, and tyre sizes. `languages`: places of the vocabularies whose phrases are looked for; all by default. `own`: words of the machine's name. Facts of a "label: words" line come before looser phrases. */
export function readFacts(
  line: string,
  offset: number,
  languages?: ReadonlySet<number>,
  own: readonly string[] = [],
): readonly FactProposal[] {
  const made = (key: FactKey, value: string, from: number, to: number): FactProposal => ({
    kind: 'fact',
    key,
    value,
    words: line.slice(from, to).trim(),
    from: offset + from,
    to: offset + to,
    doubts: [],
    ticked: true,
  });
  const found = new Map<FactKey, FactProposal>();
  const atAPrice = new Set<FactKey>();
  for (const { words, at } of labelledIn(line)) {
    const [, name = '', rest = ''] = LINE.exec(words) ?? [];
    if (name === '') continue;
    if (UNSAID.test(rest.trim()) && words === line) return [];
    const from = at + words.indexOf(name);
    for (const { key, options } of labelledAs(name.trim())) {
      if (found.has(key)) continue;
      const none = options.find((o) => o.value === 'none')?.value;
      if (NOT_THERE.test(rest.trim()) && none) {
        // "N/A" nearly always says that there is none; the rider has a look.
        found.set(key, {
          ...made(key, none, from, at + words.length),
          doubts: [{ code: 'close-call', rival: undefined }],
          ticked: false,
        });
        continue;
      }
      const asIs = asItComes(unwished(rest, own));
      const value = asIs === undefined ? undefined : bestOption(options, asIs);
      if (value) found.set(key, made(key, value, from, at + words.length));
      else if (asIs === undefined) atAPrice.add(key);
    }
  }
  const said = new Map<FactKey, FactProposal>();
  const lengths = new Map<FactKey, number>();
  const phrases = PHRASES.flatMap((list, i) =>
    languages === undefined || languages.has(i) ? list : [],
  );
  const grams = gramsOf(line);
  for (const { key, value, pattern, needed } of phrases) {
    if (!mayMatch(needed, grams)) continue;
    const hit = found.has(key) || atAPrice.has(key) ? null : pattern.exec(line);
    // "Carburettor? No, it is injected."
    const match =
      hit && DENIED.test(line.slice(hit.index + hit[0].length, hit.index + hit[0].length + 14))
        ? null
        : hit;
    if (!match) continue;
    // "electric and kick start" says more than "kick start"; "no shaft drive: a chain" tells of a chain.
    const longest = lengths.get(key) ?? 0;
    if (match[0].length <= longest) continue;
    if (key === 'brakeFront' && isOfRear(line.slice(0, match.index))) continue;
    const [told] = asTold(
      {
        ...made(key, value, match.index, match.index + match[0].length),
        // Spokes alone do not say whether there are tubes.
        ...(/^spoked$/iu.test(match[0])
          ? { ticked: false, doubts: [{ code: 'close-call', rival: undefined }] }
          : {}),
      },
      line,
      offset,
      own,
    );
    if (!told) continue;
    said.set(key, told);
    lengths.set(key, match[0].length);
  }
  const adjusted = readAdjusters(line).flatMap(({ key, value, from, to }) =>
    found.has(key) ? [] : asTold(made(key, value, from, to), line, offset, own),
  );
  // What can be switched off, and at which end, is told by more words than an answer or a phrase has.
  const abs = readAntilock(line);
  const known = found.get('abs') ?? said.get('abs');
  const counts =
    abs && (known === undefined || known.value === 'both-off' || known.value === 'fixed');
  const held = counts ? asTold(made('abs', abs.value, abs.from, abs.to), line, offset, own) : [];
  if (held.length > 0) for (const list of [found, said]) list.delete('abs');
  return [
    ...found.values(),
    ...adjusted,
    ...said.values(),
    ...held,
    ...readTyres(line, made),
  ].filter(({ from }) => !isNobodys(line, from - offset));
}

/** "Bremse h.: Einzelscheibe", "rear brake: single disc": of the clause, the rear is named and the front is not. */
function isOfRear(before: string): boolean {
  const clause = /[^,;\n]*$/u.exec(before.slice(-60))?.[0] ?? '';
  return OF_REAR.test(clause) && !OF_FRONT.test(clause);
}
const OF_REAR =
  /(?<!\p{L})(?:rear|back|r|h|hi|ar|post|tras|hint\p{L}*|arrière|posteriore|trasero|atrás|achter(?:rem)?|remmen achter|traseir[ao]|tyln\p{L}*|tył|bak\p{L}*|bag\p{L}*|taka\p{L}*|zadn\p{L}*|vzadu)(?!\p{L})/iu;
const OF_FRONT =
  /(?<!\p{L})(?:front|f|v|vorn\p{L}*|av(?:ant)?|ant|anteriore|del(?:antero)?|voor(?:rem)?|dianteir[ao]|przedn\p{L}*|przód|fram\p{L}*|for(?:an|bremse)?|etu\p{L}*|přední|vpředu)(?!\p{L})/iu;

/** An answer of yes behind a question. */
const ANSWERED_YES =
  /^[^.?!]{0,18}(?<!\p{L})(?:yes|yep|yeah|yup|it (?:does|has|is)|ja|jawohl|oui|s[íì])(?!\p{L})/iu;

/** Where the sentence at a place begins, and its words. */
function sentenceAt(line: string, at: number): { readonly text: string; readonly from: number } {
  const from = Math.max(0, line.slice(0, at).search(/(?<=[.!?]\s)[^.!?]*$/u));
  const end = /[.!?](?=\s|$)/u.exec(line.slice(from));
  return { text: line.slice(from, end ? from + end.index + 1 : undefined), from };
}

/** How far an answer is looked for behind a label, in characters. */
const ANSWER = 40;
const isNot = ({ value }: FactProposal): boolean => value === 'none' || value === 'no';

/** A fact as its sentence tells it: what is wished for, optional or another's is none; what is denied is not there, where a fact has a word for that. */
function asTold(
  fact: FactProposal,
  line: string,
  offset: number,
  own: readonly string[],
): readonly FactProposal[] {
  const { text, from } = sentenceAt(line, fact.from - offset);
  const at = fact.from - offset - from;
  // "Is it tubeless? Spoked, and yes tubeless."
  if (text.endsWith('?') && ANSWERED_YES.test(line.slice(from + text.length))) return [fact];
  const answer = answerBehind(line.slice(fact.to - offset, fact.to - offset + ANSWER));
  if (answer === 'optional') return [];
  if (answer === 'denied')
    return fact.value === 'yes' ? [{ ...fact, value: 'no' }] : isNot(fact) ? [fact] : [];
  const told = standingIn(text, own, true).filter((s) => at >= s.from && at < s.to);
  if (told.length === 0) return [fact];
  if (told.some((s) => s.standing !== 'denied')) return [];
  if (isNot(fact)) return [fact];
  if (fact.value !== 'yes' || !told[0]) return [];
  // Shown with the words that deny it.
  const { cue } = told[0];
  const start = from + Math.min(at, cue.from);
  const end = from + Math.max(at + (fact.to - fact.from), cue.to);
  const words = line.slice(start, end).trim();
  return [{ ...fact, value: 'no', words, from: offset + start, to: offset + end }];
}

/** Whether the sentence at a place tells of what somebody wishes for, or of no machine at all. */
function isNobodys(line: string, at: number): boolean {
  const { text } = sentenceAt(line, at);
  return [WANTED, UNREAL, AVOIDED].some((pattern) => pattern.test(text));
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
const AT_A_PRICE =
  /(?<!\p{L})(?:option(?:al(?:ly)?|nel(?:le)?|s)?|opt\.?|extra cost|at extra|accessor(?:y|ies)|accessoires?|accesorios?|dealer[- ]fit(?:ted)?|(?:gegen )?aufpreis(?:pflichtig)?|zubehör|a richiesta|opzionale|opcional(?:es)?|optioneel|tillval)(?!\p{L})/iu;

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
