import { z } from 'zod';
import {
  assumedOrigins,
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
  type ClassPrices,
  type Ground,
  type OwnNeeds,
} from '@/core/brief';
import { DONOR_CLASSES } from '@/core/donor';
import { nominalRate } from '@/core/money';
import { OWN_NEED_KEYS, WANT_KEYS, type OwnNeedKey } from '@/core/preference';
import {
  TYPICAL_FACT_KEYS,
  TYPICAL_KEYS,
  typicalLimits,
  type OwnTypical,
  type OwnTypicalFacts,
  type TypicalKey,
} from '@/core/typical';
import { FACT_DEFINITIONS } from '@/core/facts';
import type { CurrencyCode } from '@/core/units';
import { currencySchema as currency } from './currency';
import { idSchema as id, isoDay } from './id';
import type { RecordType } from './record-type';

const within = (key: BriefFigure) =>
  z.number().min(BRIEF_LIMITS[key].min).max(BRIEF_LIMITS[key].max);
const share = z.number().int().min(0).max(100);

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
  .refine((shares) => GROUNDS.reduce((sum, g) => sum + shares[g], 0) === 100, {
    message: 'ground shares must add to 100',
  });

const schools = z.strictObject({
  size: z.enum(SCHOOLS.size).optional(),
  engine: z.enum(SCHOOLS.engine).optional(),
  springs: z.enum(SCHOOLS.springs).optional(),
  aids: z.enum(SCHOOLS.aids).optional(),
});
const swings = z.partialRecord(
  z.enum(WANT_KEYS),
  z.number().min(0).max(100),
) as unknown as z.ZodType<Readonly<Record<string, number>>>;
/** By how much a need may be moved, in the metric's base unit. */
export const OWN_NEED_LIMITS = { min: -1000, max: 1000 } as const;
const ownNeeds = z.partialRecord(
  z.enum(OWN_NEED_KEYS as readonly [OwnNeedKey, ...OwnNeedKey[]]),
  z.number().min(OWN_NEED_LIMITS.min).max(OWN_NEED_LIMITS.max),
) as unknown as z.ZodType<OwnNeeds>;
const noTwice = (list: readonly { readonly id: string }[]) =>
  new Set(list.map((x) => x.id)).size === list.length;

const origins = z.partialRecord(
  z.enum(BRIEF_FIGURES as readonly [BriefFigure, ...BriefFigure[]]),
  z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('assumed') }),
    z.strictObject({ kind: z.literal('taken'), from: z.string().min(1).max(60) }),
  ]),
) as unknown as z.ZodType<BriefOrigins>;

const typicalSpan = (key: TypicalKey) => {
  const { min, max } = typicalLimits(key);
  const end = z.number().min(min).max(max);
  return z
    .strictObject({ low: end, mid: end, high: end })
    .refine(({ low, mid, high }) => low <= mid && mid <= high, {
      message: 'low, typical and high must rise',
    })
    .optional();
};
const typicalLine = z.strictObject(
  Object.fromEntries(TYPICAL_KEYS.map((key) => [key, typicalSpan(key)])) as {
    [K in TypicalKey]: ReturnType<typeof typicalSpan>;
  },
);
const typical = z.partialRecord(
  z.enum(DONOR_CLASSES),
  typicalLine,
) as unknown as z.ZodType<OwnTypical>;

const percent = z.number().min(0).max(100);
const typicalFacts = z.partialRecord(
  z.enum(DONOR_CLASSES),
  z.strictObject(
    Object.fromEntries(
      TYPICAL_FACT_KEYS.map((key) => [
        key,
        z.partialRecord(z.enum(FACT_DEFINITIONS[key].options), percent).optional(),
      ]),
    ),
  ),
) as unknown as z.ZodType<OwnTypicalFacts>;

const sum = z.number().min(BRIEF_LIMITS['money.budget'].min).max(BRIEF_LIMITS['money.budget'].max);
const classPrices = z.partialRecord(
  z.enum(DONOR_CLASSES),
  z
    .strictObject({ low: sum, high: sum })
    .refine(({ low, high }) => low <= high, { message: 'low and high must rise' })
    .optional(),
) as unknown as z.ZodType<ClassPrices>;

const mustsOn = z
  .array(z.enum(MUST_KEYS))
  .max(MUST_KEYS.length)
  .refine((on) => new Set(on).size === on.length, { message: 'a must stands twice' });
/** What a purpose may have of its own of the trip. */
const purposeTrip = z.strictObject(
  Object.fromEntries(
    PURPOSE_TRIP_KEYS.map((key) => [key, within(`trip.${key}`).optional()]),
  ) as Record<PurposeTripKey, z.ZodOptional<z.ZodNumber>>,
);

const month = z.number().int().min(1).max(12);

