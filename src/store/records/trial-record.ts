import { z } from 'zod';
import { SEAT_WIDTHS, STANCE_BANDS } from '@/core/brief';
import {
  FELT_KEYS,
  LIFTS,
  MOST_FELT,
  MOST_HEART,
  TICKS,
  TRIAL_KINDS,
  TRIAL_TIMES,
  type Felt,
  type Observed,
  type Trial,
} from '@/core/evidence';
import {
  INSPECTION_KEYS,
  PAPER_POINTS,
  SELLER_ANSWER_MOST,
  SELLER_QUESTIONS,
  type InspectionPoint,
} from '@/core/inspection';
import { figureDefinition } from '@/core/readings';
import { factReadingsSchema, figureReadingsSchema, weakPointSchema } from './donor-record';
import { idSchema as id, isoDay } from './id';
import type { RecordType } from './record-type';

const POINTS = [...INSPECTION_KEYS, ...PAPER_POINTS] as unknown as readonly [
  InspectionPoint,
  ...InspectionPoint[],
];
const seat = figureDefinition('seatHeight').limits;

/** Limits of what is noted of a trial; schema, editor and tests read them. */
export const TRIAL_LIMITS = {
  seatHeight_mm: seat,
  load_kg: { min: 0, max: 300 },
  minutes: { min: 1, max: 6000 },
  buzz_kmh: { min: 20, max: 220 },
} as const;

const { min: slowest, max: fastest } = TRIAL_LIMITS.buzz_kmh;
const buzzSpeed = z.number().min(slowest).max(fastest);

const observed = z.strictObject({
  feet: z.enum(STANCE_BANDS).optional(),
  seatHeight_mm: z.number().min(seat.min).max(seat.max).optional(),
  seatWidth: z.enum(SEAT_WIDTHS).optional(),
  figures: figureReadingsSchema.optional(),
  facts: factReadingsSchema.optional(),
  ticks: z.partialRecord(z.enum(POINTS), z.enum(TICKS)).optional(),
  felt: z
    .partialRecord(
      z.enum(FELT_KEYS as unknown as readonly [Felt, ...Felt[]]),
      z.number().int().min(0).max(MOST_FELT).optional(),
    )
    .optional(),
  answers: z
    .partialRecord(z.enum(SELLER_QUESTIONS), z.string().min(1).max(SELLER_ANSWER_MOST))
    .optional(),
  buzz: z
    .strictObject({ from_kmh: buzzSpeed, to_kmh: buzzSpeed })
    .refine(({ from_kmh, to_kmh }) => from_kmh <= to_kmh, { message: 'speeds must rise' })
    .optional(),
  heart: z.number().int().min(0).max(MOST_HEART).optional(),
  lifted: z.enum(LIFTS).optional(),
  findings: z.array(weakPointSchema).max(40).optional(),
}) as unknown as z.ZodType<Observed>;

export const trialSchema = z.strictObject({
  id,
  kind: z.enum(TRIAL_KINDS),
  on: isoDay.optional(),
  where: z.string().max(120).optional(),
  when: z.enum(TRIAL_TIMES).optional(),
  donorId: id.optional(),
  machine: z.string().max(240),
  partIds: z.array(id).max(300).optional(),
  conditions: z
    .strictObject({
      inKit: z.boolean().optional(),
      load_kg: z.number().min(TRIAL_LIMITS.load_kg.min).max(TRIAL_LIMITS.load_kg.max).optional(),
      minutes: z.number().min(TRIAL_LIMITS.minutes.min).max(TRIAL_LIMITS.minutes.max).optional(),
      wornTyres: z.boolean().optional(),
      words: z.string().max(1000).optional(),
    })
    .optional(),
  observed,
  note: z.string().max(2000),
}) satisfies z.ZodType<Trial>;

/** A sit whose seat is known says something of the rider, whatever becomes of the machine. */
const saysOfRider = ({ observed: o }: Trial): boolean =>
  o.feet !== undefined && o.seatHeight_mm !== undefined && o.seatWidth !== undefined;

export const trialRecord: RecordType<Trial> = {
  schema: trialSchema,
  since: 4,
  most: 2000,
  name: (raw, tables) => {
    const { machine, donorId } = (raw ?? {}) as Partial<Trial>;
    const donor = tables.donors?.[donorId ?? ''] as { readonly model?: string } | undefined;
    return machine || (donor?.model ?? '');
  },
  references: (t) => [
    ...(t.donorId === undefined
      ? []
      : [{ table: 'donors', key: t.donorId, gone: 'lets-go' } as const]),
    ...(t.partIds ?? []).map((key) => ({ table: 'parts', key, gone: 'lets-go' }) as const),
  ],
  lettingGo: (trial, { table, key }) => {
    if (table === 'parts')
      return { ...trial, partIds: (trial.partIds ?? []).filter((part) => part !== key) };
    const { donorId: _donor, ...rest } = trial;
    const { feet, seatHeight_mm, seatWidth } = trial.observed;
    return saysOfRider(trial)
      ? { ...rest, observed: { feet, seatHeight_mm, seatWidth } }
      : undefined;
  },
  usual: (key) => ({ id: key, kind: 'sit', machine: '', observed: {}, note: '' }),
  // What was read, found and what the feet did goes along, so that the other comes to the same figures; ticks, marks and notes stay at home.
  shared: 'with-what-it-mentions',
  forOthers: ({
    observed: {
      ticks: _ticks,
      felt: _felt,
      heart: _heart,
      lifted: _lifted,
      answers: _answers,
      ...seen
    },
    conditions: _conditions,
    ...trial
  }) => ({
    ...trial,
    observed: seen,
    note: '',
  }),
  compared: { inside: ['observed'] },
};
