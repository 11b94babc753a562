import type { FactsOf, Formula, MetricKey, ReasonWeight } from '@/core/assessment';
import { FIRST_COUNTS, MOST_HEART } from '@/core/evidence';
import { inSentence } from './in-sentence';

/** How a metric is computed, and where that comes from, in words. */
export interface FormulaWords {
  readonly formula: string;
  readonly source: string;
}

/** A constant as it is written: three decimals at most, no trailing zeros. */
const n = (value: number): string => String(Math.round(value * 1000) / 1000);
const percent = (share: number): string => `${n(share * 100)} %`;

const EXACT = 'exact kinematics';
/** What keeps a machine from climbing steeper. */
const CLIMB_WORDS = {
  thrust: 'the engine is the limit',
  tipping: 'it would tip backwards first',
  grip: 'the rear wheel would slip first',
} as const;
const PULL =
  'own torque curve through the quoted peaks; resistance by Bosch Automotive Handbook terms (from memory); drag area, driveline loss: own assumption';
const MANUAL = 'the maker’s manual decides';

const indexWords = (
  { weights }: { readonly weights: readonly ReasonWeight[] },
  how = '',
): FormulaWords => ({
  formula: weights.map((r) => `${inSentence(r.name)} ${n(r.weight)}`).join(', ') + how,
  source: 'worth of each reason: own assumption',
});

const sagWords = ({ friction_mm, set }: FactsOf<'sagFront'>): FormulaWords => ({
  formula: `${n(set)} + (carried − rider the springs suit) × sag for each kg ÷ travel`,
  source: `static, linear springs, ±${n(friction_mm)} mm for friction (from memory); preload taken as set by the book to ${percent(set)} for the rider the springs suit: own assumption. Measure it with your kit on`,
});

const keepingWords = (
  formula: string,
  { partsLost, oilAtHome, loaded_kg, power_kW }: FactsOf<'yearlyCost'>,
): FormulaWords => ({
  formula,
  source: `wear of tyres, chain and pads follows from mass and power beside a machine of ${n(loaded_kg)} kg loaded and ${n(power_kW)} kW on roads, and from the ground; oil${oilAtHome ? ' (changed at home)' : ''}, inspection, valves, fork and shock each come at their own interval and at the price on the sheet, else at their share of a full service: own assumption, low confidence; resale by our own usual yearly loss (low confidence)${partsLost ? '; parts are counted as lost' : ''}; purchase less resale is counted once`,
});

const wattsWords = ({ share, pace }: FactsOf<'wattsLeft'>): FormulaWords => ({
  formula: `alternator × ${n(share)} ${pace === 'cruise' ? 'at the cruise' : 'at the slow pace of town and rough ground'} − draw of machine and parts`,
  source: 'share of rated output: own assumption; less still at idle',
});

