import { readHeader } from '../spec-text';
import { endsApart } from './both-ends';

interface Rows {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const isMeaningful = (text: string): boolean =>
  /^(?:maker|make|brand|manufacturer|model|name|bike|motorcycle|machine|version|variant|class|category|notes?|tags?|year)$/i.test(
    text.trim(),
  ) || readHeader(text) !== undefined;

/** Shares of a table's edge that must name lines of the sheet. Own assumption. */
const MOST = 0.5;

/**
 * A table with a machine a row. One whose first column names the lines of the sheet and whose other columns are machines is turned;
 * any other stays as it is. Columns of both ends come as two.
 */
export function upright({ headings, rows }: Rows): Rows & { readonly turned: boolean } {
  const first = rows.map((r) => r[0] ?? '').filter((c) => c.trim() !== '');
  const named = headings.slice(1).filter(isMeaningful).length;
  const labelled = first.filter(isMeaningful).length;
  if (
    headings.length < 2 ||
    labelled < 2 ||
    labelled / Math.max(1, first.length) < MOST ||
    named / Math.max(1, headings.length - 1) >= MOST
  )
    return { ...endsApart({ headings, rows }), turned: false };
  const corner = (headings[0] ?? '').trim();
  const all = [[isMeaningful(corner) ? corner : 'Model', ...headings.slice(1)], ...rows];
  const turned = {
    headings: all.map((row) => (row[0] ?? '').trim()),
    rows: headings.slice(1).map((_, column) => all.map((row) => row[column + 1] ?? '')),
  };
  return { ...endsApart(turned), turned: true };
}
