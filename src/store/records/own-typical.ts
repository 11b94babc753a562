import * as z from 'zod/mini';
import { BRIEF_LIMITS, type ClassPrices } from '@/core/brief';
import { DONOR_CLASSES } from '@/core/donor';
import { FACT_DEFINITIONS } from '@/core/facts';
import {
  TYPICAL_FACT_KEYS,
  TYPICAL_KEYS,
  typicalLimits,
  type OwnTypical,
  type OwnTypicalFacts,
  type TypicalKey,
} from '@/core/typical';
import { currencySchema as currency } from './currency';

// What a rider holds typical of a class, in figures, facts and prices.

const typicalSpan = (key: TypicalKey) => {
  const { min, max } = typicalLimits(key);
  const end = z.number().check(z.minimum(min), z.maximum(max));
  return z.optional(
    z.strictObject({ low: end, mid: end, high: end }).check(
      z.refine(({ low, mid, high }) => low <= mid && mid <= high, {
        message: 'low, typical and high must rise',
      }),
    ),
  );
};
const typicalLine = z.strictObject(
  Object.fromEntries(TYPICAL_KEYS.map((key) => [key, typicalSpan(key)])) as {
    [K in TypicalKey]: ReturnType<typeof typicalSpan>;
  },
);
export const typical = z.partialRecord(
  z.enum(DONOR_CLASSES),
  typicalLine,
) as unknown as z.ZodMiniType<OwnTypical>;

const percent = z.number().check(z.minimum(0), z.maximum(100));
export const typicalFacts = z.partialRecord(
  z.enum(DONOR_CLASSES),
  z.strictObject(
    Object.fromEntries(
      TYPICAL_FACT_KEYS.map((key) => [
        key,
        z.optional(z.partialRecord(z.enum(FACT_DEFINITIONS[key].options), percent)),
      ]),
    ),
  ),
) as unknown as z.ZodMiniType<OwnTypicalFacts>;

const sum = z
  .number()
  .check(z.minimum(BRIEF_LIMITS['money.budget'].min), z.maximum(BRIEF_LIMITS['money.budget'].max));
export const classPrices = z.partialRecord(
  z.enum(DONOR_CLASSES),
  z.optional(
    z
      .strictObject({ low: sum, high: sum, currency })
      .check(z.refine(({ low, high }) => low <= high, { message: 'low and high must rise' })),
  ),
) as unknown as z.ZodMiniType<ClassPrices>;
