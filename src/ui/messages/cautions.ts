import type { Caution, SpringsOff } from '@/core/cautions';
import { TOURING_SAG } from '@/core/suspension';
import {
  formatNumber,
  formatWithUnit,
  type Reader,
  formatHeight,
  formatTemperature,
} from './format';
import { limitOf, ruleBroken } from './licence-words';

const percent = (share: number): number => Math.round(share * 100);

/** What to do about springs that are off: by the sag alone where that is outside its window, else by what the spring is told by. */
function springAdvice({ carried_kg, suits_kg, sag }: SpringsOff): string {
  const soft = carried_kg > suits_kg;
  const [low, high] = [percent(TOURING_SAG.low), percent(TOURING_SAG.high)];
  const usual = `${low} to ${high} %`;
  if (percent(sag) >= low && percent(sag) <= high)
    return `That is within the usual ${usual}, but the springs are ${soft ? 'softer' : 'stiffer'} than suits this load: set the sag with your kit on and read the free sag, which then comes out too ${soft ? 'small' : 'large'}.`;
  return soft
    ? `Too soft: respring before touring loaded; set the sag with your kit on, ${usual} for touring.`
    : `Too stiff: softer springs, or less preload; set the sag with your kit on, ${usual} for touring.`;
}

/** A caution in plain words: what it is, what to do, whom to ask. */
export function cautionWords(
  caution: Caution,
  reader: Reader,
): { readonly what: string; readonly todo: string; readonly grave: boolean } {
  const say = (what: string, todo: string, grave = false) => ({ what, todo, grave });
  switch (caution.code) {
    case 'over-permitted-mass':
      return say(
        caution.typical
          ? `By what is typical of its class, perhaps over the permitted maximum by up to ${formatWithUnit(caution.over_kg, 'mass', reader)}.`
          : `Over the permitted maximum by up to ${formatWithUnit(caution.over_kg, 'mass', reader)}.`,
        'Unsafe and usually illegal: leave load at home. The plate on the frame decides.',
        true,
      );
    case 'near-permitted-mass':
      return say(
        `Loaded to ${Math.round(caution.share * 100)} % of the permitted maximum${caution.typical ? ' that is typical of its class' : ''}.`,
        'Check axle, rack and tyre limits in the manual as well.',
      );
    case 'licence-not-legal':
      return say(
        `Not rideable on ${caution.licence}: ${caution.rules.map((r) => ruleBroken(r, caution.licence)).join('; ')}.`,
        'A restricted version may be. Check the registration document; national rules decide.',
        true,
      );
    case 'licence-unsure':
      return say(
        caution.rounded
          ? `Too near the limit of ${caution.licence} to say: horsepower rounds the kilowatts in the papers, and ${limitOf('power', caution.licence)} is the most.`
          : caution.near.length > 0
            ? `Too near the limit of ${caution.licence} to say: ${caution.near.map((r) => limitOf(r, caution.licence)).join('; ')} at most.`
            : `Too little known to say whether it may be ridden on ${caution.licence}.`,
        'Check the registration document; national rules decide.',
      );
    case 'tiptoe-on-loose':
      return say(
        `On tiptoe with ${caution.looseShare} % of the way on loose ground.`,
        'A drop waiting to happen: sit on the real machine, in your boots.',
      );
    case 'fuel-gap-over-range':
      return say(
        `On a thirsty day the tank falls ${formatWithUnit(caution.short_km, 'distance', reader)} short of the longest gap.`,
        'Carry fuel only in approved containers, upright, away from hot parts; the amount may be limited by law.',
      );
    case 'cruise-not-held':
      return say(
        `Does not hold ${formatWithUnit(caution.cruise_kmh, 'speed', reader)} loaded${caution.headwind_kmh > 0 ? ` against ${formatWithUnit(caution.headwind_kmh, 'speed', reader)} of wind` : ''}.`,
        'Plan a slower cruise, less luggage in the wind, or another machine; nothing is left for passing.',
      );
    case 'no-passenger':
      return say(
        'The sheet says that no passenger is permitted.',
        'Seat, footrests and papers decide; ride alone.',
        true,
      );
    case 'over-axle-limit':
      return say(
        `${caution.perhaps ? 'Perhaps over' : 'Over'} the ${caution.end} axle limit, by up to ${formatWithUnit(caution.over_kg, 'mass', reader)}.`,
        'Unsafe and usually illegal: remove load or move it. The plate on the frame decides.',
        true,
      );
    case 'over-tyre-load':
      return say(
        `The ${caution.end} tyre’s load index is ${caution.perhaps ? 'perhaps ' : ''}exceeded, by up to ${formatWithUnit(caution.over_kg, 'mass', reader)}.`,
        'Remove load, or ask the tyre maker for one that carries it and is approved.',
        true,
      );
    case 'light-front':
      return say(
        `Light front end: ${Math.round(caution.share * 100)} % of the load in front.`,
        'Wobble, poor braking, easy wheelies: move weight low and forward.',
        true,
      );
    case 'watts-short':
      return say(
        `At the cruise ${formatWithUnit(caution.short_W, 'electric', reader)} more is drawn than the alternator gives.`,
        'The battery empties, sooner at idle: leave something off; fuse every circuit.',
        true,
      );
    case 'over-rack-limit':
      return say(
        `Over the rack’s limit by ${formatWithUnit(caution.over_kg, 'mass', reader)}.`,
        'Racks break on rough ground long before that: move load forward and low; the maker’s figure decides.',
        true,
      );
    case 'over-carrier-limit':
      return say(
        `Over what the side carriers bear by ${formatWithUnit(caution.over_kg, 'mass', reader)}, bags and cases with it.`,
        'Carriers crack where they are bolted on: pack less, or shift load forward; the maker’s figure decides.',
        true,
      );
    case 'no-subframe':
      return say(
        `No subframe to speak of under ${formatWithUnit(caution.luggage_kg, 'mass', reader)} of luggage behind the seat.`,
        'Carry it on the tank and on yourself, or have a subframe made and its load confirmed by a workshop.',
        true,
      );
    case 'too-heavy-to-lift':
      return say(
        `Fallen, it asks about ${formatWithUnit(caution.asks_kg, 'mass', reader)} of your legs to start it up; you say that you lift ${formatWithUnit(caution.can_kg, 'mass', reader)}.`,
        'Alone and far out that is a night on the track: a lighter machine, a lifting strap, or company; carry a beacon and leave a route plan.',
      );
    case 'tyre-speed':
      return say(
        `The ${caution.end} tyre is made for ${formatWithUnit(caution.allows_kmh, 'speed', reader)}; the machine has the power to go faster.`,
        'Stay below it and mark the limit in view, or fit tyres of a higher symbol; the papers say which.',
      );
    case 'wears-out':
      return say(
        caution.what === 'tyre'
          ? `The rear tyre lasts about ${formatWithUnit(caution.lasts_km, 'distance', reader)}, less than the trip.`
          : `The chain lasts about ${formatWithUnit(caution.lasts_km, 'distance', reader)}, less than the trip.`,
        'Start with a new one, and know where the next is to be had.',
      );
    case 'cold':
      return say(
        `Riding at ${formatTemperature(caution.cold_C, reader)}${caution.watts === undefined ? '; watts for heated kit are not known' : `, with ${formatWithUnit(caution.watts, 'electric', reader)} left for heated kit at the cruise`}.`,
        'Heated grips take about 36 W, a vest 65 W; road salt eats chains; cold tyres grip late. Ask about the tyres’ temperature range, and whether winter tyres are the law there and come in its sizes.',
      );
    case 'into-the-dark':
      return say(
        `The longest day of ${formatWithUnit(caution.longest_km, 'distance', reader)} goes into the dark: light lasts ${formatNumber(caution.light_h, 1)} h on the shortest day you ride, enough for about ${formatWithUnit(caution.light_km, 'distance', reader)} of this ground.`,
        'Shorten the day or start in the dark on known roads; animals and ice come with dusk; see what the headlamp is good for.',
      );
    case 'watts-short-slow':
      return say(
        `At slow pace ${formatWithUnit(caution.short_W, 'electric', reader)} more is drawn than the alternator gives.`,
        'Enough at the cruise, but town and rough ground empty the battery: switch heated kit off there.',
        true,
      );
    case 'springs-do-not-suit':
      return say(
        `The ${caution.end} springs suit a rider of ${formatWithUnit(caution.suits_kg, 'mass', reader)}; with your load they carry as if you weighed ${formatWithUnit(caution.carried_kg, 'mass', reader)}, and would sag ${percent(caution.sag)} % of the travel.`,
        springAdvice(caution),
      );
    case 'altitude':
      return say(
        `At ${formatHeight(caution.altitude_m, reader)} an engine that breathes freely loses power, and so do you.`,
        'Plan climbs and passing on what is left; ask a doctor about altitude.',
      );
    case 'service-stretched':
      return say(
        `Services stretched to ${Math.round(caution.percent)} % of the book’s interval.`,
        'Many owners do; warranty may end, and wear is yours. The maker’s manual decides.',
      );
    case 'lowered-without-stand':
      return say(
        'Lowered without a shorter side stand.',
        caution.stand_mm > 0
          ? `It will stand almost upright and fall over. Shorten the stand by about ${formatWithUnit(caution.stand_mm, 'length', reader)} (measure it); recheck chain slack and headlamp.`
          : 'It will stand almost upright and fall over. Fit a shorter stand; recheck chain slack and headlamp.',
        true,
      );
    case 'lowered-one-end':
      return say(
        'Only one end is lowered: rake and trail change.',
        'Have the handling checked by a workshop before riding fast.',
      );
    case 'lowered':
      return say(
        'A lowered machine loses clearance, lean and travel.',
        'Recheck side stand, chain slack and headlamp aim.',
      );
    case 'ends-approval':
      return say(
        'Changes noise, emissions or the papers: may end road approval and cover.',
        'Ask the testing body and your insurer before buying.',
        true,
      );
    case 'brake-hydraulics':
      return say(
        'Opens the brakes.',
        'A qualified person fits and bleeds them; test before riding.',
      );
    case 'specialist-shock':
      return say('A shock holds gas and a loaded spring.', 'Work on it is for a specialist only.');
    case 'electrical-load':
      return say(
        'Adds electrical load.',
        'Check what the alternator has to spare at idle; fuse every circuit.',
      );
    case 'tyre-rating':
      return say(
        'Changes tyres or rims.',
        'Load and speed rating must reach the approved ones; ask the tyre maker about tubes.',
      );
    case 'speedometer':
      return say(
        'The speedometer may read wrong, low even.',
        'Recalibrate it, and check that ABS and traction control still agree.',
      );
    case 'fuel-can':
      return say(
        'Fuel carried outside the tank: poured in at a stop with the engine cold, and luggage until then.',
        'Approved can or bladder only, upright, never on hot parts; local law limits the amount.',
      );
    case 'cable-reach':
      return say(
        'Bars move: hoses and cables may pull.',
        'Turn lock to lock, both ways, before starting the engine.',
      );
    case 'tell-insurer':
      return say(
        'Modified machines must usually be declared.',
        'Tell the insurer; some changes need an inspection or an entry in the papers.',
      );
  }
}
