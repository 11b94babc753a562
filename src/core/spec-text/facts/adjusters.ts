import { worded } from '../vocabulary/vocabulary';

/** What can be turned at one end of a machine, by the options of `forkAdjust` and `shockAdjust`. */
export type Adjusters = 'none' | 'preload' | 'preload-rebound' | 'full';

/** Where a line tells what can be turned, and at which end. `from`, `to`: places in the line. */
export interface AdjustersTold {
  readonly key: 'forkAdjust' | 'shockAdjust';
  readonly value: Adjusters;
  readonly from: number;
  readonly to: number;
}

/* Words of sheets, tests and posts in thirteen languages; common usage, no source. */
const FORK =
  '\\p{L}*gabel|\\p{L}*forks?|fourche|forcell[ae]|horquilla|\\p{L}*vork|forquilha|bengalas?|widelec|\\p{L}*gaffeln?|\\p{L}*haarukka|vidlice|foraffjedring|forfjæring|framfjädring|etujousitus|voorvering';
const SHOCK =
  '(?:mono|rear )?shocks?(?: absorbers?)?|(?<=(?:on|at) the )(?:rear|back)(?! (?:wheel|tyre|tire|brake|rack|seat|disc|abs))|mono-?shock|\\p{L}*federbeine?|(?:mono-?)?amortisseurs?|combinés?|(?:mono-?)?ammortizzator[ei]|(?:mono-?)?amortiguador(?:es)?|\\p{L}*schokdempers?|\\p{L}*demper|(?:mono-?)?amortecedor(?:es)?|amortyzatory?|\\p{L}*stötdämpare|\\p{L}*støddæmpere?|\\p{L}*støtdempere?|\\p{L}*iskunvaimenn\\p{L}+|\\p{L}*iskari\\p{L}*|tlumič\\p{L}*|centralfj[æe]der\\p{L}*|bagaffjedring|bakfjæring|bakfjädring|takajousitus|achtervering';
const SUSPENSION =
  'suspensions?|fahrwerk|federung|sospension[ei]|suspensi(?:ón|ones|on)|vering|suspens(?:ão|ões)|zawieszeni[ea]|fjädring\\p{L}*|fjærings?\\p{L}*|affjedring\\p{L}*|jousitus|odpružení';
const FRONT =
  'front|vorn(?:e)?|avant|av|anteriore|delanter[ao]|delante|voor|dianteir[ao]|przód|przedni\\p{L}*|z przodu|fram|foran|edessä|etu|vpředu|přední';
const REAR =
  'rear|back|hinten|arrière|ar|posteriore|traser[ao]|detrás|achter|traseir[ao]|tył|tyln\\p{L}*|z tyłu|bak|bagtil|bag|takana|taka|vzadu|zadní';

const PRELOAD =
  '(?:spring )?pre-?load|(?:feder)?vorspannung|vorspannbar\\p{L}*|(?:feder)?basis|précharge|précontrainte|precarico|precarga|(?:veer)?voorspanning|pré-carga|napięci[ea] wstępne\\p{L}*|(?:fjäder)?förspänning\\p{L}*|(?:fjeder)?forspænding\\p{L}*|(?:fjær)?forspenning\\p{L}*|(?:jousen )?esijänni\\p{L}+|předpětí';
const REBOUND =
  'rebound(?: damping)?|zugstufe\\p{L}*|zug(?=-)|détente|estensione|ritorno|extensión|rebote|uitgaande demping|rebounddemping|retorno|extensão|tłumieni[ea] (?:powrotu|odbicia|odboju)|odbici[ea]|retur(?:dämpning|dæmpning|demping)?\\p{L}*|paluuvaimennu\\p{L}+|odskok\\p{L}*';
const COMPRESSION =
  'compression(?: damping)?|druckstufe\\p{L}*|druck(?=-)|compressione|compresión|ingaande demping|compressie(?:demping)?|compressão|dobici[ea]|(?:tłumieni[ea] )?(?:kompresji|dobicia)|kompression(?:s)?(?:dämpning|dæmpning|demping)?\\p{L}*|puristusvaimennu\\p{L}+|kompres[ei]';
