import { statesOurFact } from '../read-facts';
import { isUnitId, unitEntry, type CurrencyCode, type Dimension, type UnitId } from '../../units';
import type { TextUnits } from '../link/dimensions';
import { writtenUnit } from '../lattice/written-units';
import type { Quantity } from '../lattice/scan-quantities';
import { languagesOf, scanWords, type Mention } from '../vocabulary/lexicon';

/** A line of the text with all that stands in it. */
export interface ScannedLine {
  /** With numbers in digits and tyre sizes blanked out, place for place as written. */
  readonly line: string;
  readonly written: string;
  readonly offset: number;
  readonly mentions: readonly Mention[];
  readonly quantities: readonly Quantity[];
}

/** What the whole text says about itself. */
export interface Survey extends TextUnits {
  /** Somebody offers a machine. */
  readonly sale: boolean;
  /** The text is about a motorcycle at all. */
  readonly ours: boolean;
  /** It speaks of several machines by their names, in running text. */
  readonly several: boolean;
  /** The vocabularies that its words call for. */
  readonly languages: ReadonlySet<number>;
  /** It names a sum of money. */
  readonly sums: boolean;
  /** The text is about something else altogether. */
  readonly unlike: boolean;
  /** The words that decided on US or imperial. */
  readonly countryBy: readonly string[];
}

type Clue = readonly [points: number, words: RegExp];
const US: readonly Clue[] = [
  [2, /\bmsrp\b/],
  [2, /\bcurb\b/],
  [1.5, /\btires?\b/],
  [
    1.5,
    /\b(?:fueled|gassed|gas tank|gas mileage|color|aluminum|liters?|meters?|freeway|interstate)\b/,
  ],
  [2, /\bobo\b|\bclean title\b|\btitle in hand\b|\bstreet legal\b/],
  [2, /\busa\b|\bamerican\b|\bus (?:spec|market|gal\w*|bike|model)/],
  [1.5, /(?<![a-z])\$ ?\d/],
  [2, /°f\b|\bfahrenheit\b/],
  [1, /\bout the door\b|\bfreight\b/],
];
const IMPERIAL: readonly Clue[] = [
  [2.5, /£|\bgbp\b|\bquid\b/],
  [2, /\bmot\b(?! ?or)|\bv5c?\b|\bhpi\b|\bo\.?n\.?o\b|\botr\b/],
  [1.5, /\btyres?\b/],
  [1.5, /\bkerb\b/],
  [
    1.5,
    /\blitres?\b|\bmetres\b|\bcolour\b|\baluminium\b|\bpetrol\b|\bmotorway\b|\bmillimetres\b|\bkilometres\b/,
  ],
  [1, /\bbhp\b/],
  // Kilograms or litres of tank beside miles per gallon: nobody mixes them so in the States.
  [
    1,
    /^(?![^]*(?<![a-z])lbs?\b)(?:[^]*(?<![a-z])kg\b[^]*mpg\b|[^]*mpg\b[^]*(?<![a-z])kg\b|[^]*\d ?l(?:itres?|tr)? (?:fuel )?tank\b[^]*mpg\b)/,
  ],
  [1.5, /\b[ab][- ]roads?\b|\btacho\b|\bdual carriageway\b/],
  [2, /\buk\b|\bbritish\b|\bimperial\b/],
  [1.5, /\bstone\b|\bmil\b|\bpounds (?:on the road|sterling)\b/],
];
/** Whose dollar; what is said on both sides of the Tasman ("rego", "LAMS") tells neither. */
const DOLLARS: readonly (readonly [CurrencyCode, RegExp])[] = [
  ['NZD', /\bnzd\b|\bnz\b|\bnz\$|\bwof\b|\bnew zealand\b|\bkiwi\b/],
  [
    'AUD',
    /\baud\b|\brwc\b|\begc\b|\baustralian?\b|\bau?\$|\broadworthy\b|\bqld\b|\bnsw\b|\bride away\b/,
  ],
  [
    'CAD',
    /\bcad\b|\bcdn\b|\bcanad(?:a|ian)\b|\bca?\$|\bontario\b|\balberta\b|\bquebec\b|\bb\.?c\.?\b/,
  ],
];

const TASMAN = /\brego\b|\blams\b/;

/** In lower case where that keeps every place: patterns without case are several times as quick. */
const lowered = (text: string): string => {
  const lower = text.toLowerCase();
  return lower.length === text.length ? lower : text;
};

