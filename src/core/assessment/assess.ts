import type { Brief, MustKey, StanceBand } from '../brief';
import { findCautions, type Caution, type SpringsOff } from '../cautions';
import type { Donor } from '../donor';
import { oneFootGap, personalFit, seatShape, stanceBand, stanceProbabilities } from '../fit';
import { factInUse } from '../facts';
import { licenceCheck, type LicenceResult } from '../licence';
import { runningOrderMass } from '../mass';
import { buildCost, onTheRoadPrice, repairs, type BuildCost } from '../money';
import { certain, combine, plusMinus, source, type Estimate } from '../numeric';
import { applyParts, applySets, looseFuel, madeFor, type Part, type PartFlag } from '../part';
import {
  fuelDensity,
  normalFigures,
  type FigureKey,
  type NormalFigures,
  type Reading,
} from '../readings';
import { SAG_BOUNDS, SPRING_SLACK, type SuspensionEnd } from '../suspension';
import { standIn } from '../typical';
import { parseTyre } from '../tyre';
import type { Kilograms, Kilowatts, Litres } from '../units';
import { axleLoads, luggagePlaces } from './axles';
import type { Case } from './case';
import {
  goesFasterThan,
  lastsFor,
  liftedWithTheBack,
  loadMetrics,
  metricsOf,
  wattsLeft,
  type LoadMetrics,
  type Metrics,
} from './metrics';
import { mustResults, type MustResult } from './musts';
import { anew, keepingLast, type Once } from './once';
import { gearing, type GearEnd } from './propulsion';

export type Stance =
  | {
      readonly kind: 'known';
      readonly band: StanceBand;
      readonly oneFootBand: StanceBand;
      readonly probabilities: Readonly<Record<StanceBand, number>>;
    }
  | { readonly kind: 'unknown' };

/** Everything computed for one rider on one machine with one set of parts. */
export interface Assessment extends Reckoning {
  /** What the loaded machine does on the road; simulated at the first call and kept. */
  readonly underLoad: () => LoadMetrics;
  readonly stance: Stance;
  readonly musts: readonly MustResult[];
  readonly cautions: readonly Caution[];
}

/** What a case comes to before anything is judged: figures on one basis, metrics, licence, cost. */
export interface Reckoning {
  /** With the facts that its parts change. */
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly metrics: Metrics;
  readonly licence: LicenceResult;
  readonly cost: BuildCost;
}

type SheetBrief = Pick<Brief, 'money' | 'typical'>;
const sheets = new WeakMap<Donor, Once>();

/** A donor's figures on one basis, what is typical of its class where nobody has given one; kept while nothing changes that they read. */
export function sheetFigures(donor: Donor, brief: SheetBrief): NormalFigures {
  let once = sheets.get(donor);
  if (!once) sheets.set(donor, (once = keepingLast()));
  return once('figures', { brief }, (of) =>
    fromTyres(
      donor,
      normalFigures(
        donor.figures,
        (reading, key) => onTheRoadPrice(reading, of.brief.money, key),
        donor,
        (key) => standIn(donor, key, of.brief.typical),
      ),
    ),
  );
}

const MM_PER_INCH = 25.4;
const RIMS = [
  ['wheelFront', 'tyreFront'],
  ['wheelRear', 'tyreRear'],
] as const;

/** What follows from what is there: rims from the tyres' sizes, and the permitted maximum from a quoted payload. */
function fromTyres(donor: Donor, figures: NormalFigures): NormalFigures {
  const rims = RIMS.flatMap(([wheel, tyre]) => {
    const size = parseTyre(factInUse(donor.facts?.[tyre])?.value ?? '');
    return size && !figures[wheel].reading
      ? [
          [
            wheel,
            { estimate: certain(size.rim_in * MM_PER_INCH), basis: figures[wheel].basis },
          ] as const,
        ]
      : [];
  });
  return fromGears(
    donor,
    fromPayload(rims.length > 0 ? { ...figures, ...Object.fromEntries(rims) } : figures),
  );
}

