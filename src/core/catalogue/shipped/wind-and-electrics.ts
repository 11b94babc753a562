import type { Part } from '../../part';
import { add, part, times, TRAIL } from './make-part';

/** Screens and electrics: invented; prices, masses and effects are made up but of the usual size. */
export const WIND_AND_ELECTRICS: readonly Part[] = [
  part('screen-touring', 'Touring screen', 'wind', 130, 0.5, 1.1, {
    slot: 'screen',
    effects: [times('consumption', 1.01)],
    sets: { screen: 'tall' },
  }),
  part('fairing-frame', 'Frame fairing with screen', 'wind', 620, 4, 4.6, {
    slot: 'screen',
    classes: ['air-trail-single', 'dual-sport-single', 'competition-single'],
    effects: [times('consumption', 0.98)],
    leadTime_days: 30,
    sets: { screen: 'tall', fairing: 'half' },
  }),
  part('screen-tall', 'Tall adjustable screen', 'wind', 240, 0.8, 1.9, {
    slot: 'screen',
    effects: [times('consumption', 1.02)],
    sets: { screen: 'adjustable' },
  }),
  part('deflectors', 'Hand and leg deflectors', 'wind', 120, 1, 0.8, {}),
  part('lights-aux', 'Auxiliary lights, 2 × 15 W', 'electrics', 160, 2, 0.8, {
    flags: ['electrical-load'],
    effects: [add('stockDraw', 30)],
  }),
  part('grips-heated', 'Heated grips, 36 W', 'electrics', 95, 1.5, 0.2, {
    flags: ['electrical-load'],
    effects: [add('stockDraw', 36)],
  }),
  part('mount-power', 'Instrument mount with power socket', 'electrics', 70, 0.8, 0.3, {
    flags: ['electrical-load'],
    effects: [add('stockDraw', 15)],
    sets: { socket: 'twelve-volt' },
  }),
  part('alternator-high', 'High-output stator', 'electrics', 330, 3, 0.3, {
    slot: 'stator',
    workshop: true,
    classes: TRAIL,
    leadTime_days: 25,
    effects: [add('alternator', 110)],
  }),
  part('battery-light', 'Lithium battery', 'electrics', 150, 0.3, -2.2, {
    slot: 'battery',
    note: 'Weak in the cold.',
  }),
  part('vest-heated-lead', 'Lead for a heated vest', 'electrics', 35, 0.5, 0.1, {
    flags: ['electrical-load'],
    effects: [add('stockDraw', 65)],
  }),
];
