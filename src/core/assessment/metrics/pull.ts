import { speedPerThousand } from '../../gearing';
import {
  launch,
  ROLLING_COEFFICIENT,
  rollOn,
  steepestGrade,
  thrust,
  topSpeed,
  type LaunchSetting,
} from '../../road-load';
import { metric, type Metric } from '../formula';
import { plainInput } from '../working-inputs';
import type { LoadContext } from './context';
import { loosestGround, onTheRoad, roadInputs, type RoadFigure } from './on-the-road';

/** Launch on gravel or asphalt by a rider who does not race. Geometry is a usual one. Own assumption. */
export const LAUNCH: Omit<LaunchSetting, 'launch_rpm' | 'shift_rpm'> = {
  stance: { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.7, grip: 0.8 },
  shift_s: 0.35,
};
/** Engine speeds of that launch, as shares of the torque peak and of the limiter. Own assumption. */
const LAUNCH_SHARE = { clutch: 0.85, shift: 0.97 };
/** How far a launch time may lie off, s. Own assumption. */
const LAUNCH_HONEST_S = 0.8;
/** Beyond this a grade is a wall, and says nothing more. */
const MOST_GRADE = 2;
/** The overtaking that is timed, km/h. */
const ROLL_ON = { from_kmh: 80, to_kmh: 110 };

/** Steepest grade that first gear holds at peak torque on the loosest ground of the brief. */
export function climbMetric(context: LoadContext): Metric {
  const ground = loosestGround(context.brief);
  const grade: RoadFigure = (p, load) => {
    const speed = (speedPerThousand(p.train, 1) * p.curve.peaks.torque_rpm) / 1000;
    return Math.min(MOST_GRADE, steepestGrade(thrust(p, 1, speed), load, speed));
  };
  return metric('climb', onTheRoad(context, grade, ground, 'climb'), [
    ...roadInputs(context),
    plainInput('rollingCoefficient', ROLLING_COEFFICIENT[ground]),
  ]);
}

/** Where thrust meets resistance on the road, or the limiter, km/h. */
export const topSpeedMetric = (context: LoadContext): Metric =>
  metric(
    'topSpeed',
    onTheRoad(context, (p, load) => topSpeed(p, load)?.speed_kmh, 'openRoad', 'topSpeed'),
    roadInputs(context),
  );

/** Time from 80 to 110 km/h in top gear, s. */
export function rollOnMetric(context: LoadContext): Metric {
  const time: RoadFigure = (p, load) =>
    rollOn(p, load, p.train.gears.length, ROLL_ON.from_kmh, ROLL_ON.to_kmh);
  return metric(
    'rollOn',
    onTheRoad(context, time, 'openRoad', 'rollOn'),
    roadInputs(context),
    ROLL_ON,
  );
}

/** Time from standing to 100 km/h, s. */
export function zeroToHundredMetric(context: LoadContext): Metric {
  const time: RoadFigure = (p, load) => {
    const { torque_rpm, limiter_rpm } = p.curve.peaks;
    const setting = {
      ...LAUNCH,
      launch_rpm: torque_rpm * LAUNCH_SHARE.clutch,
      shift_rpm: limiter_rpm * LAUNCH_SHARE.shift,
    };
    return launch(p, load, setting, 100)?.time_s;
  };
  return metric(
    'zeroToHundred',
    onTheRoad(context, time, 'openRoad', 'zeroToHundred'),
    roadInputs(context),
    { honest_s: LAUNCH_HONEST_S },
  );
}
