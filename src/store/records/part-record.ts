import { z } from 'zod';
import { DONOR_CLASSES } from '@/core/donor';
import { FACT_KEYS, isFactValue, type FactKey } from '@/core/facts';
import { AFFECTED_FIGURES, PART_FLAGS, PART_KINDS, PART_LIMITS, type Part } from '@/core/part';
import { CURRENCIES, type CurrencyCode } from '@/core/units';

const within = (key: keyof typeof PART_LIMITS) =>
  z.number().min(PART_LIMITS[key].min).max(PART_LIMITS[key].max);
const id = z.string().min(1).max(64);

/** Facts that a part changes, each to a value the fact may have. */
const sets = z
  .partialRecord(z.enum(FACT_KEYS as readonly [FactKey, ...FactKey[]]), z.string().max(60))
  .refine(
    (facts) =>
      Object.entries(facts).every(
        ([key, value]) => value === undefined || isFactValue(key as FactKey, value),
      ),
    { message: 'no such option of the fact' },
  );

export const partSchema = z.strictObject({
  id,
  name: z.string().min(1).max(120),
  kind: z.enum(PART_KINDS),
  price: z.strictObject({
    amount: within('price'),
    currency: z.enum(CURRENCIES as readonly [CurrencyCode, ...CurrencyCode[]]),
  }),
  fitting_h: within('fitting_h'),
  workshop: z.boolean(),
  mass_kg: within('mass_kg'),
  effects: z
    .array(
      z.strictObject({
        figure: z.enum(AFFECTED_FIGURES),
        change: z.enum(['add', 'set', 'scale']),
        amount: z.number(),
      }),
    )
    .max(20),
  sets: sets.optional(),
  needs: z.array(z.array(id).min(1).max(20)).max(20),
  shutsOut: z.array(id).max(60),
  slot: z.string().max(40),
  fits: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('all') }),
    z.strictObject({ kind: z.literal('classes'), classes: z.array(z.enum(DONOR_CLASSES)) }),
    z.strictObject({ kind: z.literal('donors'), donorIds: z.array(id) }),
  ]),
  flags: z.array(z.enum(PART_FLAGS)),
  reversible: z.boolean(),
  leadTime_days: within('leadTime_days').int(),
  note: z.string().max(1000),
  replaces: z.string().max(120).optional(),
  legal: z.string().max(400).optional(),
  warranty: z.string().max(400).optional(),
  own: z.boolean().optional(),
}) satisfies z.ZodType<Part>;
