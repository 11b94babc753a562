import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** Of these a machine has one; seats and travels have two by their nature. */
const HAS_ONE: readonly FigureKey[] = ['power', 'torque', 'tank', 'consumption', 'price'];
/** Two that lie closer are one. Own assumption. */
const SAME_WITHIN = 0.006;

/** "Leistung (kW/PS): 33/44", "Fuel (L/gal): 14.5/3.8": one figure in two units. */
const IN_TWO_UNITS = spelt(
  /(?<!\p{L})(?:kw ?[/|] ?(?:ps|hp|bhp|cv|ch|km|hk)|(?:ps|hp|bhp|cv|ch|km|hk) ?[/|] ?kw|nm ?[/|] ?(?:lb|ft|mkg|kgm)[\p{L} .-]{0,6}|(?:lb|ft|mkg|kgm)[\p{L} .-]{0,6}[/|] ?nm|l(?:it\p{L}*)? ?[/|] ?(?:us ?)?gal\p{L}*|gal\p{L}* ?[/|] ?l(?:it\p{L}*)?|(?:eur|gbp|usd|chf|[£€$]) ?[/|] ?(?:eur|gbp|usd|chf|[£€$]))\)?\s?[:=|]?\s*$/iu,
);

/** "Power: 47 hp / 51 hp" under a line that names two years or versions: which of them this one is has to be asked. */
export function oneOfTwo(
  made: FigureProposal,
  text: string,
  { from, to, unit, amounts: [a = 0] }: Quantity,
  { next, isTaken }: { readonly next: Quantity | undefined; readonly isTaken: boolean },
): FigureProposal {
  const [b = 0] = next?.amounts ?? [];
  return next !== undefined &&
    !isTaken &&
    next.unit === unit &&
    HAS_ONE.includes(made.key) &&
    !IN_TWO_UNITS.test(text.slice(0, from)) &&
    /^ ?\/ ?[£€$]? ?$/u.test(text.slice(to, next.from)) &&
    Math.abs(a / b - 1) > SAME_WITHIN
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'which-machine' }] }
    : made;
}