/** How much speaks for a side, and its words as the text writes them. */
const weigh = (text: string, lower: string, clues: readonly Clue[]) => {
  const hits = clues.flatMap(([points, words]) => {
    const match = words.exec(lower);
    return match
      ? [{ points, words: text.slice(match.index, match.index + Math.min(24, match[0].length)) }]
      : [];
  });
  return { points: hits.reduce((sum, h) => sum + h.points, 0), words: hits.map((h) => h.words) };
};

/** How much one side must outweigh the other. */
const DECIDED = 1;

/** What a sum without a sign is in, by how the text is written. */
const bySpelling = (us: number, imperial: number): CurrencyCode | undefined =>
  us === imperial ? undefined : us > imperial ? 'USD' : 'GBP';

function currencies(text: string, languages: ReadonlySet<number>, us: number, imperial: number) {
  const dollar =
    DOLLARS.find(([, words]) => words.test(text))?.[0] ??
    (/\busd\b(?! ?forks?)(?=\)|[\s,.;]*$|\s*\d)|\bus dollars?\b|\bus\$|\d ?usd\b/m.test(text)
      ? 'USD'
      : undefined) ??
    (us - imperial >= DECIDED &&
    !TASMAN.test(text) &&
    /\b(?:miles?|mi|mpg|lbs?|inch(?:es)?|in|msrp|obo)\b|"/.test(text)
      ? 'USD'
      : undefined);
  const money: CurrencyCode | undefined = /£|\bgbp\b|\bquid\b|\bpounds? (?:on|for|sterling)/.test(
    text,
  )
    ? 'GBP'
    : /€|\beuros?\b|\beur\b/.test(text)
      ? 'EUR'
      : /\bchf\b/.test(text)
        ? 'CHF'
        : (dollar ?? (TASMAN.test(text) ? undefined : bySpelling(us, imperial)));
  // A sum without a sign in a text of the continent.
  const continental = [1, 2, 3, 4].some((i) => languages.has(i));
  return {
    dollar,
    likelyDollar: TASMAN.test(text) ? ('AUD' as const) : undefined,
    money: money ?? (continental ? ('EUR' as const) : undefined),
  };
}

/** Words of an advert that are enough by themselves, beside a sum or a distance. */
const OFFERED =
  /\bfor sale\b|\bselling\b|\bsell my\b|\bswap my\b|\basking\b|\bo\.?n\.?o\b|\bobo\b|\bno offers\b|\bmot (?:till?|until|to|due)\b|\bv5c? (?:in|present)\b|\b\d\d plate\b|\bverkauf\w*|\bvb\b|\bvhb\b|\bvends\b|\bà vendre\b|\bse vende\b|\bvend[oe]\b|\bvendesi\b|\bchiedo\b|\bpido\b|\bte koop\b|\bsprzedam\b|\bà venda\b|\btill salu\b|\bsäljes\b|\d,-|\bhours on the engine\b/;

const names = (lines: readonly ScannedLine[], kind: 'sale' | 'trade' | 'elsewhere') =>
  new Set(
    lines.flatMap(({ line, mentions }) =>
      mentions
        .filter((m) => m.meanings.some((x) => x.kind === kind))
        .map((m) => line.slice(m.from, m.to).toLowerCase()),
    ),
  );

/** Labels that only a sheet of a vehicle on two wheels has. */
const TELLING = new Set([
  'seatHeight',
  'clearance',
  'wheelbase',
  'rake',
  'rakeAndTrail',
  'travelFront',
  'travelRear',
  'sprocketFront',
  'sprocketRear',
  'displacement',
  'payload',
  'valves',
  'forkRate',
  'shockRate',
  'axleLimits',
  'primaryRatio',
]);

