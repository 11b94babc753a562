import type { FigureKey } from '../../readings';
import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { PLAINLY, type Form } from './form';
import type { SentenceWords } from './option';
import { WEIGHTS } from './weights';

/**
 * What is said with a verb, in every language alike: the verbs of one meaning, perhaps who does it, and the number. Hedges before the
 * number are passed over by {@link placesBefore}.
 */

/** Who does it, or to whom, between a verb and its number. */
const WHO =
  '(?: (?:it|she|he|mine|me|us|you|this one|the bike|sie|er|es|sich|die|meine|mich|mir|elle|il|on|la mienne|ella|lei|lui|ze|hij|die van mij|ela|ele|ona|hon|han|den))';
const verbs = (words: string, tail = ''): RegExp =>
  new RegExp(`(?<!\\p{L})(?:${words})${WHO}{0,2}${tail} $`, 'iu');

/** Litres on a hundred kilometres: nothing with two wheels needs more, or less. Own assumption. */
const PER_100 = { least: 1.5, most: 13, mostSaid: 10 } as const;
/** In any currency: a machine costs more, work on it less. Own assumption. */
const LEAST_SUM = 1500;
/** Kilometres or miles on a tank. Own assumption. */
const ONE_TANK = { least: 120, most: 900 } as const;

const largest = ({ amounts }: Quantity): number => Math.max(...amounts);
const first = ({ amounts: [a = 0] }: Quantity): number => a;

/** A clause ends here, or goes on with where, how and when. */
const ENDS =
  /^(?=\s*[,.;!?)]|\s*$| (?:on|in|at|with|and|but|overall|average|avg|all|two|loaded|en|por|con|y|pero|auf|im|bei|mit|und|aber|sur|avec|et|mais|su|in|con|e|ma|op|met|bij|en|maar|na|com|mas|i|na|w|på|med|och|og)(?!\p{L}))/iu;

/** Ways are in kilometres here, or what is used was told in litres. */
const isMetric = (s: SentenceWords): boolean =>
  s.units.continental === true ||
  s.units.distance === 'km' ||
  s.units.usual.consumption === 'L/100km';

/** A form that may be said with its unit or without. */
const either = (dimension: Dimension, form: Omit<Form, 'dimension'>): readonly Form[] => [
  form,
  { ...form, dimension },
];

/** Verbs that only what is burnt stands behind. */
const BURNS = verbs(
  'uses|burns|burned|burnt|drinks|sips|guzzles|verbraucht|schluckt|säuft|consomme|boit|gasta|gastando|consume|chupa|consuma|beve|verbruikt|zuipt|lust|consome|pali|spala|drar|förbrukar|bruger|bruker|kuluttaa',
);
/** Verbs of doing: with tenths and nothing behind it is what is used. */
const DOES = verbs(
  'gets|getting|makes|does|returns|returned|averages|averaged|averaging|sits at|hovers around|macht|braucht|liegt bei|lieg ich bei|komm(?:e|t)? ich auf|bin ich bei|fahr(?:e)? ich mit|fait|fais|tourne à|je suis à|descend à|monte à|hace|me hace|anda en|ando en|sale a|se queda en|se pone en|baja a|sube a|fa|faccio|sta a|si attesta su|scende a|sale a|doet|rijdt|zit (?:ik |hij )?op|faz|anda nos|fica nos|robi|schodzi do',
);

const consumption: readonly Form[] = [
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    before: BURNS,
    when: (s, q) => first(q) >= PER_100.least && first(q) < PER_100.most && isMetric(s),
  },
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: DOES,
    behind: ENDS,
    when: (s, q) =>
      first(q) >= PER_100.least && first(q) < PER_100.mostSaid && first(q) % 1 !== 0 && isMetric(s),
  },
];

