import { convert, unitEntry, type UnitId } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { sensesOf, UNDECIDED } from './dimensions';

/** The same figure in another unit. */
export interface Twin {
  readonly amount: number;
  readonly unit: UnitId;
}

/** Whether two quantities may be one figure in two units: `34.6 in (879 mm)`. Money is never converted. */
export function isPair(text: string, one: Quantity, two: Quantity): boolean {
  if (one.unit === undefined || two.unit === undefined || one.unit === two.unit) return false;
  if (one.listed || one.product !== undefined || two.product !== undefined) return false;
  const [a, b] = [sensesOf(one.unit, UNDECIDED)[0], sensesOf(two.unit, UNDECIDED)[0]];
  if (!a || !b || a.dimension !== b.dimension || a.dimension === 'money') return false;
  const gap = text.slice(one.to, two.from);
  return (
    /^\s*[([/=,|]\s*(?:or |approx\.? )?$/u.test(gap) ||
    /^\s*(?:or|=)\s*$/iu.test(gap) ||
    /^(?: (?:of )?[a-z]+(?: [a-z]+)?)?,? (?:which is|that['’]s|that is|which works out (?:at|to))(?: about| around| roughly)?\s*$/iu.test(
      gap,
    )
  );
}

/** Two units of one figure agree when they differ by no more than rounding. Own assumption: 1.5 %. */
const PAIR_TOLERANCE = 0.015;
/** What rounding alone makes of two whole numbers is up to half of each: "40 Nm (30 lb-ft)". Own assumption: no more than 4 %. */
const MOST_ROUNDED = 0.04;
const rounded = (...amounts: readonly number[]): number =>
  Math.min(
    MOST_ROUNDED,
    amounts.reduce((sum, a) => sum + (Number.isInteger(a) ? 0.5 / a : 0), 0),
  );

/** "77 kW (105 HP)": makers of the continent call the metric horsepower so in English, too. */
const orMetric = (units: readonly UnitId[]): readonly UnitId[] =>
  units.includes('hp') && !units.includes('PS') ? [...units, 'PS'] : units;

/**
 * Lays a figure beside its twin: the unit of both that agrees, which settles a bare gallon; `undefined` when none does.
 */
export function agreedUnit(
  amount: number,
  mine: readonly UnitId[],
  twin: Quantity,
): { readonly unit: UnitId | undefined; readonly other: Twin } {
  const said = sensesOf(twin.unit, UNDECIDED)[0]?.units ?? [];
  const theirs = orMetric(said);
  const value = twin.amounts[0] ?? 0;
  // A bare gallon is settled by which agrees, and must not be by rounding.
  const sure = mine.length === 1 && said.length === 1;
  const tolerance = Math.max(
    PAIR_TOLERANCE,
    ...(sure && value > 0 ? [rounded(value, amount)] : []),
  );
  for (const unit of orMetric(mine))
    for (const t of theirs)
      if (
        unitEntry(unit).dimension === unitEntry(t).dimension &&
        value > 0 &&
        twin.amounts.some((v) => Math.abs(convert(v, t, unit) / amount - 1) <= tolerance)
      )
        return { unit, other: { amount: value, unit: t } };
  return { unit: undefined, other: { amount: value, unit: said[0] ?? 'kg' } };
}
