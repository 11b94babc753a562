import { GROUNDS, type Brief, type Ground } from '../brief';
import type { Donor } from '../donor';
import { airAt, powerInAir, type Air } from '../engine';
import { standingRoom } from '../fit';
import { crawlSpeed, rpmAt, speedPerThousand } from '../gearing';
import { LIFT_SHARE } from '../mass';
import type { BuildCost } from '../money';
import {
  between,
  combine,
  exactly,
  known,
  multiply,
  unknown,
  type Estimate,
  type Interval,
} from '../numeric';
import type { NormalFigures } from '../readings';
import {
  launch,
  powerToHold,
  rollOn,
  ROLLING_COEFFICIENT,
  steepestGrade,
  thrust,
  topSpeed,
  type LaunchSetting,
  type Propulsion,
  type RoadLoad,
} from '../road-load';
import { intervalInDistance, servicesDue } from '../service';
import { ALTERNATOR_SHARE, electricalMargin } from '../electrics';
import { STANDARD_GRAVITY, type Kilograms, type Kilowatts } from '../units';
import { meanSpeed } from './mean-speed';
import { keepingMetrics, stretchOf } from './keeping-metrics';
import type { LoadMetrics, Metric, MetricKey, WorkingInput } from './metric';
import {
  DRIVELINE_EFFICIENCY,
  dragAreaOf,
  drivetrain,
  estimateOf,
  propulsionOf,
  type Found,
} from './propulsion';
import { sagMetrics } from './sag-metrics';
import { briefInput, figureInput, metricInput, plainInput } from './working-inputs';

/** Launch on gravel or asphalt by a rider who does not race. Geometry is a usual one. Own assumption. */
export const LAUNCH: Omit<LaunchSetting, 'launch_rpm' | 'shift_rpm'> = {
  stance: { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.7, grip: 0.8 },
  shift_s: 0.35,
};

/** The loosest ground that makes up at least a tenth of the way. */
export const loosestGround = ({ ground }: Brief): Ground =>
  GROUNDS.filter((g) => ground[g] >= 10).reduce<Ground>(
    (worst, g) => (ROLLING_COEFFICIENT[g] > ROLLING_COEFFICIENT[worst] ? g : worst),
    'openRoad',
  );

export interface LoadContext {
  readonly brief: Brief;
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly loaded: Metric;
  readonly readyMass: Metric;
  readonly consumption: Metric;
  readonly outlay: Metric;
  readonly parts: BuildCost;
}

const metric = (
  key: MetricKey,
  estimate: Estimate,
  formula: string,
  inputs: readonly WorkingInput[],
  source: string,
): Metric => ({ key, estimate, working: { formula, inputs, source } });

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

/** The air of the brief: at its highest point and hottest, else at sea level. */
const airOf = ({ trip }: Brief): Air => airAt(trip.altitude_m ?? 0, trip.heat_C);

/** Power there ÷ rated power; never more than rated. 1 where the brief names neither altitude nor heat. */
export const powerShare = (brief: Brief): number =>
  brief.trip.altitude_m === undefined && brief.trip.heat_C === undefined
    ? 1
    : Math.min(1, powerInAir(airOf(brief)) / powerInAir(airAt(0)));