/** Who asks how much. */
const ASKS = verbs(
  "(?:he|she|they|owner|seller|dealer|guy|bloke|fella|lad|shop)(?:['’]s| is| are|['’]re)? (?:asking|after|wanting)|piden|pide|me piden|quiere(?: por ella)?|demande|en demande|en veut|chiede|chiedono|ne chiede|ne vuole|ne vogliono|verlangt|verlangen|hätte gern|(?:händler|verkäufer|besitzer|er|sie|typ|chef) (?:will|wollte|möchte)|aufgerufen(?: sind| werden)?|vraagt|vragen|pede|pedem|chce|żąda|begär|forlanger",
);
/** What was given for it. */
const GAVE = verbs(
  "(?:I|we) (?:paid|gave|handed over)|paid|payée?|touchée?|l['’]ai eue? (?:à|pour)|pagué|me costó|me ha costado|me salió (?:por|en)|la saqué por|pagata|l['’]ho (?:pagata|presa),?|mi è costata|mi è venuta|gekostet hat|gezahlt hab(?:e)? ich|bezahlt hab(?:e)? ich|hab(?:e)? ich bezahlt|betaalde|heb(?: ik)? betaald|kostte|paguei|custou|custou-me|zapłaciłem|dałem|betalade|gav|betalte|ga",
  "(?: (?:neuve?|nueva|nuova|neu|new|nieuw|nova|d['’]occasion|damals|dafür|daarvoor|por ela|por ella|per lei|for it|för den|za niego))?",
);

/** What comes on top of a list price. */
const ON_TOP =
  /^ ?(?:€|euros?|£|\$)? ?(?:\+|plus|zzgl\.?|und|más|più|plus) (?:about |ca\.? )?[£$€]? ?\d[\d.,]* ?(?:€|euros?|£|\$)? ?(?:for |in |of |an )?(?:nebenkosten|nk|überführung\p{L}*|frais|mise en route|messa su strada|matriculaci[oó]n|otr|on[- ]the[- ]roads?|freight|fees|pdi)(?!\p{L})/iu;

