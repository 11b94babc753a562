import { z } from 'zod';
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
  z.number().min(min).max(max).optional();

const end = z.strictObject({
  readings: z
    .strictObject(
      Object.fromEntries(SAG_LENGTHS.map((l) => [l, within(SETUP_LIMITS.length_mm)])) as Record<
        (typeof SAG_LENGTHS)[number],
        ReturnType<typeof within>
      >,
    )
    .optional(),
  tool: z.enum(SAG_TOOLS).optional(),
  pitch_mm: within(SETUP_LIMITS.pitch_mm),
  turns: within(SETUP_LIMITS.turns),
  turnsMost: within(SETUP_LIMITS.turns),
  compression: within(SETUP_LIMITS.clicks),
  rebound: within(SETUP_LIMITS.clicks),
  pressure_bar: within(SETUP_LIMITS.pressure_bar),
  raised_mm: within(SETUP_LIMITS.raised_mm),
}) satisfies z.ZodType<EndSetup>;

const setupSchema = z.strictObject({
  id,
  donorId: id,
  name: z.string().min(1).max(120),
  on: isoDay,
  load: z.enum(SETUP_LOADS),
  school: z.enum(SAG_SCHOOLS),
  partIds: z.array(id).max(300).optional(),
  ends: z.strictObject({ rear: end.optional(), front: end.optional() }),
  changes: z
    .array(
      z.strictObject({
        id,
        on: isoDay,
        end: z.enum(SETUP_ENDS),
        what: z.enum(ADJUSTERS),
        from: z.string().max(60),
        to: z.string().max(60),
        verdict: z.enum(CHANGE_VERDICTS).optional(),
        words: z.string().max(400),
      }),
    )
    .max(300),
  note: z.string().max(2000),
}) satisfies z.ZodType<SetUp>;

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
