import { factInUse } from '../../facts';
import { between, combine, source, unknown, type Estimate } from '../../numeric';
import { wearShares, WORN_OUT_KM, type Worn } from '../../service';
import { metric, type Metric } from '../formula';
import { figureInput, metricInput } from '../working-inputs';
import type { LoadContext } from './context';

/** How far wear may lie from what the model says, as a factor. Own assumption. */
const WEAR_SPREAD = { low: 0.7, high: 1.4 };
export const wearDoubt = () => source('wear', between(WEAR_SPREAD.low, WEAR_SPREAD.high, 1));

/** A shaft or belt has no chain to wear; where nobody says, a chain is taken. */
export const hasChain = ({ donor }: Pick<LoadContext, 'donor'>): boolean =>
  !['shaft', 'belt'].includes(factInUse(donor.facts?.finalDrive)?.value ?? '');

type WearOf = Pick<LoadContext, 'brief' | 'donor' | 'figures'> & {
  readonly loaded: { readonly estimate: Estimate };
};

/** How far a tyre or a chain lasts with this load on this ground, km. */
export function lastsFor(context: WearOf, what: Worn): Estimate {
  if (what === 'chain' && !hasChain(context)) return unknown('finalDrive');
  const { brief, loaded, figures } = context;
  return combine(
    [loaded.estimate, figures.power.estimate, wearDoubt()] as const,
    (kg, kW, by) =>
      WORN_OUT_KM[what] /
      (wearShares(kg, kW, brief.ground, true, brief.trip.wet_percent)[what] * by),
  );
}

const lifeMetric = (key: 'tyreLife' | 'chainLife', what: Worn, context: LoadContext): Metric =>
  metric(key, lastsFor(context, what), [
    metricInput(context.loaded),
    figureInput(context.figures, 'power'),
  ]);

export const tyreLifeMetric = (context: LoadContext): Metric =>
  lifeMetric('tyreLife', 'rearTyre', context);
export const chainLifeMetric = (context: LoadContext): Metric =>
  lifeMetric('chainLife', 'chain', context);