const sums: readonly Form[] = [
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

/** Somebody was charged for work. */
const CHARGED =
  "(?:me cobraron|me cobran|cobraron|pagué|me costó|m['’]ont (?:pris|facturé)|on m['’]a pris|facturée?|facture(?: de)?|j['’]ai payé|payée?|(?:haben )?(?:sie )?(?:mir )?(?:berechnet|verlangt)|gezahlt|bezahlt|ho pagato|mi hanno (?:chiesto|preso)|pagato|betaalde(?: ik)?|kostte|paguei|cobraram|(?:they|dealer|he|shop) (?:charged|charges|quoted|said|wanted|wants|asked|reckoned)(?: me)?|set me back|came to|i paid|paid)";
const WORK =
  'service|inspektion|wartung|kundendienst|révision|entretien|revisi[oó]n|tagliando|onderhoudsbeurt|beurt|revisão|przegląd';
const FIRST =
  '(?:first|initial|break[- ]in|run[- ]in|erste|ersten|première|primera|prim[oa]|eerste|primeira|pierwszy)';
const inspection: Form = {
  key: 'inspectionPrice',
  dimension: 'money',
  points: PLAINLY + 1,
  by: 'basis',
  before: new RegExp(
    `(?<!\\p{L})(?<!${FIRST} )(?:${WORK})(?!\\p{L})(?:[^.;!?]|\\.\\d){0,70}(?<!\\p{L})${CHARGED} $`,
    'iu',
  ),
  when: (_, q) => largest(q) < LEAST_SUM,
};

/** So little is no way to the next service, and what work costs. In any currency; own assumption. */
const BARE_WORK = { least: 40, most: 999 } as const;
const bareWork = (key: FigureKey, of: string, link: string): readonly Form[] =>
  either('money', {
    key,
    points: PLAINLY,
    by: 'basis',
    before: new RegExp(
      `(?<!\\p{L})(?<!${FIRST} )(?:${of})(?!\\p{L})(?:[^.;:!?,]|[.,]\\d){0,50}${link} $`,
      'iu',
    ),
    behind:
      /^(?! ?(?:km|k(?!\p{L})|miles?|mi(?!\p{L})|hours?|h(?!\p{L})|months?|%|lit|l(?!\p{L})|nm|ml))/iu,
    when: (s, q) =>
      (q.unit !== undefined || s.units.money !== undefined) &&
      first(q) >= BARE_WORK.least &&
      first(q) <= BARE_WORK.most &&
      q.unit !== 'money',
  });
const COST =
  "(?:was|were|cost|costs?|came to|is|it['’]s|that['’]s|kostet|kosteten|kostete|war|waren|lag bei|a coûté|coûte|costó|cuesta|è costato|costa|kostte|kost|custou|kosztował)(?: (?:me|us|mich|about|around|roughly|rund|etwa))*";
const works: readonly Form[] = [
  ...bareWork(
    'valvesPrice',
    'valves?|ventile?|ventilspiel|soupapes|válvulas|valvole|kleppen',
    `(?<!\\p{L})${COST}`,
  ),
  ...bareWork(
    'inspectionPrice',
    'minor service|dealer service|annual service|service at the dealer|inspektion beim händler|révision|revisión|tagliando|onderhoudsbeurt',
    `(?:(?<!\\p{L})${COST}|dealer|händler|concessionnaire|concesionario)`,
  ),
  {
    key: 'oilPrice',
    dimension: 'money',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:oil(?: and filter)?(?: changes?)?|ölwechsel|vidange|cambio de aceite|cambio olio|olieverversing)(?!\p{L})(?:[^.;!?]|[.,]\d){0,60} $/iu,
    when: (s, q) =>
      largest(q) <= BARE_WORK.most / 2 &&
      !/^ (?:total|in total|all in|all told)/iu.test(s.text.slice(q.to)) &&
      !/(?<!\p{L})(?:service|inspektion|valves?|révision|revisión|tagliando)(?!\p{L})/iu.test(
        s.text.slice(0, q.from),
      ),
  },
  // "Revisiones cada 10.000, la última 195 euros".
  ...either('money', {
    key: 'inspectionPrice',
    points: PLAINLY + 1,
    by: 'basis',
    before: new RegExp(
      `(?<!\\p{L})(?:${WORK}|inspektionen|wartungen|révisions|revisiones|tagliandi|services)(?!\\p{L})(?:[^.;!?]|\\.\\d){0,40}(?:the last (?:one|time)|die letzte|der letzte|zuletzt|la dernière|la última|l['’]ultim[oa]|de laatste|a última)(?: (?:was|cost|war|hat|a coûté|fue|costó|è costat[oa]|kostte|custou))?,? $`,
      'iu',
    ),
    when: (_, q) => largest(q) < LEAST_SUM && largest(q) >= BARE_WORK.least,
  }),
];

