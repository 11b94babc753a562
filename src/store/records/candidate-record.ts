import * as z from 'zod/mini';
import { BUILD_STAGES, type BuildStage } from '@/core/build';
import { MUST_KEYS, type MustKey } from '@/core/brief';
import { idSchema as id } from './id';
import type { RecordType } from './record-type';

/** How many candidates a shortlist holds: one plate each. */
export const PLATE_COUNT = 12;

/** A donor on the shortlist. Its plate never changes while it stands there. */
export interface Candidate {
  readonly id: string;
  readonly donorId: string;
  /** 0–11: letter, hue, dash pattern and shape follow from it. */
  readonly plate: number;
  readonly notes?: CandidateNotes | undefined;
  /** Musts that the rider takes as kept while nobody has given what they are judged by. */
  readonly takenAsKept?: readonly MustKey[] | undefined;
}

export const NOTE_KINDS = ['likes', 'dislikes', 'compromises'] as const;
export type NoteKind = (typeof NOTE_KINDS)[number];
/** What the rider says of a candidate, what matters most first. */
export type CandidateNotes = Readonly<Record<NoteKind, readonly string[]>>;

/** The parts chosen for one candidate; its id is the candidate's. */
export interface Build {
  readonly id: string;
  /** In the order in which they are to be fitted. */
  readonly partIds: readonly string[];
  /** When each is to be fitted; absent: before the trip. */
  readonly stages?: Readonly<Record<string, BuildStage>> | undefined;
  /** Parts that every plan must hold, and parts that none may. */
  readonly pinned?: readonly string[] | undefined;
  readonly banned?: readonly string[] | undefined;
}

const sentences = z
  .array(z.string().check(z.minLength(1), z.maxLength(300)))
  .check(z.maxLength(20));

export const candidateSchema = z.strictObject({
  id,
  donorId: id,
  plate: z.number().check(z.int(), z.minimum(0), z.maximum(PLATE_COUNT - 1)),
  notes: z.optional(
    z.strictObject({ likes: sentences, dislikes: sentences, compromises: sentences }),
  ),
  takenAsKept: z.optional(z.array(z.enum(MUST_KEYS)).check(z.maxLength(MUST_KEYS.length))),
}) satisfies z.ZodMiniType<Candidate>;
export const buildSchema = z.strictObject({
  id,
  partIds: z.array(id).check(z.maxLength(300)),
  stages: z.optional(z.record(id, z.enum(BUILD_STAGES))),
  pinned: z.optional(z.array(id).check(z.maxLength(300))),
  banned: z.optional(z.array(id).check(z.maxLength(300))),
}) satisfies z.ZodMiniType<Build>;

/** The lowest plate nobody carries; `undefined` when the shortlist is full. */
export function freePlate(candidates: readonly Candidate[]): number | undefined {
  const taken = new Set(candidates.map((c) => c.plate));
  return Array.from({ length: PLATE_COUNT }, (_, i) => i).find((i) => !taken.has(i));
}

const PLATES = Array.from({ length: PLATE_COUNT }, (_, i) => i);

export const candidateRecord: RecordType<Candidate> = {
  schema: candidateSchema,
  since: 1,
  most: PLATE_COUNT,
  name: (raw, tables) => {
    const donorId = String((raw as Partial<Candidate> | undefined)?.donorId ?? '');
    const donor = tables.donors?.[donorId] as { readonly model?: string } | undefined;
    return donor?.model ?? donorId;
  },
  references: (c) => [{ table: 'donors', key: c.donorId, gone: 'goes-too' }],
  unique: (c) => `plate ${c.plate}`,
  madeUnique: (c, taken) => {
    const plate = PLATES.find((p) => !taken.has(`plate ${p}`));
    return plate === undefined ? undefined : { ...c, plate };
  },
  shared: 'always',
  compared: { ownAffair: ['plate', 'id', 'donorId'] },
};

export const buildRecord: RecordType<Build> = {
  schema: buildSchema,
  since: 1,
  most: 200,
  name: (raw, tables) => {
    const id = String((raw as Partial<Build> | undefined)?.id ?? '');
    return candidateRecord.name(tables.candidates?.[id], tables) || id;
  },
  references: (b) => [
    { table: 'candidates', key: b.id, gone: 'goes-too' },
    ...b.partIds.map((key) => ({ table: 'parts', key, gone: 'lets-go' }) as const),
  ],
  lettingGo: (build, { table, key }) => {
    if (table !== 'parts') return undefined;
    const partIds = build.partIds.filter((id) => id !== key);
    const { stages, ...rest } = build;
    const left = Object.entries(stages ?? {}).filter(([id]) => id !== key);
    const wishes = Object.fromEntries(
      (['pinned', 'banned'] as const).flatMap((wish) => {
        const ids = build[wish]?.filter((id) => id !== key) ?? [];
        return ids.length > 0 ? [[wish, ids]] : [];
      }),
    );
    const { pinned: _pinned, banned: _banned, ...bare } = rest;
    const kept = {
      ...bare,
      ...wishes,
      partIds,
      ...(left.length > 0 ? { stages: Object.fromEntries(left) } : {}),
    };
    // What the rider always or never wants is kept when the last part goes.
    return partIds.length > 0 || Object.keys(wishes).length > 0 ? kept : undefined;
  },
  usual: (key) => ({ id: key, partIds: [] }),
  shared: 'always',
  compared: {},
};
