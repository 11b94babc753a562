import type { Part } from '../../part';
import { add, part, set, times } from './make-part';

/** Engine and gearing: invented; prices, masses and effects are made up but of the usual size. */
export const DRIVE: readonly Part[] = [
  part('silencer-free', 'Freer silencer', 'engine', 380, 1, -1.6, {
    slot: 'silencer',
    needs: [['fuelling-module']],
    flags: ['ends-approval'],
    effects: [times('power', 1.02)],
    note: 'Louder. Needs fuelling.',
  }),
  part('fuelling-module', 'Fuelling module', 'engine', 260, 1.5, 0.1, {
    slot: 'fuelling',
    flags: ['ends-approval'],
    effects: [times('power', 1.03), times('consumption', 1.04)],
  }),
  part('unlock', 'Restrictor taken out, papers changed', 'engine', 280, 1, 0, {
    slot: 'unlock',
    workshop: true,
    flags: ['unlocks'],
    legal: 'An entry in the papers; not for a restricted licence.',
    note: 'To the full power on the donor’s sheet, for the price that stands there.',
  }),
  part('filter-foam', 'Washable foam air filter', 'engine', 38, 0.4, 0, { slot: 'filter' }),
  part('sump-large', 'Larger clutch cover, 0.4 L more oil', 'engine', 330, 2, 0.6, {
    classes: ['competition-single'],
    effects: [set('serviceInterval', 1200)],
    note: 'Stretches oil changes; the maker’s hours still stand.',
  }),
  part('radiator-fan', 'Radiator fan kit', 'engine', 170, 2, 0.7, {
    classes: ['competition-single'],
    flags: ['electrical-load'],
    effects: [add('stockDraw', 40)],
  }),
  part('unlock-kit', 'Full-power kit for restricted versions', 'engine', 340, 1.5, 0, {
    slot: 'tune',
    workshop: true,
    classes: ['rally-twin'],
    flags: ['ends-approval'],
    legal: 'Entry in the papers; no longer rideable on A2.',
    reversible: true,
  }),
  part('sprocket-front', 'Countershaft sprocket, one tooth less', 'gearing', 28, 0.6, 0, {
    slot: 'sprocket-front',
    flags: ['speedometer'],
    effects: [add('sprocketFront', -1), times('consumption', 1.02)],
  }),
  part('sprocket-rear', 'Rear sprocket, three teeth more', 'gearing', 48, 1, 0.1, {
    slot: 'sprocket-rear',
    flags: ['speedometer'],
    effects: [add('sprocketRear', 3), times('consumption', 1.02)],
  }),
  part('chain-heavy', 'Heavy-duty sealed chain', 'gearing', 120, 1, 0.3, { slot: 'chain' }),
  part('sprocket-front-up', 'Countershaft sprocket, one tooth more', 'gearing', 28, 0.6, 0, {
    slot: 'sprocket-front',
    flags: ['speedometer'],
    effects: [add('sprocketFront', 1), times('consumption', 0.98)],
  }),
  part('oiler-chain', 'Chain oiler', 'gearing', 110, 1.5, 0.4, {
    note: 'Chains last longer on wet roads.',
  }),
];
