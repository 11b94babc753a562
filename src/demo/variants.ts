import type { Donor } from '@/core/donor';
import { quoted } from './quoted';

const child = (
  id: string,
  baseId: string,
  donorClass: Donor['donorClass'],
  version: string,
  more: Partial<Donor>,
): Donor => ({
  id,
  baseId,
  maker: '',
  model: '',
  version,
  donorClass,
  figures: {},
  note: '',
  ...more,
});

/** Versions of the machines above, and single machines that somebody sells. */
export const DEMO_VARIANTS: readonly Donor[] = [
  child('sorrel-300-low', 'sorrel-300', 'dual-sport-single', 'low version', {
    variant: { year: 2026, seat: 'low' },
    figures: quoted('sorrel-300-low', {
      seatHeight: [845, 'mm', 'claimed', 'dealer', 'low-seat'],
      clearance: [255, 'mm', 'claimed', 'dealer'],
      travelFront: [225, 'mm', 'claimed', 'dealer'],
      travelRear: [205, 'mm', 'claimed', 'dealer'],
    }),
  }),
  child('dunelark-720-restricted', 'dunelark-720', 'rally-twin', '35 kW version', {
    variant: { tune: 'restricted' },
    figures: quoted('dunelark-720-restricted', {
      power: [35, 'kW', 'claimed', 'papers'],
      powerRpm: [7000, 'rpm', 'claimed', 'papers'],
      torque: [58, 'Nm', 'claimed', 'papers'],
      torqueRpm: [4500, 'rpm', 'claimed', 'papers'],
      unrestrictedPower: [54, 'kW', 'claimed', 'papers'],
    }),
  }),
  child('drover-430-brenfold', 'drover-430', 'scrambler-single', 'from Brenfold', {
    listing: {
      odometer_km: 14800,
      year: 2023,
      collect_km: 120,
      fitted: [
        { partId: 'bash-plate', wear: 0.25 },
        { partId: 'handguards', wear: 0.5 },
      ],
    },
    figures: quoted('drover-430-brenfold', { price: [4650, 'EUR', 'claimed', 'advert', 'asked'] }),
    tags: ['seen'],
    weakPoints: [
      {
        id: 'brenfold-seal',
        what: 'Left fork seal weeps',
        cost: { amount: 165, currency: 'EUR' },
        mend: true,
        origin: 'measured',
        note: 'looked at it in the yard',
      },
    ],
  }),
];
