import type { ReadingFault } from '@/core/readings';
import { unitEntry } from '@/core/units';
import { trimmed } from './format';
import { inSentence } from './in-sentence';
import { BASIS_WORDS, FIGURE_WORDS } from './figure-words';

/** Why a reading is refused. */
export function readingFaultWords(fault: ReadingFault): string {
  switch (fault.code) {
    case 'unit-of-other-dimension':
      return `${unitEntry(fault.unit).symbol} does not fit ${inSentence(fault.figure)}.`;
    case 'basis-of-other-figure':
      return `“${BASIS_WORDS[fault.basis as keyof typeof BASIS_WORDS] ?? fault.basis}” is not a way ${inSentence(fault.figure)} is taken.`;
    case 'out-of-limits':
      return `${FIGURE_WORDS[fault.figure]} must lie between ${trimmed(fault.min, 1)} and ${trimmed(fault.max, 1)} ${unitEntry(fault.unit).symbol}. Check the unit.`;
    case 'not-whole':
      return `${FIGURE_WORDS[fault.figure]} must be a whole number.`;
    case 'spread-not-positive':
      return 'A spread cannot be below zero.';
  }
}
