import { combine, type Estimate } from '../../numeric';
import { powerToHold, ROLLING_COEFFICIENT } from '../../road-load';
import type { Kilograms, Kilowatts } from '../../units';
import { metric, type Metric } from '../formula';
import { DRIVELINE_EFFICIENCY, dragAreaOf } from '../propulsion';
import { briefInput, figureInput, metricInput, plainInput } from '../working-inputs';
import { estimateIn, type LoadContext } from './context';
import { speedIn } from './gear-speeds';
import { powerShare, roadLoad, whereInputs } from './on-the-road';

type CruiseContext = Pick<LoadContext, 'brief' | 'donor' | 'figures' | 'loaded'>;

/** Any mass: the line over it is the same. */
const REFERENCE_KG = 100;

/** Share of power left at the cruise against the headwind, 0–1. */
export function cruisePowerMetric({ brief, donor, figures, loaded }: CruiseContext): Metric {
  const area = dragAreaOf(donor, brief);
  const there = powerShare(brief);
  const headwind_ms = (brief.trip.headwind_kmh ?? 0) / 3.6;
  const cruise = brief.trip.cruise_kmh;
  const road = { ...roadLoad(brief, 0, ROLLING_COEFFICIENT.openRoad, area), headwind_ms };
  // Linear in the mass.
  const held = (mass_kg: number) => powerToHold({ ...road, mass_kg }, cruise, DRIVELINE_EFFICIENCY);
  const air = held(0);
  const perKilogram = (held(REFERENCE_KG) - air) / REFERENCE_KG;
  const spare = (power_kW: number, mass_kg: number) =>
    1 - (air + perKilogram * mass_kg) / (power_kW * there);
  return metric(
    'cruisePower',
    combine(
      [estimateIn<Kilowatts>(figures, 'power'), loaded.estimate as Estimate<Kilograms>] as const,
      spare,
    ),
    [
      figureInput(figures, 'power'),
      metricInput(loaded),
      briefInput(brief, 'trip.cruise_kmh'),
      ...(headwind_ms > 0 ? [briefInput(brief, 'trip.headwind_kmh')] : []),
      ...whereInputs(brief),
      plainInput('dragArea', area),
    ],
  );
}

/** Whether power and gears take the loaded machine past a speed on the level in still air, at the middles; false where nobody knows. */
export function goesFasterThan(
  kmh: number,
  { donor, figures, loaded, brief }: CruiseContext,
): boolean {
  const [power, mass, redline] = [figures.power, loaded, figures.redline].map(({ estimate }) =>
    estimate.kind === 'known' ? estimate.mid : undefined,
  );
  const perThousand = speedIn('top', { donor, figures });
  if (power === undefined || mass === undefined) return false;
  const limited =
    redline !== undefined &&
    perThousand.kind === 'known' &&
    (perThousand.mid * redline) / 1000 <= kmh;
  const load = roadLoad(brief, mass, ROLLING_COEFFICIENT.openRoad, dragAreaOf(donor, brief));
  return !limited && powerToHold(load, kmh, DRIVELINE_EFFICIENCY) < power * powerShare(brief);
}
