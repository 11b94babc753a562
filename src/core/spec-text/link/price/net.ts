import type { Quantity } from '../../lattice/quantity';
import type { FigureProposal } from '../../proposal';
import { spelt } from '../../vocabulary/letters';

const TAX =
  '(?:v\\.?a\\.?t\\.?|gst|mwst\\.?|mehrwertsteuer|ust\\.?|umsatzsteuer|t\\.?v\\.?a\\.?|i\\.?v\\.?a\\.?|b\\.?t\\.?w\\.?|moms(?:en)?|mva|dph|podatku vat|alv)';
const WITHOUT =
  '(?:\\+|plus|zzgl\\.?|zuzüglich|excl\\.?|exkl\\.?|ekskl\\.?|exclu(?:ding|sive(?: of)?)|ex|before|without|ohne|hors|sans|más|sin|più|oltre|senza|mais|sem|zonder|plus|uden|utan|uten|bez|ilman)';
/** "5.200 € zzgl. MwSt", "£5,200 + VAT", "5 200 € HT", "IVA esclusa", "excl. btw": a sum to which the tax comes. Common usage in thirteen languages, no source. */
const NET_BEHIND = spelt(
  new RegExp(
    `^ ?(?:€|eur|euros?|£|gbp|chf|kr\\.?|zł|pln|kč|czk)?,? ?[([]?(?:(?:${WITHOUT}) ?(?:de |la |d['’]|el |l['’])?${TAX}(?!\\p{L})|${TAX} ?(?:esclusa|escl\\.?|no inclu[ií]d[oa]|non compris[ea]?|non inclus[ea]?|não incluído|exclu(?:ded|sive|e|ído)|extra|not incl(?:uded)?\\.?|aparte|à part|niet inbegrepen|tillkommer|ikke inkludert|kommt (?:noch )?dazu|nicht enthalten)|h\\.?t\\.?(?![\\p{L}\\d])|netto(?!\\p{L})|net(?: of tax)?(?![\\p{L}\\d-]))`,
    'iu',
  ),
);
const NET_BEFORE = spelt(
  new RegExp(
    `(?<!\\p{L})(?:netto(?:preis|prijs|pris|hinta)?|net(?: price)?|prix h\\.?t\\.?|${WITHOUT} ?${TAX})\\)?:? ?(?:[£$€]|eur|chf|kr\\.?)? ?$`,
    'iu',
  ),
);

/** A net sum is not what a rider pays: the tax of his country comes to it, and he is asked. */
export const asNet = (made: FigureProposal, text: string, q: Quantity): FigureProposal => {
  if (made.key !== 'price' && made.key !== 'usedPrice') return made;
  const words =
    NET_BEHIND.exec(text.slice(q.to, q.to + 48))?.[0] ??
    NET_BEFORE.exec(text.slice(Math.max(0, q.from - 32), q.from))?.[0];
  return words === undefined
    ? made
    : {
        ...made,
        ticked: false,
        doubts: [...made.doubts, { code: 'without-tax', words: words.trim() }],
      };
};
