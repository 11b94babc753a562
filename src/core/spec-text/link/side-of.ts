import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';
import { gapOf } from './relation';

export type Side = 'front' | 'rear';

/** "220 mm at both ends". */
export const BOTH_ENDS =
  /^[^,;.\d]{0,22}(?:, )?(?:both ends|las dos|les deux|tutte e due|alle beide|an beiden enden|beiden enden|beide enden|each end|at either end|aan beide kanten|em ambas|nas duas|fram och bak|front and (?:rear|back)|each end|at both|v(?:orn)?(?:e)? und hinten|avant et arrière|devant (?:comme|et) derrière|avant comme arrière|vorn(?:e)? wie hinten|delante y detrás|davanti e dietro|fram och bak|voor en achter|przód i tył|z przodu i z tyłu|à frente e atrás|dianteira e traseira|foran og bak|for og bag|foran og bagpå|delante y atrás|(?:en )?(?:los dos|ambos) ejes|(?:su )?entrambi|(?:sur )?les deux (?:axes|roues)|em ambos|molemmissa päissä|vpředu i vzadu|anteriore e posteriore|F ?[&+/] ?R\b)/iu;

interface SideWord {
  readonly side: Side;
  readonly from: number;
  readonly to: number;
}

export const sidesOf = (mentions: readonly Mention[]): readonly SideWord[] =>
  mentions.flatMap((m) =>
    m.meanings.flatMap((x) =>
      x.kind === 'side'
        ? [{ side: x.side, from: m.from, to: m.to }]
        : x.kind === 'label' && /(?:Front|Rear)$/.test(x.name)
          ? [
              {
                side: x.name.endsWith('Front') ? ('front' as const) : ('rear' as const),
                from: m.from,
                to: m.to,
              },
            ]
          : [],
    ),
  );

/** Travel front and rear differ little; a fork's tube and its travel do. Own assumption. */
const alike = (a: Quantity, b: Quantity): boolean => {
  const ratio = (a.amounts[0] ?? 1) / (b.amounts[0] ?? 1);
  return ratio > 0.7 && ratio < 1.43;
};

/** What is lost by a side behind a comma and an "and" that opens the clause of another figure. */
const OPENS_NEXT = 6;

/** "(150 mm travel), mono (150 mm)": in characters. */
const NEXT_TO = 3;

/** "230 mm of travel, and at the back a single shock with 215": that back is the next figure's. */
const opensNext = (text: string, word: SideWord, gap: string, all: readonly Quantity[]): boolean =>
  all.some(
    (o) =>
      o.from >= word.to &&
      !/[,;.]/.test(text.slice(word.to, o.from)) &&
      (/, ?(?:and|while|with|then) |, (?:the|its|das|die|der|le|la|il|el) $/iu.test(gap) ||
        (/,/.test(gap) && o.from - word.to <= NEXT_TO)),
  );