/** Speeds for each 1000 rpm follow from ratios and teeth where all of them are told; what was watched on the road stays beside them. */
function fromGears(donor: Donor, figures: NormalFigures): NormalFigures {
  const found = gearing({ donor, figures });
  if (found.kind === 'unknown') return figures;
  const { first, top, typical } = found.value;
  const follows = (key: 'speedFirst' | 'speedTop', end: GearEnd, estimate: Estimate) =>
    typical[end].length === 0 && !figures[key].reading
      ? { [key]: { estimate, basis: figures[key].basis } }
      : {};
  return {
    ...figures,
    ...follows('speedFirst', 'first', first),
    ...follows('speedTop', 'top', top),
  };
}

/** The permitted maximum follows from a quoted payload where only that is quoted: ready to ride + payload. */
function fromPayload(figures: NormalFigures): NormalFigures {
  const { maxMass, payload, mass } = figures;
  if (!maxMass.typical || !payload.reading) return figures;
  const estimate = combine([mass.estimate, payload.estimate] as const, (kg, load) => kg + load);
  return { ...figures, maxMass: { estimate, basis: maxMass.basis, typical: mass.typical } };
}

const middleOf = (estimate: Estimate): number => (estimate.kind === 'known' ? estimate.mid : 0);

/** A machine with the parts of a case on it. */
function machineOf({
  of,
  stock,
}: {
  readonly of: Pick<Case, 'donor' | 'parts' | 'aboard'>;
  readonly stock: NormalFigures;
}) {
  const { donor, aboard } = of;
  const parts = of.parts.map((part) => madeFor(part, donor));
  const standing =
    aboard.parts.length === 0
      ? stock
      : {
          ...applyParts(
            stock,
            aboard.parts.map((part) => madeFor(part, donor)),
          ),
          ...Object.fromEntries(aboard.readOnIt.map((key) => [key, stock[key]])),
        };
  const figures = applyParts(standing, parts);
  const fitted = [...aboard.parts.map((part) => madeFor(part, donor)), ...parts];
  const facts = applySets(donor.facts, fitted);
  return {
    parts,
    figures,
    fitted,
    donor: facts === donor.facts ? donor : { ...donor, facts },
    suspension: { sprungToRider: sprungEnds(fitted) },
    sheetMass: stock.mass.estimate,
    added_kg: middleOf(figures.mass.estimate) - middleOf(stock.mass.estimate),
    looseFuel_L: looseFuel(fitted),
  };
}

/** What a case comes to, with the machine it is. */
function reckoned(of: Case, once: Once) {
  const { brief, donor, evidence } = of;
  const stock = sheetFigures(donor, brief);
  const machine = once(
    'machine',
    { donor, parts: of.parts, aboard: of.aboard, stock },
    ({ stock: figures, ...rest }) => machineOf({ of: rest, stock: figures }),
  );
  const { parts, fitted, figures } = machine;
  const cost = once('cost', { brief, parts }, (c) => buildCost(c.parts, c.brief.money));
  const metrics = metricsOf(
    {
      brief,
      donor: machine.donor,
      figures,
      cost,
      mending: once('mending', { brief, donor }, (c) =>
        repairs(c.donor.weakPoints ?? [], c.brief.money),
      ),
      suspension: machine.suspension,
      sheetMass: machine.sheetMass,
      added_kg: machine.added_kg,
      looseFuel_L: machine.looseFuel_L,
      reach: personalFit(brief.rider, evidence.sits),
    },
    once,
  );
  const licence = once('licence', { brief, donor, stock, fitted, power: figures.power }, (c) =>
    licenceOf(
      c.brief,
      { ...c.stock, power: c.power },
      c.donor.figures.unrestrictedPower !== undefined &&
        !c.fitted.some(({ flags }) => flags.includes('unlocks')),
    ),
  );
  return { fitted, reckoning: { donor: machine.donor, figures, metrics, licence, cost } };
}

/** Figures, metrics, licence and cost of a case: what a planner asks thousands of times. Parts aboard a machine change what it inherits and cost nothing. */
export const reckon = (of: Case): Reckoning => reckoned(of, anew).reckoning;

