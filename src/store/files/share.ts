import { donorLine } from '@/core/donor';
import type { Dossier } from '../records';

/** What another rider needs to weigh the same machines: brief, shortlist with what it stands on, builds and parts. Other donors, verdicts and visits stay at home. */
export function shortlistOnly(dossier: Dossier): Dossier {
  const kept = new Set(
    Object.values(dossier.candidates).flatMap((c) =>
      donorLine(dossier.donors, c.donorId).map((d) => d.id),
    ),
  );
  return {
    ...dossier,
    donors: Object.fromEntries(Object.entries(dossier.donors).filter(([id]) => kept.has(id))),
    verdicts: {},
    visits: {},
  };
}
