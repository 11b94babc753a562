import { assess, type Aboard, type Assessment } from '@/core/assessment';
import { briefForPurpose, WHOLE, type Brief } from '@/core/brief';
import { resolveDonor, type Donor } from '@/core/donor';
import type { Part } from '@/core/part';
import type { FigureKey } from '@/core/readings';
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

/** A candidate with all that is computed about it, as it stands and with its chosen parts. */
export interface StandingCandidate {
  readonly candidate: Candidate;
  /** With everything it inherits. */
  readonly donor: Donor;
  /** Parts a listing carries already. */
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
const chosenParts = (dossier: Dossier, candidateId: string): readonly Part[] =>
  (dossier.builds[candidateId]?.partIds ?? []).flatMap((id) => dossier.parts[id] ?? []);

/** What a listing carries already, and which figures were read on that very machine; nothing for models and variants. */
export function aboardOf(dossier: Dossier, donorId: string): Aboard {
  const own = dossier.donors[donorId];
  if (!own?.listing) return { parts: [], readOnIt: [] };
  return {
    parts: own.listing.fitted.flatMap(({ partId }) => dossier.parts[partId] ?? []),
    readOnIt: Object.keys(own.figures) as FigureKey[],
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

function compute(dossier: Dossier, brief: Brief, purpose: string): Standing {
  const weights = wantWeights(brief);
  const curves = wantCurves(brief);
  const candidates = candidateList(dossier).flatMap((candidate): StandingCandidate[] => {
    const donor = resolveDonor(dossier.donors, candidate.donorId);
    if (!donor) return [];
    const parts = chosenParts(dossier, candidate.id);
    const aboard = aboardOf(dossier, candidate.donorId);
    const stock = assess(brief, donor, [], aboard);
    const built = parts.length === 0 ? stock : assess(brief, donor, parts, aboard);
    return [
      {
        candidate,
        donor,
        aboard: aboard.parts,
        parts,
        stock,
        stockScore: fitScore(stock.metrics, curves, weights),
        built,
        builtScore: fitScore(built.metrics, curves, weights),
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
