import type { Brief } from '@/core/brief';
import type { Donor, DonorClass } from '@/core/donor';
import {
  BRIEF_KEY,
  CATALOGUE_KEY,
  EMPTY_DOSSIER,
  newCatalogueUse,
  type Dossier,
} from '@/store/records';
import { quoted, type Quote } from './quoted';
import type { FigureKey } from '@/core/readings';

/** A used machine for forest tracks at the weekend, in dollars, pounds and miles; everything invented. */
const BRIEF: Brief = {
  rider: {
    height_mm: 1803,
    mass_kg: 88.5,
    kit_kg: 11.5,
    sole_mm: 35,
    lift_kg: 80,
    skill: 'new',
    licence: 'A',
  },
  ground: {
    motorway: 5,
    openRoad: 20,
    town: 5,
    gravel: 35,
    twoTrack: 25,
    singleTrack: 10,
    sandMud: 0,
  },
  trip: {
    name: 'Weekends in the Tanner woods',
    length_km: 480,
    cruise_kmh: 96.56064,
    fuelGap_km: 177.02784,
    reserve_percent: 10,
    luggage_kg: 9,
    workshopGap_km: 240,
  },
  money: {
    currency: 'USD',
    budget: 6200,
    tripFund: 500,
    gear: 600,
    shopRate_perHour: 95,
    ownSpanners: true,
    rates: [],
  },
  musts: {
    on: ['readyMass', 'range', 'payload', 'licence', 'money'],
    stance: 'tiptoes',
    readyMass_kg: 158.757295,
    clearance_mm: 230,
    sureness_percent: 80,
  },
};

const advert = 'advert';

interface ForSale {
  readonly id: string;
  readonly maker: string;
  readonly model: string;
  readonly donorClass: DonorClass;
  readonly year: number;
  readonly odometer_mi: number;
  readonly away_mi: number;
  readonly figures: { readonly [K in FigureKey]?: Quote | readonly Quote[] };
}

const KM_PER_MILE = 1.609344;

const forSale = ({
  id,
  maker,
  model,
  donorClass,
  year,
  odometer_mi,
  away_mi,
  figures,
}: ForSale): Donor => ({
  kind: 'machine',
  id,
  maker,
  model,
  version: `${year}`,
  donorClass,
  state: 'for-sale',
  machine: {
    odometer_km: Math.round(odometer_mi * KM_PER_MILE),
    year,
    collect_km: Math.round(away_mi * KM_PER_MILE),
    fitted: [],
  },
  figures: quoted(id, figures),
  note: '',
});

/** Four adverts as they are found, each with half of what one would like to know. */
const ADVERTS: readonly Donor[] = [
  forSale({
    id: 'satchel-250',
    maker: 'Brome',
    model: 'Satchel 250',
    donorClass: 'air-trail-single',
    year: 2019,
    odometer_mi: 4100,
    away_mi: 38,
    figures: {
      price: [3350, 'USD', 'claimed', advert, 'asked'],
      mass: [289, 'lb', 'claimed', advert, 'ready'],
      seatHeight: [32.7, 'in', 'claimed', advert],
      tank: [2.5, 'gal-us', 'claimed', advert],
      consumption: [71, 'mpg-us', 'heard', 'the seller, on dirt roads'],
    },
  }),
  forSale({
    id: 'marten-300',
    maker: 'Tessel',
    model: 'Marten 300',
    donorClass: 'dual-sport-single',
    year: 2021,
    odometer_mi: 6800,
    away_mi: 64,
    figures: {
      price: [4480, 'USD', 'claimed', advert, 'asked'],
      mass: [306, 'lb', 'claimed', advert, 'ready'],
      power: [26.5, 'hp', 'claimed', advert],
      seatHeight: [34.7, 'in', 'claimed', advert],
      tank: [2.2, 'gal-us', 'claimed', advert],
      clearance: [10.9, 'in', 'claimed', advert],
    },
  }),
  forSale({
    id: 'burr-450',
    maker: 'Oakhollow',
    model: 'Burr 450',
    donorClass: 'competition-single',
    year: 2020,
    odometer_mi: 2900,
    away_mi: 110,
    figures: {
      price: [5200, 'USD', 'claimed', advert, 'asked'],
      mass: [251, 'lb', 'claimed', advert, 'dry'],
      power: [46, 'hp', 'claimed', advert],
      seatHeight: [37.2, 'in', 'claimed', advert],
      tank: [2.3, 'gal-us', 'claimed', advert],
      serviceHours: [15, 'h', 'claimed', 'manual, shown by the seller'],
    },
  }),
  forSale({
    id: 'fern-400',
    maker: 'Wickett',
    model: 'Fern 400',
    donorClass: 'scrambler-single',
    year: 2022,
    odometer_mi: 5400,
    away_mi: 22,
    figures: {
      price: [4950, 'USD', 'claimed', advert, 'asked'],
      mass: [401, 'lb', 'claimed', advert, 'ready'],
      power: [39, 'hp', 'claimed', advert],
      seatHeight: [32.4, 'in', 'claimed', advert],
      tank: [3.6, 'gal-us', 'claimed', advert],
      consumption: [63, 'mpg-us', 'claimed', advert],
    },
  }),
];

/** The second example: another kind of rider. */
export const forestDossier = (): Dossier => ({
  ...EMPTY_DOSSIER,
  briefs: { [BRIEF_KEY]: BRIEF },
  donors: Object.fromEntries(ADVERTS.map((d) => [d.id, d])),
  candidates: Object.fromEntries(
    ADVERTS.map((d, i) => [`c-${d.id}`, { id: `c-${d.id}`, donorId: d.id, plate: i }]),
  ),
  catalogues: { [CATALOGUE_KEY]: newCatalogueUse() },
});
