import { PLAINLY, type Form } from '../form';
import { WEIGHTS } from '../weights';
import { first } from './frame';

/** "The brochure says 163 kg": whoever says it, so much is a machine. */
const brochure: Form = {
  key: 'mass',
  dimension: 'mass',
  points: WEIGHTS.byBasis,
  by: 'basis',
  before:
    /(?<!\p{L})(?:maker|factory|sheet|brochure|website|press kit|manual|magazine|test|prospekt|hersteller|werk|constructeur|prospectus|fabricante|folleto|casa|depliant|folder|fabrikant)s? (?:says?|said|claims?|claimed|quotes?|quoted|lists?|reckons?|had it at|gives?|sagt|nennt|verspricht|annonce|dit|dice|declara|dichiara|zegt)(?: it['’]?s| it at)? $/iu,
  when: (_, q) => {
    const kg = q.unit === 'kg' ? first(q) : q.unit === 'lb' ? first(q) * 0.4536 : 0;
    return kg >= 90 && kg <= 320;
  },
};

/** What papers say it weighs, beside what a scale said. */
const papers: Form = {
  key: 'mass',
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:im (?:fahrzeug)?(?:schein|brief)|in den papieren|laut (?:papieren|schein)|(?:sur|dans) la carte grise|on the (?:plate|papers|v5c?|title)|en (?:la ficha|los papeles)|sul libretto|a libretto|op het kenteken)(?: (?:stehen?|steht|sind es|c['’]est|il y a|it says|it['’]s|pone|dice|c['’]è scritto|staat))? $/iu,
  when: (s, q) =>
    first(q) >= 80 &&
    first(q) <= 500 &&
    s.quantities.some((o) => o.unit === 'kg' || o.unit === 'lb' || o.to <= q.from) &&
    /(?<!\p{L})(?:waage|gewicht|wiegt|scales?|weigh\p{L}*|kg|balance|bascule|poids|pèse|báscula|peso|pesa|bilancia|weegt|kilos?)(?!\p{L})/iu.test(
      s.text,
    ),
};

/** "193 auf der Waage", "198 on the scales". */
const weighed: Form = {
  key: 'mass',
  points: PLAINLY,
  by: 'basis',
  behind:
    /^(?: kilos?)? (?:auf der waage|sur la (?:balance|bascule)|en (?:la )?báscula|sulla bilancia|on (?:the|my|our|his|a) (?:\p{L}+ )?scales?|op de weegschaal|na balança|na wadze|på vågen)(?!\p{L})/iu,
  when: (_, q) => first(q) >= 80 && first(q) <= 900,
};

/** What it weighs, by whom. */
export const MASS_FRAMES: readonly Form[] = [brochure, papers, weighed];
