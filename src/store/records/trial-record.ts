import * as z from 'zod/mini';
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
const buzzSpeed = z.number().check(z.minimum(slowest), z.maximum(fastest));

const observed = z.strictObject({
  feet: z.optional(z.enum(STANCE_BANDS)),
  seatHeight_mm: z.optional(z.number().check(z.minimum(seat.min), z.maximum(seat.max))),
  seatWidth: z.optional(z.enum(SEAT_WIDTHS)),
  figures: z.optional(figureReadingsSchema),
  facts: z.optional(factReadingsSchema),
  ticks: z.optional(z.partialRecord(z.enum(POINTS), z.enum(TICKS))),
  felt: z.optional(
    z.partialRecord(
      z.enum(FELT_KEYS as unknown as readonly [Felt, ...Felt[]]),
      z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(MOST_FELT))),
    ),
  ),
  answers: z.optional(
    z.partialRecord(
      z.enum(SELLER_QUESTIONS),
      z.string().check(z.minLength(1), z.maxLength(SELLER_ANSWER_MOST)),
    ),
  ),
  buzz: z.optional(
    z
      .strictObject({ from_kmh: buzzSpeed, to_kmh: buzzSpeed })
      .check(
        z.refine(({ from_kmh, to_kmh }) => from_kmh <= to_kmh, { message: 'speeds must rise' }),
      ),
  ),
  heart: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(MOST_HEART))),
  lifted: z.optional(z.enum(LIFTS)),
  findings: z.optional(z.array(weakPointSchema).check(z.maxLength(40))),
}) as unknown as z.ZodMiniType<Observed>;

export const trialSchema = z.strictObject({
  id,
  kind: z.enum(TRIAL_KINDS),
  on: z.optional(isoDay),
  where: z.optional(z.string().check(z.maxLength(120))),
  when: z.optional(z.enum(TRIAL_TIMES)),
  donorId: z.optional(id),
  machine: z.string().check(z.maxLength(240)),
  partIds: z.optional(z.array(id).check(z.maxLength(300))),
  conditions: z.optional(
    z.strictObject({
      inKit: z.optional(z.boolean()),
      load_kg: z.optional(
        z.number().check(z.minimum(TRIAL_LIMITS.load_kg.min), z.maximum(TRIAL_LIMITS.load_kg.max)),
      ),
      minutes: z.optional(
        z.number().check(z.minimum(TRIAL_LIMITS.minutes.min), z.maximum(TRIAL_LIMITS.minutes.max)),
      ),
      wornTyres: z.optional(z.boolean()),
      words: z.optional(z.string().check(z.maxLength(1000))),
    }),
  ),
  observed,
  note: z.string().check(z.maxLength(2000)),
}) satisfies z.ZodMiniType<Trial>;

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
