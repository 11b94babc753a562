import type { Part } from '../../part';
import { add, part, ROAD, set, times, TRAIL } from './make-part';

/** Wheels, tyres, brakes: invented; prices, masses and effects are made up but of the usual size. */
export const WHEELS: readonly Part[] = [
  part('wheels-21-18', 'Spoked wheels, 21 and 18 inch', 'wheels', 1390, 3, 1.2, {
    slot: 'wheels',
    workshop: true,
    classes: ROAD,
    effects: [
      set('wheelFront', 533.4),
      set('wheelRear', 457.2),
      add('clearance', 12),
      add('seatHeight', 10),
    ],
    needs: [['tyres-half', 'tyres-knobbly']],
    flags: ['tyre-rating', 'speedometer'],
    leadTime_days: 45,
    sets: { wheelType: 'spoked-tubes', tyreFront: '90/90-21', tyreRear: '140/80-18' },
  }),
  part('rims-sealed', 'Spoke nipples sealed for tubeless', 'wheels', 220, 4, 0.2, {
    workshop: true,
    classes: ['rally-twin', 'scrambler-single', 'dual-sport-single', 'long-range-dual-sport'],
    flags: ['tyre-rating'],
    sets: { wheelType: 'spoked-tubeless' },
  }),
  part('wheels-19-17-tubeless', 'Tubeless spoked wheels, 19 and 17 inch', 'wheels', 1690, 3, 0.8, {
    slot: 'wheels',
    workshop: true,
    classes: ['road-adventure-single', 'large-adventure-twin'],
    effects: [set('wheelFront', 482.6), set('wheelRear', 431.8)],
    flags: ['tyre-rating'],
    leadTime_days: 45,
    sets: { wheelType: 'spoked-tubeless', tyreFront: '110/80-19', tyreRear: '150/70-17' },
  }),
  part('spokes-heavy', 'Heavy spokes, wheels trued', 'wheels', 310, 5, 0.4, {
    workshop: true,
    classes: TRAIL,
  }),
  part('tyres-half', 'Tyres, half road half dirt', 'tyres', 230, 1.5, 0.6, {
    slot: 'tyres',
    workshop: true,
    effects: [times('consumption', 1.02)],
    flags: ['tyre-rating'],
  }),
  part('tyres-knobbly', 'Knobbly tyres, road legal', 'tyres', 210, 1.5, 0.9, {
    slot: 'tyres',
    workshop: true,
    effects: [times('consumption', 1.05)],
    flags: ['tyre-rating'],
  }),
  part('tubes-heavy', 'Heavy tubes and rim lock', 'tyres', 70, 1, 1.4, {
    classes: TRAIL,
    sets: { rimLocks: 'yes' },
    shutsOut: ['rims-sealed'],
  }),
  part('tyres-road', 'Tyres, long-wearing road pattern', 'tyres', 220, 1.5, 0, {
    slot: 'tyres',
    workshop: true,
    flags: ['tyre-rating'],
  }),
  part('plug-kit', 'Plug kit and small pump', 'tyres', 65, 0, 0.9, {}),
  part('brake-lines', 'Braided brake hoses', 'brakes', 140, 2, -0.1, {
    workshop: true,
    flags: ['brake-hydraulics'],
  }),
  part('disc-front', 'Larger front disc with caliper bracket', 'brakes', 260, 1.5, 0.4, {
    workshop: true,
    flags: ['brake-hydraulics'],
    classes: TRAIL,
  }),
  part('pads-sintered', 'Sintered brake pads', 'brakes', 75, 0.8, 0, { slot: 'pads' }),
  part('abs-switch', 'Switch that keeps ABS off after the key', 'brakes', 150, 1, 0.1, {
    flags: ['ends-approval'],
    legal: 'Off-road only in many places.',
    warranty: 'Ask the dealer before fitting.',
    sets: { absStaysOff: 'yes' },
  }),
];
