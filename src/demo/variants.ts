import type { Donor } from '@/core/donor';
import { quoted } from './quoted';

const sheet = (
  id: string,
  donorClass: Donor['donorClass'],
  version: string,
  more: Partial<Pick<Donor, 'figures' | 'tags' | 'weakPoints'>>,
) => ({ id, maker: '', model: '', version, donorClass, figures: {}, note: '', ...more });

/** Versions of the machines above, and single machines that somebody sells. */
export const DEMO_VARIANTS: readonly Donor[] = [
  {
    kind: 'variant',
    baseId: 'sorrel-300',
    variant: { year: 2026, seat: 'low' },
    ...sheet('sorrel-300-low', 'dual-sport-single', 'low version', {
      figures: quoted('sorrel-300-low', {
        seatHeight: [852, 'mm', 'claimed', 'dealer', 'low-seat'],
        clearance: [243, 'mm', 'claimed', 'dealer'],
        travelFront: [218, 'mm', 'claimed', 'dealer'],
        travelRear: [211, 'mm', 'claimed', 'dealer'],
      }),
    }),
  },
  {
    kind: 'variant',
    baseId: 'dunelark-720',
    variant: { tune: 'restricted' },
    ...sheet('dunelark-720-restricted', 'rally-twin', '35 kW version', {
      figures: quoted('dunelark-720-restricted', {
        power: [35, 'kW', 'claimed', 'papers'],
        powerRpm: [7100, 'rpm', 'claimed', 'papers'],
        torque: [57, 'Nm', 'claimed', 'papers'],
        torqueRpm: [4500, 'rpm', 'claimed', 'papers'],
        unrestrictedPower: [53, 'kW', 'claimed', 'papers'],
        unlockPrice: [340, 'EUR', 'heard', 'dealer'],
      }),
    }),
  },
  {
    kind: 'machine',
    baseId: 'drover-430',
    state: 'for-sale',
    machine: {
      odometer_km: 15300,
      year: 2023,
      collect_km: 120,
      fitted: [
        { partId: 'bash-plate', wear: 0.25 },
        { partId: 'handguards', wear: 0.5 },
      ],
    },
    ...sheet('drover-430-brenfold', 'scrambler-single', 'from Brenfold', {
      figures: quoted('drover-430-brenfold', {
        price: [4590, 'EUR', 'claimed', 'advert', 'asked'],
      }),
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
  },
];
