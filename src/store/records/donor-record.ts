import { z } from 'zod';
import {
  DONOR_CLASSES,
  donorName,
  LISTING_LIMITS,
  SEAT_VERSIONS,
  TUNES,
  type Donor,
} from '@/core/donor';
import { FACT_KEYS, isFactValue, type Fact, type FactKey } from '@/core/facts';
import {
  BASES,
  FIGURE_KEYS,
  findReadingFault,
  ORIGINS,
  type FigureKey,
  type Figure,
} from '@/core/readings';
import { UNIT_IDS, type UnitId } from '@/core/units';
import { currencySchema as currency } from './currency';
import { idSchema as id } from './id';
import type { RecordType, Reference } from './record-type';

const readingSchema = z.strictObject({
  id,
  amount: z.number(),
  unit: z.enum(UNIT_IDS as readonly [UnitId, ...UnitId[]]),
  basis: z.enum(BASES),
  origin: z.enum(ORIGINS),
  note: z.string().max(400),
  spread: z.number().nonnegative().optional(),
});

/** One figure's readings, checked against the figure's dimension, bases and limits. */
const figureSchema = (key: FigureKey) =>
  z
    .strictObject({ readings: z.array(readingSchema).min(1).max(40), pinned: id.optional() })
    .superRefine((figure, context) => {
      figure.readings.forEach((reading, index) => {
        const fault = findReadingFault(key, reading);
        if (fault)
          context.addIssue({
            code: 'custom',
            path: ['readings', index, 'amount'],
            message: fault.code,
            params: { fault },
          });
      });
    });

const figuresSchema = z.strictObject(
  Object.fromEntries(
    FIGURE_KEYS.map((key) => [key, figureSchema(key).optional()]),
  ) as unknown as Record<FigureKey, z.ZodOptional<z.ZodType<Figure>>>,
);

const factSchema = (key: FactKey) =>
  z.strictObject({
    readings: z
      .array(
        z.strictObject({
          id,
          value: z
            .string()
            .max(60)
            .refine((value) => isFactValue(key, value), { message: 'not a value of this fact' }),
          origin: z.enum(ORIGINS),
          note: z.string().max(400),
        }),
      )
      .min(1)
      .max(40),
    pinned: id.optional(),
  });

const factsSchema = z.strictObject(
  Object.fromEntries(
    FACT_KEYS.map((key) => [key, factSchema(key).optional()]),
  ) as unknown as Record<FactKey, z.ZodOptional<z.ZodType<Fact>>>,
);

const weakPointSchema = z.strictObject({
  id,
  what: z.string().max(200),
  cost: z.strictObject({ amount: z.number().min(0).max(100000), currency }).optional(),
  mend: z.boolean(),
  origin: z.enum(ORIGINS),
  note: z.string().max(400),
});
const within = (key: keyof typeof LISTING_LIMITS) =>
  z.number().min(LISTING_LIMITS[key].min).max(LISTING_LIMITS[key].max).optional();

export const donorSchema = z.strictObject({
  id,
  maker: z.string().max(80),
  model: z.string().max(120),
  version: z.string().max(120),
  donorClass: z.enum(DONOR_CLASSES),
  figures: figuresSchema,
  note: z.string().max(4000),
  baseId: id.optional(),
  facts: factsSchema.optional(),
  weakPoints: z.array(weakPointSchema).max(40).optional(),
  variant: z
    .strictObject({
      year: within('year'),
      market: z.string().max(60).optional(),
      tune: z.enum(TUNES).optional(),
      seat: z.enum(SEAT_VERSIONS).optional(),
    })
    .optional(),
  listing: z
    .strictObject({
      odometer_km: within('odometer_km'),
      hours: within('hours'),
      year: within('year'),
      collect_km: within('collect_km'),
      fitted: z.array(z.strictObject({ partId: id, wear: z.number().min(0).max(1) })).max(100),
    })
    .optional(),
  tags: z.array(z.string().min(1).max(30)).max(20).optional(),
  archived: z.boolean().optional(),
}) satisfies z.ZodType<Donor>;

export const newDonor = (donorId: string): Donor => ({
  id: donorId,
  maker: '',
  model: '',
  version: '',
  donorClass: 'dual-sport-single',
  figures: {},
  note: '',
});

/** The base that a variant or listing stands on, and the parts that a listing carries. */
const mentions = (donor: Donor): readonly Reference[] => [
  ...(donor.baseId === undefined
    ? []
    : [{ table: 'donors', key: donor.baseId, gone: 'goes-too' } as const]),
  ...(donor.listing?.fitted ?? []).map(
    (f) => ({ table: 'parts', key: f.partId, gone: 'lets-go' }) as const,
  ),
];

export const donorRecord: RecordType<Donor> = {
  schema: donorSchema,
  since: 1,
  most: 5000,
  name: (raw) => {
    const { maker, model, version } = (raw ?? {}) as Partial<Record<string, unknown>>;
    const text = (t: unknown) => (typeof t === 'string' ? t : '');
    const name = donorName({ maker: text(maker), model: text(model) });
    return text(version) ? `${name}, ${text(version)}` : name;
  },
  references: mentions,
  lettingGo: (donor, { table, key }) => {
    if (table === 'donors') {
      const { baseId: _base, variant: _variant, ...rest } = donor;
      return rest;
    }
    return donor.listing
      ? {
          ...donor,
          listing: {
            ...donor.listing,
            fitted: donor.listing.fitted.filter((f) => f.partId !== key),
          },
        }
      : donor;
  },
  // A variant stands on a model; a listing on a model or a variant; nothing stands on a listing.
  misplaced: (donor, rows) => {
    const base = donor.baseId === undefined ? undefined : (rows[donor.baseId] as Donor | undefined);
    if (!base) return false;
    if (base.listing) return true;
    if (base.baseId === undefined) return false;
    return !donor.listing || (rows[base.baseId] as Donor | undefined)?.baseId !== undefined;
  },
  usual: newDonor,
  shared: 'when-mentioned',
  compared: { inside: ['figures', 'facts'] },
};
