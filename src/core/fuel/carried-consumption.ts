import { GROUNDS, type Ground, type GroundShares } from '../brief';
import {
  certain,
  derive,
  even,
  fromRows,
  isDoubtful,
  missingOf,
  ROWS,
  unknown,
  type Estimate,
  type Known,
} from '../numeric';
import { ROLLING_COEFFICIENT } from '../road-load';
import { kilometresPerHour, type Kilograms, type LitresPer100Km } from '../units';
import { groundFactor, MIXED_PACE, paceOn } from './ground-consumption';
import { REFERENCE_MACHINE, steadyConsumption, type SteadyMachine } from './steady-consumption';

/** The rider that a quote is taken to have been made with, kg, with kit and without luggage. Own assumption. */
export const QUOTED_RIDER_KG = 75;

/** A machine as its fuel use hangs on it; its mass comes beside. */
export interface Thirst {
  /** Drag area as quoted and as carried, m². */
  readonly bareDrag_m2: number;
  readonly drag_m2: number;
}

/** What is carried, and against what. */
export interface Carried {
  /** Rider, kit, passenger and luggage, kg. */
  readonly load_kg: number;
  readonly headwind_kmh: number;
  readonly cruise_kmh: number;
}

/** Air at sea level: thin air saves nothing that could be counted on. */
const SEA_LEVEL = 1.225;

/** Its engine turns as much displacement for each kilometre as the reference machine's: a small one turns faster (own assumption). */
const machineOf = (ground: Ground, drag_m2: number, mass_kg: number): SteadyMachine => ({
  ...REFERENCE_MACHINE,
  mass_kg,
  rollingCoefficient: ROLLING_COEFFICIENT[ground],
  dragArea_m2: drag_m2,
  airDensity_kgm3: SEA_LEVEL,
});

const ROADS: readonly Ground[] = ['motorway', 'openRoad'];
/** Grounds that lie open to the wind; others turn with every bend, or lie behind trees and houses. Own assumption. */
const WINDY: readonly Ground[] = ['motorway', 'openRoad', 'gravel'];

/**
 * How much more a machine drinks on a ground as carried than as quoted. On roads: a Willans line of this machine at the pace of that
 * ground, with its load, drag and headwind, against the same line at the pace of mixed riding, a usual rider, no luggage and no wind. On
 * slow ground the load, drag and wind at that ground's pace alone: what the ground itself costs comes on top ({@link groundFactor}).
 * Linear in the mass: the share at no mass, and for each kilogram.
 */
function carriedOn(ground: Ground, thirst: Thirst, carried: Carried) {
  const { load_kg, headwind_kmh, cruise_kmh } = carried;
  const pace = kilometresPerHour(paceOn(ground, cruise_kmh));
  const quotedAt = ROADS.includes(ground) ? MIXED_PACE : pace;
  const wind = WINDY.includes(ground) ? headwind_kmh / 3.6 : 0;
  const bare = (kg: number) =>
    steadyConsumption(machineOf(ground, thirst.bareDrag_m2, kg + QUOTED_RIDER_KG), quotedAt);
  const laden = (kg: number) =>
    steadyConsumption(
      { ...machineOf(ground, thirst.drag_m2, kg + load_kg), headwind_ms: wind },
      pace,
    );
  const line = (f: (kg: number) => number): Line => ({ base: f(0), slope: (f(100) - f(0)) / 100 });
  return { from: line(bare), to: line(laden) };
}

/** A straight line over the machine's mass, kg. */
interface Line {
  readonly base: number;
  readonly slope: number;
}
const at = ({ base, slope }: Line, kg: number): number => base + slope * kg;

/**
 * Factor on a quote in mixed riding over a way, by the machine's mass, kg. Shares are shares of distance, so L/100 km average
 * arithmetically; what the slow grounds themselves cost are sources.
 */
export function carriedFactor(
  mass: Known,
  shares: GroundShares,
  thirst: Thirst,
  carried: Carried,
): Known {
  const parts = GROUNDS.filter((g) => shares[g] > 0).map((ground) => ({
    weight: shares[ground] / 100,
    cost: groundFactor(ground),
    ...carriedOn(ground, thirst, carried),
  }));
  const mid = parts.reduce(
    (sum, { weight, cost, to, from }) =>
      sum + (weight * cost.mid * at(to, mass.mid)) / at(from, mass.mid),
    0,
  );
  if (![mass, ...parts.map((p) => p.cost)].some(isDoubtful)) return certain(mid);
  // A ground after the other into one column: this is reckoned at every edit of load, pace and ground.
  return fromRows(mid, () => {
    const rows = new Float64Array(ROWS);
    const masses = mass.rows ?? even(mass.mid);
    for (const { weight, cost, to, from } of parts) {
      const costs = cost.rows ?? even(cost.mid);
      for (let i = 0; i < ROWS; i += 1) {
        const kg = masses[i] as number;
        rows[i] = (rows[i] as number) + (weight * (costs[i] as number) * at(to, kg)) / at(from, kg);
      }
    }
    return rows;
  });
}

/**
 * Consumption over a way as carried, L/100 km: the quote in mixed riding, taken to each ground's pace with this machine's mass, load,
 * drag and headwind.
 */
export function carriedConsumption(
  quoted: Estimate<LitresPer100Km>,
  mass: Estimate<Kilograms>,
  shares: GroundShares,
  thirst: Thirst,
  carried: Carried,
): Estimate<LitresPer100Km> {
  if (quoted.kind === 'unknown' || mass.kind === 'unknown')
    return unknown(...missingOf([quoted, mass]));
  return derive(
    [quoted, carriedFactor(mass, shares, thirst, carried)],
    (use, factor) => (use * factor) as LitresPer100Km,
  );
}
