import { nameWords } from './name-words';

/** Names that are a phrase of a sheet and none of a sentence. */
const SAID: Readonly<Record<string, string>> = {
  springRiderMass: 'rider whom its springs suit',
  seatHours: 'hours its seat is borne',
  seatSettle: 'way its seat goes down',
  powerRpm: 'engine speed of its power',
  torqueRpm: 'engine speed of its torque',
  madeFrom: 'first year',
  madeUntil: 'last year',
  usedPrice: 'price used',
  finalRatio: 'final ratio',
};

const END = /^(.+), (front|rear)$/u;

/** What a figure, fact or metric is called inside a sentence: "Travel, rear" is "rear travel". */
export function inSentence(name: string): string {
  const said = SAID[name];
  if (said !== undefined) return said;
  if (name.startsWith('rate:')) return nameWords(name);
  const words = nameWords(name);
  const [, what, end] = END.exec(words) ?? [];
  return what !== undefined && end !== undefined
    ? `${end} ${what.toLowerCase()}`
    : words.toLowerCase();
}
