import type { SaidMust, WorkingInput } from '@/core/assessment';
import type { DonorClass } from '@/core/donor';
import type { FigureKey } from '@/core/readings';
import { CLASS_WORDS } from './words';
import { inSentence } from './in-sentence';

const named = (keys: readonly FigureKey[]): string => keys.map((key) => inSentence(key)).join(', ');

/** Figures that nobody has given, as the reason of a number: "seat height, tank only typical of its class". */
const typicalOfClass = (keys: readonly FigureKey[]): string =>
  `${named(keys)} only typical of its class`;

/** Why a working's input is only typical: for a figure of its own the class, else what of it nobody has given. */
export const typicalWords = ({ name, typical = [] }: WorkingInput): string =>
  typical.length === 1 && typical[0] === name
    ? 'typical of its class; nobody has given it'
    : `${named(typical)}: nobody has given, typical of its class`;

/** What a must rests on that nobody has given, behind its sentence; empty where all was given. */
export const restsOn = ({ typical }: Pick<SaidMust, 'typical'>): string =>
  typical && typical.length > 0 ? `; ${typicalOfClass(typical)}, so find out` : '';

/** The class in the words of its donors, within a sentence: "a rally twin". */
export const ofClass = (donorClass: DonorClass): string =>
  CLASS_WORDS[donorClass].charAt(0).toLowerCase() + CLASS_WORDS[donorClass].slice(1);
