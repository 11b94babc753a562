import type { Brief } from '../brief';
import { STANCE_LIMITS } from '../fit';
import { standShortening } from '../geometry';
import { LIGHT_FRONT } from '../mass';
import { certain, type Estimate } from '../numeric';
import { byFlag, loweredBy, lowering, ofParts, standShortened } from './by-parts';
import type { Caution, CautionCode, OverLimit } from './caution';
import { CautionFacts, Finder } from './caution-facts';

/** From this altitude up a word on thin air is due, m. */
const HIGH_FROM = 2500;

/** From this share of the permitted maximum up the load is called close. */
const NEAR_SHARE = 0.9;
/** From this share of loose ground up a tiptoe reach is a drop waiting to happen, %. Own assumption. */
const LOOSE_SHARE_FROM = 15;

/** A frame without a subframe to speak of carries so much behind the seat, kg. Own assumption. */
const BARE_FRAME_CARRIES_KG = 6;
/** From this air temperature down hands and chain call for a word, °C. Own assumption. */
const COLD_FROM_C = 6;
/** From this share of slow ground up the alternator is judged there, too, %. Own assumption. */
const SLOW_SHARE_FROM = 15;

const ENDS = ['front', 'rear'] as const;

const looseOf = ({ ground }: Brief): number =>
  ground.gravel + ground.twoTrack + ground.singleTrack + ground.sandMud;

const slowOf = ({ ground }: Brief): number =>
  ground.town + ground.twoTrack + ground.singleTrack + ground.sandMud;

/** By how much an axle is over a limit at its worst end; nothing where it is within even there, or either is not known. */
function over(end: 'front' | 'rear', load: Estimate, limit: Estimate): readonly OverLimit[] {
  if (load.kind === 'unknown' || limit.kind === 'unknown') return [];
  const over_kg = load.interval.high - limit.interval.low;
  const surely = load.interval.low > limit.interval.high;
  return over_kg > 0 ? [{ end, over_kg, ...(surely ? {} : { perhaps: true }) }] : [];
}

