import Papa from 'papaparse';
import type { Table } from '@/core/tables';

/**
 * A table as separated values, RFC 4180. Text that a spreadsheet would calculate (it begins with = + - @, a tab or a return)
 * gets a quote mark before it; numbers stay numbers. Our own reader takes the mark off again.
 */
export const csvText = ({ headings, rows }: Table): string =>
  `\uFEFF${Papa.unparse({ fields: [...headings], data: rows.map((r) => r.map((cell) => cell ?? '')) }, { escapeFormulae: /^[=+\-@\t\r]/, newline: '\r\n' })}\r\n`;

/** A table as a workbook of one sheet. Every text cell is typed as text, so that none is ever calculated. */
export async function xlsxBlob({ headings, rows }: Table, sheet: string): Promise<Blob> {
  const { default: writeWorkbook } = await import('write-excel-file/universal');
  const cell = (value: string | number | undefined) =>
    value === undefined || value === ''
      ? null
      : typeof value === 'number'
        ? { value, type: Number }
        : { value, type: String };
  const head = headings.map((value) => ({ value, type: String, fontWeight: 'bold' as const }));
  return writeWorkbook([head, ...rows.map((r) => r.map(cell))], {
    sheet,
    stickyRowsCount: 1,
  }).toBlob();
}
