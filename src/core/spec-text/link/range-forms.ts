import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { PLAINLY, type Form } from './form';
import type { SentenceWords } from './option';
import { WEIGHTS } from './weights';

const ONE_TANK = {
  key: 'statedRange',
  dimension: 'distance',
  points: WEIGHTS.byUnit + 0.6,
  by: 'unit',
} as const;

/** What a tank holds, told before a number: "18 l donc 400 km". */
const afterATank = (s: SentenceWords, q: Quantity): boolean =>
  s.quantities.some((o) => o.to <= q.from && /^(?:L|gal-us|gal-imp|gallon)$/.test(o.unit ?? '')) &&
  /(?<!\p{L})(?:tanks?|réservoir|serbatoio|depósito|tanque|caben|consomme|gasta|verbraucht|gasolina|benzina?|essence|petrol|gas)(?!\p{L})/iu.test(
    s.text,
  );

/** "I've put four hundred miles on this": what was ridden, and not what a tank gives. */
const NOT_RIDDEN = spelt(
  /^(?![^]*(?<!\p{L})(?:put|done|ridden|covered|rode|clocked|racked up|with|has)(?: \p{L}+){0,3} $)/iu,
);

/** How far a tank goes, said without the word range. */
export const RANGE_FORMS: readonly Form[] = [
  // "You're gonna get around 350 km out of that", "should be good for 300 km": how far a tank goes.
  {
    ...ONE_TANK,
    behind: /^\+? (?:theoretically|in theory|to empty|to dry|between fill-?ups)(?!\p{L})/iu,
  },
  {
    ...ONE_TANK,
    before: NOT_RIDDEN,
    behind:
      /^\+? (?:a tank(?:ful)?(?!\p{L})|(?:out of|from|on|per|to) (?:it|that|this|the tank|a tank|one tank|each tank|a full)(?!\p{L}))/iu,
  },
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})you(?:['’](?:ll|d)| will| can| would)?(?: still| easily| just| probably)? (?:get|see|do|go|manage)(?: about| around| over| nearly)?(?: an?)? $/iu,
  },
  {
    ...ONE_TANK,
    before: /(?<!\p{L})good for (?:about |around |over |nearly |at least |a solid |an easy )?$/iu,
  },
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})tank (?:gave|gives|gets|got|does|did|lasts|lasted|takes|took)(?: me| us| you)?(?: about| around)? $/iu,
  },
  // "Does me a hundred and forty mile", "gives customers a comfortable 350 km".
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})(?:does|do|gives?|gave|gets?|got) (?:me|us|you|him|her|customers|riders|people)(?: (?:about|around|over|nearly|roughly|easily|(?:a|an) (?:comfortable|solid|good|easy|realistic|honest)))?(?: an?)? $/iu,
  },
  // "I plan on 320 km between fuel stops" is the tank's; "there's 300 km between them" the road's.
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})(?:plan(?:ning)? (?:on|for)|count(?:ing)? on|reckon on|can do|stretch to|manage)(?: about| around)? $/iu,
    behind:
      /^\+?(?:['’]s)? (?:between|to) (?:servos?|(?:fuel|petrol|gas)(?: stops?| stations?)?|fill(?:s|ing)?(?:[- ]?ups?)?|stations|stops)(?!\p{L})/iu,
  },
  // "320 km between fill ups".
  {
    ...ONE_TANK,
    behind:
      /^(?:s)? between (?:fill[- ]?ups?|fills|tanks|refuell?ing|stops for (?:fuel|petrol|gas))(?!\p{L})/iu,
  },
  // "130ish before I'm walking".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^(?:ish| or so| miles| km| k)?,? before (?:I['’]m|you['’]re|I am|you are|we['’]re) (?:walking|pushing|out|dry|empty|on fumes|on reserve)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
  },
  //  "230 miles before I start looking".
  {
    ...ONE_TANK,
    behind:
      /^\+? before (?:(?:I|we|you) (?:start|begin|have to start)|refuel\p{L}*|looking for|(?:I|you|we) need (?:to (?:fill|stop)|fuel|petrol|gas))(?!\p{L})/iu,
  },
  // "18 l donc 400 km", "17 litre tank so 230 miles".
  {
    ...ONE_TANK,
    points: PLAINLY,
    before:
      /(?<!\p{L})(?:so|så|donc|soit|quindi faccio|faccio|on fait|o sea que hacemos|hacemos|facciamo|also|ergibt|quindi|así que|therefore|which means)(?: about| around| roughly| environ| presque| quasi| casi| fast| rund| circa| unos| over| well over| just over| nearly)?(?: on fait| on a)? $/iu,
    when: afterATank,
  },
  // "Con depósito de 17 me hago 400", "avec le réservoir de 15 je fais 330", "con 4 litri ogni cento ne fate 400".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:me hago|te haces|nos hacemos|je fais|je tiens|on fait|ne (?:fai|fate|faccio)|(?:ci )?faccio|fahre ich|komme ich|haal ik|rijd ik|faço) (?:unos |environ |circa |etwa |ongeveer |uns )?$/iu,
    behind: /^(?: sin | sans | senza |,|\.|;|!|$| (?:et|y|e|und|en) )/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 120 &&
      a <= 900 &&
      /(?<!\p{L})(?:depósito|tanque|réservoir|serbatoio|tank|plein|pieno|litri|litros|litres)(?!\p{L})/iu.test(
        s.text,
      ),
  },
  // "You're looking at two hundred and thirty or so before you need a pump".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^(?: or so|ish)?,? before (?:(?:you|I|we) (?:need|have to|start|must|should|want)|looking|it needs)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 60 && a <= 900 && s.quantities.some((o) => o.unit === 'L' || /^gal/.test(o.unit ?? '')),
  },
  // "A hundred and eighty k's if you're gentle".
  {
    ...ONE_TANK,
    behind:
      /^(?:['’]s)? if (?:you['’]re|I['’]m|you are|I am|ridden) (?:gentle|gently|careful|carefully|lucky|sensible|sensibly|easy|good)(?!\p{L})/iu,
  },
  // "Nach zweihundertfünfzig Kilometern ist Schluss".
  {
    ...ONE_TANK,
    points: PLAINLY + 1,
    before:
      /(?<!\p{L})(?:nach|après|dopo|a los|tras) (?:etwa |rund |gut |knapp |environ |unos )?$/iu,
    behind:
      /^(?:n)? (?:ist (?:schluss|ende|er leer|der tank leer|der saft alle)|muss (?:ich|man) tanken|muss sie tanken|il faut (?:faire le plein|ravitailler)|bisogna fare benzina|hay que repostar)(?!\p{L})/iu,
  },
  // "Alle dreihundertfünfzig Kilometer tanken".
  {
    ...ONE_TANK,
    points: PLAINLY,
    before: /(?<!\p{L})(?:alle|every|tous les|ogni|cada) $/iu,
    behind:
      /^,? (?:tanken|tank ich|to fill up|I fill up|je fais le plein|faccio benzina|a repostar)(?!\p{L})/iu,
  },
  // "The 18 l tank has 400 in it".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})tank has (?:about |around |a good )?$/iu,
    behind: /^ (?:km |miles )?in it(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
  },
  // "I do three fifty between stops".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:I|we|you) (?:do|get|see) (?:about |around |over )?$/iu,
    behind: /^ between (?:stops|fills|fill-?ups|tanks|fuel stops)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
  },
  // "Ich komm dreihundert weit".
  ...([undefined, 'distance'] as const).map(
    (dimension): Form => ({
      key: 'statedRange',
      ...(dimension ? { dimension } : {}),
      points: PLAINLY,
      by: 'basis',
      before:
        /(?<!\p{L})komm(?:e|t|st)?(?: (?:ich|man|du|sie|er))?(?: (?:so|gut|etwa|rund|locker|knapp))* $/iu,
      behind: /^ weit(?!\p{L})/iu,
      when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
    }),
  ),
  // "I can do two hundred and sixty k": on what is in the tank.
  {
    ...ONE_TANK,
    before: /(?<!\p{L})(?:I|you|it|she) can do (?:about |around )?$/iu,
    behind: /^(?=[,.;]|$| (?:before|between|if|on|without))/u,
  },
  // "With ten litres on board that's three hundred k's".
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})on board,? (?:that['’]s|and that['’]s|gives you|gets you|good for)(?: about| around)? $/iu,
  },
  // "Twenty three litre tank …, five hundred kilometres between servos".
  {
    ...ONE_TANK,
    before: /^(?![^]*(?<!\p{L})(?:there(?:['’]s| is| are)|it['’]s|is)(?: about| over| up to)? $)/iu,
    behind:
      /^\+?(?:['’]s)? between (?:servos?|fill(?:s|[- ]?ups?)|fuel stops?|pumps|stations)(?!\p{L})/iu,
    when: afterATank,
  },
  // "It'll go three hundred and fifty on a tank".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:go|goes|do|does|run|runs|manage|manages|get|gets) (?:about |around |over |nearly )?$/iu,
    behind: /^ (?:on|to|from|out of) (?:a|one|the|each) tank(?:ful)?(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 60 && a <= 900,
  },
  // "I stop around one ninety", "fuel light at 190".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'unit',
    before:
      /(?<!\p{L})(?:(?:I|we) (?:usually |normally )?(?:stop|fill(?: up| it| her)?|refuel|start looking)|dus ik tank|ik tank|tanke(?: ich)?|(?:fuel |low fuel |reserve )?light (?:comes on |came on |on )?)(?: ?(?:at|around|by|about|every|om de|so alle|alle|nach))+ $/iu,
    when: (s, { amounts: [a = 0] }) => s.units.distance !== undefined && a >= 60 && a <= 700,
  },
  // "Dus ik tank om de 350 km".
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})(?:ik tank|tanke ich|(?:I|we) fill(?: up)?)(?: (?:om de|so alle|alle|nach|at|every|around|about))+ $/iu,
  },
  // "Bei 18 Litern im Tank sind das gut und gern 380 Kilometer".
  {
    ...ONE_TANK,
    points: PLAINLY,
    before:
      /(?<!\p{L})(?:sind das|macht das|sind|macht|ergibt das|komm(?:e|t|st)? (?:ich|man|du|sie) (?:so |damit )?)(?: (?:gut und gern|gut|locker|etwa|rund|so|ca\.?|um die|knapp|über|dann))* ?$/iu,
    when: afterATank,
  },
  // "He gets two hundred and eighty out of it".
  {
    key: 'statedRange',
    points: WEIGHTS.byBasis,
    by: 'unit',
    behind: /^ out of (?:it|that|a tank|the tank|one tank)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => s.units.distance !== undefined && a >= 60 && a <= 700,
  },
  // "300ish before reserve".
  {
    key: 'statedRange',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^(?:ish)?(?: out of (?:it|that|a tank|the tank))? (?:before|to|until|till) (?:the |it hits )?(?:reserve|light|fuel light|low fuel|empty|dry)(?!\p{L})/iu,
  },
];
