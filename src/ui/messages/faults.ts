import type { SharesFault } from '@/core/brief';
import type { BuildFault } from '@/core/planning';
import { unitEntry, type AmountFault } from '@/core/units';
import type { FileFault } from '@/store/files';
import type { StorageFault } from '@/store/persistence';
import { dimensionWords, unitExamples } from './dimension-words';
import { formatNumber } from './format';
import { issueWords } from './record-faults';
import { oneRecord } from './record-words';

/** Why a typed amount is refused. */
export function amountFaultWords(fault: AmountFault): string {
  switch (fault.code) {
    case 'empty':
      return 'A figure is needed here.';
    case 'not-a-number':
      return `“${fault.text}” is not a figure. Type a number, with a unit if you like.`;
    case 'unit-unknown':
      return `“${fault.word}” is not a unit Jugator knows.`;
    case 'unit-of-other-dimension':
      return `${unitEntry(fault.unit).symbol} is ${dimensionWords(unitEntry(fault.unit).dimension)}; this field wants ${dimensionWords(fault.wanted)}, such as ${unitExamples(fault.wanted)}.`;
    case 'gallon-unclear':
      return `“${fault.word}” may be US or imperial, a fifth apart. Say “US ${fault.word}” or “imp ${fault.word}”.`;
  }
}

/** Why an amount outside its limits is refused. */
export const limitWords = (min: number, max: number, unit: string): string =>
  `Must lie between ${limit(min)} and ${limit(max)}${unit ? ` ${unit}` : ''}.`;
/** Below one in two figures, so that 0.000001 says something; above in one place. */
const limit = (end: number): string => {
  if (end % 1 === 0) return formatNumber(end, 0);
  if (Math.abs(end) >= 1) return formatNumber(end, 1);
  const places = Math.ceil(-Math.log10(Math.abs(end)));
  const isOneFigure = Math.abs(end * 10 ** places - Math.round(end * 10 ** places)) < 1e-6;
  return formatNumber(end, isOneFigure ? places : places + 1);
};

export function sharesFaultWords(fault: SharesFault): string {
  if (fault.code === 'share-out-of-range')
    return `A share is a whole number from 0 to 100; ${formatNumber(fault.asked, Number.isInteger(fault.asked) ? 0 : 1)} is not.`;
  return fault.free === fault.asked
    ? 'Nothing is left to move: unlock another ground.'
    : `The locked grounds hold ${fault.locked} %, so this one can have ${fault.free} % at the most and nothing else may be left over. Unlock one first.`;
}

/** Why a set of parts is refused; `name` gives a part's words. */
export function buildFaultWords(fault: BuildFault, name: (id: string) => string): string {
  switch (fault.code) {
    case 'not-in-catalogue':
      return `${fault.id} is no longer in the catalogue.`;
    case 'need-missing':
      return `${name(fault.id)} needs ${fault.anyOf.map(name).join(' or ')}.`;
    case 'shut-out':
      return `${name(fault.id)} and ${name(fault.by)} cannot be fitted together.`;
    case 'slot-taken':
      return `${name(fault.by)} already stands where ${name(fault.id)} would go.`;
  }
}

/** Why a file is refused: what and where. Nothing stored has been touched. */
export function fileFaultWords(fault: FileFault): string {
  switch (fault.code) {
    case 'file-too-large':
      return `This file is ${formatNumber(fault.bytes / 1048576, 1)} MiB; the largest that is read is ${formatNumber(fault.limit / 1048576)} MiB.`;
    case 'file-not-text':
      return 'This file holds no text: it is a picture, a document or something packed. A dossier is a text file.';
    case 'file-not-json':
      return `This is not a dossier: the text breaks off or goes wrong at line ${fault.line}, column ${fault.column}.`;
    case 'file-foreign':
      return 'This is some other program’s file: it does not say that it is a Jugator dossier.';
    case 'file-newer':
      return `This dossier has version ${fault.version}; this Jugator reads up to ${fault.known}. Open it with a newer one.`;
    case 'file-invalid':
      return `At ${fault.path.join(' › ') || 'the top'}: it ${issueWords(fault.issue)}${fault.others > 0 ? ` (and ${fault.others} more)` : ''}.`;
    case 'file-twice':
      return `The ${oneRecord(fault.table)} “${fault.id}” stands in the file twice.`;
    case 'file-id':
      return `The ${oneRecord(fault.table)} “${fault.id}” has an id that no record can have.`;
    case 'file-ring':
      return `The donor “${fault.id}” stands on a variant or listing that cannot carry it.`;
    case 'file-dangling':
      return `The ${oneRecord(fault.table)} “${fault.id}” points to “${fault.points}”, which is not in the file.`;
  }
}

export function storageFaultWords(fault: StorageFault): string {
  switch (fault) {
    case 'refused':
      return 'This browser does not let Jugator store anything (a private window, perhaps). Everything works, but only in this tab: export a file before you close it.';
    case 'full':
      return 'The browser’s storage is full. Your latest changes are kept in this tab only: export a file now, free some space, then try again.';
    case 'vanished':
      return 'What was stored in this browser is gone: its site data was cleared. This tab still holds all of it: try again to store it anew, or export a file now.';
    case 'waiting':
      return 'The browser’s storage does not answer, so what is stored there is not shown yet and nothing is being stored. You can work in this tab meanwhile; close other tabs with Jugator, wait, or restart the browser, and export a file if you have done anything.';
    case 'blocked':
      return 'Another tab with an older Jugator holds the storage. Close it or load it anew; until then nothing is stored here.';
    case 'newer':
      return 'A newer Jugator has taken over the storage, so this tab can no longer store anything. Export a file if something here is not stored, then load this page anew.';
    case 'failed':
      return 'The browser could not store your latest changes. They are kept in this tab: try again, or export a file now.';
  }
}
