import { spelt } from '../vocabulary/letters';
import type { CurrencyCode } from '../../units';

type Clue = readonly [points: number, words: RegExp];
export const US: readonly Clue[] = [
  [2, /\bmsrp\b/],
  [2, /\bcurb\b/],
  [1.5, /\btires?\b/],
  [
    1.5,
    /\b(?:fueled|gassed|gas tank|gas mileage|color|aluminum|liters?|meters?|freeway|interstate)\b/,
  ],
  [2, /\bobo\b|\bclean title\b|\btitle in hand\b|\bstreet legal\b/],
  [2, /\busa\b|\bamerican\b|\bus (?:spec|market|gal\w*|bike|model|mpg)|\bmpg ?\(?us\b/],
  [1.5, /(?<![a-z])\$(?= ?\d)/],
  [2, /°f\b|\bfahrenheit\b/],
  [1, /\bout the door\b|\bfreight\b/],
];
export const IMPERIAL: readonly Clue[] = [
  [2.5, /£|\bgbp\b|\bquid\b/],
  [2, /\bplus on the roads?\b|\bmot\b(?! ?or)|\bv5c?\b|\bhpi\b|\bo\.?n\.?o\b|\botr\b/],
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
    /^(?![^]*(?<![a-z])lbs?\b)(?:[^]*(?<![a-z])(?:kg|kilos)\b[^]*(?:mpg|gallon)\b|[^]*(?:mpg|gallon)\b[^]*(?<![a-z])(?:kg|kilos)\b|[^]*\d ?l(?:itres?|tr)? (?:fuel )?tank\b[^]*mpg\b)/,
  ],
  [1.5, /\b[ab][- ]roads?\b|\btacho\b|\bdual carriageway\b/],
  [2, /\buk\b|\bbritish\b|\bimperial\b/],
  [1.5, /\bstone\b|\bmil\b|\bpounds (?:on the road|sterling|new|otr)\b/],
];
/** Whose dollar; what is said on both sides of the Tasman ("rego", "LAMS", "ride away") tells neither. */
const DOLLARS: readonly (readonly [CurrencyCode, RegExp])[] = [
  ['NZD', /\bnzd\b|\bnz\b|\bnz\$|\bwof\b|\bnew zealand\b|\bkiwi\b/],
  [
    'AUD',
    /\baud\b|\bservos?\b|\barvo\b|\brwc\b|\begc\b|\baustralian?\b|\bau?\$|\broadworthy\b|\bqld\b|\bnsw\b/,
  ],
  [
    'CAD',
    /\bcad\b|\bcdn\b|\bcanad(?:a|ian)\b|\bca?\$|\bontario\b|\balberta\b|\bquebec\b|^(?=[^]*\$)[^]*\b(?:négociable|immatriculation|pneus|poignées)\b|\bb\.?c\.?\b/,
  ],
];
const TASMAN = /\bkegs\b|\bcarby\b|\brego\b|\blams\b|\bride[ -]?away\b/;
/** In lower case where that keeps every place: patterns without case are several times as quick. */
export const lowered = (text: string): string => {
  const lower = text.toLowerCase();
  return lower.length === text.length ? lower : text;
};

const LONGEST_QUOTE = 24;

/** How much speaks for a side, and its words as the text writes them. */
export const weigh = (text: string, lower: string, clues: readonly Clue[]) => {
  const hits = clues.flatMap(([points, words]) => {
    const match = words.exec(lower);
    if (!match) return [];
    const end = match.index + match[0].length;
    const all = text.slice(match.index, end);
    // What speaks from one end of a text to the other is told by the word at its end.
    const said = words.source.startsWith('^') ? (/\S+$/u.exec(all)?.[0] ?? all) : all;
    return [{ points, words: said.slice(0, LONGEST_QUOTE) }];
  });
  return { points: hits.reduce((sum, h) => sum + h.points, 0), words: hits.map((h) => h.words) };
};

