import { spelt } from '../vocabulary/letters';
import { isAlone, PLAINLY, type Form } from './form';
import { either } from './frames/frame';
import { WEIGHTS } from './weights';

const TANK = {
  key: 'tank',
  dimension: 'volume',
  points: WEIGHTS.byUnit - 0.3,
  by: 'unit',
} as const;

/** Litres: less is oil, or a fill. Own assumption. */
const LEAST_TANK = 6;

/** What else has room for litres. */
const NO_TANK = spelt(
  /(?<!\p{L})(?:koffers?|topkoffer|kisten?|zijtassen|tas(?:sen)?|(?:pack)?taschen|topcase|olie|öl|borse|valigie|bauletto|olio|valises?|sacoches?|huile|malas?|óleo|kufr\p{L}*|sakw\p{L}*|olej\p{L}*|väsk\p{L}*|vesk\p{L}*|olja|olje|jerrycan|kanister|bidon)(?!\p{L})/iu,
);

/** "Le metí 9 litros": what went in at a stop. */
const FILLED = spelt(
  /(?<!\p{L})(?:met[íi]|ech[éo]|eché|puse|repost\p{L}*|ai mis|remis|ho messo|ho fatto|getankt|nachgetankt|getankte|wlał\p{L}*|pus)(?!\p{L})/iu,
);

