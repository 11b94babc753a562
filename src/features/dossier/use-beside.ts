'use client';
import { useMemo, useState } from 'react';
import { fullName, resolveDonor, shortName } from '@/core/donor';
import {
  findDifferences,
  formatDossierFile,
  parseDossierFile,
  takenOver,
  type Choice,
  type Difference,
} from '@/store/files';
import { applyChanges } from '@/store/history';
import { partsOf, standing } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences } from '@/store/react';
import { keepSnapshot } from '@/store/snapshots';
import {
  briefLine,
  fileFaultWords,
  formatNumber,
  nameWords,
  OUTCOME_WORDS,
  type Reader,
} from '@/ui/messages';
import { notify } from '@/ui/notice';

/** Another dossier as it was read; it lives only while it is looked at. */
export interface OtherDossier {
  readonly file: string;
  readonly dossier: Dossier;
}

export interface BesideModel {
  /** What each dossier says: its brief, who is ahead under it. */
  readonly sides: readonly { readonly title: string; readonly lines: readonly string[] }[];
  readonly differences: readonly Difference[];
  readonly reader: Reader;
  readonly choiceOf: (difference: Difference) => Choice;
  readonly choose: (difference: Difference, choice: Choice) => void;
  readonly chooseAll: (differences: readonly Difference[], choice: Choice) => void;
  readonly recordName: (difference: Difference) => string;
  /** Words for an id or a key inside a value. */
  readonly wordOf: (id: string) => string;
  /** How many are taken, and how many come along because the taken ones need them. */
  readonly chosen: number;
  readonly came: number;
  /** Why the last taking over was refused. */
  readonly fault: string | undefined;
  readonly take: () => Promise<void>;
}

/** Lays another dossier beside the present one and carries out what the rider chooses. */
export function useBeside(
  { file, dossier: theirs }: OtherDossier,
  onDone: () => void,
): BesideModel {
  const store = useDossierStore();
  const mine = useDossierState((s) => s.dossier);
  const [{ units }] = usePreferences();
  const [choices, setChoices] = useState<ReadonlyMap<string, Choice>>(new Map());
  const [fault, setFault] = useState<string>();
  const differences = useMemo(() => findDifferences(mine, theirs), [mine, theirs]);
  const { changes, came } = useMemo(() => takenOver(differences, choices), [differences, choices]);
  const known = (of: Dossier, id: string): string | undefined => {
    const donor =
      resolveDonor(of.donors, id) ??
      (of.candidates[id] && resolveDonor(of.donors, of.candidates[id].donorId));
    return donor ? fullName(donor) : (partsOf(of)[id]?.name ?? of.trials[id]?.machine);
  };
  const wordOf = (id: string): string => known(theirs, id) ?? known(mine, id) ?? nameWords(id);
  const sideOf = (title: string, of: Dossier) => {
    const brief = of.briefs[BRIEF_KEY];
    const now = standing(of);
    const counts = `${Object.keys(of.donors).length} donors, ${Object.keys(of.candidates).length} on the shortlist, ${Object.keys(partsOf(of)).length} parts, ${Object.keys(of.verdicts).length} verdicts.`;
    const ahead = (words: string, ranked: NonNullable<typeof now>['stockRanking'] | undefined) => {
      const first = ranked?.find((r) => r.place === 1);
      const entry = now?.candidates.find((c) => c.candidate.id === first?.id);
      return first && entry
        ? [`Ahead ${words}: ${shortName(entry.donor)}, ${formatNumber(first.score.points.mid, 1)}.`]
        : [];
    };
    return {
      title,
      lines: [
        brief ? briefLine(brief, { units, currency: brief.money.currency }) : 'No brief.',
        ...ahead('as they stand', now?.stockRanking),
        ...ahead('with the parts chosen', now?.builtRanking),
        counts,
      ],
    };
  };
  const choose = (list: readonly Difference[], choice: Choice) => {
    setFault(undefined);
    setChoices(new Map([...choices, ...list.map((d) => [d.id, choice] as const)]));
  };
  return {
    sides: [sideOf('Yours', mine), sideOf('Theirs', theirs)],
    differences,
    fault,
    wordOf,
    reader: {
      units,
      currency: (mine.briefs[BRIEF_KEY] ?? theirs.briefs[BRIEF_KEY])?.money.currency ?? 'EUR',
    },
    choiceOf: (d) => (came.includes(d) ? 'theirs' : (choices.get(d.id) ?? 'mine')),
    choose: (d, choice) => choose([d], choice),
    chooseAll: choose,
    recordName(d) {
      if (d.table === 'briefs') return 'Brief';
      const verdict =
        d.table === 'verdicts' ? theirs.verdicts[d.key.replace(/-theirs$/, '')] : undefined;
      return verdict
        ? `${verdict.sheet.on}, ${OUTCOME_WORDS[verdict.outcome].name}: ${verdict.sheet.machine.name}`
        : d.table === 'candidates' && d.path.length === 0
          ? wordOf((d.theirs as { donorId: string }).donorId)
          : wordOf(d.key.replace(/-theirs$/, ''));
    },
    chosen: changes.length - came.length,
    came: came.length,
    async take() {
      const result = applyChanges(mine, changes);
      const broken =
        result.kind === 'applied'
          ? parseDossierFile(formatDossierFile(result.value, new Date().toISOString()))
          : undefined;
      if (broken?.kind === 'fault')
        return setFault(
          `Taken together they contradict each other: ${fileFaultWords(broken.fault)}`,
        );
      await keepSnapshot(
        store.db,
        mine,
        `before taking from ${file}`.slice(0, 60),
        true,
        Date.now(),
      ).catch(() => undefined);
      if (
        store.execute({
          label: { code: 'take-over', facts: { count: changes.length, file } },
          changes,
        }).kind !== 'done'
      )
        return setFault('Something changed meanwhile; look again.');
      notify({
        text: `${changes.length} ${changes.length === 1 ? 'difference' : 'differences'} taken from ${file}. The rest of yours is as it was.`,
        tone: 'plain',
        act: { word: 'Undo', run: () => void store.undo() },
      });
      return onDone();
    },
  };
}
