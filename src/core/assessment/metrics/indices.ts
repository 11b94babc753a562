import {
  aidsIndex,
  protectionIndex,
  supportIndex,
  wheelIndex,
  windIndex,
  type SuitabilityIndex,
} from '../../suitability';
import { metric, type Metric } from '../formula';
import { reasonInputs } from '../working-inputs';
import type { MetricContext } from './context';

const indexMetric = (
  key: 'wheels' | 'protection' | 'wind' | 'support' | 'aids',
  { estimate, worth, reasons }: SuitabilityIndex,
): Metric => ({
  ...metric(key, estimate, reasonInputs(reasons), {
    weights: reasons.map(({ name, weight }) => ({ name, weight })),
  }),
  standIn: worth,
});

/** Wheels and tyres against the ground, 0–1. */
export const wheelsMetric = ({ brief, donor, figures }: MetricContext): Metric =>
  indexMetric('wheels', wheelIndex(donor, figures.wheelFront, figures.wheelRear, brief.ground));

/** What survives a drop and a rock, 0–1. */
export const protectionMetric = ({ donor }: MetricContext): Metric =>
  indexMetric('protection', protectionIndex(donor));

/** Shelter from the wind, 0–1. */
export const windMetric = ({ donor }: MetricContext): Metric =>
  indexMetric('wind', windIndex(donor));

/** Help and parts far from home, 0–1. */
export const supportMetric = ({ donor, figures }: MetricContext): Metric =>
  indexMetric('support', supportIndex(donor, figures.dealerDistance.estimate));

/** Electronic aids against what the rider believes, 0–1. */
export const aidsMetric = ({ brief, donor }: MetricContext): Metric =>
  indexMetric('aids', aidsIndex(donor, brief.schools?.aids, brief.ground.motorway));
