import * as z from 'zod/mini';
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

const name = z.string().check(z.maxLength(240));
const sentence = z.string().check(z.maxLength(800));
const share = z.number().check(z.minimum(0), z.maximum(1));
const interval = z.strictObject({ low: z.number(), mid: z.number(), high: z.number() });
const estimate = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('known'), interval }),
  z.strictObject({
    kind: z.literal('unknown'),
    missing: z.array(z.string().check(z.maxLength(80))).check(z.maxLength(60)),
  }),
]);
const probabilities = z.strictObject({ flat: share, balls: share, tiptoes: share, none: share });

const planned = z.strictObject({
  cost: z.number(),
  points: z.number(),
  partIds: z.array(id).check(z.maxLength(300)),
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
  purpose: z.string().check(z.maxLength(60)),
  view: z.enum(['stock', 'built']),
  machine: z.strictObject({
    candidateId: id,
    donorId: id,
    plate: z.number().check(z.int(), z.minimum(0), z.maximum(PLATE_COUNT - 1)),
    name,
    listing: z.boolean(),
  }),
  points: interval,
  place: z.optional(z.number().check(z.int(), z.positive())),
  wants: z
    .array(
      z.strictObject({
        want: z.enum(WANT_KEYS),
        weight: share,
        need: z.number(),
        estimate,
        /** Figures that nobody had given and that it rests on. */
        typical: z.optional(
          z
            .array(z.enum(FIGURE_KEYS as readonly [FigureKey, ...FigureKey[]]))
            .check(z.maxLength(FIGURE_KEYS.length)),
        ),
        worth: share,
      }),
    )
    .check(z.maxLength(WANT_KEYS.length)),
  gaps: z
    .array(
      z.strictObject({
        want: z.enum(WANT_KEYS),
        loss: z.number(),
        helpers: z.number().check(z.int(), z.minimum(0)),
        closer: z.optional(
          z.strictObject({
            part: name,
            along: z.array(name).check(z.maxLength(10)),
            cost: z.number(),
            closes: z.boolean(),
            becomes: z.number(),
          }),
        ),
      }),
    )
    .check(z.maxLength(WANT_KEYS.length)),
  musts: z
    .array(
      z.strictObject({
        key: z.enum(MUST_KEYS),
        verdict: z.enum(['pass', 'fail', 'unsure', 'not-known']),
        /** Share of the draws in which it held that day. */
        chance: z.optional(share),
        words: sentence,
      }),
    )
    .check(z.maxLength(MUST_KEYS.length)),
  stance: z.optional(
    z.strictObject({
      band: z.enum(STANCE_BANDS),
      oneFootBand: z.enum(STANCE_BANDS),
      probabilities,
      gap: interval,
      seatHeight_mm: z.number(),
      shape: z.strictObject({ settle_mm: z.number(), halfWidth_mm: z.number() }),
    }),
  ),
  /** In the order of fitting; `cost` with fitting, absent where it is not known. */
  parts: z
    .array(
      z.strictObject({
        partId: id,
        name,
        stage: z.enum(BUILD_STAGES),
        cost: z.optional(z.number()),
        workshop: z.boolean(),
        orderBy: z.optional(isoDay),
        legal: z.optional(z.string().check(z.maxLength(400))),
      }),
    )
    .check(z.maxLength(300)),
  /** What is put right before it is ridden: known weak points and what was found. */
  mends: z
    .array(z.strictObject({ what: name, cost: z.optional(z.number()) }))
    .check(z.maxLength(60)),
  outlay: estimate,
  /** The whole shortlist that day. */
  field: z
    .array(
      z.strictObject({
        candidateId: id,
        name,
        plate: z.number().check(z.int(), z.minimum(0), z.maximum(PLATE_COUNT - 1)),
        points: interval,
        place: z.optional(z.number().check(z.int(), z.positive())),
        outlay: z.optional(z.number()),
        first: z.optional(share),
      }),
    )
    .check(z.maxLength(PLATE_COUNT)),
  /** Best fit for each total spending, as far as it was planned. */
  curve: z
    .array(
      z.strictObject({
        candidateId: id,
        whole: z.boolean(),
        corners: z.array(planned).check(z.maxLength(400)),
        /** The best build for the money as the planner proved it, and the cheapest that is as good to ride where that is another. */
        best: z.optional(planned),
        enough: z.optional(planned),
      }),
    )
    .check(z.maxLength(PLATE_COUNT)),
  doubt: z.optional(
    z.strictObject({
      samples: z.number().check(z.int(), z.positive()),
      error: share,
      firmness: z.enum(['none', 'level', 'behind', 'firm', 'likely', 'open']),
      first: share,
      placed: share,
      rivalId: z.optional(id),
      ahead: z.optional(share),
      turns: z.array(sentence).check(z.maxLength(12)),
    }),
  ),
  cautions: z
    .array(z.strictObject({ what: sentence, todo: sentence, grave: z.boolean() }))
    .check(z.maxLength(40)),
  /** What is asked and measured on the machine, what matters most first. */
  open: z
    .array(
      z.discriminatedUnion('kind', [
        z.strictObject({
          kind: z.literal('figure'),
          key: z.enum(FIGURE_KEYS as readonly [FigureKey, ...FigureKey[]]),
          points: z.number(),
          decides: z.array(z.enum(MUST_KEYS)).check(z.maxLength(MUST_KEYS.length)),
          /** How what is thought now is known; sheets of older versions say who said what it comes from. */
          origin: z.optional(z.enum(KNOWN_AS)),
          basis: z.optional(z.enum(BASES)),
          now: z.optional(interval),
        }),
        z.strictObject({
          kind: z.literal('fact'),
          key: z.enum(FACT_KEYS as readonly [FactKey, ...FactKey[]]),
          points: z.number(),
          decides: z.array(z.enum(MUST_KEYS)).check(z.maxLength(MUST_KEYS.length)),
        }),
      ]),
    )
    .check(z.maxLength(120)),
});

export type Sheet = Frozen<z.infer<typeof sheetSchema>>;
