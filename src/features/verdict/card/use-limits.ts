'use client';
import { limitOn, type LimitOn } from '@/core/outlook';
import type { StandingCandidate } from '@/store/queries';
import { useInPieces } from '@/store/running';

/** What each figure must show on this machine for its must to hold as surely as the brief asks; must by must, so that ticking never waits. */
export function useLimits({ bare }: Pick<StandingCandidate, 'bare'>): readonly LimitOn[] {
  const { pieces } = useInPieces(
    bare,
    ({ brief }) => brief.musts.on.length,
    ({ brief, donor, evidence }, i) => {
      const must = brief.musts.on[i];
      return must && limitOn(brief, donor, evidence, must);
    },
  );
  return (pieces ?? []).flatMap((limit) => limit ?? []);
}
