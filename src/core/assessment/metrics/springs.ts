import type { NormalFigures } from '../../readings';
import {
  riderSprungFor,
  sagPerKgTold,
  type EndSprings,
  type SuspensionEnd,
} from '../../suspension';
import type { Millimetres } from '../../units';
import { figureInput, type WorkingInput } from '../working-inputs';
import { estimateIn } from './context';

/** What tells how stiff an end is. */
const RATES = { front: ['forkRate', 'rake'], rear: ['shockRate', 'motionRatio'] } as const;
export const TRAVEL = { front: 'travelFront', rear: 'travelRear' } as const;

/** Spring rates count where the sheet tells them. */
const told = (figures: NormalFigures, end: SuspensionEnd): boolean =>
  figures[RATES[end][0]].reading !== undefined && figures[RATES[end][1]].estimate.kind === 'known';
/** Whether the rider whom the springs suit follows from their rate: the sheet names none. */
const fromRate = (figures: NormalFigures, end: SuspensionEnd): boolean =>
  told(figures, end) && figures.springRiderMass.reading === undefined;

/**
 * The springs of an end: the rider whom the sheet says they suit, else the one who follows from a told rate, else what is typical of the
 * class; and their stiffness, where a rate is told.
 */
export function springsOf(figures: NormalFigures, end: SuspensionEnd): EndSprings {
  if (!told(figures, end)) return { suits: figures.springRiderMass.estimate };
  const perKg = sagPerKgTold(figures, end);
  return {
    perKg,
    suits: fromRate(figures, end)
      ? riderSprungFor(end, perKg, estimateIn<Millimetres>(figures, TRAVEL[end]))
      : figures.springRiderMass.estimate,
  };
}

/** The figures it came from. */
export const springInputs = (
  figures: NormalFigures,
  end: SuspensionEnd,
): readonly WorkingInput[] => [
  ...(fromRate(figures, end) ? [] : [figureInput(figures, 'springRiderMass')]),
  ...(told(figures, end) ? RATES[end].map((key) => figureInput(figures, key)) : []),
  ...(told(figures, end) && end === 'rear' && figures.motionRatioEnd.estimate.kind === 'known'
    ? [figureInput(figures, 'motionRatioEnd')]
    : []),
];
