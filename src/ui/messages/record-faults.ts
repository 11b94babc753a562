import type { AmongFault, RecordFault, SetAside, ShapeIssue, TableName } from '@/store/records';
import { differenceName } from './differences';
import { formatNumber, trimmed } from './format';
import { readingFaultWords } from './reading-faults';
import { allRecords, oneRecord } from './record-words';

/** What is wrong with a field, to follow its name or “it”. */
export const issueWords = (issue: ShapeIssue): string => {
  const { limit = 0, counts } = issue;
  switch (issue.kind) {
    case 'too-small':
      if (!counts) return `must be ${trimmed(limit, 2)} or more`;
      return limit === 1 ? 'must not be empty' : `needs at least ${limit}`;
    case 'too-large':
      return counts
        ? `holds more than ${formatNumber(limit)}`
        : `must be ${trimmed(limit, 2)} or less`;
    case 'wrong-type':
      return 'is missing or not of the right kind';
    case 'not-an-option':
      return `must be ${new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(issue.options ?? [])}`;
    case 'not-a-day':
      return 'must be a day that the calendar has, such as 2026-05-31';
    case 'unknown-field':
      return `has a field that nobody knows (${issue.words ?? ''})`;
    case 'other':
      if (issue.reading)
        return `is not right: ${readingFaultWords(issue.reading).replace(/\.$/, '')}`;
      return issue.words ? `is not right: ${issue.words}` : 'cannot be read';
  }
};

/** Which field of a record, for the beginning of a sentence. */
export function fieldWords(table: string, path: readonly (string | number)[]): string {
  const named = path.filter((p): p is string => typeof p === 'string');
  if (table === 'briefs' && named[0] === 'purposes')
    return named[1] === 'name' ? 'The name of a purpose' : 'A purpose';
  const known = differenceName({ table: table as TableName, path: named.slice(0, 2) });
  const words = known || named.join(' › ') || `The ${oneRecord(table)}`;
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function amongWords(fault: AmongFault): string {
  switch (fault.code) {
    case 'dangling':
      return `It names a ${oneRecord(fault.reference.table)} that there is not.`;
    case 'misplaced':
      return 'A variant stands on a model, a machine on a model or a variant, and nothing on a machine.';
    case 'twice':
      return `The ${fault.what} is taken.`;
  }
}

/** Why an edit was refused, in one sentence. */
export function recordFaultWords(fault: RecordFault): string {
  switch (fault.code) {
    case 'shape':
      return `${fieldWords(fault.table, fault.path)} ${issueWords(fault.issue)}.`;
    case 'key':
      return `This ${oneRecord(fault.table)} has an id that it cannot have.`;
    case 'too-many':
      return `${allRecords(fault.table)}: there can be ${formatNumber(fault.most)} at the most.`;
    default:
      return amongWords(fault);
  }
}

const WHY: Readonly<Record<SetAside['why'], string>> = {
  shape: 'could not be read',
  key: 'lay under another id than its own',
  dangling: 'named something that there is not',
  misplaced: 'stood on something that cannot carry it',
  twice: 'had a plate that another one has',
};

/** What became of a stored record that could not be taken as it was. */
export function asideWords({ table, key, name, kind, fields, why }: SetAside): string {
  const what = `The ${oneRecord(table)}${table === 'briefs' ? '' : ` “${name || key}”`}`;
  const places = fields
    .map((f) => fieldWords(table, f.split('.')).toLowerCase())
    .filter((f, i, all) => all.indexOf(f) === i);
  if (kind === 'left-out')
    return `${what} ${WHY[why]}${why === 'shape' && places.length > 0 ? ` (${places.join(', ')})` : ''} and is left out.`;
  return why === 'shape'
    ? `${what}: ${places.join(', ')} could not be read and ${places.length === 1 ? 'has' : 'have'} the usual value now, or none.`
    : `${what} ${WHY[why]}; that is put right.`;
}