/** "210 mm / 8.3 in (front)": the same length again, in another unit. */
const TWIN = /^\s?[/(=]\s?\d[\d.,]* ?(?:mm|cm|in\.?|inch(?:es)?|["″])\)?/iu;

/** Front or rear: the order of a list, else the nearest word that says so, else the heading above. */
export function sideOf(
  text: string,
  index: number,
  all: readonly Quantity[],
  sides: readonly SideWord[],
  heading: Side | undefined,
): Side {
  const q = all[index];
  if (!q) return 'front';
  const mate = (j: number) => {
    const other = all[j];
    if (!other) return false;
    const [a, b] = j < index ? [other, q] : [q, other];
    return (
      (q.listed && other.listed && /^\s*\/\s*$/.test(text.slice(a.to, b.from))) ||
      ((a.unit === b.unit || a.unit === undefined) &&
        alike(a, b) &&
        /^\s*(?:\/|,|and|&|und|et|y|e)\s*$/iu.test(text.slice(a.to, b.from)))
    );
  };
  if (BOTH_ENDS.test(text.slice(q.to, q.to + 48))) return 'front';
  if (mate(index - 1) || mate(index + 1)) {
    const order = sides.slice(0, 2).map((s) => s.side);
    const [one, two] =
      order.length === 2 && order[0] !== order[1]
        ? [order[0] ?? 'front', order[1] ?? 'rear']
        : (['front', 'rear'] as const);
    return mate(index + 1) && !mate(index - 1) ? one : two;
  }
  const paired = sideInTurn(text, index, all, sides) ?? sideBeforeEach(text, index, all, sides);
  if (paired) return paired;
  let best: { side: Side; distance: number } | undefined;
  for (const word of sides) {
    const before = word.to <= q.from;
    const gapText = before
      ? text.slice(word.to, q.from)
      : text.slice(q.to, word.from).replace(TWIN, '');
    const gap = gapOf(gapText);
    const distance =
      gap.words +
      gap.plain * 0.4 +
      gap.commas * 3 +
      gap.joiners * 2 +
      (gapText.match(/\d+/g)?.length ?? 0) * 2 +
      (before ? 0 : 0.7) +
      (!before && opensNext(text, word, gapText, all) ? OPENS_NEXT : 0);
    if (!best || distance < best.distance) best = { side: word.side, distance };
  }
  return best?.side ?? heading ?? 'front';
}

/** "230 mm at the front and 220 mm at the rear": each of two alike has its own end right behind it. */
function sideInTurn(
  text: string,
  index: number,
  all: readonly Quantity[],
  sides: readonly SideWord[],
): Side | undefined {
  // "21 x 2.15 in front": a size by two measures is one.
  const nextOf = (i: number) => (all[i]?.product === 0 ? i + 2 : i + 1);
  const lastOf = (i: number) => (all[i - 1]?.product === 1 ? i - 2 : i - 1);
  const behind = (i: number): Side | undefined => {
    const end = all[nextOf(i) - 1];
    const to = all[nextOf(i)]?.from ?? text.length;
    if (!end) return undefined;
    const letter = LETTER.exec(text.slice(end.to, to))?.[1];
    if (letter !== undefined) return /^(?:F|V|AV)/u.test(letter) ? 'front' : 'rear';
    return sides.find(
      (w) => w.from >= end.to && w.to <= to && CLOSE.test(text.slice(end.to, w.from)),
    )?.side;
  };
  const own = behind(index);
  const q = all[index];
  const inTurn = [lastOf(index), nextOf(index)].some((i) => {
    const other = all[i];
    const side = i < 0 ? undefined : behind(i);
    return (
      q && other && side !== undefined && side !== own && other.unit === q.unit && alike(other, q)
    );
  });
  return own !== undefined && inTurn ? own : undefined;
}

/** "Forcella da 43 mm, corsa 200 mm, monoammortizzatore, corsa 190 mm": each of two alike has its own end before it. */
function sideBeforeEach(
  text: string,
  index: number,
  all: readonly Quantity[],
  sides: readonly SideWord[],
): Side | undefined {
  const q = all[index];
  if (!q) return undefined;
  const partner = (from: number, step: 1 | -1): Quantity | undefined => {
    for (let i = from + step; i >= 0 && i < all.length; i += step) {
      const other = all[i];
      if (other && other.unit === q.unit && alike(other, q)) return other;
    }
    return undefined;
  };
  const next = partner(index, 1);
  const [one, two] = next ? [q, next] : [partner(index, -1), q];
  if (!one || !two || sides.some((w) => w.from >= two.to)) return undefined;
  const first = sides.findLast((w) => w.to <= one.from);
  const between = sides.filter((w) => w.from >= one.to && w.to <= two.from);
  const [second] = between;
  return first &&
    second &&
    between.length === 1 &&
    first.side !== second.side &&
    /[,;]/.test(text.slice(one.to, second.from))
    ? (q === one ? first : second).side
    : undefined;
}

/** "250mm F / 240mm R": a letter for an end. */
const LETTER = spelt(/^ ?\(?(F|R|V|H|AV|AR)(?:\.|(?![\p{L}\d]))/u);

/** A word or two that join an end to its figure. */
const CLOSE = spelt(/^[\s\p{L}'’(]{0,14}$/u);

/** Whether nothing says which end: no word of its own, no list, no heading, so that {@link sideOf} only carries on. */
export function sideUnsaid(
  text: string,
  index: number,
  all: readonly Quantity[],
  sides: readonly SideWord[],
): boolean {
  const q = all[index];
  if (!q || q.listed) return false;
  const [before, next] = [all[index - 1], all[index + 1]];
  const from = before?.to ?? 0;
  const to = next?.from ?? text.length;
  // The figure before has another unit and its own side word; nothing stands beside this one.
  return (
    before !== undefined &&
    before.unit !== q.unit &&
    sides.length > 0 &&
    !sides.some((w) => w.from >= from && w.to <= to && !/[,;]/.test(gapTo(text, w, q)))
  );
}

const gapTo = (text: string, w: SideWord, q: Quantity): string =>
  w.to <= q.from ? text.slice(w.to, q.from) : text.slice(q.to, w.from);
