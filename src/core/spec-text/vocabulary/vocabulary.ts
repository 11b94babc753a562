import type { FactKey } from '../../facts';
import type { Basis, FigureKey } from '../../readings';
import type { Dimension } from '../../units';
import { LETTER } from './letters';

/** What a label may stand for. With sides, front or rear is settled by a word nearby or by the order. */
export type LabelTarget =
  | { readonly kind: 'figures'; readonly keys: readonly FigureKey[] }
  | { readonly kind: 'sides'; readonly front: FigureKey; readonly rear: FigureKey };

const figures = (...keys: readonly FigureKey[]): LabelTarget => ({ kind: 'figures', keys });
const sides = (front: FigureKey, rear: FigureKey): LabelTarget => ({ kind: 'sides', front, rear });

/** Everything a label of a sheet may name; a label serves every dimension that its figures have. */
export const LABEL_TARGETS = {
  mass: figures('mass'),
  maxMass: figures('maxMass'),
  payload: figures('payload'),
  power: figures('power', 'powerRpm'),
  powerRpm: figures('powerRpm'),
  /** Engine speed of the figure before. */
  rpm: figures('powerRpm', 'torqueRpm'),
  unrestrictedPower: figures('unrestrictedPower'),
  torque: figures('torque', 'torqueRpm'),
  torqueRpm: figures('torqueRpm'),
  redline: figures('redline'),
  idleSpeed: figures('idleSpeed'),
  displacement: figures('displacement'),
  cylinders: figures('cylinders'),
  compression: figures('compression'),
  gears: figures('gears'),
  finalRatio: figures('finalRatio'),
  luggageVolume: figures('luggageVolume'),
  primaryRatio: figures('primaryRatio'),
  ratio1: figures('ratio1'),
  ratio2: figures('ratio2'),
  ratio3: figures('ratio3'),
  ratio4: figures('ratio4'),
  ratio5: figures('ratio5'),
  ratio6: figures('ratio6'),
  /** The gear above the one named before. */
  topRatio: figures('ratio5', 'ratio6'),
  sprocketFront: figures('sprocketFront'),
  sprocketRear: figures('sprocketRear'),
  sprockets: sides('sprocketFront', 'sprocketRear'),
  finalGearing: figures('finalRatio', 'sprocketFront', 'sprocketRear'),
  speedFirst: figures('speedFirst'),
  speedTop: figures('speedTop'),
  chainLinks: figures('chainLinks'),
  seatHeight: figures('seatHeight'),
  tank: figures('tank'),
  consumption: figures('consumption'),
  statedRange: figures('statedRange'),
  /** "I get 49 mpg", "I get 130 miles": which of the two, the unit tells. */
  gets: figures('consumption', 'statedRange'),
  travel: sides('travelFront', 'travelRear'),
  travelFront: figures('travelFront'),
  travelRear: figures('travelRear'),
  clearance: figures('clearance'),
  wheels: sides('wheelFront', 'wheelRear'),
  wheelFront: figures('wheelFront'),
  wheelRear: figures('wheelRear'),
  wheelbase: figures('wheelbase'),
  rakeAndTrail: figures('rake', 'trail'),
  rake: figures('rake'),
  trail: figures('trail'),
  forkRate: figures('forkRate'),
  shockRate: figures('shockRate'),
  springs: sides('forkRate', 'shockRate'),
  motionRatio: figures('motionRatio'),
  motionRatioEnd: figures('motionRatioEnd'),
  springRiderMass: figures('springRiderMass'),
  pressures: sides('pressureFront', 'pressureRear'),
  alternator: figures('alternator'),
  stockDraw: figures('stockDraw'),
  battery: figures('battery'),
  axleLimits: sides('axleLimitFront', 'axleLimitRear'),
  axleLimitFront: figures('axleLimitFront'),
  axleLimitRear: figures('axleLimitRear'),
  rackLimit: figures('rackLimit'),
  carrierLimit: figures('carrierLimit'),
  seatHours: figures('seatHours'),
  seatSettle: figures('seatSettle'),
  pegHeight: figures('pegHeight'),
  barHeight: figures('barHeight'),
  service: figures('serviceInterval', 'serviceHours', 'serviceMonths'),
  valves: figures('valveInterval', 'valveHours'),
  oil: figures('oilInterval', 'oilHours', 'oilCapacity'),
  oilCapacity: figures('oilCapacity'),
  price: figures('price'),
  usedPrice: figures('usedPrice'),
  unlockPrice: figures('unlockPrice'),
  oilPrice: figures('oilPrice'),
  inspectionPrice: figures('inspectionPrice'),
  valvesPrice: figures('valvesPrice'),
  suspensionPrice: figures('suspensionPrice'),
  warranty: figures('warranty'),
  madeFrom: figures('madeFrom'),
  madeUntil: figures('madeUntil'),
  dealerDistance: figures('dealerDistance'),
} as const satisfies Record<string, LabelTarget>;
export type LabelName = keyof typeof LABEL_TARGETS;

