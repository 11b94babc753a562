import type { Vocabulary } from '../vocabulary';
import { OTHERS_ANSWERS } from './answers';

/** Labels of facts of Dutch, Portuguese, Polish, Swedish, Norwegian, Danish, Finnish and Czech sheets; common usage, no source. */
export const OTHERS_FACT_LABELS: Vocabulary['factLabels'] = {
  ...OTHERS_ANSWERS,
  layout: {
    labels:
      'motor|motortype|type motor|tipo de motor|silnik|typ silnika|motortyp|moottori|moottorityyppi|typ motoru',
    options: {
      'parallel-twin':
        'parallel-?twin|parallelle tweecilinder|tweecilinder in lijn|2-cilinder in lijn|bicilíndrico (?:paralelo|em linha)|dwucylindrowy,? rzędowy|rzędowy,? (?:dwucylindrowy|2-cylindrowy)|parallell-?twin|rivikaksi\\p{L}*|řadový dvouválec',
      'v-twin': 'v-?twin|v2',
      'boxer-twin': 'boxer|bokser',
      triple: 'driecilinder|tricilíndrico|trzycylindrowy|trecylindrig',
      single:
        '(?:een|1)-?cilinder|monocilíndrico|jednocylindrowy|1-cylindrowy|encylindrig|en-?sylindret|encylindret|yksisylinteri\\p{L}*|jednoválec\\p{L}*',
    },
  },
  fuelling: {
    labels:
      'brandstofsysteem|alimentação|zasilanie|układ zasilania|bränslesystem|drivstoffsystem|brændstofsystem|polttoainejärjestelmä|příprava směsi',
    options: {
      injection:
        '(?:brandstof)?injectie|injeção\\p{L}*|wtrysk\\p{L}*|\\p{L}*insprutning|\\p{L}*innsprøyt\\p{L}*|\\p{L}*indsprøjtning|\\p{L}*suihkutus|\\p{L}*ruiskutus|vstřikování|efi',
      carburettor:
        'carburateur|carburador|gaźnik|förgasare|forgasser|karburator|kaasutin|karburátor',
    },
  },
  starter: {
    labels: 'start|starter|startsysteem|partida|arranque|rozruch|rozrusznik|käynnistys|startování',
    options: {
      electric: 'elektrisch|elétric[ao]|elektryczny|elektrisk|el|sähkö\\p{L}*|elektrick[ýé]',
      kick: 'kick\\p{L}*|nożny|pedal|polku\\p{L}*',
    },
  },
  forkType: {
    labels:
      'voorvork|vork|vering voor|voorvering|suspensão dianteira|forquilha|widelec|przednie zawieszenie|zawieszenie przód|zawieszenie przednie|framgaffel|fjädring fram|framfjädring|forgaffel|affjedring for|fjæring foran|etuhaarukka|etujousitus|jousitus edessä|vidlice|přední odpružení|odpružení vpředu|přední vidlice',
    options: {
      'upside-down':
        'upside-?down|usd|omgekeerd\\p{L}*|invertid[oa]|odwrócony|inverterad|omvendt?|ylösalai\\p{L}*|obrácená',
      conventional:
        'telesco\\p{L}+|telescópic[oa]|teleskop\\p{L}*|konventionell|klasyczny|teleskooppi\\p{L}*',
    },
  },
  wheelType: {
    labels:
      'wielen|velgen|rodas|jantes|koła|felgi|obręcze|hjul|fälgar|felger|fælge|vanteet|kola|ráfky',
    options: {
      'spoked-tubeless':
        'spa\\p{L}*,? (?:tubeless|zonder binnenband)|raiad[oa]s?,? (?:tubeless|sem câmara)|szprychow\\p{L}+,? (?:bezdętkow\\p{L}+|tubeless)|eker\\p{L}*,? (?:slanglösa|tubeless)',
      'spoked-tubes':
        'spaak\\p{L}*|spaken|raiad[oa]s|(?:com )?raios|szprych\\p{L}*|eker\\p{L}*|eike\\p{L}*|egerhjul|pinna\\p{L}*|drátěn\\p{L}+|paprskov\\p{L}+',
      cast: 'gegoten|lichtmetaal|gietwielen|liga(?: leve)?|alumínio|odlewane|aluminiowe|gjutna|støpte|støbte|valu\\p{L}*|lit[áé]|hliníkov\\p{L}+',
    },
  },
  brakeFront: {
    labels:
      'voorrem|rem voor|remmen voor|travão dianteiro|travões dianteiros|freio dianteiro|freios dianteiros|hamulec przedni|hamulce przód|hamulec przód|hamulce przednie|przedni hamulec|frambroms|broms fram|bromsar fram|frembremse|bremse foran|bremser foran|forbremse|bremse for|bremser for|etujarru|etujarrut|jarru edessä|jarrut edessä|přední brzda|brzda vpředu|brzdy vpředu',
    options: {
      'twin-disc':
        '(?:dubbele|twee|2) (?:\\d{3} ?(?:mm )?)?(?:rem)?schij(?:f|ven)\\p{L}*|(?:dois|duplo|2) discos?|disco duplo|(?:dwie|podwójn\\p{L}+|2) (?:\\p{L}+ )?tarcz\\p{L}*|(?:dubbla|två|2) (?:broms)?skivor|(?:to|2|dobbelt?) (?:bremse)?skive\\p{L}*|kaksois\\p{L}*|(?:kaksi|2) levyä|(?:dva|2|dvojitý) kotouč\\p{L}*|2 ?x ?\\d{3}',
      'single-disc':
        '(?:enkele )?(?:rem)?schijf\\p{L}*|disco|tarcza|\\p{L}*skiva|\\p{L}*skive|levy\\p{L}*|kotouč\\p{L}*',
      drum: 'trommel\\p{L}*|tambor|bęben\\p{L}*|trumma|rumpu\\p{L}*|buben',
    },
  },
  tyreFront: {
    labels:
      'voorband|band voor|pneu dianteiro|pneu da frente|opona przednia|opona przód|framdäck|däck fram|framdekk|forhjulsdekk|dekk foran|fordæk|forhjulsdæk|dæk for|eturengas|rengas edessä|přední pneumatika|pneumatika vpředu|přední pneu',
  },
  tyreRear: {
    labels:
      'achterband|band achter|pneu traseiro|pneu de trás|opona tylna|opona tył|bakdäck|däck bak|bakdekk|bakhjulsdekk|dekk bak|bagdæk|baghjulsdæk|dæk bag|takarengas|rengas takana|zadní pneumatika|pneumatika vzadu|zadní pneu',
  },
  cooling: {
    labels:
      'koeling|koelsysteem|refrigeração|arrefecimento|sistema de arrefecimento|chłodzenie|układ chłodzenia|kylning|kylsystem|kjøling|kjølesystem|køling|kølesystem|jäähdytys|chlazení',
    options: {
      liquid:
        'vloeistof|water|líquid[ao]|água|cieczą|ciecz|vätske?\\p{L}*|vatten\\p{L}*|væske\\p{L}*|vand\\p{L}*|vann\\p{L}*|neste\\p{L}*|vesi\\p{L}*|kapalin\\p{L}*|vod(?:ou|ní)',
      air: 'lucht|ar|powietrzem|powietrze|luft\\p{L}*|ilma\\p{L}*|vzduch\\p{L}*',
    },
  },
  finalDrive: {
    labels:
      'eindoverbrenging|transmissão final|napęd|przeniesienie napędu|slutdrivning|slutväxel|kraftöverföring|sluttdrift|kraftoverføring|sekundærdrift|slutdrev|sekundærtræk|bagtræk|voimansiirto|toisioveto|sekundární převod|pohon zadního kola|pohon',
    options: {
      chain: 'ketting|corrente|łańcuch\\p{L}*|kedja|kjede|kæde|ketju|řetěz\\p{L}*',
      shaft: 'cardan|cardã|wał|kardan\\p{L}*|kardaani\\p{L}*',
      belt: 'riem|correia|pas|rem|reim|hihna|řemen',
    },
  },
};
