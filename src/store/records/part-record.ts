import * as z from 'zod/mini';
import { DONOR_CLASSES } from '@/core/donor';
import { FACT_KEYS, isFactValue, type FactKey } from '@/core/facts';
import {
  AFFECTED_FIGURES,
  EFFECT_CHANGES,
  effectLimits,
  effectSpreadLimits,
  PART_FLAGS,
  PART_KINDS,
  PART_LIMITS,
  type Part,
} from '@/core/part';
import { currencySchema as currency } from './currency';
import { idSchema as id } from './id';
import { isShippedThere } from './catalogue-record';
import type { RecordType } from './record-type';

const within = (key: keyof typeof PART_LIMITS) =>
  z.number().check(z.minimum(PART_LIMITS[key].min), z.maximum(PART_LIMITS[key].max));
/** Facts that a part changes, each to a value the fact may have. */
const sets = z
  .partialRecord(
    z.enum(FACT_KEYS as readonly [FactKey, ...FactKey[]]),
    z.string().check(z.maxLength(60)),
  )
  .check(
    z.refine(
      (facts) =>
        Object.entries(facts).every(
          ([key, value]) => value === undefined || isFactValue(key as FactKey, value),
        ),
      { message: 'no such option of the fact' },
    ),
  );

/** An effect moves its figure no further than the figure itself may go. */
const effectSchema = z
  .strictObject({
    figure: z.enum(AFFECTED_FIGURES),
    change: z.enum(EFFECT_CHANGES),
    amount: z.number(),
    spread: z.optional(z.number()),
  })
  .check(
    z.refine(
      ({ figure, change, spread = 0 }) => {
        const { min, max } = effectSpreadLimits(figure, change);
        return spread >= min && spread <= max;
      },
      { message: 'a spread is out of its limits', path: ['spread'] },
    ),
    z.refine(
      ({ figure, change, amount }) => {
        const { min, max } = effectLimits(figure, change);
        return amount >= min && amount <= max;
      },
      { message: 'an effect is out of its limits', path: ['amount'] },
    ),
  );

export const partSchema = z.strictObject({
  id,
  name: z.string().check(z.minLength(1), z.maxLength(120)),
  kind: z.enum(PART_KINDS),
  price: z.strictObject({
    amount: within('price'),
    currency: currency,
  }),
  fitting_h: within('fitting_h'),
  workshop: z.boolean(),
  mass_kg: within('mass_kg'),
  effects: z.array(effectSchema).check(z.maxLength(20)),
  sets: z.optional(sets),
  needs: z.array(z.array(id).check(z.minLength(1), z.maxLength(20))).check(z.maxLength(20)),
  shutsOut: z.array(id).check(z.maxLength(60)),
  slot: z.string().check(z.maxLength(40)),
  fits: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('all') }),
    z.strictObject({ kind: z.literal('classes'), classes: z.array(z.enum(DONOR_CLASSES)) }),
    z.strictObject({ kind: z.literal('donors'), donorIds: z.array(id) }),
  ]),
  flags: z.array(z.enum(PART_FLAGS)),
  reversible: z.boolean(),
  leadTime_days: within('leadTime_days').check(z.int()),
  note: z.string().check(z.maxLength(1000)),
  replaces: z.optional(z.string().check(z.maxLength(120))),
  legal: z.optional(z.string().check(z.maxLength(400))),
  warranty: z.optional(z.string().check(z.maxLength(400))),
  own: z.optional(z.boolean()),
}) satisfies z.ZodMiniType<Part>;

export const partRecord: RecordType<Part> = {
  schema: partSchema,
  since: 1,
  most: 5000,
  name: (raw) => String((raw as Partial<Part> | undefined)?.name ?? ''),
  usual: (key) => ({
    id: key,
    name: 'Unnamed part',
    kind: 'suspension',
    price: { amount: 0, currency: 'EUR' },
    fitting_h: 0,
    workshop: false,
    mass_kg: 0,
    effects: [],
    needs: [],
    shutsOut: [],
    slot: '',
    fits: { kind: 'all' },
    flags: [],
    reversible: true,
    leadTime_days: 0,
    note: '',
    own: true,
  }),
  isThereUnstored: (tables, key) => isShippedThere(tables.catalogues, key),
  shared: 'always',
  compared: {},
};
