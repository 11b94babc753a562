import { spelt } from '../../vocabulary/letters';
import type { FigureKey } from '../../../readings';
import { PLAINLY, type Form } from '../form';
import { either, first, largest, LEAST_SUM } from './frame';

/** Somebody was charged for work. */
const CHARGED =
  "(?:me cobraron|me cobran|cobraron|pagué|me costó|m['’]ont (?:pris|facturé)|on m['’]a pris|facturée?|facture(?: de)?|j['’]ai payé|payée?|(?:haben )?(?:sie )?(?:mir )?(?:berechnet|verlangt)|gezahlt|bezahlt|ho pagato|mi hanno (?:chiesto|preso)|pagato|betaalde(?: ik)?|kostte|paguei|cobraram|(?:they|dealer|he|shop) (?:charged|charges|quoted|said|wanted|wants|asked|reckoned)(?: me)?|set me back|came to|i paid|paid)";
const WORK =
  'service|inspektion|wartung|kundendienst|révision|entretien|revisi[oó]n|tagliando|onderhoudsbeurt|beurt|revisão|przegląd';
const FIRST =
  '(?:first|initial|break[- ]in|run[- ]in|erste|ersten|première|primera|prim[oa]|eerste|primeira|pierwszy)';
const inspection: Form = {
  key: 'inspectionPrice',
  dimension: 'money',
  points: PLAINLY + 1,
  by: 'basis',
  before: spelt(
    new RegExp(
      `(?<!\\p{L})(?<!${FIRST} )(?:${WORK})(?!\\p{L})(?:[^.;!?]|\\.\\d){0,70}(?<!\\p{L})${CHARGED} $`,
      'iu',
    ),
  ),
  when: (_, q) => largest(q) < LEAST_SUM,
};

/** So little is no way to the next service, and what work costs. In any currency; own assumption. */
const BARE_WORK = { least: 40, most: 999 } as const;
const bareWork = (key: FigureKey, of: string, link: string): readonly Form[] =>
  either('money', {
    key,
    points: PLAINLY,
    by: 'basis',
    before: new RegExp(
      `(?<!\\p{L})(?<!${FIRST} )(?:${of})(?!\\p{L})(?:[^.;:!?,]|[.,]\\d){0,50}${link} $`,
      'iu',
    ),
    behind:
      /^(?! ?(?:km|k(?!\p{L})|miles?|mi(?!\p{L})|hours?|h(?!\p{L})|months?|%|lit|l(?!\p{L})|nm|ml))/iu,
    when: (s, q) =>
      (q.unit !== undefined || s.units.money !== undefined) &&
      first(q) >= BARE_WORK.least &&
      first(q) <= BARE_WORK.most &&
      q.unit !== 'money',
  });
const COST =
  "(?:was|were|cost|costs?|came to|is|it['’]s|that['’]s|kostet|kosteten|kostete|war|waren|lag bei|a coûté|coûte|costó|cuesta|è costato|costa|kostte|kost|custou|kosztował)(?: (?:me|us|mich|about|around|roughly|rund|etwa))*";
const works: readonly Form[] = [
  ...bareWork(
    'valvesPrice',
    'valves?|ventile?|ventilspiel|soupapes|válvulas|valvole|kleppen',
    `(?<!\\p{L})${COST}`,
  ),
  ...bareWork(
    'inspectionPrice',
    'minor service|dealer service|annual service|service at the dealer|inspektion beim händler|révision|revisión|tagliando|onderhoudsbeurt|kleine beurt|kleine inspektion',
    `(?:(?<!\\p{L})${COST}|dealer|händler|concessionnaire|concesionario)`,
  ),
  {
    key: 'oilPrice',
    dimension: 'money',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:oil(?: and filter)?(?: changes?)?|ölwechsel|vidange|cambio de aceite|cambio olio|olieverversing)(?!\p{L})(?:[^.;!?]|[.,]\d){0,60}[ (]$/iu,
    when: (s, q) =>
      largest(q) <= BARE_WORK.most / 2 &&
      // "The filter was 9 euro": of a part of it.
      !/(?<!\p{L})(?:filter|filtre|filtro|gasket|washer|plug|dichtung)s?(?: alone| itself)?(?: (?:was|is|were|are|costs?|for|war|kostet|a coûté))?:? (?:about )?[£$€]?$/iu.test(
        s.text.slice(0, q.from),
      ) &&
      !/^ (?:total|in total|all in|all told)/iu.test(s.text.slice(q.to)) &&
      !/(?<!\p{L})(?:service|inspektion|valves?|révision|revisión|tagliando)(?!\p{L})/iu.test(
        s.text.slice(0, q.from),
      ),
  },
  // "Revisiones cada 10.000, la última 195 euros".
  ...either('money', {
    key: 'inspectionPrice',
    points: PLAINLY + 1,
    by: 'basis',
    before: spelt(
      new RegExp(
        `(?<!\\p{L})(?:${WORK}|inspektionen|wartungen|révisions|revisiones|tagliandi|services)(?!\\p{L})(?:[^.;!?]|\\.\\d){0,40}(?:the last (?:one|time)|die letzte|der letzte|zuletzt|la dernière|la última|l['’]ultim[oa]|de laatste|a última)(?: (?:was|cost|war|hat|a coûté|fue|costó|è costat[oa]|kostte|custou))?,? $`,
        'iu',
      ),
    ),
    when: (_, q) => largest(q) < LEAST_SUM && largest(q) >= BARE_WORK.least,
  }),
];

/** What work on it costs. */
export const WORK_FRAMES: readonly Form[] = [inspection, ...works];
