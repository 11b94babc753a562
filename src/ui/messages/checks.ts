import type { Check } from '@/core/checks';
import { formatNumber, formatTo, formatWithUnit, type Reader } from './format';
import { FIGURE_WORDS } from './figure-words';
import { FACT_WORDS } from './fact-words';
import { inSentence } from './in-sentence';

export interface CheckWords {
  /** What stands there. */
  readonly what: string;
  /** Why it cannot be, or seldom is. */
  readonly why: string;
  /** What to look at. */
  readonly look: string;
}

/** A cross-check in a rider's words. */
export function checkWords(check: Check, reader: Reader): CheckWords {
  const say = (what: string, why: string, look: string): CheckWords => ({ what, why, look });
  const kg = (x: number) => formatWithUnit(x, 'mass', reader);
  const mm = (x: number) => formatWithUnit(x, 'length', reader);
  const km = (x: number) => formatWithUnit(x, 'distance', reader);
  const rpm = (x: number) => `${formatNumber(x)} rpm`;
  switch (check.code) {
    case 'readings-disagree':
      return say(
        `Readings of ${inSentence(check.key)} disagree.`,
        'They lie further apart than their spreads allow.',
        'Another version, another basis, or a slip of the pen? Pin the one you trust, or widen its spread.',
      );
    case 'facts-disagree':
      return say(
        `${FACT_WORDS[check.key]}: two sources say different things.`,
        'Only one of them can be this machine.',
        'Another year or market, perhaps. Pin the one you trust.',
      );
    case 'torque-at-power-peak-too-high':
      return say(
        `Peak power would need ${formatWithUnit(check.needed_Nm, 'torque', reader)}; peak torque is ${formatWithUnit(check.peak_Nm, 'torque', reader)}.`,
        'Power is torque times engine speed, so torque at the power peak cannot exceed the torque peak.',
        'Power in hp, PS or kW? Crank or rear wheel? Full or restricted version? The engine speed of the peak.',
      );
    case 'power-at-torque-peak-too-high':
      return say(
        `Torque at its peak already gives ${formatWithUnit(check.there_kW, 'power', reader)}; peak power is ${formatWithUnit(check.peak_kW, 'power', reader)}.`,
        'Power at the torque peak cannot exceed peak power.',
        'Torque in N·m or lbf·ft? Restricted power beside full torque? The engine speed of the peak.',
      );
    case 'torque-peak-above-power-peak':
      return say(
        `Torque peaks at ${rpm(check.torque_rpm)}, power at ${rpm(check.power_rpm)}.`,
        'The torque peak always comes first.',
        'The two engine speeds may have changed places.',
      );
    case 'peak-above-redline':
      return say(
        `Power peaks at ${rpm(check.power_rpm)}, above the redline of ${rpm(check.redline_rpm)}.`,
        'A peak that cannot be reached is no peak.',
        'Redline of another year, or a typing slip.',
      );
    case 'ready-below-dry-and-fuel':
      return say(
        `Ready to ride ${kg(check.ready_kg)}, but dry mass and a full tank make ${kg(check.least_kg)}.`,
        'Ready to ride is dry plus fuel and liquids.',
        'One of the two is probably on the other basis, or of another version.',
      );
    case 'max-below-ready':
      return say(
        `Permitted maximum ${kg(check.max_kg)} is not above the ready mass of ${kg(check.ready_kg)}.`,
        'Nobody could sit on it.',
        'A payload entered as the permitted maximum? Pounds for kilograms? The plate on the frame decides.',
      );
    case 'no-room-for-a-rider':
      return say(
        `Only ${kg(check.left_kg)} are left for rider and luggage.`,
        'Less than one rider.',
        'The plate on the frame decides; look whether it is a payload or an axle limit.',
      );
    case 'payload-disagrees':
      return say(
        `Stated payload ${kg(check.stated_kg)}; permitted maximum less ready mass is ${kg(check.computed_kg)}.`,
        'The two should be the same but for liquids.',
        'Dry mass used by the maker, or a figure of another version.',
      );
    case 'tyres-below-max':
      return say(
        `The tyres together carry ${kg(check.tyres_kg)}, the permitted maximum is ${kg(check.max_kg)}.`,
        'Tyres must carry at least what the machine may weigh.',
        'Load index on the sidewall; ask the tyre maker, and do not load beyond it.',
      );
    case 'axles-below-max':
      return say(
        `The axle limits add to ${kg(check.axles_kg)}, below the permitted maximum of ${kg(check.max_kg)}.`,
        'Both axles together carry everything.',
        'Read the plate on the frame again.',
      );
    case 'rim-disagrees':
      return say(
        `${check.end === 'front' ? 'Front' : 'Rear'} wheel ${formatNumber(check.wheel_in)} in, tyre for ${formatNumber(check.tyre_in)} in.`,
        'A tyre fits one rim size only.',
        'Wheel of another version, or a tyre size misread.',
      );
    case 'seat-too-near-the-ground':
      return say(
        `Seat ${mm(check.seat_mm)} with ${mm(check.clearance_mm)} of clearance.`,
        'Engine and frame have to go between.',
        'Inches turned to millimetres wrongly, or the seat of a low version.',
      );
    case 'grounds-within-its-travel':
      return say(
        `Clearance ${mm(check.clearance_mm)}, travel ${mm(check.travel_mm)}.`,
        'It would touch down long before the suspension bottoms.',
        'Clearance under a guard or laden? Travel at the wheel or at the shock?',
      );
    case 'travel-beyond-class':
      return say(
        `${check.end === 'front' ? 'Front' : 'Rear'} travel ${mm(check.travel_mm)}.`,
        `Machines of this class hardly exceed ${mm(check.most_mm)}.`,
        'The class, the unit, or a modified machine.',
      );
    case 'springs-disagree':
      return say(
        `The ${check.end} springs are said to suit a rider of ${kg(check.named_kg)}; their rate suits one of about ${kg(check.byRate_kg)}.`,
        'How far a rider’s weight moves a spring follows from its rate, its lever and the travel.',
        'Rate of one fork leg or of both? Motion ratio of shock to wheel, not the other way round? N/mm or kg/mm?',
      );
    case 'range-beyond-tank':
      return say(
        `Range stated as ${km(check.stated_km)}; the tank cannot give more than ${km(check.most_km)}.`,
        'Even at the kindest consumption.',
        'US or imperial gallons? Miles for kilometres? A larger tank fitted?',
      );
    case 'range-below-tank':
      return say(
        `Range stated as ${km(check.stated_km)}; the tank should give at least ${km(check.least_km)}.`,
        'Even on a thirsty day.',
        'Range to the warning lamp only, or consumption of a gentle ride.',
      );
    case 'price-per-power-odd':
      return say(
        `Priced at ${formatNumber(check.perKw)} ${reader.currency} for each kW; your donors cost about ${formatNumber(check.usual)}.`,
        'More than two and a half times away from the usual.',
        'Another currency, a missing digit, restricted power, or a bargain to be wary of.',
      );
    case 'not-a2':
      return say(
        'A restricted version that is not within A2.',
        `It fails ${check.rules.map((r) => A2_RULES[r] ?? r).join(' and ')}.`,
        'Power as restricted, ready mass and original power; check the registration document and the official text.',
      );
    case 'unlock-price-missing':
      return say(
        'A restricted version without a price of unlocking.',
        'Full power later costs money, and is often forgotten.',
        'Ask the dealer what parts and papers cost.',
      );
    case 'ratios-not-falling':
      return say(
        `${FIGURE_WORDS[check.key]} is not below the gear before it.`,
        'Each gear is taller than the one below.',
        'Two ratios may have changed places.',
      );
    case 'watched-gears-disagree':
      return say(
        `Watched on the road, ${check.gear === 'first' ? 'first' : 'top'} gear gives ${formatTo(check.watched_kmh, 'speed', 1, reader)} for each 1000 rpm; by ratios and teeth it is ${formatTo(check.computed_kmh, 'speed', 1, reader)}.`,
        'Both are the same gearbox.',
        'Other sprockets than on the sheet, a meter that reads over, or another version’s ratios: count the teeth.',
      );
    case 'gears-and-ratios-differ':
      return say(
        `There are ${formatNumber(check.gears)} gears, but ${formatNumber(check.ratios)} ratios.`,
        'Every gear has one ratio.',
        'A gearbox of another version, or a ratio left out.',
      );
    case 'draw-over-alternator':
      return say(
        `The machine draws ${formatNumber(check.draw_W)} W, the alternator gives ${formatNumber(check.alternator_W)} W.`,
        'The battery would empty while riding.',
        'Alternator output at idle instead of rated, or another version.',
      );
  }
}

const A2_RULES: Readonly<Record<string, string>> = {
  power: 'the power limit',
  'power-to-mass': 'the power-to-mass limit',
  'base-power': 'the original-power rule',
};
