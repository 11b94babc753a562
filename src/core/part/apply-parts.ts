import { add, combine, exactly, known, multiply, scale, type Estimate } from '../numeric';
import { FUEL_DENSITY, type FigureKey, type NormalFigures } from '../readings';
import { EFFECT_CHANGES, type EffectChange, type Part } from './part';

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
  const effects = parts.flatMap((p) => p.effects);
  for (const kind of EFFECT_CHANGES) {
    for (const effect of effects.filter((e) => e.change === kind))
      change(effect.figure, (e) => CHANGED[effect.change](e, effect.amount));
  }
  const mass = parts.reduce((sum, p) => sum + p.mass_kg, 0);
  const fuel = fuelGained(figures.tank.estimate, next.tank?.estimate);
  if (parts.length > 0)
    change('mass', (e) =>
      e.kind === 'known' ? known(add(add(e.interval, exactly(mass)), fuel)) : e,
    );
  return next as Record<FigureKey, NormalFigures[FigureKey]>;
}

/** What each kind of effect makes of an estimate. */
const CHANGED: Readonly<Record<EffectChange, (estimate: Estimate, amount: number) => Estimate>> = {
  set: (_, amount) => known(exactly(amount)),
  scale: (estimate, factor) => combine([estimate] as const, (i) => scale(i, factor)),
  add: (estimate, amount) => combine([estimate] as const, (i) => add(i, exactly(amount))),
};

function fuelGained(before: Estimate, after: Estimate | undefined) {
  if (before.kind === 'unknown' || after?.kind !== 'known') return exactly(0);
  const gained = after.interval.mid - before.interval.mid;
  return gained >= 0 ? multiply(exactly(gained), FUEL_DENSITY) : scale(FUEL_DENSITY, gained);
}
