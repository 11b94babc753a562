import type { Brief, MustKey } from '../brief';
import { findCautions, type Caution } from '../cautions';
import { kindOfMachine, type Donor } from '../donor';
import { personalFit } from '../fit';
import type { LicenceResult } from '../licence';
import { buildCost, repairs, type BuildCost } from '../money';
import { looseFuel, type Part } from '../part';
import type { NormalFigures } from '../readings';
import type { Whose } from '../suitability';
import type { Case } from './case';
import { isRounded, licenceOf, licenceTypical } from './licence-of';
import { loadFacts } from './load-facts';
import {
  goesFasterThan,
  heartEstimate,
  loadMetrics,
  metricsOf,
  type LoadMetrics,
  type Metrics,
} from './metrics';
import { machineOf } from './machine-of';
import { mustResults, type MustResult } from './musts';
import { anew, type Once } from './once';
import { sheetFigures } from './sheet-figures';
import { stanceOf, type Stance } from './stance-of';

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
