import type { DonorFigures, FigureKey } from '../readings';
import { baseOf, type Donor, type Variant } from './donor';

export type DonorTable = Readonly<Record<string, Donor>>;

/** Model → variant → machine is as deep as it goes; a ring in damaged data ends here too. */
const DEEPEST = 3;

/** The donor and what it stands on, nearest first. */
export function donorLine(donors: DonorTable, id: string): readonly Donor[] {
  const line: Donor[] = [];
  for (let at: string | undefined = id; at !== undefined && line.length < DEEPEST; ) {
    const donor: Donor | undefined = Object.hasOwn(donors, at) ? donors[at] : undefined;
    if (!donor || line.includes(donor)) break;
    line.push(donor);
    at = baseOf(donor);
  }
  return line;
}

/** What was resolved from a line of donors: the same line gives the same object, so that whatever is computed from it can be kept. */
const resolved = new WeakMap<Donor, { readonly line: readonly Donor[]; readonly donor: Donor }>();

/**
 * A donor with everything it inherits: figure by figure and fact by fact its own, else its base's; weak points of all;
 * maker, model and class of the model. The version words of a machine follow those of its variant.
 *
 * @returns `undefined` when there is no such donor.
 */
export function resolveDonor(donors: DonorTable, id: string): Donor | undefined {
  const line = donorLine(donors, id);
  const [own, ...bases] = line;
  if (!own || bases.length === 0) return own;
  const known = resolved.get(own);
  if (known?.line.length === line.length && known.line.every((d, i) => d === line[i]))
    return known.donor;
  const donor = bases.reduce<Donor>(inherited, own);
  resolved.set(own, { line, donor });
  return donor;
}

const variantOf = (donor: Donor): Variant | undefined =>
  donor.kind === 'model' ? undefined : donor.variant;

/** What a low version takes over of its model's seats: the low one, where the model's sheet names it and the rider insists on none. */
function seatedAs(figures: DonorFigures, seat: Variant['seat']): DonorFigures {
  const height = figures.seatHeight;
  const low = height?.readings.findLast((r) => r.basis === 'low-seat');
  return seat === 'low' && height && low && height.pinned === undefined
    ? { ...figures, seatHeight: { ...height, pinned: low.id } }
    : figures;
}

function inherited(child: Donor, base: Donor): Donor {
  const sheet = {
    maker: child.maker || base.maker,
    model: child.model || base.model,
    version:
      [base.kind === 'model' ? '' : base.version, child.version].filter(Boolean).join(', ') ||
      base.version,
    donorClass: base.donorClass,
    classGuessed: base.classGuessed,
    figures: { ...seatedAs(base.figures, variantOf(child)?.seat), ...child.figures },
    inherited: {
      ...child.inherited,
      ...Object.fromEntries(
        Object.keys(base.figures)
          .filter((key) => !Object.hasOwn(child.figures, key))
          .map((key) => [key, base.inherited?.[key as FigureKey] ?? base.id]),
      ),
    },
    facts: { ...base.facts, ...child.facts },
    weakPoints: [...(base.weakPoints ?? []), ...(child.weakPoints ?? [])],
    note: child.note || base.note,
    root: base.root ?? base.id,
  };
  return child.kind === 'model'
    ? { ...child, ...sheet }
    : { ...child, ...sheet, variant: { ...variantOf(base), ...variantOf(child) } };
}