/** Three things can be turned, said in one word. */
const ALL_OF_IT =
  'full(?:y)?[- ]adjust\\p{L}+|full (?:range of )?adjust\\p{L}+|(?:voll(?:ständig)?|komplett) (?:ein|ver)stellbar\\p{L}*|volleinstellbar\\p{L}*|(?:entièrement|totalement|tout|multi-?) ?réglables?(?: (?:en|dans) tous (?:les )?sens)?|réglables? (?:en|dans) tous (?:les )?sens|(?:completamente|interamente|totalmente) regolabil[ei]|pluri-?regolabil[ei]|(?:completamente|totalmente|multi-?) ?(?:ajustables?|regulables?)|(?:ajustables?|regulables?) en todo|regolabil[ei] in tutto|réglables? en tout|(?:totalmente|completamente) (?:ajustáve(?:l|is)|reguláve(?:l|is))|volledig (?:in|ver|af)stelba(?:ar|re)|(?:w pełni|pełni) regulowan\\p{L}+|peł(?:na|ną|nej) regulacj\\p{L}+|(?:fullt|fuldt|helt) (?:juster|ställ|inställ|indstill|innstill)bar\\p{L}*|täysin säädettäv\\p{L}+|säädettäv\\p{L}+ täysin|(?:plně|kompletně) (?:na)?staviteln\\p{L}+|adjusts? (?:every way|for everything)|adjustable (?:every which way|in every direction|for everything)';
/** Nothing can be turned. */
const NOTHING =
  'non[- ]?adjustable|not adjustable|unadjustable|no adjust(?:ers|ment|ability)(?: at all)?|nicht (?:ein|ver)stellbar|ohne (?:ein|ver)stell\\p{L}+|keine? (?:ein|ver)stell\\p{L}+|(?:non|pas|jamais) réglables?|(?:sans|aucun) réglages?|non regolabil[ei]|senza (?:alcuna )?regolazion[ei]|nessuna regolazione|no (?:ajustables?|regulables?)|sin (?:regulaci(?:ón|ones)|ajustes?|reglajes?)|niet (?:in|ver|af)stelbaar|não (?:ajustáve(?:l|is)|reguláve(?:l|is))|sem (?:regulaç(?:ão|ões)|regulage(?:m|ns)|ajustes?)|(?:bez|brak) (?:możliwości )?regulacji|nieregulowan\\p{L}+|(?:ej|inte|ikke|icke) (?:juster|ställ|inställ|indstill)bar\\p{L}*|ei (?:säädettäv\\p{L}+|säätöjä)|nenastaviteln\\p{L}+|bez (?:nastavení|seřízení)';
const CUE =
  'adjust\\p{L}*|clickers?|(?:ein|ver)stell\\p{L}*|réglab\\p{L}+|réglages?|regolab\\p{L}+|regolazion\\p{L}+|ajust\\p{L}+|regul\\p{L}+|\\p{L}*stelba(?:ar|re)|justerbar\\p{L}*|\\p{L}*ställbar\\p{L}*|indstill\\p{L}+|innstill\\p{L}+|säädet\\p{L}+|säätö\\p{L}*|(?:na)?staviteln\\p{L}+|only|nur|seulement|solo|has|with|gets|hat|mit|avec|con|met|med|vorspannbar\\p{L}*';
const NOT_IT =
  '(?:no|without|ohne|keine|sans|pas de|senza|niente|sin|sem|zonder|geen|bez|brak|utan|ingen|uden|ei|ilman) (?:any )?';

type Kind =
  | 'fork'
  | 'shock'
  | 'both'
  | 'preload'
  | 'rebound'
  | 'compression'
  | 'all'
  | 'nothing'
  | 'cue';
interface Found {
  readonly kind: Kind;
  readonly from: number;
  readonly to: number;
}

const sided = (side: string): string =>
  `(?:${side})[- ](?:${SUSPENSION})|(?:${SUSPENSION}),? ?\\(?(?:${side})\\)?`;
