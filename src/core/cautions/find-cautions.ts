import type { Brief } from '../brief';
import { STANCE_LIMITS } from '../fit';
import type { LicenceResult } from '../licence';
import { LIGHT_FRONT } from '../mass';
import type { Estimate } from '../numeric';
import type { Part, PartFlag } from '../part';
import type { Caution } from './caution';

export interface CautionFacts {
  readonly brief: Brief;
  readonly parts: readonly Part[];
  readonly licence: LicenceResult;
  readonly heelGap: Estimate;
  readonly payloadLeft: Estimate;
  readonly loadedMass: Estimate;
  readonly range: Estimate;
  readonly frontShare: Estimate;
  /** Loads on the axles, kg; absent where the mass is not known. */
  readonly axles: { readonly front_kg: number; readonly rear_kg: number } | undefined;
  readonly axleLimits: Readonly<Record<'front' | 'rear', Estimate>>;
  /** What the stock tyres may carry by their load index, kg. */
  readonly tyreLoads_kg: Readonly<Record<'front' | 'rear', number | undefined>>;
  /** Watts left at the cruise with the draw of the parts. */
  readonly watts: Estimate;
  readonly springsSuit: boolean;
  /** The sheet's word on passengers. */
  readonly passenger: string | undefined;
}

/** From this altitude up a word on thin air is due, m. */
const HIGH_FROM = 2500;

/** From this share of the permitted maximum up the load is called close. */
const NEAR_SHARE = 0.9;
/** From this share of loose ground up a tiptoe reach is a drop waiting to happen, %. Own assumption. */
const LOOSE_SHARE_FROM = 15;

const BY_FLAG: readonly {
  readonly flag: PartFlag;
  readonly code: Extract<Caution, { partIds: readonly string[] }>['code'];
}[] = [
  { flag: 'lowers-one-end', code: 'lowered-one-end' },
  { flag: 'ends-approval', code: 'ends-approval' },
  { flag: 'brake-hydraulics', code: 'brake-hydraulics' },
  { flag: 'specialist-shock', code: 'specialist-shock' },
  { flag: 'electrical-load', code: 'electrical-load' },
  { flag: 'tyre-rating', code: 'tyre-rating' },
  { flag: 'speedometer', code: 'speedometer' },
  { flag: 'fuel-can', code: 'fuel-can' },
  { flag: 'cable-reach', code: 'cable-reach' },
];

/** Every caution that this rider, machine and set of parts sets off, the gravest first. Loads are judged at their worst end. */
export function findCautions(facts: CautionFacts): readonly Caution[] {
  const { brief, parts, licence } = facts;
  const found: Caution[] = [];
  if (facts.payloadLeft.kind === 'known' && facts.payloadLeft.interval.low < 0) {
    found.push({ code: 'over-permitted-mass', over_kg: -facts.payloadLeft.interval.low });
  } else if (facts.payloadLeft.kind === 'known' && facts.loadedMass.kind === 'known') {
    const loaded = facts.loadedMass.interval.mid;
    const share = loaded / (loaded + facts.payloadLeft.interval.mid);
    if (share >= NEAR_SHARE) found.push({ code: 'near-permitted-mass', share });
  }
  if (licence.kind === 'not-legal') found.push({ code: 'licence-not-legal', rules: licence.rules });
  if (licence.kind === 'not-known') found.push({ code: 'licence-unsure' });
  const { gravel, twoTrack, singleTrack, sandMud } = brief.ground;
  const loose = gravel + twoTrack + singleTrack + sandMud;
  if (
    facts.heelGap.kind === 'known' &&
    facts.heelGap.interval.mid > STANCE_LIMITS.balls &&
    loose >= LOOSE_SHARE_FROM
  ) {
    found.push({ code: 'tiptoe-on-loose', looseShare: loose });
  }
  if (facts.range.kind === 'known' && facts.range.interval.low < brief.trip.fuelGap_km) {
    found.push({
      code: 'fuel-gap-over-range',
      short_km: brief.trip.fuelGap_km - facts.range.interval.low,
    });
  }
  return [...found, ...loadCautions(facts), ...partCautions(parts)];
}

function loadCautions({
  brief,
  frontShare,
  axles,
  axleLimits,
  tyreLoads_kg,
  watts,
  springsSuit,
  passenger,
}: CautionFacts): readonly Caution[] {
  const found: Caution[] = [];
  if ((brief.trip.pillion_kg ?? 0) > 0 && passenger === 'no') found.push({ code: 'no-passenger' });
  for (const end of ['front', 'rear'] as const) {
    if (!axles) continue;
    const load = end === 'front' ? axles.front_kg : axles.rear_kg;
    const [limit, tyre] = [axleLimits[end], tyreLoads_kg[end]];
    if (limit.kind === 'known' && load > limit.interval.mid)
      found.push({ code: 'over-axle-limit', end, over_kg: load - limit.interval.mid });
    if (tyre !== undefined && load > tyre)
      found.push({ code: 'over-tyre-load', end, over_kg: load - tyre });
  }
  if (frontShare.kind === 'known' && frontShare.interval.mid < LIGHT_FRONT)
    found.push({ code: 'light-front', share: frontShare.interval.mid });
  if (watts.kind === 'known' && watts.interval.mid < 0)
    found.push({ code: 'watts-short', short_W: -watts.interval.mid });
  if (!springsSuit) found.push({ code: 'springs-do-not-suit' });
  if ((brief.trip.altitude_m ?? 0) >= HIGH_FROM)
    found.push({ code: 'altitude', altitude_m: brief.trip.altitude_m ?? 0 });
  if ((brief.trip.serviceStretch_percent ?? 100) > 100)
    found.push({ code: 'service-stretched', percent: brief.trip.serviceStretch_percent ?? 100 });
  return found;
}

function partCautions(parts: readonly Part[]): readonly Caution[] {
  const found: Caution[] = [];
  const withFlag = (...flags: readonly PartFlag[]) =>
    parts.filter((p) => flags.some((f) => p.flags.includes(f))).map((p) => p.id);
  const lowering = withFlag('lowers-one-end', 'lowers-both-ends');
  if (lowering.length > 0)
    found.push({
      code: withFlag('shortens-stand').length > 0 ? 'lowered' : 'lowered-without-stand',
      partIds: lowering,
    });
  for (const { flag, code } of BY_FLAG) {
    const partIds = withFlag(flag);
    if (partIds.length > 0) found.push({ code, partIds });
  }
  if (parts.length > 0) found.push({ code: 'tell-insurer', partIds: parts.map((p) => p.id) });
  return found;
}
