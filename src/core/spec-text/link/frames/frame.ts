import type { Dimension } from '../../../units';
import type { Quantity } from '../../lattice/quantity';
import type { Form } from '../form';

// What is said with a verb, in every language alike: the verbs of one meaning, perhaps who does it, and the number. Hedges before the
// number are passed over by `placesBefore`.

/** Who does it, or to whom, between a verb and its number. */
const WHO =
  '(?: (?:it|she|he|mine|me|us|you|this one|the bike|sie|er|es|sich|die|meine|mich|mir|elle|il|on|la mienne|ella|lei|lui|ze|hij|die van mij|ela|ele|ona|hon|han|den))';
export const verbs = (words: string, tail = ''): RegExp =>
  new RegExp(`(?<!\\p{L})(?:${words})${WHO}{0,2}${tail} $`, 'iu');

/** In any currency: a machine costs more, work on it less. Own assumption. */
export const LEAST_SUM = 1500;

export const largest = ({ amounts }: Quantity): number => Math.max(...amounts);
export const first = ({ amounts: [a = 0] }: Quantity): number => a;

/** A form that may be said with its unit or without. */
export const either = (dimension: Dimension, form: Omit<Form, 'dimension'>): readonly Form[] => [
  form,
  { ...form, dimension },
];
