import { GERMAN_ANSWERS } from './facts/answers';
import { GERMAN_PROTECTION } from './facts/protection';
import { GERMAN_FACTS } from './facts/german';
import { combined, type Vocabulary } from './vocabulary';

export const GERMAN: Vocabulary = {
  labels: {
    mass: 'gewicht|masse|leergewicht=ready|trockengewicht=dry|fahrfertig=ready|wiegt|wiege|wiegen|gewicht fahrfertig=ready|gewicht vollgetankt=ready|gewicht trocken=dry|gewicht fahrbereit=ready|fahrzeuggewicht|eigengewicht|gewicht leer|leermasse=ready|masse fahrbereit=ready|gewicht ohne kraftstoff=dry|gewicht ohne benzin=dry|kampfgewicht|bringt auf die waage|gesamtgewicht fahrbereit=ready',
    maxMass:
      'darf sie wiegen|max zulassig|zulassig|maximal zulassiges gewicht|maximales gesamtgewicht|zulassiges gesamtgewicht|zul gesamtgewicht|zulassige gesamtmasse|gesamtgewicht|zgg|max gesamtgewicht|hochstzulassiges gesamtgewicht|zul gesamtmasse|zul gg|zulassiges gg|zgg|zgm|zul gesamtgew',
    payload:
      'darf zuladen|mogliche zuladung|zuladung betragt|zuladung|zuladen darf man|~zuladen|nutzlast|max zuladung inkl fahrer|max zuladung inklusive fahrer|zuladung inkl fahrer|max zuladung|maximale zuladung',
    power:
      'spitzenleistung|leistung|~ps|~kw|nennleistung|motorleistung|hochstleistung|max leistung|maximale leistung|leistet|maximalleistung',
    powerRpm: 'nenndrehzahl|leistung bei',
    rpm: 'bei drehzahl|drehzahl',
    unrestrictedPower:
      'offene leistung|leistung offen|ungedrosselt|~offen|entdrosselt|volle leistung',
    torque: 'drehmoment|max drehmoment|maximales drehmoment|hochstes drehmoment|max drehmoment bei',
    torqueRpm: 'drehmoment bei',
    redline: 'hochstdrehzahl|drehzahlgrenze|max drehzahl|maximaldrehzahl|begrenzer',
    idleSpeed: 'leerlaufdrehzahl|leerlauf|standgas',
    displacement: 'hubraum',
    cylinders: 'zylinderzahl|anzahl zylinder',
    compression: 'verdichtung|verdichtungsverhaltnis',
    gears: '~getriebe|gange|anzahl gange',
    primaryRatio: 'primarubersetzung|primarantrieb',
    finalGearing: 'sekundarubersetzung|endubersetzung',
    sprockets: 'ritzel kettenrad|ubersetzung|sekundarantrieb',
    sprocketFront: 'originalritzel|serienritzel|ritzel|kettenritzel|ritzel vorn',
    sprocketRear: 'kettenrad|kettenblatt|kettenrad hinten',
    chainLinks: '~kette',
    seatHeight:
      '~sitzbank|~sitzpolster|sitzhohe|sitzh|~sitz|sitzbankhohe|sattelhohe|sitzhohe unbeladen|sitzhohe liegt bei|niedrige sitzbank=low-seat|niedrige bank=low-seat|niedriger sitzbank=low-seat|niedriger bank=low-seat|niedrigen sitzbank=low-seat|niedrigen bank=low-seat|niedrigere sitzbank=low-seat|niedrigere bank=low-seat|niedrigerer sitzbank=low-seat|niedrigerer bank=low-seat|niedrigeren sitzbank=low-seat|niedrigeren bank=low-seat|tiefe sitzbank=low-seat|tiefe bank=low-seat|tiefer sitzbank=low-seat|tiefer bank=low-seat|tiefen sitzbank=low-seat|tiefen bank=low-seat|flache sitzbank=low-seat|flache bank=low-seat|flacher sitzbank=low-seat|flacher bank=low-seat|flachen sitzbank=low-seat|flachen bank=low-seat|niedriger sitz=low-seat|niedrigem sitz=low-seat|niedrigen sitz=low-seat|niedrige sitzhohe=low-seat|sitzhohe niedrig=low-seat',
    tank: '~in den tank passen|passen in den tank|in den tank passen|~tank mit|tankinhalt|tank|tankvolumen|kraftstoffvorrat|tank fasst|kraftstofftank|tankkapazitat|kraftstoffbehalter|tankgrosse|benzintank',
    consumption:
      'spritkonsum|~schluckt|~verbrauche|durst|verbrauche|verbrauch|kraftstoffverbrauch|durchschnittsverbrauch=mixed|testverbrauch|normverbrauch=cycle|benzinverbrauch|spritverbrauch|verbraucht|verbrauch wmtc=cycle|braucht',
    statedRange:
      '~mit einer tankfullung|pro tankfullung|~tankfullung reicht fur|~tankfullung reicht|reichweite|theoretische reichweite|tankreichweite',
    travel:
      '~fahrwerk|fw|federweg|federwege|federwege vorn hinten|federweg v h|federwege v h|federung',
    travelFront: 'federweg v|federweg vorn|federweg vorne|federweg gabel',
    travelRear: 'federweg h|federweg hinten|federweg federbein',
    clearance:
      'luft unterm motor|luft unter dem motor|unterm motorschutz|unter dem motorschutz|bodenfreiheit',
    wheels: 'rader|felgen|felge|radgrosse|raddurchmesser',
    wheelFront: 'vorderrad|rad vorn|felge vorn|felge vorne',
    wheelRear: 'hinterrad|rad hinten|felge hinten',
    wheelbase: 'radstand',
    rake: 'lenkkopfwinkel|steuerkopfwinkel',
    trail: 'nachlauf',
    forkRate: 'federrate gabel|gabelfeder|gabelfedern',
    shockRate: 'federrate federbein|federbeinfeder|federrate hinten',
    springs: 'federrate',
    pressures: 'reifendruck|luftdruck|reifenluftdruck',
    alternator: 'generatorleistung|lichtmaschine|lichtmaschinenleistung|generator|lima',
    battery: 'batterie|akku',
    axleLimits: 'achslast|zulassige achslast|achslasten|zul achslast',
    rackLimit:
      'gepacktragerlast|' +
      combined(
        'gepacktrager|gepackbrucke',
        'max|max last|max zuladung|max belastung|max belastbarkeit|belastbarkeit|zuladung|tragfahigkeit|traglast',
      ) +
      '|' +
      combined(
        'max zuladung|zuladung|max last|max belastung|belastbarkeit|tragfahigkeit|traglast|max gewicht',
        'gepacktrager|gepackbrucke|auf gepacktrager|auf der gepackbrucke|auf dem gepacktrager|der gepackbrucke|des gepacktragers',
      ),
    service:
      'inspektion|inspektion alle|wartung|inspektionsintervall|wartungsintervall|service alle|wartungsintervalle|serviceintervall|inspektionsintervalle|inspektionen alle|kundendienst alle',
    valves:
      'ventilspiel|ventilspielkontrolle|ventilspielprüfung|ventilspiel prüfen|ventilkontrolle|ventilspiel alle|ventile',
    oil: 'olwechsel|olwechsel alle|olwechselintervall',
    oilCapacity: 'olmenge|motorol|olfullmenge|olinhalt',
    price:
      'vp=asked|verkaufspreis=asked|~gebe sie fur=asked|~gebe ihn fur=asked|~gebe die fur=asked|~gebe es fur=asked|~jetzt nur noch=asked|will er dafur=asked|will sie dafur=asked|wollen sie dafur=asked|willst du dafur=asked|soll sie kosten=asked|soll die kosten=asked|kostenpunkt|~gezahlt=paid|~bezahlt=paid|~aufgerufen=asked|inseriert fur=asked|strassenpreis|kostete neu=list|neu gekostet=list|~kostete|preis|liegt neu bei=list|neu bei=list|grundpreis=list|listenpreis=list|neupreis=list|uvp=list|uvp inkl mwst=list|preis inkl mwst=list|preisempfehlung=list|unverbindliche preisempfehlung=list|unverb preisempfehlung=list|kaufpreis|vb=asked|vhb=asked|festpreis=asked|verkaufspreis|fp=asked|kostet|kosten tut sie|kosten tut er|kosten soll sie|kosten soll er|grundpreis ab=list|verhandlungsbasis=asked|preisvorstellung=asked|fur',
    usedPrice: 'gebrauchtpreis|gebraucht ab|gebraucht',
    warranty: 'garantie|gewahrleistung',
    madeFrom: 'gebaut ab|gebaut seit|bauzeit ab|produziert ab',
    madeUntil: 'gebaut bis|bauzeit bis|produziert bis',
    barHeight: 'lenkerhohe',
    pegHeight: 'fussrastenhohe|rastenhohe',
    luggageVolume: 'kofferinhalt|koffervolumen|gepackvolumen',
    unlockPrice: 'entdrosselung',
    rakeAndTrail: 'lenkkopfwinkel nachlauf',
  },
  front: 'vorn|vorne|vorder|gabel|telegabel|v',
  rear: 'zentralfederbein|hinten|hinter|federbein|heck|h',
  bases: {
    'own-fills': 'ausgelitert|selbst gemessen|ausgerechnet',
    'ready-90':
      'in fahrbereitem zustand|90 vollgetankt|90 betankt|90 tankfullung|90 tank|90 kraftstoff|90 tankinhalt|tank zu 90|90 gefullt',
    dry: 'trocken|ohne kraftstoff|ohne benzin|ohne sprit|leer ohne benzin|ohne betriebsstoffe|unbetankt',
    ready:
      'voll betankt|mit sprit|startklar|abfahrbereit|mit allen flussigkeiten|mit benzin|vollgetankt|fahrfertig|fahrbereit|betankt|getankt|nass|fahrbereit vollgetankt|mit vollem tank|vollgetankt gemessen|voll getankt|randvoll|vollg|vollget',
    wheel: 'am hinterrad|hinterradleistung|am rad|prufstand',
    crank: 'kurbelwelle|an der kurbelwelle',
    'on-the-road': 'fahrbereit inkl|inkl nebenkosten|inkl uberfuhrung',
    asked: 'mwst nicht ausweisbar|vb|vhb|fp|festpreis|verhandlungsbasis|verhandelbar|fix',
    paid: 'bezahlt|gekauft fur|kostete mich',
    list: 'listenpreis|neupreis|uvp|preisempfehlung|grundpreis',
    'low-seat':
      'niedrigste position|niedrigster position|niedrigsten position|niedrigste stufe|niedrigster stufe|niedrigsten stufe|unterste stufe|untersten stufe|unterster stufe|niedrige sitzbank|niedriger sitzbank|niedrigen sitzbank|niedriger sitz|niedrigem sitz|niedrigen sitz|tiefe sitzbank|tiefer sitzbank|tiefen sitzbank|flache sitzbank|flacher sitzbank|flachen sitzbank|niedrigere sitzbank|niedrigeren sitzbank|tiefergelegt|niedrige version',
    cycle: 'wmtc|normverbrauch|nach norm',
    motorway: 'vollgas|bei 130|bab|autobahntempo|autobahn',
    gentle: 'sparsam|gemutlich',
    mixed: 'durchschnitt|im schnitt|gemischt|kombiniert|landstrasse',
    'taped-travel': 'nachgemessen',
  },
  takers: {
    part: 'bohrung|hub|bohrung x hub|bremsscheibe|scheibe|scheiben|scheibenbremse|standrohr|standrohrdurchmesser|durchmesser|einlass|auslass|breite|gabelrohr|doppelscheibe|bremse|bremsen',
    overall: 'lange|hohe|gesamtlange|gesamthohe|gesamtbreite',
    topSpeed: 'hochstgeschwindigkeit|topspeed|spitze|vmax',
    rider: 'ich bin|ich wiege|fahrergewicht|meine|schrittlange|korpergrosse|mein gewicht|bei mir',
    load: 'zusatztank|l zusatztank|liter zusatztank|reservekanister|kanister|koffer|gepack|sozius|koffersystem|topcase|koffer wiegen|tankrucksack|beifahrer',
    sag: 'negativfederweg|durchhang|sag',
    odometer:
      'kilometerstand|kilometer|km|laufleistung|km stand|tachostand|gelaufen|tkm|kilometer gelaufen',
    trip: 'letzte inspektion|letzte inspektion bei|letzter service|letzter service bei|letzte wartung|letzter kundendienst|nachste inspektion|nachste inspektion bei|nachster service|nachster service bei|letzter olwechsel|olwechsel bei|inspektion bei|wartung bei|gefahren|tour|nach|bei km|uberholt bei|neu bei|service bei',
    spending:
      'pro monat|monatlich|rate|anzahlung|versicherung|steuer|uberfuhrung|nebenkosten|wert|zubehor im wert|arbeitslohn|statt|finanzierung|mtl|monat|war',
    accessory:
      'heizgriffe|auspuff|scheinwerfer|sturzbugel|motorschutz|windschild|navi|handschutz|hauptstander|reifen neu|helm|tasche',
    bolt: 'drehmoment achse|drehmoment hinterachse|drehmoment vorderachse|drehmoment achsmutter|drehmoment radmutter|drehmoment schraube|drehmoment olablassschraube|anziehdrehmoment|anzugsdrehmoment|radmutter|steckachse|achsmutter|anzugsmoment|anziehen mit|schraube',
    reserve: 'reserve|davon reserve|inkl reserve',
    weather: 'temperatur|meereshohe|hohenmeter|grad',
    contact: 'tel|telefon|anruf|nr|plz|anfragen',
    people: 'vorbesitzer|hand|halter|ventile|ventil|takt|jahre|zylinder',
  },
  others:
    'mein kumpel|mein freund|mein bruder|meine frau|mein vater|mein nachbar|meine freundin|mein kollege|als die|als meine|im vergleich|meine alte|vorgangerin|vorganger|alte maschine|frau|konkurrenz|gegenuber',
  hedges: 'etwa|ca|circa|ungefahr|rund|ich glaube|ungf|vielleicht|knapp|gut',
  sale: 'biete|verkaufe|zu verkaufen|vb|vhb|tuv|hu|tuv neu|ez|erstzulassung|vorbesitzer|1 hand|scheckheft|scheckheftgepflegt|kilometerstand|ab mfk|unfallfrei|gepflegt|mwst|bj|baujahr|jg|privatverkauf|laufleistung|tkm',
  trade:
    'motorrad|maschine|hubraum|sitzhohe|bodenfreiheit|federweg|radstand|einzylinder|zweizylinder|kette|enduro|reiseenduro|reifen|gabel|tank|lenker|koffer|u min|nm|ps|vollgetankt|fahrfertig',
  common:
    'und|hatten|hatte|dabei|war|waren|gibt|kein|keine|ganz|schon|immer|wieder|nach|ist|nicht|auf|wir|ich|sie|eine|einen|einem|mit|auch|aber|hat|habe|haben|noch|sind|wenn|oder|bei|für|von|zum|zur|vom|das|sich|wird|nur|kann|dann|mein|meine',
  elsewhere:
    'motorradanhanger|anhanger|akku|rasentraktor|schnittbreite|rasenmaher|rahmengrosse|e mtb|wohnmobil|aussenborder|kettensage|pkw|kombi|wohnung|zimmer|fahrrad|kaltmiete|handy|boot|mehl|backofen|hotel',
  facts: GERMAN_FACTS,
  factLabels: {
    ...GERMAN_ANSWERS,
    ...GERMAN_PROTECTION,
    layout: {
      labels: 'motorbauart|motor|bauart|motortyp',
      options: {
        'parallel-twin':
          'parallel-?zweizylinder|reihenzweizylinder|zweizylinder-reihe|paralleltwin',
        'v-twin': 'v-?2|v-zweizylinder|v-twin',
        'boxer-twin': 'boxer\\p{L}*',
        single: 'einzylinder\\p{L}*',
      },
    },
    cooling: {
      labels: 'kühlung',
      options: {
        'air-oil': 'luft[-/ ](?:und )?öl|öl',
        liquid: 'flüssigkeit\\p{L}*|wasser\\p{L}*',
        air: 'luft\\p{L}*',
      },
    },
    fuelling: {
      labels: 'gemischaufbereitung|kraftstoffsystem|gemischbildung',
      options: { injection: '\\p{L}*einspritzung|einspritzer', carburettor: '\\p{L}*vergaser' },
    },
    starter: {
      labels: 'starter|anlasser|startsystem',
      options: {
        both: 'e-starter und kick\\p{L}*|elektro und kick',
        electric: 'elektrisch|elektro\\p{L}*|e-?starter',
        kick: 'kick\\p{L}*',
      },
    },
    finalDrive: {
      labels: 'endantrieb|sekundärantrieb|hinterradantrieb|antrieb',
      options: {
        chain: '\\p{L}*-?kette|ketten\\p{L}*',
        shaft: 'kardan\\p{L}*|welle',
        belt: '\\p{L}*riemen',
      },
    },
    forkType: {
      labels: 'gabel|federung vorn|federung vorne|vorderradführung',
      options: { 'upside-down': 'upside-?down\\p{L}*|usd\\p{L}*', conventional: 'tele\\p{L}*' },
    },
    wheelType: {
      labels: 'felgen|räder',
      options: {
        'spoked-tubeless': 'speichen\\p{L}*,? schlauchlos',
        'spoked-tubes': '\\p{L}*speichen\\p{L}*',
        cast: '\\p{L}*guss\\p{L}*',
      },
    },
    tyreFront: { labels: 'reifen vorn|reifen vorne|bereifung vorn|bereifung vorne|vorderreifen' },
    tyreRear: { labels: 'reifen hinten|bereifung hinten|hinterreifen' },
    brakeFront: {
      labels: 'bremse vorn|bremse vorne|bremsen vorn|vorderradbremse',
      options: {
        'twin-disc': 'doppel\\p{L}*|zwei scheiben|2 (?:x|scheiben)',
        'single-disc': '\\p{L}*scheibe\\p{L}*',
        drum: 'trommel\\p{L}*',
      },
    },
  },
};
