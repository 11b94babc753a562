import { convert } from '../../units';
import type { FigureProposal, Proposal } from '../proposal';

/** No machine with a rider on it is permitted less than this, kg. Own assumption: the lightest weigh 100. */
const LEAST_PERMITTED = 230;

/** Named for what it is beyond a doubt: then the number is wrong, and not the name. */
const PLAINLY_PERMITTED =
  /permit|permiss|gross|total|gv|laden|zul|gesamt|autori|amm|compless|ptac|toelaatbaar|toegestaan|till?a[dt]|dmc|dopuszcz|kokonais|celk/iu;

const inKg = (p: FigureProposal): number => convert(p.amount, p.unit, 'kg');

/**
 * "Weight limit 420 lb", of a machine of 445 lb: what is permitted with everything on it cannot be less than the machine itself, so it is
 * what may be put on it. The rider is asked.
 */
export function permittedAsLoad(proposals: readonly Proposal[]): readonly Proposal[] {
  const figures = proposals.filter((p) => p.kind === 'figure');
  const lightest = Math.max(
    LEAST_PERMITTED,
    ...figures.filter((p) => p.key === 'mass' && p.basis !== 'dry').map(inKg),
  );
  return proposals.map((p) =>
    p.kind === 'figure' &&
    p.key === 'maxMass' &&
    !PLAINLY_PERMITTED.test(p.words) &&
    inKg(p) < lightest
      ? {
          ...p,
          key: 'payload' as const,
          ticked: false,
          doubts: [
            ...p.doubts.filter((d) => d.code !== 'far-from-usual' && d.code !== 'close-call'),
            { code: 'close-call' as const, rival: 'maxMass' as const },
          ],
        }
      : p,
  );
}
