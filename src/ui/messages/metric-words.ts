import type { MetricKey } from '@/core/assessment';
import type { SheetGroupKey } from '@/core/sheet';

export const GROUP_WORDS: Readonly<Record<SheetGroupKey, string>> = {
  essentials: 'Enough for a first weigh-up',
  engine: 'Engine',
  gearing: 'Gearing',
  chassis: 'Chassis',
  suspension: 'Suspension',
  wheels: 'Wheels and tyres',
  brakes: 'Brakes and aids',
  electrics: 'Electrics',
  fuel: 'Fuel',
  loads: 'Loads',
  body: 'Body and wind',
  protection: 'Protection',
  luggage: 'Luggage and subframe',
  service: 'Service',
  money: 'Money',
  support: 'Support',
};

/** What knowing the figures of a group adds. */
export const GROUP_ADDS: Readonly<Record<SheetGroupKey, string>> = {
  essentials: 'reach, load, power, range, travel, service and money: the ranking itself',
  engine: 'cross-checks of power and torque, and the pull at low engine speed',
  gearing: 'engine speed at the cruise, crawl in first, gaps between gears',
  chassis: 'steadiness, turning, and whether the engine may touch down',
  suspension: 'sag, spring advice, and whether it can be set up for you',
  wheels: 'tyre loads, puncture repair, ground the rims stand up to',
  brakes: 'what can be switched off on dirt',
  electrics: 'watts left for heated kit and lights',
  fuel: 'a check of the range, and which pumps will do',
  loads: 'whether the load is legal on each axle',
  body: 'standing room and wind at the cruise',
  protection: 'what a drop breaks, and which guards need not be bought',
  luggage: 'where the load goes, and whether a passenger may',
  service: 'oil and valve checks that fall due on the trip',
  money: 'resale, and what a used one should cost',
  support: 'parts and help far from home',
};

export const METRIC_WORDS: Readonly<
  Record<MetricKey, { readonly name: string; readonly short: string; readonly what: string }>
