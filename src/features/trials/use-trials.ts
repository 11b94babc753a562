'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import { settledBy } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { impressionsOf, inOrder, likesOf, type Observed, type Trial } from '@/core/evidence';
import { feltAgainst, type FeltOtherwise, type OwnNeedKey } from '@/core/preference';
import type { FigureKey } from '@/core/readings';
import {
  standing as standingOf,
  worthFindingOut,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import type { CandidateNotes } from '@/store/records';
import { today } from '@/store/running';
import { useDossierState, useDossierStore, usePreferences, useStanding } from '@/store/react';
import { dropTrial, putTrial } from '@/store/trial-changes';
import { MUST_WORDS, settleWords, worthKnowingWords, type Reader } from '@/ui/messages';
import { ownNeedsOf, type OwnNeed } from './own-needs';
import { changedBy } from './what-changed';

/** What is worth finding out on one machine of a visit. */
export interface VisitStop {
  readonly entry: StandingCandidate;
  readonly name: string;
  readonly questions: readonly { readonly what: string; readonly how: string }[];
  /** How often it has been tried. */
  readonly trials: number;
}

export interface TrialsModel {
  readonly standing: Standing;
  readonly reader: Reader;
  readonly entry: StandingCandidate;
  readonly name: string;
  /** Of this machine, oldest first. */
  readonly trials: readonly Trial[];
  readonly impressions: ReturnType<typeof impressionsOf>;
  readonly likes: ReturnType<typeof likesOf>;
  /** What was felt otherwise than the sheet foretells. */
  readonly otherwise: readonly FeltOtherwise[];
  readonly notes: CandidateNotes;
  readonly visit: readonly VisitStop[];
  /** What all trials together changed in the order, said in a sentence. */
  readonly changed: string;
  readonly select: (candidateId: string) => void;
  readonly begin: () => void;
  /** The ride that was begun last on this screen. */
  readonly begun: string | undefined;
  readonly remove: (trial: Trial) => void;
  readonly edit: (trial: Trial, change: Partial<Omit<Trial, 'id'>>, field: string) => Edited;
  readonly observe: <K extends keyof Observed>(trial: Trial, part: K, value: Observed[K]) => Edited;
  readonly addNote: (side: 'likes' | 'dislikes', words: string) => void;
  /** What the rides of all machines say of this rider's needs. */
  readonly ownNeeds: readonly OwnNeed[];
  /** Moves a need of the brief, or back to what is usual. */
  readonly takeNeed: (want: OwnNeedKey, by: number | undefined) => void;
  /** Sets what the rider can lift, kg, as it was shown. */
  readonly setLift: (kg: number) => void;
}

type Edited = ReturnType<ReturnType<typeof useDossierStore>['execute']>;

const kept: { candidate?: string } = {};
const NO_NOTES: CandidateNotes = { likes: [], dislikes: [], compromises: [] };
const STOPS = 3;
const ASKED = 4;

export function useTrials(): TrialsModel | undefined {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const standing = useStanding();
  const [{ units, purpose }] = usePreferences();
  const [candidate, setCandidate] = useState(kept.candidate);
  const [begun, setBegun] = useState<string>();
  const later = useDeferredValue(dossier);
  const worth = useMemo(() => {
    const now = standingOf(later, purpose);
    return now ? worthFindingOut(now, 'stock') : [];
  }, [later, purpose]);
  const untried = useMemo(() => standingOf({ ...later, trials: {} }, purpose), [later, purpose]);
  if (!standing) return undefined;
  const order = standing.stockRanking.map((r) => r.id);
  const entry =
    standing.candidates.find((c) => c.candidate.id === candidate) ??
    standing.candidates.find((c) => c.candidate.donorId === lastTried(dossier.trials)) ??
    standing.candidates.find((c) => c.candidate.id === order[0]);
  if (!entry) return undefined;
  const all = Object.values(dossier.trials);
  const trialsOf = (e: StandingCandidate) =>
    inOrder(all.filter((t) => t.donorId === e.candidate.donorId));
  const trials = trialsOf(entry);
  const impressions = impressionsOf(trials);
  const name = shortName(entry.donor);
  const notes = entry.candidate.notes ?? NO_NOTES;
  const nameOf = (id: string) => {
    const found = standing.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const visit = order.slice(0, STOPS).flatMap((id): VisitStop[] => {
    const at = standing.candidates.find((c) => c.candidate.id === id);
    if (!at) return [];
    return [
      {
        entry: at,
        name: shortName(at.donor),
        trials: trialsOf(at).length,
        questions: [
          ...settlers(at),
          ...worth
            .filter((w) => w.kind === 'reach' || w.candidateIds.includes(id))
            .filter((w) => w.kind !== 'figure' || !settlingFigures(at).includes(w.figure))
            .map((w) => {
              const { what, how } = worthKnowingWords(w, nameOf);
              return { what, how };
            }),
          ...(trialsOf(at).some((t) => t.observed.feet !== undefined) ? [] : [SIT]),
          ...(trialsOf(at).some((t) => t.kind === 'ride') ? [] : [RIDE]),
        ]
          .filter((q, i, list) => list.findIndex((o) => o.how === q.how) === i)
          .slice(0, ASKED),
      },
    ];
  });
  const edit = (trial: Trial, change: Partial<Omit<Trial, 'id'>>, field: string): Edited =>
    store.execute({
      label: { code: 'edit-trial', facts: { name } },
      coalesce: `trial/${trial.id}/${field}`,
      changes: [putTrial(trial, { ...trial, ...change })],
    });
  return {
    standing,
    reader: { units, currency: standing.brief.money.currency },
    entry,
    name,
    trials,
    impressions,
    likes: likesOf(impressions.felt),
    otherwise: feltAgainst(impressions.felt, entry.stockScore.contributions),
    notes,
    visit,
    changed: changedBy(untried, standing, all.length),
    select: (id) => {
      kept.candidate = id;
      setCandidate(id);
    },
    begun,
    begin: () => {
      const id = crypto.randomUUID();
      setBegun(id);
      store.execute({
        label: { code: 'add-trial', facts: { name } },
        changes: [
          putTrial(undefined, {
            id,
            kind: 'ride',
            on: today(),
            when: trials.some((t) => t.kind === 'ride') ? 'week' : 'first',
            donorId: entry.candidate.donorId,
            machine: name,
            observed: {},
            note: '',
          }),
        ],
      });
    },
    remove: (trial) =>
      void store.execute({
        label: { code: 'delete-trial', facts: { name } },
        changes: [dropTrial(trial)],
      }),
    edit,
    observe: (trial, part, value) => {
      const { [part]: _old, ...rest } = trial.observed;
      const empty =
        value === undefined || (typeof value === 'object' && Object.keys(value).length === 0);
      return edit(trial, { observed: empty ? rest : { ...rest, [part]: value } }, part);
    },
    addNote: (side, words) =>
      void store.execute({
        label: { code: 'edit-notes', facts: { name } },
        changes: [
          {
            table: 'candidates',
            key: entry.candidate.id,
            path: ['notes'],
            before: entry.candidate.notes,
            after: { ...notes, [side]: [...notes[side], words] },
          },
        ],
      }),
    ownNeeds: ownNeedsOf(standing, trialsOf),
    takeNeed: (want, by) => {
      const { ownNeeds: before } = store.getState().dossier.briefs.brief ?? {};
      const { [want]: _old, ...others } = before ?? {};
      const after = by === undefined ? others : { ...others, [want]: by };
      store.execute({
        label: { code: 'edit-brief', facts: { field: 'ownNeeds' } },
        changes: [
          {
            table: 'briefs',
            key: 'brief',
            path: ['ownNeeds'],
            before,
            after: Object.keys(after).length === 0 ? undefined : after,
          },
        ],
      });
    },
    setLift: (kg) => {
      const { lift_kg } = standing.brief.rider;
      store.execute({
        label: { code: 'edit-brief', facts: { field: 'rider.lift_kg' } },
        changes: [
          {
            table: 'briefs',
            key: 'brief',
            path: ['rider', 'lift_kg'],
            before: lift_kg,
            after: kg,
          },
        ],
      });
    },
  };
}

/** The machine of the newest trial. */
const lastTried = (trials: Readonly<Record<string, Trial>>): string | undefined =>
  inOrder(Object.values(trials)).findLast((t) => t.donorId !== undefined)?.donorId;

const SIT = {
  what: 'The sit',
  how: 'both feet, one foot, knees, reach sitting and standing, off the stand, pushed, turned lock to lock.',
};
const RIDE = {
  what: 'The ride',
  how: 'town, the wanted cruise, gravel, a hill; speed and revs read together in top gear.',
};

const settlingFigures = ({ stock }: StandingCandidate): readonly FigureKey[] =>
  stock.musts.flatMap((must) => settledBy(must, stock.figures) ?? []);

/** Musts of a machine that are not kept for certain, by what would settle each. */
const settlers = ({ stock }: StandingCandidate): VisitStop['questions'] =>
  stock.musts.flatMap((must) => {
    const key = settledBy(must, stock.figures);
    return key ? [{ what: MUST_WORDS[must.key], how: settleWords(key) }] : [];
  });
