import { spendable, type Brief, type Licence, type MustKey } from '../brief';
import { STANCE_LIMITS } from '../fit';
import type { LicenceResult, LicenceRule } from '../licence';
import {
  allOf,
  certain,
  reaches,
  said,
  shareOf,
  type Estimate,
  type Known,
  type Said,
} from '../numeric';
import type { FigureKey } from '../readings';
import { metricDefinition, type BaseMetricKey } from './metric-keys';
import type { Metrics } from './metrics';

/**
 * `pass`: holds at least as surely as the brief asks. `fail`: misses as surely. `unsure`: between. `not-known`: nothing to go by, or a
 * limit of law or maker with no more to go by than the class; never counted as kept.
 */
export type MustVerdict = 'pass' | 'fail' | 'unsure' | 'not-known';

export interface MustResult {
  readonly key: MustKey;
  readonly verdict: MustVerdict;
  /** Share of the rows of the table of draws in which it holds, 0–1; absent where nothing is known of it. */
  readonly chance?: number;
  /** 1 in each row in which it holds, else 0; not known as the figure itself. */
  readonly holds: Estimate;
  /** The metric judged and what it must reach; the licence has none. */
  readonly metric?: BaseMetricKey;
  readonly need?: number;
  readonly have?: Estimate;
  readonly missing: readonly string[];
  /** Figures that nobody has given and that it rests on, what is typical of the class standing in; absent: none. */
  readonly typical?: readonly FigureKey[];
  /** Of a licence that is broken: which, and the rules that break it. */
  readonly broken?: { readonly licence: Licence; readonly rules: readonly LicenceRule[] };
  /** Nobody has given what it is judged by, and the rider takes it as kept. */
  readonly taken?: true;
}

/** A must's result as it is said or kept on paper. */
export type SaidMust = Omit<MustResult, 'holds' | 'have'> & { readonly have?: Said };

/** A must's result without its rows. */
export const saidMust = ({ holds: _rows, have, ...rest }: MustResult): SaidMust =>
  have ? { ...rest, have: said(have) } : rest;

/** The metric that each must judges; the licence has none. */
export const METRIC_OF_MUST: Readonly<Record<Exclude<MustKey, 'licence'>, BaseMetricKey>> = {
  stance: 'heelGap',
  readyMass: 'readyMass',
  range: 'range',
  cruise: 'cruisePower',
  payload: 'payloadLeft',
  clearance: 'clearance',
  money: 'outlay',
};

/** What each must asks for, in base units (money in the brief's currency). */
export function mustNeed(key: Exclude<MustKey, 'licence'>, brief: Brief): number {
  switch (key) {
    case 'stance':
      return STANCE_LIMITS[brief.musts.stance];
    case 'readyMass':
      return brief.musts.readyMass_kg;
    case 'range':
      return brief.trip.fuelGap_km;
    case 'cruise':
    case 'payload':
      return 0;
    case 'clearance':
      return brief.musts.clearance_mm;
    case 'money':
      return spendable(brief.money);
  }
}

/** How sure a must has to be where the brief does not say, 0–1. */
export const USUAL_SURENESS = 0.8;
/** What counts as the same share: a row more or less. */
const HAIR = 1e-9;

/** How sure the musts of a brief have to be, 0–1. */
export const surenessOf = ({ musts }: Pick<Brief, 'musts'>): number =>
  musts.sureness_percent === undefined ? USUAL_SURENESS : musts.sureness_percent / 100;

/** What a chance comes to for a rider who wants to be so sure: kept, broken, or doubtful between. */
export function verdictOf(chance: number, sureness: number): MustVerdict {
  if (chance >= sureness - HAIR) return 'pass';
  return chance <= 1 - sureness + HAIR ? 'fail' : 'unsure';
}

/** Whether an estimate meets a need, row by row. */
const meeting = (have: Estimate, need: number, better: 'less' | 'more'): Estimate =>
  have.kind === 'known' ? reaches(have, need, better) : have;

/** Limits of the law and of the maker: what is typical of a class may break them, but they are kept only where the figures have been read. */
const LIMITS: readonly MustKey[] = ['licence', 'payload'];

const judged = (
  holds: Estimate,
  sureness: number,
): Pick<MustResult, 'verdict' | 'holds'> & { readonly chance?: number } => {
  if (holds.kind === 'unknown') return { verdict: 'not-known', holds };
  const chance = shareOf(holds);
  return { verdict: verdictOf(chance, sureness), chance, holds };
};

/** A result with what it rests on that nobody has given. */
const restingOn = (must: MustResult, typical: readonly FigureKey[] | undefined): MustResult => {
  if (!typical || typical.length === 0) return must;
  const unread = must.verdict !== 'fail' && LIMITS.includes(must.key);
  return { ...must, typical, ...(unread ? { verdict: 'not-known', missing: typical } : {}) };
};

/** Judges an estimate against a need: how likely it meets it, and what that comes to. */
export const judge = (
  have: Estimate,
  need: number,
  better: 'less' | 'more',
  sureness: number = USUAL_SURENESS,
): { readonly verdict: MustVerdict; readonly chance?: number } =>
  judged(meeting(have, need, better), sureness);

/** What the rider takes as kept counts as kept in every row; a figure that is given, or a class that breaks it, counts more. */
const taken = (must: MustResult): MustResult =>
  must.verdict === 'not-known' || (must.verdict === 'unsure' && must.typical)
    ? { ...must, verdict: 'pass', taken: true, holds: certain(1) }
    : must;

/**
 * The musts that are switched on in the brief, each judged, in the order of the brief's list.
 *
 * @param licenceTypical figures that the licence is judged by and nobody has given
 * @param takenAsKept musts that the rider takes as kept while nobody has given what they are judged by
 */
export function mustResults(
  brief: Brief,
  metrics: Metrics,
  licence: LicenceResult,
  licenceTypical: readonly FigureKey[] = [],
  takenAsKept: readonly MustKey[] = [],
): readonly MustResult[] {
  const sureness = surenessOf(brief);
  const judgedOne = (key: MustKey): MustResult => {
    if (key === 'licence') {
      const missing = licence.kind === 'not-known' ? licence.missing : [];
      const broken =
        licence.kind === 'not-legal'
          ? { broken: { licence: brief.rider.licence, rules: licence.rules } }
          : {};
      return restingOn(
        { key, ...judged(licence.holds, sureness), missing, ...broken },
        licenceTypical,
      );
    }
    const metric = METRIC_OF_MUST[key];
    const { estimate: have, typical } = metrics[metric];
    const need = mustNeed(key, brief);
    return restingOn(
      {
        key,
        ...judged(meeting(have, need, metricDefinition(metric).better), sureness),
        metric,
        need,
        have,
        missing: have.kind === 'unknown' ? have.missing : [],
      },
      typical,
    );
  };
  return brief.musts.on.map((key) => {
    const must = judgedOne(key);
    return takenAsKept.includes(key) ? taken(must) : must;
  });
}

/** 1 in each row in which every must holds; one that is not known holds in none. */
export const allHold = (musts: readonly MustResult[]): Known =>
  allOf(musts.map(({ holds }) => (holds.kind === 'known' ? holds : certain(0))));
