import { askedOf, type Brief, type Ground } from '../../brief';
import { airAt, powerInAir, type Air } from '../../engine';
import {
  clamp,
  derive,
  isDoubtful,
  missingOf,
  unknown,
  type Estimate,
  type Known,
} from '../../numeric';
import { ROLLING_COEFFICIENT, type Propulsion, type RoadLoad } from '../../road-load';
import type { Kilowatts } from '../../units';
import { dragAreaOf, propulsionOf } from '../propulsion';
import { type PullKey, type Found } from '../found';
import { gearing } from '../gearing-of';
import { figureInput, metricInput, plainInput, type WorkingInput } from '../working-inputs';
import { estimateIn, type LoadContext } from './context';
import { gearInput } from './gear-speeds';

/** The loosest ground of the way, and how much rolling it costs: it rises with the share of loose ground, in full from a tenth. */
export function loosestGround({ ground }: Brief): {
  readonly ground: Ground;
  readonly rollingCoefficient: number;
} {
  const asked = askedOf(ground, ROLLING_COEFFICIENT);
  return { ground: asked.ground, rollingCoefficient: asked.value };
}

/** The air of the brief: at its highest point and hottest, else at sea level. */
const airOf = ({ trip }: Brief): Air => airAt(trip.altitude_m ?? 0, trip.heat_C);

/** Power there ÷ rated power, which is rated in standard air (99 kPa dry, 25 °C); never more than rated. 1 where the brief names neither altitude nor heat. */
export const powerShare = (brief: Brief): number =>
  brief.trip.altitude_m === undefined && brief.trip.heat_C === undefined
    ? 1
    : Math.min(1, powerInAir(airOf(brief)));

/** What holds a mass back on a ground in the air of the brief. */
export const roadLoad = (
  brief: Brief,
  mass_kg: number,
  rollingCoefficient: number,
  dragArea_m2: number,
): RoadLoad => ({
  mass_kg,
  rollingCoefficient,
  dragArea_m2,
  airDensity_kgm3: airOf(brief).density_kgm3,
});

/** How often the span between a middle and an end that cannot be reached is halved. */
const HALVINGS = 5;

/** One doubtful thing that a simulation is tried with. */
interface Handle {
  readonly figure: Known;
  readonly at: (value: number) => number | undefined;
}

/** A figure at the end of a span, or at the farthest value towards it at which it can be reached at all. */
function towards({ figure, at }: Handle, end: number, mid: number): { to: number; is: number } {
  const whole = at(end);
  if (whole !== undefined) return { to: end, is: whole };
  let [good, bad, is] = [figure.mid, end, mid];
  for (let i = 0; i < HALVINGS; i += 1) {
    const half = (good + bad) / 2;
    const tried = at(half);
    if (tried === undefined) bad = half;
    else [good, is] = [half, tried];
  }
  return { to: good, is };
}

/**
 * A figure that is simulated: too slow for every row of the table, so it is run at the middle and at both ends of each doubtful thing
 * alone; what each of them moves adds up, straight between the three (own approximation; the middle is exact).
 */
function simulated(mid: number, handles: readonly Handle[]): Known {
  const moved = handles.map((handle): ((value: number) => number) => {
    const { figure } = handle;
    const low = towards(handle, figure.interval.low, mid);
    const high = towards(handle, figure.interval.high, mid);
    return (value) => {
      const { to, is } = value < figure.mid ? low : high;
      return to === figure.mid
        ? 0
        : clamp((value - figure.mid) / (to - figure.mid), 0, 1) * (is - mid);
    };
  });
  return derive(
    handles.map((h) => h.figure),
    (...values) => values.reduce((sum, value, i) => sum + (moved[i]?.(value) ?? 0), mid),
  );
}

/** A figure of the moving machine from its thrust and what holds it back; `undefined` where it cannot be reached. */
export type RoadFigure = (propulsion: Propulsion, load: RoadLoad) => number | undefined;

/** The share of power there as an input, where the brief's air takes some. */
export const whereInputs = (brief: Brief): readonly WorkingInput[] => {
  const there = powerShare(brief);
  return there === 1 ? [] : [plainInput('powerThere', there, undefined, undefined, 'percent')];
};

/** What every figure of the moving machine is computed from. */
export const roadInputs = (context: LoadContext): readonly WorkingInput[] => {
  const { brief, donor, figures, loaded } = context;
  return [
    metricInput(loaded),
    plainInput('dragArea', dragAreaOf(donor, brief)),
    ...whereInputs(brief),
    figureInput(figures, 'power'),
    figureInput(figures, 'powerRpm'),
    figureInput(figures, 'torque'),
    figureInput(figures, 'torqueRpm'),
    figureInput(figures, 'redline'),
    figureInput(figures, 'idleSpeed'),
    gearInput('first', context),
    gearInput('top', context),
  ];
};

/**
 * A figure of the moving machine over the spans of its mass, its engine and its gears; `otherwise` is named as missing where it cannot
 * be reached. The doubt of a quoted power moves the whole curve; of a typical one, its peak alone.
 */
export function onTheRoad(
  context: LoadContext,
  figure: RoadFigure,
  rollingCoefficient: number,
  otherwise: string,
): Estimate {
  const { brief, donor, figures, loaded } = context;
  const power = estimateIn<Kilowatts>(figures, 'power');
  const mass = loaded.estimate;
  const [middle, gears] = [propulsionOf(context), gearing(context)];
  if (mass.kind === 'unknown' || power.kind === 'unknown')
    return unknown(...missingOf([mass, power]));
  if (middle.kind === 'unknown') return unknown(...middle.missing);
  if (gears.kind === 'unknown') return unknown(...gears.missing);
  const [area, there] = [dragAreaOf(donor, brief), powerShare(brief)];
  const run = (propulsion: Found<Propulsion>, kg: number, factor = 1): number | undefined =>
    propulsion.kind === 'unknown'
      ? undefined
      : figure(
          { ...propulsion.value, powerFactor: factor * there },
          roadLoad(brief, kg, rollingCoefficient, area),
        );
  const tried = (key: PullKey, estimate: Known): Handle => ({
    figure: estimate,
    at: (value) => run(propulsionOf(context, { [key]: value }), mass.mid),
  });
  const typical = (['power', 'powerRpm', 'torque', 'torqueRpm', 'redline'] as const).flatMap(
    (key): Handle[] => {
      const { estimate, typical: stands } = figures[key];
      return estimate.kind === 'known' && stands ? [tried(key, estimate)] : [];
    },
  );
  const handles: readonly Handle[] = [
    { figure: mass, at: (kg) => run(middle, kg) },
    ...(figures.power.typical
      ? []
      : [{ figure: power, at: (kW: number) => run(middle, mass.mid, kW / power.mid) }]),
    ...typical,
    tried('speedFirst', gears.value.first),
    tried('speedTop', gears.value.top),
  ];
  const mid = run(middle, mass.mid);
  return mid === undefined
    ? unknown(otherwise)
    : simulated(
        mid,
        handles.filter((h) => isDoubtful(h.figure)),
      );
}
