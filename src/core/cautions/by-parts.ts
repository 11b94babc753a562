import type { Part, PartFlag } from '../part';
import type { Caution } from './caution';
import { Finder, Of } from './caution-facts';

const withFlag = (parts: readonly Part[], ...flags: readonly PartFlag[]): readonly string[] =>
  parts.filter((p) => flags.some((f) => p.flags.includes(f))).map((p) => p.id);
type PartCautionCode = Extract<Caution, { partIds: readonly string[] }>['code'];

/** The parts that set off a caution, if there are any. */
export const ofParts = <C extends PartCautionCode>(
  code: C,
  partIds: readonly string[],
): readonly Of<C>[] => (partIds.length > 0 ? [{ code, partIds } as unknown as Of<C>] : []);

/** A caution that parts with this flag set off. */
export const byFlag =
  <C extends PartCautionCode>(code: C, flag: PartFlag): Finder<C> =>
  ({ parts }) =>
    ofParts(code, withFlag(parts, flag));
export const lowering = (parts: readonly Part[]) =>
  withFlag(parts, 'lowers-one-end', 'lowers-both-ends');

/** How much lower the machine stands at its stand with lowering parts, mm: by what they take of the clearance. */
export const loweredBy = (parts: readonly Part[]): number => {
  const lower = new Set(lowering(parts));
  return parts
    .filter((p) => lower.has(p.id))
    .flatMap((p) => p.effects)
    .reduce((sum, e) => sum - (e.figure === 'clearance' && e.change === 'add' ? e.amount : 0), 0);
};

export const standShortened = (parts: readonly Part[]) =>
  withFlag(parts, 'shortens-stand').length > 0;
