import { worded, type FactPhrase } from '../vocabulary';

/** Phrases that state a fact by themselves, in German. */
export const GERMAN_FACTS: readonly FactPhrase[] = [
  ['chainPitch', '520', /\bkette[^\d]{0,8}520\b/iu],
  ['chainPitch', '525', /\bkette[^\d]{0,8}525\b/iu],
  ['cooling', 'liquid', worded('(?:flüssigkeits|wasser)(?:gekühlt\\p{L}*|kühlung)')],
  ['cooling', 'air-oil', worded('(?:luft[-/ ](?:und )?öl|öl)(?:gekühlt\\p{L}*|kühlung)')],
  ['cooling', 'air', worded('luft(?:gekühlt\\p{L}*|kühlung)')],
  [
    'layout',
    'parallel-twin',
    worded(
      '(?:parallel-?|reihen-?)(?:twin|(?:zwei|2-?)zylinder)\\p{L}*|zweizylinder-?reihen\\p{L}*|zweizylinder in reihe|(?:zweizylinder|2-?zyl(?:inder)?\\.?)(?:[- ](?:viertakt|4-?takt))?[- ]?reihen\\p{L}*',
    ),
  ],
  ['layout', 'v-twin', worded('v-?(?:2|zweizylinder|twin)\\p{L}*|zweizylinder-v\\p{L}*')],
  ['layout', 'boxer-twin', worded('boxer\\p{L}*')],
  ['layout', 'triple', worded('(?:reihen)?dreizylinder\\p{L}*')],
  ['layout', 'four', worded('(?:reihen)?vierzylinder\\p{L}*')],
  ['layout', 'single', worded('einzylinder\\p{L}*|1-?zyl(?:inder\\p{L}*)?')],
  [
    'fuelling',
    'injection',
    worded('(?:kraftstoff|benzin|elektronische )?-?einspritz\\p{L}*|einspritzer'),
  ],
  ['fuelling', 'carburettor', worded('\\p{L}*vergaser')],
  ['starter', 'both', worded('(?:e-?|elektro)starter (?:und|\\+|&) kick(?:starter)?')],
  ['starter', 'electric', worded('(?:e-?|elektro)-?start(?:er)?')],
  ['starter', 'kick', worded('kickstarter')],
  ['finalDrive', 'shaft', worded('kardan(?:antrieb|welle)?')],
  ['finalDrive', 'belt', worded('(?:zahn)?riemen(?:antrieb)?')],
  ['finalDrive', 'chain', worded('ketten?antrieb|kette|x-ring-kette|o-ring-kette')],
  ['forkType', 'upside-down', worded('(?:upside-?down|usd)-?(?:tele)?gabel')],
  ['forkType', 'conventional', worded('telegabel|teleskopgabel')],
  ['shockType', 'single', worded('(?:zentral|mono)-?feder(?:bein|ung)|zentralfederbein')],
  ['shockType', 'twin', worded('(?:zwei|doppel)-?federbeine?')],
  [
    'wheelType',
    'spoked-tubeless',
    worded(
      'schlauchlose speichen\\p{L}*|speichen(?:räder|felgen),? (?:schlauchlos|ohne schl[aä]uche?)|kreuzspeichen\\p{L}*',
    ),
  ],
  ['wheelType', 'spoked-tubes', worded('speichen(?:räder|felgen|rad)|drahtspeichen\\p{L}*')],
  ['wheelType', 'cast', worded('(?:alu-?)?guss(?:räder|felgen)')],
  [
    'brakeFront',
    'twin-disc',
    worded(
      'doppel(?:brems)?scheiben?(?:bremse)?|zwei (?:\\d{3}(?:er|[- ]?mm)[- ]?)?(?:brems)?scheiben',
    ),
  ],
  ['brakeFront', 'single-disc', worded('(?:einfach|einzel)(?:brems)?scheiben?(?:bremse)?')],
  ['brakeFront', 'drum', worded('trommelbremse vorn(?:e)?|vorn(?:e)? trommelbremse')],
  ['abs', 'none', worded('(?:kein|ohne) abs')],
  ['tractionControl', 'none', worded('(?:keine|ohne) traktionskontrolle')],
  [
    'tractionControl',
    'switchable',
    worded('abschaltbare traktionskontrolle|traktionskontrolle,? abschaltbar'),
  ],
  ['cruiseControl', 'no', worded('(?:kein|ohne) tempomat')],
  ['cruiseControl', 'yes', worded('tempomat')],
  ['ridingModes', 'yes', worded('fahrmod(?:i|us|en)')],
  ['handGuards', 'plastic', worded('hand(?:schützer|protektoren|guards)')],
  [
    'sumpGuard',
    'alloy',
    worded(
      '(?:alu|aluminium)-?(?:motorschutz|unterfahrschutz)\\p{L}*|(?:motor|unterfahr)schutz(?:platte)? (?:aus )?alu\\p{L}*',
    ),
  ],
  [
    'screen',
    'adjustable',
    worded('verstellbares? (?:windschild|scheibe)|(?:windschild|scheibe) verstellbar'),
  ],
  ['passenger', 'no', worded('kein soziusbetrieb|einsitzer')],
  ['layout', 'single', worded('eintopf|dampfhammer')],
  ['cooling', 'air-oil', worded('luft-? ?(?:/|und|-) ?öl-?(?:kühlung|gekühlt\\p{L}*)')],
  ['starter', 'electric', worded('elektrischer (?:anlasser|starter)')],
  [
    'starter',
    'both',
    worded(
      '(?:e-?|elektro-?|elektrischer )?(?:start(?:er)?)? ?(?:und|\\+|&) kick-?starter|e- (?:und|\\+|&) kick-?start(?:er)?|elektro- und kick-?starter',
    ),
  ],
  ['forkType', 'conventional', worded('konventionelle (?:tele)?gabel')],
  ['shockType', 'twin', worded('zwei federbeine(?: hinten)?|stereofederbeine')],
  [
    'linkage',
    'linkage',
    worded(
      'umlenkhebel|pull-?down-umlenkung|pro-?gressive umlenkung|(?:federbein )?mit umlenkung|über umlenk\\p{L}+',
    ),
  ],
  [
    'linkage',
    'direct',
    worded(
      '(?:direkt|ohne umlenk\\p{L}+) (?:angelenkt\\p{L}*|angelenkt\\p{L}* federbein)|direkt angelenkt\\p{L}*|ohne umlenk(?:ung|hebel)|keine umlenkung',
    ),
  ],
  [
    'brakeFront',
    'single-disc',
    worded('eine (?:brems)?scheibe vorne?|vorne? (?:nur |bloß )?eine (?:brems)?scheibe'),
  ],
  ['socket', 'usb', worded('usb-?(?:c-)?(?:buchse|anschluss|steckdose|ladebuchse|port)')],
  ['socket', 'twelve-volt', worded('(?:12[- ]?v(?:olt)?-?|bord)-?steckdose')],
  [
    'screen',
    'adjustable',
    worded('(?:höhen)?verstellbares? (?:windschild|scheibe|windschutzscheibe)'),
  ],
  [
    'subframe',
    'bolted',
    worded(
      '(?:ge|ver|an)schraubter (?:heck)?rahmen(?:heck)?|(?:ge|ver|an)schraubtes (?:rahmen)?heck|heckrahmen (?:ist )?(?:ge|ver|an)schraubt|abnehmbares? (?:heckrahmen|rahmenheck)',
    ),
  ],
  [
    'subframe',
    'welded',
    worded(
      '(?:an|ver)geschweißter? heckrahmen|angeschweißt(?:er|es) (?:heckrahmen|rahmenheck)|heckrahmen (?:ist )?(?:an|ver)geschweißt',
    ),
  ],
  [
    'tractionControl',
    'switchable',
    worded(
      'traktionskontrolle (?:ist )?(?:abschaltbar|deaktivierbar)|deaktivierbare traktionskontrolle',
    ),
  ],
  ['wheelType', 'spoked-tubes', worded('speichenräder mit schläuchen|speichen mit schlauch')],
  ['passenger', 'yes', worded('soziusplatz|soziussitz|soziusrasten')],
  ['ridingModes', 'no', worded('(?:keine|ohne) fahrmodi')],
  [
    'wheelType',
    'spoked-tubeless',
    worded('speichen(?:räder|felgen) für schlauchlos\\p{L}*(?: reifen)?'),
  ],
  ['brakeFront', 'single-disc', worded('bremse vorne?: einscheiben(?:bremse)?')],
  ['abs', 'none', worded('abs:? (?:nein|keins|nicht vorhanden)')],
  ['fuelling', 'carburettor', worded('(?:noch )?mit vergaser')],
  ['ridingModes', 'yes', worded('(?:zwei |drei |vier |fünf )?(?:fahrprogramme|motormodi)')],
  ['passenger', 'no', worded('nur für eine person zugelassen|zulassung für eine person')],
];
