import type { Brief, MustKey, SeatWidth, StanceBand } from '../brief';
import { factInUse } from '../facts';
import { findCautions, type Caution } from '../cautions';
import { kindOfMachine, type Donor } from '../donor';
import {
  oneFootGap,
  personalFit,
  seatShape,
  seatWidth,
  stanceBand,
  stanceProbabilities,
  type SeatShape,
} from '../fit';
import type { LicenceResult } from '../licence';
import { buildCost, repairs, type BuildCost } from '../money';
import type { Estimate, Known } from '../numeric';
import { applyParts, applySets, looseFuel, madeFor, type Part, type PartFlag } from '../part';
import type { NormalFigures } from '../readings';
import type { Whose } from '../suitability';
import type { SuspensionEnd } from '../suspension';
import type { Case } from './case';
import { isRounded, licenceOf, licenceTypical } from './licence-of';
import { loadFacts } from './load-facts';
import {
  goesFasterThan,
  heartEstimate,
  loadMetrics,
  metricsOf,
  seatWidthIndex,
  type LoadMetrics,
  type Metrics,
} from './metrics';
import { mustResults, type MustResult } from './musts';
import { anew, type Once } from './once';
import { sheetFigures } from './sheet-figures';

export type Stance =
  | {
      readonly kind: 'known';
      readonly band: StanceBand;
      readonly oneFootBand: StanceBand;
      /** The seat that the middle is reckoned with. */
      readonly shape: SeatShape;
      readonly width: SeatWidth;
      /** Whether somebody has told the width; else it is what most of the class have. */
      readonly widthTold: boolean;
      /** The width by its place in `SEAT_WIDTHS`, from narrow to wide, in each row. */
      readonly widthIndex: Known;
      readonly probabilities: Readonly<Record<StanceBand, number>>;
    }
  | { readonly kind: 'unknown' };

/** Everything computed for one rider on one machine with one set of parts. */
export interface Assessment extends Reckoning {
  /** What the loaded machine does on the road; simulated at the first call and kept. */
  readonly underLoad: () => LoadMetrics;
  readonly stance: Stance;
  readonly musts: readonly MustResult[];
  /** Found when somebody asks: a ranking does without. */
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
  /** What sits on it: aboard, and of the build. */
  readonly fitted: readonly Part[];
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
    gripsRaised_mm: gripsRaised(parts),
  };
}

/** How much further apart parts put grips and pegs, mm. */
const gripsRaised = (parts: readonly Part[]): number =>
  parts
    .flatMap((part) => part.effects)
    .reduce(
      (sum, { figure, change, amount }) =>
        change !== 'add' || (figure !== 'barHeight' && figure !== 'pegHeight')
          ? sum
          : sum + (figure === 'barHeight' ? amount : -amount),
      0,
    );

/** The same donor for the same two, so that what is made of it can be kept. */
const usual = new WeakMap<Donor, { readonly of: Brief['typicalFacts']; readonly donor: Donor }>();

/** A donor with what the rider holds typical of its class in the facts that nobody has told; itself where that is what the table says. */
function withUsualFacts(donor: Donor, { typicalFacts }: Brief): Donor {
  if (!typicalFacts) return donor;
  const known = usual.get(donor);
  if (known?.of === typicalFacts) return known.donor;
  const made: Donor & Whose = { ...donor, usualFacts: typicalFacts };
  usual.set(donor, { of: typicalFacts, donor: made });
  return made;
}

/** What trials note of a machine: of itself, else of the model it is one of. */
const noteOf = <N>(notes: Readonly<Record<string, N>> | undefined, donor: Donor): N | undefined =>
  notes?.[donor.id] ?? notes?.[kindOfMachine(donor)];

/** What a case comes to, with the machine it is. */
function reckoned(of: Case, once: Once): Reckoning {
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
      donor: withUsualFacts(machine.donor, brief),
      figures,
      cost,
      mending: once('mending', { brief, donor }, (c) =>
        repairs(c.donor.weakPoints ?? [], c.brief.money),
      ),
      suspension: machine.suspension,
      sheetMass: machine.sheetMass,
      added_kg: machine.added_kg,
      looseFuel_L: machine.looseFuel_L,
      gripsRaised_mm: machine.gripsRaised_mm,
      reach: personalFit(brief.rider, evidence.sits),
      heart: heartEstimate(noteOf(evidence.hearts, donor), donor.id),
      stood: noteOf(evidence.standings, donor),
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
  return { donor: machine.donor, figures, metrics, licence, cost, fitted };
}

/** Figures, metrics, licence and cost of a case: what a planner asks thousands of times. Parts aboard a machine change what it inherits and cost nothing. */
export const reckon = (of: Case): Reckoning => reckoned(of, anew);

/**
 * One pure call: a case → figures on one basis, metrics with their working, musts, cost and cautions.
 *
 * @param once what was made of the case before; the same results, sooner
 */
export function assess(of: Case, once: Once = anew): Assessment {
  const { brief } = of;
  const reckoning = reckoned(of, once);
  const { donor, figures, metrics, licence, cost, fitted } = reckoning;
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
        looseFuel_L: looseFuel(fitted),
        buzz: noteOf(of.evidence.buzzes, of.donor),
        suspension: metrics.suspension,
        base: metrics,
        parts: cost,
      },
      once,
    ));
  const cautionsNow = (): readonly Caution[] =>
    findCautions({
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
      ...once(
        'loadFacts',
        { brief, donor, figures, suspension: metrics.suspension, loaded, fitted },
        loadFacts,
      ),
    });
  let cautions: readonly Caution[] | undefined;
  return {
    ...reckoning,
    underLoad,
    stance: once(
      'stance',
      { donor: withUsualFacts(donor, brief), heelGap: metrics.heelGap },
      stanceOf,
    ),
    musts: mustResults(brief, metrics, licence, licenceTypical(brief, figures), of.takenAsKept),
    get cautions() {
      return (cautions ??= cautionsNow());
    },
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

function stanceOf({
  donor,
  heelGap,
}: Pick<Metrics, 'heelGap'> & { readonly donor: Donor }): Stance {
  const gap = heelGap.estimate;
  if (gap.kind === 'unknown') return { kind: 'unknown' };
  const shape = seatShape(donor);
  return {
    kind: 'known',
    band: stanceBand(gap.mid),
    oneFootBand: stanceBand(oneFootGap(gap.mid, shape)),
    shape,
    width: seatWidth(donor),
    widthTold: factInUse(donor.facts?.seatWidth) !== undefined,
    widthIndex: seatWidthIndex(donor),
    probabilities: stanceProbabilities(gap),
  };
}
