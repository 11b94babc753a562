import { formatWithUnit, type Reader } from './format';

/** A word of the trade in two lines: what it is and how it is measured, and what is usual. */
interface GlossaryEntry {
  readonly term: string;
  /** Names of figures and fields beside which it is explained. */
  readonly of?: readonly string[];
  readonly what: string;
  readonly usual: string;
}

/** Words of the trade, in the order in which a rider meets them. What is usual: common practice and our own estimates of the classes. */
export function glossary(reader: Reader): readonly GlossaryEntry[] {
  const say = (n: number, dimension: Parameters<typeof formatWithUnit>[1]) =>
    formatWithUnit(n, dimension, reader);
  return [
    {
      term: 'Donor',
      what: 'A stock motorcycle taken as the base of an adventure build. Parts change some of its figures, never its kind.',
      usual: 'Three to six are weighed side by side.',
    },
    {
      term: 'Must',
      of: ['musts.sureness_percent'],
      what: 'A limit that rules a machine out: reach, mass, range, licence, money. It is kept when it holds as often as you ask for.',
      usual: 'Four or five; 80 of 100 draws.',
    },
    {
      term: 'Draw',
      what: 'One way in which all half-known figures may turn out together. A thousand of them tell how often a must holds.',
      usual: 'A measured figure narrows them more than a better formula.',
    },
    {
      term: 'Ready to ride',
      of: ['mass', 'musts.readyMass_kg', 'readyMass', 'loadedMass'],
      what: 'Mass with all fluids and a full tank. “Dry” leaves out fuel and more, each maker otherwise. Weigh it on two scales, wheel by wheel.',
      usual: `${say(120, 'mass')} (light trail single) to ${say(260, 'mass')} (large twin).`,
    },
    {
      term: 'Inseam',
      of: ['rider.inseam_mm'],
      what: 'Floor to crotch, bare feet, a book pressed up between the legs against a wall.',
      usual: 'About 0.46 of your height.',
    },
    {
      term: 'Seat height',
      of: ['seatHeight'],
      what: 'From the ground to the lowest part of the seat, upright, nobody aboard. A narrow soft seat reaches lower than its number.',
      usual: `${say(815, 'length')} to ${say(950, 'length')}.`,
    },
    {
      term: 'Travel',
      of: ['travelFront', 'travelRear'],
      what: 'How far a wheel can move. Makers quote it along the fork; a tape from full droop to bump stop says what there is.',
      usual: `${say(150, 'length')} on roads, ${say(200, 'length')} to ${say(250, 'length')} on rough ground.`,
    },
    {
      term: 'Sag',
      of: ['springRiderMass', 'sagFront', 'sagRear'],
      what: 'How far the springs give under machine and rider. Measure each end from above and from below, kit on, and take the mean.',
      usual: '25 to 33 % of the travel. Springs before preload.',
    },
    {
      term: 'Ground clearance',
      of: ['clearance', 'musts.clearance_mm'],
      what: 'From the ground to the lowest solid part between the wheels. A plate takes some away.',
      usual: `${say(165, 'length')} on roads, from ${say(240, 'length')} on rocks and ruts.`,
    },
    {
      term: 'Rake and trail',
      of: ['rake', 'trail', 'trailLoaded'],
      what: 'How far the steering leans back, and how far the wheel trails behind its axis: steadiness against quick steering.',
      usual: `26 to 28°, ${say(100, 'length')} to ${say(115, 'length')}.`,
    },
    {
      term: 'Payload',
      of: ['maxMass', 'payload', 'payloadLeft'],
      what: 'Permitted maximum less mass ready to ride: you, kit, luggage and passenger must fit in. Past it brakes, tyres and insurance do not hold.',
      usual: `${say(150, 'mass')} to ${say(210, 'mass')}. The papers decide.`,
    },
    {
      term: 'Fuel gap',
      of: ['trip.fuelGap_km', 'range'],
      what: 'The longest stretch without a pump on your way. Range is reckoned with your load, pace and wind, the reserve kept back.',
      usual: `${say(200, 'distance')} to ${say(350, 'distance')} off the main roads.`,
    },
    {
      term: 'Gearing',
      of: ['primaryRatio', 'finalRatio', 'crawl', 'cruiseRevs'],
      what: 'Teeth at the gearbox and at the wheel. A tooth less in front is worth about three more behind: slower crawl, higher revs on the road.',
      usual: '13 to 16 over 38 to 50. Mind chain length and speedometer.',
    },
    {
      term: 'On the road',
      of: ['money.onTheRoadCosts', 'outlay'],
      what: 'List price with registration, delivery and papers. “Asked” is what a seller wants for a used one.',
      usual: '3 to 8 % on top of the list.',
    },
    {
      term: 'Basis',
      what: 'How a figure was taken: dry or full, crank or wheel, claimed or taped, test cycle or own fills. Figures are compared on one basis only.',
      usual: 'The sheet names it, or it is asked.',
    },
    {
      term: 'Typical of its class',
      what: 'What stands in for a figure that nobody has given, with a wide span and a mark of its own. A reading always counts instead.',
      usual: 'Own estimates, low confidence.',
    },
    {
      term: 'Fit',
      what: 'Points of 100: each want between its floor, what you need and what is plenty, times its weight.',
      usual: 'A point more or less nobody feels.',
    },
  ];
}

/** The word of the trade that stands behind a figure or a field; `undefined` where its label says enough. */
export const termOf = (name: string, reader: Reader): GlossaryEntry | undefined =>
  glossary(reader).find(({ of }) => of?.includes(name));
