import { z } from 'zod';
import {
  baseOf,
  DONOR_CLASSES,
  donorName,
  MACHINE_LIMITS,
  MACHINE_STATES,
  MENDING_LIMITS,
  SEAT_VERSIONS,
  TUNES,
  type Donor,
} from '@/core/donor';
import { FACT_KEYS, isFactValue, type Fact, type FactKey, type FactReading } from '@/core/facts';
import {
  BASES,
  FIGURE_KEYS,
  findReadingFault,
  ORIGINS,
  type Figure,
  type FigureKey,
  type Reading,
} from '@/core/readings';
import { UNIT_IDS, type UnitId } from '@/core/units';
import { currencySchema as currency } from './currency';
import { idSchema as id, isoDay } from './id';
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

const factReadingSchema = (key: FactKey) =>
  z.strictObject({
    id,
    value: z
      .string()
      .max(60)
      .refine((value) => isFactValue(key, value), { message: 'not a value of this fact' }),
    origin: z.enum(ORIGINS),
    note: z.string().max(400),
  });

const factSchema = (key: FactKey) =>
  z.strictObject({
    readings: z.array(factReadingSchema(key)).min(1).max(40),
    pinned: id.optional(),
  });

const factsSchema = z.strictObject(
  Object.fromEntries(
    FACT_KEYS.map((key) => [key, factSchema(key).optional()]),
  ) as unknown as Record<FactKey, z.ZodOptional<z.ZodType<Fact>>>,
);

/** One reading a figure, as a trial holds them. */
export const figureReadingsSchema = z.strictObject(
  Object.fromEntries(
    FIGURE_KEYS.map((key) => [
      key,
      readingSchema
        .superRefine((reading, context) => {
          const fault = findReadingFault(key, reading);
          if (fault) context.addIssue({ code: 'custom', path: ['amount'], message: fault.code });
        })
        .optional(),
    ]),
  ) as unknown as Record<FigureKey, z.ZodOptional<z.ZodType<Reading>>>,
);

/** One reading a fact, as a trial holds them. */
export const factReadingsSchema = z.strictObject(
  Object.fromEntries(
    FACT_KEYS.map((key) => [key, factReadingSchema(key).optional()]),
  ) as unknown as Record<FactKey, z.ZodOptional<z.ZodType<FactReading>>>,
);

export const weakPointSchema = z.strictObject({
  id,
  what: z.string().max(200),
  cost: z
    .strictObject({ amount: z.number().min(MENDING_LIMITS.min).max(MENDING_LIMITS.max), currency })
    .optional(),
  mend: z.boolean(),
  origin: z.enum(ORIGINS),
  note: z.string().max(400),
});
const within = (key: keyof typeof MACHINE_LIMITS) =>
  z.number().min(MACHINE_LIMITS[key].min).max(MACHINE_LIMITS[key].max).optional();

const sheet = {
  id,
  maker: z.string().max(80),
  model: z.string().max(120),
  version: z.string().max(120),
  donorClass: z.enum(DONOR_CLASSES),
  classGuessed: z.boolean().optional(),
  figures: figuresSchema,
  note: z.string().max(4000),
  facts: factsSchema.optional(),
  weakPoints: z.array(weakPointSchema).max(40).optional(),
  tags: z.array(z.string().min(1).max(30)).max(20).optional(),
  archived: z.boolean().optional(),
};
const variant = z.strictObject({
  year: within('year'),
  market: z.string().max(60).optional(),
  tune: z.enum(TUNES).optional(),
  seat: z.enum(SEAT_VERSIONS).optional(),
});
const fitted = z.strictObject({
  partId: id,
  wear: z.number().min(0).max(1),
  on: isoDay.optional(),
});

export const donorSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('model'), ...sheet }),
  z.strictObject({ kind: z.literal('variant'), ...sheet, baseId: id, variant }),
  z.strictObject({
    kind: z.literal('machine'),
    ...sheet,
    baseId: id.optional(),
    variant: variant.optional(),
    state: z.enum(MACHINE_STATES),
    machine: z.strictObject({
      odometer_km: within('odometer_km'),
      hours: within('hours'),
      year: within('year'),
      collect_km: within('collect_km'),
      fitted: z.array(fitted).max(100),
    }),
  }),
]) satisfies z.ZodType<Donor>;

export const newDonor = (donorId: string): Donor => ({
  kind: 'model',
  id: donorId,
  maker: '',
  model: '',
  version: '',
  donorClass: 'dual-sport-single',
  figures: {},
  note: '',
});

/** The base that a variant or machine stands on, and the parts that a machine carries. */
const mentions = (donor: Donor): readonly Reference[] => {
  const base = baseOf(donor);
  const parts = donor.kind === 'machine' ? donor.machine.fitted : [];
  return [
    ...(base === undefined ? [] : [{ table: 'donors', key: base, gone: 'goes-too' } as const]),
    ...parts.map((f) => ({ table: 'parts', key: f.partId, gone: 'lets-go' }) as const),
  ];
};

/** A variant without its model is a model of its own; a machine without its model is one of nothing in the list. */
function withoutBase(donor: Donor): Donor {
  if (donor.kind === 'model') return donor;
  const { baseId: _base, ...rest } = donor;
  if (rest.kind === 'machine') return rest;
  const { variant: _variant, ...sheetOf } = rest;
  return { ...sheetOf, kind: 'model' };
}

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
    if (table === 'donors') return withoutBase(donor);
    if (donor.kind !== 'machine') return donor;
    const left = donor.machine.fitted.filter((f) => f.partId !== key);
    return { ...donor, machine: { ...donor.machine, fitted: left } };
  },
  // A variant stands on a model; a machine on a model or a variant; nothing stands on a machine.
  misplaced: (donor, rows) => {
    const base = rows[baseOf(donor) ?? ''] as Donor | undefined;
    if (!base || base.kind === 'model') return false;
    if (base.kind === 'machine' || donor.kind !== 'machine') return true;
    return (rows[base.baseId] as Donor | undefined)?.kind !== 'model';
  },
  usual: newDonor,
  shared: 'when-mentioned',
  compared: { inside: ['figures', 'facts'] },
};
