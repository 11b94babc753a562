import type { Part } from '../../part';
import { add, part } from './make-part';

/** Seats, controls, stands: invented; prices, masses and effects are made up but of the usual size. */
export const SEATING: readonly Part[] = [
  part('seat-low', 'Low seat', 'seat', 190, 0.2, -0.2, {
    slot: 'seat',
    effects: [add('seatHeight', -25)],
    note: 'Thinner foam: shorter days.',
  }),
  part('seat-cut', 'Stock seat cut down by an upholsterer', 'seat', 85, 0.3, -0.3, {
    slot: 'seat',
    effects: [add('seatHeight', -18)],
    reversible: false,
    leadTime_days: 10,
  }),
  part('seat-comfort', 'Wide comfort seat', 'seat', 310, 0.2, 0.9, {
    slot: 'seat',
    effects: [add('seatHeight', 12)],
    sets: { seatWidth: 'wide' },
    leadTime_days: 14,
  }),
  part('seat-tall', 'Tall seat, firm foam', 'seat', 220, 0.2, 0.4, {
    slot: 'seat',
    effects: [add('seatHeight', 22)],
    note: 'For long legs and standing.',
    replaces: 'stock seat',
  }),
  part('seat-cover', 'Gripper seat cover', 'seat', 60, 1, 0.1, {}),
  part('seat-sheepskin', 'Sheepskin over the seat', 'seat', 55, 0.1, 0.4, {
    effects: [add('seatHeight', 6)],
    shutsOut: ['seat-cover'],
  }),
  part('risers', 'Bar risers, 25 mm', 'controls', 65, 1, 0.3, {
    slot: 'risers',
    flags: ['cable-reach'],
    effects: [add('barHeight', 25)],
  }),
  part('pegs-wide', 'Wide footpegs', 'controls', 110, 0.7, 0.3, { slot: 'pegs' }),
  part('levers-folding', 'Folding levers', 'controls', 75, 0.5, 0, { slot: 'levers' }),
  part('bar-tapered', 'Tapered handlebar', 'controls', 95, 1.5, -0.1, {
    slot: 'bar',
    flags: ['cable-reach'],
    effects: [add('barHeight', 10)],
  }),
  part('risers-tall', 'Bar risers, 40 mm, with longer lines', 'controls', 190, 3, 0.5, {
    slot: 'risers',
    workshop: true,
    flags: ['cable-reach', 'brake-hydraulics'],
    effects: [add('barHeight', 40)],
  }),
  part('pegs-low', 'Footpegs set 15 mm lower', 'controls', 130, 0.8, 0.4, {
    slot: 'pegs',
    effects: [add('pegHeight', -15), add('clearance', -2)],
  }),
  part('pedal-adjustable', 'Adjustable brake pedal', 'controls', 90, 0.8, 0, {
    slot: 'pedal',
    note: 'Turns up for standing.',
  }),
  part('shifter-folding', 'Folding gear lever', 'controls', 45, 0.4, 0, { slot: 'shifter' }),
  part('grips-soft', 'Soft grips', 'controls', 22, 0.5, 0, {
    slot: 'grips',
    shutsOut: ['grips-heated'],
  }),
  part('throttle-lock', 'Throttle rest', 'controls', 30, 0.1, 0.1, {
    note: 'Not a cruise control: let go and it must close.',
  }),
  part('stand-short', 'Shorter side stand', 'stand', 75, 0.5, 0, {
    slot: 'stand',
    flags: ['shortens-stand'],
  }),
  part('stand-foot', 'Wide foot for the side stand', 'stand', 32, 0.2, 0.1, {}),
  part('stand-centre', 'Centre stand', 'stand', 210, 1, 4.9, {
    slot: 'centre-stand',
    effects: [add('clearance', -10)],
    classes: [
      'rally-twin',
      'road-v-twin',
      'large-adventure-twin',
      'road-adventure-single',
      'scrambler-single',
    ],
    shutsOut: ['lowering-link', 'shortened'],
  }),
];
