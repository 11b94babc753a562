import { spelt } from '../../vocabulary/letters';
import { PLAINLY, type Form } from '../form';
import { WEIGHTS } from '../weights';
import { either, largest, LEAST_SUM, verbs } from './frame';

/** Who asks how much. */
const ASKS = verbs(
  "(?:he|she|they|owner|seller|dealer|guy|bloke|fella|lad|shop)(?:['’]s| is| are|['’]re)? (?:asking|after|wanting)|piden|pide|me piden|quiere(?: por ella)?|demande|en demande|en veut|chiede|chiedono|ne chiede|ne vuole|ne vogliono|verlangt|verlangen|hätte gern|(?:händler|verkäufer|besitzer|er|sie|typ|chef) (?:will|wollte|möchte)|aufgerufen(?: sind| werden)?|vraagt|vragen|pede|pedem|chce|żąda|begär|forlanger|(?:l[ao] )?vendo (?:a|por)|la vendo|je (?:la|le) vends|selling (?:it |her |him )?(?:at|for)|verkaufe (?:sie |ihn |es )?(?:für|um)|sprzedam za|säljer (?:den )?för|selges for|sælges for",
);
/** What was given for it. */
const GAVE = verbs(
  "(?:I|we) (?:paid|gave|handed over)|paid|payée?|touchée?|l['’]ai eue? (?:à|pour)|pagué|me costó|me ha costado|me salió (?:por|en)|la saqué por|pagata|l['’]ho (?:pagata|presa),?|mi è costata|mi è venuta|gekostet hat|gezahlt hab(?:e)? ich|bezahlt hab(?:e)? ich|hab(?:e)? ich bezahlt|betaalde|heb(?: ik)? betaald|kostte|paguei|custou|custou-me|zapłaciłem|dałem|betalade|gav|betalte|ga",
  "(?: (?:neuve?|nueva|nuova|neu|new|nieuw|nova|d['’]occasion|damals|dafür|daarvoor|por ela|por ella|per lei|for it|för den|za niego))?",
);

/** What comes on top of a list price. */
const ON_TOP = spelt(
  /^ ?(?:€|euros?|£|\$)? ?(?:\+|plus|zzgl\.?|und|más|più|plus) (?:about |ca\.? )?[£$€]? ?\d[\d.,]* ?(?:€|euros?|£|\$)? ?(?:for |in |of |an )?(?:nebenkosten|nk|überführung\p{L}*|frais|mise en route|messa su strada|matriculaci[oó]n|otr|on[- ]the[- ]roads?|freight|fees|pdi)(?!\p{L})/iu,
);

/** "New price £6,500, was £6,900": asked anew. */
const NEWLY_SET = spelt(
  /(?<!\p{L})(?:new price|neuer preis|nouveau prix|nuevo precio|nuovo prezzo|nieuwe prijs|novo preço|nowa cena):? $/iu,
);
const BEFORE_THAT = spelt(
  /^ ?(?:€|euros?|£|\$|zł)?[,(;. ]{0,3}(?:was|before|originally|statt|vorher|vorhin|au lieu de|avant|antes|prima|invece di|anzich[ée]|was eerst|eerst|poprzednia)(?!\p{L})/iu,
);

const sums: readonly Form[] = [
  ...either('money', {
    key: 'price',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'asked',
    before: NEWLY_SET,
    behind: BEFORE_THAT,
    when: (s, q) => largest(q) >= LEAST_SUM && (s.units.money ?? s.units.likelyMoney) !== undefined,
  }),
  ...either('money', {
    key: 'price',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'list',
    behind: ON_TOP,
    when: (s, q) => !s.sale && largest(q) >= LEAST_SUM && s.units.money !== undefined,
  }),
  ...either('money', {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'asked',
    before: ASKS,
    behind: /^(?! ?(?:per|a|each|for (?:the|his|a) (?!bike|machine|lot)))/iu,
    when: (s, q) => largest(q) >= LEAST_SUM && (s.units.money ?? s.units.likelyMoney) !== undefined,
  }),
  ...either('money', {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    basis: 'paid',
    before: GAVE,
    behind:
      /^(?! ?(?:€|euros? )?(?:per|for (?:the|a|my|new)|off|less|more|too much|over|used|d['’]occasion|usat[oa]|gebraucht|de segunda mano)(?!\p{L}))/iu,
    when: (s, q) => largest(q) >= LEAST_SUM && (s.units.money ?? s.units.likelyMoney) !== undefined,
  }),
];

/** "The Fell 515 is $6,799": so large a sum is a machine's. */
const isSum: Form = {
  key: 'price',
  dimension: 'money',
  points: WEIGHTS.bySum,
  by: 'sum',
  before: /(?<!\p{L})(?:is|costs?|kostet|coûte|cuesta|costa|kost|custa) $/iu,
  when: (s, q) => !s.sale && largest(q) >= LEAST_SUM,
};

/** What is asked for it, was paid, or stands on the list. */
export const SUM_FRAMES: readonly Form[] = [...sums, isSum];
