import type { TurningPoint } from './turning-points';

/** One thing that would swap the leader and a rival, and which rival. */
export interface Turning {
  readonly rival: string;
  readonly point: TurningPoint;
}

/** What a weight's change counts less than a figure's, on the scale of {@link nearness}. Own assumption. */
const WEIGHT_BEHIND = 0.2;

/** How far a point is from what is thought now: a chance first, then the share of the way. */
const nearness = ({ point }: Turning): number => {
  const way = Math.abs(point.to - point.from);
  return point.kind === 'weight'
    ? -way / Math.max(0.01, point.from) - WEIGHT_BEHIND
    : point.chance * 10 - way / Math.max(1e-9, Math.abs(point.from));
};

/** Turning points, what is most likely or needs the smallest change first. */
export const nearestTurnings = (turnings: readonly Turning[]): readonly Turning[] =>
  turnings.toSorted((a, b) => nearness(b) - nearness(a));
