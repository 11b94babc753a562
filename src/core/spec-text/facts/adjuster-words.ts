import { worded } from '../vocabulary/vocabulary';

/* Words of sheets, tests and posts in thirteen languages; common usage, no source. */
const FORK =
  '\\p{L}*gabel|\\p{L}*forks?|fourche|forcell[ae]|horquilla|\\p{L}*vork|forquilha|bengalas?|widelec|\\p{L}*gaffeln?|\\p{L}*haarukka|vidlice|foraffjedring|forfjæring|framfjädring|etujousitus|voorvering';
const SHOCK =
  '(?:remote|hydraulic|hand-?wheel|rear)(?= pre-?load)|handrad|molette|pomello|mono(?= (?:regolabil|réglable|con regol))|(?:mono|rear )?shocks?(?: absorbers?)?|(?<=(?:on|at) the )(?:rear|back)(?! (?:wheel|tyre|tire|brake|rack|seat|disc|abs))|mono-?shock|\\p{L}*federbeine?|(?:mono-?)?amortisseurs?|combinés?|(?:mono-?)?ammortizzator[ei]|(?:mono-?)?amortiguador(?:es)?|\\p{L}*schokdempers?|\\p{L}*demper|(?:mono-?)?amortecedor(?:es)?|amortyzatory?|\\p{L}*stötdämpare|\\p{L}*støddæmpere?|\\p{L}*støtdempere?|\\p{L}*iskunvaimenn\\p{L}+|\\p{L}*iskari\\p{L}*|tlumič\\p{L}*|centralfj[æe]der\\p{L}*|bagaffjedring|bakfjæring|bakfjädring|takajousitus|achtervering';
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
  '(?:click|adjust)ers for everything|full(?:y)?[- ]adjust\\p{L}+|full (?:range of )?adjust\\p{L}+|(?:voll(?:ständig)?|komplett) (?:ein|ver)stellbar\\p{L}*|volleinstellbar\\p{L}*|(?:entièrement|totalement|tout|multi-?) ?réglables?(?: (?:en|dans) tous (?:les )?sens)?|réglables? (?:en|dans) tous (?:les )?sens|(?:completamente|interamente|totalmente) regolabil[ei]|pluri-?regolabil[ei]|(?:completamente|totalmente|multi-?) ?(?:ajustables?|regulables?)|(?:ajustables?|regulables?) en todo|regolabil[ei] in tutto|réglables? en tout|(?:totalmente|completamente) (?:ajustáve(?:l|is)|reguláve(?:l|is))|volledig (?:in|ver|af)stelba(?:ar|re)|(?:w pełni|pełni) regulowan\\p{L}+|peł(?:na|ną|nej) regulacj\\p{L}+|(?:fullt|fuldt|helt) (?:juster|ställ|inställ|indstill|innstill)bar\\p{L}*|täysin säädettäv\\p{L}+|säädettäv\\p{L}+ täysin|(?:plně|kompletně) (?:na)?staviteln\\p{L}+|adjusts? (?:every way|for everything)|adjustable (?:every which way|in every direction|for everything)';
/** Nothing can be turned. */
const NOTHING =
  'non[- ]?adjustable|not adjustable|unadjustable|zero adjust\\p{L}+|no clickers|no adjust(?:ers|ment|ability)(?: at all)?|nicht (?:ein|ver)stellbar|ohne (?:ein|ver)stell\\p{L}+|keine? (?:ein|ver)stell\\p{L}+|(?:non|pas|jamais) réglables?|(?:sans|aucun) réglages?|non regolabil[ei]|senza (?:alcuna )?regolazion[ei]|nessuna regolazione|no (?:ajustables?|regulables?)|sin (?:regulaci(?:ón|ones)|ajustes?|reglajes?)|niet (?:in|ver|af)stelbaar|não (?:ajustáve(?:l|is)|reguláve(?:l|is))|sem (?:regulaç(?:ão|ões)|regulage(?:m|ns)|ajustes?)|(?:bez|brak) (?:możliwości )?regulacji|nieregulowan\\p{L}+|(?:ej|inte|ikke|icke) (?:juster|ställ|inställ|indstill)bar\\p{L}*|ei (?:säädettäv\\p{L}+|säätöjä)|nenastaviteln\\p{L}+|bez (?:nastavení|seřízení)';
const CUE =
  'adjust\\p{L}*|clickers?|knobs?|dials?|(?:ein|ver)stell\\p{L}*|réglab\\p{L}+|réglages?|regolab\\p{L}+|regolazion\\p{L}+|ajust\\p{L}+|regul\\p{L}+|\\p{L}*stelba(?:ar|re)|justerbar\\p{L}*|\\p{L}*ställbar\\p{L}*|indstill\\p{L}+|innstill\\p{L}+|säädet\\p{L}+|säätö\\p{L}*|(?:na)?staviteln\\p{L}+|only|nur|seulement|solo|has|with|gets|hat|mit|avec|con|met|med|vorspannbar\\p{L}*';
const NOT_IT =
  '(?:no|without|ohne|keine|sans|pas de|senza|niente|sin|sem|zonder|geen|bez|brak|utan|ingen|uden|ei|ilman) (?:any )?';

/** What a word of these tells of: an end, both of them, what can be turned there, or that something can. */
export type Kind =
  | 'fork'
  | 'shock'
  | 'both'
  | 'preload'
  | 'rebound'
  | 'compression'
  | 'all'
  | 'nothing'
  | 'cue';
const sided = (side: string): string =>
  `(?:${side})[- ](?:${SUSPENSION})|(?:${SUSPENSION}),? ?\\(?(?:${side})\\)?`;
/** Those words, tried in this order: the ones that say most first. */
export const WORDS: readonly (readonly [Kind, RegExp])[] = (
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

/** What denies the word behind it. */
export const DENIED = new RegExp(`${worded(NOT_IT).source.replace(/\(\?!.*$/u, '')}$`, 'iu');
/** Something else that can be turned. */
export const ANOTHER_PART =
  '(?:brake |clutch |hand)?levers?|clutch|brakes?|(?:wind)?screen|windshield|seat|saddle|handlebars?|(?:brems|kupplungs)?hebel|kupplung|(?:wind)?(?:schild|scheibe)|sitz(?:bank|höhe)?|lenker|leviers?|bulle|pare-brise|selle|guidon|leve|cupolino|parabrezza|sella|manubrio|manetas?|pantalla|asiento|manillar|hendels?|windscherm|zadel|assento|banco|manetes?|siedzenie|kanapa|szyba|traction|ratio';
