import { z } from 'zod';
import { DONOR_CLASSES } from '@/core/donor';
import { AFFECTED_FIGURES, PART_FLAGS, PART_KINDS, type Part } from '@/core/part';
import { CURRENCIES, type CurrencyCode } from '@/core/units';

const id = z.string().min(1).max(64);

export const partSchema = z.strictObject({
  id,
  name: z.string().min(1).max(120),
  kind: z.enum(PART_KINDS),
  price: z.strictObject({ amount: z.number().min(0).max(100000), currency: z.enum(CURRENCIES as readonly [CurrencyCode, ...CurrencyCode[]]) }),
  fitting_h: z.number().min(0).max(200),
  workshop: z.boolean(),
  mass_kg: z.number().min(-60).max(60),
  effects: z.array(z.strictObject({ figure: z.enum(AFFECTED_FIGURES), change: z.enum(['add', 'set', 'scale']), amount: z.number() })).max(20),
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
  leadTime_days: z.number().int().min(0).max(400),
  note: z.string().max(1000),
}) satisfies z.ZodType<Part>;
