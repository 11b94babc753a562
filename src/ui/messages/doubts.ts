import type { Doubt, PassedOver } from '@/core/spec-text';
import { formatQuoted, trimmed } from './format';
import { BASIS_WORDS, FIGURE_WORDS } from './figure-words';

/** Why a figure found in a text should be looked at. */
export function doubtWords(doubt: Doubt): string {
  switch (doubt.code) {
    case 'gallon-unclear':
      return 'US or imperial? They are a fifth apart. Choose the unit, then tick it.';
    case 'currency-unclear':
      return 'The text does not say whose money it is. Choose it, then tick it.';
    case 'close-call':
      return doubt.rival
        ? `The words fit “${FIGURE_WORDS[doubt.rival]}” nearly as well.`
        : 'The words hardly say that it is this figure.';
    case 'tubes-unsaid':
      return 'Whether they hold tubes is not said; most such wheels do.';
    case 'hedged':
      return `“${doubt.words}”: said with a doubt.`;
    case 'may-be-changed':
      return `“${doubt.words.trim()}”: it may not be as the maker built it.`;
    case 'another-beside':
      return `“${doubt.words.trim()}” stands near it and might be it as well: which is this machine’s?`;
    case 'at-odds':
      return `“${doubt.words}” cannot be true beside it: one of the two is wrong.`;
    case 'bound':
      return `“${doubt.words}”: a bound, and no figure of its own.`;
    case 'tentative':
      return `“${doubt.words}”: aimed at or estimated, and measured by nobody.`;
    case 'foreign-unit':
      return `“${doubt.words}” has the unit of another figure than its column.`;
    case 'laden':
      return `“${doubt.words}”: taken with somebody on it; the seat counts without.`;
    case 'without-tax':
      return `“${doubt.words}”: the tax comes on top. Enter what it costs in all.`;
    case 'which-machine':
      return 'The text speaks of several machines: is it this one’s?';
    case 'far-from-usual':
      return 'Far from what any class of machine has.';
    case 'text-unlike':
      return 'The text as a whole reads like no motorcycle’s sheet.';
    case 'basis-unsaid':
      return `The text does not say how it was taken; “${BASIS_WORDS[doubt.taken]}” is assumed.`;
    case 'pair-disagrees':
      return `${formatQuoted(doubt.other.amount, doubt.other.unit)} stands beside it and is not the same.`;
    case 'label-unsaid':
      return 'Recognised by its unit alone: is it this figure?';
    case 'by-likeness':
      return 'Nothing names it; in words like these such a number is mostly this figure. Is it?';
    case 'unit-unsaid':
      return 'No unit was written; this is the likely one.';
    case 'mark-unclear':
      return `The mark may be for thousands or decimals: ${trimmed(doubt.other)} is possible as well.`;
    case 'said-otherwise':
      return 'The text says something else for the same figure elsewhere.';
  }
}

const TAKER_WORDS: Readonly<
  Record<Extract<PassedOver['why'], { code: 'belongs-to' }>['taker'], string>
> = {
  part: 'a part: bore, stroke, a disc, fork tubes',
  overall: 'the machine’s length, width or height',
  topSpeed: 'a speed',
  rider: 'the rider',
  load: 'luggage, a passenger or a can',
  sag: 'sag',
  odometer: 'what is on the clock',
  trip: 'a trip, or when something was done',
  spending: 'money that is not asked for the machine',
  accessory: 'an accessory',
  bolt: 'a bolt',
  reserve: 'the reserve',
  weather: 'weather or height',
  contact: 'a telephone or a number of its own',
  people: 'owners, valves or years',
  volts: 'volts',
};

/** Why a number of a text was not proposed. */
export function passedOverWords(why: PassedOver['why']): string {
  switch (why.code) {
    case 'other-machine':
      return 'Said of another machine, wished for, denied or asked.';
    case 'changed':
      return 'What a part, or a lower price, made of it.';
    case 'currency-unknown':
      return 'In a currency that Jugator does not reckon in: type the sum in one that it does.';
    case 'belongs-to':
      return `Belongs to ${TAKER_WORDS[why.taker]}.`;
    case 'no-label':
      return 'The words do not say what it is.';
  }
}
