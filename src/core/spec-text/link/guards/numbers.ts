import { spelt } from '../../vocabulary/letters';
import type { Quantity } from '../../lattice/quantity';
import { guarded, type Guard } from './guard';
import { isDistance, isLengthOrBare, isMoney, isPower, isUse } from './kinds';

// What stands right before a number or right behind it and says that it is no figure of the machine, or not as it came.

/** "My Corran Range 900": a name, and no range. */
const NAMED_RANGE = spelt(
  /(?<!\p{L})(?!(?:Fuel|Tank|Riding|Cruising|Max\w*|Estimated|Theoretical|Highway|City|Total|Claimed|Real|Practical|Typical|Driving|Touring|The|My|Its|Our|Stated|Average|Safe|Usable|Long|Full|And|Overall|Operating|Mean|Travel|Road|Working|A|With|Good|Decent|Great|Price|Rev) )\p{Lu}\p{Ll}{3,} Range $/u,
);

/** Run in after so many kilometres or miles. Common practice, no source. */
const RUN_IN = 1000;

const LESS = spelt(
  /^ ?(?:less|more|cheaper|dearer|extra|weniger|mehr|teurer|billiger|günstiger|(?:de |en )?(?:moins|plus)(?= (?:que|cher)|[.,;]|$)|menos(?= que|[.,;]|$)|más(?= que|[.,;]|$)|(?:in )?(?:meno|più)(?= (?:de|d|cara)|[.,;]|$)|minder|goedkoper|duurder|billigare|dyrare|billigere|dyrere)(?!\p{L})/iu,
);

/** "Griffheizung kostet 290 extra". */
const ON_TOP = spelt(
  /^ (?:extra|aufpreis|en option|en supplément|de suplemento|in più|meerprijs|ekstra|lisää|navíc|dopłaty)(?!\p{L})/iu,
);

/** "For the 8k service": which one, and not how often. */
const WHICH_SERVICE = spelt(
  /(?<!\p{L})(?:for|at|after|before|did|had|its|paid for) (?:the|its|a|their) $/iu,
);

/** "Révision des 12 000 faite". */
const SERVICE_OF = spelt(
  /(?<!\p{L})(?:révision|vidange|entretien|tagliando|revisión|mantenimiento) (?:des|dei|de los) $/iu,
);

/** "Revisión de 15.000 hecha", "Service bei 12.000 gemacht": one that was done. */
const SERVICE_AT = spelt(
  /(?<!\p{L})(?:révision|vidange|entretien|tagliando|revisión|mantenimiento|revisão|inspektion|service|serviced|inspection|valves|valve check|ventile) (?:de|di|da|a|à|at|bei|bij|the|los|las|i|aos?|på|vid|ved) ?(?:los |km )?$/iu,
);

