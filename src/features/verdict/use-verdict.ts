'use client';
import { useState } from 'react';
import * as z from 'zod/mini';
import { shortName } from '@/core/donor';
import type { Standing, StandingCandidate } from '@/store/queries';
import {
  OUTCOMES,
  OWN_MONEY,
  REASONS_LIMIT,
  type Outcome,
  type VerdictRecord,
} from '@/store/records';
import { useDossierState, useDossierStore, useDrafts, usePreferences } from '@/store/react';
import { useKeptPlanning, type DoubtViewModel } from '@/store/running';
import type { Reader } from '@/ui/messages';
import { notify } from '@/ui/notice';
import { useSheetMaking } from './use-sheet';

/** What is being decided; kept as a draft until it is settled. */
const formSchema = z.object({
  outcome: z.optional(z.enum(OUTCOMES)),
  candidateId: z.optional(z.string()),
  runnerUpId: z.optional(z.string()),
  reasons: z.catch(z.string().check(z.maxLength(REASONS_LIMIT)), ''),
  overturn: z.catch(z.string().check(z.maxLength(REASONS_LIMIT)), ''),
  ownMoney: z.optional(z.enum(OWN_MONEY)),
});
type Form = z.infer<typeof formSchema>;

const DRAFT = 'verdict/form';
const EMPTY: Form = { reasons: '', overturn: '' };

export interface VerdictModel {
  readonly standing: Standing;
  readonly reader: Reader;
  readonly entry: StandingCandidate;
  readonly outcome: Outcome;
  readonly view: 'stock' | 'built';
  readonly runnerUpId: string | undefined;
  readonly form: Form;
  readonly set: (change: Partial<Form>) => void;
  readonly doubt: DoubtViewModel;
  /** Why it cannot be settled yet; absent: it can. */
  readonly hindrance: string | undefined;
  readonly settle: () => void;
  /** Newest first. */
  readonly past: readonly VerdictRecord[];
}

/** With its parts or as it stands: as the outcome says. */
const viewOf = (outcome: Outcome, entry: StandingCandidate): 'stock' | 'built' =>
  entry.parts.length > 0 && (outcome === 'buy-and-build' || outcome === 'wait') ? 'built' : 'stock';

/** What the numbers propose for a candidate. */
const usualOutcome = (entry: StandingCandidate): Outcome =>
  entry.aboard.length > 0 ? 'buy-built' : entry.parts.length > 0 ? 'buy-and-build' : 'buy-and-go';

/** The decision being made, and those that were. `fallback` stands in while nobody is placed. */
export function useVerdict(standing: Standing, fallback: StandingCandidate): VerdictModel {
  const store = useDossierStore();
  const drafts = useDrafts();
  const verdicts = useDossierState((s) => s.dossier.verdicts);
  const [{ units }] = usePreferences();
  const [form, setForm] = useState<Form>(() => readDraft(drafts.get(DRAFT)));
  // A verdict keeps the money curve, too; it is planned while the reasons are being written.
  useKeptPlanning(standing, form.reasons !== '');
  const reader: Reader = { units, currency: standing.brief.money.currency };
  const ranked = standing.builtRanking.length > 0 ? standing.builtRanking : standing.stockRanking;
  const byId = (id: string | undefined) => standing.candidates.find((c) => c.candidate.id === id);
  const entry = byId(form.candidateId) ?? byId(ranked[0]?.id) ?? fallback;
  const outcome = form.outcome ?? usualOutcome(entry);
  const view = viewOf(outcome, entry);
  const others = ranked.filter((r) => r.id !== entry.candidate.id);
  const { doubt, make } = useSheetMaking(standing, entry, view, reader);
  // Whoever comes first most often beside it; while nothing is drawn, whoever is worth most.
  const next = doubt.order.find((id) => id !== entry.candidate.id) ?? others[0]?.id;
  const runnerUpId = others.some((o) => o.id === form.runnerUpId) ? form.runnerUpId : next;
  const set = (change: Partial<Form>) => {
    const next = { ...form, ...change };
    setForm(next);
    drafts.keep(DRAFT, JSON.stringify(next));
  };
  return {
    standing,
    reader,
    entry,
    outcome,
    view,
    runnerUpId,
    form,
    set,
    doubt,
    hindrance: hindranceOf(outcome, entry, form, doubt),
    past: Object.values(verdicts).toSorted((a, b) => (a.at < b.at ? 1 : -1)),
    settle() {
      const at = new Date().toISOString();
      const id = `v-${at.replace(/\D/g, '')}-${Math.random().toString(36).slice(2, 6)}`;
      const verdict: VerdictRecord = {
        id,
        at,
        outcome,
        reasons: form.reasons.trim(),
        overturn: form.overturn.trim(),
        ...(form.ownMoney === undefined ? {} : { ownMoney: form.ownMoney }),
        ...(runnerUpId === undefined ? {} : { runnerUpId }),
        sheet: make(runnerUpId),
      };
      const name = shortName(entry.donor);
      if (
        store.execute({
          label: { code: 'settle-verdict', facts: { name } },
          changes: [{ table: 'verdicts', key: id, path: [], after: verdict }],
        }).kind !== 'done'
      )
        return;
      drafts.drop(DRAFT);
      setForm(EMPTY);
      notify({
        text: `Settled and kept, with the figures of today: ${name}.`,
        tone: 'plain',
        act: { word: 'Undo', run: () => void store.undo() },
      });
    },
  };
}

function readDraft(text: string | undefined): Form {
  if (text === undefined) return EMPTY;
  try {
    const parsed = formSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : EMPTY;
  } catch {
    return EMPTY;
  }
}

function hindranceOf(
  outcome: Outcome,
  entry: StandingCandidate,
  { reasons }: Form,
  { result, running, died }: DoubtViewModel,
): string | undefined {
  const name = shortName(entry.donor);
  if (outcome === 'buy-and-build' && entry.parts.length === 0)
    return `No parts are chosen for ${name} yet: choose some under Build, or settle on another outcome.`;
  if (outcome === 'buy-built' && entry.aboard.length === 0)
    return `${name} is not one for sale that carries parts. Enter the listing under Donors, or wait for one.`;
  if (reasons.trim() === '')
    return 'Write down why, in your own words: later you will want to know.';
  if (running && !result && died === undefined) return 'The draws are still running.';
  return undefined;
}
