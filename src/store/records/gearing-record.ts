import * as z from 'zod/mini';
import { WISH_LIMITS, type Teeth } from '@/core/gearing';
import { figureDefinition } from '@/core/readings';
import { idSchema as id } from './id';
import { candidateRecord } from './candidate-record';
import type { RecordType } from './record-type';

/** What a rider asks of one candidate's gears, and the pairs kept for trail and road; its id is the candidate's. */
export interface Gearing {
  readonly id: string;
  /** Absent: what is usual. */
  readonly crawl_kmh?: number | undefined;
  readonly revs_percent?: number | undefined;
  readonly trail?: Teeth | undefined;
  readonly road?: Teeth | undefined;
}

const within = ({ min, max }: { readonly min: number; readonly max: number }) =>
  z.number().check(z.minimum(min), z.maximum(max));
const teeth = z.strictObject({
  front: within(figureDefinition('sprocketFront').limits).check(z.int()),
  rear: within(figureDefinition('sprocketRear').limits).check(z.int()),
});

const gearingSchema = z.strictObject({
  id,
  crawl_kmh: z.optional(within(WISH_LIMITS.crawl_kmh)),
  revs_percent: z.optional(within(WISH_LIMITS.revs_percent)),
  trail: z.optional(teeth),
  road: z.optional(teeth),
}) satisfies z.ZodMiniType<Gearing>;

export const gearingRecord: RecordType<Gearing> = {
  schema: gearingSchema,
  since: 5,
  most: 200,
  name: (raw, tables) => {
    const key = String((raw as Partial<Gearing> | undefined)?.id ?? '');
    return candidateRecord.name(tables.candidates?.[key], tables) || key;
  },
  references: (g) => [{ table: 'candidates', key: g.id, gone: 'goes-too' }],
  usual: (key) => ({ id: key }),
  shared: 'always',
  compared: {},
};
