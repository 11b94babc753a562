import { z } from 'zod';
import {
  INSPECTION_KEYS,
  PAPER_POINTS,
  type InspectionPoint,
  type PaperPoint,
} from '@/core/inspection';
import { isoDay } from './brief-record';

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
  id: z.string().min(1).max(64),
  on: isoDay,
  ticks: z.partialRecord(
    z.enum(VISIT_POINTS as unknown as readonly [InspectionPoint, ...InspectionPoint[]]),
    z.enum(TICKS),
  ) as unknown as z.ZodType<Visit['ticks']>,
  note: z.string().max(2000),
}) satisfies z.ZodType<Visit>;
