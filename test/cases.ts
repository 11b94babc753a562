import { assess, caseOf, type Aboard, type Assessment } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import type { Donor } from '@/core/donor';
import type { Part } from '@/core/part';

/** A case assessed, from the things that tests vary. */
export const assessed = (
  brief: Brief,
  donor: Donor,
  parts: readonly Part[] = [],
  aboard?: Aboard,
): Assessment => assess(caseOf({ brief, donor, parts, ...(aboard ? { aboard } : {}) }));
