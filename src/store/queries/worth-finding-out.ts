import { allHold } from '@/core/assessment';
import { kindOfMachine } from '@/core/donor';
import { valueOfKnowing, type Choosable, type Knowable } from '@/core/doubt';
import { ROWS, scoresOf, type Known, type Rows } from '@/core/numeric';
import type { WantKey } from '@/core/preference';
import { FIGURE_KEYS, readingInUse, type FigureKey } from '@/core/readings';
import { classInRows } from '@/core/typical';
import type { Standing, StandingCandidate } from './standing';

/** What could be found out: a figure of a machine, a fact that a want of it lacks, how wide its seat is, what class it is of where that is only guessed, or how the rider reaches the ground. */
export type WorthKnowing = {
  /** Better by so many points on average, and another choice in so many of 100. */
  readonly points: number;
  readonly turns: number;
} & (
  | {
      readonly kind: 'figure';
      readonly candidateIds: readonly string[];
      readonly figure: FigureKey;
    }
  | { readonly kind: 'facts'; readonly candidateIds: readonly string[]; readonly want: WantKey }
  | { readonly kind: 'seat'; readonly candidateIds: readonly string[] }
  | { readonly kind: 'class'; readonly candidateIds: readonly string[] }
  | { readonly kind: 'reach' }
);

/** Below so many points nothing is worth a call. Own assumption. */
const WORTH_A_CALL = 0.05;
/** Wants that hang on what somebody has to look at. */
const LOOKED_AT = ['wheels', 'protection', 'wind', 'support'] as const satisfies readonly WantKey[];

const columnOf = ({ rows, mid }: Known): Rows => rows ?? new Float64Array(ROWS).fill(mid);

/** A machine's points in each row; nothing where it breaks a must. */
function worthOf(entry: StandingCandidate, view: 'stock' | 'built'): Choosable {
  const [assessment, score] =
    view === 'stock' ? [entry.stock, entry.stockScore] : [entry.built, entry.builtScore];
  const keeps = columnOf(allHold(assessment.musts));
  return {
    id: entry.candidate.id,
    rows: columnOf(score.total).map((points, i) => points * (keeps[i] ?? 0)),
  };
}

type Subject =
  | { readonly kind: 'figure'; readonly figure: FigureKey; readonly candidateIds: string[] }
  | { readonly kind: 'facts'; readonly want: WantKey; readonly candidateIds: string[] }
  | { readonly kind: 'seat' | 'class'; readonly candidateIds: string[] }
  | { readonly kind: 'reach' };

/** All that is not known for certain, by its source: what a listing has of its model is one thing. */
function subjectsOf(
  { candidates }: Standing,
  view: 'stock' | 'built',
): ReadonlyMap<string, { readonly subject: Subject; readonly rows: Rows }> {
  const found = new Map<string, { readonly subject: Subject; readonly rows: Rows }>();
  const add = (key: string, rows: Rows, make: () => Subject, id?: string) => {
    const known = found.get(key);
    if (!known) found.set(key, { subject: make(), rows });
    else if (known.subject.kind !== 'reach' && id !== undefined)
      known.subject.candidateIds.push(id);
  };
  for (const entry of candidates) {
    const { donor, candidate } = entry;
    const { figures, metrics, stance } = view === 'stock' ? entry.stock : entry.built;
    const { id } = candidate;
    if (stance.kind === 'known' && stance.widthIndex.rows)
      add(
        `${kindOfMachine(donor)}/seatWidth`,
        stance.widthIndex.rows,
        () => ({ kind: 'seat', candidateIds: [id] }),
        id,
      );
    const classes = classInRows(donor);
    if (classes?.rows)
      add(
        `${kindOfMachine(donor)}/class`,
        classes.rows,
        () => ({ kind: 'class', candidateIds: [id] }),
        id,
      );
    for (const figure of FIGURE_KEYS) {
      const { estimate, typical } = figures[figure];
      if (estimate.kind === 'unknown' || !estimate.rows || (typical && !typical.includes(figure)))
        continue;
      const owner =
        readingInUse(donor.figures[figure]) === undefined
          ? (donor.root ?? donor.id)
          : (donor.inherited?.[figure] ?? donor.id);
      add(
        `${owner}/${figure}`,
        estimate.rows,
        () => ({ kind: 'figure', figure, candidateIds: [id] }),
        id,
      );
    }
    for (const want of LOOKED_AT) {
      const { estimate, standIn } = metrics[want];
      const worth = estimate.kind === 'known' ? estimate : standIn;
      if (worth?.rows)
        add(`${id}/${want}`, worth.rows, () => ({ kind: 'facts', want, candidateIds: [id] }), id);
    }
  }
  add('rider/reach', scoresOf('rider/reach'), () => ({ kind: 'reach' }));
  return found;
}

/** What is worth finding out before choosing among the shortlist, the most first; what would change nothing is left out. */
export function worthFindingOut(
  standing: Standing,
  view: 'stock' | 'built',
): readonly WorthKnowing[] {
  const subjects = subjectsOf(standing, view);
  const knowables = [...subjects].map(([key, { rows }]): Knowable => ({ key, rows }));
  const choices = standing.candidates.map((entry) => worthOf(entry, view));
  return valueOfKnowing(knowables, choices).flatMap(({ key, gain, turns }): WorthKnowing[] => {
    const subject = subjects.get(key)?.subject;
    return !subject || gain < WORTH_A_CALL ? [] : [{ ...subject, points: gain, turns }];
  });
}
