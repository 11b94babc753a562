import { z } from 'zod';
import {
  INSPECTION_KEYS,
  PAPER_POINTS,
  type InspectionPoint,
  type PaperPoint,
} from '@/core/inspection';
import { idSchema as id, isoDay } from './id';
import type { RecordType } from './record-type';

export const TICKS = ['good', 'bad'] as const;
export type Tick = (typeof TICKS)[number];

export const VISIT_POINTS = [...INSPECTION_KEYS, ...PAPER_POINTS] as const;

/** What was seen on one machine, at the dealer's or the seller's. Figures and facts read there are readings of the donor itself. */
export interface Visit {
  /** The donor's. */
  readonly id: string;
  /** ISO day of the last tick. */
  readonly on: string;
  readonly ticks: { readonly [P in InspectionPoint | PaperPoint]?: Tick | undefined };
  readonly note: string;
}

export const visitSchema = z.strictObject({
  id: id,
  on: isoDay,
  ticks: z.partialRecord(
    z.enum(VISIT_POINTS as unknown as readonly [InspectionPoint, ...InspectionPoint[]]),
    z.enum(TICKS),
  ) as unknown as z.ZodType<Visit['ticks']>,
  note: z.string().max(2000),
}) satisfies z.ZodType<Visit>;

export const visitRecord: RecordType<Visit> = {
  schema: visitSchema,
  since: 3,
  most: 500,
  name: (raw, tables) => {
    const id = String((raw as Partial<Visit> | undefined)?.id ?? '');
    const donor = tables.donors?.[id] as { readonly model?: string } | undefined;
    return donor?.model ?? id;
  },
  references: (v) => [{ table: 'donors', key: v.id, gone: 'goes-too' }],
  shared: 'never',
  compared: { inside: ['ticks'] },
};
