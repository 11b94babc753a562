import { kindOfMachine } from '../donor';
import { GROUNDS, type Ground, type GroundShares } from '../brief';
import { derive, oneOf, piecewiseLinear, weightedSum } from '../numeric';
import type { NormalFigure } from '../readings';
import { told, type Whose } from './told';
import { weightedIndex, type IndexReason, type SuitabilityIndex } from './weighted-index';

/** What wheels are looked at for. */
type WheelReason = 'wheelFront' | 'wheelRear' | 'rimStrength' | 'plug' | 'tyreChoice';

/** Kinds of ground that ask the same of wheels. */
type Way = 'road' | 'gravel' | 'rough';
const WAYS = ['road', 'gravel', 'rough'] as const satisfies readonly Way[];
const WAY_OF: Readonly<Record<Ground, Way>> = {
  motorway: 'road',
  openRoad: 'road',
  town: 'road',
  gravel: 'gravel',
  twoTrack: 'rough',
  singleTrack: 'rough',
  sandMud: 'rough',
};

type ByWay = Readonly<Record<Way, number>>;
const onWays = (road: number, gravel: number, rough: number): ByWay => ({ road, gravel, rough });

/** How much each reason counts on each way; a way's column adds to 1. Own assumption, from what the schools of practice argue about. */
const COUNTS: Readonly<Record<WheelReason, ByWay>> = {
  wheelFront: onWays(0.25, 0.3, 0.35),
  wheelRear: onWays(0.1, 0.1, 0.1),
  rimStrength: onWays(0.1, 0.25, 0.3),
  plug: onWays(0.2, 0.15, 0.1),
  tyreChoice: onWays(0.35, 0.2, 0.15),
};
/** How much a stretch of each way weighs for its length: wheels decide where it is rough. Own assumption. */
const WEIGHS: ByWay = onWays(1, 1.5, 2);

type Line = Parameters<typeof piecewiseLinear>[0];
const line = (...points: readonly (readonly [number, number])[]): Line =>
  points.map(([x, y]) => ({ x, y }));

/** Worth of a rim by its diameter in inches: large fronts roll over what lies there, small ones turn and hold the road. Own assumption. */
const FRONT: Readonly<Record<Way, Line>> = {
  road: line([17, 1], [19, 0.95], [21, 0.8]),
  gravel: line([17, 0.45], [19, 0.75], [21, 1]),
  rough: line([17, 0.15], [19, 0.45], [21, 1]),
};
const REAR: Readonly<Record<Way, Line>> = {
  road: line([16, 0.85], [17, 1], [18, 0.9]),
  gravel: line([16, 0.6], [17, 0.85], [18, 1]),
  rough: line([16, 0.35], [17, 0.6], [18, 1]),
};
/** How many tyres made for that way there are in a size: knobbles in 21 and 18, road rubber in 17 and 19. Own assumption. */
const CHOICE_FRONT: Readonly<Record<Way, Line>> = {
  road: line([17, 1], [19, 0.95], [21, 0.7]),
  gravel: line([17, 0.4], [19, 0.9], [21, 1]),
  rough: line([17, 0.1], [19, 0.5], [21, 1]),
};
const CHOICE_REAR: Readonly<Record<Way, Line>> = {
  road: line([16, 0.5], [17, 1], [18, 0.7]),
  gravel: line([16, 0.5], [17, 0.9], [18, 1]),
  rough: line([16, 0.3], [17, 0.55], [18, 1]),
};
/** Worth of a kind of wheel: a spoked rim bends where a cast one breaks; a plug mends a tubeless tyre by the road, a tube wants levers. */
const STRENGTH: Readonly<Record<string, ByWay>> = {
  'spoked-tubes': onWays(1, 1, 1),
  'spoked-tubeless': onWays(1, 1, 0.95),
  cast: onWays(1, 0.5, 0.15),
};
const PLUG: Readonly<Record<string, ByWay>> = {
  'spoked-tubes': onWays(0.4, 0.4, 0.5),
  'spoked-tubeless': onWays(1, 1, 1),
  cast: onWays(1, 1, 1),
};

const MM_PER_INCH = 25.4;

