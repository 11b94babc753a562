import { convert } from '../../units';
import type { Doubt, FigureProposal, Proposal } from '../proposal';

const SAME_WITHIN = 0.006;
const isMoney = (p: FigureProposal): boolean => /^[A-Z]{3}$/.test(p.unit);
const isAlone = (p: Proposal) => p.doubts.some((d) => d.code === 'label-unsaid');

function isSame(a: Proposal, b: Proposal): boolean {
  if (a.kind === 'fact' || b.kind === 'fact')
    return a.kind === 'fact' && b.kind === 'fact' && a.value === b.value;
  const unsaid = (p: Proposal) => p.doubts.some((d) => d.code === 'basis-unsaid');
  if ((a.origin ?? 'claimed') !== (b.origin ?? 'claimed') && b.ticked) return false;
  if (a.basis !== b.basis && !unsaid(a) && !unsaid(b)) return false;
  return isMoney(a) || isMoney(b)
    ? a.unit === b.unit && a.amount === b.amount
    : Math.abs(convert(b.amount, b.unit, a.unit) / a.amount - 1) <= SAME_WITHIN;
}

/** Power at the crank and at the wheel are two figures, as is what it uses on a motorway, or weighs dry: "95 hp claimed, 84 at the wheel". */
const kindOf = (p: Proposal): string =>
  p.kind === 'figure' && (p.key === 'power' || p.basis === 'motorway' || p.basis === 'dry')
    ? `${p.key}/${p.basis}`
    : p.key;

const contradicted = (p: Proposal): Proposal => {
  const doubt: Doubt = { code: 'said-otherwise' };
  return p.doubts.some((d) => d.code === doubt.code)
    ? p
    : { ...p, doubts: [...p.doubts, doubt], ticked: false };
};

/** Facts that may be said of both ends or in general and particular: the first counts. */
const contradicts = (a: Proposal, b: Proposal): boolean =>
  a.kind === b.kind &&
  a.key === b.key &&
  (a.kind === 'fact' ||
    (b.kind === 'figure' &&
      a.basis === b.basis &&
      // What was measured and what is claimed are two readings, not a contradiction.
      (a.origin ?? 'claimed') === (b.origin ?? 'claimed')));

/**
 * Said once is enough; what only its unit names gives way to what a label names; of a contradiction both sides are marked.
 */
export function settled(found: readonly Proposal[]): readonly Proposal[] {
  const told = found.some(isRunUp) ? found.map(asRunUp) : found;
  const named = new Set(told.filter((p) => !isAlone(p)).map(kindOf));
  const kept: Proposal[] = [];
  for (const proposal of alone(told).filter((p) => !isAlone(p) || !named.has(kindOf(p)))) {
    const rivals = kept.filter((k) => k.key === proposal.key && k.kind === proposal.kind);
    const same = rivals.find((k) => isSame(k, proposal));
    if (same) {
      // The plainer of two equal statements counts.
      if (proposal.doubts.length < same.doubts.length) kept[kept.indexOf(same)] = proposal;
      continue;
    }
    const against = rivals.filter((k) => contradicts(k, proposal));
    for (const rival of against) kept[kept.indexOf(rival)] = contradicted(rival);
    kept.push(against.length > 0 ? contradicted(proposal) : proposal);
  }
  return kept.some((p) => isPrice(p, 'asked')) ? kept.map(asOnceGiven) : kept;
}

const isMeasured = (p: Proposal): p is FigureProposal =>
  p.kind === 'figure' && p.origin === 'measured';
const isRunUp = (p: Proposal): boolean => isMeasured(p) && p.key === 'power' && p.basis === 'wheel';

/** "Measured rear-wheel hp: 66.8" and "Measured torque: 46.2 lb-ft": both of one run on the rollers. */
const asRunUp = (p: Proposal): Proposal =>
  isMeasured(p) && p.key === 'torque' && p.basis === 'crank' ? { ...p, basis: 'wheel' } : p;

const isPrice = (p: Proposal, basis: 'asked' | 'paid'): boolean =>
  p.kind === 'figure' && p.key === 'price' && p.basis === basis && p.ticked;

/** "I want £5,500, I paid £6,200": what a seller once gave is not what it costs. */
const asOnceGiven = (p: Proposal): Proposal => (isPrice(p, 'paid') ? contradicted(p) : p);

/** Of several that only their unit names, one is kept: the largest sum, else the first. */
function alone(found: readonly Proposal[]): readonly Proposal[] {
  const best = new Map<string, Proposal>();
  for (const p of found) {
    if (!isAlone(p) || p.kind === 'fact') continue;
    const now = best.get(kindOf(p));
    if (!now || (now.kind === 'figure' && isMoney(p) && p.amount > now.amount))
      best.set(kindOf(p), p);
  }
  return found.filter((p) => !isAlone(p) || best.get(kindOf(p)) === p);
}
