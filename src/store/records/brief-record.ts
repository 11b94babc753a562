import equal from 'fast-deep-equal';
import * as z from 'zod/mini';
import {
  BRIEF_FIGURES,
  BRIEF_LIMITS,
  GROUNDS,
  LICENCES,
  MAX_PURPOSES,
  MUST_KEYS,
  PURPOSE_TRIP_KEYS,
  type PurposeTripKey,
  PURPOSE_NAME_LIMITS,
  RATE_LIMITS,
  SCHOOLS,
  SKILLS,
  type Brief,
  type BriefFigure,
  type BriefOrigins,
  type OwnNeeds,
} from '@/core/brief';
import { OWN_NEED_KEYS, WANT_KEYS, type OwnNeedKey } from '@/core/preference';
import { currencySchema as currency } from './currency';
import { idSchema as id, isoDay } from './id';
import { newBrief } from './new-brief';
import { classPrices, typical, typicalFacts } from './own-typical';
import type { Along, RecordType } from './record-type';

const within = (key: BriefFigure) =>
  z.number().check(z.minimum(BRIEF_LIMITS[key].min), z.maximum(BRIEF_LIMITS[key].max));
const share = z.number().check(z.int(), z.minimum(0), z.maximum(100));

const ground = z
  .strictObject({
    motorway: share,
    openRoad: share,
    town: share,
    gravel: share,
    twoTrack: share,
    singleTrack: share,
    sandMud: share,
  })
  .check(
    z.refine((shares) => GROUNDS.reduce((sum, g) => sum + shares[g], 0) === 100, {
      message: 'ground shares must add to 100',
    }),
  );

const schools = z.strictObject({
  size: z.optional(z.enum(SCHOOLS.size)),
  engine: z.optional(z.enum(SCHOOLS.engine)),
  springs: z.optional(z.enum(SCHOOLS.springs)),
  aids: z.optional(z.enum(SCHOOLS.aids)),
});
const swings = z.partialRecord(
  z.enum(WANT_KEYS),
  z.number().check(z.minimum(0), z.maximum(100)),
) as unknown as z.ZodMiniType<Readonly<Record<string, number>>>;
/** By how much a need may be moved, in the metric's base unit. */
export const OWN_NEED_LIMITS = { min: -1000, max: 1000 } as const;
const ownNeeds = z.partialRecord(
  z.enum(OWN_NEED_KEYS as readonly [OwnNeedKey, ...OwnNeedKey[]]),
  z.number().check(z.minimum(OWN_NEED_LIMITS.min), z.maximum(OWN_NEED_LIMITS.max)),
) as unknown as z.ZodMiniType<OwnNeeds>;
const noTwice = (list: readonly { readonly id: string }[]) =>
  new Set(list.map((x) => x.id)).size === list.length;

const origins = z.partialRecord(
  z.enum(BRIEF_FIGURES as readonly [BriefFigure, ...BriefFigure[]]),
  z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('assumed') }),
    z.strictObject({
      kind: z.literal('taken'),
      from: z.string().check(z.minLength(1), z.maxLength(60)),
    }),
  ]),
) as unknown as z.ZodMiniType<BriefOrigins>;

const mustsOn = z.array(z.enum(MUST_KEYS)).check(
  z.maxLength(MUST_KEYS.length),
  z.refine((on) => new Set(on).size === on.length, { message: 'a must stands twice' }),
);
/** What a purpose may have of its own of the trip. */
const purposeTrip = z.strictObject(
  Object.fromEntries(
    PURPOSE_TRIP_KEYS.map((key) => [key, z.optional(within(`trip.${key}`))]),
  ) as Record<PurposeTripKey, z.ZodMiniOptional<z.ZodMiniNumber>>,
);

const month = z.number().check(z.int(), z.minimum(1), z.maximum(12));

