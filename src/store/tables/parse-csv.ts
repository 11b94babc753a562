import Papa from 'papaparse';
import type { ReadText } from '../files/read-text';

/** Largest table that is read, bytes. */
export const TABLE_SIZE_LIMIT = 8 * 1024 * 1024;
export const TABLE_ROW_LIMIT = 5000;

export type TableFault =
  | { readonly code: 'table-too-large'; readonly bytes: number; readonly limit: number }
  | { readonly code: 'table-too-long'; readonly rows: number; readonly limit: number }
  | { readonly code: 'table-empty' }
  | { readonly code: 'table-not-text' }
  | { readonly code: 'table-broken'; readonly row: number; readonly problem: string };

export type ParsedTable =
  | {
      readonly kind: 'table';
      readonly headings: readonly string[];
      readonly rows: readonly (readonly string[])[];
    }
  | { readonly kind: 'fault'; readonly fault: TableFault };

/** Reads separated values: comma, semicolon, tab or bar, quoted or not, with or without a byte-order mark. The first row holds the headings. */
export function parseCsv(text: string): ParsedTable {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > TABLE_SIZE_LIMIT)
    return { kind: 'fault', fault: { code: 'table-too-large', bytes, limit: TABLE_SIZE_LIMIT } };
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimiter: '',
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  const broken = errors.find((e) => e.type === 'Quotes');
  if (broken)
    return {
      kind: 'fault',
      fault: { code: 'table-broken', row: (broken.row ?? 0) + 1, problem: broken.code },
    };
  const [headings, ...rows] = data;
  if (!headings || rows.length === 0) return { kind: 'fault', fault: { code: 'table-empty' } };
  if (rows.length > TABLE_ROW_LIMIT)
    return {
      kind: 'fault',
      fault: { code: 'table-too-long', rows: rows.length, limit: TABLE_ROW_LIMIT },
    };
  return { kind: 'table', headings: headings.map((h) => h.trim()), rows };
}

/** A picked file as a table; one that holds no text is refused as such. */
export const parseCsvFile = (read: ReadText): ParsedTable =>
  read.kind === 'text' ? parseCsv(read.text) : { kind: 'fault', fault: { code: 'table-not-text' } };