export const briefSchema = z.strictObject({
  rider: z.strictObject({
    height_mm: within('rider.height_mm'),
    inseam_mm: within('rider.inseam_mm').optional(),
    mass_kg: within('rider.mass_kg'),
    kit_kg: within('rider.kit_kg'),
    lift_kg: within('rider.lift_kg').optional(),
    sole_mm: within('rider.sole_mm'),
    skill: z.enum(SKILLS),
    licence: z.enum(LICENCES),
  }),
  ground,
  trip: z.strictObject({
    name: z.string().max(120),
    length_km: within('trip.length_km'),
    cruise_kmh: within('trip.cruise_kmh'),
    fuelGap_km: within('trip.fuelGap_km'),
    reserve_percent: within('trip.reserve_percent'),
    luggage_kg: within('trip.luggage_kg'),
    luggage_L: within('trip.luggage_L').optional(),
    cold_C: within('trip.cold_C').optional(),
    wet_percent: within('trip.wet_percent').optional(),
    season: z.strictObject({ from: month, to: month }).optional(),
    latitude_deg: within('trip.latitude_deg').optional(),
    longestDay_km: within('trip.longestDay_km').optional(),
    workshopGap_km: within('trip.workshopGap_km'),
    pillion_kg: within('trip.pillion_kg').optional(),
    tankBag_kg: within('trip.tankBag_kg').optional(),
    tail_kg: within('trip.tail_kg').optional(),
    altitude_m: within('trip.altitude_m').optional(),
    heat_C: within('trip.heat_C').optional(),
    headwind_kmh: within('trip.headwind_kmh').optional(),
    serviceStretch_percent: within('trip.serviceStretch_percent').optional(),
    days: z
      .strictObject({
        first: isoDay.optional(),
        season: isoDay.optional(),
        trip: isoDay.optional(),
      })
      .optional(),
  }),
  money: z.strictObject({
    currency,
    budget: within('money.budget'),
    tripFund: within('money.tripFund'),
    gear: within('money.gear'),
    onTheRoadCosts: within('money.onTheRoadCosts').optional(),
    shopRate_perHour: within('money.shopRate_perHour'),
    ownSpanners: z.boolean(),
    rates: z
      .array(
        z.strictObject({
          currency,
          rate: z.number().min(RATE_LIMITS.min).max(RATE_LIMITS.max),
          date: isoDay,
        }),
      )
      .max(30),
    yearsKept: within('money.yearsKept').optional(),
    yearly_km: within('money.yearly_km').optional(),
    fuel_perL: within('money.fuel_perL').optional(),
    insurance_perYear: within('money.insurance_perYear').optional(),
    tax_perYear: within('money.tax_perYear').optional(),
    service_each: within('money.service_each').optional(),
    wear_per1000km: within('money.wear_per1000km').optional(),
    loanInterest_percent: within('money.loanInterest_percent').optional(),
    loanMonths: within('money.loanMonths').optional(),
    loanDeposit: within('money.loanDeposit').optional(),
    partsExtra_percent: within('money.partsExtra_percent').optional(),
    wrongPart_percent: within('money.wrongPart_percent').optional(),
    papers: within('money.papers').optional(),
  }),
  musts: z.strictObject({
    on: mustsOn,
    stance: z.enum(['flat', 'balls', 'tiptoes']),
    readyMass_kg: within('musts.readyMass_kg'),
    clearance_mm: within('musts.clearance_mm'),
    sureness_percent: within('musts.sureness_percent').optional(),
  }),
  schools: schools.optional(),
  swings: swings.optional(),
  purposes: z
    .array(
      z.strictObject({
        id,
        name: z.string().min(PURPOSE_NAME_LIMITS.min).max(PURPOSE_NAME_LIMITS.max),
        ground,
        trip: purposeTrip.optional(),
        mustsOn: mustsOn.optional(),
        schools: schools.optional(),
        swings: swings.optional(),
      }),
    )
    .max(MAX_PURPOSES - 1)
    .refine(noTwice, { message: 'a purpose stands twice' })
    .optional(),
  origins: origins.optional(),
  typical: typical.optional(),
  typicalFacts: typicalFacts.optional(),
  classPrices: classPrices.optional(),
  ownNeeds: ownNeeds.optional(),
}) satisfies z.ZodType<Brief>;

const EVEN_MIX: Readonly<Record<Ground, number>> = {
  motorway: 15,
  openRoad: 40,
  town: 10,
  gravel: 20,
  twoTrack: 10,
  singleTrack: 0,
  sandMud: 5,
};

/** A sum in euros as a round one of another currency. */
const roughly = (euros: number, to: CurrencyCode): number => {
  const sum = euros * nominalRate('EUR', to);
  const step = 10 ** Math.max(0, Math.floor(Math.log10(sum)) - 1);
  return Math.round(sum / step) * step;
};

/** What a new brief starts from: a rider of middling build on a mixed tour. Every figure is assumed until the rider types it. */
export function newBrief(currencyCode: CurrencyCode): Brief {
  const begun: Brief = {
    rider: {
      height_mm: 1740,
      mass_kg: 76,
      kit_kg: 12,
      sole_mm: 30,
      skill: 'improving',
      licence: 'A',
    },
    ground: EVEN_MIX,
    trip: {
      name: '',
      length_km: 2000,
      cruise_kmh: 100,
      fuelGap_km: 250,
      reserve_percent: 10,
      luggage_kg: 20,
      workshopGap_km: 1500,
    },
    money: {
      currency: currencyCode,
      budget: roughly(9000, currencyCode),
      tripFund: roughly(1500, currencyCode),
      gear: 0,
      shopRate_perHour: roughly(70, currencyCode),
      ownSpanners: true,
      rates: [],
    },
    musts: {
      on: ['range', 'payload', 'licence', 'money'],
      stance: 'balls',
      readyMass_kg: 200,
      clearance_mm: 200,
    },
  };
  return { ...begun, origins: assumedOrigins(begun) };
}

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
  compared: { inside: ['rider', 'trip', 'money', 'musts'] },
};
