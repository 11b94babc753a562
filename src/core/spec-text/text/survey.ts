import { spelt } from '../vocabulary/letters';
import { hasCareLog } from '../link/care-log';
import { letGoOrTakenIn } from '../link/scopes-of-others';
import { isUnitId, unitEntry, type CurrencyCode, type Dimension, type UnitId } from '../../units';
import type { TextUnits } from '../link/dimensions';
import { writtenUnit } from '../lattice/written-units';
import type { Quantity } from '../lattice/quantity';
import { languagesOf, scanWords } from '../vocabulary/lexicon';
import { currencies, DECIDED, IMPERIAL, lowered, US, weigh } from './country';
import { aboutWhat, isSum, names } from './about';
import { ScannedLine } from './scanned-line';

/** What the whole text says about itself. */
export interface Survey extends TextUnits {
  /** Somebody offers a machine. */
  readonly sale: boolean;
  /** The text is about a motorcycle at all. */
  readonly ours: boolean;
  /** It speaks of several machines by their names, in running text. */
  readonly several: boolean;
  /** Somebody tells of a machine of his own. */
  readonly owned: boolean;
  /** Of a type approval: what it uses was measured on the test cycle. */
  readonly approved: boolean;
  /** The vocabularies that its words call for. */
  readonly languages: ReadonlySet<number>;
  /** It names a sum of money. */
  readonly sums: boolean;
  /** It keeps a log of what was done to a machine. */
  readonly logged: boolean;
  /** The text is about something else altogether. */
  readonly unlike: boolean;
  /** The words that decided on US or imperial. */
  readonly countryBy: readonly string[];
}

/** Words of one who sells, enough by themselves beside a sum or a distance, in the languages that are read; common usage, no source. */
const OFFERED = spelt(
  /(?<![\p{L}\d])(?:for sale|wt[st]|(?:i|we)(?:['’]d)? (?:want|like|need) [^.,;]{2,48} for (?:it|her|him|this one)|selling|sell my|swap my|(?<!(?:they|dealers?|shops?|stores?|importers?)(?:['’]re| are| is)(?: (?:now|currently|still))? )asking|o\.?n\.?o|obo|no offers|clean title|title in hand|priced to sell|first [^.;]{0,14}\d[\d.,]*k? (?:takes|gets|has) (?:it|her)|mot (?:till?|until|to|due)|v5c? (?:in|present)|\d\d plate|verkauf\p{L}*|abzugeben|abgeben|vb|vhb|neuwert|vends|[àa] vendre|je la laisse|se vende|vend[oe]|vendesi|cedo|passaggio (?:escluso|incluso|compreso|di propriet\p{L}*)|used (?:19|20)\d\d|chiedo|pido|te koop|sprzedam|na sprzedaż|[àa] venda|till salu|sälje[sr]|selge[sr]|til salgs?|sælge[sr]|myydään|na prodej|prodám|mileage ?: ?\d[^]*(?<!\p{L})price ?:|hours on the engine)(?![\p{L}\d])/u,
);

/** "8.995,-": a sum as shops and sellers write it; on a sheet it offers no machine. */
const ROUND_SUM = /\d,-/u;
const OF_A_SHEET = spelt(
  /(?<!\p{L})(?:technische (?:gegevens|daten)|specificaties|datenblatt|tekniska data|tekniske data|tekniske spesifikasjoner|specifikationer|spesifikasjoner|technické údaje|dane techniczne)(?!\p{L})/iu,
);

/** In characters. */
const NEAR = 24;
/** A distance right behind these is how often it is looked after, and not how far it has run. */
const CARED_FOR = spelt(
  /(?<!\p{L})(?:services?|servicing|valves?|oil|warranty|intervals?|wartung|inspektion|ventile|garantie|révision|entretien|soupapes|revisión|revisiones|válvulas|garantía|tagliand[oi]|valvole|garanzia|onderhoud|kleppen|huolto|serwis|servis|przegląd)(?!\p{L})/iu,
);

/** Whether a line says how far a machine has run that nobody has beside the one he looks at, or had before. */
function tellsHowFar({ line, quantities }: ScannedLine): boolean {
  const others = letGoOrTakenIn(line);
  return quantities.some(
    (q) =>
      isDistance(q) &&
      !CARED_FOR.test(line.slice(Math.max(0, q.from - NEAR), q.from)) &&
      !others.some(([from, to]) => q.from >= from && q.to <= to),
  );
}

