import { z } from 'zod';
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
  z.number().min(min).max(max);
const teeth = z.strictObject({
  front: within(figureDefinition('sprocketFront').limits).int(),
  rear: within(figureDefinition('sprocketRear').limits).int(),
});

const gearingSchema = z.strictObject({
  id,
  crawl_kmh: within(WISH_LIMITS.crawl_kmh).optional(),
  revs_percent: within(WISH_LIMITS.revs_percent).optional(),
  trail: teeth.optional(),
  road: teeth.optional(),
}) satisfies z.ZodType<Gearing>;

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
