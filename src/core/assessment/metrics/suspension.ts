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
import { springInputs, springsOf, TRAVEL } from './springs';

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

const uniqueInputs = (inputs: readonly WorkingInput[]): readonly WorkingInput[] =>
  inputs.filter(({ name }, i) => inputs.findIndex((other) => other.name === name) === i);

/** How the weaker end suits ground, rider and load, 0–1. */
export function suspensionMetric(context: MetricContext): SuspensionMetric {
  const { brief, donor, figures, suspension } = context;
  const match = (end: SuspensionEnd) =>
    endMatch(
      end,
      brief,
      estimateIn<Millimetres>(figures, TRAVEL[end]),
      springsOf(figures, end),
      donor.facts,
      suspension,
      kindOfMachine(donor),
    );
  const ends = { front: match('front'), rear: match('rear') };
  return {
    ends,
    ...metric(
      'suspension',
      suspensionMatch(ends.front, ends.rear),
      [
        figureInput(figures, 'travelFront'),
        figureInput(figures, 'travelRear'),
        ...uniqueInputs([...springInputs(figures, 'front'), ...springInputs(figures, 'rear')]),
        briefInput(brief, 'rider.mass_kg'),
        ...endInputs(ends.front),
        ...endInputs(ends.rear),
      ],
      { springSlack: SPRING_SLACK },
    ),
  };
}
