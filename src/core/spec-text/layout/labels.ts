import { spelt } from '../vocabulary/letters';
import { figureDefinition } from '../../readings';
import { scanQuantities } from '../lattice/scan-quantities';
import { sensesOf, UNDECIDED } from '../link/dimensions';
import { readHeader, type HeaderMeaning } from '../read-header';
import { labelOf, targetOf } from '../vocabulary/lexicon';
import type { LabelName } from '../vocabulary/vocabulary';

/** Longest words that are a label, characters. */
const LABEL_LENGTH = 48;
/** Most of them, where more than the label itself is said: "Peso in ordine di marcia". */
const MOST_WORDS = 5;
const IN_BRACKETS = /[([][^()[\]]*[)\]]/gu;
/** A colon, a footnote's mark, the marks of emphasis about it. */
const TRIM = /^[\s*_#•·-]+|[\s:*_¹²³⁴⁵⁶⁷⁸⁹†‡]+$/gu;
const VALUE = /^[\s~≈±<>]*(?:approx\.? |ca\.? |circa |env\.? )?(?:[£$€]|[A-Z]{3} )?\s?\d/u;

/** The end of a sentence, which is none of a short form's: "Max. vermogen". */
const SENTENCE = spelt(/[!?;]\s|(?<=\p{L}{5})\.\s/u);

const tidy = (words: string): string => words.replace(TRIM, '');

/** "Skrzynia biegów": a label whose last word is a unit as well. */
function ofLabel(name: LabelName): HeaderMeaning | undefined {
  const target = targetOf(name);
  const key = target.kind === 'figures' ? target.keys[0] : target.front;
  if (!key) return undefined;
  const [basis] = figureDefinition(key).bases;
  return { kind: 'figure', key, basis, unit: undefined, gallonUnclear: false };
}

/** What words that are a label and nothing else mean; `undefined` for any others. */
export function labelMeaning(words: string): HeaderMeaning | undefined {
  if (words.length > 2 * LABEL_LENGTH) return undefined;
  if (!known.has(words)) {
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(words, meaningOf(words));
  }
  return known.get(words);
}
/** Each step of laying out asks after the same labels. */
const known = new Map<string, HeaderMeaning | undefined>();
const MOST_KNOWN = 2000;

function meaningOf(words: string): HeaderMeaning | undefined {
  const label = tidy(words);
  const bare = label.replace(IN_BRACKETS, ' ').trim();
  if (bare === '' || label.length > LABEL_LENGTH || /\d/.test(bare) || SENTENCE.test(bare))
    return undefined;
  const whole = labelOf(bare);
  const meaning = readHeader(label) ?? (whole && ofLabel(whole.name));
  const isShort = bare.split(' ').length <= MOST_WORDS;
  return meaning?.kind === 'fact' || whole || isShort ? meaning : undefined;
}

/** Whether words are the name of a figure or a fact as the vocabulary has it, to the letter. */
export function isPlainLabel(words: string): boolean {
  const label = tidy(words);
  return labelOf(label) !== undefined || readHeader(label)?.kind === 'fact';
}

export const isLabel = (words: string): boolean => labelMeaning(words) !== undefined;

/** Whether words may be the value of a label: the name of a figure is one of a fact alone ("final drive: chain"). */
export const mayAnswer = (label: HeaderMeaning | undefined, words: string): boolean =>
  isValue(words) || label?.kind === 'fact' || labelMeaning(words)?.kind !== 'figure';

/** Words that begin with a number or a sum. */
export const isValue = (words: string): boolean => VALUE.test(words);

/**
 * Whether what begins a value can be of what a label means: `yes` by its unit, `no` where its unit is another thing's; `unsaid` where
 * nothing speaks for or against it.
 */
export function fits(meaning: HeaderMeaning | undefined, value: string): 'yes' | 'no' | 'unsaid' {
  if (meaning?.kind !== 'figure' || !isValue(value)) return 'unsaid';
  const senses = sensesOf(scanQuantities(value)[0]?.unit, UNDECIDED);
  if (senses.length === 0) return 'unsaid';
  const { dimension } = figureDefinition(meaning.key);
  return senses.some((s) => s.dimension === dimension) ? 'yes' : 'no';
}
