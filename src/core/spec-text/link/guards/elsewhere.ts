import { nominalRate } from '../../../money';
import { isCurrency } from '../../../units';
import type { Quantity } from '../../lattice/quantity';
import { largest } from '../frames/frame';
import { guarded, type Guard } from './guard';
import { isDistanceOrBare, isLengthOrBare, isMoney, isPower } from './kinds';

// Numbers of an advert or a talk that are of something beside the machine. Several languages to a row; common usage, no source.

/** One pattern for each alternative: by itself each is tried only where its letters are. */
const before = (...alternatives: readonly string[]): readonly RegExp[] =>
  alternatives.map((words) => new RegExp(`(?<!\\p{L})(?:${words}) ?$`, 'iu'));
const behind = (...alternatives: readonly string[]): readonly RegExp[] =>
  alternatives.map((words) => new RegExp(`^ ?(?:${words})(?!\\p{L})`, 'iu'));

const EXTRAS =
  'zubehör|extras?|accessoires?|accessori|accesorios|accessories|teile[n]?|parts|options|umbauten|mods';

/** "Zubehör für 600 €", "factures pour plus de 2 000 €". */
const SPENT_ON = before(
  `(?:${EXTRAS}) (?:für|for|worth|per|por|pour|voor|för|(?:im wert )?von|(?:por|no) valor de|(?:per|del) (?:un )?valore di|d['’]une valeur de)(?: über| over| plus de| más de| oltre| more than| rund| about)?`,
  '(?:rechnungen|belege|quittungen|factures?|facturas?|fatture|receipts|invoices|bills|bonnen|kvitton) (?:über|für|pour|por|per|for|voor|på)(?: (?:plus de|más de|oltre|over|more than|mehr als))?',
  '(?:inspektion|kundendienst|wartung|reparatur|reifen|révision|revisión|tagliando|onderhoud|service) (?:für|for|à|de|da|por|van|om)',
  `(?:maletas|malas|valises|valigie|koffer[ns]?|panniers|auspuff|pot|scarico|escape|exhaust|fahrwerk|suspension(?:s|es|i)?|sospensioni) (?:(?:allein )?(?:hat |haben |a |ont |ha |hanno )?(?:coûté|costó|costaron|cost|kostete[n]?|costato)|d['’]une valeur de|del valore di|por valor de|im wert von|worth)`,
);
/** The same in further languages: "däck för 3200 kr", "pojištění 4500 Kč". */
const SPENT_ON_TOO = before(
  '(?:tillbehör|udstyr|utstyr|příslušenství|akcesoria|lisävarusteita|däck|dekk|dæk|pneumatiky|opony|renkaat|banden|pneus|väskor|kofferter|kufferter|kufry|laukut|malas|koffers|servis|przegląd|huolto|service|beurt|revisão)(?: \\p{L}+)? (?:för|for|til|till|za|om|värda?|verdt|o wartości|v hodnotě|arvo|ter waarde van|no valor de|van)',
  'service (?:till|til|for) fast pris',
  '(?:försäkring|forsikring|pojištění|vakuutus|verzekering|ubezpieczenie|seguro|handpenning|depositum|käsiraha|záloha|sinal|zaliczka|renkaat|huolto)(?: på| na| de| for)?',
  '(?:nypris(?:en)?|nieuwprijs|neupreis) var|(?:nypris(?:en)?|nieuwprijs|neupreis) (?:was|war)|nova custava|now[ya] kosztował[ao]?|nov[áý] stál[ao]?|uutena maksoi|ny (?:kostade|kostet|kostede)',
  '(?:handlaren|forhandler(?:en)?|dealer|liike|stand|salgs\\p{L}+) (?:bjöd|bød|bood|dawał mi|mi dával|tarjosi|dava-me|oferecia)',
);
/** "Koffer gebe ich für 1.200 € dazu", "kufferter fast pris 8.900 kr": a sum for which nobody gives a machine away is of its cases. */
const OF_CASES = before(
  '(?<!(?:mit|with|avec|con|med|met|com|inkl\\.?|incl\\.?|sis\\.|och|und|and|et|e|y|en) (?:\\p{L}+ )?)(?:koffer(?:n|s|system)?|kufferter|kofferter|kufry|laukut|väskor|panniers|luggage|maletas|valises|valigie|malas)(?: \\p{L}+){0,4}',
);
/** EUR, at the nominal rate: less is asked for cases. Own assumption. */
const MOST_FOR_CASES = 2000;
const isSmallSum = (q: Quantity, text: string): boolean => {
  const unit = q.unit === 'crowns' ? 'SEK' : (q.unit ?? '');
  return (
    isMoney(q, text) &&
    largest(q) * (isCurrency(unit) ? nominalRate(unit, 'EUR') : 1) < MOST_FOR_CASES
  );
};
/** "600 € d’accessoires", "£600 worth of extras". */
const OF_EXTRAS = behind(
  `(?:worth of |an |wert an |d['’]|de |di |in |of |aan )(?:${EXTRAS})`,
  '(?:ins? |in die |in das |dans les |en |nelle |in the )(?:fahrwerk|suspensions?|suspensiones|sospensioni|motor|federung)',
);
/** "Der Händler bot mir 3.900 €", "deposit of £500", "you save £1,200", "a van plus £1,000". */
const OFFERED_OR_SAVED = before(
  '(?:händler|dealer|shop|garage|concessionnaire|concesionario|concessionario|handelaar|werkstatt)(?: \\p{L}+)? (?:bot|bietet|offer(?:ed|s)|propos(?:ait|e)|ofrec(?:ía|e)|daba|offriva|dava|bood|gave|wollte)(?: (?:mir|me|mi|us|uns))?',
  'm[ei] (?:ofrec(?:ía|en?)|daban?|offriv(?:a|ano)|davano|proposait)',
  '(?:anzahlung|acompte|acconto|señal|caparra|deposit|aanbetaling|handpenning)(?: of| de| di| von| van| på)?',
  '(?:part exchange|part ex|px|trade[- ]in)(?: up to| of| worth)?',
  "(?:you|i|we)(?: will|['’]ll)? (?:save|saved|lost|lose)",
  '(?:swap|exchange|trade)(?! of)[^.;,\\d]{2,40} (?:plus|and|\\+)',
);
/** "Ähnliche gehen für 5.900 € weg", "les mêmes partent à 5 900 €": of others. */
const LIKE_IT = before(
  '(?:ähnliche|vergleichbare|gleiche)(?: \\p{L}+)? (?:gehen|stehen|liegen|werden) (?:für|bei|mit|um die)',
  'les (?:mêmes|autres|pareilles) (?:partent|sont|se vendent) (?:à|autour de)',
  '(?:simili|le stesse) (?:vanno|sono|si vendono) (?:a|per|sui)',
  '(?:similares|las mismas) (?:están|se venden|van) (?:a|por|sobre)',
);
/** "Da nuova costava 8.200 €": what it was once. */
const ONCE_NEW = before(
  '(?:da nuov[ao]|nuev[ao]|neu|neuve|nieuw|som ny) (?:cost(?:ava|aba|ó)|era|hat(?:te)? .{0,12}gekostet|kostete|coûtait|valait|valía|kostte|kostade)(?: (?:sui|unos|rund|environ|about))?',
);

