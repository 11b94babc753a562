import { spelt } from '../vocabulary/letters';
import type { Dimension } from '../../units';
import { PLAINLY, type Form } from './form';
import type { SentenceWords } from './option';
import { WEIGHTS } from './weights';

const twice = (form: Omit<Form, 'dimension'>): readonly Form[] =>
  ([undefined, 'distance'] as const).map(
    (dimension: Dimension | undefined): Form =>
      dimension === undefined ? form : { ...form, dimension },
  );

/** "A revisão dos 1000 km": the one after running in. */
export const FIRST_OF_ALL = spelt(
  /(?<!\p{L})(?:first|erste\p{L}*|première|primera|prima|primeira|eerste|första) (?:service|inspektion|révision|revisión|revisão|beurt)|(?<![\d.,])1[., ]?000(?:er|ste)? ?(?:km|kilom\p{L}+)?(?!\d)(?=[^.;]{0,12}(?:service|inspektion|ficou|custou|kostte|me costó|m['’]a coûté|è costato))|(?<![\d.,])600[- ]mi/iu,
);

/** Said of how often, and not of what it costs. */
const isInterval = (s: SentenceWords): boolean =>
  /(?<!\p{L})(?:intervals?|every|due)(?!\p{L})/iu.test(s.text);

/** When work is due, said in a sentence of its own: a bare number is then in the text's kilometres or miles. */
export const CARE_FORMS: readonly Form[] = [
  // "Inspektion bei 10.000 hat 265 € gekostet", "la revisión de los 12.000 me costó 310 €".
  {
    key: 'inspectionPrice',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:inspektion|wartung|kundendienst|kd|révision|entretien|revisi[oó]n|tagliando|(?<!(?:first|initial|\dk|\d|km|miles?|mi|major|big|valve|erste|große|grosse) )service|przegląd|(?:grote |kleine )?(?:onderhouds)?beurt|revisão|huolto)(?!\p{L})(?! (?:history|book|plan|heft))(?:[^.;!?]|\.\d|tys\.){0,40}(?<!\p{L})(?:kostet|hat|kam auf|lag bei|coûte|a coûté|m['’]a coûté|costó|cuesta|è costato|costa|cost|costs|was|kosztował|kost|kostte|custou|ficou (?:em|por)|custa|maksoi|kostade|kostede)(?: (?:me|mij|us|mich|uns|um die|etwa|rund|ca\.|about|around|environ|unos))* $/iu,
    // With the valves it is another one.
    behind: /^(?!.{0,24}(?:valve|ventil|soupape|válvula|valvole))/iu,
    when: (s) => !FIRST_OF_ALL.test(s.text),
  },
  // "Révision tous les 10 000 km, 260 € la dernière".
  {
    key: 'inspectionPrice',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:inspektion|wartung|kundendienst|kd|révision|entretien|revisi[oó]n|tagliando|service)(?!\p{L})(?:[^.;!?]|\.\d){0,40}[,:] $/iu,
    behind:
      /^,? (?:la dernière|die letzte|der letzte|beim letzten mal|(?:the )?last (?:one|time)|l['’]ultim[oa]|l['’]ultima volta|(?:el|la) últim[oa])(?!\p{L})/iu,
  },
  // "Eight thousand miles for oil, twenty four for the valves".
  ...twice({
    key: 'oilInterval',
    points: PLAINLY,
    by: 'basis',
    behind: /^ for (?:the |an? )?oil(?: changes?)?(?=[,.;]| and|$)/iu,
    when: isInterval,
  }),
  ...twice({
    key: 'valveInterval',
    points: PLAINLY,
    by: 'basis',
    behind: /^ for (?:the |a )?valves?(?: checks?| clearances?)?(?=[,.;]| and|$)/iu,
    when: isInterval,
  }),
  // "Valve check is at fifteen thousand and it's about four hundred quid".
  {
    key: 'valvesPrice',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})valve (?:check|adjust\p{L}*|clearances?|service|job)(?!\p{L})[^.;!?]{0,50}(?<!\p{L})(?:it['’]s|that['’]s|it was|was|is|costs?|came (?:out )?(?:at|to)|set me back)(?: (?:me|us|about|around|roughly))* $/iu,
  },
  // "Valve check due every 7.5k, dealer wants $420", "quoted me £640 for a valve check".
  {
    key: 'valvesPrice',
    dimension: 'money',
    points: PLAINLY + 1.5,
    by: 'basis',
    before:
      /(?<!\p{L})valve (?:check|adjust\p{L}*|clearances?|service|job)s?(?!\p{L})(?:[^.;!?]|\.\d){0,50}(?<!\p{L})(?:dealers?|shop|garage|mechanic|they) (?:wants?|charges?|charged|quoted?|asks?|asked)(?: me| us| for| about| around)* $/iu,
  },
  {
    key: 'valvesPrice',
    dimension: 'money',
    points: PLAINLY + 1.5,
    by: 'basis',
    behind: /^,? for (?:the |a )?valve (?:check|adjust\p{L}*|clearances?|service|job)s?(?!\p{L})/iu,
  },
  // "Valves were done at 7.5k, £340", "480 € con reglaje de válvulas", "420 EUR with valves".
  {
    key: 'valvesPrice',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})valves? (?:were |was |got |have been |just )?(?:done|checked|adjusted|set|shimmed)(?: (?:at|by|last|in) (?:[^.;!?]|\.\d){1,24})?[,:(–-] ?(?:cost(?:ing)? |for |that was |about )?$/iu,
  },
  {
    key: 'valvesPrice',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    behind:
      /^ (?:(?:with|for|incl\.?|including) (?:the )?valves?|con (?:el )?(?:reglaje|ajuste) de válvulas|mit ventil\p{L}*|inkl\. ventil\p{L}*|avec (?:le )?jeu aux soupapes|con (?:il )?gioco valvole)(?!\p{L})/iu,
  },
  // "420 EUR with valves, 190 without".
  {
    key: 'inspectionPrice',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:valves?|ventil\p{L}*|válvulas|soupapes|valvole),? (?:and |but |und |et |y |e )?[£$€]?$/iu,
    behind:
      /^ ?(?:€|eur|euros?|quid|pounds|dollars)? ?(?:without|ohne|sans|sin|senza)(?=[.,;!)]|$| )/iu,
  },
  // "Revisões de 10 em 10 mil", "revisiones de 10 en 10 mil".
  ...twice({
    key: 'serviceInterval',
    points: PLAINLY + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:revis(?:ões|ão|iones|ión)|assistências?|mantenimiento)(?!\p{L})[^.;!?]{0,20} de \d{1,2} (?:em|en) $/iu,
  }),
  // "The valves get looked at every twenty", "valves I check every twenty thousand", "Ventile alle 24.000".
  ...twice({
    key: 'valveInterval',
    points: WEIGHTS.byBasis + 2,
    by: 'basis',
    before:
      /(?<!\p{L})(?:valves?|clearances?|shims|ventile|soupapes|válvulas|valvole),?(?: \p{L}+){0,5},? (?:every|each|alle|tous les|cada|ogni)(?: about| ca\.?)? $/iu,
  }),
  // "Aceite cada tres mil", "la vidange, tous les douze mille".
  ...twice({
    key: 'oilInterval',
    points: WEIGHTS.byBasis + 1,
    by: 'basis',
    before:
      /(?<!\p{L})(?:öl|ölwechsel|huile|vidange|aceite|olio|olej|oleju)(?!\p{L}),?(?: \p{L}+){0,3},? (?:alle|tous les|cada|ogni|co)(?: ca\.?| ok\.)? $/iu,
  }),
  // "First valve adjust at six hundred, after that every eight thousand miles".
  ...twice({
    key: 'valveInterval',
    points: WEIGHTS.byBasis + 2,
    by: 'basis',
    before:
      /(?<!\p{L})valves? (?:adjust\p{L}*|checks?|clearances?|inspections?|shims?)[^.]{0,34}(?:after that|thereafter|then|from then on),? (?:it['’]s )?every $/iu,
  }),
  // "Alle 12.000 Inspektion", "every 12,000 a service".
  ...twice({
    key: 'serviceInterval',
    points: WEIGHTS.byBasis + 1,
    by: 'basis',
    before: /(?<!\p{L})(?:every|alle|tous les|cada|ogni)(?: about| ca\.?)? $/iu,
    behind:
      /^,? (?:an? |the |la |le |el |il |zur |zum |is (?:an? |the )?|there['’]s a )?(?:inspektion|wartung|kundendienst|service|révision|entretien|revisión|tagliando)(?!\p{L})/iu,
  }),
  // "Service beim Händler 280 €, alle 10.000".
  ...twice({
    key: 'serviceInterval',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:services?|inspektion|wartung|kundendienst|kd|révision|entretien|tagliand[oi])(?!\p{L})(?:[^.]{0,40},|(?: \p{L}+){0,5}) (?:alle|every|tous les|ogni|cada) (?:ca\.? |about )?$/iu,
  }),
  // "Tagliando ai 1.000 poi ogni 10.000".
  ...twice({
    key: 'serviceInterval',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:tagliand[oi]|révision|entretien|inspektion|wartung|kundendienst|revisi[oó]n)(?!\p{L})[^.;]{0,34}(?<!\p{L})(?:poi|puis|dann|luego|después)(?:,)? (?:ogni|tous les|alle|cada) $/iu,
  }),
  // "At thirty the valves".
  ...twice({
    key: 'valveInterval',
    points: WEIGHTS.byBasis + 2,
    by: 'basis',
    before: /(?<!\p{L})(?:at|every) $/iu,
    behind: /^,? (?:we do |it['’]s |come |comes )?the valves(?!\p{L})/iu,
  }),
];