/** What the whole text decides: whose units, whether a machine is offered, whether it is about a motorcycle at all. */
export function surveyOf(text: string, lines: readonly ScannedLine[]): Survey {
  const lower = lowered(text);
  const clues = weigh(text, lower, US);
  // Pounds of mass and inches together are commoner over there.
  const both = /\blbs?\b/.test(lower) && /\d ?(?:in\b|")/.test(lower) ? 1 : 0;
  const us = { ...clues, points: clues.points + both };
  const imperial = weigh(text, lower, IMPERIAL);
  const gallon =
    us.points - imperial.points >= DECIDED
      ? 'us'
      : imperial.points - us.points >= DECIDED
        ? 'imp'
        : undefined;
  const sums = lines.some(
    (l) => l.quantities.some((q) => isSum(q)) || /\d,-|\d ?(?:vb|vhb)\b/i.test(l.line),
  );
  const distances = lines.some((l) => l.quantities.some((q) => isDistance(q)));
  const offers = names(lines, 'sale');
  const year = /(?<!\d)(?:19[5-9]|20[0-3])\d(?!\d)/.test(text);
  const sale =
    (OFFERED.test(lower) && (sums || distances)) ||
    (offers.size >= 2 && (sums || distances)) ||
    (sums && distances && year && text.length < 700 && !/msrp|list price/.test(lower));
  const about = aboutWhat(lines, sale);
  const languages = languagesOf(text);
  const { dollar, likelyDollar, money } = currencies(lower, languages, us.points, imperial.points);
  return {
    gallon,
    dollar,
    likelyDollar,
    money,
    usual: usualUnits(lines),
    distance: distanceUnit(lines, us.points + imperial.points),
    sale,
    sums,
    languages,
    several: subjectsOf(text).size >= 2 || TWO_AT_ONCE.test(lower),
    ours: about === 'ours',
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
    count('km') + count('km/h') + count('km-thousands'),
    count('mi') + count('mph'),
  ];
  if (km !== mi) return km > mi ? 'km' : 'mi';
  const metric = count('kg') > 0 || count('L/100km') > 0;
  return miles > (metric ? 2 : 0) ? 'mi' : metric ? 'km' : undefined;
}

/** "The Vantage has …, the Ridge has …". */
const SUBJECT =
  /(?:(?<!\p{L})[Tt]he )(\p{Lu}\p{Ll}{2,})(?=(?: \d{3,4})?(?: (?:has|is|makes|weighs|gets|holds|comes|does|carries|wins|feels)(?!\p{L})))/gmu;

/** Two machines in one breath, told apart by words and not by names. */
const TWO_AT_ONCE =
  /\ban? (?:19|20)\d\d\b(?! (?:model|or|onwards)).{0,60}\band (?:an? |another |one from )(?:19|20)\d\d\b|\bboth of these\b|\bthese two\b|\bthe (?:red|blue|green|white|black|orange|yellow|other) one(?:'s|,| has| is| gets| makes)/;

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

const isSum = (q: Quantity) =>
  q.unit === 'money' ||
  q.unit === 'dollar' ||
  q.unit === 'crowns' ||
  /^[A-Z]{3}$/.test(q.unit ?? '');
const isDistance = (q: Quantity) => q.unit === 'km' || q.unit === 'mi' || q.unit === 'km-thousands';

function aboutWhat(lines: readonly ScannedLine[], sale: boolean): 'ours' | 'open' | 'else' {
  const trade = names(lines, 'trade').size;
  // A tonne, a battery in watt-hours: no motorcycle that this is about.
  const heavy = lines.some((l) => /(?<![\d.,])\d[.,]?\d{3} ?kg\b|\d ?Wh\b/u.test(l.line)) ? 2 : 0;
  const part = /\bfits (?:most|all|\d)/iu.test(lines.map((l) => l.line).join(' ')) ? 2 : 0;
  const elsewhere = names(lines, 'elsewhere').size + heavy + part;
  const telling = new Set(
    lines.flatMap((l) =>
      l.mentions.flatMap((m) =>
        m.meanings.flatMap((x) => (x.kind === 'label' && TELLING.has(x.name) ? [x.name] : [])),
      ),
    ),
  ).size;
  const labels = lines.reduce(
    (sum, l) =>
      sum + l.mentions.filter((m) => m.meanings.some((x) => x.kind === 'label' && !x.weak)).length,
    0,
  );
  const tyres = lines.some((l) => l.written !== l.line && /\d\/\d{2,3}/.test(l.written)) ? 2 : 0;
  // Kilograms, litres and millimetres together: a sheet, whatever its words.
  const dims = new Set(lines.flatMap((l) => l.quantities.map((q) => q.unit)));
  const sheet = dims.has('kg') && dims.has('L') && dims.has('mm') ? 1 : 0;
  const use = [...dims].some((u) => /^(?:L\/100km|mpg|km\/L)/.test(u ?? '')) ? 1 : 0;
  const speaks = sheet + use + tyres + trade + telling * 2 + Math.min(4, labels);
  if (elsewhere > 0 && speaks < elsewhere * 2.2) return 'else';
  const fragment = elsewhere === 0 && lines.length <= 3 && lines.every((l) => l.line.length < 90);
  const ours = fragment || speaks >= 1 + elsewhere * 3 || (sale && elsewhere === 0);
  return ours || (elsewhere === 0 && lines.some((l) => statesOurFact(l.written))) ? 'ours' : 'open';
}
