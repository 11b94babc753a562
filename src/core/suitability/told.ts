import { factInUse, type DonorFacts, type FactKey } from '../facts';
import type { IndexReason } from './weighted-index';

/** A reason from a fact of the sheet: each option has its worth. */
export function told(
  facts: DonorFacts | undefined,
  name: FactKey,
  weight: number,
  worths: Readonly<Record<string, number>>,
): IndexReason {
  const says = factInUse(facts?.[name])?.value;
  return { name, weight, says, worth: says === undefined ? undefined : worths[says] };
}
