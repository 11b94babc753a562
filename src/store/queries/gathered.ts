import { SHIPPED } from '@/core/catalogue';
import equal from 'fast-deep-equal';
import { resolveDonor, type DonorTable } from '@/core/donor';
import {
  asRidden,
  evidenceOf,
  seenTogether,
  withTrials,
  type Evidence,
  type Settles,
  type Trial,
} from '@/core/evidence';
import type { Part } from '@/core/part';
import { readingInUse } from '@/core/readings';
import { toBase } from '@/core/units';
import { CATALOGUE_KEY, type Dossier } from '../records';

/** One result, kept while the two things it was made from stay the objects they are. */
function keptFor<A extends object, B extends object, R>(make: (a: A, b: B) => R) {
  const made = new WeakMap<A, WeakMap<B, R>>();
  return (a: A, b: B): R => {
    let inner = made.get(a);
    if (!inner) made.set(a, (inner = new WeakMap<B, R>()));
    let result = inner.get(b);
    if (result === undefined) inner.set(b, (result = make(a, b)));
    return result;
  };
}

const trialList = (trials: Dossier['trials']): readonly Trial[] => Object.values(trials);

interface Gathered {
  readonly settles: Settles;
  readonly evidence: Evidence;
}
const evidenceFrom = new WeakMap<Dossier['trials'], Gathered>();

/** What all trials say of the rider. It stays the same object while trials and taped seats do, whatever else of the donors changes. */
export function evidenceIn({ trials, donors }: Pick<Dossier, 'trials' | 'donors'>): Evidence {
  const settles = settlesIn(donors, trialList(trials));
  const known = evidenceFrom.get(trials);
  if (known && equal(known.settles, settles)) return known.evidence;
  const evidence = evidenceOf(trialList(trials), settles);
  evidenceFrom.set(trials, { settles, evidence });
  return evidence;
}

/** How far the seats of machines that were sat on were taped to go down: at a trial, else on the sheet. */
function settlesIn(donors: DonorTable, trials: readonly Trial[]): Settles {
  const sat = new Set(
    trials.flatMap(({ donorId, observed: { feet } }) => (feet ? (donorId ?? []) : [])),
  );
  return Object.fromEntries(
    [...sat].flatMap((id): [string, number][] => {
      const seen = seenTogether(trials.filter((t) => t.donorId === id)).figures?.seatSettle;
      const reading = seen ?? readingInUse(resolveDonor(donors, id)?.figures.seatSettle);
      return reading ? [[id, toBase(reading.amount, reading.unit)]] : [];
    }),
  );
}

const allParts = keptFor(
  (own: Dossier['parts'], uses: Dossier['catalogues']): Readonly<Record<string, Part>> => {
    const use = uses[CATALOGUE_KEY];
    if (!use) return own;
    const without = new Set(use.without);
    const shipped = Object.entries(SHIPPED.parts).filter(([id]) => !without.has(id));
    return Object.fromEntries(
      [...shipped, ...Object.entries(own)].toSorted(([a], [b]) => (a < b ? -1 : 1)),
    );
  },
);

/** Every part there is to choose from, by id: the rider's own and changed ones, and the shipped ones that are not taken out. */
export const partsOf = ({
  parts,
  catalogues,
}: Pick<Dossier, 'parts' | 'catalogues'>): Readonly<Record<string, Part>> =>
  allParts(parts, catalogues);

interface Tried {
  readonly trials: Dossier['trials'];
  readonly parts: Readonly<Record<string, Part>>;
}
const tried = keptFor(
  (trials: Dossier['trials'], parts: Readonly<Record<string, Part>>): Tried => ({ trials, parts }),
);

const withAllTrials = keptFor((donors: Dossier['donors'], { trials, parts }: Tried): DonorTable => {
  const byDonor = new Map<string, Trial[]>();
  for (const trial of trialList(trials)) {
    const donor = donors[trial.donorId ?? ''];
    if (!donor) continue;
    const own = donor.kind === 'machine' ? donor.machine.fitted.map((f) => f.partId) : [];
    byDonor.set(donor.id, [...(byDonor.get(donor.id) ?? []), asRidden(trial, parts, own)]);
  }
  const touched = Object.values(donors).flatMap((donor) => {
    const seen = withTrials(donor, byDonor.get(donor.id) ?? []);
    return seen === donor ? [] : [[donor.id, seen] as const];
  });
  return touched.length === 0 ? donors : { ...donors, ...Object.fromEntries(touched) };
});

/** Every donor with what was read and found on it; those that were never tried stay the objects they are. */
export const donorsOf = (
  dossier: Pick<Dossier, 'donors' | 'trials' | 'parts' | 'catalogues'>,
): DonorTable => withAllTrials(dossier.donors, tried(dossier.trials, partsOf(dossier)));