/** What a tank holds, said without the word tank. */
export const TANK_FORMS: readonly Form[] = [
  { ...TANK, when: isAlone },
  // "They gave it 5.3 gallons", "19 litres of petrol": what only a tank holds.
  {
    ...TANK,
    before: /(?:gave|gives|give|given) it (?:a )?$/iu,
    when: (_, q) =>
      /^gal/.test(q.unit ?? '') || (q.unit === 'L' && (q.amounts[0] ?? 0) >= LEAST_TANK),
  },
  {
    ...TANK,
    behind:
      /^ of (?:fuel|petrol|gas|unleaded)(?! (?:for|in|gone|went|burnt|used)(?!\p{L}))(?!\p{L})/iu,
  },
  // "It's eighteen litres", "on its ten and a half litres": said of what was spoken of, and in litres that is the tank.
  {
    ...TANK,
    before: /(?<!\p{L})(?:it['’]?s|it is)(?: only| just| about| around)?(?: an?)? $/iu,
  },
  // "Both 9 litres."
  {
    ...TANK,
    before:
      /(?<!\p{L})(?:both|beide|les deux|tutte e due|ambas)(?: (?:have|hold|carry|with|haben|font|tienen|hanno))? $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  // "Tiene 14 litros".
  {
    ...TANK,
    before: /(?<!\p{L})(?:tiene|lleva|trae) (?:unos )?$/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  // "It's got sixty five kilowatts and seventeen litres", "fifteen litres gets me two sixty", "hat nur vierzehn Liter".
  {
    ...TANK,
    before: /\d ?(?:kw|kilowatts|horse(?:power|s)?|hp|bhp|ps),? and $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    behind: /^ (?:gets|takes|gives|lasts) (?:me|us|you|him|her)(?!\p{L})/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  {
    ...TANK,
    before: /(?<!\p{L})(?:hat|fasst)(?: aber)?(?: nur)? $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  // "At 4.2 l/100 and 17 litres that's 404 km", "from 2021 on it has 17 l".
  {
    ...TANK,
    behind: /^ (?:that['’]s|gives|makes) (?:about )?\d/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  {
    ...TANK,
    before: /(?<!\p{L})(?:it|she|this one) has $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= LEAST_TANK,
  },
  // "Caben nueve litros".
  {
    ...TANK,
    by: 'basis',
    points: PLAINLY,
    before: /(?<!\p{L})(?:le )?(?:caben|entran) (?:unos )?$/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= LEAST_TANK &&
      !/(?<!\p{L})(?:maletas?|ba[uú]l|alforjas?|aceite|bolsas?)(?!\p{L})/iu.test(s.text),
  },
  // "The range, four twenty from sixteen litres", "from eighteen litres you see three hundred".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    before: /(?<!\p{L})(?:from|off|out of) (?:its |the |those )?$/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= LEAST_TANK &&
      /(?<!\p{L})(?:range|you (?:see|get)|I (?:see|get))(?!\p{L})/iu.test(s.text),
  },
  // "On one tank, seventeen litres that was".
  {
    ...TANK,
    points: PLAINLY,
    before: /(?<!\p{L})tank(?:ful)?, $/iu,
    behind: /^ (?:that was|it was|that is|that['’]s)(?!\p{L})/iu,
  },
  // "Im Tank sind fünfzehn".
  {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})im tank (?:sind|gehen|hat sie|sind es) $/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_TANK && a <= 40,
  },
  // "I've put at most 3.1 gallons in, book says 3.4": what it holds by the book, beside what was put in.
  {
    key: 'tank',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /\d ?(?:us |imp )?(?:l|lit(?:res?|ers?)|gal(?:lons?)?) (?:in|into it|into the tank|in it)(?: at (?:most|a stop))?,? (?:but |and |though )?(?:(?:the )?(?:book|manual|brochure|maker|spec(?: sheet)?)) (?:says|claims|has) (?:it['’]s |it holds )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1 && a <= 40,
  },
  // "Mit den 15,5 im Tank", "con i 18 nel serbatoio"; what is left in it is no size.
  ...either('volume', {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:mit(?: den| meinen| seinen| ihren)?|avec (?:les|ses|mes)|con (?:los|sus|mis|i|i miei)|with (?:the|its|my)|met (?:de|mijn)|com os) $/iu,
    behind:
      /^ (?:lit(?:res?|ros|ri|ern?)? |l )?(?:im tank|dans le réservoir|en el (?:depósito|tanque)|que le caben|nel serbatoio|in the tank|it holds|in de tank|no (?:depósito|tanque)|qu['’]il contient)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_TANK && a <= 40,
  }),
  // "On top of the 11.5 the Vessig holds".
  ...either('volume', {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:the|its|those) $/iu,
    behind:
      /^ (?:lit(?:re|er)s? |gallons? )?(?:the |my )?(?:\p{L}+ )?(?:(?:bike|tank|it|\p{L}+) holds|it (?:has|comes with))(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 1.5 &&
      a <= 40 &&
      !NO_TANK.test(s.text) &&
      /(?<!\p{L})(?:tank|fuel|lit(?:re|er)s?|gallons?|holds)(?!\p{L})/iu.test(s.text),
  }),
  // "Je voudrais un réservoir de 20 litres, elle en a 16", "ich hätte gern 20 Liter Tank, es sind aber nur 13".
  ...either('volume', {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:(?:elle|il) en (?:a|contient)|es sind(?: aber| ja)?|sie hat(?: aber| ja)?|lleva|tiene|(?:ne|ce ne) (?:ha|sono|stanno)|it(?:['’]s| has| only has)(?: only)?(?: got)?|er zijn(?: maar)?|hij heeft(?: er)?(?: maar)?|tem|leva) $/iu,
    behind: /^ ?(?:l|lit(?:res?|ern?|ros|ri))?(?=\s*[.,;!)]|\s*$)/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= LEAST_TANK &&
      (q.amounts[0] ?? 0) <= 40 &&
      s.quantities.some((o) => o.unit === 'L' && o.to <= q.from) &&
      /(?<!\p{L})(?:tank|réservoir|dep[oó]sito|serbatoio|tanque)(?!\p{L})/iu.test(s.text),
  }),
  // "13,5er Tank".
  {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    behind: /^er[ -](?:tank|spritfass)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_TANK && a <= 40,
  },
  // "With ten litres on board".
  { ...TANK, points: WEIGHTS.byBasis, behind: /^ on board(?!\p{L})/iu },
  // "13 L stock + 6 L aux".
  {
    ...TANK,
    behind: /^ (?:stock|standard|main)(?= ?[,.+)&]| and| plus|$)/iu,
    when: (_, q) => (q.amounts[0] ?? 0) >= 3,
  },
  // "You put sixteen litres in, all three tanks".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    before: /(?<!\p{L})you (?:put|get|can put|can get) $/iu,
    behind: /^ (?:of (?:fuel|petrol|gas) )?in(?: it| the tank)?(?=[,.]| and|$)/iu,
  },
  // "Er gaat 18,5 liter in", "ci stanno 17 litri", "da passen 16 Liter rein": what goes into it, and not into its cases or its sump.
  {
    ...TANK,
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:er (?:gaat|gaan|past|passen)|ci (?:stanno|vanno|entrano)|da (?:gehen|passen)|es (?:gehen|passen)|on y met|j['’]y mets|(?:elle|il) (?:contient|embarque)|cabem(?:-lhe)?|wchodzi|mieści|den rymmer|den rommer) $/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= LEAST_TANK && (q.amounts[0] ?? 0) <= 40 && !NO_TANK.test(s.text),
  },
  // "Porta 13,5 litri di benzina", "lleva 14 litros de gasolina".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    behind:
      /^ (?:di benzina|de gasolina|d['’]essence|de gasóleo|benzin|sprit|benzine|benzyny)(?= ?[,.;!)]|$| (?:e|y|et|und|en|ma|pero) )/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= LEAST_TANK && !NO_TANK.test(s.text) && !FILLED.test(s.text),
  },
  // "Takes 13.5 litres to fill".
  {
    ...TANK,
    points: PLAINLY,
    by: 'basis',
    behind:
      /^ to (?:fill|brim)(?: it| her| the tank| up)*(?=[,.;!]|$| (?:and|but|so|from)(?!\p{L}))/iu,
    when: (s, q) =>
      (q.amounts[0] ?? 0) >= (q.unit === 'L' ? LEAST_TANK : 1.5) && !NO_TANK.test(s.text),
  },
  // "Sixteen litres fit in it", "16 Liter passen rein".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    behind:
      /^ (?:passen|gehen|go|fit|goes|fits)(?: (?:da|in|into))? ?(?:rein|hinein|in|in den tank|(?:it|the tank))(?!\p{L})/iu,
  },
];
