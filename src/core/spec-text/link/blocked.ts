import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';
import {
  besideStock,
  isBeforeThenEvery,
  isFill,
  isFirstCheck,
  isOfPart,
  isOwnSprocket,
  isStock,
} from './changed';
import { isWeighedWith } from './fuel-aboard';
import { changedFrom, grewIn, RESTRICTS } from './guards/changes';
import { whyElsewhere } from './guards/elsewhere';
import type { BlockedBy } from './guards/guard';
import { isMoney, isPower } from './guards/kinds';
import { noiseIn } from './guards/noise';
import { whyNoFigure } from './guards/numbers';
import { whyNobodys, whyNoMachines } from './guards/others';
import {
  AVOIDED,
  isOfLetters,
  MODIFIED,
  NEXT_ONE,
  OF_WHICH,
  PACKED,
  UNREAL,
  WANTED,
} from './nobodys';
import { isSumWhenNew } from './price/when-new';
import { scopesOfOthers } from './scopes-of-others';
import { standingIn } from './standing';

const GEARED = spelt(
  /(?<!\p{L})(?:chain|sprockets?|gearing|final drive|kette|chaîne|catena|cadena|primary)(?!\p{L})/iu,
);

/** The number of the machine's own name: "the Heide 580 weighs …"; "seat 850" is none, whatever it was taken for. */
const isOfName = (
  text: string,
  q: Quantity,
  own: readonly string[],
  mentions: readonly Mention[],
): boolean =>
  own.includes(text.slice(q.from, q.to).toLowerCase()) &&
  own.some((w) => /\p{L}{3}$/u.test(w) && text.slice(0, q.from).toLowerCase().endsWith(`${w} `)) &&
  !mentions.some((m) => m.to === q.from - 1);

/** "Lowest seat: Porrig 400, 795 mm": a label, then the machine that its number is of. */
const NAMED_BEFORE = spelt(
  /: ?(?:the )?(\p{Lu}\p{L}{2,}(?: \p{Lu}?\p{L}+)?) (\d{2,4}\p{Lu}?)(?: \p{Lu}{1,2})?, ?$/u,
);
function isOfNamedBefore(before: string, own: readonly string[]): boolean {
  const [, words = '', number = ''] = NAMED_BEFORE.exec(before) ?? [];
  const isOwn = (word: string) => own.includes(word.toLowerCase());
  return number !== '' && own.length > 0 && !isOwn(number) && !words.split(' ').some(isOwn);
}

/** A question about any machine, and not about this one: "which has more than 20 litres?" */
const asksForAny = (text: string): boolean =>
  /\?\s*$/.test(text) &&
  !/(?<!\p{L}|can )you(?:['’]re)? get(?:ting)?(?!\p{L})[^?]* for(?!\p{L})/iu.test(text) &&
  /(?<!\p{L})(?:which|what|any|anyone|looking for|welche|quelle|qual)(?!\p{L})/iu.test(text);

/** Quantities said of nothing, of another machine, or of what a part or a lower price made of it; and why. */
export function blockedIn(
  text: string,
  quantities: readonly Quantity[],
  mentions: readonly Mention[],
  list: boolean,
  owned = false,
  own: readonly string[] = [],
  ofAnother: (index: number) => boolean = () => false,
): ReadonlyMap<number, BlockedBy> {
  const found = new Map<number, BlockedBy>();
  if (quantities.length === 0) return found;
  // "Chain 520, 15:45" are teeth, and no time of the day.
  const geared = GEARED.test(text);
  const noise = noiseIn(text).filter(
    ([a, b]) => !(geared && /^\d{1,2}:\d{2}$/.test(text.slice(a, b))),
  );
  const scopes = scopesOfOthers(text, mentions, list, own);
  const wanted =
    asksForAny(text) ||
    WANTED.test(text) ||
    UNREAL.test(text) ||
    PACKED.test(text) ||
    AVOIDED.test(text) ||
    (owned && NEXT_ONE.test(text));
  const restricts = RESTRICTS.test(text);
  // "No six speed gearbox" is told as a fact is.
  const standing = standingIn(
    text,
    own,
    quantities.some((q) => q.unit === 'gears'),
  );
  const [noFigure, elsewhere, nobodys, noMachines] = [
    whyNoFigure(text),
    whyElsewhere(text),
    whyNobodys(text),
    whyNoMachines(text),
  ];
  const grew = grewIn(text, quantities);
  const modified = MODIFIED.test(text);
  for (const i of besideStock(text, quantities)) found.set(i, 'changed');

  /** What the words around a number say, whatever it is told of. */
  const byItself = (q: Quantity): BlockedBy | undefined =>
    isFill(text, q)
      ? 'changed'
      : isWeighedWith(text, q, quantities) ||
          (q.unit === undefined && isOfName(text, q, own, mentions))
        ? 'noise'
        : isOfPart(text, q) ||
            ((isMoney(q, text) || q.unit === undefined) && isSumWhenNew(text, q, quantities)) ||
            (modified && !isStock(text, q)) ||
            isOwnSprocket(text, q)
          ? 'changed'
          : q.unit === 'other-money'
            ? 'currency-unknown'
            : undefined;
  /** What its place in the sentence says of a number that nothing at it speaks against. */
  const byItsPlace = (q: Quantity, i: number): BlockedBy | undefined => {
    if (noise.some(([a, b]) => q.from < b && q.to > a)) return 'noise';
    if (q.changed !== undefined) {
      if (grew(q.changed === 'is-old' ? i : i - 1))
        return q.changed === 'is-old' ? 'other-machine' : undefined;
      return (q.changed === 'is-new') !== isMoney(q, text) && !(isPower(q) && restricts)
        ? 'changed'
        : undefined;
    }
    if (
      isFirstCheck(text, q) ||
      isBeforeThenEvery(text, q) ||
      OF_WHICH.test(text.slice(q.to, q.to + 60))
    )
      return 'changed';
    if (
      wanted ||
      isOfNamedBefore(text.slice(Math.max(0, q.from - 60), q.from), own) ||
      ofAnother(i) ||
      isOfLetters(text.slice(Math.max(0, q.from - 70), q.from), own) ||
      scopes.some(([a, b]) => q.from >= a && q.from < b)
    )
      return 'other-machine';
    const anothers = (isStock(text, q) ? undefined : nobodys(q)) ?? noMachines(q);
    if (anothers) return anothers;
    const told = standing.find(
      (x) =>
        q.from >= x.from &&
        q.from < x.to &&
        !(x.factsOnly && q.unit !== 'gears') &&
        !(x.sparesMoney && isMoney(q, text)),
    )?.standing;
    if (told === 'changed') return isPower(q) && restricts ? undefined : 'changed';
    return told === undefined ? undefined : 'other-machine';
  };

  quantities.forEach((q, i) => {
    for (const [at, by] of changedFrom(text, quantities, i, grew)) found.set(at, by);
    const by =
      noFigure(q) ?? elsewhere(q) ?? byItself(q) ?? (found.has(i) ? undefined : byItsPlace(q, i));
    if (by !== undefined) found.set(i, by);
  });
  return found;
}
