import { assumedOrigins, type Brief, type Ground } from '@/core/brief';
import { roughSum } from '@/core/money';
import type { CurrencyCode } from '@/core/units';

const EVEN_MIX: Readonly<Record<Ground, number>> = {
  motorway: 15,
  openRoad: 40,
  town: 10,
  gravel: 20,
  twoTrack: 10,
  singleTrack: 0,
  sandMud: 5,
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
      budget: roughSum(9000, 'EUR', currencyCode),
      tripFund: roughSum(1500, 'EUR', currencyCode),
      gear: 0,
      shopRate_perHour: roughSum(70, 'EUR', currencyCode),
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
