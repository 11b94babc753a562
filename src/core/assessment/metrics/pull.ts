import { askedOf, GROUNDS, type Ground } from '../../brief';
import { speedPerThousand } from '../../gearing';
import { combine, plusMinus, source } from '../../numeric';
import {
  GRIP,
  GRIP_SPREAD,
  gripGrade,
  tippingGrade,
  launch,
  ROLLING_COEFFICIENT,
  rollOn,
  steepestGrade,
  thrust,
  topSpeed,
  type Stance,
} from '../../road-load';
import { metric, type Metric } from '../formula';
import { axleSplit } from '../../mass';
import { axleLoads, PLACES } from '../axles';
import { figureInput, plainInput } from '../working-inputs';
import type { LoadContext } from './context';
import { loosestGround, onTheRoad, roadInputs, type RoadFigure } from './on-the-road';

/** A change of gear by a rider who does not race, s. Own assumption. */
const SHIFT_S = 0.35;
/** The grip that a launch is taken on: a dry road, with a little in hand. Own assumption. */
const LAUNCH_GRIP = 0.8;
/** How the loaded machine stands, where nobody knows its mass or wheelbase. Own assumption. */
const USUAL_STANCE: Stance = { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.7, grip: LAUNCH_GRIP };

/** How the loaded machine stands on its wheels at the middles. */
export function stanceOf({ brief, figures, looseFuel_L }: LoadContext, grip = LAUNCH_GRIP): Stance {
  const { frontShare, high_m } = axleLoads(brief, figures, looseFuel_L);
  const base = figures.wheelbase.estimate;
  if (frontShare.kind === 'unknown' || high_m.kind === 'unknown' || base.kind === 'unknown')
    return { ...USUAL_STANCE, grip };
  const wheelbase_m = base.mid / 1000;
  return { wheelbase_m, ahead_m: frontShare.mid * wheelbase_m, height_m: high_m.mid, grip };
}

/** Engine speeds of that launch, as shares of the torque peak and of the limiter. Own assumption. */
const LAUNCH_SHARE = { clutch: 0.85, shift: 0.97 };
/** How far a launch time may lie off, s. Own assumption. */
const LAUNCH_HONEST_S = 0.8;
/** Thrust beyond this grade says nothing more. */
const WALL = 9;
/** Grip as something that a ground asks the more of, the less it gives. */
const LESS_GRIP = Object.fromEntries(GROUNDS.map((g) => [g, -GRIP[g]])) as Readonly<
  Record<Ground, number>
>;
/** The overtaking that is timed, km/h. */
const ROLL_ON = { from_kmh: 80, to_kmh: 110 };

/** What keeps a machine from climbing steeper. */
const CLIMB_LIMITS = ['thrust', 'tipping', 'grip'] as const;

/** The rider whom grip on a climb is taken with, kg: luggage behind would help it, and is not counted on. Own assumption. */
const CLIMBER_KG = 75;

/**
 * Steepest grade that the loaded machine climbs on the loosest tenth of the way: the least of what first gear pushes at peak torque, of
 * the grade at which the loaded machine's front lifts, and of what the rear wheel's grip holds with a usual rider and no luggage.
 */
export function climbMetric(context: LoadContext): Metric {
  const { brief, figures, looseFuel_L } = context;
  const { rollingCoefficient } = loosestGround(brief);
  const grade: RoadFigure = (p, load) => {
    const speed = (speedPerThousand(p.train, 1) * p.curve.peaks.torque_rpm) / 1000;
    return Math.min(WALL, steepestGrade(thrust(p, 1, speed), load, speed));
  };
  const pushed = onTheRoad(context, grade, rollingCoefficient, 'climb');
  const loads = axleLoads(brief, figures, looseFuel_L);
  const asked = -askedOf(brief.ground, LESS_GRIP).value;
  const grip = source('grip', plusMinus(asked, GRIP_SPREAD));
  const high = loads.high_m.kind === 'known' ? loads.high_m.mid : 0;
  const limits = (push: number, front: number, mass: number, base_mm: number, mu: number) => {
    const wheelbase_m = base_mm / 1000;
    const ridden = axleSplit(
      [
        {
          mass_kg: mass,
          behind_m: PLACES.machine.behind * wheelbase_m,
          high_m: PLACES.machine.high_m,
        },
        {
          mass_kg: CLIMBER_KG,
          behind_m: PLACES.rider.behind * wheelbase_m,
          high_m: PLACES.rider.high_m,
        },
      ],
      wheelbase_m,
    );
    return {
      thrust: push,
      tipping: tippingGrade({ ahead_m: front * wheelbase_m, height_m: high }),
      grip: gripGrade(
        { wheelbase_m, ahead_m: wheelbase_m - ridden.behind_m, height_m: ridden.high_m, grip: mu },
        rollingCoefficient,
      ),
    };
  };
  const inputs = [
    pushed,
    loads.frontShare,
    figures.mass.estimate,
    figures.wheelbase.estimate,
    grip,
  ] as const;
  const estimate = combine(inputs, (...at) => Math.min(...Object.values(limits(...at))));
  const [push, front, mass, base, mu] = inputs.map((e) => (e.kind === 'known' ? e.mid : NaN));
  const by =
    estimate.kind === 'known'
      ? limits(push ?? NaN, front ?? NaN, mass ?? NaN, base ?? NaN, mu ?? NaN)
      : undefined;
  const limit = by
    ? CLIMB_LIMITS.reduce((least, k) => (by[k] < by[least] ? k : least), 'thrust')
    : undefined;
  return metric(
    'climb',
    estimate,
    [
      ...roadInputs(context),
      figureInput(figures, 'wheelbase'),
      plainInput('rollingCoefficient', rollingCoefficient),
      plainInput('grip', asked - GRIP_SPREAD, asked, asked + GRIP_SPREAD),
      plainInput('massHeight', high * 1000, undefined, undefined, 'length'),
    ],
    { limit },
  );
}

/** Where thrust meets resistance on the road, or the limiter, km/h. */
export const topSpeedMetric = (context: LoadContext): Metric =>
  metric(
    'topSpeed',
    onTheRoad(
      context,
      (p, load) => topSpeed(p, load)?.speed_kmh,
      ROLLING_COEFFICIENT.openRoad,
      'topSpeed',
    ),
    roadInputs(context),
  );

/** Time from 80 to 110 km/h in top gear, s. */
export function rollOnMetric(context: LoadContext): Metric {
  const time: RoadFigure = (p, load) =>
    rollOn(p, load, p.train.gears.length, ROLL_ON.from_kmh, ROLL_ON.to_kmh);
  return metric(
    'rollOn',
    onTheRoad(context, time, ROLLING_COEFFICIENT.openRoad, 'rollOn'),
    roadInputs(context),
    ROLL_ON,
  );
}

/** Time from standing to 100 km/h, s. */
export function zeroToHundredMetric(context: LoadContext): Metric {
  const time: RoadFigure = (p, load) => {
    const { torque_rpm, limiter_rpm } = p.curve.peaks;
    const setting = {
      stance: stanceOf(context),
      shift_s: SHIFT_S,
      launch_rpm: torque_rpm * LAUNCH_SHARE.clutch,
      shift_rpm: limiter_rpm * LAUNCH_SHARE.shift,
    };
    return launch(p, load, setting, 100)?.time_s;
  };
  return metric(
    'zeroToHundred',
    onTheRoad(context, time, ROLLING_COEFFICIENT.openRoad, 'zeroToHundred'),
    roadInputs(context),
    { honest_s: LAUNCH_HONEST_S },
  );
}