const WORDS: readonly (readonly [Kind, RegExp])[] = (
  [
    ['nothing', NOTHING],
    ['all', ALL_OF_IT],
    ['fork', `${FORK}|${sided(FRONT)}`],
    ['shock', `${SHOCK}|${sided(REAR)}`],
    ['both', `${SUSPENSION}|both ends|front and (?:rear|back)|vorne? und hinten`],
    ['preload', PRELOAD],
    ['rebound', REBOUND],
    ['compression', COMPRESSION],
    ['cue', CUE],
  ] as const
).map(([kind, words]) => [kind, new RegExp(worded(words).source, 'giu')]);
const DENIED = new RegExp(`${worded(NOT_IT).source.replace(/\(\?!.*$/u, '')}$`, 'iu');
/** A quick look first: one of these runs of letters stands in whatever is told. */
const MAY_TELL =
  /adjust|click|stell|stelb|r[ée]glab|r[ée]glag|regola|ajust|regul|pre-?load|vorsp|justerbar|ställbar|indstill|innstill|säädet|säätö|stavit|seříz/iu;

/* Something else that can be turned. */
const ANOTHER_PART =
  '(?:brake |clutch |hand)?levers?|clutch|brakes?|(?:wind)?screen|windshield|seat|saddle|handlebars?|(?:brems|kupplungs)?hebel|kupplung|(?:wind)?(?:schild|scheibe)|sitz(?:bank|höhe)?|lenker|leviers?|bulle|pare-brise|selle|guidon|leve|cupolino|parabrezza|sella|manubrio|manetas?|pantalla|asiento|manillar|hendels?|windscherm|zadel|assento|banco|manetes?|siedzenie|kanapa|szyba|traction|ratio';
/** "Non-adjustable lever", "seat not adjustable". */
const OF_ANOTHER_PART = new RegExp(
  `^ (?:front |rear |height )?(?:${ANOTHER_PART})(?!\\p{L})`,
  'iu',
);
const ANOTHER_PART_IS = new RegExp(
  `(?<!\\p{L})(?:${ANOTHER_PART}),? (?:(?:is|are|ist|sind|est|es|è|is|são|jest) )?$`,
  'iu',
);

/** Every word of these in a sentence, none within another; what is denied ("no preload") is left out. */
function wordsIn(sentence: string): readonly Found[] {
  const found: Found[] = [];
  for (const [kind, pattern] of WORDS)
    for (const { index, 0: said } of sentence.matchAll(pattern)) {
      const to = index + said.length;
      if (found.some((f) => f.from < to && f.to > index)) continue;
      if (OF_ANOTHER_PART.test(sentence.slice(to, to + 24))) continue;
      if (ANOTHER_PART_IS.test(sentence.slice(Math.max(0, index - 30), index))) continue;
      if (isTurned(kind) && DENIED.test(sentence.slice(0, index))) continue;
      found.push({ kind, from: index, to });
    }
  return found.sort((a, b) => a.from - b.from);
}

const isEnd = (kind: Kind): kind is 'fork' | 'shock' | 'both' =>
  kind === 'fork' || kind === 'shock' || kind === 'both';
const isTurned = (kind: Kind): boolean =>
  kind === 'preload' || kind === 'rebound' || kind === 'compression';

/** What the words about one end come to; `undefined` where they say none of the four. */
function comesTo(words: readonly Found[]): Adjusters | undefined {
  const has = (kind: Kind): boolean => words.some((w) => w.kind === kind);
  if (has('nothing')) return has('all') || words.some((w) => isTurned(w.kind)) ? undefined : 'none';
  if (has('all')) return 'full';
  const [preload, rebound, compression] = [has('preload'), has('rebound'), has('compression')];
  if (preload && rebound && compression) return 'full';
  if (preload && rebound) return 'preload-rebound';
  // Damping without preload is none of the four.
  return preload && !rebound && !compression && has('cue') ? 'preload' : undefined;
}

