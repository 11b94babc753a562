import type { Assessment } from '@/core/assessment';
import type { MustKey } from '@/core/brief';
import { baseOf, donorName, type Donor, type DonorClass } from '@/core/donor';
import type { FigureKey, NormalFigure } from '@/core/readings';

export interface ListSetting {
  readonly search: string;
  readonly donorClass: DonorClass | undefined;
  /** Only donors that do not fail this must as they stand; `all`: that fail none. */
  readonly must: MustKey | 'all' | undefined;
  readonly tag: string | undefined;
  readonly sort: 'name' | FigureKey;
  /** Highest first. */
  readonly falling: boolean;
  readonly archived: boolean;
}

export const PLAIN_LIST: ListSetting = {
  search: '',
  donorClass: undefined,
  must: undefined,
  tag: undefined,
  sort: 'name',
  falling: false,
  archived: false,
};

export interface ListSource {
  /** Resolved. */
  readonly donors: readonly Donor[];
  readonly plateOf: (id: string) => number | undefined;
  readonly figure: (donor: Donor, key: FigureKey) => NormalFigure;
  readonly assessment: (donor: Donor) => Assessment | undefined;
}

export interface ListLine {
  readonly donor: Donor;
  /** Indented below its base. */
  readonly below: boolean;
  readonly figure: NormalFigure | undefined;
}

const texts = new WeakMap<Donor, string>();

/** What a search looks through: names, version, note and tags, lower case. */
function searchText(donor: Donor): string {
  const known = texts.get(donor);
  if (known !== undefined) return known;
  const made = [donor.maker, donor.model, donor.version, donor.note, ...(donor.tags ?? [])]
    .join(' ')
    .toLowerCase();
  texts.set(donor, made);
  return made;
}

/**
 * The donors to list, in order. By name: shortlisted first by plate, then by name, variants and listings below their base.
 * By a figure: in its order, not known last.
 */
export function listDonors(
  { donors, plateOf, figure, assessment }: ListSource,
  setting: ListSetting,
): readonly ListLine[] {
  const words = setting.search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = donors.filter(
    (donor) =>
      (setting.archived || !donor.archived) &&
      (setting.donorClass === undefined || donor.donorClass === setting.donorClass) &&
      (setting.tag === undefined || donor.tags?.includes(setting.tag)) &&
      words.every((word) => searchText(donor).includes(word)) &&
      (setting.must === undefined || passes(assessment(donor), setting.must)),
  );
  return setting.sort === 'name'
    ? byName(shown, plateOf)
    : byFigure(shown, setting.sort, setting.falling, figure);
}

const passes = (assessment: Assessment | undefined, must: MustKey | 'all'): boolean =>
  assessment === undefined ||
  !assessment.musts.some((m) => m.verdict === 'fail' && (must === 'all' || m.key === must));

function byName(donors: readonly Donor[], plateOf: ListSource['plateOf']): readonly ListLine[] {
  const last = Number.MAX_SAFE_INTEGER;
  const keyed = donors.map((donor) => ({
    donor,
    plate: plateOf(donor.id) ?? last,
    name: `${donorName(donor)} ${donor.version}`,
  }));
  keyed.sort((a, b) => a.plate - b.plate || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0));
  const ids = new Set(donors.map((d) => d.id));
  const children = new Map<string, typeof keyed>();
  for (const item of keyed) {
    const base = baseOf(item.donor);
    if (base !== undefined && ids.has(base))
      children.set(base, [...(children.get(base) ?? []), item]);
  }
  const lines: ListLine[] = [];
  const walk = (item: (typeof keyed)[number], below: boolean) => {
    lines.push({ donor: item.donor, below, figure: undefined });
    for (const child of children.get(item.donor.id) ?? []) walk(child, true);
  };
  for (const item of keyed) if (!ids.has(baseOf(item.donor) ?? '')) walk(item, false);
  return lines;
}

function byFigure(
  donors: readonly Donor[],
  key: FigureKey,
  falling: boolean,
  figure: ListSource['figure'],
): readonly ListLine[] {
  const lines = donors.map((donor) => ({ donor, below: false, figure: figure(donor, key) }));
  const value = (line: (typeof lines)[number]) =>
    line.figure.estimate.kind === 'known' ? line.figure.estimate.interval.mid : undefined;
  return lines.sort((a, b) => {
    const [x, y] = [value(a), value(b)];
    if (x === undefined || y === undefined)
      return Number(x === undefined) - Number(y === undefined);
    return falling ? y - x : x - y;
  });
}
