import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { isCurrency, isUnitId, convert, unitEntry } from '@/core/units';

/** What a careful person finds: a figure with its unit and, where the words say, its basis; or a fact. */
export interface Expected {
  readonly key: string;
  readonly value?: string | undefined;
  readonly amount?: number | undefined;
  readonly unit?: string | undefined;
  readonly basis?: string | undefined;
}

export interface ExpectedMachine {
  /** maker, model, year, odometer, sale as noted with @. */
  readonly notes: Readonly<Record<string, string>>;
  readonly things: readonly Expected[];
}

export interface CorpusText {
  readonly half: 'tune' | 'held';
  readonly kind: string;
  readonly file: string;
  readonly name: string;
  readonly text: string;
  readonly machines: readonly ExpectedMachine[];
  /** What it says may be read in several ways: only wrong ticks are counted. */
  readonly open: boolean;
}

/** What a reader proposes, as far as it is scored. */
export interface Offered {
  readonly kind: 'figure' | 'fact';
  readonly key: string;
  readonly value?: string;
  readonly amount?: number;
  readonly unit?: string;
  readonly basis?: string;
  readonly ticked: boolean;
  readonly words: string;
}

export interface Score {
  readonly wanted: number;
  readonly found: number;
  readonly offered: number;
  readonly right: number;
  readonly ticked: number;
  readonly wrongTicked: number;
}

/** One half of the corpus, all kinds, in the order of the files. */
export function corpus(
  half: 'tune' | 'held',
  root = path.resolve('test/corpus'),
): readonly CorpusText[] {
  return readdirSync(path.join(root, half))
    .sort()
    .flatMap((file) =>
      readFileSync(path.join(root, half, file), 'utf8')
        .split(/^=== /m)
        .slice(1)
        .map((block) => parsed(block, half, file)),
    );
}

function parsed(block: string, half: 'tune' | 'held', file: string): CorpusText {
  const [name = '', ...rest] = block.split('\n');
  const cut = rest.lastIndexOf('---');
  const machines: { notes: Record<string, string>; things: Expected[] }[] = [
    { notes: {}, things: [] },
  ];
  for (const line of rest.slice(cut + 1).filter((l) => l.trim())) {
    const [word = '', ...words] = line.trim().split(' ');
    if (word === '@machine') machines.push({ notes: {}, things: [] });
    else if (word.startsWith('@')) machines.at(-1)!.notes[word.slice(1)] = words.join(' ');
    else machines.at(-1)!.things.push(expectedOf(word, words));
  }
  return {
    half,
    kind: file.replace(/(?:-\d+)?\.txt$/, ''),
    file,
    name,
    text: rest.slice(0, cut).join('\n'),
    machines,
    open: machines[0]?.notes.any !== undefined,
  };
}

const expectedOf = (key: string, words: readonly string[]): Expected =>
  words[1] !== undefined && isUnitId(words[1])
    ? { key, amount: Number(words[0]), unit: words[1], basis: words[2] }
    : { key, value: words.join(' ') };

const WITHIN = 0.011;

/** Whether an offer says what was expected: the same figure within rounding, and the basis where the text says it. */
export function agrees(offer: Offered, wanted: Expected): boolean {
  if (offer.key !== wanted.key) return false;
  if (wanted.value !== undefined)
    return offer.value?.replace(/\s/g, '') === wanted.value.replace(/\s/g, '');
  if (wanted.basis !== undefined && offer.basis !== wanted.basis) return false;
  const { unit, amount } = offer;
  if (unit === undefined || amount === undefined || !isUnitId(unit) || !isUnitId(wanted.unit ?? ''))
    return false;
  const target = wanted.unit as typeof unit;
  if (isCurrency(unit) || isCurrency(target)) return unit === target && amount === wanted.amount;
  return (
    unitEntry(unit).dimension === unitEntry(target).dimension &&
    Math.abs(convert(amount, unit, target) / (wanted.amount ?? 1) - 1) <= WITHIN
  );
}

/** Counts one text, machine by machine; `tell` hears of what is missing and what is wrong. */
export function scored(
  text: CorpusText,
  machines: readonly (readonly Offered[])[],
  tell: (line: string) => void = () => undefined,
): Score {
  const score = { wanted: 0, found: 0, offered: 0, right: 0, ticked: 0, wrongTicked: 0 };
  const count = Math.max(machines.length, text.machines.length);
  for (let i = 0; i < count; i += 1) {
    const offers = machines[i] ?? [];
    const wanted = text.open ? [] : (text.machines[i]?.things ?? []);
    for (const thing of wanted) {
      score.wanted += 1;
      if (offers.some((o) => agrees(o, thing))) score.found += 1;
      else
        tell(
          `  missing ${[thing.key, thing.value ?? thing.amount, thing.unit, thing.basis].join(' ')}`,
        );
    }
    for (const offer of offers) {
      if (text.open && !offer.ticked) continue;
      const right = wanted.some((w) => agrees(offer, w));
      score.offered += 1;
      if (right) score.right += 1;
      if (offer.ticked) score.ticked += 1;
      if (offer.ticked && !right) score.wrongTicked += 1;
      if (!right)
        tell(
          `  ${offer.ticked ? 'WRONG' : 'wrong'} ${[offer.key, offer.value ?? offer.amount, offer.unit, offer.basis].join(' ')} “${offer.words}”`,
        );
    }
  }
  return score;
}

export const sum = (scores: readonly Score[]): Score =>
  scores.reduce(
    (a, b) => ({
      wanted: a.wanted + b.wanted,
      found: a.found + b.found,
      offered: a.offered + b.offered,
      right: a.right + b.right,
      ticked: a.ticked + b.ticked,
      wrongTicked: a.wrongTicked + b.wrongTicked,
    }),
    { wanted: 0, found: 0, offered: 0, right: 0, ticked: 0, wrongTicked: 0 },
  );
