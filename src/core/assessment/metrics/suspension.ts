import { kindOfMachine } from '../../donor';
import {
  endMatch,
  SPRING_SLACK,
  suspensionMatch,
  type EndMatch,
  type SuspensionEnd,
} from '../../suspension';
import type { Millimetres } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, type WorkingInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** The suspension's match with what each end gives. */
export interface SuspensionMetric extends Metric {
  readonly ends: Readonly<Record<SuspensionEnd, EndMatch>>;
}

const endInputs = ({ end, travel, springs, adjusters, index }: EndMatch): readonly WorkingInput[] =>
  [
    { what: 'travel', estimate: travel },
    { what: 'springs', estimate: springs },
    { what: 'adjusters', estimate: adjusters },
    { what: 'index', estimate: index },
  ].map(({ what, estimate }) => ({ name: `${end}.${what}`, dimension: 'index', estimate }));

/** How the weaker end suits ground, rider and load, 0–1. */
export function suspensionMetric(context: MetricContext): SuspensionMetric {
  const { brief, donor, figures, suspension } = context;
  const match = (end: SuspensionEnd, travel: 'travelFront' | 'travelRear') =>
    endMatch(
      end,
      brief,
      estimateIn<Millimetres>(figures, travel),
      figures.springRiderMass.estimate,
      donor.facts,
      suspension,
      kindOfMachine(donor),
    );
  const ends = { front: match('front', 'travelFront'), rear: match('rear', 'travelRear') };
  return {
    ends,
    ...metric(
      'suspension',
      suspensionMatch(ends.front, ends.rear),
      [
        figureInput(figures, 'travelFront'),
        figureInput(figures, 'travelRear'),
        figureInput(figures, 'springRiderMass'),
        briefInput(brief, 'rider.mass_kg'),
        ...endInputs(ends.front),
        ...endInputs(ends.rear),
      ],
      { springSlack: SPRING_SLACK },
    ),
  };
}
