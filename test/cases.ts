import { assess, caseOf, type Aboard, type Assessment } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { SHIPPED_PARTS } from '@/core/catalogue';
import type { Donor } from '@/core/donor';
import type { Part } from '@/core/part';

/** A case assessed, from the things that tests vary. */
export const assessed = (
  brief: Brief,
  donor: Donor,
  parts: readonly Part[] = [],
  aboard?: Aboard,
): Assessment => assess(caseOf({ brief, donor, parts, ...(aboard ? { aboard } : {}) }));

/** A shipped part with other effects and nothing else to it. */
export const plainPart = (effects: Part['effects']): Part => {
  const [some] = SHIPPED_PARTS;
  if (!some) throw new Error('no parts');
  return { ...some, id: 'plain', effects, mass_kg: 0, flags: [], sets: {} };
};
