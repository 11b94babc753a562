import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { MetricContext } from './context';
import { serviceDistance, serviceInputs } from './services';

type FromSheet = Pick<MetricContext, 'figures'>;

/** Ready-to-ride mass on one basis, kg. */
export const readyMassMetric = ({ figures }: FromSheet): Metric =>
  metric('readyMass', figures.mass.estimate, [figureInput(figures, 'mass')]);

/** Ground clearance as its reading states it, mm. */
export const clearanceMetric = ({ figures }: FromSheet): Metric =>
  metric('clearance', figures.clearance.estimate, [figureInput(figures, 'clearance')]);

/** Distance between services, km: the soonest of what the book says. */
export const serviceIntervalMetric = ({
  brief,
  figures,
}: Pick<MetricContext, 'brief' | 'figures'>): Metric =>
  metric('serviceInterval', serviceDistance(brief, figures), serviceInputs(brief, figures));
