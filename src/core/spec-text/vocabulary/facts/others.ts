import { worded, type FactPhrase } from '../vocabulary';

/** Phrases that state a fact by themselves, in Dutch, Portuguese, Polish, Swedish, Norwegian, Danish, Finnish and Czech. */
export const OTHERS_FACTS: readonly FactPhrase[] = [
  ['sumpGuard', 'alloy', worded('hasplåt (?:i|av) alumini\\p{L}*')],
  [
    'cooling',
    'liquid',
    worded(
      '(?:vloeistof|water)gekoelde?|refrigera(?:ção|do) (?:a )?(?:líquid[ao]|água)|arrefecimento (?:a )?(?:líquido|água)|chłodzon[ya] cieczą|chłodzenie cieczą|vätskekyl\\p{L}*|væskekjølt|vannkjølt|vandkølet|væskekølet|(?:neste|vesi)jäähdyt\\p{L}*|(?:kapalinou|vodou) chlazen\\p{L}*',
    ),
  ],
  [
    'cooling',
    'air',
    worded(
      'luchtgekoelde?|refrigera(?:ção|do) a ar|arrefecimento a ar|chłodzon[ya] powietrzem|luftkyl\\p{L}*|luftkølet|luftkjølt|ilmajäähdyt\\p{L}*|vzduchem chlazen\\p{L}*',
    ),
  ],
  [
    'layout',
    'single',
    worded(
      'eencilinder|monocilíndrico|monocilindro|jednocylindrowy|encylindrig|encylindret|ensylindret|yksisylinteri\\p{L}*|jednoválec\\p{L}*',
    ),
  ],
  [
    'layout',
    'parallel-twin',
    worded(
      'paralleltwin|staande twin|tweecilinder lijn|bicilíndrico paralelo|dois cilindros paralelos|rzędowy dwucylindrowy|parallelltwin|paralleltwin|rivikaksikko|řadový dvouválec',
    ),
  ],
  ['layout', 'v-twin', worded('tweecilinder v|v-?tweecilinder|v-kaksikko|vidlicový dvouválec')],
  [
    'fuelling',
    'injection',
    worded(
      '(?:brandstof)?injectie|injeção(?: eletrônica)?|wtrysk(?: paliwa)?|(?:bränsle)?insprutning|(?:drivstoff)?innsprøyt(?:n)?ing|(?:brændstof)?indsprøjtning|(?:polttoaineen)?(?:suihkutus|ruiskutus)|vstřikování(?: paliva)?',
    ),
  ],
  [
    'fuelling',
    'carburettor',
    worded('carburateur|gaźnik|förgasare|forgasser|karburator|kaasutin|karburátor'),
  ],
  [
    'finalDrive',
    'chain',
    worded('ketting(?:aandrijving)?|corrente|łańcuch|kedjedrift|kædetræk|kjededrift|ketjuveto'),
  ],
  ['finalDrive', 'shaft', worded('cardan(?:aandrijving)?|eixo cardã|wał kardana')],
  [
    'starter',
    'electric',
    worded(
      'elektrische start|partida elétrica|arranque elétrico|rozrusznik elektryczny|elstart|elektrisk start|sähkökäynnistys|sähköstartti|elektrický startér',
    ),
  ],
  [
    'wheelType',
    'spoked-tubes',
    worded('spaakwielen|rodas raiadas|szprych(?:y|ow[ey])|ekerhjul|egerhjul|eikehjul'),
  ],
  [
    'wheelType',
    'cast',
    worded(
      'gietwielen|rodas de liga(?: leve)?|felgi aluminiowe|gjutna(?: (?:hjul|fälgar))?|støpte felger|støbte (?:fælge|hjul)',
    ),
  ],
  ['abs', 'none', worded('geen abs|zonder abs|sem abs|bez abs|utan abs')],
  [
    'layout',
    'single',
    worded(
      '1-?cilinder|jednocylindrow\\p{L}+|1-cylindrow\\p{L}+|encylindrig\\p{L}*|1-cylindrig|ensylindr\\p{L}+|encylindret|1-sylinterinen|mono ?cilindr(?:o|ico)|1-?válec',
    ),
  ],
  [
    'layout',
    'parallel-twin',
    worded(
      '(?:dwucylindrow\\p{L}+|2-cylindrow\\p{L}+),? (?:silnik )?rzędow\\p{L}+|rzędow\\p{L}+ (?:silnik )?(?:dwucylindrow\\p{L}+|twin)|rzędowa dwójka|parallel-?twin|parallell-?twin|tweecilinder-?in-?lijn|(?:tweecilinder|2-cilinder) (?:parallel|in lijn|lijnmotor)|parallelle tweecilinder|parallell tvåa|radtvåa|rektvilling|bicilindric[oa] (?:em linha|paralel[oa])|(?:dois|2) cilindros (?:em linha|paralelos)|rivikaksi\\p{L}*|řadový (?:dvouválec|motor)|dvouválec řadový|rækketwin',
    ),
  ],
  [
    'layout',
    'v-twin',
    worded(
      'v-?twin|bicilindric[oa] em v|silnik v2|dwucylindrow\\p{L}+ w układzie v|v-tvåa|v-motor',
    ),
  ],
  ['layout', 'boxer-twin', worded('boxer(?:motor|moottori)?|bokser|silnik boxer|bokserimoottori')],
  [
    'layout',
    'triple',
    worded(
      'driecilinder\\p{L}*|tricilíndrico|trzycylindrow\\p{L}+|trecylindr\\p{L}+|tresylindr\\p{L}+|kolmisylinteri\\p{L}+|tříválec\\p{L}*',
    ),
  ],
  [
    'cooling',
    'air-oil',
    worded(
      'lucht-?/? ?olie ?-?gekoeld|(?:refrigerad[oa]|refrigeração|arrefecimento) (?:a|por) (?:ar e óleo|ar/óleo|óleo)|chłodzon[ya] (?:powietrzem i olejem|olejem)|luft-?(?: och |/)?olje-?kyl\\p{L}*|ilma-öljyjäähdyt\\p{L}*|vzduchem a olejem chlazen\\p{L}*',
    ),
  ],
  [
    'starter',
    'both',
    worded(
      'elektrische start en kick\\p{L}*|elstart och kick\\p{L}*|elektrisk start og kick\\p{L}*|rozrusznik elektryczny i (?:nożny|kopniak)|partida elétrica e (?:a )?pedal|sähkö- ja polkukäynnistys',
    ),
  ],
  [
    'starter',
    'kick',
    worded('kickstarter|rozrusznik nożny|partida a pedal|kickstart|polkukäynnistys'),
  ],
  [
    'forkType',
    'upside-down',
    worded(
      '(?:upside-?down|usd|omgekeerde) ?-?(?:voor)?vork|(?:voor)?vork (?:\\d{2} ?mm )?(?:upside-?down|usd)|(?:forquilha|garfo|suspensão|bengalas?) (?:telescópic[oa] )?(?:invertid[oa]s?|usd)|widelec(?: teleskopow\\p{L}+)? (?:usd|upside-?down|odwrócony)|(?:odwrócony|upside-?down) widelec|(?:usd|upside-?down|inverterad|omvänd)-? ?(?:fram)?gaffel|(?:usd|upside-?down|omvendt)-? ?(?:for)?gaffel|(?:fram|for)?gaffel (?:\\d{2} ?mm )?usd|(?:usd|ylösalainen|upside-?down)-?(?:etu)?haarukka|(?:obrácená|usd|upside-?down) vidlice|vidlice (?:\\d{2} ?mm )?(?:usd|upside-?down)',
    ),
  ],
  [
    'forkType',
    'conventional',
    worded(
      'telescoop(?:voor)?vork|telegaffel|conventionele (?:voor)?vork|(?:garfo|forquilha) (?:telescópic[oa]|convencional)|widelec (?:teleskopowy|klasyczny)|teleskop(?:fram|for)?gaffel|konventionell (?:fram)?gaffel|teleskooppi(?:haarukka)?|teleskopická vidlice',
    ),
  ],
  [
    'shockType',
    'single',
    worded(
      'mono-?(?:schok)?demper|centrale schokdemper|mono-?amortecedor|(?:pojedynczy|centralny) amortyzator|mono-?(?:stöt)?dämpare|centralfjäder\\p{L}*|mono-?støtdemper|mono-?støddæmper|monoiskari|centrální tlumič|jeden tlumič',
    ),
  ],
  [
    'shockType',
    'twin',
    worded(
      '(?:dubbele|twee) schokdempers|(?:dois|duplo) amortecedor(?:es)?|dwa amortyzatory|(?:dubbla|två) stötdämpare|to (?:støtdempere|støddæmpere)|kaksi iskaria|dva tlumiče',
    ),
  ],
  [
    'linkage',
    'linkage',
    worded(
      '(?:met|via) (?:een )?linksysteem|met link(?:age)?|com links?|z dźwignią|(?:med )?länkage|med (?:link|linkage)',
    ),
  ],
  [
    'wheelType',
    'spoked-tubeless',
    worded(
      'tubeless spaakwielen|spaakwielen,? (?:tubeless|zonder binnenband)|rodas raiadas (?:tubeless|sem câmara)|(?:koła )?szprychow\\p{L}+,? (?:bezdętkow\\p{L}+|tubeless)|bezdętkow\\p{L}+ (?:koła )?szprychow\\p{L}+|ekerhjul,? (?:slanglösa|tubeless)|slanglösa ekerhjul|slangeløse eikerhjul|eikerhjul,? slangeløse|pinnavanteet,? (?:tubeless|sisärenkaattomat)|drátěná kola,? (?:bezdušová|tubeless)',
    ),
  ],
  [
    'wheelType',
    'spoked-tubes',
    worded(
      'spaakwielen|gespaakte wielen|spaken|koła szprychowe|eikerhjul|pinnavanteet|drátěná kola|vyplétaná kola|paprsková kola',
    ),
  ],
  [
    'wheelType',
    'cast',
    worded(
      'gegoten (?:velgen|wielen)|lichtmetalen velgen|rodas (?:de|em) alumínio|felgi (?:odlewane|aluminiowe)|odlewane (?:felgi|koła)|aluminiumfälgar|lättmetallfälgar|valuvanteet|litá kola|hliníkov[áé] (?:disky|kola)',
    ),
  ],
  [
    'brakeFront',
    'twin-disc',
    worded(
      '(?:dubbele|twee|2) (?:voor)?schij(?:f|ven)(?:rem(?:men)?)?(?: voor)?|dubbele schijfrem|(?:duplo|dois|2) discos?(?: (?:à frente|dianteiros?|na frente))|disco duplo|(?:dwie|podwójn\\p{L}+|2) tarcz\\p{L}+|dubbla (?:broms)?skivor|(?:två|2) (?:broms)?skivor|dobbelt? skivebrems|(?:to|2) (?:bremse)?skiver|dobbelt skive(?:bremse)?|kaksois(?:levy\\p{L}*)?|(?:kaksi|2) jarrulevyä|(?:dva|2) kotouč\\p{L}+|dvojitý kotouč',
    ),
  ],
  [
    'brakeFront',
    'single-disc',
    worded(
      'enkele (?:rem)?schijf(?:rem)? voor|(?:um|1) disco (?:à frente|dianteiro)|(?:pojedyncza|jedna) tarcza (?:z przodu|przód)|enkel skiva fram|en skive foran|yksi levy edessä|jeden kotouč vpředu',
    ),
  ],
  [
    'cruiseControl',
    'no',
    worded(
      '(?:geen|zonder) cruise ?control|sem (?:cruise ?control|controlo de cruzeiro|piloto automático)|bez tempomatu|brak tempomatu|ingen (?:farthållare|cruisekontroll|fartpilot)|utan farthållare|ei vakionopeudensäädin\\p{L}*',
    ),
  ],
  [
    'cruiseControl',
    'yes',
    worded(
      'cruise ?control|farthållare|cruisekontroll|fartpilot|vakionopeudensäädin|controlo de cruzeiro',
    ),
  ],
  [
    'tractionControl',
    'none',
    worded(
      '(?:geen|zonder) tractiecontrole|sem (?:controlo|controle) de tração|bez kontroli trakcji|brak kontroli trakcji|ingen (?:traction control|antispinn)|ei luistonesto\\p{L}*',
    ),
  ],
  [
    'ridingModes',
    'yes',
    worded(
      'rijmodi|modos de (?:condução|pilotagem)|tryby jazdy|körlägen|kjøremodus(?:er)?|køreprogrammer|ajotilat|jízdní režimy',
    ),
  ],
  [
    'socket',
    'usb',
    worded(
      'usb-(?:aansluiting|poort|uttag|uttak|stik|liitäntä)|gniazdo usb|tomada usb|porta usb|usb zásuvka',
    ),
  ],
  ['layout', 'single', worded('eenpitter|ééncilinder|singiel|jednoválcov\\p{L}*')],
  ['layout', 'parallel-twin', worded('parallelle twin')],
  [
    'cooling',
    'liquid',
    worded('arrefecimento (?:por|a) (?:líquido|água)|vattenkyld|chlazení kapalinou'),
  ],
  ['finalDrive', 'chain', worded('napęd(?:owy)? łańcuch\\p{L}*|kedja|kjede|kæde|řetěz\\p{L}*')],
  ['brakeFront', 'twin-disc', worded('dubbelskiva fram|dobbel skive foran|dobbelt skive for')],
  ['abs', 'none', worded('abs:? (?:nee|não|nie|brak|nej|nei|ei|ne)')],
];
