import type { Donor, DonorClass, Machine, Model } from '@/core/donor';
import type { Fact } from '@/core/facts';
import type { Figure, Origin, Reading } from '@/core/readings';
import type { Proposal, SaleRead } from '@/core/spec-text';
import { convert } from '@/core/units';
import type { Change } from '@/store/history';
import { newDonor } from '@/store/records';

/** What is known of where the figures come from. */
export interface Source {
  readonly origin: Origin;
  readonly note: string;
}

/** A donor's sheet with proposals as readings beside what is there. Words that say who speaks go before the source. */
export function withProposals(
  donor: Donor,
  proposals: readonly Proposal[],
  { origin, note }: Source,
): { readonly figures: Record<string, Figure>; readonly facts: Record<string, Fact> } {
  const figures: Record<string, Figure> = { ...donor.figures } as Record<string, Figure>;
  const facts: Record<string, Fact> = { ...donor.facts } as Record<string, Fact>;
  for (const p of proposals) {
    const rest = { id: crypto.randomUUID(), origin, note: note || `“${p.words.slice(0, 120)}”` };
    if (p.kind === 'fact')
      facts[p.key] = {
        ...facts[p.key],
        readings: [...(facts[p.key]?.readings ?? []), { ...rest, value: p.value }],
      };
    else {
      const reading: Reading = {
        ...rest,
        ...(p.origin === undefined ? {} : { origin: p.origin }),
        amount: p.amount,
        unit: p.unit,
        basis: p.basis,
        ...(p.spread === undefined ? {} : { spread: p.spread }),
      };
      figures[p.key] = {
        ...figures[p.key],
        readings: [...(figures[p.key]?.readings ?? []), reading],
      };
    }
  }
  return { figures, facts };
}

/** The changes that lay proposals beside what a donor already has. */
export function readingChanges(
  own: Donor,
  taken: readonly Proposal[],
  source: Source,
): readonly Change[] {
  const { figures, facts } = withProposals(own, taken, source);
  const before = own.figures as Readonly<Record<string, Figure | undefined>>;
  return [
    ...Object.keys(figures)
      .filter((key) => figures[key] !== before[key])
      .map((key) => ({
        table: 'donors' as const,
        key: own.id,
        path: ['figures', key],
        before: before[key],
        after: figures[key],
      })),
    ...(Object.keys(facts).length > 0
      ? [
          {
            table: 'donors' as const,
            key: own.id,
            path: ['facts'],
            before: own.facts,
            after: facts,
          },
        ]
      : []),
  ];
}

/** What the rider settled about a machine that is to be made. */
export interface NewMachine {
  readonly maker: string;
  readonly model: string;
  readonly year: number | undefined;
  readonly donorClass: DonorClass | undefined;
  readonly classGuessed?: boolean;
  /** Present: one that stands for sale. */
  readonly sale: SaleRead | undefined;
  readonly taken: readonly Proposal[];
  /** Parts that the rider says it carries. */
  readonly carries?: readonly string[];
}

/** What an advert says besides figures, as a note in its own words. */
export const saleNote = (sale: SaleRead | undefined): string =>
  (sale?.said ?? []).map((s) => s.words).join('; ');
/** Of a donor's note, as its schema has it. */
const NOTE_LENGTH = 4000;

/** Nobody has said how worn a part of an advert is. */
const HALF_WORN = 0.5;

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The model in the list that an advert's machine is one of. */
export const modelLike = (
  donors: readonly Donor[],
  { maker, model }: Pick<NewMachine, 'maker' | 'model'>,
): Model | undefined =>
  donors.find(
    (d): d is Model =>
      d.kind === 'model' && same(d.model, model) && (maker === '' || same(d.maker, maker)),
  );

/** A donor as the text tells it; a machine for sale stands on its model, where that is in the list. */
export function madeDonor(wanted: NewMachine, source: Source, donors: readonly Donor[]): Donor {
  const blank = newDonor(crypto.randomUUID());
  const base = wanted.sale && modelLike(donors, wanted);
  const sheet = {
    id: blank.id,
    maker: base ? '' : wanted.maker.trim(),
    model: base ? '' : wanted.model.trim(),
    version: wanted.year === undefined ? (wanted.sale ? 'one for sale' : '') : String(wanted.year),
    donorClass: base?.donorClass ?? wanted.donorClass ?? blank.donorClass,
    ...(wanted.classGuessed && !base ? { classGuessed: true } : {}),
    note: saleNote(wanted.sale).slice(0, NOTE_LENGTH),
  };
  const { figures, facts } = withProposals(blank, wanted.taken, source);
  const told = { figures, ...(Object.keys(facts).length > 0 ? { facts } : {}) };
  if (!wanted.sale) return { ...blank, ...sheet, ...told, kind: 'model' };
  const { odometer, hours } = wanted.sale;
  const machine: Machine = {
    ...sheet,
    ...told,
    kind: 'machine',
    state: 'for-sale',
    ...(base ? { baseId: base.id } : {}),
    machine: {
      ...(odometer ? { odometer_km: convert(odometer.amount, odometer.unit, 'km') } : {}),
      ...(hours === undefined ? {} : { hours }),
      ...(wanted.year === undefined ? {} : { year: wanted.year }),
      fitted: (wanted.carries ?? []).map((partId) => ({ partId, wear: HALF_WORN })),
    },
  };
  return machine;
}
