import { caseOf, mustsOf } from '@/core/assessment';
import type { Brief, MustKey } from '@/core/brief';
import type { DonorClass } from '@/core/donor';
import { shareOf } from '@/core/numeric';
import { typicalMachine } from '@/core/outlook';
import type { Part } from '@/core/part';
import type { Dossier } from '../records';
import { possibleAdditions } from './additions';
import { evidenceIn } from './gathered';
import { touches } from './must-closers';

/** Fewer draws than that gained are no help, as a share. */
const HELP = 0.05;
/** Of the help that the best part gives, as much makes a cheaper one worth naming. */
const NEARLY = 0.5;

/**
 * What parts usually bring a class for a must: the part with which it holds most often, and a cheaper one before it that does at least
 * half as much; each with the part it needs. None where the must holds anyway or no part helps.
 */
export function classHelpers(
  dossier: Dossier,
  brief: Brief,
  donorClass: DonorClass,
  must: MustKey,
): readonly (readonly Part[])[] {
  const donor = typicalMachine(donorClass);
  const evidence = evidenceIn(dossier);
  const chance = (parts: readonly Part[]): number => {
    const [result] = mustsOf(caseOf({ brief, donor, parts, evidence }), [must]);
    return result?.holds.kind === 'known' ? shareOf(result.holds) : 0;
  };
  const without = chance([]);
  const helping = possibleAdditions(dossier, brief.money, donor, [], (p) => touches(p, must))
    .map(({ added, cost }) => ({ added, cost, gain: chance(added) - without }))
    .filter(({ gain }) => gain >= HELP)
    .toSorted((a, b) => b.gain - a.gain || a.cost - b.cost);
  const [best] = helping;
  const cheaper = helping
    .filter((h) => best && h.gain >= best.gain * NEARLY && h.cost < best.cost)
    .toSorted((a, b) => a.cost - b.cost)[0];
  return [cheaper, best].flatMap((h) => (h ? [h.added] : []));
}
