import {
  assess,
  judge,
  metricDefinition,
  sheetFigures,
  type Assessment,
  type Case,
} from '../assessment';
import type { MustKey } from '../brief';
import type { Donor } from '../donor';
import { factDefinition, factInUse, FACT_KEYS, type FactKey } from '../facts';
import { certain } from '../numeric';
import { fitScore, wantCurves, wantWeights, WANT_KEYS } from '../preference';
import { fromBase } from '../units';
import {
  FIGURE_KEYS,
  figureUnit,
  readingInUse,
  readingSpread,
  type FigureKey,
  type Origin,
  type Reading,
} from '../readings';

/** What hangs on one thing that is not measured yet. */
export interface Stake {
  readonly kind: 'figure' | 'fact';
  readonly key: FigureKey | FactKey;
  /** How far the fit may move between the two ends of what is thought, points of 100. */
  readonly points: number;
  /** Musts that pass at one end and fail at the other, or cannot be judged without it. */
  readonly decides: readonly MustKey[];
  /** Who said what is thought now; absent: nobody has said anything. */
  readonly origin: Origin | undefined;
}

/** Stakes below this many points that decide no must are not worth a question. Own assumption. */
export const WORTH_ASKING = 0.1;

/**
 * Every figure and fact of a machine that is not measured and on which something hangs, musts first, then the most points.
 * A quoted figure is tried at both ends of its spread, all else as it is; one that nobody has quoted at both ends of what is typical
 * of its class, or, where nothing is, it puts the whole weight of the wants that lack it at stake; a fact that nobody has named is tried with each of its options. One at a time: joint effects are left out.
 */
export function stakes(of: Case): readonly Stake[] {
  const { brief, donor } = of;
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const look = (tried: Donor): Assessment => assess({ ...of, donor: tried });
  const points = (a: Assessment): number => fitScore(a.metrics, curves, weights).points.mid;
  const now = look(donor);
  const spread = (tried: readonly Assessment[]): number =>
    Math.max(...tried.map(points)) - Math.min(...tried.map(points));
  const sheet = sheetFigures(donor, brief);
  /** The machine with a figure at both ends of what is typical of its class; nothing where none is typical or a part sets it. */
  const typicalEnds = (key: FigureKey): readonly Donor[] => {
    const { estimate, typical, basis } = sheet[key];
    if (!typical || estimate.kind === 'unknown' || now.figures[key].typical === undefined)
      return [];
    const unit = figureUnit(key, 'metric', brief.money.currency);
    const { low, high } = estimate.interval;
    return [low, high].map((at) =>
      withReading(donor, key, {
        id: 'tried',
        amount: fromBase(at, unit),
        unit,
        basis,
        origin: 'measured',
        note: '',
        spread: 0,
      }),
    );
  };

  const figures = FIGURE_KEYS.flatMap((key): Stake[] => {
    const reading = readingInUse(donor.figures[key]);
    if (!reading) {
      const lacking = WANT_KEYS.filter((w) => {
        const { estimate } = now.metrics[w];
        return estimate.kind === 'unknown' && estimate.missing.includes(key);
      });
      const tried = typicalEnds(key).map(look);
      const open = now.musts.filter(
        (m) => m.missing.includes(key) || (m.verdict !== 'pass' && m.typical?.includes(key)),
      );
      return [
        {
          kind: 'figure',
          key,
          points:
            tried.length > 0
              ? spread(tried)
              : lacking.reduce((sum, w) => sum + weights[w] * 100, 0),
          decides: [...new Set([...open.map((m) => m.key), ...turned(tried)])],
          origin: undefined,
        },
      ];
    }
    const half = readingSpread(key, reading);
    if (reading.origin === 'measured' || half === 0) return [];
    const tried = [-half, half].map((by) =>
      look(
        withReading(donor, key, {
          ...reading,
          amount: Math.max(reading.amount * 0.01, reading.amount + by),
          spread: 0,
        }),
      ),
    );
    return [
      {
        kind: 'figure',
        key,
        points: spread(tried),
        decides: turned(tried),
        origin: reading.origin,
      },
    ];
  });
  const facts = FACT_KEYS.flatMap((key): Stake[] => {
    const definition = factDefinition(key);
    if (definition.kind !== 'choice' || factInUse(donor.facts?.[key])) return [];
    const tried = definition.options.map((value) =>
      look({
        ...donor,
        facts: {
          ...donor.facts,
          [key]: { readings: [{ id: 'tried', value, origin: 'measured', note: '' }] },
        },
      }),
    );
    return [
      { kind: 'fact', key, points: spread(tried), decides: turned(tried), origin: undefined },
    ];
  });
  return [...figures, ...facts]
    .filter((s) => s.points >= WORTH_ASKING || s.decides.length > 0)
    .sort((a, b) => b.decides.length - a.decides.length || b.points - a.points);
}

const withReading = (donor: Donor, key: FigureKey, reading: Reading): Donor => ({
  ...donor,
  figures: { ...donor.figures, [key]: { readings: [reading] } },
});

/** Musts whose middle passes in one case and fails in another. */
function turned(tried: readonly Assessment[]): readonly MustKey[] {
  const [first, ...others] = tried;
  const atMiddle = (a: Assessment, key: MustKey): string | undefined => {
    const must = a.musts.find((m) => m.key === key);
    if (!must?.metric || must.need === undefined) return must?.verdict;
    return must.have?.kind === 'known'
      ? judge(certain(must.have.mid), must.need, metricDefinition(must.metric).better).verdict
      : 'not-known';
  };
  return first
    ? first.musts
        .map((m) => m.key)
        .filter((key) => others.some((o) => atMiddle(o, key) !== atMiddle(first, key)))
    : [];
}
