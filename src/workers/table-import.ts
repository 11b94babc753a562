import type { DonorClass } from '@/core/donor';
import type { Origin } from '@/core/readings';
import type { ColumnTarget, RowFault } from '@/core/tables';
import type { Donor } from '@/core/donor';
import { startJob, type Job } from './client';

export interface TableImportRequest {
  /** Rows without the headings. */
  readonly rows: readonly (readonly string[])[];
  readonly columns: readonly ColumnTarget[];
  readonly origin: Origin;
  readonly note: string;
  readonly donorClass: DonorClass;
  /** Ids are this and the row's number. */
  readonly idStem: string;
}

export interface TableImportResult {
  readonly donors: readonly Donor[];
  /** Row from 0. */
  readonly faults: readonly { readonly row: number; readonly faults: readonly RowFault[] }[];
}

/** Reads a table's rows as donors, in a worker. */
export const readTable = (
  request: TableImportRequest,
  onProgress: (done: number, of: number) => void,
): Job<TableImportResult> =>
  startJob(
    () => new Worker(new URL('./table-import.worker.ts', import.meta.url), { type: 'module' }),
    request,
    { onProgress },
  );
