import { spelt } from '../../vocabulary/letters';
import { PLAINLY, type Form } from '../form';
import { either, first, verbs } from './frame';

/** Kilometres or miles on a tank. Own assumption. */
const ONE_TANK = { least: 120, most: 900 } as const;

/** Where somebody stops: "I fill up every four hundred", "je m'arrête tous les 330". */
const stops: readonly Form[] = either('distance', {
  key: 'statedRange',
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:(?:I|we) (?:fill up|fill it|stop|tank up|refuel)(?: for (?:fuel|gas|petrol))?|je m['’]arrête|je fais le plein|on fait le plein|je ravitaille|reposto|paro|me paro|mi fermo|faccio benzina|faccio il pieno|ich tanke|tanke ich|muss ich tanken|ik tank|tank ik|abasteço|paro|tankuję|jag tankar) (?:every|tous les|toutes les|cada|ogni|alle|om de|a cada|co|var) $/iu,
  when: (_, q) => first(q) >= 60 && first(q) <= ONE_TANK.most,
});

/** How far somebody comes. */
const COMES = verbs(
  "llego a|llegas a|me da para|te da para|da para|aguanta|j['’]arrive à|on arrive à|je tiens|tient|tire|arrivo a|ci faccio|ci arrivo a|komm(?:e|t)? ich(?: auf| bis)?|schaffe(?: ich)?|schafft|reicht (?:für|das für)|reichen (?:für|die für)|haal|haal (?:ik|je)|kom (?:ik|je)(?: tot)?|chego a|chega a|dá para|robię|starcza na|przejadę|räcker till|kommer jag",
);
const SPEAKS_OF_FUEL = spelt(
  /(?<!\p{L})(?:tanks?|tanque|dep[oó]sito|r[eé]servoir|serbatoio|zbiornik|plein|pieno|lleno|litros?|litres?|litri|litern?|l|gasolina|benzina?|essence|benzin|sprit|caben|reserva|réserve|riserva|reserve)(?!\p{L})/iu,
);

const range: readonly Form[] = either('distance', {
  key: 'statedRange',
  points: PLAINLY,
  by: 'basis',
  before: COMES,
  behind:
    /^(?: (?:km|kil[oó]metros|kilom[eè]tres|bornes|chilometri|kilometer|quil[oó]metros))?(?=\s*[,.;!?)]|\s*$| (?:sin|antes|con|y|avant|sans|avec|et|senza|prima|e|ohne|bevor|weit|mit|und|zonder|voor|ver|met|en|sem|com|bez|na|utan|på|and|but|before|or)(?!\p{L}))/iu,
  when: (s, q) =>
    first(q) >= ONE_TANK.least && first(q) <= ONE_TANK.most && SPEAKS_OF_FUEL.test(s.text),
});

/** "Out of the 3.6 gallon tank I plan on 190": after what it holds. */
const plans: readonly Form[] = either('distance', {
  key: 'statedRange',
  points: PLAINLY,
  by: 'unit',
  before: verbs('I plan on|we plan on|I count on|I reckon on'),
  behind: /^(?! ?(?:mi(?:les?)? |km )?(?:a day|per day|days))/iu,
  when: (s, q) =>
    first(q) >= 60 &&
    first(q) <= ONE_TANK.most &&
    s.quantities.some((o) => o.to <= q.from && /^(?:L|gal-us|gal-imp|gallon)$/.test(o.unit ?? '')),
});

/** "Call it two twenty total": of a tank that was spoken of. */
const inAll: Form = {
  key: 'statedRange',
  points: PLAINLY,
  by: 'basis',
  before: /(?<!\p{L})(?:call it|so that['’]s|makes it|that makes) $/iu,
  behind: /^ (?:total|all up|all told|to empty|to dry|in total|all in)(?!\p{L})/iu,
  when: (s, q) =>
    first(q) >= 60 &&
    first(q) <= ONE_TANK.most &&
    /(?<!\p{L})(?:light|tank|reserve|range|gallons?|lit(?:re|er)s)(?!\p{L})/iu.test(s.text),
};

/** How far a tank goes. */
export const RANGE_FRAMES: readonly Form[] = [...stops, ...plans, ...range, inAll];
