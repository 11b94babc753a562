import { ISO_POWER } from '../../engine';
import { certain } from '../../numeric';
import { metric, type Metric } from '../formula';
import { briefInput } from '../working-inputs';
import type { LoadContext } from './context';
import { powerShare } from './on-the-road';

/** Power in the brief's air by rated power, 0–1. */
export const powerThereMetric = ({ brief }: LoadContext): Metric =>
  metric(
    'powerThere',
    certain(powerShare(brief)),
    [briefInput(brief, 'trip.altitude_m'), briefInput(brief, 'trip.heat_C')],
    ISO_POWER,
  );
