'use client';
import { useMemo, useState } from 'react';
import { carriedOnEnds, type Assessment } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { shortName } from '@/core/donor';
import { motionRatioAt, SAG_SET } from '@/core/suspension';
import type { Estimate } from '@/core/numeric';
import {
  measuredSag,
  SETUP_ENDS,
  springAdvice,
  type EndSetup,
  type MeasuredSag,
  type SetUp,
  type SetupEnd,
  type SpringAdvice,
} from '@/core/set-up';
import type { Standing, StandingCandidate } from '@/store/queries';
import { today } from '@/store/running';
import { useDossierState, useDossierStore, usePreferences, useStanding } from '@/store/react';
import { putTrial } from '@/store/trial-changes';
import type { Reader } from '@/ui/messages';

/** One end of a sheet with what its lengths come to. */
export interface EndView {
  readonly end: SetupEnd;
  readonly setup: EndSetup;
  readonly travel_mm: number | undefined;
  readonly sag: MeasuredSag;
  readonly advice: SpringAdvice | undefined;
}

export interface SetUpModel {
  readonly standing: Standing;
  readonly brief: Brief;
  readonly entry: StandingCandidate;
  readonly assessment: Assessment;
  readonly reader: Reader;
  readonly name: string;
  /** Sheets of this machine, newest first. */
  readonly sheets: readonly SetUp[];
  readonly sheet: SetUp | undefined;
  readonly ends: Readonly<Record<SetupEnd, EndView>> | undefined;
  readonly select: (candidateId: string) => void;
  readonly open: (sheetId: string) => void;
  readonly begin: (like?: SetUp) => void;
  readonly remove: (sheet: SetUp) => void;
  readonly set: <K extends keyof SetUp>(field: K, value: SetUp[K]) => Edited;
  readonly setEnd: (end: SetupEnd, change: Partial<EndSetup>) => Edited;
  /** Keeps the rider whom the springs suit, as measured, among what was read of the machine. */
  readonly keepSprings: () => void;
}

type Edited = ReturnType<ReturnType<typeof useDossierStore>['execute']>;

const kept: { candidate?: string | undefined; sheet?: string | undefined } = {};

const middle = (e: Estimate): number | undefined => (e.kind === 'known' ? e.mid : undefined);

/** The set-up sheets of one machine. */
export function useSetUp(): SetUpModel | undefined {
  const store = useDossierStore();
  const setups = useDossierState((s) => s.dossier.setups);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const [candidate, setCandidate] = useState(kept.candidate);
  const [sheetId, setSheetId] = useState(kept.sheet);
  const withSheets = new Set(Object.values(setups).map((s) => s.donorId));
  const entry =
    standing?.candidates.find((c) => c.candidate.id === candidate) ??
    standing?.candidates.find((c) => withSheets.has(c.candidate.donorId)) ??
    standing?.candidates.find((c) => c.candidate.id === standing.builtRanking[0]?.id);
  const donorId = entry?.candidate.donorId;
  const sheets = useMemo(
    () =>
      Object.values(setups)
        .filter((s) => s.donorId === donorId)
        .toSorted((a, b) => (a.on === b.on ? (a.id < b.id ? 1 : -1) : a.on < b.on ? 1 : -1)),
    [setups, donorId],
  );
  const sheet = sheets.find((s) => s.id === sheetId) ?? sheets[0];
  const assessment = entry && (entry.parts.length > 0 ? entry.built : entry.stock);
  const ends = useMemo(
    () => (sheet && assessment && standing ? endsOf(sheet, assessment, standing.brief) : undefined),
    [sheet, assessment, standing],
  );
  if (!standing || !entry || !assessment) return undefined;
  const name = shortName(entry.donor);
  const open = (id: string | undefined) => {
    kept.sheet = id;
    setSheetId(id);
  };
  const edit = (field: string, before: unknown, after: unknown): Edited =>
    store.execute({
      label: { code: 'edit-setup', facts: { name } },
      coalesce: `setup/${sheet?.id ?? ''}/${field}`,
      changes: [{ table: 'setups', key: sheet?.id ?? '', path: [field], before, after }],
    });
  return {
    standing,
    brief: standing.brief,
    entry,
    assessment,
    reader: { units, currency: standing.brief.money.currency },
    name,
    sheets,
    sheet,
    ends,
    select: (id) => {
      kept.candidate = id;
      setCandidate(id);
      open(undefined);
    },
    open,
    begin: (like) => {
      const id = crypto.randomUUID();
      const made: SetUp = {
        name: `Set-up ${sheets.length + 1}`,
        load: 'solo',
        school: 'adventure',
        ...(like ? { ...like, name: `${like.name} (next)` } : {}),
        id,
        donorId: entry.candidate.donorId,
        on: today(),
        ends: like ? withoutReadings(like.ends) : {},
        changes: [],
        note: '',
        ...(entry.parts.length > 0 ? { partIds: entry.parts.map((p) => p.id) } : {}),
      };
      store.execute({
        label: { code: 'add-setup', facts: { name } },
        changes: [{ table: 'setups', key: id, path: [], after: made }],
      });
      open(id);
    },
    remove: (gone) => {
      store.execute({
        label: { code: 'delete-setup', facts: { sheet: gone.name } },
        changes: [{ table: 'setups', key: gone.id, path: [], before: gone }],
      });
    },
    set: (field, value) => edit(field, sheet?.[field], value),
    setEnd: (end, change) =>
      edit('ends', sheet?.ends, {
        ...sheet?.ends,
        [end]: { ...sheet?.ends[end], ...change },
      }),
    keepSprings: () => {
      const suits = ends && suitsTogether(ends);
      if (!suits || !sheet) return;
      const { mass_kg } = standing.brief.rider;
      const { low, mid, high } = suits;
      const round = (kg: number) => Math.round(kg * 10) / 10;
      store.execute({
        label: { code: 'keep-springs', facts: { name } },
        changes: [
          putTrial(undefined, {
            id: crypto.randomUUID(),
            kind: 'ride',
            on: sheet.on,
            donorId: sheet.donorId,
            machine: name,
            observed: {
              figures: {
                springRiderMass: {
                  id: 'seen-springRiderMass',
                  amount: round(mid * mass_kg),
                  unit: 'kg',
                  basis: 'stated',
                  origin: 'measured',
                  note: `sag as measured, ${sheet.name}`,
                  spread: round(((high - low) / 2) * mass_kg),
                },
              },
            },
            note: '',
          }),
        ],
      });
    },
  };
}

