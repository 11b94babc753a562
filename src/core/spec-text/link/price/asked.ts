import { spelt } from '../../vocabulary/letters';
import type { Quantity } from '../../lattice/quantity';
import { PLAINLY, type Form } from '../form';
import { largest, LEAST_SUM } from '../frames/frame';
import type { SentenceWords } from '../option';
import { WEIGHTS } from '../weights';

/** In any currency: less is asked for a part. Own assumption. */
export const LEAST_ASKED = 1000;

const CURRENCY = spelt(/(?<!\p{L})(?:[A-Z]{3}|kr|zł|Kč|euros?|R)(?!\p{L})/iu);
/** "£5,950" on a line of its own. */
export const standsAlone = (s: SentenceWords, q: Quantity): boolean =>
  s.whole &&
  largest(q) >= LEAST_ASKED &&
  [s.text.slice(0, q.from), s.text.slice(q.to)].every(
    (words) => !/[\p{L}\d]/u.test(words.replace(CURRENCY, '')),
  );

/** "It's up at 3 750", "the dealer would do 9,990". */
const ASKED_FOR = spelt(
  /(?<!\p{L})(?:(?:is|it['’]s|this one['’]s|he['’]s|one) up (?:at|for)|(?:would|will|could|to) (?:do|take|let (?:it|me have it) go for|let it go (?:at|for)))(?: about)? $/iu,
);

/** A name with its year, as adverts open. */
const HEAD_OF_ADVERT = spelt(
  /^\W{0,3}(?:(?:for sale|fs|wts|verkaufe|vends|[àa] vendre|vendo|se vende|te koop|säljes?|sælges|selges|sprzedam|prodám|myydään|vende-se)(?: my)?[:!]? )?(?:(?:19|20)\d\d )?\p{Lu}[\p{L}\d .'’/-]{2,40}?,?(?: \(?(?:19|20)\d\d\)?)? ?[-–—·|•,:]? ?[£$€]?$/iu,
);

const ASKED = { key: 'price', points: PLAINLY, by: 'basis', basis: 'asked' } as const;

/** What somebody asks for his. */
export const ASKED_FORMS: readonly Form[] = [
  // "4.400 FP", "6200 VB".
  {
    ...ASKED,
    behind: /^,? ?(?:fp|vb|vhb|fix|festpreis|verhandlungsbasis|verhandelbar)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => a >= 500 && s.units.money !== undefined,
  },
  // "$5,400 - 2021 Kestler 350 Trail": the head of an advert.
  {
    ...ASKED,
    dimension: 'money',
    points: PLAINLY + 1,
    before: /^\s*[£$€]?$/u,
    behind: /^ ?(?:€|eur|usd)? ?[-–—·|•] ?(?:19|20)\d\d \p{Lu}/iu,
    when: (s, q) => s.sale && largest(q) >= LEAST_SUM,
  },
  // "2021 Kestler 350 Trail - $5,400", "For sale: Kestler 350 Trail, 2021, €5,400": the same the other way round.
  {
    ...ASKED,
    dimension: 'money',
    points: PLAINLY + 1,
    before: HEAD_OF_ADVERT,
    behind:
      /^ ?(?:€|eur(?:os?)?|usd|kr|zł|kč)?,? ?(?:obo|ono|o\.b\.o\.?|vb|vhb|firm|neg\.?|fix)?\s*$/iu,
    when: (s, q) =>
      s.sale &&
      largest(q) >= LEAST_ASKED &&
      /(?:19|20)\d\d/u.test(s.text.slice(0, q.from)) &&
      s.quantities.filter((o) => o.unit !== undefined).length === 1,
  },
  // "5.990 € passaggio escluso", "4.950 € transferencia aparte": what the papers cost the buyer is said of a machine for sale.
  {
    ...ASKED,
    dimension: 'money',
    points: PLAINLY + 1,
    behind:
      /^,? ?[-–(]? ?(?:(?:il )?passaggio(?: di proprietà)? (?:escluso|incluso|compreso|a carico)|più passaggio|\+ passaggio|transferencia (?:aparte|incluida|no incluida)|más transferencia|carte grise (?:à|en) |hors carte grise|transferência (?:incluída|à parte))/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
  // "Nieuwprijs € 9.899, nu € 7.250", "nová cena 229 900 Kč, nyní 198 000 Kč": what it was, and what is asked of it.
  {
    ...ASKED,
    dimension: 'money',
    points: PLAINLY + 1,
    before:
      /(?:new|when new|list|rrp|msrp|nieuwprijs|nypris|neupreis|nuov[ao]|neuve?|nuev[ao]|nová cena|nowy|nowa|původní cena|pôvodná cena)(?!\p{L})[^.;\d\n]{0,24}\d[\d.,'’ ]{2,9}[^.;,\d\n]{0,8}[,;–-] ?(?:(?:and|but|maar|aber|et|e|y|a) )?(?:now|nu|nun|jetzt|maintenant|ahora|ora|adesso|nyní|teď|teraz|agora|nå)(?: only| just| nog| nur| noch| für| for| à| a| voor| za| por| per| til)?:? ?[£€$]?$/iu,
    when: (_, q) => largest(q) >= LEAST_ASKED,
  },
  // "Eighteen nine ninety five to you".
  {
    ...ASKED,
    dimension: 'money',
    points: WEIGHTS.byBasis,
    behind: /^ to you(?=[.,!]|$)/iu,
  },
  // "It's up at three seven fifty", "the dealer would do 9,990".
  {
    ...ASKED,
    dimension: 'money',
    points: WEIGHTS.byBasis,
    before: ASKED_FOR,
  },
  // "The dealer would do 9,990".
  {
    ...ASKED,
    points: WEIGHTS.byBasis,
    before: ASKED_FOR,
    when: (s, q) => s.units.money !== undefined && largest(q) >= LEAST_ASKED,
  },
  // "First 5,400 takes it".
  {
    ...ASKED,
    before: /(?<!\p{L})first (?:person with |one with |with )?[£$€]?$/iu,
    behind: /^ ?(?:€|euros?|pounds|quid|dollars|bucks)? (?:takes|gets|has) (?:it|her)(?!\p{L})/iu,
    when: (_, q) => largest(q) >= LEAST_ASKED,
  },
  // "Soll fünftausendvierhundert kosten".
  {
    ...ASKED,
    before: /(?<!\p{L})(?:soll|sollte|will er|will sie)(?: noch| jetzt| nur)? $/iu,
    behind: /^(?: euro)? (?:kosten|bringen|haben|dafür)(?!\p{L})/iu,
    when: (_, q) => largest(q) >= LEAST_SUM,
  },
];
