import type { Part } from '../../part';
import { add, NOT_COMPETITION, part, set } from './make-part';

/** Luggage and fuel: invented; prices, masses and effects are made up but of the usual size. */
export const CARRYING: readonly Part[] = [
  part('bags-rackless', 'Rackless soft bags, 28 L', 'luggage', 260, 0.3, 2.6, {
    effects: [add('luggageVolume', 28)],
    slot: 'side-luggage',
    leadTime_days: 9,
  }),
  part('racks-side', 'Side racks, steel tube', 'luggage', 240, 1.5, 4.4, {
    shutsOut: ['bags-rackless'],
    classes: NOT_COMPETITION,
    effects: [set('carrierLimit', 20)],
    sets: { stockRack: 'full' },
  }),
  part('bags-throw-over', 'Soft panniers for side racks, 40 L', 'luggage', 290, 0.2, 3.1, {
    effects: [add('luggageVolume', 40)],
    slot: 'side-luggage',
    needs: [['racks-side']],
  }),
  part('cases-hard', 'Alloy cases for side racks, 62 L', 'luggage', 690, 0.4, 9.8, {
    effects: [add('luggageVolume', 62)],
    slot: 'side-luggage',
    needs: [['racks-side']],
    leadTime_days: 20,
  }),
  part('rack-tail', 'Tail rack', 'luggage', 120, 0.8, 1.9, {
    slot: 'tail',
    effects: [set('rackLimit', 7)],
    sets: { stockRack: 'small' },
  }),
  part('bag-tank', 'Tank bag', 'luggage', 80, 0.1, 0.8, {
    effects: [add('luggageVolume', 14)],
  }),
  part('bag-tail-dry', 'Waterproof tail roll, 30 L', 'luggage', 110, 0.1, 1.2, {
    effects: [add('luggageVolume', 30)],
    needs: [['rack-tail', 'racks-side', 'bags-rackless']],
  }),
  part('bars-bags', 'Pouches for the engine bars', 'luggage', 95, 0.2, 0.9, {
    effects: [add('luggageVolume', 8)],
    needs: [['engine-bars']],
  }),
  part('case-top', 'Top case, 36 L, quick release', 'luggage', 280, 0.6, 4.8, {
    effects: [add('luggageVolume', 36)],
    slot: 'tail-load',
    needs: [['rack-tail']],
    note: 'High and far back: mind the rack limit.',
  }),
  part('tool-tube', 'Tool tube', 'luggage', 50, 0.6, 0.9, {
    effects: [add('luggageVolume', 3)],
  }),
  part('subframe-brace', 'Subframe brace', 'luggage', 180, 3, 1.1, {
    workshop: true,
    legal: 'A change to the frame: may need an inspection.',
    flags: ['ends-approval'],
  }),
  part('tank-trail-11', 'Large tank for trail singles, 11.4 L', 'range', 420, 1.5, 0.9, {
    slot: 'tank',
    effects: [set('tank', 11.4)],
    classes: ['air-trail-single'],
    needs: [['seat-low', 'seat-cut', 'seat-comfort']],
    note: 'Meets the seat further back: needs another seat or the stock one cut.',
    leadTime_days: 30,
  }),
  part('tank-dual-12', 'Large tank for dual-sports, 12.6 L', 'range', 465, 2, 1.3, {
    slot: 'tank',
    effects: [set('tank', 12.6)],
    classes: ['dual-sport-single'],
    currency: 'USD',
    leadTime_days: 40,
  }),
  part('tank-competition-13', 'Large tank for competition frames, 13.2 L', 'range', 610, 2, 1.6, {
    slot: 'tank',
    effects: [set('tank', 13.2)],
    classes: ['competition-single'],
    leadTime_days: 30,
  }),
  part('tank-rear-4', 'Auxiliary rear cell, 4 L', 'range', 390, 3, 1.8, {
    slot: 'rear-cell',
    shutsOut: ['rack-tail'],
    effects: [add('tank', 4)],
    classes: [
      'dual-sport-single',
      'long-range-dual-sport',
      'competition-single',
      'scrambler-single',
    ],
    flags: ['ends-approval'],
    leadTime_days: 30,
  }),
  part('can-5', 'Approved fuel can, 5 L, with bracket', 'range', 85, 0.4, 1.5, {
    needs: [['rack-tail', 'racks-side']],
    slot: 'loose-fuel',
    effects: [add('tank', 5)],
    flags: ['fuel-can'],
    note: 'No tank: poured in at a stop, luggage until then.',
  }),
  part('tank-twin-22', 'Large tank for mid-size twins, 22 L', 'range', 890, 3, 3.2, {
    slot: 'tank',
    effects: [set('tank', 22)],
    classes: ['rally-twin'],
    leadTime_days: 45,
    replaces: 'stock tank',
  }),
  part('tank-scrambler-18', 'Large tank for scramblers, 18.5 L', 'range', 560, 2, 1.4, {
    slot: 'tank',
    effects: [set('tank', 18.5)],
    classes: ['scrambler-single'],
    leadTime_days: 30,
    replaces: 'stock tank',
  }),
  part('bladder-7', 'Fuel bladder, 7 L', 'range', 140, 0.1, 0.5, {
    slot: 'loose-fuel',
    effects: [add('tank', 7)],
    needs: [['rack-tail', 'racks-side', 'bags-rackless']],
    flags: ['fuel-can'],
    legal: 'In many places not approved for petrol on the road: ask first.',
  }),
];
