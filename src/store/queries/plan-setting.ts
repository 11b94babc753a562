import type { PlanSetting } from '@/core/build';
import { donorLine } from '@/core/donor';
import { fitsDonor } from '@/core/part';
import type { Dossier } from '../records';
import { partsOf } from './gathered';
import { type Standing, type StandingCandidate } from './standing';

/** What the rider asks of every plan. */
export interface PlanWishes {
  readonly legalOnly: boolean;
  /** ISO day; parts that would come after the trip are left out where the brief has its day. */
  readonly today: string;
}

const DAY_MS = 86_400_000;

/** What the planner is given for one candidate: the parts made for it, what is pinned and banned, and the days left. */
export function planSetting(
  dossier: Dossier,
  { brief }: Standing,
  entry: StandingCandidate,
  { legalOnly, today }: PlanWishes,
): PlanSetting {
  const line = donorLine(dossier.donors, entry.candidate.donorId).map((d) => d.id);
  const build = dossier.builds[entry.candidate.id];
  const trip = brief.trip.days?.trip;
  return {
    ...entry.bare,
    choices: Object.values(partsOf(dossier)).filter((p) => fitsDonor(p, entry.donor, line)),
    pinned: new Set(build?.pinned ?? []),
    banned: new Set(build?.banned ?? []),
    legalOnly,
    ...(trip === undefined
      ? {}
      : { daysLeft: Math.floor((Date.parse(trip) - Date.parse(today)) / DAY_MS) }),
  };
}
