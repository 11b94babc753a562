import type { FigureKey } from '../../../readings';
import { PLAINLY, type Form } from '../form';
import { WEIGHTS } from '../weights';
import { first } from './frame';

/** Which end: "out back it's two ten", after the travel of the other was told. */
const end = (key: FigureKey, other: FigureKey, where: string): Form => ({
  key,
  points: PLAINLY,
  by: 'follows',
  before: new RegExp(
    `(?:^|[.!?,;])\\s*(?:and |und |et |y |e |en )?(?:${where})(?: end)?,? (?:it['’]s|you get|you['’]ve got|there['’]s|is|sind es|sind|hat sie|c['’]est|ce sont|il y a|son|hay|sono|is het)? ?$`,
    'iu',
  ),
  behind: /^(?! ?(?:psi|bar|inch|zoll|["/]))/iu,
  when: (s, q) => s.lastKey === other && q.unit === undefined && first(q) >= 100 && first(q) <= 330,
});
const BACK =
  "out back|at the (?:back|rear)|in the (?:back|rear)|rear|hinten|derrière|à l[’']arrière|detrás|atrás|dietro|achter";
const FRONT =
  "up front|at the front|in (?:the )?front|front|vorne?|devant|à l['’]avant|delante|davanti|voor";

/** Rims: a sprocket at the front has fewer teeth, one at the rear more. */
const rim = (key: FigureKey, least: number, most: number, where: string): Form => ({
  key,
  points: PLAINLY,
  by: 'basis',
  before:
    /(?<!\p{L})(?:an?|ein|eine|einen|une?|un|una|een)(?: (?:big|proper|full|großes|grand|gran))? $/iu,
  behind: new RegExp(`^(?:["”]|er|-?inch(?:er)?)? (?:wheel )?(?:${where})(?!\\p{L})`, 'iu'),
  when: (_, q) => Number.isInteger(first(q)) && first(q) >= least && first(q) <= most,
});

/** "Vorne einundzwanzig Zoll", "21" up front": so many inches of one end are its rim. */
const rimInches = (key: FigureKey, least: number, most: number, where: string): Form => ({
  key,
  dimension: 'length',
  points: PLAINLY,
  by: 'basis',
  before: new RegExp(
    `(?<!\\p{L})(?:${where})(?: (?:an?|ein|eine|une?|un|una|een|it['’]s|is|ist|hat sie|sind|has|mit|with|en|de|da))* $`,
    'iu',
  ),
  behind: new RegExp(
    `^(?! ?(?:of |de |di )?(?:travel|federweg|débattement|recorrido|escursione|veerweg|${BACK}|${FRONT}|at the|on the))`,
    'iu',
  ),
  when: (_, q) =>
    q.unit === 'in' && Number.isInteger(first(q)) && first(q) >= least && first(q) <= most,
});

/** "205+195mm" in a list: both ends of what moves. */
const ends: readonly Form[] = [
  {
    key: 'travelFront',
    points: WEIGHTS.byUnit + 1,
    by: 'unit',
    behind: /^ ?\+ ?(?:1[2-9]|2\d|3[0-2])\d ?mm(?!\p{L})/iu,
    when: (_, q) => first(q) >= 120 && first(q) <= 330,
  },
  {
    key: 'travelRear',
    dimension: 'length',
    points: WEIGHTS.byUnit + 1,
    by: 'unit',
    before: /(?<![\d.,])(?:1[2-9]|2\d|3[0-2])\d ?\+ ?$/u,
    when: (_, q) => q.unit === 'mm' && first(q) >= 120 && first(q) <= 330,
  },
];

/** Rims and travel of each end. */
export const END_FRAMES: readonly Form[] = [
  end('travelRear', 'travelFront', BACK),
  end('travelFront', 'travelRear', FRONT),
  rim('wheelFront', 18, 21, FRONT),
  rim('wheelRear', 16, 18, BACK),
  rimInches('wheelFront', 16, 21, FRONT),
  rimInches('wheelRear', 16, 19, BACK),
  ...ends,
];
