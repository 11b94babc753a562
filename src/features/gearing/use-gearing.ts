'use client';
import { useMemo, useState } from 'react';
import { assess, propulsionOf, type Assessment } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { shortName } from '@/core/donor';
import { factInUse } from '@/core/facts';
import {
  CHAIN_PITCH_MM,
  pairFor,
  sprocketPair,
  sprocketPairs,
  USUAL_WISHES,
  watchedGear,
  type Meter,
  type PairAnswer,
  type PairSetting,
  type SprocketPair,
  type Teeth,
} from '@/core/gearing';
import { buildCost } from '@/core/money';
import { SPROCKET_SLOTS, sprocketParts, type Part } from '@/core/part';
import type { Propulsion } from '@/core/road-load';
import { buildChange } from '@/store/build-change';
import { partsOf, type Standing, type StandingCandidate } from '@/store/queries';
import type { Gearing } from '@/store/records';
import { useDossierState, useDossierStore, usePreferences, useStanding } from '@/store/react';
import { putTrial } from '@/store/trial-changes';
import { today } from '@/store/running';
import { fromBase, preferredUnit } from '@/core/units';
import { formatTo, type Reader } from '@/ui/messages';

/** Why there is nothing to be chosen on the bench. */
export type NoPairs =
  | { readonly kind: 'missing'; readonly names: readonly string[] }
  | { readonly kind: 'no-chain'; readonly drive: 'shaft' | 'belt' }
  | { readonly kind: 'not-counted' };

export interface Bench {
  readonly setting: PairSetting;
  readonly propulsion: Propulsion;
  readonly pairs: readonly SprocketPair[];
  readonly now: SprocketPair;
  readonly answer: PairAnswer;
  readonly chosen: SprocketPair;
  /** With the pair on, all else as the rider's build has it. */
  readonly before: Assessment;
  readonly after: Assessment;
  /** Sprockets, chain and fitting, in the brief's currency; absent: a price is not usable. */
  readonly cost: number | undefined;
  readonly shop_h: number;
  readonly shed_h: number;
  readonly parts: readonly Part[];
  /** Whether the build holds just this pair. */
  readonly isTaken: boolean;
}

export interface GearingModel {
  readonly standing: Standing;
  readonly brief: Brief;
  readonly entry: StandingCandidate;
  readonly reader: Reader;
  readonly name: string;
  readonly record: Gearing;
  readonly bench: Bench | NoPairs;
  readonly select: (candidateId: string) => void;
  readonly choose: (teeth: Teeth) => void;
  readonly set: (
    change: Partial<Omit<Gearing, 'id'>>,
    field: string,
  ) => ReturnType<ReturnType<typeof useDossierStore>['execute']>;
  readonly take: () => void;
  readonly watch: (seen: {
    readonly gear: 'first' | 'top';
    readonly speed_kmh: number;
    readonly rpm: number;
    readonly meter: Meter;
  }) => void;
}

const kept: { candidate?: string } = {};

/** The bench of one candidate: what its sprockets do, and what others would. */
export function useGearing(): GearingModel | undefined {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const [candidate, setCandidate] = useState(kept.candidate);
  const [teeth, setTeeth] = useState<Teeth>();
  const entry =
    standing?.candidates.find((c) => c.candidate.id === candidate) ??
    standing?.candidates.find((c) => c.candidate.id === standing.builtRanking[0]?.id);
  const catalogue = partsOf(dossier);
  const id = entry?.candidate.id ?? '';
  const stored = dossier.gearings[id];
  const record: Gearing = stored ?? { id };
  const bench = useMemo(
    () =>
      entry && standing
        ? benchOf(entry, standing.brief, stored ?? { id }, catalogue, teeth)
        : undefined,
    [entry, standing, id, stored, catalogue, teeth],
  );
  if (!standing || !entry || !bench) return undefined;
  const name = shortName(entry.donor);
  const reader: Reader = { units, currency: standing.brief.money.currency };
  return {
    standing,
    brief: standing.brief,
    entry,
    reader,
    name,
    record,
    bench,
    select: (next) => {
      kept.candidate = next;
      setCandidate(next);
      setTeeth(undefined);
    },
    choose: setTeeth,
    set: (change, field) => {
      return store.execute({
        label: { code: 'edit-gearing', facts: { name } },
        coalesce: `gearing/${id}/${field}`,
        changes: [
          { table: 'gearings', key: id, path: [], before: stored, after: { ...record, ...change } },
        ],
      });
    },
    take: () => {
      if (!('pairs' in bench)) return;
      const { partIds = [] } = dossier.builds[id] ?? {};
      const others = partIds.filter(
        (p) =>
          !SPROCKET_SLOTS.includes(catalogue[p]?.slot ?? '') ||
          (catalogue[p]?.slot === 'chain' && !bench.parts.some((n) => n.slot === 'chain')),
      );
      const own = bench.parts.filter((p) => !(p.id in catalogue));
      store.execute({
        label: {
          code: 'take-sprockets',
          facts: { name, pair: `${bench.chosen.front}/${bench.chosen.rear}` },
        },
        changes: [
          ...own.map((part) => ({ table: 'parts' as const, key: part.id, path: [], after: part })),
          buildChange(dossier.builds, id, {
            partIds: [...others, ...bench.parts.map((p) => p.id)],
          }),
        ],
      });
    },
    watch: ({ gear, ...seen }) => {
      const key = gear === 'first' ? 'speedFirst' : 'speedTop';
      const [stock, fitted] = [stockTeeth(entry), teethOf(entry.stock)];
      const unit = preferredUnit('speed', reader.units, reader.currency);
      const inUnit = (kmh: number) => Number(fromBase(kmh, unit).toFixed(3));
      const found = watchedGear(seen, fitted, stock);
      const trial = {
        id: crypto.randomUUID(),
        kind: 'ride' as const,
        on: today(),
        donorId: entry.candidate.donorId,
        machine: name,
        observed: {
          figures: {
            [key]: {
              id: `seen-${key}`,
              amount: inUnit(found.perThousand_kmh),
              unit,
              basis: 'stated' as const,
              origin: 'measured' as const,
              note: `${formatTo(seen.speed_kmh, 'speed', 0, reader)} at ${Math.round(seen.rpm)} rpm, ${seen.meter === 'dash' ? 'by its own meter' : 'by satellite'}`,
              spread: inUnit(found.spread_kmh),
            },
          },
        },
        note: '',
      };
      store.execute({
        label: { code: 'watch-gear', facts: { name } },
        changes: [putTrial(undefined, trial)],
      });
    },
  };
}