/** The rider whom the springs suit by all ends that were measured, by the one who sat on them: the middle of them, and a span over all. */
export function suitsTogether(
  ends: Readonly<Record<SetupEnd, EndView>>,
): SpringAdvice['suits'] | undefined {
  const all = SETUP_ENDS.flatMap((end) => ends[end].advice?.suits ?? []);
  if (all.length === 0) return undefined;
  return {
    low: Math.min(...all.map((s) => s.low)),
    mid: all.reduce((sum, s) => sum + s.mid, 0) / all.length,
    high: Math.max(...all.map((s) => s.high)),
  };
}

/** What a next sheet keeps of each end: how it is set, not what was read then. */
const withoutReadings = (ends: SetUp['ends']): SetUp['ends'] =>
  Object.fromEntries(
    SETUP_ENDS.flatMap((end) => {
      const { readings: _readings, ...rest } = ends[end] ?? {};
      return Object.keys(rest).length > 0 ? [[end, rest]] : [];
    }),
  );

/** The shock's motion ratio where the rider's sag is set. */
function ratioAtSag({ motionRatio, motionRatioEnd }: Assessment['figures']): number | undefined {
  const start = middle(motionRatio.estimate);
  return start === undefined
    ? undefined
    : motionRatioAt(start, middle(motionRatioEnd.estimate) ?? start, SAG_SET);
}

function endsOf(
  sheet: SetUp,
  { figures }: Assessment,
  brief: Brief,
): Readonly<Record<SetupEnd, EndView>> {
  const view = (end: SetupEnd): EndView => {
    const setup = sheet.ends[end] ?? {};
    const travel_mm = middle(figures[end === 'rear' ? 'travelRear' : 'travelFront'].estimate);
    const sag = measuredSag(setup.readings ?? {}, setup.tool, travel_mm);
    const ratio = ratioAtSag(figures);
    const carried = (load: SetUp['load']) => carriedOnEnds(brief, load)[end];
    const advice =
      travel_mm === undefined
        ? undefined
        : springAdvice(sag, {
            end,
            travel_mm,
            school: sheet.school,
            wheelPerPreload: end === 'front' ? 1 : ratio === undefined ? undefined : 1 / ratio,
            rate_Npmm: middle(figures[end === 'rear' ? 'shockRate' : 'forkRate'].estimate),
            pitch_mm: setup.pitch_mm,
            turns: setup.turns,
            turnsMost: setup.turnsMost,
            measured_kg: carried(sheet.load),
            loads: {
              solo: carried('solo'),
              loaded: brief.trip.luggage_kg > 0 ? carried('loaded') : undefined,
              passenger: brief.trip.pillion_kg ? carried('passenger') : undefined,
            },
          });
    return { end, setup, travel_mm, sag, advice };
  };
  return { rear: view('rear'), front: view('front') };
}