/** How much one side must outweigh the other. */
export const DECIDED = 1;
/** Ways in kilometres, and none in miles: the spelling is British, but whose money it is remains open. */
const KILOMETRES =
  /\bkilomet(?:re|er)s?\b|\d ?kms?\b|\bkms?: ?\d|\bkays\b|(?:\d|thousand|hundred|grand) k['’]?s\b/;
const MILES = /\bmiles?\b|\bmph\b|\bmpg\b|\d ?mi\b/;
/** What a sum without a sign is in, by how the text is written. */
const bySpelling = (text: string, us: number, imperial: number): CurrencyCode | undefined => {
  if (us > imperial) return 'USD';
  if (us === imperial || (KILOMETRES.test(text) && !MILES.test(text))) return undefined;
  // Litres and tyres are spelt so from Dublin to Perth.
  return MILES.test(text) || BRITISH.test(text) ? 'GBP' : undefined;
};
/** What is said in Britain and hardly elsewhere. */
const BRITISH =
  /\bmot\b(?! ?or)|\bv5c?\b|\bhpi\b|\bo\.?n\.?o\b|\botr\b|\bplus on the roads?\b|\buk\b|\bbritish\b|\bquid\b|\bstone\b|\bbhp\b|\bdual carriageway\b|\b[ab][- ]roads?\b|\bto the gallon\b/;
/** Words of a sheet or an advert that one of the three has and the others have not. */
const SWEDISH = spelt(
  /(?<!\p{L})(?:och|är|jag|körklar|hoj(?:en)?|kostar|tjänstevikt|sitthöjd|hjulbas|markfrigång|säljer|säljes|förbrukning|bränsle\p{L}*|nyservad)(?!\p{L})/u,
);
const NORWEGIAN = spelt(
  /(?<!\p{L})(?:kjør\p{L}*|kjøp\p{L}*|hestekrefter|vekt|setehøyde|sittehøyde|akselavstand|bakkeklaring|selges|selger|kjøreklar|forbruk|drivstoff\p{L}*|egenvekt)(?!\p{L})/u,
);
const DANISH = spelt(
  /(?<!\p{L})(?:kør\p{L}*|køb\p{L}*|hestekræfter|vægt|sædehøjde|saedehøjde|akselafstand|frihøjde|sædet|kørt|vejer|sælges|sælger|køreklar|forbrug|brændstof\p{L}*|egenvægt|totalvægt|nysynet|indregistreret)(?!\p{L})/u,
);
/** The same of tongues that one money goes with; Portuguese is spoken with two. */
const POLISH = spelt(
  /(?<!\p{L})(?:się|jest|motocykl\p{L}*|waży|sprzedam|przebieg|zbiornik|siedzeni\p{L}|spalanie|wysokość)(?!\p{L})/u,
);
const CZECH = spelt(
  /(?<!\p{L})(?:jsem|nádrž\p{L}*|hmotnost\p{L}*|výkon\p{L}*|sedlo|motorka|prodám|najeto|spotřeb\p{L}|palivov\p{L}+|výška sedla)(?!\p{L})/u,
);
const DUTCH_OR_FINNISH = spelt(
  /(?<!\p{L})(?:zithoogte|rijklaar|vraagprijs|te koop|verbruik|myydään|istuinkorkeus|ajokunnossa|kulutus|ajettu)(?!\p{L})/u,
);
const TONGUES: readonly (readonly [CurrencyCode, RegExp])[] = [
  ['PLN', POLISH],
  ['CZK', CZECH],
  ['EUR', DUTCH_OR_FINNISH],
];
const CROWNS: readonly (readonly [CurrencyCode, RegExp])[] = [
  ['SEK', SWEDISH],
  ['NOK', NORWEGIAN],
  ['DKK', DANISH],
];
/** Whose crowns: of the one language of the three that has words of its own in the text. */
function crownsOf(text: string): CurrencyCode | undefined {
  return onlyOne(CROWNS, text);
}
function onlyOne(
  all: readonly (readonly [CurrencyCode, RegExp])[],
  text: string,
): CurrencyCode | undefined {
  const whose = all.filter(([, words]) => words.test(text));
  return whose.length === 1 ? whose[0]?.[0] : undefined;
}

/** A tank in gallons and lengths in inches, and nothing metric beside them. */
const INCHES = /\binch(?:es)?\b|\d ?"|\bpounds\b|\blbs?\b/;
const GALLONS = /\bgallon tank\b|\bgallons?\b|\bmpg\b/;
const METRIC = /\blit(?:re|er)s?\b|\bkilos?\b|\bkg\b|\bkm\b|\bmillimet|£|\bstone\b/;

/** Whose money a sum without a sign likeliest is, where nothing decides it. */
function likelyOf(text: string, us: number, imperial: number): CurrencyCode | undefined {
  if (KILOMETRES.test(text)) return undefined;
  if (imperial > us) return 'GBP';
  return us === imperial && INCHES.test(text) && GALLONS.test(text) && !METRIC.test(text)
    ? 'USD'
    : undefined;
}

const ENGLISH = /\b(?:the|and|with|it's)\b[^]*\b(?:the|and|with|it's)\b/;

/** Points of one word's spelling. */
const SPELLING = 1.5;

export function currencies(
  text: string,
  languages: ReadonlySet<number>,
  us: number,
  imperial: number,
) {
  // A sum without a sign in a text of the continent; "Liter" and "Meter" are spelt there as in the States.
  const continental = us <= SPELLING && [1, 2, 3, 4].some((i) => languages.has(i));
  // Words of theirs stand in English texts as well.
  const isTheirs = continental && !ENGLISH.test(text);
  const dollar =
    DOLLARS.find(([, words]) => words.test(text))?.[0] ??
    (/\busd\b(?! ?forks?)(?=\)|[\s,.;:|=]*$|[\s:|=]*\d)|\bus dollars?\b|\bus\$|\d ?usd\b/m.test(
      text,
    )
      ? 'USD'
      : undefined) ??
    (us - imperial >= DECIDED &&
    !isTheirs &&
    !TASMAN.test(text) &&
    !(KILOMETRES.test(text) && !MILES.test(text)) &&
    /\b(?:miles?|mi|mpg|lbs?|inch(?:es)?|in|msrp|obo)\b|"/.test(text)
      ? 'USD'
      : undefined);
  const money: CurrencyCode | undefined =
    /£|\bgbp\b|\bquid\b|\bpounds? (?:on|for|sterling|new|otr)\b/.test(text)
      ? 'GBP'
      : /€|\beuros?\b|\beur\b/.test(text)
        ? 'EUR'
        : /\bchf\b/.test(text)
          ? 'CHF'
          : (dollar ??
            (TASMAN.test(text) || continental
              ? undefined
              : (onlyOne([...CROWNS, ...TONGUES], text) ?? bySpelling(text, us, imperial))));
  const likelyDollar = TASMAN.test(text)
    ? ('AUD' as const)
    : /\boac\b|\blicensing\b/.test(text)
      ? ('CAD' as const)
      : undefined;
  return {
    continental: isTheirs,
    dollar,
    crowns: crownsOf(text),
    likelyDollar,
    likelyMoney: likelyDollar ?? likelyOf(text, us, imperial),
    money: money ?? (continental ? ('EUR' as const) : undefined),
  };
}