/** Where somebody stops: "I fill up every four hundred", "je m'arrête tous les 330". */
const stops: readonly Form[] = either('distance', {
  key: 'statedRange',
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:(?:I|we) (?:fill up|fill it|stop|tank up|refuel)(?: for (?:fuel|gas|petrol))?|je m['’]arrête|je fais le plein|on fait le plein|je ravitaille|reposto|paro|me paro|mi fermo|faccio benzina|faccio il pieno|ich tanke|tanke ich|muss ich tanken|ik tank|tank ik|abasteço|paro|tankuję|jag tankar) (?:every|tous les|toutes les|cada|ogni|alle|om de|a cada|co|var) $/iu,
  when: (_, q) => first(q) >= 60 && first(q) <= ONE_TANK.most,
});

/** "4,6 sur autoroute", after what it uses elsewhere. */
const elsewhere: Form = {
  key: 'consumption',
  points: WEIGHTS.byBasis,
  by: 'basis',
  basis: 'motorway',
  behind:
    /^ (?:sur|en|auf|auf der|in|su|op|op de|na|på) (?:l['’])?(?:autoroute|autobahn|autopista|autostrada|snelweg|autoestrada|motorvägen?)(?!\p{L})/iu,
  when: (s, q) =>
    first(q) >= PER_100.least &&
    first(q) < PER_100.most &&
    s.quantities.some(
      (o) => o.to <= q.from && (o.amounts[0] ?? 0) < PER_100.most && (o.amounts[0] ?? 0) >= 2,
    ),
};

/** How far somebody comes. */
const COMES = verbs(
  "llego a|llegas a|me da para|te da para|da para|aguanta|j['’]arrive à|on arrive à|je tiens|tient|tire|arrivo a|ci faccio|ci arrivo a|komm(?:e|t)? ich(?: auf| bis)?|schaffe(?: ich)?|schafft|reicht (?:für|das für)|reichen (?:für|die für)|haal|haal (?:ik|je)|kom (?:ik|je)(?: tot)?|chego a|chega a|dá para|robię|starcza na|przejadę|räcker till|kommer jag",
);
const SPEAKS_OF_FUEL =
  /(?<!\p{L})(?:tanks?|tanque|dep[oó]sito|r[eé]servoir|serbatoio|zbiornik|plein|pieno|lleno|litros?|litres?|litri|litern?|l|gasolina|benzina?|essence|benzin|sprit|caben|reserva|réserve|riserva|reserve)(?!\p{L})/iu;

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

/** Which end: "out back it's two ten", after the travel of the other was told. */
const end = (key: FigureKey, other: FigureKey, where: string): Form => ({
  key,
  points: PLAINLY,
  by: 'follows',
  before: new RegExp(
    `(?:^|[.!?,;])\\s*(?:and |und |et |y |e |en )?(?:${where})(?: end)?,? (?:it['’]s|you get|you['’]ve got|there['’]s|is|sind es|sind|hat sie|c['’]est|ce sont|il y a|son|hay|sono|is het)? ?$`,
    'iu',
  ),
  behind: /^(?! ?(?:psi|bar|inch|zoll|["/]))/iu,
  when: (s, q) => s.lastKey === other && q.unit === undefined && first(q) >= 100 && first(q) <= 330,
});
const BACK =
  "out back|at the (?:back|rear)|in the (?:back|rear)|rear|hinten|derrière|à l[’']arrière|detrás|atrás|dietro|achter";
const FRONT =
  "up front|at the front|in (?:the )?front|front|vorne?|devant|à l['’]avant|delante|davanti|voor";

/** Rims: a sprocket at the front has fewer teeth, one at the rear more. */
const rim = (key: FigureKey, least: number, most: number, where: string): Form => ({
  key,
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:an?|ein|eine|einen|une?|un|una|een)(?: (?:big|proper|full|großes|grand|gran))? $/iu,
  behind: new RegExp(`^(?:["”]|er|-?inch(?:er)?)? (?:wheel )?(?:${where})(?!\\p{L})`, 'iu'),
  when: (_, q) => Number.isInteger(first(q)) && first(q) >= least && first(q) <= most,
});

/** "Vorne einundzwanzig Zoll", "21" up front": so many inches of one end are its rim. */
const rimInches = (key: FigureKey, least: number, most: number, where: string): Form => ({
  key,
  dimension: 'length',
  points: PLAINLY,
  by: 'basis',
  before: new RegExp(
    `(?<!\\p{L})(?:${where})(?: (?:an?|ein|eine|une?|un|una|een|it['’]s|is|ist|hat sie|sind|has|mit|with|en|de|da))* $`,
    'iu',
  ),
  behind: new RegExp(
    `^(?! ?(?:of |de |di )?(?:travel|federweg|débattement|recorrido|escursione|veerweg|${BACK}|${FRONT}|at the|on the))`,
    'iu',
  ),
  when: (_, q) =>
    q.unit === 'in' && Number.isInteger(first(q)) && first(q) >= least && first(q) <= most,
});

/** "205+195mm" in a list: both ends of what moves. */
const ends: readonly Form[] = [
  {
    key: 'travelFront',
    points: WEIGHTS.byUnit + 1,
    by: 'unit',
    behind: /^ ?\+ ?(?:1[2-9]|2\d|3[0-2])\d ?mm(?!\p{L})/iu,
    when: (_, q) => first(q) >= 120 && first(q) <= 330,
  },
  {
    key: 'travelRear',
    dimension: 'length',
    points: WEIGHTS.byUnit + 1,
    by: 'unit',
    before: /(?<![\d.,])(?:1[2-9]|2\d|3[0-2])\d ?\+ ?$/u,
    when: (_, q) => q.unit === 'mm' && first(q) >= 120 && first(q) <= 330,
  },
];

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

/** "The brochure says 163 kg": whoever says it, so much is a machine. */
const brochure: Form = {
  key: 'mass',
  dimension: 'mass',
  points: WEIGHTS.byBasis,
  by: 'basis',
  before:
    /(?<!\p{L})(?:maker|factory|sheet|brochure|website|press kit|manual|magazine|test|prospekt|hersteller|werk|constructeur|prospectus|fabricante|folleto|casa|depliant|folder|fabrikant)s? (?:says?|said|claims?|claimed|quotes?|quoted|lists?|reckons?|had it at|gives?|sagt|nennt|verspricht|annonce|dit|dice|declara|dichiara|zegt)(?: it['’]?s| it at)? $/iu,
  when: (_, q) => {
    const kg = q.unit === 'kg' ? first(q) : q.unit === 'lb' ? first(q) * 0.4536 : 0;
    return kg >= 90 && kg <= 320;
  },
};

/** What papers say it weighs, beside what a scale said. */
const papers: Form = {
  key: 'mass',
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:im (?:fahrzeug)?(?:schein|brief)|in den papieren|laut (?:papieren|schein)|(?:sur|dans) la carte grise|on the (?:plate|papers|v5c?|title)|en (?:la ficha|los papeles)|sul libretto|a libretto|op het kenteken)(?: (?:stehen?|steht|sind es|c['’]est|il y a|it says|it['’]s|pone|dice|c['’]è scritto|staat))? $/iu,
  when: (s, q) =>
    first(q) >= 80 &&
    first(q) <= 500 &&
    s.quantities.some((o) => o.unit === 'kg' || o.unit === 'lb' || o.to <= q.from) &&
    /(?<!\p{L})(?:waage|gewicht|wiegt|scales?|weigh\p{L}*|kg|balance|bascule|poids|pèse|báscula|peso|pesa|bilancia|weegt|kilos?)(?!\p{L})/iu.test(
      s.text,
    ),
};

/** "193 auf der Waage", "198 on the scales". */
const weighed: Form = {
  key: 'mass',
  points: PLAINLY,
  by: 'basis',
  behind:
    /^(?: kilos?)? (?:auf der waage|sur la (?:balance|bascule)|en (?:la )?báscula|sulla bilancia|on (?:the|my|our|his|a) (?:\p{L}+ )?scales?|op de weegschaal|na balança|na wadze|på vågen)(?!\p{L})/iu,
  when: (_, q) => first(q) >= 80 && first(q) <= 900,
};

/** Figures that a verb tells. */
export const FRAMES: readonly Form[] = [
  ...consumption,
  ...sums,
  isSum,
  inspection,
  ...works,
  ...stops,
  elsewhere,
  ...plans,
  ...range,
  end('travelRear', 'travelFront', BACK),
  end('travelFront', 'travelRear', FRONT),
  rim('wheelFront', 18, 21, FRONT),
  rim('wheelRear', 16, 18, BACK),
  rimInches('wheelFront', 16, 21, FRONT),
  rimInches('wheelRear', 16, 19, BACK),
  ...ends,
  inAll,
  brochure,
  papers,
  weighed,
];
