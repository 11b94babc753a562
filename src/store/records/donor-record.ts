import * as z from 'zod/mini';
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
  note: z.string().check(z.maxLength(400)),
  spread: z.optional(z.number().check(z.nonnegative())),
});

/** One figure's readings, checked against the figure's dimension, bases and limits. */
const figureSchema = (key: FigureKey) =>
  z
    .strictObject({
      readings: z.array(readingSchema).check(z.minLength(1), z.maxLength(40)),
      pinned: z.optional(id),
    })
    .check(
      z.superRefine((figure, context) => {
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
      }),
    );

const figuresSchema = z.strictObject(
  Object.fromEntries(
    FIGURE_KEYS.map((key) => [key, z.optional(figureSchema(key))]),
  ) as unknown as Record<FigureKey, z.ZodMiniOptional<z.ZodMiniType<Figure>>>,
);

const factReadingSchema = (key: FactKey) =>
  z.strictObject({
    id,
    value: z.string().check(
      z.maxLength(60),
      z.refine((value) => isFactValue(key, value), { message: 'not a value of this fact' }),
    ),
    origin: z.enum(ORIGINS),
    note: z.string().check(z.maxLength(400)),
  });

const factSchema = (key: FactKey) =>
  z.strictObject({
    readings: z.array(factReadingSchema(key)).check(z.minLength(1), z.maxLength(40)),
    pinned: z.optional(id),
  });

const factsSchema = z.strictObject(
  Object.fromEntries(
    FACT_KEYS.map((key) => [key, z.optional(factSchema(key))]),
  ) as unknown as Record<FactKey, z.ZodMiniOptional<z.ZodMiniType<Fact>>>,
);

/** One reading a figure, as a trial holds them. */
export const figureReadingsSchema = z.strictObject(
  Object.fromEntries(
    FIGURE_KEYS.map((key) => [
      key,
      z.optional(
        readingSchema.check(
          z.superRefine((reading, context) => {
            const fault = findReadingFault(key, reading);
            if (fault)
              context.addIssue({
                code: 'custom',
                path: ['amount'],
                message: fault.code,
                params: { fault },
              });
          }),
        ),
      ),
    ]),
  ) as unknown as Record<FigureKey, z.ZodMiniOptional<z.ZodMiniType<Reading>>>,
);

/** One reading a fact, as a trial holds them. */
export const factReadingsSchema = z.strictObject(
  Object.fromEntries(
    FACT_KEYS.map((key) => [key, z.optional(factReadingSchema(key))]),
  ) as unknown as Record<FactKey, z.ZodMiniOptional<z.ZodMiniType<FactReading>>>,
);

export const weakPointSchema = z.strictObject({
  id,
  what: z.string().check(z.maxLength(200)),
  cost: z.optional(
    z.strictObject({
      amount: z.number().check(z.minimum(MENDING_LIMITS.min), z.maximum(MENDING_LIMITS.max)),
      currency,
    }),
  ),
  mend: z.boolean(),
  origin: z.enum(ORIGINS),
  note: z.string().check(z.maxLength(400)),
});
const within = (key: keyof typeof MACHINE_LIMITS) =>
  z.optional(
    z.number().check(z.minimum(MACHINE_LIMITS[key].min), z.maximum(MACHINE_LIMITS[key].max)),
  );

const sheet = {
  id,
  maker: z.string().check(z.maxLength(80)),
  model: z.string().check(z.maxLength(120)),
  version: z.string().check(z.maxLength(120)),
  donorClass: z.enum(DONOR_CLASSES),
  classGuessed: z.optional(z.boolean()),
  figures: figuresSchema,
  note: z.string().check(z.maxLength(4000)),
  facts: z.optional(factsSchema),
  weakPoints: z.optional(z.array(weakPointSchema).check(z.maxLength(40))),
  tags: z.optional(
    z.array(z.string().check(z.minLength(1), z.maxLength(30))).check(z.maxLength(20)),
  ),
  archived: z.optional(z.boolean()),
};
const variant = z.strictObject({
  year: within('year'),
  market: z.optional(z.string().check(z.maxLength(60))),
  tune: z.optional(z.enum(TUNES)),
  seat: z.optional(z.enum(SEAT_VERSIONS)),
});
const fitted = z.strictObject({
  partId: id,
  wear: z.number().check(z.minimum(0), z.maximum(1)),
  on: z.optional(isoDay),
});

export const donorSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('model'), ...sheet }),
  z.strictObject({ kind: z.literal('variant'), ...sheet, baseId: id, variant }),
  z.strictObject({
    kind: z.literal('machine'),
    ...sheet,
    baseId: z.optional(id),
    variant: z.optional(variant),
    state: z.enum(MACHINE_STATES),
    machine: z.strictObject({
      odometer_km: within('odometer_km'),
      hours: within('hours'),
      year: within('year'),
      collect_km: within('collect_km'),
      fitted: z.array(fitted).check(z.maxLength(100)),
    }),
  }),
]) satisfies z.ZodMiniType<Donor>;

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