/** One row of words for each metric; what varies and every constant comes from the computation. */
const FORMULA_WORDS: { readonly [K in MetricKey]: (facts: FactsOf<K>) => FormulaWords } = {
  heelGap: ({ ownOffset, inseamMeasured }) => ({
    formula: `seat height − settle + (π/2 − 1) × half-width − inseam − boot sole${ownOffset ? ' + own offset from sits' : ''}`,
    source: inseamMeasured
      ? 'own model, anchored on common-practice sits (no source)'
      : 'own model; inseam from height by the US Army survey 1988 (from memory)',
  }),
  kneeAngle: () => ({
    formula:
      'cosine rule over thigh, shank and the way from hip to ankle, seated with boots on the pegs',
    source:
      'thigh and shank as shares of stature: Drillis and Contini (from memory); hips behind the pegs: own assumption, makers do not quote it',
  }),
  readyMass: () => ({
    formula: 'as read, on one basis',
    source:
      'mass in running order: Regulation (EU) 168/2013 Art. 5 (from memory); petrol density EN 228 (from memory)',
  }),
  loadedMass: ({ passenger }) => ({
    formula: `ready to ride + rider + kit + luggage${passenger ? ' + passenger' : ''}`,
    source: 'statics',
  }),
  payloadLeft: () => ({
    formula: 'permitted maximum − loaded mass',
    source: 'statics; the permitted maximum is the maker’s',
  }),
  powerToMass: () => ({ formula: 'crank power ÷ loaded mass', source: 'definition' }),
  consumption: () => ({
    formula:
      'mixed riding × Σ ground share × what the ground costs × this machine’s fuel at that pace with this load, drag and headwind ÷ its fuel as quoted (75 kg, no luggage, no wind)',
    source: 'a Willans line of this machine; what slow ground costs: own assumption',
  }),
  range: () => ({
    formula:
      '(tank × usable share × (1 − reserve) + fuel in cans, where carried) × 100 ÷ consumption',
    source: 'definition; usable share: own assumption',
  }),
  suspension: ({ springSlack }) => ({
    formula:
      'weaker end of travel (Σ ground share × min(1, travel ÷ travel the ground asks)) × springs × adjusters',
    source: `own assumption; springs are let pass within ${percent(springSlack)} of the rider they were made for`,
  }),
  clearance: () => ({ formula: 'as stated by the reading', source: 'as stated by the reading' }),
  serviceInterval: () => ({
    formula:
      'the soonest of distance, hours × mean speed on this ground, and months of the distance ridden in a year',
    source: `as stated by the readings; paces: own assumption; ${MANUAL}`,
  }),
  wheels: (facts) => indexWords(facts, '; each on road, gravel and rough ground by their shares'),
  protection: (facts) => indexWords(facts),
  wind: (facts) => indexWords(facts),
  support: (facts) => indexWords(facts),
  aids: (facts) => indexWords(facts, '; by the school that you chose'),
  heart: () => ({
    formula: `your marks ÷ ${MOST_HEART}, each by what it counts: ${n(FIRST_COUNTS.first)} at first, ${n(FIRST_COUNTS.week)} after a week, ${n(FIRST_COUNTS.month)} after a month`,
    source: 'yours; how much first marks count: own assumption',
  }),
  comfort: (facts) =>
    indexWords(
      facts,
      `${facts.ownRevs === undefined ? '' : `; revs as you felt them on such engines, moved by ${percent(facts.ownRevs)} of the redline`}${facts.buzzing ? '; revs worth nothing, since you felt it buzz at your cruise' : ''}; what vibrates and where the wind hits your helmet only a ride can tell`,
    ),
  luggageRoom: ({ perKg_L }) => ({
    formula: 'litres that come with it + litres of bags and cases fitted',
    source:
      perKg_L === undefined
        ? 'the room needed as the brief says'
        : `the room needed at ${n(perKg_L)} L for each kg of luggage: own assumption`,
  }),
  liftBack: ({ height_m, lever_m, angle_deg }) => ({
    formula: `mass × ${n(height_m)} m × sin ${n(angle_deg)}° ÷ ${n(lever_m)} m × g`,
    source: 'statics; heights and levers: own assumption',
  }),
  clearanceLoaded: () => ({
    formula: 'clearance − half of (sag front + sag rear)',
    source: 'quoted upright and unladen; sag as predicted: measure it',
  }),
  trailLoaded: () => ({
    formula: 'trail with the machine pitched by the difference of the sags over the wheelbase',
    source:
      'trail = (radius × sin rake − offset) ÷ cos rake (Cossalter, from memory); the shift of the contacts is left out',
  }),
  tyreLife: () => ({
    formula:
      '9 000 km × middling mass ÷ loaded mass × (middling power ÷ power)^0.35 ÷ wear on this ground',
    source: 'own assumption, low confidence; rubber and rider decide',
  }),
  chainLife: () => ({
    formula: '20 000 km × (middling power ÷ power)^0.4 ÷ wear on this ground',
    source: 'own assumption, low confidence; hard trails from common practice (no source)',
  }),
  outlay: ({ onTheRoad }) => ({
    formula: 'machine on the road + repairs + parts + fitting',
    source: `sum; on-the-road costs from the brief, else ${n((onTheRoad.low - 1) * 100)}–${percent(onTheRoad.high - 1)} of the list price (own assumption)`,
  }),
  cruisePower: () => ({
    formula: '1 − power to hold the cruise against the headwind ÷ crank power there',
    source: 'F·v/η with rolling and air resistance on the level; drag area: own assumption',
  }),
  cruiseRevs: () => ({
    formula: 'engine speed at the cruise in top gear ÷ redline',
    source: `${EXACT}; slip left out`,
  }),
  crawl: () => ({ formula: 'speed in first gear at idle', source: EXACT }),
  climb: ({ limit }) => ({
    formula: `the least of what first gear pushes at peak torque, the grade at which the loaded front lifts (b ÷ h) and what the rear wheel’s grip holds with a usual rider, on the loosest tenth of the way${limit ? `; here ${CLIMB_WORDS[limit]}` : ''}`,
    source: `${PULL}; statics; grip: common practice and own assumption`,
  }),
  topSpeed: () => ({ formula: 'where thrust meets resistance, or the limiter', source: PULL }),
  rollOn: ({ from_kmh, to_kmh }) => ({
    formula: `∫ m·λ ÷ (thrust − resistance) dv from ${n(from_kmh)} to ${n(to_kmh)} km/h in top gear`,
    source: PULL,
  }),
  zeroToHundred: ({ honest_s }) => ({
    formula: 'launch by an ordinary rider, changing up near the redline',
    source: `${PULL}; ±${n(honest_s)} s honest`,
  }),
  lift: ({ height_m, lever_m, angle_deg }) => ({
    formula: `ready mass × g × height ÷ lever × sin ${n(angle_deg)}°, luggage taken off`,
    source: `statics; height ${n(height_m)} m and lever ${n(lever_m)} m: own assumption`,
  }),
  tripServices: ({ stretched }) => ({
    formula: 'services that fall due within the trip, by distance or hours, whichever is earlier',
    source: `${stretched ? 'stretched as the brief says' : 'by the book'}; ${MANUAL}`,
  }),
  wattsLeft: wattsWords,
  wattsSlow: wattsWords,
  standingRoom: ({ grips_mm, stature_mm, felt }) =>
    felt
      ? {
          formula:
            'what your marks of the reach standing say, since nobody has measured pegs and grips',
          source: 'own assumption: 4 of 4 as by the rule, 0 a hand too low',
        }
      : {
          formula: `bar height − peg height − (${n(grips_mm)} mm + a third of what stature is over ${n(stature_mm / 1000)} m)`,
          source: `riser rule of common practice (no source); ${n(grips_mm)} mm: own assumption. Below zero you stoop`,
        },
  powerThere: (f) => ({
    formula: `1 ÷ ((${n(f.pressure_kPa)} ÷ pressure)^${n(f.pressurePower)} × (temperature ÷ ${n(f.temperature_K)})^${n(f.temperaturePower)}), against sea level`,
    source:
      'ISO 1585 / ISO 4106 with the ISO 2533 atmosphere (from memory); made for near sea level, so altitude is an extrapolation',
  }),
  sagFront: sagWords,
  sagRear: sagWords,
  servicesYear: () => ({
    formula:
      'distance a year ÷ distance between services, by distance or hours, whichever is earlier',
    source: MANUAL,
  }),
  oilToCarry: () => ({
    formula: 'oil changes within the trip × oil capacity, starting with fresh oil',
    source: MANUAL,
  }),
  resale: ({ isNew, newFirst, newLater, used }) => ({
    formula: isNew
      ? `price × ${n(1 - newFirst)} × ${n(1 - newLater)} for each later year kept`
      : `price × ${n(1 - used)} for each year kept`,
    source: 'usual yearly loss: own assumption, low confidence; markets differ',
  }),
  yearlyCost: (facts) =>
    keepingWords(
      '(outlay − resale) ÷ years + fuel + wear + services + insurance + tax + interest, a year',
      facts,
    ),
  costPerKm: (facts) => keepingWords('the same ÷ distance ridden', facts),
};

/** The words of a formula. */
export const formulaWords = ({ code, facts }: Formula): FormulaWords =>
  (FORMULA_WORDS[code] as (facts: unknown) => FormulaWords)(facts);
