'use client';
import { useState } from 'react';
import { stagesBySchool, USUAL_STAGE, type BuildStage, type StageSchool } from '@/core/build';
import { donorLine, shortName } from '@/core/donor';
import { fitsDonor, hasWords, madeFor, PART_KINDS, type Part, type PartKind } from '@/core/part';
import {
  faultsOfAdding,
  faultsOfRemoving,
  findBuildFaults,
  findRuleFaults,
  type BuildFault,
} from '@/core/planning';
import { buildChange } from '@/store/build-change';
import {
  nominalFor,
  partsOf,
  unpricedFor,
  withoutRate,
  type Standing,
  type StandingCandidate,
  type Unpriced,
} from '@/store/queries';
import type { CommandLabel } from '@/store/history';
import type { Build } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences, useStanding } from '@/store/react';
import { lowerFirst, buildFaultWords, ruleFaultWords, type Reader } from '@/ui/messages';

/** A change that was refused, why, and what would make it possible. */
export interface Refusal {
  readonly partId: string;
  readonly reasons: readonly string[];
  /** Carrying it out together with what it takes; absent when nothing helps. */
  readonly together?: { readonly words: string; readonly run: () => void };
}

export interface BuildModel {
  readonly standing: Standing;
  readonly reader: Reader;
  readonly entry: StandingCandidate;
  readonly select: (candidateId: string) => void;
  /** Parts made for this donor that have the words searched for, by kind. */
  readonly catalogue: readonly { readonly kind: PartKind; readonly parts: readonly Part[] }[];
  readonly notFitting: number;
  /** Parts made for this donor, whatever is searched for. */
  readonly fitting: readonly Part[];
  /** Parts that fit and cannot be weighed for want of an exchange rate: on this candidate, and on any of the shortlist. */
  readonly unpriced: Unpriced;
  readonly unpricedAnywhere: Unpriced;
  /** What costs nobody knows how much for want of an exchange rate: this candidate, and any. */
  readonly withoutRate: Unpriced;
  readonly withoutRateAnywhere: Unpriced;
  /** Shipped parts whose prices a nominal rate brings over. */
  readonly nominal: Unpriced;
  /** Words that a shown part must have. */
  readonly search: string;
  readonly setSearch: (words: string) => void;
  readonly chosen: ReadonlySet<string>;
  readonly refusal: Refusal | undefined;
  readonly toggle: (part: Part) => void;
  /** Takes a whole build, such as one that was planned. */
  readonly take: (partIds: readonly string[]) => void;
  readonly takeFor: (candidateId: string, partIds: readonly string[]) => void;
  readonly partName: (partId: string) => string;
  readonly stageOf: (partId: string) => BuildStage;
  /** Puts a part into a stage, before another part of the build, or last. */
  readonly move: (partId: string, stage: BuildStage, before?: string) => void;
  readonly stageBy: (school: StageSchool) => void;
  readonly wish: (partId: string) => 'pinned' | 'banned' | 'free';
  readonly setWish: (part: Part, wish: 'pinned' | 'banned' | 'free') => void;
  /** What is wrong with the build as stored, should the catalogue have changed under it. */
  readonly standingFaults: readonly string[];
  /** Contradictions in the rules of the parts that fit, in words. */
  readonly ruleFaults: readonly string[];
}

let lastSelected: string | undefined;

const byKind = (parts: readonly Part[]): BuildModel['catalogue'] =>
  PART_KINDS.map((kind) => ({ kind, parts: parts.filter((p) => p.kind === kind) })).filter(
    (g) => g.parts.length > 0,
  );

