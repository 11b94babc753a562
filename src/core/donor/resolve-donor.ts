import type { Donor } from './donor';

export type DonorTable = Readonly<Record<string, Donor>>;

/** Model → variant → listing is as deep as it goes; a ring in damaged data ends here too. */
const DEEPEST = 3;

/** The donor and what it stands on, nearest first. */
export function donorLine(donors: DonorTable, id: string): readonly Donor[] {
  const line: Donor[] = [];
  for (
    let at: string | undefined = id;
    at !== undefined && line.length < DEEPEST;
    at = donors[at]?.baseId
  ) {
    const donor: Donor | undefined = donors[at];
    if (!donor || line.includes(donor)) break;
    line.push(donor);
  }
  return line;
}

/**
 * A donor with everything it inherits: figure by figure and fact by fact its own, else its base's; weak points of all;
 * maker, model and class of the model. The version words of a listing follow those of its variant.
 *
 * @returns `undefined` when there is no such donor.
 */
export function resolveDonor(donors: DonorTable, id: string): Donor | undefined {
  const [own, ...bases] = donorLine(donors, id);
  if (!own || bases.length === 0) return own;
  return bases.reduce<Donor>(
    (child, base) => ({
      ...child,
      maker: child.maker || base.maker,
      model: child.model || base.model,
      version:
        [base.baseId === undefined ? '' : base.version, child.version].filter(Boolean).join(', ') ||
        base.version,
      donorClass: base.donorClass,
      figures: { ...base.figures, ...child.figures },
      facts: { ...base.facts, ...child.facts },
      weakPoints: [...(base.weakPoints ?? []), ...(child.weakPoints ?? [])],
      variant: { ...base.variant, ...child.variant },
      note: child.note || base.note,
    }),
    own,
  );
}

/** Everything that stands on this donor: its variants, its listings and theirs. */
export function descendants(donors: DonorTable, id: string): readonly Donor[] {
  const below = Object.values(donors).filter((d) => d.baseId === id && d.id !== id);
  return [
    ...below,
    ...below.flatMap((d) => Object.values(donors).filter((e) => e.baseId === d.id && e.id !== id)),
  ];
}