/** "Largo 860 mm", "860 mm breit": a width is none of a sheet's heights. */
const WIDE = before(
  'šířku|szerokość|leveys|larg[oa]|(?:de )?ancho|largeur|breite|larghezza|anchura|breedte|bredd',
);
const IS_WIDE = behind(
  '(?:mm |cm )?(?:breit|de large(?:ur)?|de ancho|di larghezza|larg[oa]|breed|bredt?|brett|de largura|szerokości|leveä|široká)',
);

/** "Getankt habe ich 11 Liter", "le puse 11 litros": what went in at a stop. */
const PUT_IN = before(
  "getankt(?: habe ich| hab ich)?|(?:ho|abbiamo) messo|le (?:puse|eché|metí)|j['’]ai (?:mis|remis)|(?:i|we) (?:put|got) in|meti|zatankował[ae]m|tankade|fylte|fyldte|tankte|natankoval(?:a)?(?: jsem)?|tankkasin",
);
const IS_PUT_IN = behind(
  '(?:(?:l|liters?|litres?|litros|litri|litrów|litrů|litraa?) )?(?:getankt|gegooid|bijgevuld|went in|entraron|cupieron|(?:ci )?sono entrati|entrati|gingen (?:rein|hinein|erin)|(?:sont|sont r)?entrés|gick i|gik i|gikk (?:på|i)|weszło|wlałem|vešlo|meni)',
);
const isVolume = ({ unit }: Quantity): boolean => unit === 'L' || unit === 'gallon';

/** "Rezerva 3 litry", "vara 3 litraa". */
const RESERVE = before('rezerva|vara|varatankki|rezerwa|reserven?');