export function useBuild(): BuildModel | undefined {
  const store = useDossierStore();
  const parts = useDossierState((s) => partsOf(s.dossier));
  const builds = useDossierState((s) => s.dossier.builds);
  const donors = useDossierState((s) => s.dossier.donors);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const [selected, setSelected] = useState(lastSelected);
  const [refusal, setRefusal] = useState<Refusal>();
  const [search, setSearch] = useState('');
  const entry =
    standing?.candidates.find((c) => c.candidate.id === selected) ??
    standing?.candidates.find((c) => c.candidate.id === standing.builtRanking[0]?.id);
  if (!standing || !entry) return undefined;

  const catalogue = new Map(Object.values(parts).map((p) => [p.id, p]));
  const name = (id: string) => lowerFirst(catalogue.get(id)?.name ?? id);
  const build = builds[entry.candidate.id];
  const chosen = (build?.partIds ?? []).filter((id) => catalogue.has(id));
  const aboard = entry.aboard.map((p) => p.id);
  const standsOn = donorLine(donors, entry.candidate.donorId).map((d) => d.id);
  const fits = (p: Part) => fitsDonor(p, entry.donor, standsOn);
  const fitting = Object.values(parts)
    .filter((p) => fits(p) && !aboard.includes(p.id))
    .map((p) => madeFor(p, entry.donor));

  const unpricedOn = (candidates: readonly StandingCandidate[]) =>
    unpricedFor(parts, donors, candidates, standing.brief.money);

  const change = (label: CommandLabel, to: Partial<Omit<Build, 'id'>>, id = entry.candidate.id) => {
    store.execute({ label, changes: [buildChange(builds, id, to)] });
    setRefusal(undefined);
  };
  const put = (partIds: readonly string[], code: 'choose-part' | 'drop-part', part: Part) =>
    change({ code, facts: { part: lowerFirst(part.name) } }, { partIds });
  const refuse = (part: Part, faults: readonly BuildFault[], together: Refusal['together']) =>
    setRefusal({
      partId: part.id,
      reasons: faults
        .map((f) => buildFaultWords(f, name))
        .map((w) => w.charAt(0).toUpperCase() + w.slice(1)),
      ...(together ? { together } : {}),
    });

  const add = (part: Part) => {
    const faults = faultsOfAdding(part.id, [...aboard, ...chosen], catalogue);
    if (faults.length === 0) return put([...chosen, part.id], 'choose-part', part);
    const helpers = faults.flatMap((f) =>
      f.code === 'need-missing'
        ? (f.anyOf.find(
            (id) =>
              catalogue.has(id) &&
              fitting.some((p) => p.id === id) &&
              faultsOfAdding(id, [...aboard, ...chosen], catalogue).length === 0,
          ) ?? [])
        : [],
    );
    const rivals = faults.flatMap((f) =>
      f.code === 'shut-out' || f.code === 'slot-taken' ? [f.by] : [],
    );
    const next = [...chosen.filter((id) => !rivals.includes(id)), ...helpers, part.id];
    const solved =
      faultsOfAdding(part.id, [...aboard, ...next.filter((id) => id !== part.id)], catalogue)
        .length === 0 && next.length > 0;
    const words = [
      rivals.length > 0 ? `take off ${rivals.map(name).join(', ')}` : '',
      helpers.length > 0 ? `add ${helpers.map(name).join(', ')}` : '',
    ]
      .filter(Boolean)
      .join(' and ');
    return refuse(
      part,
      faults,
      solved && words
        ? { words: `Fit it and ${words}`, run: () => put(next, 'choose-part', part) }
        : undefined,
    );
  };
  const drop = (part: Part) => {
    const faults = faultsOfRemoving(part.id, [...aboard, ...chosen], catalogue);
    if (faults.length === 0)
      return put(
        chosen.filter((id) => id !== part.id),
        'drop-part',
        part,
      );
    const dependents = [...new Set(faults.map((f) => f.id))];
    const next = chosen.filter((id) => id !== part.id && !dependents.includes(id));
    return refuse(part, faults, {
      words: `Take off ${dependents.map(name).join(', ')} as well`,
      run: () => put(next, 'drop-part', part),
    });
  };

  return {
    standing,
    entry,
    reader: { units, currency: standing.brief.money.currency },
    chosen: new Set(chosen),
    refusal,
    select(id) {
      lastSelected = id;
      setSelected(id);
      setRefusal(undefined);
    },
    catalogue: byKind(fitting.filter((p) => hasWords(p, search))),
    fitting,
    unpriced: unpricedOn([entry]),
    unpricedAnywhere: unpricedOn(standing.candidates),
    withoutRate: withoutRate([entry]),
    withoutRateAnywhere: withoutRate(standing.candidates),
    nominal: nominalFor(parts, donors, standing.candidates, standing.brief.money),
    search,
    setSearch,
    notFitting: Object.keys(parts).length - fitting.length - aboard.length,
    toggle: (part) => (chosen.includes(part.id) ? drop(part) : add(part)),
    take: (partIds) =>
      change({ code: 'choose-build', facts: { name: shortName(entry.donor) } }, { partIds }),
    takeFor(id, partIds) {
      const other = standing.candidates.find((c) => c.candidate.id === id);
      change(
        { code: 'choose-build', facts: { name: other ? shortName(other.donor) : id } },
        { partIds },
        id,
      );
    },
    partName: name,
    stageOf: (id) => build?.stages?.[id] ?? USUAL_STAGE,
    move(id, stage, before) {
      const others = chosen.filter((c) => c !== id);
      const at = before === undefined ? others.length : others.indexOf(before);
      change(
        { code: 'stage-part', facts: { part: name(id) } },
        {
          partIds: [...others.slice(0, at), id, ...others.slice(at)],
          stages: { ...build?.stages, [id]: stage },
        },
      );
    },
    stageBy: (school) =>
      change(
        { code: 'stage-build', facts: { name: shortName(entry.donor) } },
        { stages: stagesBySchool(entry.parts, school) },
      ),
    wish: (id) =>
      build?.pinned?.includes(id) ? 'pinned' : build?.banned?.includes(id) ? 'banned' : 'free',
    setWish(part, wish) {
      const without = (list: readonly string[] | undefined) =>
        (list ?? []).filter((id) => id !== part.id);
      change(
        { code: 'wish-part', facts: { part: lowerFirst(part.name), wish } },
        {
          pinned: [...without(build?.pinned), ...(wish === 'pinned' ? [part.id] : [])],
          banned: [...without(build?.banned), ...(wish === 'banned' ? [part.id] : [])],
        },
      );
    },
    ruleFaults: findRuleFaults(fitting, new Set(aboard)).map((f) => {
      const words = ruleFaultWords(f, name);
      return words.charAt(0).toUpperCase() + words.slice(1);
    }),
    standingFaults: [
      ...findBuildFaults([...aboard, ...chosen], catalogue).map((f) => buildFaultWords(f, name)),
      ...entry.parts.filter((p) => !fits(p)).map((p) => `${p.name} is not made for this class.`),
    ],
  };
}
