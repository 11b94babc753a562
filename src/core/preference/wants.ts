import type { BaseMetricKey } from '../assessment';
import { spendable, type Brief, type Skill } from '../brief';
import { clearanceAsked } from '../suspension';
import type { WantCurve } from './want-curve';

/** The metrics that count as graded wishes, in the order they are shown. */
export const WANT_KEYS = [
  'heelGap',
  'readyMass',
  'powerToMass',
  'range',
  'suspension',
  'clearance',
  'payloadLeft',
  'serviceInterval',
  'wheels',
  'protection',
  'wind',
  'support',
  'outlay',
] as const satisfies readonly BaseMetricKey[];
export type WantKey = (typeof WANT_KEYS)[number];

/** Ready-to-ride mass by skill, kg. Our own assumption: what riders of that skill say they can pick up and turn round. */
const MASS_BY_SKILL: Readonly<Record<Skill, WantCurve>> = {
  new: { floor: 230, need: 175, ideal: 125 },
  improving: { floor: 240, need: 185, ideal: 130 },
  seasoned: { floor: 260, need: 205, ideal: 140 },
  expert: { floor: 280, need: 225, ideal: 150 },
};

/** Crank power per loaded mass that a steady cruise calls for, kW/t per km/h of cruise. Our own assumption. */
const POWER_PER_CRUISE = { floor: 0.45, need: 0.85, ideal: 1.6 };

const looseShare = ({ ground }: Brief): number =>
  (ground.gravel * 0.5 + ground.twoTrack + ground.singleTrack + ground.sandMud) / 100;

/** Wants in the groups they are read in. */
export const WANT_GROUPS = {
  handling: ['heelGap', 'readyMass'],
  pull: ['powerToMass', 'wind'],
  ground: ['suspension', 'clearance', 'wheels', 'protection'],
  distance: ['range', 'payloadLeft', 'serviceInterval', 'support'],
  money: ['outlay'],
} as const satisfies Record<string, readonly WantKey[]>;
export type WantGroup = keyof typeof WANT_GROUPS;

/** Floor, need and ideal of every want for this brief, in base units (money in the brief's currency). */
export function wantCurves(brief: Brief): Readonly<Record<WantKey, WantCurve>> {
  const { trip, money } = brief;
  const clearance = clearanceAsked(brief.ground).asked_mm;
  const gap = trip.fuelGap_km;
  const away = Math.max(500, trip.workshopGap_km);
  const free = Math.max(1, spendable(money));
  return {
    heelGap: { floor: 120, need: 65, ideal: 10 },
    readyMass: MASS_BY_SKILL[brief.rider.skill],
    powerToMass: {
      floor: POWER_PER_CRUISE.floor * trip.cruise_kmh,
      need: POWER_PER_CRUISE.need * trip.cruise_kmh,
      ideal: POWER_PER_CRUISE.ideal * trip.cruise_kmh,
    },
    range: { floor: gap * 0.6, need: gap, ideal: gap * 1.35 },
    suspension: { floor: 0.5, need: 0.85, ideal: 1 },
    clearance: { floor: clearance * 0.65, need: clearance, ideal: clearance * 1.2 },
    payloadLeft: { floor: 0, need: 15, ideal: 50 },
    serviceInterval: { floor: away * 0.4, need: away, ideal: away * 3 },
    wheels: { floor: 0.3, need: 0.7, ideal: 1 },
    protection: { floor: 0, need: 0.2 + 0.5 * looseShare(brief), ideal: 1 },
    wind: { floor: 0, need: Math.min(0.7, Math.max(0.2, (trip.cruise_kmh - 60) / 100)), ideal: 1 },
    support: { floor: 0.2, need: 0.6, ideal: 1 },
    outlay: { floor: free * 1.35, need: free, ideal: free * 0.5 },
  };
}