export const briefSchema = z.strictObject({
  rider: z.strictObject({
    height_mm: within('rider.height_mm'),
    inseam_mm: z.optional(within('rider.inseam_mm')),
    mass_kg: within('rider.mass_kg'),
    kit_kg: within('rider.kit_kg'),
    lift_kg: z.optional(within('rider.lift_kg')),
    sole_mm: within('rider.sole_mm'),
    skill: z.enum(SKILLS),
    licence: z.enum(LICENCES),
  }),
  ground,
  trip: z.strictObject({
    name: z.string().check(z.maxLength(120)),
    length_km: within('trip.length_km'),
    cruise_kmh: within('trip.cruise_kmh'),
    fuelGap_km: within('trip.fuelGap_km'),
    reserve_percent: within('trip.reserve_percent'),
    luggage_kg: within('trip.luggage_kg'),
    luggage_L: z.optional(within('trip.luggage_L')),
    cold_C: z.optional(within('trip.cold_C')),
    wet_percent: z.optional(within('trip.wet_percent')),
    season: z.optional(z.strictObject({ from: month, to: month })),
    latitude_deg: z.optional(within('trip.latitude_deg')),
    longestDay_km: z.optional(within('trip.longestDay_km')),
    workshopGap_km: within('trip.workshopGap_km'),
    pillion_kg: z.optional(within('trip.pillion_kg')),
    tankBag_kg: z.optional(within('trip.tankBag_kg')),
    tail_kg: z.optional(within('trip.tail_kg')),
    altitude_m: z.optional(within('trip.altitude_m')),
    heat_C: z.optional(within('trip.heat_C')),
    headwind_kmh: z.optional(within('trip.headwind_kmh')),
    serviceStretch_percent: z.optional(within('trip.serviceStretch_percent')),
    days: z.optional(
      z.strictObject({
        first: z.optional(isoDay),
        season: z.optional(isoDay),
        trip: z.optional(isoDay),
      }),
    ),
  }),
  money: z.strictObject({
    currency,
    budget: within('money.budget'),
    tripFund: within('money.tripFund'),
    gear: within('money.gear'),
    onTheRoadCosts: z.optional(within('money.onTheRoadCosts')),
    shopRate_perHour: within('money.shopRate_perHour'),
    ownSpanners: z.boolean(),
    rates: z
      .array(
        z.strictObject({
          currency,
          to: currency,
          rate: z.number().check(z.minimum(RATE_LIMITS.min), z.maximum(RATE_LIMITS.max)),
          date: isoDay,
        }),
      )
      .check(z.maxLength(30)),
    yearsKept: z.optional(within('money.yearsKept')),
    yearly_km: z.optional(within('money.yearly_km')),
    fuel_perL: z.optional(within('money.fuel_perL')),
    insurance_perYear: z.optional(within('money.insurance_perYear')),
    tax_perYear: z.optional(within('money.tax_perYear')),
    service_each: z.optional(within('money.service_each')),
    wear_per1000km: z.optional(within('money.wear_per1000km')),
    loanInterest_percent: z.optional(within('money.loanInterest_percent')),
    loanMonths: z.optional(within('money.loanMonths')),
    loanDeposit: z.optional(within('money.loanDeposit')),
    partsExtra_percent: z.optional(within('money.partsExtra_percent')),
    wrongPart_percent: z.optional(within('money.wrongPart_percent')),
    papers: z.optional(within('money.papers')),
  }),
  musts: z.strictObject({
    on: mustsOn,
    stance: z.enum(['flat', 'balls', 'tiptoes']),
    readyMass_kg: within('musts.readyMass_kg'),
    clearance_mm: within('musts.clearance_mm'),
    sureness_percent: z.optional(within('musts.sureness_percent')),
  }),
  schools: z.optional(schools),
  swings: z.optional(swings),
  purposes: z.optional(
    z
      .array(
        z.strictObject({
          id,
          name: z
            .string()
            .check(z.minLength(PURPOSE_NAME_LIMITS.min), z.maxLength(PURPOSE_NAME_LIMITS.max)),
          ground,
          trip: z.optional(purposeTrip),
          mustsOn: z.optional(mustsOn),
          schools: z.optional(schools),
          swings: z.optional(swings),
        }),
      )
      .check(
        z.maxLength(MAX_PURPOSES - 1),
        z.refine(noTwice, { message: 'a purpose stands twice' }),
      ),
  ),
  origins: z.optional(origins),
  typical: z.optional(typical),
  typicalFacts: z.optional(typicalFacts),
  classPrices: z.optional(classPrices),
  ownNeeds: z.optional(ownNeeds),
}) satisfies z.ZodMiniType<Brief>;

/** How theirs came to the figures at a path, where mine came to them otherwise. */
const originsAlong = (path: readonly string[], mine: Brief, theirs: Brief): readonly Along[] => {
  const at = path.join('.');
  return BRIEF_FIGURES.filter((f) => f === at || f.startsWith(`${at}.`)).flatMap((figure) => {
    const [before, after] = [mine.origins?.[figure], theirs.origins?.[figure]];
    return equal(before, after) ? [] : [{ path: ['origins', figure], before, after }];
  });
};

/** The one brief of a dossier lies under this key. */
export const BRIEF_KEY = 'brief';

export const briefRecord: RecordType<Brief> = {
  schema: briefSchema,
  since: 1,
  most: 1,
  single: { key: BRIEF_KEY, fileKey: 'brief' },
  name: () => '',
  usual: () => newBrief('EUR'),
  shared: 'always',
  compared: {
    inside: ['rider', 'trip', 'money', 'musts'],
    ownAffair: ['origins'],
    along: originsAlong,
  },
};
