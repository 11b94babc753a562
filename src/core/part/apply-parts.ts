import { certain, combine, plusMinus, source, type Estimate, type Known } from '../numeric';
import { fuelDensity, type FigureKey, type NormalFigures } from '../readings';
import { effectLimits } from './effect-limits';
import { isLoose } from './made-for';
import { EFFECT_CHANGES, type EffectChange, type Part, type PartEffect } from './part';

/**
 * The figures of a machine with parts fitted: `set` first, then `scale`, then `add`, so that the order of the list
 * does not matter. A figure that is not known stays not known unless a part sets it. Mass takes the parts' own mass
 * and the fuel that a larger tank holds (tank gain × fuel density), since ready-to-ride mass is with a full tank.
 */
export function applyParts(figures: NormalFigures, parts: readonly Part[]): NormalFigures {
  const next: Record<string, NormalFigures[FigureKey]> = { ...figures };
  const change = (key: FigureKey, f: (e: Estimate) => Estimate) => {
    const figure = next[key];
    if (figure) next[key] = { ...figure, estimate: f(figure.estimate) };
  };
  const settle = (key: FigureKey) => {
    const figure = next[key];
    if (figure?.typical) next[key] = { ...figure, typical: undefined };
  };
  // Fuel in a can is no tank.
  const effects = parts.flatMap((p) =>
    p.effects
      .filter((e) => !(isLoose(p) && e.figure === 'tank'))
      .map((e) => ({ ...e, by: effectEstimate(p.id, e) })),
  );
  for (const kind of EFFECT_CHANGES) {
    for (const effect of effects.filter((e) => e.change === kind)) {
      change(effect.figure, (e) => CHANGED[effect.change](e, effect.by));
      if (effect.change === 'set') settle(effect.figure);
    }
  }
  const mass = parts.reduce((sum, p) => sum + p.mass_kg, 0);
  const [before, after] = [figures.tank.estimate, next.tank?.estimate];
  if (after && after !== before && before.kind === 'known')
    change('mass', (e) =>
      combine(
        [e, before, after, fuelDensity()] as const,
        (m, was, is, density) => m + mass + (is - was) * density,
      ),
    );
  else if (mass !== 0) change('mass', (e) => combine([e] as const, (m) => m + mass));
  return next as Record<FigureKey, NormalFigures[FigureKey]>;
}

/** What an effect does as a figure: one source for each part, shared by all machines it is fitted to. */
export const effectEstimate = (
  partId: string,
  { figure, change, amount, spread }: PartEffect,
): Known =>
  spread === undefined || spread === 0
    ? certain(amount)
    : source(`part/${partId}/${figure}`, plusMinus(amount, spread), {
        cut: effectLimits(figure, change),
      });

/** What each kind of effect makes of an estimate. */
const CHANGED: Readonly<Record<EffectChange, (estimate: Estimate, by: Known) => Estimate>> = {
  set: (_, amount) => amount,
  scale: (estimate, factor) => combine([estimate, factor] as const, (x, f) => x * f),
  add: (estimate, amount) => combine([estimate, amount] as const, (x, a) => x + a),
};
