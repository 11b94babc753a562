import { answersBehind } from './answer-below';
import { withoutTimes } from './caption-times';
import { cardsAsLines } from './cards';
import { withoutSpeakers } from './chat';
import { singleSpaced } from './double-spaced';
import { endsApart } from './ends-apart';
import { unglued } from './glued';
import { labelsFirst } from './labels-first';
import { withOneColon } from './one-colon';
import { onePairALine } from './pairs-in-rows';
import type { PlacedText } from './placed-text';
import { withoutCodes } from './registration-codes';
import { withFirstOfTwoUnits } from './two-units-in-head';
import { withUnits } from './units-apart';
import { unwrapped } from './unwrapped';

/** "33 kW", and on the next line "at 9,000 rpm": one line. Place for place. */
const WRAPPED =
  /(?<=\d ?(?:kW|hp|bhp|PS|ch|cv|CV|KM|pk|hk|hv|k|Nm|lb-?ft|ft-?lb|mkg|kgm)(?: ?\([^()\n]{2,24}\))?) ?\n(?= {0,4}(?:@|at|bei|à|a|alle|bij|às|przy|vid|ved|při|\/) ?\d[\d.,' ]{2,6} ?(?:rpm|r\/min|min|1\/min|U\/min|tr|giri|obr|varv|o\/min|ot|tpm))/gu;

/**
 * A text as sheets are laid out on pages, brought to one label and its value on a line: labels glued to their values, pairs side by
 * side, rows of labels over rows of values, values over their labels, units in a column of their own. A text that is laid out in none of these ways stays as it is.
 */
export const laidOut = (placed: PlacedText): PlacedText =>
  [
    withoutTimes,
    singleSpaced,
    answersBehind,
    unwrapped,
    withoutSpeakers,
    withoutCodes,
    withFirstOfTwoUnits,
    withUnits,
    unglued,
    onePairALine,
    withOneColon,
    cardsAsLines,
    labelsFirst,
    endsApart,
  ].reduce<PlacedText>((laid, step) => step(laid), {
    ...placed,
    text: placed.text.replace(WRAPPED, ' '),
  });
