import { GROUNDS, type Brief, type Ground } from '../../brief';
import { airAt, powerInAir, type Air } from '../../engine';
import {
  certain,
  clamp,
  derive,
  fromRows,
  missingOf,
  ROWS,
  unknown,
  type Estimate,
  type Interval,
  type Known,
} from '../../numeric';
import { ROLLING_COEFFICIENT, type Propulsion, type RoadLoad } from '../../road-load';
import type { Kilowatts } from '../../units';
import { dragAreaOf, propulsionOf } from '../propulsion';
import { figureInput, metricInput, plainInput, type WorkingInput } from '../working-inputs';
import { estimateIn, type LoadContext } from './context';

/** The loosest ground that makes up at least a tenth of the way. */
export const loosestGround = ({ ground }: Brief): Ground =>
  GROUNDS.filter((g) => ground[g] >= 10).reduce<Ground>(
    (worst, g) => (ROLLING_COEFFICIENT[g] > ROLLING_COEFFICIENT[worst] ? g : worst),
    'openRoad',
  );

/** The air of the brief: at its highest point and hottest, else at sea level. */
const airOf = ({ trip }: Brief): Air => airAt(trip.altitude_m ?? 0, trip.heat_C);

/** Power there ÷ rated power; never more than rated. 1 where the brief names neither altitude nor heat. */
export const powerShare = (brief: Brief): number =>
  brief.trip.altitude_m === undefined && brief.trip.heat_C === undefined
    ? 1
    : Math.min(1, powerInAir(airOf(brief)) / powerInAir(airAt(0)));

/** What holds a mass back on a ground in the air of the brief. */
export const roadLoad = (
  brief: Brief,
  mass_kg: number,
  ground: Ground,
  dragArea_m2: number,
): RoadLoad => ({
  mass_kg,
  rollingCoefficient: ROLLING_COEFFICIENT[ground],
  dragArea_m2,
  airDensity_kgm3: airOf(brief).density_kgm3,
});

/** Points of the grid on which a simulation is run, over the span of each source; between them it is straight. */
const GRID = [0, 0.5, 1];

/** Where a value lies on a grid of equal steps over a span. */
function onGrid(value: number, low: number, high: number): { at: number; share: number } {
  const steps = GRID.length - 1;
  const place = high > low ? clamp((value - low) / (high - low), 0, 1) * steps : 0;
  const at = Math.min(steps - 1, Math.floor(place));
  return { at, share: place - at };
}

/**
 * A figure that is simulated for a mass and a power: too slow for every row of the table, so it is run on a grid over the spans of both
 * and read between. The middle is simulated itself.
 */
function simulated(
  mass: Known,
  power: Known,
  f: (mass: number, powerFactor: number) => number | undefined,
): Known | undefined {
  const mid = f(mass.mid, 1);
  if (mid === undefined) return undefined;
  const [m, p] = [mass.interval, power.interval];
  if (!(m.high > m.low) && !(p.high > p.low)) return certain(mid);
  const along = ({ low, high }: Interval, share: number) => low + (high - low) * share;
  const table = GRID.map((i) =>
    GRID.map((j) => f(along(m, i), along(p, j) / power.mid) ?? Number.NaN),
  );
  if (table.flat().some(Number.isNaN)) return undefined;
  const cell = (i: number, j: number): number => table[i]?.[j] ?? mid;
  const read = derive([mass, power], (kg, kW) => {
    const [a, b] = [onGrid(kg, m.low, m.high), onGrid(kW, p.low, p.high)];
    const at = (i: number) => cell(i, b.at) * (1 - b.share) + cell(i, b.at + 1) * b.share;
    return at(a.at) * (1 - a.share) + at(a.at + 1) * a.share;
  });
  return fromRows(mid, () => read.rows ?? new Float64Array(ROWS).fill(mid));
}

/** A figure of the moving machine from its thrust and what holds it back; `undefined` where it cannot be reached. */
export type RoadFigure = (propulsion: Propulsion, load: RoadLoad) => number | undefined;

/** The share of power there as an input, where the brief's air takes some. */
export const whereInputs = (brief: Brief): readonly WorkingInput[] => {
  const there = powerShare(brief);
  return there === 1 ? [] : [plainInput('powerThere', there, undefined, undefined, 'percent')];
};

/** What every figure of the moving machine is computed from. */
export const roadInputs = ({
  brief,
  donor,
  figures,
  loaded,
}: LoadContext): readonly WorkingInput[] => [
  metricInput(loaded),
  plainInput('dragArea', dragAreaOf(donor, brief)),
  ...whereInputs(brief),
  figureInput(figures, 'power'),
  figureInput(figures, 'powerRpm'),
  figureInput(figures, 'torque'),
  figureInput(figures, 'torqueRpm'),
  figureInput(figures, 'redline'),
];

/** A figure of the moving machine over the spans of power and mass; `otherwise` is named as missing where it cannot be reached. */
export function onTheRoad(
  { brief, donor, figures, loaded }: LoadContext,
  figure: RoadFigure,
  ground: Ground,
  otherwise: string,
): Estimate {
  const power = estimateIn<Kilowatts>(figures, 'power');
  const mass = loaded.estimate;
  const propulsion = propulsionOf(donor, figures);
  if (mass.kind === 'unknown' || power.kind === 'unknown')
    return unknown(...missingOf([mass, power]));
  if (propulsion.kind === 'unknown') return unknown(...propulsion.missing);
  const [area, there] = [dragAreaOf(donor, brief), powerShare(brief)];
  return (
    simulated(mass, power, (kg, factor) =>
      figure(
        { ...propulsion.value, powerFactor: factor * there },
        roadLoad(brief, kg, ground, area),
      ),
    ) ?? unknown(otherwise)
  );
}
