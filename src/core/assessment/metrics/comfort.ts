import { factInUse } from '../../facts';
import { clamp, combine, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { figureInput, metricInput, type WorkingInput } from '../working-inputs';
import type { LoadContext } from './context';
import { cruiseRevsMetric } from './gear-speeds';

/** What a long road day is made of, and where each is worth nothing and all. Own assumption; vibration and buffeting only a ride can tell. */
export const COMFORT_REASONS = {
  /** Engine speed at the cruise by the redline. */
  cruiseRevs: { weight: 0.25, nothing: 0.95, all: 0.6 },
  /** Share of power left at the cruise. */
  cruisePower: { weight: 0.2, nothing: 0, all: 0.35 },
  /** The shelter index. */
  wind: { weight: 0.3, nothing: 0, all: 1 },
  /** Degrees at the knee. */
  kneeAngle: { weight: 0.25, nothing: 50, all: 80 },
  /** Hours the seat is borne for: counts only where somebody has told. */
  seatHours: { weight: 0.25, nothing: 0.5, all: 3 },
} as const;
type Reason = keyof typeof COMFORT_REASONS;

/** By how much this rider calls other revs fine than is usual, on an engine of this layout: a share of the redline. */
const ownRevs = ({ brief, donor }: LoadContext): number => {
  const layout = factInUse(donor.facts?.layout)?.value;
  return (layout === undefined ? undefined : brief.ownNeeds?.[revsNeed(layout)]) ?? 0;
};

/** Whether the wanted cruise lies where the rider felt it buzz: then its revs are worth nothing, whatever they are. */
const buzzesAt = ({ brief, buzz }: LoadContext): boolean =>
  buzz !== undefined &&
  brief.trip.cruise_kmh >= buzz.from_kmh &&
  brief.trip.cruise_kmh <= buzz.to_kmh;

/** Under which name the brief keeps what revs a rider calls fine on engines of a layout. */
export const revsNeed = (layout: string): string => `revs/${layout}`;

/** Comfort of a road day at the cruise, 0–1, from revs, reserve, shelter, knee room and, where told, the seat. */
export function comfortMetric(context: LoadContext): Metric {
  const { cruisePower, wind, kneeAngle } = context.base;
  const revs = cruiseRevsMetric(context);
  const told = context.figures.seatHours.estimate.kind === 'known';
  const reasons: readonly (readonly [Reason, Estimate, WorkingInput])[] = [
    ...([revs, cruisePower, wind, kneeAngle] as const).map(
      (m) => [m.key as Reason, m.estimate, metricInput(m)] as const,
    ),
    ...(told
      ? ([
          [
            'seatHours',
            context.figures.seatHours.estimate,
            figureInput(context.figures, 'seatHours'),
          ],
        ] as const)
      : []),
  ];
  const whole = reasons.reduce((sum, [name]) => sum + COMFORT_REASONS[name].weight, 0);
  const moved = ownRevs(context);
  const buzzing = buzzesAt(context);
  return metric(
    'comfort',
    combine(
      reasons.map(([, estimate]) => estimate),
      (...at: number[]) =>
        reasons.reduce((sum, [name], i) => {
          const { weight, nothing, all } = COMFORT_REASONS[name];
          const by = name === 'cruiseRevs' ? moved : 0;
          const worth = ((at[i] ?? Number.NaN) - nothing - by) / (all - nothing);
          const felt = name === 'cruiseRevs' && buzzing ? 0 : 1;
          return sum + (weight / whole) * felt * clamp(worth, 0, 1);
        }, 0),
    ),
    reasons.map(([, , input]) => input),
    {
      weights: reasons.map(([name]) => ({ name, weight: COMFORT_REASONS[name].weight / whole })),
      ownRevs: moved === 0 ? undefined : moved,
      buzzing,
    },
  );
}
