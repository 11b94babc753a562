import * as z from 'zod/mini';
import {
  ADJUSTERS,
  CHANGE_VERDICTS,
  SAG_LENGTHS,
  SAG_SCHOOLS,
  SAG_TOOLS,
  SETUP_ENDS,
  SETUP_LIMITS,
  SETUP_LOADS,
  type EndSetup,
  type SetUp,
} from '@/core/set-up';
import { idSchema as id, isoDay } from './id';
import type { RecordType } from './record-type';

const within = ({ min, max }: { readonly min: number; readonly max: number }) =>
  z.optional(z.number().check(z.minimum(min), z.maximum(max)));

const end = z.strictObject({
  readings: z.optional(
    z.strictObject(
      Object.fromEntries(SAG_LENGTHS.map((l) => [l, within(SETUP_LIMITS.length_mm)])) as Record<
        (typeof SAG_LENGTHS)[number],
        ReturnType<typeof within>
      >,
    ),
  ),
  tool: z.optional(z.enum(SAG_TOOLS)),
  pitch_mm: within(SETUP_LIMITS.pitch_mm),
  turns: within(SETUP_LIMITS.turns),
  turnsMost: within(SETUP_LIMITS.turns),
  compression: within(SETUP_LIMITS.clicks),
  rebound: within(SETUP_LIMITS.clicks),
  pressure_bar: within(SETUP_LIMITS.pressure_bar),
  raised_mm: within(SETUP_LIMITS.raised_mm),
}) satisfies z.ZodMiniType<EndSetup>;

const setupSchema = z.strictObject({
  id,
  donorId: id,
  name: z.string().check(z.minLength(1), z.maxLength(120)),
  on: isoDay,
  load: z.enum(SETUP_LOADS),
  school: z.enum(SAG_SCHOOLS),
  partIds: z.optional(z.array(id).check(z.maxLength(300))),
  ends: z.strictObject({ rear: z.optional(end), front: z.optional(end) }),
  changes: z
    .array(
      z.strictObject({
        id,
        on: isoDay,
        end: z.enum(SETUP_ENDS),
        what: z.enum(ADJUSTERS),
        from: z.string().check(z.maxLength(60)),
        to: z.string().check(z.maxLength(60)),
        verdict: z.optional(z.enum(CHANGE_VERDICTS)),
        words: z.string().check(z.maxLength(400)),
      }),
    )
    .check(z.maxLength(300)),
  note: z.string().check(z.maxLength(2000)),
}) satisfies z.ZodMiniType<SetUp>;

export const setupRecord: RecordType<SetUp> = {
  schema: setupSchema,
  since: 5,
  most: 500,
  name: (raw) => String((raw as Partial<SetUp> | undefined)?.name ?? ''),
  references: (s) => [
    { table: 'donors', key: s.donorId, gone: 'goes-too' },
    ...(s.partIds ?? []).map((key) => ({ table: 'parts', key, gone: 'lets-go' }) as const),
  ],
  lettingGo: (setup, { table, key }) =>
    table === 'parts'
      ? { ...setup, partIds: (setup.partIds ?? []).filter((part) => part !== key) }
      : undefined,
  shared: 'never',
  compared: { inside: ['ends'] },
};
