import { caseOf, reckon } from '../assessment';
import type { Brief } from '../brief';
import type { DonorClass } from '../donor';
import type { Evidence } from '../evidence';
import type { Interval } from '../numeric';
import { fitScore, wantCurves, wantWeights } from '../preference';
import type { DonorFigures, FigureKey } from '../readings';
import { isTypicalKey, typicalOf } from '../typical';
import { justEnough, showing, sought, type LookFor } from './look-for';
import { pricedMachine, typicalMachine } from './typical-machine';

/** Figures that raise a fit, and which way. */
const LIFTS = [
  ['mass', 'most'],
  ['seatHeight', 'most'],
  ['price', 'most'],
  ['power', 'least'],
  ['tank', 'least'],
  ['travelFront', 'least'],
  ['travelRear', 'least'],
  ['clearance', 'least'],
  ['maxMass', 'least'],
] as const satisfies readonly (readonly [FigureKey, 'least' | 'most'])[];

export interface LiftLine {
  readonly figure: FigureKey;
  readonly side: 'least' | 'most';
  readonly amount: number;
}

/** What lifts a machine that just keeps every must to a fit: one figure each, the others staying as they are. */
export interface FitWanted {
  /** Points at the middle of one that just keeps every must. */
  readonly now: number;
  readonly lines: readonly LiftLine[];
}

/**
 * Which one figure, beyond what the musts ask, brings the fit to so many points. Figures that cannot do it alone within what the class
 * shows are left out, since nobody would find one.
 *
 * @param found what the musts ask of this class
 * @param atLeast points of 100
 */
export function liftsTo(
  brief: Brief,
  donorClass: DonorClass,
  evidence: Evidence | undefined,
  { lines }: Pick<LookFor, 'lines'>,
  atLeast: number,
  price?: Interval,
): FitWanted {
  const base: DonorFigures = {
    ...pricedMachine(donorClass, price, brief.money.currency).figures,
    ...justEnough(brief, lines),
  };
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const points = (shown: DonorFigures): number => {
    const donor = typicalMachine(donorClass, { ...base, ...shown });
    const { metrics } = reckon(caseOf({ brief, donor, ...(evidence ? { evidence } : {}) }));
    return fitScore(metrics, curves, weights, donor.id).points.mid;
  };
  const now = points({});
  if (now >= atLeast) return { now, lines: [] };
  return {
    now,
    lines: LIFTS.flatMap(([figure, side]): LiftLine[] => {
      const span =
        figure === 'price'
          ? price
          : isTypicalKey(figure)
            ? typicalOf(donorClass, figure, brief.typical)
            : undefined;
      if (!span) return [];
      const wanted = sought([span.low, span.high], side, (amount) => {
        return points(showing(brief, figure, amount)) >= atLeast;
      });
      return wanted.kind === 'limit' ? [{ figure, side, amount: wanted.amount }] : [];
    }),
  };
}
