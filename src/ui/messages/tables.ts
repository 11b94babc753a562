import type { CellFault } from '@/core/tables';
import type { TableFault } from '@/store/tables';
import { amountFaultWords } from './faults';
import { readingFaultWords } from './reading-faults';
import { formatNumber } from './format';
import { CLASS_WORDS } from './machine-words';

/** Why a table is refused. */
export function tableFaultWords(fault: TableFault): string {
  switch (fault.code) {
    case 'table-too-large':
      return `This table is ${formatNumber(fault.bytes / 1048576, 1)} MiB; the largest that is read is ${formatNumber(fault.limit / 1048576)} MiB.`;
    case 'table-too-long':
      return `This table has ${formatNumber(fault.rows)} rows; at most ${formatNumber(fault.limit)} are read at once.`;
    case 'table-not-text':
      return 'This file holds no text: save the table as CSV and try again.';
    case 'table-empty':
      return 'There is no table in it: a row of headings and at least one row below are needed.';
    case 'table-broken':
      return `A quote mark is not closed near row ${fault.row}.`;
  }
}

/** Why one cell is refused. */
export function cellFaultWords(fault: CellFault): string {
  switch (fault.code) {
    case 'unit-unsaid':
      return 'No unit: choose one for the column, or write it in the cell.';
    case 'class-unknown':
      return `“${fault.text}” is not one of the classes: ${fault.classes.map((c) => CLASS_WORDS[c]).join('; ')}.`;
    case 'not-an-option':
      return `“${fault.text}” is not one of: ${fault.options.join(', ')}.`;
    case 'too-long':
      return `Longer than ${fault.most} characters.`;
    case 'no-name':
      return 'Neither maker nor model.';
    case 'empty':
    case 'not-a-number':
    case 'unit-unknown':
    case 'gallon-unclear':
      return amountFaultWords(fault);
    case 'unit-of-other-dimension':
      return 'wanted' in fault ? amountFaultWords(fault) : readingFaultWords(fault);
    case 'basis-of-other-figure':
    case 'out-of-limits':
    case 'not-whole':
    case 'spread-not-positive':
      return readingFaultWords(fault);
  }
}