> = {
  heelGap: {
    name: 'Heel gap astride',
    short: 'Heel gap',
    what: 'How far the heels hang above level ground. Below zero the knees bend.',
  },
  kneeAngle: {
    name: 'Knee room on the pegs',
    short: 'Knees',
    what: 'How far your knees open with boots on the pegs; under 65° cramps on a long day.',
  },
  standingRoom: {
    name: 'Standing room',
    short: 'Standing',
    what: 'Grips over pegs against what suits your height. Below zero you stoop; a riser of about that much helps.',
  },
  readyMass: { name: 'Ready-to-ride mass', short: 'Ready mass', what: 'Machine with a full tank.' },
  loadedMass: { name: 'Loaded mass', short: 'Loaded', what: 'Machine, rider, kit and luggage.' },
  payloadLeft: {
    name: 'Payload left',
    short: 'Payload left',
    what: 'Permitted maximum less loaded mass.',
  },
  powerToMass: {
    name: 'Power to loaded mass',
    short: 'Power/mass',
    what: 'Crank power per tonne with everything aboard.',
  },
  consumption: {
    name: 'Consumption on your ground',
    short: 'Fuel use',
    what: 'Over the ground shares of the brief.',
  },
  range: {
    name: 'Range with reserve',
    short: 'Range',
    what: 'On the usable tank, reserve kept back.',
  },
  suspension: {
    name: 'Suspension match',
    short: 'Suspension',
    what: 'The weaker end: travel against the ground, springs against you and your load, what can be adjusted.',
  },
  wheels: {
    name: 'Wheels for this ground',
    short: 'Wheels',
    what: 'Rim sizes, spokes and tubes against the ground shares.',
  },
  protection: {
    name: 'Protection',
    short: 'Protection',
    what: 'Engine guard, hand guards, bars and what lies under the engine.',
  },
  wind: {
    name: 'Shelter from the wind',
    short: 'Wind',
    what: 'Screen and fairing. Buffeting depends on you and your helmet: ride it.',
  },
  support: {
    name: 'Support',
    short: 'Support',
    what: 'Parts, aftermarket, dealer, still made: help far from home.',
  },
  clearance: { name: 'Ground clearance', short: 'Clearance', what: 'Unladen, as stated.' },
  serviceInterval: {
    name: 'Service interval',
    short: 'Service',
    what: 'Distance between services by the book.',
  },
  aids: {
    name: 'Electronic aids',
    short: 'Aids',
    what: 'ABS, traction control, modes and cruise control against what you believe in; counts only if you say so.',
  },
  heart: {
    name: 'The heart',
    short: 'Heart',
    what: 'Looks, sound, joy, pride: your own mark from trials, never guessed; counts only as much as you let it.',
  },
  luggageRoom: {
    name: 'Luggage room',
    short: 'Luggage',
    what: 'Litres in its cases and bags against what the trip needs.',
  },
  outlay: {
    name: 'Outlay',
    short: 'Outlay',
    what: 'Machine on the road, repairs, parts and fitting.',
  },
  cruisePower: {
    name: 'Power left at the cruise',
    short: 'Cruise power left',
    what: 'What is left of peak power at your cruise, loaded, on the level, without wind.',
  },
  cruiseRevs: {
    name: 'Engine speed at the cruise',
    short: 'Cruise revs',
    what: 'Share of the redline in top gear; from about 85 % an engine works hard (common practice).',
  },
  comfort: {
    name: 'Comfort of a road day',
    short: 'Comfort',
    what: 'Revs, reserve, shelter and knee room at your cruise; vibration and buffeting only a ride can tell.',
  },
  rollOn: {
    name: 'From 80 to 110 km/h (50 to 68 mph) in top',
    short: 'Roll-on',
    what: 'Overtaking without changing down, loaded.',
  },
  zeroToHundred: {
    name: 'From 0 to 100 km/h (62 mph)',
    short: '0–100',
    what: 'Loaded, by an ordinary rider.',
  },
  topSpeed: {
    name: 'Top speed loaded',
    short: 'Top speed',
    what: 'On the level; nothing to plan a cruise by.',
  },
  climb: {
    name: 'Steepest climb in first',
    short: 'Climb',
    what: 'What the engine holds on the loosest ground of your brief; grip may end earlier.',
  },
  crawl: {
    name: 'Crawl in first at idle',
    short: 'Crawl',
    what: 'How slowly it goes without the clutch.',
  },
  liftBack: {
    name: 'Lifting it, back to the machine',
    short: 'Lift, legs',
    what: 'What your legs push to start it up, hands on bar and rail.',
  },
  clearanceLoaded: {
    name: 'Clearance under load',
    short: 'Clear., loaded',
    what: 'What is left under the engine with you and your load aboard.',
  },
  trailLoaded: {
    name: 'Trail under load',
    short: 'Trail, loaded',
    what: 'Less is quicker and twitchier; it changes when one end sags or is lowered.',
  },
  tyreLife: {
    name: 'Rear tyre lasts',
    short: 'Rear tyre',
    what: 'On your ground with your load.',
  },
  chainLife: {
    name: 'Chain lasts',
    short: 'Chain',
    what: 'On your ground, oiled as the book says.',
  },
  lift: {
    name: 'Effort to pick it up',
    short: 'Pick up',
    what: 'At the bar, fuel full, luggage off. A comparison, not a limit.',
  },
  tripServices: {
    name: 'Services on the trip',
    short: 'Services',
    what: 'That fall due on the way, by the book.',
  },
  wattsLeft: {
    name: 'Watts left at the cruise',
    short: 'Watts left',
    what: 'For heated kit and lights; far fewer at idle.',
  },
  wattsSlow: {
    name: 'Watts left at slow pace',
    short: 'Watts, slow',
    what: 'The same in town and on rough ground, where the alternator turns slowly.',
  },
  powerThere: {
    name: 'Power at the highest point',
    short: 'Power there',
    what: 'Share of rated power in the thin or hot air of your brief.',
  },
  sagFront: {
    name: 'Predicted rider sag, front',
    short: 'Sag, front',
    what: 'Share of travel with you and your load. Usual for touring on dirt: 25 to 33 %.',
  },
  sagRear: {
    name: 'Predicted rider sag, rear',
    short: 'Sag, rear',
    what: 'Share of travel with you and your load. Usual for touring on dirt: 25 to 33 %.',
  },
  servicesYear: {
    name: 'Services a year',
    short: 'Services/year',
    what: 'At the distance you ride in a year.',
  },
  oilToCarry: {
    name: 'Oil to carry',
    short: 'Oil',
    what: 'For the changes that fall due on the trip, starting with fresh oil.',
  },
  resale: {
    name: 'Worth when you sell it',
    short: 'Resale',
    what: 'After the years kept, by usual yearly losses. Markets differ.',
  },
  yearlyCost: {
    name: 'Cost a year',
    short: 'Cost a year',
    what: 'Loss of worth, fuel, wear, services, insurance and tax.',
  },
  costPerKm: {
    name: 'Cost for each distance',
    short: 'Cost/distance',
    what: 'The same over the distance ridden.',
  },
};