/**
 * Wheels against the ground mix, 0–1: on each way front and rear size, strength of the rims, repair by plug, and choice of tyres, each
 * weighted by the way's share. Worths and weights are our own assumption.
 */
export function wheelIndex(
  donor: Whose,
  front: NormalFigure,
  rear: NormalFigure,
  shares: GroundShares,
): SuitabilityIndex {
  const share: Record<Way, number> = { road: 0, gravel: 0, rough: 0 };
  const all = GROUNDS.reduce((sum, g) => sum + shares[g] * WEIGHS[WAY_OF[g]], 0);
  for (const g of GROUNDS) share[WAY_OF[g]] += (shares[g] * WEIGHS[WAY_OF[g]]) / all;
  const counts = (reason: WheelReason): number =>
    WAYS.reduce((sum, way) => sum + share[way] * COUNTS[reason][way], 0);
  /** What is worth so much on each way, over the ways it counts on. */
  const mixed = (reason: WheelReason, worth: (way: Way) => number): number => {
    const all = counts(reason);
    const sum = WAYS.reduce((s, way) => s + share[way] * COUNTS[reason][way] * worth(way), 0);
    return all > 0 ? sum / all : 0;
  };
  const ofType = (name: 'rimStrength' | 'plug', worths: Readonly<Record<string, ByWay>>) => ({
    ...told(
      donor,
      'wheelType',
      counts(name),
      Object.fromEntries(
        Object.entries(worths).map(([type, by]) => [type, mixed(name, (way) => by[way])]),
      ),
    ),
    name,
    asks: 'wheelType',
  });
  const machine = kindOfMachine(donor);
  const bySize = (
    name: 'wheelFront' | 'wheelRear',
    as: WheelReason,
    figure: NormalFigure,
    worths: Readonly<Record<Way, Line>>,
  ): IndexReason => ({
    ...rim(name, counts(as), figure, machine, (inches) =>
      mixed(as, (way) => piecewiseLinear(worths[way], inches)),
    ),
  });
  const choice = [
    bySize('wheelFront', 'tyreChoice', front, CHOICE_FRONT),
    bySize('wheelRear', 'tyreChoice', rear, CHOICE_REAR),
  ];
  return weightedIndex([
    bySize('wheelFront', 'wheelFront', front, FRONT),
    bySize('wheelRear', 'wheelRear', rear, REAR),
    ofType('rimStrength', STRENGTH),
    ofType('plug', PLUG),
    bothHalves('tyreChoice', choice),
  ]);
}

/** Two reasons as one, each half of it; not known where one is not. */
function bothHalves(name: string, halves: readonly IndexReason[]): IndexReason {
  const open = halves.find((h) => h.worth === undefined);
  const typical = [...new Set(halves.flatMap((h) => h.typical ?? []))];
  const worth = halves.reduce((sum, h) => sum + (h.worth ?? 0) / halves.length, 0);
  const parts = halves.flatMap((h) =>
    h.standIn ? [{ figure: h.standIn, weight: 1 / halves.length }] : [],
  );
  return {
    name,
    weight: halves[0]?.weight ?? 0,
    worth: open ? undefined : worth,
    ...(parts.length === halves.length ? { standIn: weightedSum(parts) } : {}),
    ...(open ? { asks: open.name } : {}),
    ...(typical.length > 0 ? { typical } : {}),
  };
}

/** A reason from a rim's diameter. One that nobody has told counts as the worst size; the table of draws has each size alike. */
function rim(
  name: 'wheelFront' | 'wheelRear',
  weight: number,
  { estimate: diameter, typical }: NormalFigure,
  machine: string,
  worthOf: (inches: number) => number,
): IndexReason {
  if (diameter.kind === 'known')
    return {
      name,
      weight,
      worth: worthOf(diameter.mid / MM_PER_INCH),
      standIn: derive([diameter], (mm) => worthOf(mm / MM_PER_INCH)),
      ...(typical ? { typical } : {}),
    };
  const sizes = (name === 'wheelFront' ? FRONT : REAR).road.map(({ x }) => worthOf(x));
  const answers = sizes.map((value) => ({ value, chance: 1 / sizes.length }));
  return {
    name,
    weight,
    worth: undefined,
    standIn: oneOf(`${name}/${machine}`, Math.min(...sizes), answers),
  };
}
