import type { DonorClass } from '../donor';
import type { AffectedFigure, Part, PartEffect, PartFlag, PartKind } from '../part';
import type { CurrencyCode } from '../units';

const set = (figure: AffectedFigure, amount: number): PartEffect => ({
  figure,
  change: 'set',
  amount,
});
/** How far what a part adds to a figure, or multiplies it by, lies off what it is sold with, nine times in ten. Own assumption. */
const OFF = {
  add: { seatHeight: 5, clearance: 5, travelFront: 5, travelRear: 5, barHeight: 4 },
  scale: { consumption: 0.015, power: 0.015 },
} as const;
const withSpread = (effect: PartEffect): PartEffect => {
  const off = (OFF[effect.change as 'add' | 'scale'] as Partial<Record<AffectedFigure, number>>)[
    effect.figure
  ];
  return off === undefined ? effect : { ...effect, spread: off };
};
const add = (figure: AffectedFigure, amount: number): PartEffect =>
  withSpread({ figure, change: 'add', amount });
const times = (figure: AffectedFigure, amount: number): PartEffect =>
  withSpread({ figure, change: 'scale', amount });

interface Extra {
  readonly currency?: CurrencyCode;
  readonly workshop?: boolean;
  readonly effects?: readonly PartEffect[];
  readonly needs?: readonly (readonly string[])[];
  readonly shutsOut?: readonly string[];
  readonly slot?: string;
  readonly classes?: readonly DonorClass[];
  readonly flags?: readonly PartFlag[];
  readonly reversible?: boolean;
  readonly leadTime_days?: number;
  readonly note?: string;
  readonly replaces?: string;
  readonly legal?: string;
  readonly warranty?: string;
  readonly sets?: Part['sets'];
}

/** id, name, kind, price, fitting hours, mass change in kg, and whatever is out of the ordinary. */
const part = (
  id: string,
  name: string,
  kind: PartKind,
  price: number,
  fitting_h: number,
  mass_kg: number,
  extra: Extra = {},
): Part => ({
  id,
  name,
  kind,
  price: { amount: price, currency: extra.currency ?? 'EUR' },
  fitting_h,
  workshop: extra.workshop ?? false,
  mass_kg,
  effects: extra.effects ?? [],
  needs: extra.needs ?? [],
  shutsOut: extra.shutsOut ?? [],
  slot: extra.slot ?? '',
  fits: extra.classes ? { kind: 'classes', classes: extra.classes } : { kind: 'all' },
  flags: extra.flags ?? [],
  reversible: extra.reversible ?? true,
  leadTime_days: extra.leadTime_days ?? 5,
  note: extra.note ?? '',
  ...(extra.sets === undefined ? {} : { sets: extra.sets }),
  ...(extra.replaces === undefined ? {} : { replaces: extra.replaces }),
  ...(extra.legal === undefined ? {} : { legal: extra.legal }),
  ...(extra.warranty === undefined ? {} : { warranty: extra.warranty }),
});

const TRAIL: readonly DonorClass[] = [
  'air-trail-single',
  'dual-sport-single',
  'long-range-dual-sport',
  'competition-single',
];
const ROAD: readonly DonorClass[] = ['road-adventure-single', 'scrambler-single', 'road-v-twin'];
const LIQUID: readonly DonorClass[] = [
  'dual-sport-single',
  'long-range-dual-sport',
  'competition-single',
  'road-adventure-single',
  'scrambler-single',
  'rally-twin',
];
const NOT_COMPETITION: readonly DonorClass[] = [
  'air-trail-single',
  'dual-sport-single',
  'long-range-dual-sport',
  'road-adventure-single',
  'scrambler-single',
  'rally-twin',
  'road-v-twin',
  'large-adventure-twin',
];

/** Invented parts over every kind. Prices, masses and effects are made up but of the usual size. */
export const SHIPPED_PARTS: readonly Part[] = [
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
  part('brake-lines', 'Braided brake hoses', 'brakes', 140, 2, -0.1, {
    workshop: true,
    flags: ['brake-hydraulics'],
  }),
  part('disc-front', 'Larger front disc with caliper bracket', 'brakes', 260, 1.5, 0.4, {
    workshop: true,
    flags: ['brake-hydraulics'],
    classes: TRAIL,
  }),
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
  part('stand-short', 'Shorter side stand', 'stand', 75, 0.5, 0, {
    slot: 'stand',
    flags: ['shortens-stand'],
  }),
  part('stand-foot', 'Wide foot for the side stand', 'stand', 32, 0.2, 0.1, {}),
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
  part('sprocket-front-up', 'Countershaft sprocket, one tooth more', 'gearing', 28, 0.6, 0, {
    slot: 'sprocket-front',
    flags: ['speedometer'],
    effects: [add('sprocketFront', 1), times('consumption', 0.98)],
  }),
  part('oiler-chain', 'Chain oiler', 'gearing', 110, 1.5, 0.4, {
    note: 'Chains last longer on wet roads.',
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
  part('tyres-road', 'Tyres, long-wearing road pattern', 'tyres', 220, 1.5, 0, {
    slot: 'tyres',
    workshop: true,
    flags: ['tyre-rating'],
  }),
  part('plug-kit', 'Plug kit and small pump', 'tyres', 65, 0, 0.9, {}),
  part('pads-sintered', 'Sintered brake pads', 'brakes', 75, 0.8, 0, { slot: 'pads' }),
  part('abs-switch', 'Switch that keeps ABS off after the key', 'brakes', 150, 1, 0.1, {
    flags: ['ends-approval'],
    legal: 'Off-road only in many places.',
    warranty: 'Ask the dealer before fitting.',
    sets: { absStaysOff: 'yes' },
  }),
  part('screen-tall', 'Tall adjustable screen', 'wind', 240, 0.8, 1.9, {
    slot: 'screen',
    effects: [times('consumption', 1.02)],
    sets: { screen: 'adjustable' },
  }),
  part('deflectors', 'Hand and leg deflectors', 'wind', 120, 1, 0.8, {}),
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
