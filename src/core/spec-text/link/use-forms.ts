import { PLAINLY, type Form } from './form';
import { WEIGHTS } from './weights';

/** Bare numbers that are what it uses. */
export const USE_FORMS: readonly Form[] = [
  // "I averaged 5.1 over the week".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    basis: 'own-fills',
    before:
      /(?<!\p{L})(?:I|we)(?:['’]ve| have|['’]m|['’]re)? (?:averaged?|averaging)(?: about| around| just| only)? $/iu,
  },
  // "I'm getting five and a half".
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'own-fills',
    before: /(?<!\p{L})(?:I|we)['’](?:m|re) getting (?:about |around |more like )?$/iu,
    behind: /^(?=[,.;]|$| (?:out of|on|from|instead|at))/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 2 &&
      a < 10 &&
      /(?<!\p{L})(?:lit(?:re|er)s?|per hundred|fuel|drinks?|thirsty)(?!\p{L})/iu.test(s.text),
  },
  // "9,400 km, 412 l of fuel, so 4.4".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    basis: 'own-fills',
    before: /\d ?(?:l|lit(?:re|er)s?) of (?:fuel|petrol|gas),? so (?:about )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1.5 && a < 13,
  },
  // "Normal is 62", where miles per gallon were spoken of.
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})normal(?:ly)?(?: is|:| it['’]s)? (?:about )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      /^mpg/.test(s.units.usual.consumption ?? '') && a >= 25 && a <= 130,
  },
  // "Elle boit trois virgule huit", "beve quattro e due".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:boit|bois|consomme|beve|bebe|chupa|säuft|schluckt|drinks?|sips)(?: (?:environ|circa|unos|etwa|about|around|just|only))? $/iu,
    when: (_, { amounts: [a = 0], unit }) => unit === undefined && a >= 1.5 && a < 13,
  },
  // "Con tre e otto per cento".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:per|ogni|ai) cento(?! ?(?:dei|delle|della|del|di|punti))(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1.5 && a < 10 && a % 1 !== 0,
  },
  // "4.7/100".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'unit',
    behind: /^ ?\/ ?100(?! ?(?:points?|%)|[\d/-])/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1.5 && a < 13,
  },
];
