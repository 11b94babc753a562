import { spelt } from '../../vocabulary/letters';

// "My daily is a Brunda 650, but I've been eyeing the Vastel 450": the one that somebody rides, and the one that the text is about. In the
// languages of riders; common usage, no source.

const A_NEW =
  '(?: (?:an?|the|one of the|his|her|their))?(?: (?:new|used|second-?hand|lightly used))*';
/** Words up to the name of a machine that somebody looks at. */
const LOOKS_AT = [
  `(?:ey(?:e)?ing(?: up)?|looking (?:hard |seriously |long and hard )?at(?: getting| buying)?|considering|thinking (?:of|about)(?: (?:getting|buying|going for))?|tempted by|interested in|(?:fallen|falling) for|fancy(?:ing)?|shopping for|in the market for|lusting after|drooling over|weighing up|test[- ]?(?:rode|ridden)|(?:a )?deposit (?:down )?on|(?:and|but) now(?: (?:have|own|ride|on))?|(?:swap|trad|replac|chang|part[- ]?ex)(?:e|ed|ing|ping|ped)?(?: in)? (?:my|it|her|him|mine|the) [^.;!?\\n]{0,40}?(?:for|with|against))${A_NEW}`,
  '(?:liebäugle(?: ich)?(?: (?:jetzt|gerade|derzeit|schon länger))* mit|schiele(?: ich)?(?: (?:jetzt|gerade|schon länger))* (?:auf|nach)|interessiere (?:ich )?mich für|spekuliere(?: ich)? auf|überlege(?: ich)?,? ob|(?:tausch|ersetz)\\p{L}* [^.;!?\\n]{0,40}?(?:gegen|durch)|im auge habe ich|probe ?gefahren bin ich) (?:eine[rn]?|die|der) (?:neuen? |gebrauchten? )?',
  "(?:je lorgne(?: sur)?|je louche sur|j['’]hésite pour|je pense à|je regarde|intéressée? par|tentée? par|(?:échang|troqu|remplac)\\p{L}* [^.;!?\\n]{0,40}?(?:contre|par)|j['’]envisage) (?:une?|la)(?: nouvelle| petite)?",
  '(?:estoy (?:mirando|pensando en|valorando)|le tengo echado el ojo a|me interesa|me tienta|(?:cambi|permut)\\p{L}* [^.;!?\\n]{0,40}?por) (?:una?|la)(?: nueva)?',
  '(?:sto (?:guardando|valutando|pensando a)|mi (?:tenta|interessa|ispira)|(?:cambi|permut|sostitu)\\p{L}* [^.;!?\\n]{0,40}?con) (?:una?|la)(?: nuova)?',
  '(?:ik zit te kijken naar|kijk(?:en)? naar|denk aan|twijfel over|(?:in)?ruil\\p{L}* [^.;!?\\n]{0,40}?voor) (?:een|de)(?: nieuwe)?',
  '(?:funderar på|sneglar på|spanar in|tittar på|kikar på|byta (?:till|mot)|vurderer|ser på|kigger på|overvejer|bytte (?:til|mot)|bytte til|skifte til) (?:en|ett)?(?: ny)?',
  '(?:estou (?:a olhar para|a pensar em|de olho n)|penso em)(?: ?(?:uma?|a))?(?: nova)?',
  '(?:patrzę na|myślę o|zastanawiam się nad|koukám na|pošilhávám po|uvažuji o|přemýšlím o|katselen|harkitsen|mietin)(?: nową| nové| uutta)?',
].join('|');

const MY_OWN =
  "(?:bikes|motorcycles)(?: (?:i|we)(?:['’]ve| have)?)? (?:owned|had|ridden)(?: so far| before)?:|(?:my|our)(?: (?:daily|current|present|own|main|only|other|trusty|faithful|beloved))*(?: (?:bike|ride|rider|steed|commuter|machine|tourer))?(?: is|['’]s|:)?(?: an?| the)?|(?:i|we)(?:['’]ve got| (?:(?:currently|still|now|already|presently) )?(?:ride|own|have|run))(?: an?| the| my)|(?:currently|presently|at the moment) (?:on|riding|own|owning|have|ride|running)(?: an?| the| my)|(?:coming|moving|stepping|downsizing|upgrading|changing) (?:off|(?:down |up |over )?from)(?: an?| the| my)";
