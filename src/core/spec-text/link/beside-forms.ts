import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { PLAINLY, SEAT_MM, type Form } from './form';
import type { SentenceWords } from './option';
import { asksForMass } from './mass-forms';
import { isPower } from './restricted';
import { WEIGHTS } from './weights';

/** How far apart two tellings of one figure may lie, as a factor. Own assumption. */
const ALIKE = 1.6;

/** The figure of a kind that stands nearest before a number, if it is about as large. */
const isAnother = (s: SentenceWords, q: Quantity, of: (o: Quantity) => boolean): boolean => {
  const last = s.quantities.findLast((o) => o.to <= q.from && of(o));
  const [a = 0, b = 0] = [last?.amounts[0], q.amounts[0]];
  return a > 0 && b > 0 && Math.max(a / b, b / a) <= ALIKE;
};
const MINE_IS = spelt(/(?<!\p{L})(?:mine|this one)(?:['’]s| is) (?:only |just |about )?$/iu);
/** "Economy has been 3.7 overall". */
const isBareUse = (s: SentenceWords, { unit }: Quantity): boolean =>
  unit === undefined &&
  /(?<!\p{L})(?:economy|consumption|fuel use|averag(?:e|ed|es|ing)|verbrauch|conso(?:mmation)?|consumo)(?!\p{L})/iu.test(
    s.text,
  );
const isUse = ({ unit }: Quantity): boolean => /mpg|100km|km\/L/.test(unit ?? '');

/** "The makers say". */
const MAKER_SAYS = spelt(
  /(?<!\p{L})(?:(?:claimed|werksangabe|angegeben|annoncés?|dichiarati?|declarados?):? |(?:makers?|factory|(?:the )?sheet|brochure|book|handbook|manual|website|spec sheet|they|werk|hersteller|constructeur|la marque|casa|fabricante|marca) (?:says?|claims?|quotes?|lists?|reckons?|sagt|nennt|angibt|annonce|dit|dichiara|dice|declara)(?: it['’]?s)?(?: about)? )$/iu,
);
const isOfMass =
  (s: SentenceWords) =>
  (o: Quantity): boolean =>
    o.unit === 'kg' ||
    o.unit === 'lb' ||
    (o.unit === undefined &&
      /(?<!\p{L})(?:weigh\p{L}*|gewicht|waage|poids|peso|pesa|scales?)(?!\p{L})/iu.test(s.text));

/** Litres: more is a tank. Own assumption. */
const LARGEST_SUMP = 6;
/** Litres: what an engine takes on a hundred kilometres, and no tank holds. Own assumption. */
const MOST_LITRES = 8;
/** Litres on a hundred kilometres: more is no motorcycle. Own assumption. */
const MOST_PER_100_KM = 13;

const atWheel = (s: SentenceWords, o: Quantity): boolean =>
  /^ (?:hp |ps |bhp )?(?:at|to) the (?:rear |back )?wheel/iu.test(s.text.slice(o.to, o.to + 24)) ||
  /(?<!\p{L})wheel (?:horse)?power(?: is| was)?[,:]? $/iu.test(
    s.text.slice(Math.max(0, o.from - 24), o.from),
  );

const OUR_OWN =
  'measured|(?:as )?tested|weighed|on (?:our|the|my) scales?|gemessen|gewogen|nachgewogen|v[ée]rifiée?s?|mesurée?s?|pesée?s?|rilevat[oa]|misurat[oa]|verificad[oa]|medid[oa]|gemeten|gewogen';
/** "155 kg claimed, measured 158". */
const MEASURED_BEFORE = spelt(
  new RegExp(`(?<!\\p{L})(?:${OUR_OWN})(?: (?:at|as|by us|by me|mit|à|a))?:? $`, 'iu'),
);
/** "155 kg claimed / 158 kg measured". */
const MEASURED_BEHIND = spelt(new RegExp(`^,? ?\\(?(?:${OUR_OWN})(?!\\p{L})`, 'iu'));
/** By the maker's word before it in the sentence. */
const isClaimedBefore = (s: SentenceWords, q: Quantity): boolean =>
  /(?<!\p{L})(?:claim(?:ed|s)|werksangabe|hersteller\p{L}*|angegeben|annoncée?s?|constructeur|dichiarat[oai]|declarad[oa]s?|fabricante|opgegeven|official|factory)(?!\p{L})/iu.test(
    s.text.slice(0, q.from),
  );

/** Bare numbers that tell once more, on another way or by another mouth, what the sentence told before them. */
export const BESIDE_FORMS: readonly Form[] = [
  // "4.1 on the highway, 3.5 on dirt"; the worst of all is none.
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /^(?![^]*(?<!\p{L})(?:worst|best|peak|record)[^,;]{0,12}$)/iu,
    behind:
      /^ solo(?!\p{L})|^ (?:on|in|off) (?:the )?(?:dirt|gravel|highway|motorway|freeway|autobahn|interstate|road|town|city|tarmac|trails?|tracks?|sand|back ?roads?|lanes)(?!\p{L})/iu,
    when: (s, q) => isAnother(s, q, (o) => isUse(o) || isBareUse(s, o)),
  },
  // "61.4 at the wheel, the makers say 68".
  {
    key: 'power',
    points: WEIGHTS.byBasis + 1,
    by: 'basis',
    basis: 'crank',
    before: MAKER_SAYS,
    when: (s, q) => isAnother(s, q, (o) => isPower(o) || atWheel(s, o)),
  },
  // "Gewicht laut Waage 221, Werk sagt 218".
  {
    key: 'mass',
    points: WEIGHTS.byBasis + 0.5,
    by: 'basis',
    before: MAKER_SAYS,
    when: (s, q) => isAnother(s, q, isOfMass(s)) || (asksForMass(s) && (q.amounts[0] ?? 0) >= 80),
  },
  // "155 kg claimed / 158 kg measured", "annoncé 155 kg, vérifié 158 kg".
  ...(['before', 'behind'] as const).map(
    (side): Form => ({
      key: 'mass',
      dimension: 'mass',
      points: WEIGHTS.byBasis + 1,
      by: 'basis',
      [side]: side === 'before' ? MEASURED_BEFORE : MEASURED_BEHIND,
      when: (s, q) => isClaimedBefore(s, q) && isAnother(s, q, isOfMass(s)),
    }),
  ),
  // "À deux cinq et demi, seul quatre et demi".
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:seule?|solo|alleine?|da solo|en solitario)(?: (?:c['’]est|sind es|it['’]s|sono))? $/iu,
    when: (s, q) => isAnother(s, q, (o) => isUse(o) || o.unit === 'L'),
  },
  // "Consumo medio 4,4 l/100, por autopista 5,1".
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'motorway',
    before:
      /(?<!\p{L})(?:por|en|auf|sur|in|on) (?:la |der |the |l['’])?(?:autopista|autobahn|bahn|autoroute|autostrada|motorway|highway|freeway|interstate|snelweg)(?: sind es| es| it['’]s| more like)? $/iu,
    when: (s, q) => isAnother(s, q, isUse),
  },
  // "One eighty nine dry, two oh one full".
  {
    key: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'ready',
    behind: /^ (?:full|brimmed|fuelled|fueled|gassed|with fuel)(?=[.,;)]|$)/iu,
    when: (s, q) =>
      /(?<!\p{L})(?:dry|weigh\p{L}*|empty|without fuel|no fuel)(?!\p{L})/iu.test(s.text) &&
      isAnother(s, q, (o) => o.unit === undefined || o.unit === 'kg' || o.unit === 'lb'),
  },
  // "They only hold one point four litres" where oil is spoken of.
  {
    key: 'oilCapacity',
    dimension: 'volume',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:holds?|takes?)(?: only| just| about)? $/iu,
    when: (s, q) => /(?<!\p{L})oil(?!\p{L})/iu.test(s.text) && (q.amounts[0] ?? 0) < LARGEST_SUMP,
  },
  // "Oil changes every 7,500 and takes 1.7 with the filter".
  {
    key: 'oilCapacity',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^ (?:with|incl(?:uding|\.)?|mit|inkl(?:usive|\.)?|avec|con) (?:(?:the|a|new|dem|neuem|le|il|el) ){0,2}(?:oil )?(?:filter|filtre|filtro)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 0.6 && a < LARGEST_SUMP,
  },
  // "Öl 2,9 l": so little is what the engine holds of it.
  {
    key: 'oilCapacity',
    dimension: 'volume',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:öl|oil|huile|aceite|olio)(?: mit filter| with filter)?:? $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) < LARGEST_SUMP,
  },
  // "Dave's is ninety five horse, mine's seventy three".
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    before: MINE_IS,
    when: (s, q) => isAnother(s, q, isPower),
  },
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    before: MINE_IS,
    when: (s, { amounts: [a = 0] }) =>
      a >= SEAT_MM.least && a <= SEAT_MM.most && /(?<!\p{L})(?:seat|saddle)/iu.test(s.text),
  },
  {
    key: 'tank',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})i['’]ve got $/iu,
    when: (s, q) => isAnother(s, q, ({ unit }) => unit === 'L'),
  },
  // "Im Schnitt nimmt sie sich viereinhalb Liter": so few litres are for a hundred kilometres.
  {
    key: 'consumption',
    dimension: 'volume',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:nimmt|gönnt|genehmigt|schluckt|säuft|zieht|braucht)(?: (?:sie|er|es|die|der|das ding))?(?: sich)?(?: (?:so|etwa|rund|gut|knapp|im schnitt|durchschnittlich|nur))* $/iu,
    when: (_, q) => (q.amounts[0] ?? 0) < MOST_LITRES,
  },
  // "Ich hab 4,8 gebraucht".
  {
    key: 'consumption',
    points: WEIGHTS.byBasis - 0.5,
    by: 'basis',
    behind: /^ (?:gebraucht|verbraucht|genommen)(?!\p{L})/iu,
    when: (_, q) => (q.amounts[0] ?? 0) < MOST_PER_100_KM,
  },
];
