import { z } from 'zod';
import { BUILD_STAGES } from '@/core/build';
import { MUST_KEYS, STANCE_BANDS } from '@/core/brief';
import { FACT_KEYS, type FactKey } from '@/core/facts';
import { WANT_KEYS } from '@/core/preference';
import { BASES, FIGURE_KEYS, KNOWN_AS, type FigureKey } from '@/core/readings';
import { frozenBriefSchema } from './frozen-brief';
import { PLATE_COUNT } from './candidate-record';
import { idSchema as id, isoDay } from './id';

/** Data that nobody changes once it is made. */
export type Frozen<T> = T extends readonly (infer E)[]
  ? readonly Frozen<E>[]
  : T extends object
    ? { readonly [K in keyof T]: Frozen<T[K]> }
    : T;

const name = z.string().max(240);
const sentence = z.string().max(800);
const share = z.number().min(0).max(1);
const interval = z.strictObject({ low: z.number(), mid: z.number(), high: z.number() });
const estimate = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('known'), interval }),
  z.strictObject({ kind: z.literal('unknown'), missing: z.array(z.string().max(80)).max(60) }),
]);
const probabilities = z.strictObject({ flat: share, balls: share, tiptoes: share, none: share });

const planned = z.strictObject({
  cost: z.number(),
  points: z.number(),
  partIds: z.array(id).max(300),
});

/**
 * One candidate as it stood on one day, with everything that goes on its sheet: figures in base units, money in the brief's currency,
 * and the sentences that were read that day. The sheet that is printed, its files and a verdict's frozen part are all this.
 */
/** The version of the sheets made today; `migrations/sheet-steps` brings older ones up. */
export const SHEET_VERSION = 1;

export const sheetSchema = z.strictObject({
  version: z.literal(SHEET_VERSION),
  on: isoDay,
  brief: frozenBriefSchema,
  /** The purpose it was weighed for; empty: all of them together. */
  purpose: z.string().max(60),
  view: z.enum(['stock', 'built']),
  machine: z.strictObject({
    candidateId: id,
    donorId: id,
    plate: z
      .number()
      .int()
      .min(0)
      .max(PLATE_COUNT - 1),
    name,
    listing: z.boolean(),
  }),
  points: interval,
  place: z.number().int().positive().optional(),
  wants: z
    .array(
      z.strictObject({
        want: z.enum(WANT_KEYS),
        weight: share,
        need: z.number(),
        estimate,
        /** Figures that nobody had given and that it rests on. */
        typical: z
          .array(z.enum(FIGURE_KEYS as readonly [FigureKey, ...FigureKey[]]))
          .max(FIGURE_KEYS.length)
          .optional(),
        worth: share,
      }),
    )
    .max(WANT_KEYS.length),
  gaps: z
    .array(
      z.strictObject({
        want: z.enum(WANT_KEYS),
        loss: z.number(),
        helpers: z.number().int().min(0),
        closer: z
          .strictObject({
            part: name,
            along: z.array(name).max(10),
            cost: z.number(),
            closes: z.boolean(),
            becomes: z.number(),
          })
          .optional(),
      }),
    )
    .max(WANT_KEYS.length),
  musts: z
    .array(
      z.strictObject({
        key: z.enum(MUST_KEYS),
        verdict: z.enum(['pass', 'fail', 'unsure', 'not-known']),
        /** Share of the draws in which it held that day. */
        chance: share.optional(),
        words: sentence,
      }),
    )
    .max(MUST_KEYS.length),
  stance: z
    .strictObject({
      band: z.enum(STANCE_BANDS),
      oneFootBand: z.enum(STANCE_BANDS),
      probabilities,
      gap: interval,
      seatHeight_mm: z.number(),
      shape: z.strictObject({ settle_mm: z.number(), halfWidth_mm: z.number() }),
    })
    .optional(),
  /** In the order of fitting; `cost` with fitting, absent where it is not known. */
  parts: z
    .array(
      z.strictObject({
        partId: id,
        name,
        stage: z.enum(BUILD_STAGES),
        cost: z.number().optional(),
        workshop: z.boolean(),
        orderBy: isoDay.optional(),
        legal: z.string().max(400).optional(),
      }),
    )
    .max(300),
  /** What is put right before it is ridden: known weak points and what was found. */
  mends: z.array(z.strictObject({ what: name, cost: z.number().optional() })).max(60),
  outlay: estimate,
  /** The whole shortlist that day. */
  field: z
    .array(
      z.strictObject({
        candidateId: id,
        name,
        plate: z
          .number()
          .int()
          .min(0)
          .max(PLATE_COUNT - 1),
        points: interval,
        place: z.number().int().positive().optional(),
        outlay: z.number().optional(),
        first: share.optional(),
      }),
    )
    .max(PLATE_COUNT),
  /** Best fit for each total spending, as far as it was planned. */
  curve: z
    .array(
      z.strictObject({
        candidateId: id,
        whole: z.boolean(),
        corners: z.array(planned).max(400),
        /** The best build for the money as the planner proved it, and the cheapest that is as good to ride where that is another. */
        best: planned.optional(),
        enough: planned.optional(),
      }),
    )
    .max(PLATE_COUNT),
  doubt: z
    .strictObject({
      samples: z.number().int().positive(),
      error: share,
      firmness: z.enum(['none', 'level', 'behind', 'firm', 'likely', 'open']),
      first: share,
      placed: share,
      rivalId: id.optional(),
      ahead: share.optional(),
      turns: z.array(sentence).max(12),
    })
    .optional(),
  cautions: z.array(z.strictObject({ what: sentence, todo: sentence, grave: z.boolean() })).max(40),
  /** What is asked and measured on the machine, what matters most first. */
  open: z
    .array(
      z.discriminatedUnion('kind', [
        z.strictObject({
          kind: z.literal('figure'),
          key: z.enum(FIGURE_KEYS as readonly [FigureKey, ...FigureKey[]]),
          points: z.number(),
          decides: z.array(z.enum(MUST_KEYS)).max(MUST_KEYS.length),
          /** How what is thought now is known; sheets of older versions say who said what it comes from. */
          origin: z.enum(KNOWN_AS).optional(),
          basis: z.enum(BASES).optional(),
          now: interval.optional(),
        }),
        z.strictObject({
          kind: z.literal('fact'),
          key: z.enum(FACT_KEYS as readonly [FactKey, ...FactKey[]]),
          points: z.number(),
          decides: z.array(z.enum(MUST_KEYS)).max(MUST_KEYS.length),
        }),
      ]),
    )
    .max(120),
});

export type Sheet = Frozen<z.infer<typeof sheetSchema>>;
