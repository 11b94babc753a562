import { spelt } from '../vocabulary/letters';
import { convert } from '../../units';
import type { FigureProposal, Proposal } from '../proposal';

/** Which end is which is said with the number itself. */
const SIDE_SAID = spelt(
  /(?<!\p{L})(?:f(?:r(?:ont)?)?|r(?:ear)?|back|vorn\p{L}*|hint\p{L}*|av(?:ant)?|ar(?:rière)?|ant(?:eriore)?|post(?:eriore)?|del\p{L}*|tras\p{L}*|voor|achter|diant\p{L}*|przód|tył|fram|bak)(?!\p{L})/iu,
);

/**
 * "18/21 wire wheels": no machine's front wheel is smaller than its rear one (common practice, no source), so the order is the other; the
 * rider is asked.
 */
export function largerInFront(proposals: readonly Proposal[]): readonly Proposal[] {
  const of = (key: 'wheelFront' | 'wheelRear') =>
    proposals.filter((p): p is FigureProposal => p.kind === 'figure' && p.key === key);
  const [front, ...moreInFront] = of('wheelFront');
  const [rear, ...moreBehind] = of('wheelRear');
  if (!front || !rear || moreInFront.length > 0 || moreBehind.length > 0) return proposals;
  if (convert(front.amount, front.unit, 'in') >= convert(rear.amount, rear.unit, 'in'))
    return proposals;
  const isSaid = SIDE_SAID.test(front.words) || SIDE_SAID.test(rear.words);
  const asked = (p: FigureProposal, rival: 'wheelFront' | 'wheelRear'): Proposal => ({
    ...p,
    key: isSaid ? p.key : rival,
    ticked: false,
    doubts: [
      ...p.doubts.filter((d) => d.code !== 'close-call'),
      {
        code: 'close-call' as const,
        rival: isSaid ? rival : p.key,
      },
    ],
  });
  return proposals.map((p) =>
    p === front ? asked(front, 'wheelRear') : p === rear ? asked(rear, 'wheelFront') : p,
  );
}