/** "odometer: 5,120": how far it has gone, without a unit, in a line of its own. Common usage, no source. */
const ODOMETER_LINE = spelt(
  /(?:^|[.;|])\s*(?:odometer(?: reading)?|mileage|ajokm|ajokilometrit|mittarilukema|km[- ]?stand|kilometerstand|kilométrage|kilometraje|chilometraggio|kilometerteller|mätarställning|kilometerstand|przebieg|najeto)\s*[:=]\s*\d[\d.,' ]{2,7}\s*(?:$|[;|]|(?<=\.\s?)(?=\p{L}))/imu,
);

/** What a used one may cost and what to look at: no one machine is offered. Common usage, no source. */
const GUIDE = spelt(
  /(?<!\p{L})(?:buy(?:er['’]?s['’]?|ing) guide|what to pay|kaufberatung|gebrauchtberatung|guide d['’]achat|guía de compra|guida all['’]acquisto|aankoop(?:gids|advies)|köpguide|kjøpsguide|købsguide|guia de compra|poradnik (?:kupującego|zakupu)|ostaja(?:n)?opas)(?!\p{L})/iu,
);

/** Money that is written with the sign of the dollar. */
const DOLLAR: ReadonlySet<CurrencyCode> = new Set(['USD', 'CAD', 'AUD', 'NZD']);
const CROWNS: ReadonlySet<CurrencyCode> = new Set(['SEK', 'NOK', 'DKK']);
/** Grams of carbon dioxide are told of the test cycle, and so is the fuel beside them. */
const APPROVED = /\bco ?2?₂?\b[^.\n]{0,30}\d ?g ?\/ ?km|\d ?g\/km\b/;
const OWNED =
  /\bmine(?:['’]s| (?:is|weighs|has|does|makes|gets|came)|:)|\bmy (?:bike|own)\b|\bi have the\b|\bi['’]ve got the\b|\bmeine?r? (?:ist|hat|wiegt)\b|\bla mienne\b|\bla mia\b|\bla mía\b/;

/**
 * What the whole text decides: whose units, whether a machine is offered, whether it is about a motorcycle at all. What stands around
 * its own lines tells of its country too: "6,200 miles" of another advert.
 */
export function surveyOf(
  text: string,
  lines: readonly ScannedLine[],
  home?: CurrencyCode,
  around: readonly ScannedLine[] = [],
): Survey {
  const lower = lowered(text);
  const clues = weigh(text, lower, US);
  // Pounds of mass and inches together are commoner over there.
  const both = /\blbs?\b/.test(lower) && /\d ?(?:in\b|")/.test(lower) ? 1 : 0;
  const us = { ...clues, points: clues.points + both };
  const imperial = weigh(text, lower, IMPERIAL);
  const ahead = us.points - imperial.points;
  // Where both sides have their words, one has to have plainly more.
  const mixed = Math.min(us.points, imperial.points) >= 1.5 ? 1.5 : 1;
  const gallon = Math.abs(ahead) < DECIDED * mixed ? undefined : ahead > 0 ? 'us' : 'imp';
  const sums = lines.some(
    (l) => l.quantities.some((q) => isSum(q)) || /\d,-|\d ?(?:vb|vhb)\b/i.test(l.line),
  );
  const distances = [...lines, ...around].some((l) => l.quantities.some((q) => isDistance(q)));
  const hasRun = [...lines, ...around].some(tellsHowFar) || ODOMETER_LINE.test(lower);
  const offers = names(lines, 'sale');
  const year = /(?<!\d)(?:19[5-9]|20[0-3])\d(?!\d)/.test(text);
  const guide = GUIDE.test(lower);
  const sale =
    !guide &&
    (((OFFERED.test(lower) || (ROUND_SUM.test(lower) && !OF_A_SHEET.test(lower))) &&
      (sums || distances)) ||
      (offers.size >= 2 && (sums || distances)) ||
      (sums &&
        (hasRun || lines.some((l) => l.quantities.some((q) => q.unit === 'h'))) &&
        year &&
        text.length < 700 &&
        !/msrp|list price/.test(lower)));
  const about = aboutWhat(lines, sale);
  const languages = languagesOf(text);
  const { continental, dollar, crowns, likelyDollar, likelyMoney, money } = currencies(
    lower,
    languages,
    us.points,
    imperial.points,
  );
  const miles = continental ? 0 : us.points + imperial.points;
  return {
    gallon,
    dollar,
    crowns,
    likelyDollar: likelyDollar ?? (home && DOLLAR.has(home) ? home : undefined),
    likelyCrowns: home && CROWNS.has(home) ? home : undefined,
    likelyMoney: likelyMoney ?? home,
    money,
    ...(continental ? { continental: true as const } : {}),
    usual: usualUnits(lines),
    distance: distanceUnit(lines, miles) ?? distanceUnit(around, miles),
    sale,
    sums,
    languages,
    several: namesSeveral(text),
    owned: OWNED.test(lower),
    approved: APPROVED.test(lower),
    ours: about === 'ours',
    logged: hasCareLog(text),
    unlike: about === 'else',
    countryBy: gallon === 'us' ? us.words : gallon === 'imp' ? imperial.words : [],
  };
}

/** The commonest written unit of each dimension. */
function usualUnits(lines: readonly ScannedLine[]): TextUnits['usual'] {
  const counts = new Map<UnitId, number>();
  for (const { quantities } of lines)
    for (const { unit } of quantities)
      if (unit !== undefined && isUnitId(unit)) counts.set(unit, (counts.get(unit) ?? 0) + 1);
  // "Wet 417, dry 388 (lbs)": a unit in brackets of its own.
  for (const { line } of lines)
    for (const [, word] of line.matchAll(/[([](lbs?|kg|mm|in|inches)[)\]]/giu)) {
      const unit = writtenUnit(word ?? '');
      if (unit !== undefined && isUnitId(unit)) counts.set(unit, (counts.get(unit) ?? 0) + 1);
    }
  const usual: Partial<Record<Dimension, UnitId>> = {};
  for (const [unit] of [...counts].sort((a, b) => b[1] - a[1]))
    usual[unitEntry(unit).dimension] ??= unit;
  return usual;
}

/** `miles`: how much speaks for a country of miles; a text in kilograms wants more than a word's spelling. */
function distanceUnit(lines: readonly ScannedLine[], miles: number): 'km' | 'mi' | undefined {
  const units = lines.flatMap((l) => l.quantities.map((q) => q.unit));
  const count = (unit: string) => units.filter((u) => u === unit).length;
  const [km, mi] = [
    count('km') + count('km/h') + count('km-thousands') + count('mil'),
    count('mi') + count('mph'),
  ];
  if (km !== mi) return km > mi ? 'km' : 'mi';
  const metric = count('kg') + count('L/100km') + count('km/L') > 0;
  if (count('L/100km') === 0 && count('mpg') + count('mpg-us') + count('mpg-imp') > 0) return 'mi';
  // Pounds, gallons, inches and nothing metric beside them.
  if (
    !metric &&
    count('L') + count('mm') + count('cm') === 0 &&
    (count('in') > 0 || count('lbf-ft') > 0 || count('lb') + count('pounds') > 0) &&
    count('gallon') + count('gal-us') > 0
  )
    return 'mi';
  return miles > (metric ? 2 : 0) ? 'mi' : metric ? 'km' : undefined;
}

/** "The Vantage has …, the Ridge has …". */
const SUBJECT = spelt(
  /(?:(?<!\p{L})[Tt]he )(\p{Lu}\p{Ll}{2,})(?=(?: \d{3,4})?(?: (?:has|is|makes|weighs|gets|holds|comes|does|carries|wins|feels)(?!\p{L})))/gmu,
);

/** Two machines in one breath, told apart by words and not by names. */
const TWO_AT_ONCE =
  /\ban? (?:19|20)\d\d\b(?! (?:model|or|onwards)).{0,60}\band (?:an? |another |one from )(?:19|20)\d\d\b|\bd(?:ie|er) (?:[a-zäöüß]+ )?\d{3,4}er\b.{0,120}\b(?:oder|und|gegen) d(?:ie|er)\b.{0,30}\d{3,4}er\b|\beither the \d{3,4}\b.{0,90}\bor the\b.{0,20}\d{3,4}\b|\bla \d{3,4}\b.{0,90}\bou la\b.{0,20}\d{3,4}\b|\bboth of these\b|\bthese two\b|\bthe (?:red|blue|green|white|black|orange|yellow|other) one(?:'s|,| has| is| gets| makes)/;

/** "The 450 (33 kW), the 450 S with 270 mm, the 450 T with 22 litres": versions of one machine, told apart by letters. */
const versionsOf = (text: string): number =>
  new Set(
    [...text.matchAll(/(?<!\p{L})(?:the|die|la|der) (\d{3,4} \p{Lu}{1,2})(?!\p{L})/giu)].map(
      ([, v]) => v,
    ),
  ).size;

/** Whether a text tells of several machines by their names, in running text. */
export const namesSeveral = (text: string): boolean =>
  subjectsOf(text).size >= 2 || versionsOf(text) >= 2 || TWO_AT_ONCE.test(lowered(text));

function subjectsOf(text: string): ReadonlySet<string> {
  const found = new Set<string>();
  for (const match of text.matchAll(SUBJECT)) {
    const name = match[1] ?? '';
    const known = scanWords(name).some((m) =>
      m.meanings.some((x) => x.kind === 'label' || x.kind === 'trade' || x.kind === 'taker'),
    );
    if (!known) found.add(name);
  }
  return found;
}

const isDistance = (q: Quantity) =>
  q.unit === 'km' || q.unit === 'mi' || q.unit === 'km-thousands' || q.unit === 'mil';
