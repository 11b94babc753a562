import { assess, type Assessment } from '@/core/assessment';
import { madeWorse } from '@/core/build';
import type { Caution } from '@/core/cautions';
import type { Said } from '@/core/numeric';
import type { Part } from '@/core/part';
import type { FactKey } from '@/core/facts';
import type { FigureKey } from '@/core/readings';
import { needsOf, NEED_VALUE, wantValue, type Need, type WantKey } from '@/core/preference';
import { lookFirst } from '@/core/suitability';
import type { Dossier } from '../records';
import { possibleAdditions } from './additions';
import { type Standing, type StandingCandidate } from './standing';

export interface Closer {
  readonly part: Part;
  /** What it needs besides, by name. */
  readonly along: readonly string[];
  /** All of it with fitting, in the brief's currency. */
  readonly cost: number;
  /** Whether the need is reached with it alone. */
  readonly closes: boolean;
  /** The metric with it, at the middle. */
  readonly becomes: number;
  /** What the part itself sets off; the general word to the insurer is left to the bench. */
  readonly cautions: readonly Caution[];
  /** Facts that it brings and nobody has told: the machine may have it already. */
  readonly untold: readonly FactKey[];
}

export interface Rung extends Need {
  /** What is asked and what is there, in base units. */
  readonly need: number;
  readonly estimate: Said;
  /** Figures that nobody has given and that it rests on; absent: none. */
  readonly typical?: readonly FigureKey[] | undefined;
  /** The cheapest part that closes the gap alone, else the one that narrows it most; absent: no single part helps and breaks nothing. */
  readonly closer: Closer | undefined;
  /** How many parts narrow it and break nothing; without a closer: how many would break something. */
  readonly helpers: number;
}

/**
 * What stands between a candidate and the brief, largest loss first, and which single part would close each gap. A part that
 * needs another takes its cheapest possible helper along; what clashes with a part already there, has no price in the
 * brief's currency, or breaks a must or a limit that is kept without it, is not proposed.
 */
export function gapClosers(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  view: 'stock' | 'built',
): readonly Rung[] {
  const needs = needsOf(view === 'stock' ? entry.stockScore : entry.builtScore);
  if (needs.length === 0) return [];
  const now = view === 'stock' ? entry.stock : entry.built;
  const chosen = view === 'stock' ? [] : entry.parts;
  const additions = possibleAdditions(dossier, standing.brief.money, entry.donor, [
    ...entry.aboard,
    ...chosen,
  ]);
  const tried = additions.map((a) => {
    const after = assess({ ...entry.bare, parts: [...chosen, ...a.added] });
    return { ...a, after, breaks: madeWorse(standing.brief, now, after).length > 0 };
  });
  const worth = (want: WantKey, of: Assessment) => {
    const { estimate } = of.metrics[want];
    return estimate.kind === 'known'
      ? { x: estimate.interval.mid, value: wantValue(standing.curves[want], estimate.interval.mid) }
      : undefined;
  };
  return needs.map((need): Rung => {
    const was = worth(need.want, now);
    const helping = tried.flatMap(({ part, added, cost, after, breaks }) => {
      const is = worth(need.want, after);
      const helps = is && was && is.value > was.value + 0.005;
      return helps
        ? [
            {
              part,
              along: added.slice(1).map((p) => p.name.toLowerCase()),
              cost,
              closes: is.value >= NEED_VALUE - 1e-9,
              becomes: is.x,
              value: is.value,
              cautions: cautionsOf(added, after),
              untold: lookFirst(added, entry.donor).flatMap(({ facts }) => facts),
              breaks,
            },
          ]
        : [];
    });
    const better = helping.filter((h) => !h.breaks);
    const [cheapest] = better.filter((b) => b.closes).sort((a, b) => a.cost - b.cost);
    const [nearest] = better.toSorted((a, b) => b.value - a.value || a.cost - b.cost);
    return {
      ...need,
      need: standing.curves[need.want].need,
      estimate: now.metrics[need.want].estimate,
      typical: now.metrics[need.want].typical,
      closer: cheapest ?? nearest,
      helpers: better.length > 0 ? better.length : helping.length,
    };
  });
}

const cautionsOf = (added: readonly Part[], after: Assessment): readonly Caution[] =>
  after.cautions.filter(
    (c) =>
      c.code !== 'tell-insurer' &&
      'partIds' in c &&
      c.partIds.some((id) => added.some((p) => p.id === id)),
  );
