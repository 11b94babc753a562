import type { Dimension } from '../../units';
import type { Form } from './form';
import { WEIGHTS } from './weights';

const twice = (form: Omit<Form, 'dimension'>): readonly Form[] =>
  ([undefined, 'distance'] as const).map(
    (dimension: Dimension | undefined): Form =>
      dimension === undefined ? form : { ...form, dimension },
  );

/** When work is due, said in a sentence of its own: a bare number is then in the text's kilometres or miles. */
export const CARE_FORMS: readonly Form[] = [
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
      /(?<!\p{L})(?:öl|ölwechsel|huile|vidange|aceite|olio)(?!\p{L}),?(?: \p{L}+){0,3},? (?:alle|tous les|cada|ogni)(?: ca\.?)? $/iu,
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
      /(?<!\p{L})(?:services?|inspektion|wartung|kundendienst|révision|entretien|tagliand[oi])(?!\p{L})(?:[^.]{0,40},|(?: \p{L}+){0,5}) (?:alle|every|tous les|ogni|cada) (?:ca\.? |about )?$/iu,
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