const GIVES = '(?:trad|swap|replac|part[- ]?ex|chopp?)(?:e|ing|ping)?(?: in)? (?:my|our)';
/** Words up to the name of the machine that somebody has meanwhile. */
const HAS = [
  `${MY_OWN}|${GIVES}`,
  '(?:ich )?(?:fahre|habe|besitze)(?: ich)?(?: (?:derzeit|zurzeit|aktuell|momentan|noch|bisher|seit \\p{L}+ jahren?|jetzt))* (?:eine|meine)|meine(?: (?:aktuelle|jetzige|alte))?(?: ist eine)?|(?:tausche|ersetze)(?: ich)? meine',
  "(?:je roule(?: actuellement)? (?:en|sur une?)|j['’]ai(?: actuellement)? une?|ma(?: moto)?(?: actuelle)?(?: est une)?|(?:remplacer|échanger|changer) ma)",
  '(?:tengo(?: (?:ahora|actualmente))? una?|mi(?: moto)?(?: actual)?(?: es una)?|cambiar (?:mi|la))',
  '(?:ho(?: (?:ora|adesso|attualmente))? una|la mia(?: (?:attuale|moto))?(?: è una)?|cambiare la(?: mia)?)',
  '(?:ik rijd(?: (?:nu|momenteel))?(?: op)? een|mijn(?: huidige)?(?: motor)?(?: is een)?|(?:inruilen|ruilen) van mijn)',
  '(?:(?:jag|jeg) (?:kör|kjører|kører|har)(?: (?:nu|nå|idag))? en|min(?: nuvarande| nåværende| nuværende)?(?: (?:hoj|sykkel|mc))?(?: är en| er en)?|byta min|bytte min)',
  '(?:tenho(?: (?:agora|atualmente))? uma|(?:a )?minha(?: (?:atual|moto))?(?: é uma)?|trocar a minha)',
  '(?:mam(?: (?:teraz|obecnie))?|jeżdżę(?: (?:teraz|obecnie))?|mám(?: (?:teď|nyní))?|jezdím(?: (?:teď|nyní))? na|minulla on(?: nyt)?|ajan(?: nyt)?)',
].join('|');

const YEAR = '(?: (?:19[5-9]|20[0-3])\\d)?';
const LOOKED_AT = spelt(new RegExp(String.raw`(?<!\p{L})(?:${LOOKS_AT})${YEAR} ?$`, 'iu'));
const HAD = spelt(new RegExp(String.raw`(?<!\p{L})(?:${HAS})${YEAR} $`, 'iu'));

/** Whether a name behind these words is that of a machine somebody looks at, instead of the one he has. */
export const isLookedAt = (before: string): boolean => LOOKED_AT.test(before);

/** Whether a name behind these words is that of the machine somebody has. */
export const isHad = (before: string): boolean => HAD.test(before);

const HAS_ONE = spelt(
  new RegExp(String.raw`(?<!\p{L})(?:${HAS})${YEAR} (?=\p{Lu}?\p{L}+ \d{2,4}(?!\d))`, 'giu'),
);
const LOOKS = spelt(
  new RegExp(
    String.raw`(?<!\p{L})(?:${LOOKS_AT})${YEAR} \p{L}[\p{L}-]*(?: \p{L}[\p{L}-]*)? \d{2,4}(?![\d.,]*\d)(?! ?(?:km|mi|miles|kg|lbs?|mm|cm|ccm?|l|hp|ps|euros?|pounds|€|%)(?!\p{L}))`,
    'iu',
  ),
);

/** Stretches of a sentence that tell of the machine somebody has, before one that he looks at: from and to. */
export const hadIn = (text: string): readonly (readonly [number, number])[] =>
  [...text.matchAll(HAS_ONE)].flatMap(({ 0: words, index }) => {
    const looks = LOOKS.exec(text.slice(index + words.length))?.index;
    return looks === undefined ? [] : [[index, index + words.length + looks] as const];
  });

/** An advert, which is about what it offers, whatever would be taken for it. */
const SELLS = spelt(
  /(?<!\p{L})(?:for sale|selling|sell my|wts|verkauf\p{L}*|biete|abzugeben|vends|à vendre|se vende|vend[oe]|vendesi|te koop|till salu|sälj(?:er|es)|selg(?:er|es)|sælg(?:er|es)|til salgs?|vende-se|sprzedam|prodám|na prodej|myydään|myyn)(?!\p{L})/iu,
);
export const isAdvert = (text: string): boolean => SELLS.test(text);
