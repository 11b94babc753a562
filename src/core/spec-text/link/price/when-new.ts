import { spelt } from '../../vocabulary/letters';
import type { Quantity } from '../../lattice/quantity';
import { largest } from '../frames/frame';

const NEW =
  '(?:(?:when|brand) new|new|nieuw|neu|neuve?|neuf|nueva|nuevo|nuova|nuovo|nova|novo|nytt?|ny|nowy|nowa)';
/** What it did cost: of what it does cost, or of a price newly set, nothing is said here. */
const ONCE =
  '(?:cost|was|were|kostte|kostade|kostede|kostet|hat|war|valait|co[ûu]tait|costaba|valía|costó|costava|valeva|è costata|custava|custou|kosztował[ao]?)';
const NEW_ONCE = spelt(
  new RegExp(
    `(?<!\\p{L})(?:${NEW}(?: [\\p{L}']{1,8}){0,2} ${ONCE}|${ONCE} ${NEW})(?: [\\p{L}']{1,5}){0,2} ?[£$€]? ?$`,
    'iu',
  ),
);
const ONCE_BEFORE = spelt(
  new RegExp(
    `(?<!\\p{L})(?:${ONCE}|paid|payée?|pagué|pagata|betaald)(?: [\\p{L}']{1,5}){0,2} ?[£$€]? ?$`,
    'iu',
  ),
);
const NEW_BEHIND = spelt(
  new RegExp(
    `^ ?(?:€|euros?|eur|dollars|pounds|quid|bucks|kr|zł|francs|franken|chf)?,? ?(?:it was |when it was )?${NEW}(?!\\p{L}| \\p{L}+e?s(?!\\p{L}))`,
    'iu',
  ),
);

/** A sum when new is at least this much of another named with it, and at most so much. Own assumption. */
const [AT_LEAST, AT_MOST] = [1, 6];
/** So little is a part's. Own assumption. */
const LEAST_SUM = 1500;

const MONEY = /^[A-Z]{3}$|^(?:dollar|money|pounds|crowns)$/;

/**
 * "Asking 7.450, new it cost 8.690": what somebody once gave for it when it was new, beside what it is to cost now. A sum alone stays what
 * it is.
 */
export function isSumWhenNew(text: string, q: Quantity, quantities: readonly Quantity[]): boolean {
  const sum = largest(q);
  if (sum < LEAST_SUM) return false;
  const [before, behind] = [
    text.slice(Math.max(0, q.from - 48), q.from),
    text.slice(q.to, q.to + 32),
  ];
  if (!NEW_ONCE.test(before) && !(ONCE_BEFORE.test(before) && NEW_BEHIND.test(behind)))
    return false;
  return quantities.some((x) => {
    const other = largest(x);
    const money =
      x.unit === undefined || x.unit === q.unit || (q.unit === undefined && MONEY.test(x.unit));
    return money && other >= LEAST_SUM && sum / other > AT_LEAST && sum / other <= AT_MOST;
  });
}
