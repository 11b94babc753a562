import type { DonorFigures, FigureKey, Origin, Reading } from '@/core/readings';
import { figureDefinition, type Basis } from '@/core/readings';
import type { UnitId } from '@/core/units';

/** amount, unit, origin, note, basis (the figure's first where left out) */
export type Quote = readonly [
  amount: number,
  unit: UnitId,
  origin: Origin,
  note: string,
  basis?: Basis,
];

/** Readings with steady ids, so that the example is the same on every machine. One quote or several a figure. */
export function quoted(
  donorId: string,
  quotes: { readonly [K in FigureKey]?: Quote | readonly Quote[] },
): DonorFigures {
  const isOne = (q: Quote | readonly Quote[]): q is Quote => typeof q[0] === 'number';
  return Object.fromEntries(
    (Object.entries(quotes) as [FigureKey, Quote | readonly Quote[]][]).map(([key, given]) => {
      const list = isOne(given) ? [given] : given;
      const readings = list.map(
        ([amount, unit, origin, note, basis], i): Reading => ({
          id: `${donorId}-${key}-${i + 1}`,
          amount,
          unit,
          origin,
          note,
          basis: basis ?? figureDefinition(key).bases[0],
        }),
      );
      return [key, { readings }];
    }),
  );
}