/** One finder for each caution, the gravest first; loads are judged at their worst end. */
const FINDERS: { readonly [C in CautionCode]: Finder<C> } = {
  'over-permitted-mass': ({ payloadLeft, typical }) =>
    payloadLeft.kind === 'known' && payloadLeft.interval.low < 0
      ? [
          {
            code: 'over-permitted-mass',
            over_kg: -payloadLeft.interval.low,
            ...(typical.payload ? { typical: true } : {}),
          },
        ]
      : [],
  'near-permitted-mass': ({ payloadLeft, loadedMass, typical }) => {
    if (payloadLeft.kind === 'unknown' || payloadLeft.interval.low < 0) return [];
    if (loadedMass.kind === 'unknown') return [];
    const loaded = loadedMass.interval.mid;
    const share = loaded / (loaded + payloadLeft.interval.mid);
    return share >= NEAR_SHARE
      ? [{ code: 'near-permitted-mass', share, ...(typical.payload ? { typical: true } : {}) }]
      : [];
  },
  'licence-not-legal': ({ licence, brief }) =>
    licence.kind === 'not-legal'
      ? [{ code: 'licence-not-legal', rules: licence.rules, licence: brief.rider.licence }]
      : [],
  'licence-unsure': ({ licence, typical, brief, powerRounded }) => {
    if (licence.kind !== 'not-known' && !(licence.kind === 'legal' && typical.licence)) return [];
    const near = licence.kind === 'not-known' ? licence.near : [];
    return [
      {
        code: 'licence-unsure',
        near,
        licence: brief.rider.licence,
        rounded: powerRounded && near.includes('power'),
      },
    ];
  },
  'tiptoe-on-loose': ({ heelGap, brief }) => {
    const looseShare = looseOf(brief);
    return heelGap.kind === 'known' &&
      heelGap.interval.mid > STANCE_LIMITS.balls &&
      looseShare >= LOOSE_SHARE_FROM
      ? [{ code: 'tiptoe-on-loose', looseShare }]
      : [];
  },
  'fuel-gap-over-range': ({ range, brief }) =>
    range.kind === 'known' && range.interval.low < brief.trip.fuelGap_km
      ? [{ code: 'fuel-gap-over-range', short_km: brief.trip.fuelGap_km - range.interval.low }]
      : [],
  'cruise-not-held': ({ cruisePower, brief: { trip } }) =>
    cruisePower.kind === 'known' && cruisePower.interval.mid < 0
      ? [
          {
            code: 'cruise-not-held',
            cruise_kmh: trip.cruise_kmh,
            headwind_kmh: trip.headwind_kmh ?? 0,
          },
        ]
      : [],
  'no-passenger': ({ brief, passenger }) =>
    (brief.trip.pillion_kg ?? 0) > 0 && passenger === 'no' ? [{ code: 'no-passenger' }] : [],
  'over-rack-limit': ({ rackLimit, behind_kg }) => {
    if (rackLimit.kind === 'unknown' || behind_kg.tail <= rackLimit.interval.low) return [];
    return [{ code: 'over-rack-limit', over_kg: behind_kg.tail - rackLimit.interval.low }];
  },
  'over-carrier-limit': ({ carrierLimit, behind_kg }) => {
    if (carrierLimit.kind === 'unknown' || behind_kg.panniers <= carrierLimit.interval.low)
      return [];
    return [
      { code: 'over-carrier-limit', over_kg: behind_kg.panniers - carrierLimit.interval.low },
    ];
  },
  'no-subframe': ({ subframe, behind_kg }) => {
    const luggage_kg = behind_kg.tail + behind_kg.panniers;
    return subframe === 'none' && luggage_kg > BARE_FRAME_CARRIES_KG
      ? [{ code: 'no-subframe', luggage_kg }]
      : [];
  },
  'too-heavy-to-lift': ({ liftBack, brief }) => {
    const can_kg = brief.rider.lift_kg;
    return can_kg !== undefined && liftBack.kind === 'known' && liftBack.mid > can_kg
      ? [{ code: 'too-heavy-to-lift', asks_kg: liftBack.mid, can_kg }]
      : [];
  },
  'tyre-speed': ({ tyreSpeeds_kmh, goesFasterThan }) =>
    ENDS.flatMap((end) => {
      const allows_kmh = tyreSpeeds_kmh[end];
      return allows_kmh !== undefined && goesFasterThan(allows_kmh)
        ? [{ code: 'tyre-speed' as const, end, allows_kmh }]
        : [];
    }),
  'wears-out': ({ tyreLife, chainLife, brief: { trip } }) =>
    (
      [
        ['tyre', tyreLife],
        ['chain', chainLife],
      ] as const
    ).flatMap(([what, life]) =>
      life.kind === 'known' && life.mid < trip.length_km
        ? [{ code: 'wears-out' as const, what, lasts_km: life.mid }]
        : [],
    ),
  cold: ({ brief: { trip }, watts }) =>
    trip.cold_C !== undefined && trip.cold_C <= COLD_FROM_C
      ? [
          {
            code: 'cold',
            cold_C: trip.cold_C,
            watts: watts.kind === 'known' ? watts.mid : undefined,
          },
        ]
      : [],
  'into-the-dark': ({ brief: { trip }, light }) =>
    light && trip.longestDay_km !== undefined && trip.longestDay_km > light.distance_km
      ? [
          {
            code: 'into-the-dark',
            longest_km: trip.longestDay_km,
            light_h: light.hours,
            light_km: light.distance_km,
          },
        ]
      : [],
  'over-axle-limit': ({ axles, axleLimits }) =>
    ENDS.flatMap((end) => over(end, axles[end], axleLimits[end])).map((o) => ({
      code: 'over-axle-limit' as const,
      ...o,
    })),
  'over-tyre-load': ({ axles, tyreLoads_kg }) =>
    ENDS.flatMap((end) => {
      const most = tyreLoads_kg[end];
      return most === undefined ? [] : over(end, axles[end], certain(most));
    }).map((o) => ({ code: 'over-tyre-load' as const, ...o })),
  'light-front': ({ frontShare }) =>
    frontShare.kind === 'known' && frontShare.interval.mid < LIGHT_FRONT
      ? [{ code: 'light-front', share: frontShare.interval.mid }]
      : [],
  'watts-short': ({ watts }) =>
    watts.kind === 'known' && watts.interval.mid < 0
      ? [{ code: 'watts-short', short_W: -watts.interval.mid }]
      : [],
  'watts-short-slow': ({ watts, wattsSlow, brief }) =>
    wattsSlow.kind === 'known' &&
    wattsSlow.mid < 0 &&
    !(watts.kind === 'known' && watts.mid < 0) &&
    slowOf(brief) >= SLOW_SHARE_FROM
      ? [{ code: 'watts-short-slow', short_W: -wattsSlow.mid }]
      : [],
  'springs-do-not-suit': ({ springsOff }) =>
    springsOff ? [{ code: 'springs-do-not-suit', ...springsOff }] : [],
  altitude: ({ brief: { trip } }) =>
    trip.altitude_m !== undefined && trip.altitude_m >= HIGH_FROM
      ? [{ code: 'altitude', altitude_m: trip.altitude_m }]
      : [],
  'service-stretched': ({ brief: { trip } }) =>
    trip.serviceStretch_percent !== undefined && trip.serviceStretch_percent > 100
      ? [{ code: 'service-stretched', percent: trip.serviceStretch_percent }]
      : [],
  lowered: ({ parts }) => (standShortened(parts) ? ofParts('lowered', lowering(parts)) : []),
  'lowered-without-stand': ({ parts }) => {
    const partIds = standShortened(parts) ? [] : lowering(parts);
    return partIds.length > 0
      ? [{ code: 'lowered-without-stand', partIds, stand_mm: standShortening(loweredBy(parts)) }]
      : [];
  },
  'lowered-one-end': byFlag('lowered-one-end', 'lowers-one-end'),
  'ends-approval': byFlag('ends-approval', 'ends-approval'),
  'brake-hydraulics': byFlag('brake-hydraulics', 'brake-hydraulics'),
  'specialist-shock': byFlag('specialist-shock', 'specialist-shock'),
  'electrical-load': byFlag('electrical-load', 'electrical-load'),
  'tyre-rating': byFlag('tyre-rating', 'tyre-rating'),
  speedometer: byFlag('speedometer', 'speedometer'),
  'fuel-can': byFlag('fuel-can', 'fuel-can'),
  'cable-reach': byFlag('cable-reach', 'cable-reach'),
  'tell-insurer': ({ parts }) =>
    ofParts(
      'tell-insurer',
      parts.map((p) => p.id),
    ),
};

/** Every caution that this rider, machine and set of parts sets off, the gravest first. */
export const findCautions = (facts: CautionFacts): readonly Caution[] =>
  Object.values(FINDERS).flatMap((find: (f: CautionFacts) => readonly Caution[]) => find(facts));
