import type { Part } from '../../part';
import { add, LIQUID, part, TRAIL } from './make-part';

/** What takes the stones: invented; prices, masses and effects are made up but of the usual size. */
export const PROTECTION: readonly Part[] = [
  part('handguards', 'Hand guards with alloy spine', 'protection', 95, 1, 0.9, {
    slot: 'handguards',
    sets: { handGuards: 'spine' },
  }),
  part('bash-plate', 'Bash plate, 4 mm alloy', 'protection', 180, 1, 3.2, {
    slot: 'plate',
    effects: [add('clearance', -8)],
    sets: { sumpGuard: 'alloy' },
  }),
  part('bash-plate-light', 'Bash plate, moulded plastic', 'protection', 125, 0.8, 1.4, {
    slot: 'plate',
    effects: [add('clearance', -6)],
    classes: TRAIL,
    sets: { sumpGuard: 'plastic' },
  }),
  part('engine-bars', 'Engine bars', 'protection', 210, 1.5, 4.2, {
    slot: 'bars',
    classes: [
      'road-adventure-single',
      'scrambler-single',
      'rally-twin',
      'road-v-twin',
      'large-adventure-twin',
    ],
    sets: { crashBars: 'partial' },
  }),
  part('radiator-guard', 'Radiator guard', 'protection', 90, 0.7, 0.4, {
    slot: 'radiator-guard',
    classes: LIQUID,
  }),
  part('chain-guide', 'Chain guide and swing-arm slider', 'protection', 60, 0.8, 0.3, {
    classes: TRAIL,
  }),
  part('handguard-shields', 'Wind shields on the hand guards', 'protection', 35, 0.3, 0.2, {
    needs: [['handguards']],
  }),
  part('tank-bars', 'Upper bars round the tank', 'protection', 240, 1.5, 3.4, {
    slot: 'upper-bars',
    needs: [['engine-bars']],
    sets: { crashBars: 'full' },
  }),
  part('headlamp-guard', 'Headlamp guard', 'protection', 70, 0.5, 0.4, {
    slot: 'headlamp-guard',
    legal: 'Some inspectors ask for it to be taken off.',
  }),
  part('disc-guard-rear', 'Rear disc guard', 'protection', 55, 0.5, 0.3, { slot: 'disc-guard' }),
  part('lever-guard', 'Case saver behind the sprocket', 'protection', 40, 0.5, 0.2, {}),
  part('frame-guards', 'Frame guards', 'protection', 50, 0.4, 0.3, {}),
  part('plate-full', 'Bash plate with linkage guard', 'protection', 260, 1.2, 4.4, {
    slot: 'plate',
    effects: [add('clearance', -12)],
    classes: TRAIL,
    sets: { sumpGuard: 'alloy' },
  }),
];
