import type { FigureProposal } from '../../proposal';
import { spelt } from '../../vocabulary/letters';
import type { SentenceWords } from '../option';

/** "PVP 4.200 €" in an advert of a used machine is what is asked, unless another sum stands beside it. */
export function asAskedAlone(
  made: FigureProposal,
  { sale, text, quantities }: SentenceWords,
): FigureProposal {
  const isOnlySum = quantities.filter((q) => /^[A-Z]{3}$/.test(q.unit ?? '')).length === 1;
  return made.key === 'price' && made.basis === 'list' && sale && isOnlySum && PVP.test(text)
    ? { ...made, basis: 'asked' }
    : made;
}
const PVP = spelt(/(?<!\p{L})(?:p\.?v\.?p\.?|precio de venta)(?!\p{L})/iu);
