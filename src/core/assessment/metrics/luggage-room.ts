import type { Brief } from '../../brief';
import { metric, type Metric } from '../formula';
import { figureInput, plainInput } from '../working-inputs';
import type { MetricContext } from './context';

/** Room that a kilogram of camping and riding kit takes, L. Own assumption: soft bags, packed by hand. */
const LITRES_PER_KG = 2.5;

/** Room that the trip needs, L: as the brief says, else by the mass of the luggage. */
export const luggageNeeded = ({ trip }: Pick<Brief, 'trip'>): number =>
  trip.luggage_L ?? trip.luggage_kg * LITRES_PER_KG;

/** Litres that the machine carries in its cases and bags. */
export const luggageRoomMetric = ({ brief, figures }: MetricContext): Metric =>
  metric(
    'luggageRoom',
    figures.luggageVolume.estimate,
    [
      figureInput(figures, 'luggageVolume'),
      plainInput('luggageNeeded', luggageNeeded(brief), undefined, undefined, 'litres'),
    ],
    { perKg_L: brief.trip.luggage_L === undefined ? LITRES_PER_KG : undefined },
  );
