import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';
import { FIRST_OF_ALL } from './care-forms';

/** "Maintenance log:", "Scheckheft:", as a head: what was done, and when. Common usage, no source. */
const LOG_HEAD = spelt(
  /(?<!\p{L})(?:(?:maintenance|service|servicing|repair|workshop) ?(?:log|history|records?|book)|log ?book|scheckheft|service ?heft|wartungs(?:heft|historie|protokoll)|carnet d['’]entretien|historique(?: d['’]entretien)?|libretto (?:di )?(?:manutenzione|tagliandi)|storico tagliandi|libro de mantenimiento|historial(?: de mantenimiento)?|onderhoudsboekje|onderhoudshistorie|servicebok|książka serwisowa)(?: \([^)\n]{0,24}\)| so far| to date)?\s*(?:[:–—]|-(?= )|$)/imu,
);
const CARE: ReadonlySet<FigureKey> = new Set([
  'serviceInterval',
  'serviceHours',
  'oilInterval',
  'oilHours',
  'valveInterval',
  'valveHours',
]);
/** Said of what comes again and again. */
const AGAIN = spelt(
  /(?<!\p{L})(?:every|each|intervals?|alle|jede|tous les|toutes les|cada|ogni|elke|var|varje|hver|co|każde|každých|každý|každé|po|due|next)(?!\p{L})[^.;\n]{0,24}$/iu,
);

/** "6,020 km oil + filter" opening a line: how far it had gone. */
const AT_A_DISTANCE = spelt(
  /^[ \t]*(?:[-*•] ?)?(\d[\d.,' ]{2,8}) ?(?:km|kms|mi|miles|mil)(?!\p{L})/gimu,
);
/** Of a plan every distance is round; of so many lines two that are not make it a log. Own assumption. */
const LEAST_LINES = 3;
const LEAST_ODD = 2;
const isOdd = (written: string): boolean => Number(written.replace(/\D/g, '')) % 100 !== 0;
function isByDistance(text: string): boolean {
  const at = [...text.matchAll(AT_A_DISTANCE)].map(([, written = '']) => written);
  return at.length >= LEAST_LINES && at.filter(isOdd).length >= LEAST_ODD;
}

/** Whether a text keeps a log of what was done to a machine. */
export const hasCareLog = (text: string): boolean => LOG_HEAD.test(text) || isByDistance(text);

/** "30,000 km valve checks": of many, and so of how often. */
const EACH = spelt(
  /^ ?(?:\p{L}+[ -]){0,2}(?:intervals?|intervalle?n?|checks|services|inspections|adjustments|välein|mellanrum|mellomrom|mellemrum)(?!\p{L})/iu,
);

/** "Service på 16 000 km", "huolto 12 000 km" in an advert: when it was done, unless it says how often. */
export const asServiced = (made: FigureProposal, text: string, q: Quantity): FigureProposal =>
  !/Interval$/.test(made.key) || EACH.test(text.slice(q.to))
    ? made
    : DONE_BY_OWNER.test(text)
      ? asked(made)
      : asLogged(made, text, q);

/** "Ölwechsel habe ich alle 5.000 km gemacht": how often its owner did it, which may be oftener than the maker asks. */
const DONE_BY_OWNER = spelt(
  /(?<!\p{L})(?:habe? ich (?:immer )?(?:alle|jede)|(?:i|we)(?:['’]ve| have)? (?:always |religiously )?(?:done|did|changed|had it (?:done|serviced|changed))|j['’]ai (?:toujours )?(?:fait|changé)|(?:lo |la )?he (?:hecho|cambiado)|(?:l['’])?ho (?:fatto|cambiato)|heb ik (?:altijd )?(?:elke|om de))(?!\p{L})/iu,
);

/** No further off is the first service of all, after the running-in, km: an interval that short is asked about. Common practice, no source. */
const RUN_IN = 1610;
const isRunIn = ({ key, amount, unit }: FigureProposal): boolean =>
  key === 'serviceInterval' && amount * (unit === 'mi' ? 1.609 : 1) <= RUN_IN;

/** "My dealer wanted 95 € for the 1,000 km service": the first of all, and no interval, unless it says that it comes again. */
export const isFirstService = (made: FigureProposal, text: string, q: Quantity): boolean =>
  isRunIn(made) &&
  !AGAIN.test(text.slice(Math.max(0, q.from - 40), q.from)) &&
  !EACH.test(text.slice(q.to));

/** "La révision des 1000 m'a coûté 180 €", "Révisions : 1 000 km (149 €), 10 000 km": what the first costs, and when it is due, is not so of the others. */
export const asFirst = (made: FigureProposal, text: string): FigureProposal =>
  isRunIn(made) || (made.key === 'inspectionPrice' && FIRST_OF_ALL.test(text)) ? asked(made) : made;

/** "8,020 km oil, 16,100 km valves" in a log: when it was done, hardly how often, and asked about. */
export const asLogged = (made: FigureProposal, text: string, q: Quantity): FigureProposal =>
  made.ticked && CARE.has(made.key) && !AGAIN.test(text.slice(Math.max(0, q.from - 40), q.from))
    ? asked(made)
    : made;

const asked = (made: FigureProposal): FigureProposal =>
  made.ticked
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'close-call', rival: undefined }] }
    : made;
