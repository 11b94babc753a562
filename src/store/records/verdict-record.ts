import * as z from 'zod/mini';
import { sheetSchema, type Frozen } from './sheet-record';
import { idSchema as id } from './id';
import type { RecordType } from './record-type';

/** Buy it and ride it as it stands · buy it and build · buy one already built · wait for one to turn up · keep what there is instead of it. */
export const OUTCOMES = ['buy-and-go', 'buy-and-build', 'buy-built', 'wait', 'keep'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** “Would I spend my own money on it?” */
export const OWN_MONEY = ['yes', 'not-yet', 'no'] as const;

/** Longest text a rider writes into a verdict. */
export const REASONS_LIMIT = 4000;

/** A decision, with everything as it stood that day. Never changed after it is made: a later one is a record of its own. */
export const verdictSchema = z.strictObject({
  id: id,
  /** ISO 8601, UTC. */
  at: z.iso.datetime(),
  outcome: z.enum(OUTCOMES),
  /** In the rider's own words. */
  reasons: z.string().check(z.maxLength(REASONS_LIMIT)),
  overturn: z.string().check(z.maxLength(REASONS_LIMIT)),
  ownMoney: z.optional(z.enum(OWN_MONEY)),
  /** The candidate that stood next, by id. */
  runnerUpId: z.optional(id),
  sheet: sheetSchema,
});

export type VerdictRecord = Frozen<z.infer<typeof verdictSchema>>;

export const verdictRecord: RecordType<VerdictRecord> = {
  schema: verdictSchema,
  since: 3,
  most: 500,
  name: (raw) => {
    const { sheet } = (raw ?? {}) as { readonly sheet?: Partial<VerdictRecord['sheet']> };
    return `${String(sheet?.on ?? '')} ${String(sheet?.machine?.name ?? '')}`.trim();
  },
  shared: 'never',
  compared: { frozen: true },
};
