import {
  assess,
  keepingLast,
  NOTHING_ABOARD,
  type Aboard,
  type Assessment,
  type BareCase,
  type Case,
  type Once,
} from '@/core/assessment';
import { briefForPurpose, WHOLE, type Brief } from '@/core/brief';
import { kindOfMachine, resolveDonor, shortName, type Donor, type DonorTable } from '@/core/donor';
import type { Part } from '@/core/part';
import type { FigureKey } from '@/core/readings';
import { withLikelyClasses } from '@/core/typical';
import {
  fitScore,
  rank,
  wantCurves,
  wantWeights,
  type FitScore,
  type Ranked,
  type WantCurve,
  type WantKey,
  type WantWeights,
} from '@/core/preference';
import { BRIEF_KEY, type Candidate, type Dossier } from '../records';
import { donorsOf, evidenceIn, partsOf } from './gathered';

type PartTable = Readonly<Record<string, Part>>;

/** A candidate with all that is computed about it, as it stands and with its chosen parts. */
export interface StandingCandidate {
  readonly candidate: Candidate;
  /** All that it is assessed from, without parts. */
  readonly bare: BareCase;
  /** With everything it inherits. */
  readonly donor: Donor;
  /** Parts that a machine carries already. */
  readonly aboard: readonly Part[];
  readonly parts: readonly Part[];
  readonly stock: Assessment;
  readonly stockScore: FitScore;
  readonly built: Assessment;
  readonly builtScore: FitScore;
}

/** Where the shortlist stands against the brief. */
export interface Standing {
  /** With the ground and beliefs of the purpose. */
  readonly brief: Brief;
  readonly purpose: string;
  readonly weights: WantWeights;
  readonly curves: Readonly<Record<WantKey, WantCurve>>;
  /** By plate. */
  readonly candidates: readonly StandingCandidate[];
  readonly stockRanking: readonly Ranked[];
  readonly builtRanking: readonly Ranked[];
}

const candidateList = (dossier: Dossier): readonly Candidate[] =>
  Object.values(dossier.candidates).toSorted((a, b) => a.plate - b.plate);

/** The parts a candidate's build names, in the order chosen; parts that have left the catalogue are left out. */
const chosenParts = (dossier: Dossier, candidateId: string): readonly Part[] => {
  const parts = partsOf(dossier);
  return (dossier.builds[candidateId]?.partIds ?? []).flatMap((id) => parts[id] ?? []);
};

/** What a machine carries already, and which figures were read on that very one; nothing for models and variants. */
function aboardOf(donors: DonorTable, parts: PartTable, donorId: string): Aboard {
  const own = donors[donorId];
  if (own?.kind !== 'machine') return NOTHING_ABOARD;
  return {
    parts: own.machine.fitted.flatMap(({ partId }) => parts[partId] ?? []),
    readOnIt: Object.keys(own.figures) as FigureKey[],
  };
}

/** A donor as it is weighed: with all it inherits, all that was seen on it, and what it carries; `undefined` when there is none. */
export function bareCase(dossier: Dossier, brief: Brief, donorId: string): BareCase | undefined {
  const donors = donorsOf(dossier);
  const resolved = resolveDonor(donors, donorId);
  if (!resolved) return undefined;
  const donor = withLikelyClasses(resolved);
  const aboard = aboardOf(donors, partsOf(dossier), donorId);
  const candidate = Object.values(dossier.candidates).find((c) => c.donorId === donorId);
  const taken = candidate?.takenAsKept ?? [];
  return {
    brief,
    donor,
    aboard,
    evidence: evidenceIn(dossier),
    ...(taken.length > 0 ? { takenAsKept: taken } : {}),
  };
}

/** One result for each purpose asked for, thrown away with the dossier it was computed from. */
const made = new WeakMap<Dossier, Map<string, Standing | undefined>>();

