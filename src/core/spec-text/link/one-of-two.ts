import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** Of these a machine has one; seats and travels have two by their nature. */
const HAS_ONE: readonly FigureKey[] = ['power', 'torque', 'tank', 'consumption', 'price'];
/** Two that lie closer are one. Own assumption. */
const SAME_WITHIN = 0.006;

/** "Power: 47 hp / 51 hp" under a line that names two years or versions: which of them this one is has to be asked. */
export function oneOfTwo(
  made: FigureProposal,
  text: string,
  { to, unit, amounts: [a = 0] }: Quantity,
  { next, isTaken }: { readonly next: Quantity | undefined; readonly isTaken: boolean },
): FigureProposal {
  const [b = 0] = next?.amounts ?? [];
  return next !== undefined &&
    !isTaken &&
    next.unit === unit &&
    HAS_ONE.includes(made.key) &&
    /^ ?\/ ?[£€$]? ?$/u.test(text.slice(to, next.from)) &&
    Math.abs(a / b - 1) > SAME_WITHIN
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'which-machine' }] }
    : made;
}
