import { assess, mustsOf, type MustResult } from '@/core/assessment';
import type { MustKey } from '@/core/brief';
import { madeWorse } from '@/core/build';
import type { AffectedFigure, Part } from '@/core/part';
import type { Dossier } from '../records';
import { possibleAdditions } from './additions';
import { type Standing, type StandingCandidate } from './standing';

/** The cheapest single part with which a must that fails passes, or at least no longer fails; it breaks no other must, and no limit of law or maker. */
export interface MustCloser {
  readonly part: Part;
  readonly along: readonly string[];
  readonly cost: number;
  readonly verdict: 'pass' | 'unsure';
}

/** What a part must change to help a must; money is never helped by buying. */
const TOUCHES: Readonly<Record<MustKey, readonly (AffectedFigure | 'mass')[]>> = {
  stance: ['seatHeight', 'travelFront', 'travelRear'],
  readyMass: ['mass', 'tank'],
  range: ['tank', 'consumption'],
  cruise: ['power', 'mass'],
  payload: ['maxMass', 'mass'],
  clearance: ['clearance', 'travelFront', 'travelRear'],
  licence: ['power'],
  money: [],
};
/** Whether a part changes anything that a must is judged by. */
export const touches = (part: Part, must: MustKey): boolean =>
  TOUCHES[must].some((figure) =>
    figure === 'mass' ? part.mass_kg < 0 : part.effects.some((e) => e.figure === figure),
  );

const made = new WeakMap<StandingCandidate, ReadonlyMap<MustKey, MustCloser>>();

/** For each must that a candidate breaks or keeps doubtfully as it stands: the part that turns it, with the money must not broken. Computed once for each state. */
export function mustClosers(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
): ReadonlyMap<MustKey, MustCloser> {
  let closers = made.get(entry);
  if (!closers) made.set(entry, (closers = compute(dossier, standing, entry)));
  return closers;
}

const verdictOf = (musts: readonly MustResult[], key: MustKey) =>
  musts.find((m) => m.key === key)?.verdict;

function compute(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
): ReadonlyMap<MustKey, MustCloser> {
  const short = entry.stock.musts.filter((m) => m.verdict === 'fail' || m.verdict === 'unsure');
  const failed = short.map((m) => m.key);
  const moneyAsked = standing.brief.musts.on.includes('money');
  const moneyHeld = short.every((m) => m.key !== 'money' || m.verdict !== 'fail');
  const found = new Map<MustKey, MustCloser>();
  for (const key of failed) {
    // Cheapest first, so that the first one that passes is the answer; one that leaves it unsure counts only if none passes.
    const tried = possibleAdditions(
      dossier,
      standing.brief.money,
      entry.donor,
      entry.aboard,
      (part) => touches(part, key),
    ).toSorted((a, b) => a.cost - b.cost);
    let best: MustCloser | undefined;
    for (const { part, added, cost } of tried) {
      const after = mustsOf({ ...entry.bare, parts: added }, [key, 'money']);
      const verdict = verdictOf(after, key);
      if (moneyAsked && moneyHeld && verdictOf(after, 'money') === 'fail') continue;
      const wasDoubtful = short.some((m) => m.key === key && m.verdict === 'unsure');
      if (verdict !== 'pass' && (verdict !== 'unsure' || best || wasDoubtful)) continue;
      const full = assess({ ...entry.bare, parts: added });
      if (madeWorse(standing.brief, entry.stock, full).length > 0) continue;
      best = { part, along: added.slice(1).map((p) => p.name.toLowerCase()), cost, verdict };
      if (verdict === 'pass') break;
    }
    if (best) found.set(key, best);
  }
  return found;
}