/** Where the shortlist stands for a purpose; `undefined` while there is no brief. Computed once for each state of the dossier. */
export function standing(dossier: Dossier, purpose: string = WHOLE): Standing | undefined {
  const brief = dossier.briefs[BRIEF_KEY];
  const id = brief?.purposes?.some((p) => p.id === purpose) ? purpose : WHOLE;
  let results = made.get(dossier);
  if (!results) {
    results = new Map<string, Standing | undefined>();
    made.set(dossier, results);
  }
  if (!results.has(id)) results.set(id, brief && compute(dossier, briefForPurpose(brief, id), id));
  return results.get(id);
}

interface Assessed {
  readonly of: Case;
  readonly stock: Assessment;
  readonly built: Assessment;
  /** What was made for either, kept as long as nothing changes that it was made from. */
  readonly once: { readonly stock: Once; readonly built: Once };
}

/** The last assessments of each candidate and purpose: an edit that touches another candidate, or a note, costs it nothing. */
const lastAssessed = new Map<string, Assessed>();

const isSameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);
const isSameAboard = (a: Aboard, b: Aboard): boolean =>
  isSameList(a.parts, b.parts) && isSameList(a.readOnIt, b.readOnIt);

const isSameCase = (a: Case, b: Case): boolean =>
  a.brief === b.brief &&
  a.donor === b.donor &&
  a.evidence === b.evidence &&
  isSameList(a.takenAsKept ?? [], b.takenAsKept ?? []) &&
  isSameList(a.parts, b.parts) &&
  isSameAboard(a.aboard, b.aboard);

/** A case with the lists of the one before where they say the same. */
const withLists = (of: Case, { parts, aboard }: Case): Case => ({
  ...of,
  parts: isSameList(of.parts, parts) ? parts : of.parts,
  aboard: isSameAboard(of.aboard, aboard) ? aboard : of.aboard,
});

const NO_PARTS: readonly Part[] = [];

function assessedOnce(key: string, of: Case): Assessed {
  const known = lastAssessed.get(key);
  if (known && isSameCase(known.of, of)) return known;
  const once = known?.once ?? { stock: keepingLast(), built: keepingLast() };
  const lists = known ? withLists(of, known.of) : of;
  const stock = assess({ ...lists, parts: NO_PARTS }, once.stock);
  const built = lists.parts.length === 0 ? stock : assess(lists, once.built);
  const made = { of: lists, stock, built, once };
  lastAssessed.set(key, made);
  return made;
}

function compute(dossier: Dossier, brief: Brief, purpose: string): Standing {
  const weights = wantWeights(brief);
  const curves = wantCurves(brief);
  const candidates = candidateList(dossier).flatMap((candidate): StandingCandidate[] => {
    const bare = bareCase(dossier, brief, candidate.donorId);
    if (!bare) return [];
    const parts = chosenParts(dossier, candidate.id);
    const { stock, built } = assessedOnce(`${purpose}/${candidate.id}`, { ...bare, parts });
    return [
      {
        candidate,
        bare,
        donor: bare.donor,
        aboard: bare.aboard.parts,
        parts,
        stock,
        stockScore: fitScore(stock.metrics, curves, weights, kindOfMachine(bare.donor)),
        built,
        builtScore: fitScore(built.metrics, curves, weights, kindOfMachine(bare.donor)),
      },
    ];
  });
  const ranking = (
    score: (c: StandingCandidate) => FitScore,
    of: (c: StandingCandidate) => Assessment,
  ) => rank(candidates.map((c) => ({ id: c.candidate.id, score: score(c), musts: of(c).musts })));
  return {
    brief,
    purpose,
    weights,
    curves,
    candidates,
    stockRanking: ranking(
      (c) => c.stockScore,
      (c) => c.stock,
    ),
    builtRanking: ranking(
      (c) => c.builtScore,
      (c) => c.built,
    ),
  };
}

/** The shortlist as it is chosen from: id, plate and short name, by plate. */
export const namedCandidates = ({
  candidates,
}: Pick<Standing, 'candidates'>): readonly {
  readonly id: string;
  readonly plate: number;
  readonly name: string;
}[] =>
  candidates.map(({ candidate, donor }) => ({
    id: candidate.id,
    plate: candidate.plate,
    name: shortName(donor),
  }));