/**
 * One pure call: a case → figures on one basis, metrics with their working, musts, cost and cautions.
 *
 * @param once what was made of the case before; the same results, sooner
 */
export function assess(of: Case, once: Once = anew): Assessment {
  const { brief } = of;
  const { fitted, reckoning } = reckoned(of, once);
  const { donor, figures, metrics, licence, cost } = reckoning;
  const loaded = metrics.loadedMass;
  let simulated: LoadMetrics | undefined;
  const underLoad = (): LoadMetrics =>
    (simulated ??= loadMetrics(
      {
        brief,
        donor,
        figures,
        loaded,
        readyMass: metrics.readyMass,
        consumption: metrics.consumption,
        outlay: metrics.outlay,
        suspension: metrics.suspension,
        base: metrics,
        parts: cost,
      },
      once,
    ));
  const cautions = findCautions({
    brief,
    parts: fitted,
    licence,
    powerRounded: isRounded(figures.power.reading),
    heelGap: metrics.heelGap.estimate,
    payloadLeft: metrics.payloadLeft.estimate,
    loadedMass: loaded.estimate,
    range: metrics.range.estimate,
    cruisePower: metrics.cruisePower.estimate,
    typical: {
      payload: metrics.payloadLeft.typical !== undefined,
      licence: licenceTypical(brief, figures).length > 0,
    },
    goesFasterThan: (kmh) => goesFasterThan(kmh, { brief, donor, figures, loaded }),
    ...once('loadFacts', { brief, donor, figures, suspension: metrics.suspension, loaded }, (c) =>
      loadFacts(c.brief, c.donor, c.figures, c.suspension, c.loaded),
    ),
  });
  return {
    ...reckoning,
    underLoad,
    stance: once('stance', { donor, heelGap: metrics.heelGap }, stanceOf),
    musts: mustResults(brief, metrics, licence, licenceTypical(brief, figures), of.takenAsKept),
    cautions,
  };
}

/** Some musts of a case alone, switched on or not: what is asked of many parts, one after the other. */
export function mustsOf(of: Case, on: readonly MustKey[]): readonly MustResult[] {
  const { metrics, licence, figures } = reckon(of);
  const brief = { ...of.brief, musts: { ...of.brief.musts, on } };
  return mustResults(brief, metrics, licence, licenceTypical(brief, figures), of.takenAsKept);
}

const SPRUNG: Readonly<Record<SuspensionEnd, PartFlag>> = {
  front: 'springs-front',
  rear: 'springs-rear',
};
const sprungEnds = (parts: readonly Part[]): ReadonlySet<SuspensionEnd> =>
  new Set(
    (['front', 'rear'] as const).filter((end) => parts.some((p) => p.flags.includes(SPRUNG[end]))),
  );

/** What cautions ask of the loaded machine beside the metrics. */
function loadFacts(
  brief: Brief,
  donor: Donor,
  figures: NormalFigures,
  { ends }: Pick<Metrics['suspension'], 'ends'>,
  loaded: Metrics['loadedMass'],
) {
  const axles = axleLoads(brief, figures);
  return {
    frontShare: axles.frontShare,
    axles,
    axleLimits: { front: figures.axleLimitFront.estimate, rear: figures.axleLimitRear.estimate },
    tyreLoads_kg: { front: tyreLoad(donor, 'tyreFront'), rear: tyreLoad(donor, 'tyreRear') },
    watts: wattsLeft(figures),
    wattsSlow: wattsLeft(figures, 'slow'),
    springsOff: springsOff(ends),
    passenger: factInUse(donor.facts?.passenger)?.value,
    rackLimit: figures.rackLimit.estimate,
    subframe: factInUse(donor.facts?.subframe)?.value,
    behind_kg: luggagePlaces(brief),
    liftBack: combine([figures.mass.estimate] as const, liftedWithTheBack),
    tyreSpeeds_kmh: {
      front: tyreOf(donor, 'tyreFront')?.speed_kmh,
      rear: tyreOf(donor, 'tyreRear')?.speed_kmh,
    },
    tyreLife: lastsFor({ brief, donor, figures, loaded }, 'rearTyre'),
    chainLife: lastsFor({ brief, donor, figures, loaded }, 'chain'),
  };
}

