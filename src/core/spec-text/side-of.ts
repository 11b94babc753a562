import { AFTER_COSTS, COMMA_COSTS, commas, dimensionOf } from './gap-words';
import type { SideWord } from './scan-labels';
import type { Quantity } from './scan-quantities';

/** Front or rear: the nearest word that says so, else the order of two figures, else the heading above. */
export function sideOf(
  line: string,
  quantity: Quantity,
  index: number,
  all: readonly Quantity[],
  sides: readonly SideWord[],
  heading: SideWord['side'] | undefined,
): SideWord['side'] {
  const dimension = dimensionOf(quantity.unit);
  const mate = (j: number) => {
    const other = all[j];
    return (
      other &&
      (quantity.listed
        ? other.listed
        : dimensionOf(other.unit) === dimension &&
          /^\s*(?:\/|,|and|&)\s*$/iu.test(
            line.slice(Math.min(other.to, quantity.to), Math.max(other.from, quantity.from)),
          ))
    );
  };
  if (mate(index - 1) || mate(index + 1)) {
    const order = sides.slice(0, 2).map((s) => s.side);
    const [one, two] =
      order.length === 2 && order[0] !== order[1]
        ? [order[0] ?? 'front', order[1] ?? 'rear']
        : (['front', 'rear'] as const);
    return mate(index + 1) && !mate(index - 1) ? one : two;
  }
  let best: { side: SideWord['side']; distance: number } | undefined;
  for (const word of sides) {
    const before = word.to <= quantity.from;
    const gap = before ? line.slice(word.to, quantity.from) : line.slice(quantity.to, word.from);
    const distance =
      gap.length +
      commas(gap) * COMMA_COSTS +
      (gap.match(/\d+/g)?.length ?? 0) * 12 +
      (before ? 0 : AFTER_COSTS);
    if (!best || distance < best.distance) best = { side: word.side, distance };
  }
  return best?.side ?? heading ?? 'front';
}