/** What takes a number away from the sheet, and which dimensions it takes; a bare number counts where `bare` stands. */
export const TAKERS = {
  /** bore, stroke, fork tubes, discs, widths, lengths, oil levels, valve play */
  part: ['length', 'bare'],
  overall: ['length', 'bare'],
  topSpeed: ['speed', 'bare'],
  rider: ['mass', 'length', 'bare'],
  load: ['mass', 'volume', 'bare'],
  sag: ['length', 'bare'],
  odometer: ['distance', 'duration', 'bare'],
  trip: ['distance', 'duration', 'bare'],
  /** money that is not asked for the machine */
  spending: ['money', 'bare'],
  /** a part's own price, mass, litres or watts */
  accessory: ['money', 'mass', 'volume', 'electric', 'distance', 'length', 'bare'],
  bolt: ['torque', 'bare'],
  reserve: ['volume', 'bare'],
  weather: ['angle', 'length', 'speed', 'bare'],
  contact: ['bare'],
  people: ['bare', 'length', 'calendar'],
  volts: ['bare'],
} as const satisfies Record<string, readonly (Dimension | 'bare')[]>;
export type Taker = keyof typeof TAKERS;

/** A fact, its option, and the words that state it. */
export type FactPhrase = readonly [FactKey, string, RegExp];

/**
 * The words of one language, as plain phrases parted by `|`: lower case, accents as written. `~` before a phrase: it names the
 * thing only when it stands close. `=basis` behind a label: it says how the figure was taken as well.
 */
export interface Vocabulary {
  readonly labels: Partial<Record<LabelName, string>>;
  readonly front: string;
  readonly rear: string;
  readonly bases: Partial<Record<Basis, string>>;
  readonly takers: Partial<Record<Taker, string>>;
  /** Another or an older machine, a part that was fitted: what follows is not said of this one. */
  readonly others: string;
  readonly hedges: string;
  /** Words that say that a machine stands for sale. */
  readonly sale: string;
  /** Words of this trade that a text about a motorcycle uses. */
  readonly trade: string;
  /** Words of things that are no motorcycle. */
  readonly elsewhere: string;
  /** Words that every text of the language has and no English one: two of them, and it is written in it. */
  readonly common?: string | undefined;
  /** Phrases that state a fact by themselves, as patterns. */
  readonly facts: readonly FactPhrase[];
  /** Labels of facts in tables, and which words mean which option. */
  readonly factLabels: Partial<
    Record<
      FactKey,
      { readonly labels: string; readonly options?: Readonly<Record<string, string>> }
    >
  >;
}

/** Every phrase of one word of each list, in their order: what may be said of the same thing in as many ways. */
export const combined = (...lists: readonly string[]): string =>
  lists
    .map((list) => list.split('|'))
    .reduce<readonly string[]>(
      (said, words) => said.flatMap((s) => words.map((w) => `${s} ${w}`.trim())),
      [''],
    )
    .join('|');

/** How letters with marks are typed without them: "flussigkeitsgekuhlt", "fluessigkeitsgekuehlt". */
const PLAINLY: Readonly<Record<string, readonly string[]>> = {
  ...{ ä: ['ae', 'a'], ö: ['oe', 'o'], ü: ['ue', 'u'], ß: ['ss'], æ: ['ae'], ø: ['oe', 'o'] },
  ...{ å: ['aa', 'a'], ł: ['l'] },
};

/** A pattern that its marked letters may also be typed without, in classes of letters as well. */
function unmarked(source: string): string {
  let inClass = false;
  return [...source]
    .map((sign) => {
      if (sign === '[') inClass = true;
      if (sign === ']') inClass = false;
      const plain = PLAINLY[sign] ?? [sign.normalize('NFD').replace(/\p{M}/gu, '')];
      if (plain.length === 1 && plain[0] === sign) return sign;
      return inClass
        ? sign + plain.filter((p) => p.length === 1).join('')
        : `(?:${[sign, ...plain].join('|')})`;
    })
    .join('');
}

/** A pattern that matches whole words of the languages read here, with or without their marks; `\\p{L}` in it stands for their letters. */
export const worded = (source: string): RegExp =>
  new RegExp(
    `(?<![${LETTER}\\d])(?:${unmarked(source).replaceAll('\\p{L}', `[${LETTER}]`)})(?![${LETTER}\\d])`,
    'i',
  );
