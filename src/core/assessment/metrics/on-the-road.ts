import { GROUNDS, type Brief, type Ground } from '../../brief';
import { airAt, powerInAir, type Air } from '../../engine';
import { between, combine, type Estimate, type Interval } from '../../numeric';
import { ROLLING_COEFFICIENT, type Propulsion, type RoadLoad } from '../../road-load';
import type { Kilograms, Kilowatts } from '../../units';
import { dragAreaOf, estimateOf, propulsionOf } from '../propulsion';
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

/** A figure that rises with power and falls with mass, over the spans of both. */
function over(
  mass: Interval,
  power: Interval,
  f: (mass: number, powerFactor: number) => number | undefined,
): Interval | undefined {
  const [worst, mid, best] = [
    f(mass.high, power.low / power.mid),
    f(mass.mid, 1),
    f(mass.low, power.high / power.mid),
  ];
  return worst === undefined || mid === undefined || best === undefined
    ? undefined
    : between(worst, best, mid);
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
  const mass = loaded.estimate as Estimate<Kilograms>;
  if (mass.kind === 'unknown' || power.kind === 'unknown')
    return combine([mass, power] as const, (m) => m);
  const [area, there] = [dragAreaOf(donor, brief), powerShare(brief)];
  return estimateOf(
    propulsionOf(donor, figures),
    (p) =>
      over(mass.interval, power.interval, (kg, factor) =>
        figure({ ...p, powerFactor: factor * there }, roadLoad(brief, kg, ground, area)),
      ),
    otherwise,
  );
}
