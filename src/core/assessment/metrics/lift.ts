import { FALLEN, liftEffort } from '../../mass';
import { combine, type Estimate } from '../../numeric';
import { STANDARD_GRAVITY, type Kilograms } from '../../units';
import { metric, type Metric } from '../formula';
import { metricInput } from '../working-inputs';
import type { LoadContext } from './context';

/** A machine lifted with the back to it: hands low on bar and rail, so a shorter lever, and the legs push. Reference 9, from memory. */
const BACK_TO_IT = { height_m: 0.55, lever_m: 0.8, angle_deg: 70 } as const;

type Way = typeof FALLEN | typeof BACK_TO_IT;
/** What it takes to start a fallen machine up, in kilograms. */
const liftedBy = ({ height_m, lever_m, angle_deg }: Way, mass_kg: number): number =>
  liftEffort(mass_kg, height_m, lever_m, angle_deg);

/** What the legs have to push with the back to a machine of so many kilograms, kg. */
export const liftedWithTheBack = (mass_kg: number): number => liftedBy(BACK_TO_IT, mass_kg);

const newtons = ({ readyMass }: LoadContext, way: Way): Estimate =>
  combine(
    [readyMass.estimate as Estimate<Kilograms>] as const,
    (m) => liftedBy(way, m) * STANDARD_GRAVITY,
  );

/** Force at the bar that starts the fallen machine up, N. */
export const liftMetric = (context: LoadContext): Metric =>
  metric('lift', newtons(context, FALLEN), [metricInput(context.readyMass)], FALLEN);

/** The same with the back to the machine, N. */
export const liftBackMetric = (context: LoadContext): Metric =>
  metric('liftBack', newtons(context, BACK_TO_IT), [metricInput(context.readyMass)], BACK_TO_IT);