/** "Næste service om 4000 km": when it is due, and no interval. */
const DUE = before(
  '(?:next|nächste|prochaine?|prossim[oa]|próxim[oa]|volgende|nästa|neste|næste|seuraava|další|następn[ya]) (?:service|inspektion|wartung|révision|vidange|tagliando|revisión|revisão|beurt|huolto|servis|przegląd)(?: (?:om|in|dans|tra|en|over|za|nach|at|bei|bij|à|a|ai|a los|ved|vid|aos|przy|při))?',
);
/** "Révision à 12 000 km", "gomme cambiate a 12.500 km": when it was done. */
const DONE_AT = before(
  '(?:révision|vidange|entretien|tagliando|revisión|revisão|service|servis|serwis|przegląd|beurt|onderhoud)(?: (?:faite?|fatto|hecha|feita|gjord|utført|udført|gedaan|hotov|zrobiony))? (?:à|a|ai|a los|aos|vid|ved|bij|przy|při)',
  '(?:new )?(?:ty?i?res|rear|front|chain|battery|pads|brakes|clutch|plugs|fluids?)(?: (?:done|changed|replaced|fitted|new))? at',
  '(?:gomme|catena|neumáticos|ruedas|cubiertas|cadena|banden|ketting|kettingset|pneus|chaîne|kit chaîne|corrente|däck|kedja|dekk|kjede|dæk|kæde|opony|łańcuch|pneumatiky|řetěz)(?: \\p{L}+){0,3} (?:à|a|ai|a los|aos|vid|ved|bij|przy|při)',
);
/** "Tagliando a 10.000: 210 euro" says what it takes each time. */
const NO_SUM_BEHIND = /^(?!\s?(?:km|mi)?\s?:\s?[£$€]? ?\d)/u;
/** "3,000 km left", "changed 2,000 km ago". */
const LEFT_OR_AGO = behind(
  '(?:left|ago|to go|of life|restants?|rimasti|restantes|übrig|kvar|igjen|tilbage|temu|geleden|siden|sedan|sitten)',
);
/** "Mijn vrouw weegt 62 kg", "jeg veier 85 kg". */
const SOMEBODY_WEIGHS = before(
  '(?:mijn vrouw|(?:a )?minha (?:mulher|esposa)|żona|(?:min )?fru(?:en|gan)?|kona|konen|manželka|vaimo|jeg|jag|ik) (?:weegt|weeg|pesa|waży|väger|veier|vejer|váží|painaa)(?: (?:cirka|ca\\.?|około|asi|noin))?',
);

/** "Man braucht keine 100 PS", "le kit ajoute 6 ch". */
const NOT_ITS_POWER = before(
  '(?:man|du|ich|wir) brauch(?:t|e|st|en) keine',
  '(?:tuning|mapping|remap|kit|map|auspuff|exhaust|scarico|pot|escape) (?:bringt|adds|gives|ajoute|apporte|aggiunge|dà|añade|da)(?: (?:nochmal|another|about|etwa))?',
);
/** "Rated for riders up to 110 kg", "it carried 180 kg of us". */
const BORNE = before(
  '(?:riders|rider|people|fahrer) (?:up to|bis(?: zu)?|under)|(?:carried|lugged|hauled|took)(?: about)?',
);
const isMass = ({ unit }: Quantity): boolean => unit === 'kg' || unit === 'lb';

const guards = (
  as: Guard['as'],
  of: Guard['of'] & {},
  side: 'before' | 'behind',
  all: readonly (readonly RegExp[])[],
  reach: number,
): readonly Guard[] => all.flat().map((words) => ({ as, of, [side]: [words, reach] as const }));

const GUARDS: readonly Guard[] = [
  ...guards(
    'noise',
    isMoney,
    'before',
    [SPENT_ON, SPENT_ON_TOO, OFFERED_OR_SAVED, LIKE_IT, ONCE_NEW],
    64,
  ),
  ...guards('noise', isSmallSum, 'before', [OF_CASES], 64),
  ...guards('noise', isMoney, 'behind', [OF_EXTRAS], 40),
  ...guards('noise', isLengthOrBare, 'before', [WIDE], 16),
  ...guards('noise', isLengthOrBare, 'behind', [IS_WIDE], 24),
  ...guards('changed', isVolume, 'before', [PUT_IN], 32),
  ...guards('changed', isVolume, 'behind', [IS_PUT_IN], 24),
  ...guards('noise', isVolume, 'before', [RESERVE], 16),
  ...guards('noise', isDistanceOrBare, 'before', [DUE], 60),
  ...DONE_AT.map(
    (words): Guard => ({
      as: 'noise',
      of: isDistanceOrBare,
      before: [words, 60],
      behind: [NO_SUM_BEHIND, 12],
    }),
  ),
  ...guards('noise', isDistanceOrBare, 'behind', [LEFT_OR_AGO], 16),
  ...guards('noise', isMass, 'before', [SOMEBODY_WEIGHS, BORNE], 40),
  ...guards('changed', isPower, 'before', [NOT_ITS_POWER], 40),
];

/** Why a number of a sentence is of something beside the machine; `undefined` where no words say so. */
export const whyElsewhere = guarded(GUARDS);
