'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import { revsNeed, settledBy } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { factInUse } from '@/core/facts';
import type { Estimate } from '@/core/numeric';
import {
  feltOf,
  impressionsOf,
  inOrder,
  likesOf,
  riddenAs,
  type Felt,
  type Observed,
  type Trial,
} from '@/core/evidence';
import {
  FELT_OF_REVS,
  FELT_OF_WANT,
  feltAgainst,
  leading,
  LEARNED_WANTS,
  learnedNeed,
  REVS_CURVE,
  REVS_NEEDS,
  usualCurve,
  type WantCurve,
  type FeltMachine,
  type FeltOtherwise,
  type LearnedNeed,
  type OwnNeedKey,
} from '@/core/preference';
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

/** What is worth finding out on one machine of a visit. */
export interface VisitStop {
  readonly entry: StandingCandidate;
  readonly name: string;
  readonly questions: readonly { readonly what: string; readonly how: string }[];
  /** How often it has been tried. */
  readonly trials: number;
}

/** A need as rides have it, and by how much the brief has moved it. */
export interface OwnNeed extends Pick<LearnedNeed, 'want' | 'usual' | 'need' | 'machines'> {
  /** Half of what nine in ten such riders would lie within; absent where no ride says anything any more. */
  readonly sureAfter: number | undefined;
  readonly taken: number | undefined;
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

/** One thing that rides can teach: what it is called, its usual curve, by which mark, and what a machine comes to; nothing for machines that do not tell. */
interface Teaching {
  readonly key: OwnNeedKey;
  readonly usual: WantCurve;
  readonly felt: Felt;
  readonly at: (entry: StandingCandidate, state: 'stock' | 'built') => Estimate | undefined;
}

const teachingsOf = ({ brief }: Standing): readonly Teaching[] => [
  ...LEARNED_WANTS.map((want) => ({
    key: want,
    usual: usualCurve(want, brief),
    felt: FELT_OF_WANT[want],
    at: (entry: StandingCandidate, state: 'stock' | 'built') => entry[state].metrics[want].estimate,
  })),
  ...REVS_NEEDS.map((key) => ({
    key,
    usual: REVS_CURVE,
    felt: FELT_OF_REVS,
    at: (entry: StandingCandidate, state: 'stock' | 'built') =>
      revsNeed(factInUse(entry.donor.facts?.layout)?.value ?? '') === key
        ? entry[state].underLoad().cruiseRevs.estimate
        : undefined,
  })),
];

/** What all rides of a shortlist say of each need: each machine as it was ridden. */
function ownNeedsOf(
  standing: Standing,
  trialsOf: (entry: StandingCandidate) => readonly Trial[],
): readonly OwnNeed[] {
  return teachingsOf(standing).flatMap(({ key, usual, felt, at }): OwnNeed[] => {
    const machines = standing.candidates.flatMap((entry): FeltMachine[] => {
      const all = trialsOf(entry);
      const build = entry.parts.map((part) => part.id);
      return (['stock', 'built'] as const).flatMap((state): FeltMachine[] => {
        const impression = feltOf(
          all.filter((t) => riddenAs(t, build) === state),
          felt,
        );
        const estimate = impression && at(entry, state);
        return impression && estimate?.kind === 'known'
          ? [{ at: estimate.interval, impression }]
          : [];
      });
    });
    const learned = learnedNeed(key, usual, machines);
    const taken = standing.brief.ownNeeds?.[key];
    if (learned) return [{ ...learned, taken }];
    // Taken from rides that are no longer there.
    return taken === undefined
      ? []
      : [
          {
            want: key,
            usual: usual.need,
            need: usual.need,
            sureAfter: undefined,
            machines: 0,
            taken,
          },
        ];
  });
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

/** What the order owes to trials: who leads with them and without them, and who moved most. */
function changedBy(untried: Standing | undefined, now: Standing, trials: number): string {
  if (trials === 0 || !untried)
    return 'Nothing has been tried yet. A sit costs ten minutes and settles the reach of every machine.';
  const nameOf = (id: string) => {
    const found = now.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const stand = (s: Standing): string => {
    const { kind, first } = leading(s.stockRanking);
    if (kind === 'broken' || kind === 'none') return 'every machine breaks a must';
    const names = first.map((r) => nameOf(r.id)).join(' and ');
    return kind === 'kept' ? `in front ${names}` : `none keeps every must surely, nearest ${names}`;
  };
  const [before, after] = [stand(untried), stand(now)];
  const moved = now.candidates
    .map((c) => {
      const was = untried.candidates.find((o) => o.candidate.id === c.candidate.id);
      const [from, to] = [untried, now].map(
        (s) => s.stockRanking.findIndex((r) => r.id === c.candidate.id) + 1,
      );
      return {
        name: shortName(c.donor),
        by: was ? c.stockScore.points.mid - was.stockScore.points.mid : 0,
        from: from ?? 0,
        to: to ?? 0,
      };
    })
    .toSorted(
      (a, b) =>
        Math.abs(b.to - b.from) - Math.abs(a.to - a.from) || Math.abs(b.by) - Math.abs(a.by),
    )[0];
  const count = `${trials} ${trials === 1 ? 'trial' : 'trials'}`;
  const points = (by: number) => `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(1)} points`;
  const places = moved && moved.from !== moved.to ? `from ${moved.from}. to ${moved.to}., ` : '';
  const most =
    moved && (places !== '' || Math.abs(moved.by) >= 0.1)
      ? ` Most moved: ${moved.name}, ${places}${points(moved.by)}.`
      : '';
  const rest = before === after ? 'the same without them' : `without them ${before}`;
  return `${count} so far: as they stand ${after}; ${rest}.${most || ' No figure of the order has moved.'}`;
}
