import { FACT_DEFINITIONS, type FactKey } from '@/core/facts';
import type { FigureKey } from '@/core/readings';
import type { WorthKnowing } from '@/store/queries';
import type { Sheet } from '@/store/records';
import { findOutWords } from './find-out';
import { lowerFirst, formatFigure, type Reader } from './format';
import { BASIS_WORDS, FIGURE_WORDS, KNOWN_WORDS } from './figure-words';
import { MUST_SHORT } from './brief-words';
import { optionWords } from './fact-words';
import { FACT_WORDS } from './fact-words';
import { METRIC_WORDS } from './metric-words';
import { listWords } from './verdict-words';

/** How a figure is found out on the machine, or whom to ask. */
const FIND_FIGURE: Partial<Readonly<Record<FigureKey, string>>> = {
  mass: 'Papers, or a scale with a full tank.',
  maxMass: 'The plate on the frame, or the papers.',
  power: 'The papers.',
  torque: 'The papers or the handbook.',
  seatHeight: 'Tape from the ground to the lowest point of the seat, upright, tyres at pressure.',
  tank: 'Handbook; or fill it from the reserve and read the pump.',
  consumption: 'Ask for fuel and distance over some tanks.',
  travelFront: 'Cable tie on the fork leg, or tape fully extended and compressed.',
  travelRear: 'Tape at the axle, lifted and compressed.',
  clearance: 'Tape to the lowest part under the engine, upright.',
  serviceInterval: 'The handbook’s service table.',
  price: 'Ask for the price on the road, in writing.',
  usedPrice: 'Ask, and ask for what.',
  wheelbase: 'Tape from axle to axle.',
  springRiderMass: 'Ask which rider it is sprung for; look for stamps on the springs.',
  forkRate: 'Ask for the rate; it is stamped on the spring.',
  shockRate: 'Read it off the spring.',
  seatSettle:
    'Tape from the ground to the seat beside your thigh, off it and then on it in your kit: the difference.',
  pegHeight: 'Tape from the ground to the peg, upright.',
  barHeight: 'Tape from the ground to the grips, upright.',
  alternator: 'Handbook, electrical data.',
  stockDraw: 'Handbook, or a clamp meter at idle.',
  payload: 'The plate or the papers.',
  warranty: 'Ask, and whether it passes on.',
  dealerDistance: 'Look it up on the map.',
  rackLimit: 'Stamped on the rack, or the handbook.',
  carrierLimit: 'Stamped on the carriers, or the handbook of the cases.',
  seatHours: 'Sit still on it for half an hour; ask an owner who rides whole days.',
  oilPrice: 'Call a workshop and ask for the whole bill.',
  inspectionPrice: 'Call a workshop and ask for the whole bill.',
  valvesPrice: 'Call a workshop and ask for the whole bill.',
  suspensionPrice: 'Call whoever works on forks and shocks near you.',
  sprocketFront: 'Count the teeth.',
  sprocketRear: 'Count the teeth.',
  speedFirst: 'Read speed and revs together in first, by satellite where you can.',
  speedTop: 'Read speed and revs together in the highest gear, by satellite where you can.',
  finalRatio: 'Workshop handbook, data of the final drive.',
  oilCapacity: 'Handbook.',
  wheelFront: 'Read it on the tyre.',
  wheelRear: 'Read it on the tyre.',
};

/** The one figure that would settle a must, and how it is found out. */
export const settleWords = (key: FigureKey): string =>
  `${FIGURE_WORDS[key]} would settle it: ${lowerFirst(FIND_FIGURE[key] ?? ELSEWHERE).replace(/\.$/, '')}`;

const ELSEWHERE = 'Read it in the handbook or the papers, or measure it.';

/** What is worth finding out before choosing: what, what it would gain, and how it is found out. */
export function worthKnowingWords(
  worth: WorthKnowing,
  name: (id: string) => string,
): { readonly what: string; readonly gain: string; readonly how: string } {
  const turns = Math.round(worth.turns * 100);
  const gain = `the choice would be ${worth.points.toFixed(1)} points better on average, and another one in ${turns < 1 ? 'fewer than one' : turns} of 100`;
  if (worth.kind === 'reach')
    return {
      what: 'How you reach the ground',
      gain,
      how: 'Sit on any machine of known seat height in your boots, and enter the sit.',
    };
  const whose = listWords(worth.candidateIds.map(name));
  if (worth.kind === 'class')
    return {
      what: `Which class ${whose} ${worth.candidateIds.length > 1 ? 'are' : 'is'} of`,
      gain,
      how: 'Read what it is for in a test of it, then say its class on its sheet: until then all that is typical is drawn from several.',
    };
  if (worth.kind === 'seat')
    return {
      what: `${FACT_WORDS.seatWidth} of ${whose}`,
      gain,
      how: 'Look where the thighs go, or sit on it: narrow, middling or wide.',
    };
  return worth.kind === 'figure'
    ? {
        what: `${FIGURE_WORDS[worth.figure]} of ${whose}`,
        gain,
        how: FIND_FIGURE[worth.figure] ?? ELSEWHERE,
      }
    : { what: `${METRIC_WORDS[worth.want].name} of ${whose}`, gain, how: findOutWords(worth.want) };
}

export interface AskWords {
  readonly name: string;
  /** What is thought now and who says so. */
  readonly thought: string;
  readonly how: string;
  /** Why it is asked. */
  readonly why: string;
  /** Options, for a fact. */
  readonly options: readonly { readonly value: string; readonly words: string }[];
}

/** One open question of a sheet in words. */
export function askWords(open: Sheet['open'][number], reader: Reader): AskWords {
  const why = [
    open.decides.length > 0 ? `decides ${open.decides.map((m) => MUST_SHORT[m]).join(', ')}` : '',
    open.points >= 0.1 ? `${open.points.toFixed(1)} points` : '',
  ]
    .filter(Boolean)
    .join('; ');
  if (open.kind === 'fact') {
    const key: FactKey = open.key;
    const definition = FACT_DEFINITIONS[key];
    const options =
      definition.kind === 'choice'
        ? definition.options.map((value) => ({ value, words: optionWords(key, value) }))
        : [];
    return {
      name: FACT_WORDS[key],
      thought: 'not known',
      how: `Look or ask: ${options.map((o) => o.words).join('; ')}.`,
      why,
      options,
    };
  }
  const key: FigureKey = open.key;
  const thought = open.now
    ? [
        `${formatFigure(open.now.mid, key, reader)}${open.basis && open.basis !== 'stated' ? ` ${BASIS_WORDS[open.basis]}` : ''}`,
        ...(open.origin ? [KNOWN_WORDS[open.origin]] : []),
      ].join(', ')
    : 'not known';
  return {
    name: FIGURE_WORDS[key],
    thought,
    how: FIND_FIGURE[key] ?? ELSEWHERE,
    why,
    options: [],
  };
}