function teethOf({ figures }: Pick<Assessment, 'figures'>): Teeth | undefined {
  const [front, rear] = [figures.sprocketFront.estimate, figures.sprocketRear.estimate];
  return front.kind === 'known' && rear.kind === 'known'
    ? { front: front.mid, rear: rear.mid }
    : undefined;
}

/** What the sheet has, whatever is aboard. */
function stockTeeth({ donor }: StandingCandidate): Teeth | undefined {
  const amount = (key: 'sprocketFront' | 'sprocketRear') =>
    donor.figures[key]?.readings.at(-1)?.amount;
  const [front, rear] = [amount('sprocketFront'), amount('sprocketRear')];
  return front === undefined || rear === undefined ? undefined : { front, rear };
}

function benchOf(
  entry: StandingCandidate,
  brief: Brief,
  record: Gearing,
  catalogue: Readonly<Record<string, Part>>,
  teeth: Teeth | undefined,
): Bench | NoPairs {
  const { stock } = entry;
  const { donor, figures } = stock;
  const found = propulsionOf({ donor, figures });
  if (found.kind === 'unknown') return { kind: 'missing', names: found.missing };
  const drive = factInUse(donor.facts?.finalDrive)?.value;
  if (drive === 'shaft' || drive === 'belt') return { kind: 'no-chain', drive };
  const fitted = teethOf(stock);
  if (!fitted) return { kind: 'not-counted' };
  const { train, curve } = found.value;
  const pitch = factInUse(donor.facts?.chainPitch)?.value;
  const links = figures.chainLinks.estimate;
  const setting: PairSetting = {
    train,
    idle_rpm: curve.peaks.idle_rpm,
    redline_rpm: curve.peaks.limiter_rpm,
    cruise_kmh: brief.trip.cruise_kmh,
    chain: {
      pitch_mm: pitch === undefined ? undefined : CHAIN_PITCH_MM[pitch],
      links: links.kind === 'known' ? links.mid : undefined,
    },
    wishes: {
      crawl_kmh: record.crawl_kmh ?? USUAL_WISHES.crawl_kmh,
      revsShare:
        record.revs_percent === undefined ? USUAL_WISHES.revsShare : record.revs_percent / 100,
    },
  };
  const answer = pairFor(setting);
  const now = sprocketPair(setting, fitted);
  const each = answer.kind === 'two' ? [answer.trail, answer.road] : [answer.pair];
  const usual = each.find((p) => p && !(p.front === now.front && p.rear === now.rear)) ?? now;
  const chosen = teeth ? sprocketPair(setting, teeth) : usual;
  const parts = sprocketParts(
    fitted,
    chosen,
    catalogue,
    entry.candidate.donorId,
    (chosen.chain?.links ?? 0) > 0,
  );
  const others = entry.parts.filter((p) => !SPROCKET_SLOTS.includes(p.slot));
  const cost = buildCost(parts, brief.money);
  const inBuild = entry.parts.filter((p) => p.slot.startsWith('sprocket')).map((p) => p.id);
  const asked = parts.filter((p) => p.slot.startsWith('sprocket')).map((p) => p.id);
  return {
    setting,
    propulsion: found.value,
    pairs: sprocketPairs(setting),
    now,
    answer,
    chosen,
    before: assess({ ...entry.bare, parts: others }),
    after: assess({ ...entry.bare, parts: [...others, ...parts] }),
    cost: cost.noRate.length > 0 ? undefined : cost.parts + cost.fitting,
    shop_h: cost.shopHours,
    shed_h: cost.shedHours,
    parts,
    isTaken: inBuild.length === asked.length && asked.every((p) => inBuild.includes(p)),
  };
}