/** The end whose springs are furthest from what they carry, where that is beyond what is let pass or sag leaves its bounds. */
function springsOff(ends: Metrics['suspension']['ends']): SpringsOff | undefined {
  const off = (['rear', 'front'] as const).flatMap((end) => {
    const { suits, sag, mismatch, carried_kg } = ends[end];
    if (suits.kind === 'unknown' || sag.kind === 'unknown' || mismatch.kind === 'unknown')
      return [];
    const isWithin = sag.mid >= SAG_BOUNDS.low && sag.mid <= SAG_BOUNDS.high;
    return Math.abs(mismatch.mid) <= SPRING_SLACK + 1e-9 && isWithin
      ? []
      : [
          {
            by: Math.abs(mismatch.mid),
            off: { end, suits_kg: suits.mid, carried_kg, sag: sag.mid },
          },
        ];
  });
  return off.toSorted((a, b) => b.by - a.by)[0]?.off;
}

const tyreOf = (donor: Donor, key: 'tyreFront' | 'tyreRear') =>
  parseTyre(factInUse(donor.facts?.[key])?.value ?? '');
const tyreLoad = (donor: Donor, key: 'tyreFront' | 'tyreRear'): number | undefined =>
  tyreOf(donor, key)?.load_kg;

function stanceOf({
  donor,
  heelGap,
}: Pick<Metrics, 'heelGap'> & { readonly donor: Donor }): Stance {
  const gap = heelGap.estimate;
  if (gap.kind === 'unknown') return { kind: 'unknown' };
  return {
    kind: 'known',
    band: stanceBand(gap.mid),
    oneFootBand: stanceBand(oneFootGap(gap.mid, seatShape(donor))),
    probabilities: stanceProbabilities(gap),
  };
}

/** Figures that the licence is judged by and nobody has given. A full licence asks for none. */
const licenceTypical = (
  { rider }: Pick<Brief, 'rider'>,
  { power, mass, tank }: NormalFigures,
): readonly FigureKey[] =>
  rider.licence === 'A' ? [] : [power, mass, tank].flatMap((figure) => figure.typical ?? []);

/** Whether the power is a maker's claim in horsepower. */
const isRounded = (reading: Reading | undefined): boolean =>
  reading?.origin === 'claimed' && reading.basis === 'crank' && reading.unit !== 'kW';

/**
 * Power quoted in horsepower is a rounded word for the kilowatts in the papers: 47 hp and 48 PS both stand for 35 kW. Brochures round and
 * convert twice, so it may lie a unit of its last place off, as far as it has not been changed since.
 */
function asRounded(reading: Reading, exact: Estimate): Estimate {
  if (reading.unit === 'kW' || exact.kind === 'unknown') return exact;
  const places = Number.isInteger(reading.amount) ? 1 : 10;
  const half = exact.mid / reading.amount / places;
  return source(`rounded/${reading.id}`, plusMinus(exact.mid, half));
}

/**
 * Licence law goes by the machine as approved: its own mass in running order and its own tank, whatever is fitted; only what changes the
 * power counts. A maker's claim is taken without spread.
 */
function licenceOf(brief: Brief, figures: NormalFigures, restricted: boolean): LicenceResult {
  const ofPapers = <N extends number>(key: FigureKey): Estimate<N> => {
    const { estimate, reading } = figures[key];
    const papers =
      reading?.origin === 'claimed' &&
      (reading.basis === 'crank' || reading.basis === 'ready' || reading.basis === 'stated');
    const exact = estimate.kind === 'known' && papers ? certain(estimate.mid) : estimate;
    return (key === 'power' && papers ? asRounded(reading, exact) : exact) as Estimate<N>;
  };
  const running = combine(
    [ofPapers<Kilograms>('mass'), ofPapers<Litres>('tank'), fuelDensity()] as const,
    runningOrderMass,
  );
  return licenceCheck(
    brief.rider.licence,
    ofPapers<Kilowatts>('power'),
    running,
    restricted ? ofPapers<Kilowatts>('unrestrictedPower') : undefined,
  );
}
