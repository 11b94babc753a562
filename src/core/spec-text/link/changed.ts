import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { isChangedTo } from './altered';

const STOCK_BEFORE = spelt(
  /(?<!\p{L})(?:stock|oem|standard|std|originally|original|factory|(?:came|comes|delivered) with|serie|d['’]origine|\(origine|di serie|de serie)(?: (?:is|was|are|were|it's|its|at|era(?: d[ei])?|es de|war|ist|hatte|était(?: de)?))?\s*(?:[:(]\s*)?$|\((?:it |they )?(?:was|were|vorher|avant|prima|antes|voorheen) (?:an? )?$/iu,
);
const STOCK_BEHIND =
  /^\s*\(?(?:stock|oem|standard|std|as standard|originally|serie|serienmäßig|d['’]origine|de série|di serie|de serie)(?=\s*(?:[.,;)!]|$))/iu;
const NOT_STOCK = spelt(
  /(?<!\p{L})(?:now|fitted|installed|aftermarket|custom|statt|instead of|au lieu de|invece (?:di|dei|che)|en (?:lugar|vez) de|in plaats van|i run|i have|i['’]ve got|mine|my|went|swapped|from|safari|long[- ]range|cut|lowered|grande|gros|grand|großen?|bajad[oa]|obniżon\p{L}*|abgesenkt|abgepolstert)(?!\p{L})|\((?:stock|oem|std|serie|standard|original|de serie|d['’]origine|origine|di serie) \d/iu,
);

/** "Stock 870, I have the 850 low": another seat of the maker's is no part. */
const IS_LOW = spelt(/^ (?:mm )?(?:low|lowered)(?!\p{L})/iu);

/** "With low seat: 820 mm (standard 850)", "selle basse 815 (standard 840)". */
const OF_LOW_SEAT = spelt(
  /(?<!\p{L})(?:(?:low|lower|niedrige[rn]?|tiefe[rn]?|lage) (?:seat|saddle|sitz(?:bank)?|bank|zadel)|selle basse|sella (?:bassa|ribassata)|asiento bajo|sill[íi]n bajo)[^\d\n]{0,6}$/iu,
);

/** "(stock 4.0)", "14T stock". */
export const isStock = (text: string, q: Pick<Quantity, 'from' | 'to'>): boolean =>
  STOCK_BEFORE.test(text.slice(Math.max(0, q.from - 22), q.from)) ||
  STOCK_BEHIND.test(text.slice(q.to, q.to + 22));

const STOCK_WORD = String.raw`(?<!\p{L}|\p{L}-)(?:stock|oem|standard|std|originally|original\p{L}{0,2}|factory|serie|serien\p{L}+|werks\p{L}*|d['’]origine|di serie|de serie|de série|fabryczn\p{L}+|seriow\p{L}+|původní\p{L}*|originál\p{L}*|vakio\p{L}*)`;
const STOCK_NAMED = spelt(
  new RegExp(String.raw`${STOCK_WORD}[ :]+(?:\p{L}{1,12}[ :]+){0,4}$`, 'iu'),
);
const SPEAKS_OF_STOCK = spelt(new RegExp(String.raw`${STOCK_WORD}(?!\p{L})`, 'iu'));

/** Whether the words of a figure say that it is as the maker built it. */
export const speaksOfStock = (words: string): boolean => SPEAKS_OF_STOCK.test(words);

/** "Stock seat height is 860 mm": the same with the figure's name between. */
export const isStockByName = (text: string, q: Pick<Quantity, 'from' | 'to'>): boolean =>
  isStock(text, q) || STOCK_NAMED.test(text.slice(Math.max(0, q.from - 44), q.from));

/** "Stock is 15/45": a pair is stock where its first number is. */
export const isStockPair = (text: string, q: Quantity, first: Quantity | undefined): boolean =>
  q.listed && first?.listed === true && isStock(text, first);

/** "clearance now about 250 from 275 stock", "23 L tank fitted (stock 14 L)": where the stock one is named, what it became is none. */
export function besideStock(text: string, quantities: readonly Quantity[]): readonly number[] {
  if (
    !/stock|oem|standard|std|origin|serie|factory|(?:came|comes|delivered) with/iu.test(text) ||
    !NOT_STOCK.test(text)
  )
    return [];
  const stock = quantities.map((q) => isStock(text, q));
  quantities.forEach((q, i) => {
    if (isStockPair(text, q, quantities[i - 1])) stock[i] = true;
  });
  const bare = (q: Quantity) => q.unit ?? (q.listed ? 'pair' : undefined);
  return quantities.flatMap((q, i) =>
    !stock[i] &&
    !IS_LOW.test(text.slice(q.to, q.to + 12)) &&
    !OF_LOW_SEAT.test(text.slice(Math.max(0, q.from - 32), q.from)) &&
    quantities.some(
      (o, j) =>
        stock[j] &&
        (bare(o) === bare(q) || bare(o) === undefined || bare(q) === undefined) &&
        Math.abs(Math.log((o.amounts[0] ?? 1) / (q.amounts[0] ?? 1))) < 0.7,
    )
      ? [i]
      : [],
  );
}

/** Counts of teeth are changed by riders, hardly ever by makers. */
export const isOwnSprocket = (text: string, q: Quantity): boolean =>
  isChangedTo(text, q) &&
  (q.unit === 'teeth' ||
    /(?<!\p{L})(?:sprockets?|ritzel|kettenrad|kettenblatt|pignon|couronne|pignone|corona|piñón|tandwiel)(?!\p{L})[^.;]{0,16}$/iu.test(
      text.slice(Math.max(0, q.from - 32), q.from),
    ));

/** "7,500 mi first check, then 15k": a first service or check is no interval. */
export const isFirstCheck = (text: string, q: Quantity): boolean =>
  /^\s*(?:for the |on the |\()?first (?:check|service|valve check|adjust\w*|inspection)/iu.test(
    text.slice(q.to, q.to + 40),
  ) && /(?<!\p{L})then|every(?!\p{L})/iu.test(text.slice(q.to));

/** "valve check at 1,000 km, then every 12,000 km": the first of two is the run-in's. */
export const isBeforeThenEvery = (text: string, q: Quantity): boolean =>
  /^,? ?(?:and )?(?:then|thereafter|after that) every /iu.test(text.slice(q.to, q.to + 24));
const FILL_BEHIND = /^\s?(?:for|over|in|after) (?:about )?\d/iu;
const FILL_BEFORE = spelt(
  /(?<!\p{L})(?:first|second|third|fourth|last|this|next|every|each|\d(?:st|nd|rd|th)) (?:tank(?:ful)?|fill(?:[- ]up)?)(?!\p{L})[^.\d]{0,12}$/iu,
);

/** "402 km / 15.1 L": a line of a fuel log. */
const DISTANCE_OVER = /\d ?(?:km|mi|miles|kms)\s?[/:=]\s?$/iu;

/** "5.2 L / 141 km; 9.8 L / 251 km": each time what went in, and how far it had gone; once it may be the tank and its range. */
const WAY = String.raw`\s?(?:\/|for|over|after|in|auf|für|pour|en|per|su|para|op|på)\s?\d[\d.,]* ?(?:km|kms|mi|miles)(?!\p{L})`;
const OVER_A_WAY = new RegExp(`^${WAY}`, 'iu');
const FILLED_OVER = new RegExp(
  String.raw`\d[\d.,]* ?(?:l|lit(?:re|er)s?|litros|litri|gal(?:lon)?s?)${WAY}`,
  'giu',
);

const LOG_BEFORE =
  /(?:(?:fuel|petrol|gas|tank) ?(?:log|book|diary)|tankbuch|fills?|fill-ups?|suivi conso|registro|diario)\s?:?\s?$/iu;

/** "Tank took 15.1 l after the light had been on": what went in once. */
const WENT_IN = spelt(
  /(?<!\p{L})(?:took|swallowed|drank|gulped|squeezed in|put in|refilled(?: with)?|filled (?:up )?with|topped (?:it )?up with|schluckte|tankte|nachgetankt|getankt|avalé|remis|entraron|cupieron|metí|entrati|sono entrati|gingen er|gick det i|tankade|fylte|fyldte|weszło|zatankował[ea]m|natankovala?|vešlo se|tankkasin|meni)(?: (?:me|mir|er|it|in|i|do (?:niej|ní)))?(?: (?:about|around|exactly|only|just|ca\.?|etwa|rund|genau|environ|unos|circa))? $/iu,
);

/** "First tank: 11.2 l for 289 km": what went in at a stop is not what the tank holds. */
export const isFill = (text: string, q: Quantity): boolean =>
  (/^(?:L|gal)/.test(q.unit ?? '') && WENT_IN.test(text.slice(Math.max(0, q.from - 44), q.from))) ||
  (/^(?:L|gal)/.test(q.unit ?? '') &&
    OVER_A_WAY.test(text.slice(q.to, q.to + 24)) &&
    ((text.match(FILLED_OVER)?.length ?? 0) > 1 ||
      LOG_BEFORE.test(text.slice(Math.max(0, q.from - 24), q.from)))) ||
  (q.unit === 'L' &&
    /(?<!\p{L})(?:tank|fill|fill-up|tankful) ?#?\d{0,2} ?:\s*\d+ ?(?:km|mi|miles|kms),\s*$/iu.test(
      text.slice(Math.max(0, q.from - 30), q.from),
    )) ||
  (/^(?:L|gal)/.test(q.unit ?? '') &&
    DISTANCE_OVER.test(text.slice(Math.max(0, q.from - 16), q.from))) ||
  (FILL_BEHIND.test(text.slice(q.to, q.to + 16)) &&
    FILL_BEFORE.test(text.slice(Math.max(0, q.from - 36), q.from)));

/** Words that join a figure to the part that made it what it is. */
const BY_A_PART = String.raw`^,? ?(?:\([^)\d]{0,16}\) ?)?\(?(?:with|on|once|after|thanks to|fitted with|mit|nach|avec|grâce à|con|met|med) (?:(?:the|a|an|my|its|their|full|dem|der|den|einem|einer|la|le|les|une?|el|los|las|il|lo|gli|de|het|een) |l['’]|lo )*(?!standard|stock|original|oem|factory|serien|restrict|a2|drossel|35)(?:[\p{L}-]+ )?`;
/** "58 hp with the full exhaust and map": of parts. */
const TUNED = spelt(
  new RegExp(
    String.raw`${BY_A_PART}(?:exhaust|silencer|muffler|slip[- ]?on|header|map|remap|mapping|tune|flash|reflash|ecu|(?:big[- ]bore )?kit|piston|cams?|filter|airbox|(?:sport)?auspuff|komplettanlage|échappement|ligne|carto\p{L}*|escape|centralita|scarico|centralina|uitlaat)(?!\p{L})`,
    'iu',
  ),
);
/** "870 mm with the lowering kit": of parts. */
const LOWERED_BY = spelt(
  new RegExp(
    String.raw`${BY_A_PART}(?:lowering (?:kit|links?|bones?|knuckles?)|(?:short|lower|lowering) links?|(?:shaved|cut(?:-down)?|reshaped|carved|gel|custom|aftermarket) seat|tieferlegung\p{L}*|kit de rabaissement|biellettes?|kit di abbassamento|kit de bajada|bieletas|verlaging\p{L}*)(?!\p{L})`,
    'iu',
  ),
);
/** "After the 20 mm lowering the seat height is 855 mm". */
const LOWERED_BEFORE = spelt(
  /(?<!\p{L})(?:after|with|once|nach|mit|après|avec|con|dopo|tras) (?:(?:the|a|an|my|der|dem|einer|meiner|la|le|il|el|un|une|una) )?(?:\d+(?:\.\d)? ?(?:mm|cm|in|inch|inches) )?(?:of )?(?:lowering|tieferlegung|rabaissement|abbassamento|ribassamento)(?: kit| links?)?(?!\p{L})[^.;,\d]{0,40}(?<!(?<!\p{L})(?:from|von|de|da) )$/iu,
);
/** "Low link 25 mm so the seat is around 885 now", "Tieferlegung verbaut, daher Sitzhöhe ca. 880". */
const LOWERED_SO = spelt(
  /(?<!\p{L})(?:low(?:ering|er|ered)? (?:links?|kit|dog ?bones?)|short links?|tieferlegung\p{L}*|tiefergelegt|kit de rabaissement|biellettes?|rabaissée|kit di abbassamento|abbassata|ribassata|kit de bajada|bieletas|verlaag\p{L}*|verlaging\p{L}*|sänkning\p{L}*)(?!\p{L})[^.;]{0,70}(?:,|(?<!\p{L})(?:so|daher|dadurch|deshalb|jetzt|nun|now|donc|quindi|così|así que|ahora|dus))(?!\p{L})[^.;\d]{0,24}(?:seat|saddle|sitz\p{L}*|selle|sella|asiento|zadel\p{L}*|sadel\p{L}*)[^;\d]{0,24}$/iu,
);
/** "Big tank 18.5 L option": to be had beside the standard one. */
const AN_OPTION = spelt(
  /^ (?:tank )?(?:is |as |available as )?(?:an? )?(?:option(?:al)?|extra)(?!\p{L})/iu,
);
const LENGTH = /^(?:mm|cm|in)$/;
const madeByParts = (text: string, { unit, from, to }: Quantity): boolean => {
  const behind = text.slice(to, to + 60);
  if (unit === 'L' || unit === 'gallon') return AN_OPTION.test(behind);
  if (/^(?:kW|hp|PS|Nm|lbf-ft)$/.test(unit ?? '')) return TUNED.test(behind);
  if (unit !== undefined && !LENGTH.test(unit)) return false;
  return (
    (unit !== undefined &&
      (LOWERED_BY.test(behind) || LOWERED_BEFORE.test(text.slice(Math.max(0, from - 90), from)))) ||
    (/low|short|tief|biel|rabais|baj|bass|verla|sänk/iu.test(text) &&
      LOWERED_SO.test(text.slice(Math.max(0, from - 150), from)))
  );
};

/** "214 kg with racks and bars", "171 kg ready to go with tower, tanks and rack", "221 kg fahrfertig mit Koffern". */
const WITH_PARTS = spelt(
  /^,? ?\(?(?:(?:all up|on the road|ready to (?:go|ride|rally)|ready|wet|fuell?ed(?: up)?|full|brimmed|now|vollgetankt|fahrfertig|fahrbereit|tous pleins faits|plein fait|avec les pleins|col pieno|con el depósito lleno|rijklaar),? )?(?:with|mit|avec|con|met|incl(?:uding|\.)?|inkl\.?|plus) (?:the |my |its |a |an |both |all |full |den |dem |der |les |le |la |des |un |una |las |los |i )?(?:(?:rally|nav|rear|aux(?:iliary)?|long[- ]range|engine|soft|hard|alu(?:minium)?|side) )?(?:racks?|tower|crash[- ]?bars?|bars|luggage|panniers|boxes|top ?box|bags|guards|skid[- ]?plate|bash[- ]?plate|tanks(?! full)|accessories|extras|all the (?:gear|extras)|gear and|koffer\p{L}*|gepäckträger\p{L}*|sturzbügel\p{L}*|gepäck|schutz\p{L}*|zubehör|valises|sacoches|protections|porte-bagages|sabot|accessoires|borse|valigie|bauletto|paramotore|accessori|maletas|alforjas|defensas|accesorios|koffers|valbeugels)(?=[ ,.;)]|$)(?! on order|:? (?:(?:about|around|it['’]?s|it is|sind es|etwa|ca\.|c['’]est) )?\d)/iu,
);

/** "I've got the 23 litre tank on it", "35 kW kit": of a part. */
const OWN_TANK = spelt(
  /(?<!\p{L})(?:I['’]?ve|I have|I|we['’]?ve|he['’]?s|she['’]?s) (?:got|put|fitted|bought|run|added)? ?(?:the|a|an) (?:big |bigger |larger )?$/iu,
);
export const isOfPart = (text: string, q: Quantity): boolean =>
  madeByParts(text, q) ||
  // "4.7 L/100 on gravel tours with panniers".
  (/mpg|100km|km\/L/.test(q.unit ?? '') &&
    /^ (?:on [^,.;]{0,24} )?(?:with|w\/|mit|avec|con) (?:the |full |den |les |le |las )?(?:panniers|luggage|boxes|bags|cases|koffern|gepäck|valises|bagages|borse|valigie|maletas)(?!\p{L})/iu.test(
      text.slice(q.to, q.to + 48),
    )) ||
  // "205 at the front, ten less at the back".
  /^ (?:mm |mil |millimet(?:re|er)s )?(?:less|more|fewer|shorter|longer|lower|higher|weniger|mehr|de moins|de plus|di meno|di più|menos|más) (?:at|in|on|out|up|hinten|vorn|à|al|atrás|detrás|dietro|davanti|behind)(?!\p{L})/iu.test(
    text.slice(q.to, q.to + 40),
  ) ||
  // "214 kg with racks and bars".
  (/^(?:kg|lb)$/.test(q.unit ?? '') && WITH_PARTS.test(text.slice(q.to, q.to + 80))) ||
  // "Fork oil (each leg): 512 cm3".
  ((q.unit === undefined || /^(?:cc|ml)$/.test(q.unit)) &&
    /(?<!\p{L})(?:fork oil|gabelöl|huile de fourche|olio forcella|aceite de horquilla)(?!\p{L})[^.;]{0,30}$/iu.test(
      text.slice(Math.max(0, q.from - 50), q.from),
    )) ||
  // "19 ft-lb on every bolt".
  /^ (?:on|for|to) (?:every|each|the|all)(?: the)? (?:\p{L}+ )?(?:bolts?|nuts?|axle|spindle|screws?|(?:drain )?plug)(?!\p{L})/iu.test(
    text.slice(q.to, q.to + 36),
  ) ||
  /^ kit(?!\p{L})/iu.test(text.slice(q.to, q.to + 6)) ||
  // "With the 24 l tank I'd have 571", "280 kg with the bike in it".
  /^ tank,? (?:I|you|it|we|she)['’]d(?!\p{L})/iu.test(text.slice(q.to, q.to + 16)) ||
  /^ with the (?:bike|motorcycle) (?:in|on) it(?!\p{L})/iu.test(text.slice(q.to, q.to + 26)) ||
  // "You get ten and a half litres if you buy the big tank".
  /^ if (?:you|I|we) (?:buy|fit|add|go for|get)(?!\p{L})/iu.test(text.slice(q.to, q.to + 16)) ||
  // "190 lb payload with me on it": what is left of it.
  /^ (?:payload|of payload) (?:w\/|with|after|once) /iu.test(text.slice(q.to, q.to + 20)) ||
  (OWN_TANK.test(text.slice(Math.max(0, q.from - 30), q.from)) &&
    /^ (?:(?:long range|safari|rally|plastic) )?tank on (?:it|mine|her|the bike)(?!\p{L})/iu.test(
      text.slice(q.to, q.to + 40),
    ));
