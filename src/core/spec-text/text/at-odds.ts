import { convert } from '../../units';
import type { FigureProposal, Proposal } from '../proposal';

/** Two figures of one machine of which the first cannot be more than the second. */
interface Order {
  readonly less: (p: FigureProposal) => boolean;
  readonly more: (p: FigureProposal) => boolean;
  readonly unit: 'kg' | 'mm';
}

const mass =
  (...bases: readonly string[]) =>
  (p: FigureProposal) =>
    p.key === 'mass' && bases.includes(p.basis);

const ORDERS: readonly Order[] = [
  { less: mass('dry'), more: mass('ready', 'ready-90'), unit: 'kg' },
  { less: mass('ready', 'ready-90'), more: (p) => p.key === 'maxMass', unit: 'kg' },
  {
    less: (p) => p.key === 'seatHeight' && p.basis === 'low-seat',
    more: (p) => p.key === 'seatHeight' && p.basis === 'standard-seat',
    unit: 'mm',
  },
];

/**
 * Figures that cannot both be as they are told: dry more than ready to ride, ready more than is permitted, a low seat above the standard
 * one. Which of the two is wrong nobody can say, so that both are asked about.
 */
export function atOdds(proposals: readonly Proposal[]): readonly Proposal[] {
  const figures = proposals.filter((p) => p.kind === 'figure');
  const odd = new Map<Proposal, Proposal>();
  for (const { less, more, unit } of ORDERS)
    for (const a of figures.filter(less))
      for (const b of figures.filter(more))
        if (convert(a.amount, a.unit, unit) > convert(b.amount, b.unit, unit)) {
          odd.set(a, b);
          odd.set(b, a);
        }
  return proposals.map((p) => {
    const other = odd.get(p);
    return other
      ? {
          ...p,
          ticked: false,
          doubts: [...p.doubts, { code: 'at-odds' as const, words: other.words }],
        }
      : p;
  });
}