/** How far in front of an end what is said of it may stand: "a fully adjustable 43 mm fork". */
const IN_FRONT = 34;
/** Nothing of another part lies between: "fully adjustable usd 43 mm". */
const PLAIN_BETWEEN = /^[\s\p{L}\d.-]*$/u;
const LEADS_TO =
  /(?:on|at|for|of|an|am|beim?|à|au|sur|de|du|alla?|al|sulla?|en|aan|op|na|på|v)(?: (?:the|der|dem|la|le|l['’]|el|il|de|het))? $/iu;

const JOINED =
  /^ (?:and|&|\+|und|et|e|ed|y|en|og|och|i|ja|a) (?:(?:the|die|das|la|le|l['’]|el|il|de|het) ?)?$/iu;

type Shares = ReadonlyMap<Found, Found[]>;

/** Whether words right before an end are said of it, and not of the end before. */
function isSaidOf(
  sentence: string,
  end: Found,
  last: Found | undefined,
  first: Found,
  nearest: Found,
): boolean {
  const gap = sentence.slice(nearest.to, end.from);
  const leads = LEADS_TO.test(gap);
  const isNear = isTurned(nearest.kind) ? /^[\s-]*$/u.test(gap) : PLAIN_BETWEEN.test(gap);
  if (!isNear && !leads) return false;
  // "Fork fully adjustable, shock preload": said behind the end before it.
  return (
    last === undefined || (!/[,;(]/u.test(gap) && (leads || !ownsBehind(sentence, last, first)))
  );
}

/** The words of a sentence by the end that they are said of. */
function sharesOf(sentence: string, words: readonly Found[], ends: readonly Found[]): Shares {
  const shares = new Map<Found, Found[]>(ends.map((e) => [e, []]));
  const taken = new Set<Found>();
  const give = (end: Found, given: readonly Found[]): void => {
    const free = given.filter((w) => !taken.has(w));
    for (const w of free) taken.add(w);
    shares.get(end)?.push(...free);
  };
  const others = words.filter((w) => !isEnd(w.kind));
  // What stands right before an end first: "a fully adjustable fork", "preload on the shock".
  for (const [i, end] of ends.entries()) {
    const last = ends[i - 1];
    const near = others.filter(
      (w) => w.from >= (last?.to ?? 0) && w.to <= end.from && end.from - w.to <= IN_FRONT,
    );
    const [first, nearest] = [near[0], near.at(-1)];
    if (!first || !nearest || !isSaidOf(sentence, end, last, first, nearest)) continue;
    give(end, near);
    const leads = LEADS_TO.test(sentence.slice(nearest.to, end.from));
    if (leads) shares.get(end)?.push({ kind: 'cue', from: nearest.to, to: end.from });
  }
  for (const [i, end] of ends.entries()) {
    const until = ends[i + 1]?.from ?? sentence.length;
    give(
      end,
      others.filter((w) => w.from >= end.to && w.to <= until),
    );
  }
  return shares;
}

/** What one sentence tells; `offset` is where it begins. */
function toldBy(sentence: string, offset: number): readonly AdjustersTold[] {
  const words = wordsIn(sentence);
  const ends = words.filter((w) => isEnd(w.kind));
  const shares = sharesOf(sentence, words, ends);
  return ends.flatMap((end, i) => {
    const next = ends[i + 1];
    const own = shares.get(end) ?? [];
    // "Fork and shock are fully adjustable".
    const isJoined =
      own.length === 0 && next !== undefined && JOINED.test(sentence.slice(end.to, next.from));
    const about = isJoined ? (shares.get(next) ?? []) : own;
    const value = comesTo(about);
    if (value === undefined) return [];
    const from = offset + Math.min(end.from, ...about.map((w) => w.from));
    const to = offset + Math.max(end.to, ...about.map((w) => w.to));
    const made = (key: AdjustersTold['key']): AdjustersTold => ({ key, value, from, to });
    if (end.kind === 'fork') return [made('forkAdjust')];
    if (end.kind === 'shock') return [made('shockAdjust')];
    return value === 'full' || value === 'none' ? [made('forkAdjust'), made('shockAdjust')] : [];
  });
}

/** "The fork is fully adjustable": an end, and nothing but plain words up to what is said of it. */
const ownsBehind = (sentence: string, end: Found, word: Found): boolean =>
  /^[^,;]{0,40}$/u.test(sentence.slice(end.to, word.from));

/** What a line tells of the adjusters of its fork and shock; both where two of one end are told. */
export function readAdjusters(line: string): readonly AdjustersTold[] {
  if (!MAY_TELL.test(line)) return [];
  const told = new Map<string, AdjustersTold>();
  let offset = 0;
  for (const sentence of line.split(/(?<=[;\n]|[.!?](?=\s))/u)) {
    for (const one of toldBy(sentence, offset)) {
      const name = `${one.key} ${one.value}`;
      if (!told.has(name)) told.set(name, one);
    }
    offset += sentence.length;
  }
  return [...told.values()];
}
