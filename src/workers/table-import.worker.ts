import { readDonorRow, type RowFault } from '@/core/tables';
import type { Donor } from '@/core/donor';
import type { FromWorker } from './protocol';
import type { TableImportRequest, TableImportResult } from './table-import';

const say = (message: FromWorker<TableImportResult>) => postMessage(message);
say({ kind: 'there' });
const REPORT_EVERY = 100;

onmessage = ({ data }: MessageEvent<TableImportRequest>) => {
  try {
    const donors: Donor[] = [];
    const faults: { row: number; faults: readonly RowFault[] }[] = [];
    data.rows.forEach((cells, row) => {
      const result = readDonorRow(cells, { ...data, id: `${data.idStem}-${row + 1}` });
      if (result.kind === 'donor') donors.push(result.donor);
      else if (result.kind === 'faults') faults.push({ row, faults: result.faults });
      if (row % REPORT_EVERY === REPORT_EVERY - 1)
        say({ kind: 'progress', done: row + 1, of: data.rows.length });
    });
    say({ kind: 'outcome', result: { donors, faults } });
  } catch (error) {
    say({ kind: 'died', message: error instanceof Error ? error.message : String(error) });
  }
};
