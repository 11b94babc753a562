import { kindOfMachine } from '../donor';
import { GROUNDS, type Ground, type GroundShares } from '../brief';
import { derive, oneOf, piecewiseLinear } from '../numeric';
import type { NormalFigure } from '../readings';
import { told, type Whose } from './told';
import { weightedIndex, type IndexReason, type SuitabilityIndex } from './weighted-index';

/** How rough each ground is on wheels, 0 road to 1 rocks. Own assumption. */
const ROUGHNESS: Readonly<Record<Ground, number>> = {
  motorway: 0,
  openRoad: 0,
  town: 0,
  gravel: 0.5,
  twoTrack: 0.9,
  singleTrack: 1,
  sandMud: 1,
};

/** Roughness of the whole way, 0–1. */
const roughness = (shares: GroundShares): number =>
  GROUNDS.reduce((sum, g) => sum + (shares[g] / 100) * ROUGHNESS[g], 0);

/** Worth of a rim by its diameter in inches on rough ground and on roads: large fronts roll over, small ones turn. Own assumption. */
const FRONT = {
  rough: [
    { x: 17, y: 0.35 },
    { x: 19, y: 0.7 },
    { x: 21, y: 1 },
  ],
  road: [
    { x: 17, y: 1 },
    { x: 19, y: 0.95 },
    { x: 21, y: 0.75 },
  ],
};
const REAR = {
  rough: [
    { x: 16, y: 0.5 },
    { x: 17, y: 0.75 },
    { x: 18, y: 1 },
  ],
  road: [
    { x: 16, y: 0.9 },
    { x: 17, y: 1 },
    { x: 18, y: 0.9 },
  ],
};

function rim(
  name: 'wheelFront' | 'wheelRear',
  weight: number,
  { estimate: diameter, typical }: NormalFigure,
  worths: typeof FRONT,
  rough: number,
  whose: string,
): IndexReason {
  const worthOf = (inches: number) =>
    rough * piecewiseLinear(worths.rough, inches) +
    (1 - rough) * piecewiseLinear(worths.road, inches);
  if (diameter.kind === 'known')
    return {
      name,
      weight,
      worth: worthOf(diameter.mid / 25.4),
      standIn: derive([diameter], (mm) => worthOf(mm / 25.4)),
      ...(typical ? { typical } : {}),
    };
  const sizes = worths.rough.map(({ x }) => worthOf(x));
  const answers = sizes.map((value) => ({ value, chance: 1 / sizes.length }));
  return {
    name,
    weight,
    worth: undefined,
    standIn: oneOf(`${name}/${whose}`, Math.min(...sizes), answers),
  };
}

/** Wheels against the ground mix, 0–1: rim sizes, spokes, tubes (a plug mends a tubeless tyre by the road). Worths are our own assumption. */
export function wheelIndex(
  donor: Whose,
  front: NormalFigure,
  rear: NormalFigure,
  shares: GroundShares,
): SuitabilityIndex {
  const rough = roughness(shares);
  const mixed = (onRough: number, onRoad: number) => rough * onRough + (1 - rough) * onRoad;
  return weightedIndex([
    rim('wheelFront', 0.35, front, FRONT, rough, kindOfMachine(donor)),
    rim('wheelRear', 0.15, rear, REAR, rough, kindOfMachine(donor)),
    told(donor, 'wheelType', 0.5, {
      'spoked-tubes': mixed(0.8, 0.55),
      'spoked-tubeless': 1,
      cast: mixed(0.4, 1),
    }),
  ]);
}
