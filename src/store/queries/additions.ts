import type { Money } from '@/core/brief';
import { donorLine, type Donor } from '@/core/donor';
import { partsCost } from '@/core/money';
import { fitsDonor, madeFor, type Part } from '@/core/part';
import { findBuildFaults } from '@/core/planning';
import type { Dossier } from '../records';
import { partsOf } from './gathered';

/** One part that could be added, with the cheapest part it needs. */
export interface Addition {
  readonly part: Part;
  /** The part first, then its helper. */
  readonly added: readonly Part[];
  /** All of it with fitting, in the brief's currency. */
  readonly cost: number;
}

/** Every single addition that the rules allow beside what is there already, among the parts that `wanted` lets through; parts without a price in the brief's currency are left out. */
export function possibleAdditions(
  dossier: Dossier,
  money: Money,
  donor: Donor,
  there: readonly Part[],
  wanted: (part: Part) => boolean = () => true,
): readonly Addition[] {
  const all = partsOf(dossier);
  const line = donorLine(dossier.donors, donor.id).map((d) => d.id);
  const fitting = Object.values(all)
    .filter((p) => fitsDonor(p, donor, line) && !there.some((t) => t.id === p.id))
    .map((p) => madeFor(p, donor));
  const catalogue = new Map(Object.values(all).map((p) => [p.id, p]));
  const byId = new Map(fitting.map((p) => [p.id, p]));
  const faults = (parts: readonly Part[]) =>
    findBuildFaults(
      [...there, ...parts].map((p) => p.id),
      catalogue,
    ).filter((f) => parts.some((p) => p.id === f.id));
  const cost = (parts: readonly Part[]): number | undefined => {
    const costs = parts.map((part) => partsCost(part, money));
    return costs.reduce<number | undefined>(
      (sum, c) => (sum === undefined || c === undefined ? undefined : sum + c),
      0,
    );
  };
  return fitting.filter(wanted).flatMap((part): Addition[] => {
    const alone = faults([part]);
    const tries =
      alone.length === 0
        ? [[part]]
        : [...new Set(alone.flatMap((f) => (f.code === 'need-missing' ? f.anyOf : [])))]
            .flatMap((id) => byId.get(id) ?? [])
            .map((helper) => [part, helper])
            .filter((added) => faults(added).length === 0);
    const priced = tries.flatMap((added) => {
      const sum = cost(added);
      return sum === undefined ? [] : [{ part, added, cost: sum }];
    });
    return priced.sort((a, b) => a.cost - b.cost).slice(0, 1);
  });
}
