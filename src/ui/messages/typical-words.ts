import type { SaidMust, WorkingInput } from '@/core/assessment';
import type { ClassChance, Donor, DonorClass } from '@/core/donor';
import type { FigureKey } from '@/core/readings';
import { CLASS_WORDS } from './machine-words';
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

/** So many classes are named, the rest left out. */
const NAMED = 3;

/** The classes that a machine may be of, with their chances: "mid-size rally twin (62 %), large adventure twin (30 %)". */
const likelyWords = (likely: readonly ClassChance[]): string =>
  likely
    .slice(0, NAMED)
    .map(({ donorClass, chance }) => `${ofClass(donorClass)} (${Math.round(chance * 100)}\u00a0%)`)
    .join(', ') + (likely.length > NAMED ? ' and others' : '');

/** What a class that was only guessed does to what stands in for what nobody has told. */
export const guessedClassWords = (likely: readonly ClassChance[]): string =>
  `Its class was guessed from a text: ${likelyWords(likely)}. What nobody has told is drawn from all of these, so it is less sure. Check it.`;

/** Whose typical figures stand in: the class, or the likely ones where it is only guessed. */
export const typicalClassWords = ({
  donorClass,
  likelyClasses = [],
}: Pick<Donor, 'donorClass' | 'likelyClasses'>): string =>
  likelyClasses.length > 1
    ? `typical of the classes it may be of, shown for ${ofClass(donorClass)}`
    : `typical of its class: ${ofClass(donorClass)}`;
