import * as z from 'zod/mini';
import {
  GROUNDS,
  LICENCES,
  MUST_KEYS,
  PURPOSE_TRIP_KEYS,
  SEAT_WIDTHS,
  SKILLS,
  STANCE_BANDS,
  type PurposeTripKey,
} from '@/core/brief';
import { currencySchema as currency } from './currency';

/**
 * A brief as a frozen sheet of version 1 holds it: its shape, without the limits of the day, since limits may move and a verdict must
 * stay readable. A new shape of the brief is a new version of the sheet, not a change here.
 */
const n = z.number();
const maybe = z.optional(n);
const shares = z.strictObject(
  Object.fromEntries(GROUNDS.map((g) => [g, n])) as Record<(typeof GROUNDS)[number], typeof n>,
);
const schools = z.strictObject({
  size: z.optional(z.enum(['light-first', 'middle', 'road-first'])),
  engine: z.optional(z.enum(['low-torque', 'revs'])),
  springs: z.optional(z.enum(['soft-is-fine', 'to-the-rider'])),
});
const swings = z.record(z.string(), n);
const day = z.optional(z.string());

export const frozenBriefSchema = z.strictObject({
  rider: z.strictObject({
    height_mm: n,
    inseam_mm: maybe,
    mass_kg: n,
    kit_kg: n,
    lift_kg: maybe,
    sole_mm: n,
    skill: z.enum(SKILLS),
    licence: z.enum(LICENCES),
    sits: z.optional(
      z.array(
        z.strictObject({
          id: z.string(),
          machine: z.string(),
          seatHeight_mm: n,
          seatWidth: z.enum(SEAT_WIDTHS),
          feet: z.enum(STANCE_BANDS),
        }),
      ),
    ),
  }),
  ground: shares,
  trip: z.strictObject({
    name: z.string(),
    length_km: n,
    cruise_kmh: n,
    fuelGap_km: n,
    reserve_percent: n,
    luggage_kg: n,
    luggage_L: maybe,
    cold_C: maybe,
    wet_percent: maybe,
    season: z.optional(z.strictObject({ from: n, to: n })),
    latitude_deg: maybe,
    longestDay_km: maybe,
    workshopGap_km: n,
    pillion_kg: maybe,
    tankBag_kg: maybe,
    tail_kg: maybe,
    altitude_m: maybe,
    heat_C: maybe,
    headwind_kmh: maybe,
    serviceStretch_percent: maybe,
    days: z.optional(z.strictObject({ first: day, season: day, trip: day })),
  }),
  money: z.strictObject({
    currency,
    budget: n,
    tripFund: n,
    gear: n,
    onTheRoadCosts: maybe,
    shopRate_perHour: n,
    ownSpanners: z.boolean(),
    rates: z.array(z.strictObject({ currency, to: currency, rate: n, date: z.string() })),
    yearsKept: maybe,
    yearly_km: maybe,
    fuel_perL: maybe,
    insurance_perYear: maybe,
    tax_perYear: maybe,
    service_each: maybe,
    wear_per1000km: maybe,
    loanInterest_percent: maybe,
    loanMonths: maybe,
    loanDeposit: maybe,
    partsExtra_percent: maybe,
    wrongPart_percent: maybe,
    papers: maybe,
  }),
  musts: z.strictObject({
    on: z.array(z.enum(MUST_KEYS)),
    stance: z.enum(['flat', 'balls', 'tiptoes']),
    readyMass_kg: n,
    clearance_mm: n,
    sureness_percent: maybe,
  }),
  schools: z.optional(schools),
  swings: z.optional(swings),
  ownNeeds: z.optional(swings),
  purposes: z.optional(
    z.array(
      z.strictObject({
        id: z.string(),
        name: z.string(),
        ground: shares,
        trip: z.optional(
          z.strictObject(
            Object.fromEntries(PURPOSE_TRIP_KEYS.map((key) => [key, maybe])) as Record<
              PurposeTripKey,
              typeof maybe
            >,
          ),
        ),
        mustsOn: z.optional(z.array(z.enum(MUST_KEYS))),
        schools: z.optional(schools),
        swings: z.optional(swings),
      }),
    ),
  ),
});
