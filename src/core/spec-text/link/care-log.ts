import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** "Maintenance log:", "Scheckheft:", as a head: what was done, and when. Common usage, no source. */
const LOG_HEAD =
  /(?<!\p{L})(?:(?:maintenance|service|servicing|repair|workshop) ?(?:log|history|records?|book)|log ?book|scheckheft|service ?heft|wartungs(?:heft|historie|protokoll)|carnet d['’]entretien|historique(?: d['’]entretien)?|libretto (?:di )?(?:manutenzione|tagliandi)|storico tagliandi|libro de mantenimiento|historial(?: de mantenimiento)?|onderhoudsboekje|onderhoudshistorie|servicebok|książka serwisowa)(?: \([^)\n]{0,24}\)| so far| to date)?\s*(?:[:–—]|-(?= )|$)/imu;
const CARE: ReadonlySet<FigureKey> = new Set([
  'serviceInterval',
  'serviceHours',
  'oilInterval',
  'oilHours',
  'valveInterval',
  'valveHours',
]);
/** Said of what comes again and again. */
const AGAIN =
  /(?<!\p{L})(?:every|each|intervals?|alle|jede|tous les|toutes les|cada|ogni|elke|var|varje|hver|co|każde|due|next)(?!\p{L})[^.;\n]{0,24}$/iu;

/** Whether a text keeps a log of what was done to a machine. */
export const hasCareLog = (text: string): boolean => LOG_HEAD.test(text);

/** "8,020 km oil, 16,100 km valves" in a log: when it was done, hardly how often, and asked about. */
export const asLogged = (made: FigureProposal, text: string, q: Quantity): FigureProposal =>
  made.ticked && CARE.has(made.key) && !AGAIN.test(text.slice(Math.max(0, q.from - 40), q.from))
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'close-call', rival: undefined }] }
    : made;
