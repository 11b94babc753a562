import type { Brief } from '@/core/brief';
import { stagesBySchool } from '@/core/build';
import { SHIPPED_PARTS } from '@/core/catalogue';
import type { Trial } from '@/core/evidence';
import {
  BRIEF_KEY,
  CATALOGUE_KEY,
  EMPTY_DOSSIER,
  newCatalogueUse,
  type Dossier,
} from '@/store/records';
import type { Donor } from '@/core/donor';
import { DEMO_DONORS } from './donors';
import { quoted } from './quoted';
import { DEMO_SHEETS, factsOf } from './sheets';
import { DEMO_RIDES, DEMO_SETUPS } from './trials';
import { DEMO_VARIANTS } from './variants';

/** A crossing of an invented high plateau in autumn: long gaps, washboard, cold mornings. */
const BRIEF: Brief = {
  rider: {
    height_mm: 1660,
    inseam_mm: 765,
    mass_kg: 66,
    kit_kg: 12,
    sole_mm: 30,
    skill: 'improving',
    licence: 'A',
  },
  ground: {
    motorway: 6,
    openRoad: 30,
    town: 4,
    gravel: 32,
    twoTrack: 20,
    singleTrack: 2,
    sandMud: 6,
  },
  trip: {
    name: 'Autumn crossing of the Saldorra plateau',
    length_km: 2400,
    cruise_kmh: 95,
    fuelGap_km: 260,
    reserve_percent: 10,
    luggage_kg: 22,
    workshopGap_km: 1600,
    tankBag_kg: 4,
    tail_kg: 6,
    altitude_m: 3400,
    heat_C: 18,
    headwind_kmh: 10,
    days: { first: '2027-03-20', season: '2027-07-31', trip: '2027-09-12' },
  },
  money: {
    currency: 'EUR',
    budget: 12500,
    tripFund: 2600,
    gear: 350,
    onTheRoadCosts: 390,
    shopRate_perHour: 72,
    ownSpanners: true,
    yearsKept: 5,
    yearly_km: 7000,
    fuel_perL: 1.74,
    insurance_perYear: 310,
    tax_perYear: 45,
    service_each: 240,
    wear_per1000km: 44,
    rates: [
      { currency: 'USD', to: 'EUR', rate: 0.91, date: '2026-09-01' },
      { currency: 'GBP', to: 'EUR', rate: 1.16, date: '2026-09-01' },
    ],
  },
  musts: {
    on: ['stance', 'range', 'payload', 'licence', 'money'],
    stance: 'tiptoes',
    readyMass_kg: 215,
    clearance_mm: 200,
  },
  purposes: [
    {
      id: 'week',
      name: 'Weekdays and the way there',
      ground: {
        motorway: 30,
        openRoad: 45,
        town: 20,
        gravel: 5,
        twoTrack: 0,
        singleTrack: 0,
        sandMud: 0,
      },
      schools: { size: 'road-first' },
    },
    {
      id: 'trails',
      name: 'Home trails',
      ground: {
        motorway: 0,
        openRoad: 20,
        town: 0,
        gravel: 20,
        twoTrack: 30,
        singleTrack: 20,
        sandMud: 10,
      },
      schools: { size: 'light-first', springs: 'to-the-rider' },
    },
  ],
};

/** Machines the rider has sat on elsewhere. */
const SITS: readonly Trial[] = [
  {
    id: 'sit-1',
    kind: 'sit',
    machine: 'Sorrel 300 at the club',
    observed: { feet: 'balls', seatHeight_mm: 877, seatWidth: 'light' },
    note: '',
  },
  {
    id: 'sit-2',
    kind: 'sit',
    machine: 'Cousin’s Tarsel 650',
    observed: { feet: 'tiptoes', seatHeight_mm: 835, seatWidth: 'wide' },
    note: '',
  },
];

/** Parts already chosen in the example, by donor. */
const BUILDS: Readonly<Record<string, readonly string[]>> = {
  'wren-230': ['seat-cut', 'tank-trail-11', 'rack-tail', 'can-5', 'handguards', 'fork-springs'],
  'sorrel-300': ['tank-dual-12', 'seat-low', 'bash-plate-light', 'handguards'],
  'drover-430': ['fork-springs', 'bash-plate', 'handguards', 'engine-bars'],
};

/** The essentials and the rest of the sheet together. */
function wholeSheet(donor: Donor): Donor {
  const rest = DEMO_SHEETS[donor.id];
  if (!rest) return donor;
  return {
    ...donor,
    figures: { ...donor.figures, ...quoted(donor.id, rest.figures) },
    facts: factsOf(donor.id, rest.facts),
    ...(rest.weakPoints
      ? { weakPoints: rest.weakPoints.map((w, i) => ({ id: `${donor.id}-weak-${i + 1}`, ...w })) }
      : {}),
  };
}

/** The machine for sale that stands on the shortlist beside the models. */
const LISTED = ['drover-430-brenfold'];

/** The example dossier, the same on every machine. */
export function demoDossier(): Dossier {
  const donors = [...DEMO_DONORS.map(wholeSheet), ...DEMO_VARIANTS];
  const candidates = [...DEMO_DONORS.map((d) => d.id), ...LISTED].map((donorId, plate) => ({
    id: `c-${donorId}`,
    donorId,
    plate,
  }));
  const byId = <T extends { readonly id: string }>(list: readonly T[]) =>
    Object.fromEntries(list.map((r) => [r.id, r]));
  return {
    ...EMPTY_DOSSIER,
    briefs: { [BRIEF_KEY]: BRIEF },
    donors: byId(donors),
    catalogues: { [CATALOGUE_KEY]: newCatalogueUse() },
    trials: byId([...SITS, ...DEMO_RIDES]),
    setups: byId(DEMO_SETUPS),
    candidates: byId(candidates),
    builds: byId(
      candidates.flatMap((c) =>
        BUILDS[c.donorId]
          ? [
              {
                id: c.id,
                partIds: BUILDS[c.donorId] ?? [],
                stages: stagesBySchool(
                  (BUILDS[c.donorId] ?? []).flatMap(
                    (id) => SHIPPED_PARTS.find((p) => p.id === id) ?? [],
                  ),
                  'suspension-first',
                ),
              },
            ]
          : [],
      ),
    ),
  };
}
