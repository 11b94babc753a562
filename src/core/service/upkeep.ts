import { GROUNDS, type Ground, type GroundShares } from '../brief';

/** Kinds of service, each with an interval of its own. */
export const SERVICE_KINDS = ['oil', 'inspection', 'valves', 'suspension'] as const;
export type ServiceKind = (typeof SERVICE_KINDS)[number];

/**
 * What each kind costs, as a share of a full service of the book (oil and inspection) in a workshop. Oil at home is materials only.
 * Own assumption, low confidence.
 */
export const SERVICE_SHARE: ServicePrices = {
  oil: 0.3,
  inspection: 0.7,
  valves: 0.7,
  suspension: 0.9,
};
const OIL_AT_HOME = 0.12;
/** A book interval shorter than this is an oil change's: nobody inspects a whole machine more often, km. Own assumption. */
export const INSPECTED_EVERY_AT_MOST = 3000;
/** Where the book's valve interval is not known they come with every so manieth inspection: low, middle, high. Own assumption. */
export const VALVES_EVERY_NTH = { low: 1, mid: 2, high: 4 } as const;
/** Fork and shock are taken apart after so far on roads, km; on rough ground after a quarter of it. Own assumption. */
const SUSPENSION_ROAD_KM = 40000;

/** How much faster than on a road things wear on each ground. Own assumption; chains and pads on hard trails from common practice, no source. */
const WEARS: Readonly<
  Record<'tyres' | 'chain' | 'pads' | 'suspension', Readonly<Record<Ground, number>>>
> = {
  tyres: {
    motorway: 1,
    openRoad: 1,
    town: 1,
    gravel: 1.5,
    twoTrack: 1.8,
    singleTrack: 2.2,
    sandMud: 1.6,
  },
  chain: { motorway: 1, openRoad: 1, town: 1, gravel: 2, twoTrack: 4, singleTrack: 8, sandMud: 10 },
  pads: {
    motorway: 0.7,
    openRoad: 1,
    town: 1.5,
    gravel: 1.5,
    twoTrack: 3,
    singleTrack: 7,
    sandMud: 9,
  },
  suspension: {
    motorway: 1,
    openRoad: 1,
    town: 1,
    gravel: 2,
    twoTrack: 3,
    singleTrack: 4,
    sandMud: 4,
  },
};
export type Wearing = keyof typeof WEARS;

/** How much faster than on roads a thing wears on the whole way. */
export const wearOn = (thing: Wearing, shares: GroundShares): number =>
  GROUNDS.reduce((sum, g) => sum + (shares[g] / 100) * WEARS[thing][g], 0);

/** Distance between overhauls of fork and shock, km. */
export const suspensionInterval = (shares: GroundShares): number =>
  SUSPENSION_ROAD_KM / wearOn('suspension', shares);

/** Distances between services, km, by the book and stretched as the rider stretches it. */
export interface ServiceDistances {
  readonly book_km: number;
  /** Absent: with every service. */
  readonly oil_km?: number | undefined;
  /** Absent: with every so manieth inspection. */
  readonly valves_km?: number | undefined;
  readonly valvesEveryNth?: number | undefined;
  readonly suspension_km: number;
}

/** What each kind of service costs, all in one unit: full services, or money. */
export type ServicePrices = Readonly<Record<ServiceKind, number>>;

/** What services cost for each kilometre, each kind at its own interval, in the unit of the prices: full services of the book unless they are given. */
export function servicesPerKm(
  {
    book_km,
    oil_km,
    valves_km,
    valvesEveryNth = VALVES_EVERY_NTH.mid,
    suspension_km,
  }: ServiceDistances,
  oilAtHome: boolean,
  prices: ServicePrices = SERVICE_SHARE,
): number {
  const inspection = Math.max(book_km, INSPECTED_EVERY_AT_MOST);
  return (
    (prices.oil * (oilAtHome ? OIL_AT_HOME / SERVICE_SHARE.oil : 1)) / (oil_km ?? book_km) +
    prices.inspection / inspection +
    prices.valves / (valves_km ?? valvesEveryNth * inspection) +
    prices.suspension / suspension_km
  );
}

/** The machine on which the brief's figure for tyres, chain and pads is meant: loaded mass in kg, power in kW, on roads, by chain. */
export const MIDDLING = { loaded_kg: 280, power_kW: 35 } as const;

/**
 * What tyres, chain and pads of that machine each take of it: 150 of tyre in 9 000 km, 110 in 14 000, 180 of chain in 20 000, 60 of pads
 * in 15 000 (prices of reference 11's worked example, from memory; distances own assumption).
 */
const OF_WEAR = { rearTyre: 0.45, frontTyre: 0.21, chain: 0.24, pads: 0.1 } as const;
export type Worn = keyof typeof OF_WEAR;
/** How far each lasts on a middling machine on roads, km (own assumption). */
export const WORN_OUT_KM: Readonly<Record<Worn, number>> = {
  rearTyre: 9000 * OF_WEAR.rearTyre,
  frontTyre: 14_000 * OF_WEAR.frontTyre,
  chain: 20_000 * OF_WEAR.chain,
  pads: 15_000 * OF_WEAR.pads,
};
/** Rear tyre and chain wear with the power's power of so much; everything but the chain in proportion to mass. Own assumption. */
const WITH_POWER = { rearTyre: 0.35, chain: 0.4 };

/** How much faster things wear where every day is wet: grit in the chain and between the pads. Own assumption. */
const WET_WEARS = { chain: 0.6, pads: 0.3 } as const;

/** What tyres, chain and pads of a machine cost, as shares of what all of them cost on a middling machine on roads. */
export function wearShares(
  loaded_kg: number,
  power_kW: number,
  shares: GroundShares,
  chain: boolean,
  wet_percent = 0,
): Readonly<Record<Worn, number>> {
  const wet = (thing: keyof typeof WET_WEARS) => 1 + (WET_WEARS[thing] * wet_percent) / 100;
  const mass = loaded_kg / MIDDLING.loaded_kg;
  const power = power_kW / MIDDLING.power_kW;
  const tyres = wearOn('tyres', shares);
  return {
    rearTyre: OF_WEAR.rearTyre * mass * power ** WITH_POWER.rearTyre * tyres,
    frontTyre: OF_WEAR.frontTyre * mass * tyres,
    chain: chain
      ? OF_WEAR.chain * power ** WITH_POWER.chain * wearOn('chain', shares) * wet('chain')
      : 0,
    pads: OF_WEAR.pads * mass * wearOn('pads', shares) * wet('pads'),
  };
}