const IS_DONE = spelt(
  /^ ?(?:k|km|kms|mi|miles)?,? ?(?:\(?(?:just|already|was|is|ya|già|gerade|bereits|déjà) )?(?:hech[ao]|realizad[ao]|faite?|fatt[oa]|eseguit[oa]|done|carried out|completed|gemacht|erledigt|durchgeführt|feita|gedaan|udført|utført|gjord|pasad[ao])(?!\p{L})/iu,
);

/** "A revisão dos 1000 km": the one after running in, which comes once. */
const RUN_IN_OF = spelt(
  /(?<!\p{L})(?:revisão|beurt|przegląd|service(?:n)?) (?:dos|d[oe]|bij|van|po|vid|på|etter) $/iu,
);

/** "At a hundred and thirty it drinks six litres": at one speed, and not over all. */
const AT_A_SPEED = spelt(
  /(?<!\p{L})(?:at|bei|à|a) (?:a )? *\d{2,3}(?: ?km\/h| ?mph| ?k)?,? *(?:it|she|sie|elle)?(?:['’]s)? ?(?:drinks|uses|does|takes|burns|gets|braucht|nimmt)?(?: about| around)? *$/iu,
);

/** "(cote 8 200 €)", "book value 5,900", "insured for 6,500": what somebody else holds it worth. */
const VALUED_AT = spelt(
  /(?<!\p{L})(?:cot[ée]e?(?: \p{L}{2,12})?(?: à)?|book value|guide (?:price|value)|market value|trade[- ]?in(?: value| price| offer)?|insured (?:for|at|value)|insurance value|agreed value|versichert(?: mit| auf)?|zeitwert|quotazione|valutat[oa]|tasad[oa](?: en)?|dagwaarde|taxatie(?:waarde)?)(?: (?:is|of|von|di|de|was))? ?:? ?[£€$]? ?$/iu,
);

/** "Puissance fiscale 6 CV", "6 CV fiscaux": what it is taxed by. */
const TAXED_BY =
  /(?:puissance (?:fiscale|administrative)|potencia fiscal|potenza fiscale|caballos fiscales|cavalli fiscali)[ :]*(?:de |di )?$/iu;

const TAXED = spelt(/^ ?(?:fiscaux|fiscal(?:es)?|fiscali)(?!\p{L})/iu);

/** "Ich bin 1,72 groß und wiege 80 Kilo": of the one who tells. */
const RIDER_WEIGHS = spelt(
  /(?<!\p{L})(?:(?:ich )?bin|je (?:mesure|fais)|mido|sono alt[oa]|i['’]?m|i am|ik ben|jag är|jeg er|mam|mierzę|tenho|meço)(?!\p{L})[^.!?;]{0,40}(?<!\p{L})(?:wiege|pèse|peso|weigh|weeg|väger|veier|vejer|ważę) (?:about |around |etwa |rund |ca\.? |environ |unos |circa |ongeveer |około )?$/iu,
);

/** "Add 12 litres of fuel and you're at 204": what somebody puts in. */
const IS_ADDED = spelt(
  /(?<!\p{L})(?:add(?:ing)?|plus|minus|less|take off|subtract)(?: on| another| about)? $/iu,
);

/** "£180 for the first, £520 with valves": what a workshop takes. */
const FOR_WORK = spelt(
  /^ ?(?:a pop|a time|a go|each time|per (?:service|visit)|pro inspektion|par révision)(?!\p{L})|^ (?:for|with|incl\w*|when|if)(?: it['’]s)? (?:the |a |an |its )?(?:(?:\d[\d.,]*k? ?(?:km |mile |mi )?|\p{L}+ )(?=service)|)(?:first(?: one| service)?|service|oil|big one|small one|minor|major|annual|check)(?!\p{L})/iu,
);

/** No service takes as much, in money of which one buys a loaf of bread. Own assumption. */
const MOST_FOR_WORK = 2500;
const isForWork = (q: Quantity, text: string): boolean =>
  isMoney(q, text) &&
  !(
    /^(?:EUR|GBP|USD|CHF|AUD|CAD|NZD|dollar)$/.test(q.unit ?? '') &&
    (q.amounts[0] ?? 0) >= MOST_FOR_WORK
  );

/** "Every 12,000 a service (about £350)": what it takes, in brackets behind. */
const PRICE_OF_WORK = spelt(
  /(?:every|alle|tous les|cada|ogni) ?[\d.,]+ ?(?:km|mi|miles)?(?: \p{L}+){0,2} \((?:ca\.? |about |env\.? |~)?$/iu,
);

/** "À deux on consomme cinq litres et demi". */
const FOR_TWO = spelt(
  /(?<!\p{L})(?:à deux|zu zweit|in due|a dúo|two[- ]up|with a pillion)(?!\p{L}),?[^.;,]{0,24}$/iu,
);

/** "With a tailwind I once got 78 mpg": the best of all is none. */
const BEST_OF_ALL = spelt(
  /(?<!\p{L})(?:tailwind|once (?:got|saw|had)|best ever|record)(?!\p{L})[^.;]{0,24}$/iu,
);

/** "62 mpg two up, 71 solo", "48 mpg into a headwind with bags, normally 54". */
const TWO_UP = spelt(
  /^\s*(?:\([^)]{0,8}\))?\s*(?:(?:two|2)[- ]up|(?:in|into|against) (?:a |the |that )?(?:strong |stiff )?(?:head ?)?wind|(?:fully )?loaded up|with (?:the )?(?:bags|panniers|luggage|boxes|a pillion)(?! (?:on )?it (?:weighs|is)))(?!\p{L})/iu,
);

/** "208 kg ready to ride, with panniers 221": laden, and not as it came. */
const LADEN_WITH = spelt(
  /(?<!\p{L})(?:with|w\/|mit|avec|con|met|med|com) (?:(?:the|its|my|all|full|den|allen|meinen|les|ses|mes|le|las|los|sus|mis|i|de) )*(?:(?:side|hard|soft|alu(?:minium)?|seiten|alu-?) ?)?(?:panniers|luggage|cases|bags|boxes|top ?(?:box|case)|koffern?|gepäck|packtaschen|valises|sacoches|bagages|maletas|equipaje|alforjas|borse|valigie|bagagli|koffers|tassen|bagage|väskor|vesker|malas)(?: (?:on|fitted|montiert|montées|montate|puestas))?[,:]?(?: (?:and|und|et|e|y|en) (?:(?:a |the |full |my )?(?:\p{L}+))(?: tank)?)?(?: (?:it['’]?s|it is|it was|it weighs|about|around|sind es|wiegt sie|etwa|ca\.|c['’]est|on monte à|elle pèse|son|sono|pesa|nearer|more like|closer to))* $/iu,
);

/** "I've got the tall seat on at 920 mm": one of the shop's, and not the one that it came with. */
const OTHER_SEAT = spelt(
  /(?<!\p{L})(?:the|my|a|an|its) (?:tall(?:er)?|high(?:er)?|rally|touring|comfort|gel|sports?|extra[- ]tall) (?:seat|saddle) (?:on|fitted|installed|option|bolted on|from the \p{L}+)(?:,? (?:it['’]?s|it is|is|which is|and|that['’]s|so it['’]s|sits|measures|now|about|at|of)){0,3} $/iu,
);

/** "Last service at 15k, now on 16,200": how far it has run. */
const RUN_SO_FAR = spelt(
  /(?<!\p{L})(?:(?:now|currently|presently|today) (?:(?:it['’]s|it is|she['’]s|is|sits|sitting|showing) )?on|(?:sits|sitting|showing) (?:on|at)|it['’]s(?: only| just| still)? (?:now )?on) (?:about |around |just |only |just over |just under |under |over )*$/iu,
);

/** "Range record 402 km": the farthest ever is no range. */
const FARTHEST_EVER = spelt(
  /(?<!\p{L})(?:record|rekord|récord|(?:longest|best|farthest|furthest)(?: (?:range|tank|distance|stretch))? (?:ever|so far|yet|to date))(?!\p{L})[^.;\d]{0,16}$/iu,
);

const isMass = ({ unit }: Quantity): boolean => unit === 'kg' || unit === 'lb';
const isBare = ({ unit }: Quantity): boolean => unit === undefined;
const isVolumeOrUse = (q: Quantity): boolean => isUse(q) || q.unit === 'L';

const GUARDS: readonly Guard[] = [
  { as: 'changed', of: isMass, before: [LADEN_WITH, 80] },
  { as: 'noise', of: (q) => isBare(q) && (q.amounts[0] ?? 0) >= RUN_IN, before: [RUN_SO_FAR, 48] },
  { as: 'changed', of: isLengthOrBare, before: [OTHER_SEAT, 70] },
  // "Eight to nine thousand": thousands, both of them.
  { as: 'noise', of: isBare, behind: [/^\s*to\s+\d{1,3}000(?!\d)/u, 24] },
  {
    as: 'changed',
    of: (q) => !isBare(q),
    before: [IS_ADDED, 24],
    behind: [/^ (?:of )?(?:fuel|petrol|gas|oil|coolant)(?!\p{L})/iu, 14],
  },
  // "It costs £2,600 less", than another.
  { as: 'changed', of: isMoney, behind: [LESS, 24] },
  { as: 'changed', of: isBare, behind: [ON_TOP, 16] },
  { as: 'noise', of: isMoney, before: [VALUED_AT, 32] },
  { as: 'noise', of: isForWork, behind: [FOR_WORK, 40] },
  { as: 'noise', of: isMoney, before: [PRICE_OF_WORK, 60] },
  { as: 'noise', of: isBare, before: [NAMED_RANGE, 30] },
  // "Front sprocket 15T 24.50": on a bill.
  { as: 'noise', of: (q) => q.unit === 'teeth', behind: [/^ +[£$€]? ?\d+[.,]\d{2}(?!\d)/u, 12] },
  { as: 'noise', of: (q) => (q.amounts[0] ?? 0) <= RUN_IN, before: [RUN_IN_OF, 24] },
  { as: 'noise', of: isPower, before: [TAXED_BY, 32] },
  { as: 'noise', of: isPower, behind: [TAXED, 12] },
  { as: 'noise', of: isMass, before: [RIDER_WEIGHS, 80] },
  { as: 'noise', behind: [/^er schrittlänge/iu, 16] },
  { as: 'noise', before: [SERVICE_OF, 24] },
  { as: 'noise', before: [SERVICE_AT, 30], behind: [IS_DONE, 40] },
  {
    as: 'noise',
    before: [WHICH_SERVICE, 24],
    behind: [/^ ?(?:k |km |mi(?:les?)? )?(?:service|inspection|check)(?!\p{L})/iu, 16],
  },
  { as: 'changed', of: isVolumeOrUse, before: [AT_A_SPEED, 48] },
  { as: 'changed', of: isVolumeOrUse, before: [FOR_TWO, 48] },
  { as: 'changed', of: isUse, behind: [TWO_UP, 36] },
  { as: 'changed', of: isUse, before: [BEST_OF_ALL, 48] },
  { as: 'changed', of: isDistance, before: [FARTHEST_EVER, 36] },
];

/** Why a number of a sentence is no figure, by the words at it; `undefined` where none say so. */
export const whyNoFigure = guarded(GUARDS);
