import type { Part } from '../../part';
import { add, part, ROAD, TRAIL } from './make-part';

/** Springs, forks, shocks, links: invented; prices, masses and effects are made up but of the usual size. */
export const SUSPENSION: readonly Part[] = [
  part('fork-springs', 'Fork springs to the rider’s mass, fresh oil', 'suspension', 165, 3, 0, {
    slot: 'fork',
    note: 'Holds the front up; no more travel.',
    flags: ['springs-front'],
  }),
  part('fork-cartridges', 'Adjustable fork cartridges', 'suspension', 690, 4, 0.2, {
    slot: 'fork',
    workshop: true,
    leadTime_days: 21,
    flags: ['springs-front'],
    sets: { forkAdjust: 'full' },
  }),
  part('shock-spring', 'Shock spring to the rider’s mass', 'suspension', 120, 2, 0.1, {
    slot: 'shock',
    workshop: true,
    flags: ['springs-rear', 'specialist-shock'],
  }),
  part(
    'shock-rebuildable',
    'Rebuildable shock, sprung for rider and load',
    'suspension',
    780,
    2.5,
    -0.3,
    {
      slot: 'shock',
      flags: ['springs-rear', 'specialist-shock'],
      leadTime_days: 28,
      sets: { shockAdjust: 'preload-rebound', shockRebuildable: 'yes' },
    },
  ),
  part('long-travel', 'Long-travel kit, front and rear', 'suspension', 1150, 7, 0.6, {
    slot: 'shock',
    shutsOut: ['fork-springs', 'fork-cartridges', 'lowering-link', 'shortened'],
    workshop: true,
    classes: ROAD,
    effects: [
      add('travelFront', 35),
      add('travelRear', 35),
      add('seatHeight', 26),
      add('clearance', 28),
    ],
    flags: ['springs-front', 'springs-rear', 'specialist-shock'],
    reversible: true,
    leadTime_days: 35,
    sets: { shockAdjust: 'preload-rebound' },
  }),
  part('lowering-link', 'Lowering link, 40 mm at the rear axle', 'suspension', 110, 1.5, 0.1, {
    slot: 'height',
    needs: [['stand-short']],
    effects: [
      add('seatHeight', -26),
      add('clearance', -22),
      // 40 mm at the rear axle on a wheelbase of 1.55 m (reference 15, from memory).
      add('rake', 1.5),
      add('trail', 10.7),
    ],
    flags: ['lowers-one-end'],
    classes: [
      'dual-sport-single',
      'long-range-dual-sport',
      'competition-single',
      'rally-twin',
      'scrambler-single',
    ],
    note: 'Steepens nothing, slackens the head: have stability checked.',
  }),
  part('shortened', 'Fork and shock shortened by a specialist, 30 mm', 'suspension', 540, 6, -0.1, {
    slot: 'height',
    needs: [['stand-short']],
    effects: [
      add('seatHeight', -30),
      add('clearance', -28),
      add('travelFront', -30),
      add('travelRear', -30),
    ],
    workshop: true,
    flags: ['lowers-both-ends', 'specialist-shock'],
    classes: TRAIL,
    leadTime_days: 21,
  }),
  part('fork-gaiters', 'Fork gaiters', 'suspension', 45, 1.5, 0.3, {
    slot: 'gaiters',
    note: 'Keeps grit off the seals.',
  }),
  part(
    'shock-reservoir',
    'Shock with reservoir, high and low speed compression',
    'suspension',
    1180,
    2.5,
    0.4,
    {
      slot: 'shock',
      flags: ['springs-rear', 'specialist-shock'],
      leadTime_days: 42,
      replaces: 'stock shock',
      sets: { shockAdjust: 'full', shockRebuildable: 'yes' },
    },
  ),
  part('preload-remote', 'Remote preload adjuster', 'suspension', 160, 1.5, 0.5, {
    slot: 'preload',
    needs: [['shock-rebuildable', 'shock-reservoir']],
  }),
  part('steering-damper', 'Steering damper', 'suspension', 290, 2, 0.6, {
    slot: 'damper',
    shutsOut: ['risers-tall'],
    flags: ['cable-reach'],
  }),
  part('springs-heavy', 'Fork and shock springs for rider and luggage', 'suspension', 270, 5, 0.2, {
    slot: 'fork',
    shutsOut: ['shock-spring', 'shock-rebuildable', 'shock-reservoir'],
    flags: ['springs-front', 'springs-rear', 'specialist-shock'],
    workshop: true,
  }),
];
