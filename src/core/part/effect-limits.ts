import { figureDefinition } from '../readings';
import type { AffectedFigure, EffectChange } from './part';

/** Smallest and largest factor of a part that scales a figure. */
const FACTOR_LIMITS = { min: 0.2, max: 5 } as const;

/**
 * Domain of an effect's amount: a figure is set within its own limits, added to by no more than these span, and scaled by a factor
 * of 0.2 to 5. Schema, editor and tests read it.
 *
 * @param figure the figure that is affected; amounts in its base unit
 */
export function effectLimits(
  figure: AffectedFigure,
  change: EffectChange,
): { readonly min: number; readonly max: number } {
  const { min, max } = figureDefinition(figure).limits;
  switch (change) {
    case 'set':
      return { min, max };
    case 'add':
      return { min: min - max, max: max - min };
    case 'scale':
      return FACTOR_LIMITS;
  }
}

/** Domain of an effect's spread, in the unit of its amount. */
export function effectSpreadLimits(
  figure: AffectedFigure,
  change: EffectChange,
): { readonly min: number; readonly max: number } {
  const { min, max } = figureDefinition(figure).limits;
  return { min: 0, max: change === 'scale' ? 1 : (max - min) / 2 };
}