const roadLoad = (
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

/** Watts left at the cruise before accessories. */
export const wattsLeft = (figures: NormalFigures): Estimate =>
  combine([figures.alternator.estimate, figures.stockDraw.estimate] as const, (a, d) =>
    between(
      electricalMargin(a.low, ALTERNATOR_SHARE.cruise, d.high, 0),
      electricalMargin(a.high, ALTERNATOR_SHARE.cruise, d.low, 0),
      electricalMargin(a.mid, ALTERNATOR_SHARE.cruise, d.mid, 0),
    ),
  );

/** Everything the loaded machine does on the road, each with its working. */
export function loadMetrics(context: LoadContext): LoadMetrics {
  const { brief, donor, figures, loaded, readyMass } = context;
  const { cruise_kmh } = brief.trip;
  const area = dragAreaOf(donor, brief);
  const there = powerShare(brief);
  const where: readonly WorkingInput[] =
    there === 1 ? [] : [plainInput('powerThere', there, undefined, undefined, 'percent')];
  const headwind_ms = (brief.trip.headwind_kmh ?? 0) / 3.6;
  const power = figures.power.estimate as Estimate<Kilowatts>;
  const mass = loaded.estimate as Estimate<Kilograms>;
  const propulsion = propulsionOf(donor, figures);
  const train = drivetrain(donor, figures);
  const engine = [
    figureInput(figures, 'power'),
    figureInput(figures, 'powerRpm'),
    figureInput(figures, 'torque'),
    figureInput(figures, 'torqueRpm'),
    figureInput(figures, 'redline'),
  ];
  const common = [metricInput(loaded), plainInput('dragArea', area), ...where, ...engine];
  const model =
    'own torque curve through the quoted peaks; resistance by Bosch Automotive Handbook terms (from memory); drag area, driveline loss: own assumption';
  const dynamic = (
    f: (p: Propulsion, load: RoadLoad) => number | undefined,
    ground: Ground,
    otherwise: string,
  ): Estimate => {
    if (mass.kind === 'unknown' || power.kind === 'unknown')
      return combine([mass, power] as const, (m) => m);
    return estimateOf(
      propulsion,
      (p) =>
        over(mass.interval, power.interval, (kg, factor) =>
          f({ ...p, powerFactor: factor * there }, roadLoad(brief, kg, ground, area)),
        ),
      otherwise,
    );
  };
  const top = (p: Propulsion) => p.train.gears.length;
  const loose = loosestGround(brief);
  return {
    cruisePower: metric(
      'cruisePower',
      combine([power, mass] as const, (p, m) => {
        const spare = (kw: number, kg: number) =>
          1 -
          powerToHold(
            { ...roadLoad(brief, kg, 'openRoad', area), headwind_ms },
            cruise_kmh,
            DRIVELINE_EFFICIENCY,
          ) /
            (kw * there);
        return between(spare(p.low, m.high), spare(p.high, m.low), spare(p.mid, m.mid));
      }),
      '1 − power to hold the cruise against the headwind ÷ crank power there',
      [
        figureInput(figures, 'power'),
        metricInput(loaded),
        briefInput(brief, 'trip.cruise_kmh'),
        ...(headwind_ms > 0 ? [briefInput(brief, 'trip.headwind_kmh')] : []),
        ...where,
        plainInput('dragArea', area),
      ],
      'F·v/η with rolling and air resistance on the level; drag area: own assumption',
    ),
    cruiseRevs: metric(
      'cruiseRevs',
      revsAt(train, figures, cruise_kmh),
      'engine speed at the cruise in top gear ÷ redline',
      [
        briefInput(brief, 'trip.cruise_kmh'),
        figureInput(figures, 'redline'),
        figureInput(figures, 'primaryRatio'),
        figureInput(figures, 'sprocketFront'),
        figureInput(figures, 'sprocketRear'),
      ],
      'exact kinematics; slip left out',
    ),
    crawl: metric(
      'crawl',
      combine(
        [
          figures.idleSpeed.estimate,
          estimateOf(train, (t) => exactly(crawlSpeed(t, 1)), 'ratio1'),
        ] as const,
        multiply,
      ),
      'speed in first gear at idle',
      [
        figureInput(figures, 'idleSpeed'),
        figureInput(figures, 'ratio1'),
        figureInput(figures, 'primaryRatio'),
        figureInput(figures, 'sprocketFront'),
        figureInput(figures, 'sprocketRear'),
      ],
      'exact kinematics',
    ),
    climb: metric(
      'climb',
      dynamic(
        (p, load) => {
          const speed = (speedPerThousand(p.train, 1) * p.curve.peaks.torque_rpm) / 1000;
          return Math.min(2, steepestGrade(thrust(p, 1, speed), load, speed));
        },
        loose,
        'climb',
      ),
      'steepest grade that first gear holds at peak torque on the loosest ground of the brief; grip is not in it',
      [...common, plainInput('rollingCoefficient', ROLLING_COEFFICIENT[loose])],
      model,
    ),
    topSpeed: metric(
      'topSpeed',
      dynamic((p, load) => topSpeed(p, load)?.speed_kmh, 'openRoad', 'topSpeed'),
      'where thrust meets resistance, or the limiter',
      common,
      model,
    ),
    rollOn: metric(
      'rollOn',
      dynamic((p, load) => rollOn(p, load, top(p), 80, 110), 'openRoad', 'rollOn'),
      '∫ m·λ ÷ (thrust − resistance) dv from 80 to 110 km/h in top gear',
      common,
      model,
    ),
    zeroToHundred: metric(
      'zeroToHundred',
      dynamic(
        (p, load) =>
          launch(
            p,
            load,
            {
              ...LAUNCH,
              launch_rpm: p.curve.peaks.torque_rpm * 0.85,
              shift_rpm: p.curve.peaks.limiter_rpm * 0.97,
            },
            100,
          )?.time_s,
        'openRoad',
        'zeroToHundred',
      ),
      'launch by an ordinary rider, changing up near the redline',
      common,
      `${model}; ±0.8 s honest`,
    ),
    lift: metric(
      'lift',
      combine([readyMass.estimate as Estimate<Kilograms>] as const, (m) =>
        between(
          m.low * LIFT_SHARE * STANDARD_GRAVITY,
          m.high * LIFT_SHARE * STANDARD_GRAVITY,
          m.mid * LIFT_SHARE * STANDARD_GRAVITY,
        ),
      ),
      'ready mass × g × height ÷ lever × sin 70°, luggage taken off',
      [metricInput(readyMass)],
      'statics; height 0.55 m and lever 1.0 m: own assumption',
    ),
    tripServices: metric(
      'tripServices',
      servicesOnTrip(brief, donor, figures),
      'services that fall due within the trip, by distance or hours, whichever is earlier',
      [
        briefInput(brief, 'trip.length_km'),
        figureInput(figures, 'serviceInterval'),
        figureInput(figures, 'serviceHours'),
        plainInput('meanSpeed', meanSpeed(brief), undefined, undefined, 'speed'),
      ],
      stretchOf(brief) === 1
        ? 'by the book; the maker’s manual decides'
        : 'stretched as the brief says; the maker’s manual decides',
    ),
    wattsLeft: metric(
      'wattsLeft',
      wattsLeft(figures),
      'alternator × 0.9 at the cruise − draw of machine and parts',
      [figureInput(figures, 'alternator'), figureInput(figures, 'stockDraw')],
      'share of rated output: own assumption; far less at idle',
    ),
    standingRoom: metric(
      'standingRoom',
      combine([figures.barHeight.estimate, figures.pegHeight.estimate] as const, (bar, peg) =>
        between(
          standingRoom(bar.low, peg.high, brief.rider.height_mm),
          standingRoom(bar.high, peg.low, brief.rider.height_mm),
          standingRoom(bar.mid, peg.mid, brief.rider.height_mm),
        ),
      ),
      'bar height − peg height − (870 mm + a third of what stature is over 1.78 m)',
      [
        figureInput(figures, 'barHeight'),
        figureInput(figures, 'pegHeight'),
        briefInput(brief, 'rider.height_mm'),
      ],
      'riser rule of common practice (no source); 870 mm: own assumption. Below zero you stoop',
    ),
    powerThere: metric(
      'powerThere',
      known(exactly(there)),
      '1 ÷ ((99 ÷ pressure)^1.2 × (temperature ÷ 298)^0.6), against sea level',
      [briefInput(brief, 'trip.altitude_m'), briefInput(brief, 'trip.heat_C')],
      'ISO 1585 / ISO 4106 with the ISO 2533 atmosphere (from memory); made for near sea level, so altitude is an extrapolation',
    ),
    ...sagMetrics(context),
    ...keepingMetrics(context),
  };
}

function revsAt(
  train: Found<Propulsion['train']>,
  figures: NormalFigures,
  cruise_kmh: number,
): Estimate {
  const redline = figures.redline.estimate;
  if (redline.kind === 'unknown')
    return train.kind === 'unknown' ? unknown('redline', ...train.missing) : unknown('redline');
  return estimateOf(
    train,
    (t) => {
      const rpm = rpmAt(t, t.gears.length, cruise_kmh);
      return between(
        rpm / redline.interval.high,
        rpm / redline.interval.low,
        rpm / redline.interval.mid,
      );
    },
    'ratio1',
  );
}

function servicesOnTrip(brief: Brief, donor: Donor, figures: NormalFigures): Estimate {
  const [distance, hours] = [figures.serviceInterval.estimate, figures.serviceHours.estimate];
  const at = (end: 'low' | 'mid' | 'high') =>
    intervalInDistance(
      {
        distance_km: distance.kind === 'known' ? distance.interval[end] : undefined,
        hours: hours.kind === 'known' ? hours.interval[end] : undefined,
      },
      meanSpeed(brief),
    );
  const [low, mid, high] = [at('low'), at('mid'), at('high')];
  if (low === undefined || mid === undefined || high === undefined)
    return unknown('serviceInterval');
  const from = (donor.kind === 'machine' ? donor.machine.odometer_km : undefined) ?? 0;
  const due = (interval: number) =>
    servicesDue(from, brief.trip.length_km, interval, stretchOf(brief));
  return known(between(due(high), due(low), due(mid)));
}
