import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

const PLACES =
  'around town|in town|in the city|city(?: riding)?|town|urban|commuting|innerorts|stadt(?:verkehr)?|in der stadt|cycle urbain|urbain|en ville|ville|urbano|in città|città|ciudad|en ciudad|cidade|na cidade|stadsverkeer|in de stad|stad|miasto|w mieście|město';
const BEFORE = new RegExp(
  String.raw`(?<!\p{L})(?:${PLACES})\)?(?: (?:is|was|about|around))?\s?[:=]? ?$`,
  'iu',
);
const BEHIND = new RegExp(
  String.raw`^ ?(?:mpg|l ?\/ ?100(?: ?km)?|km ?\/ ?l|l)?,? ?\(?(?:im |in der |in |en )?(?:${PLACES})(?!\p{L})(?! ?(?:and|\/|&|und|et|e|y|\+))`,
  'iu',
);
/** "Town and country", "city/highway combined": of both. */
const OF_BOTH = /(?<!\p{L})(?:and|\/|&|und|et|e|y|\+) ?$/iu;

/** "Urbano 21 km/l", "4.2 commuting": what it uses in town is not what it uses over all, and is asked about. */
export function asInTown(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (made.key !== 'consumption' || !made.ticked || made.basis !== 'mixed') return made;
  const before = text.slice(Math.max(0, q.from - 24), q.from);
  const place = BEFORE.exec(before);
  const isIt = place
    ? !OF_BOTH.test(before.slice(0, place.index))
    : BEHIND.test(text.slice(q.to, q.to + 40));
  return isIt
    ? {
        ...made,
        ticked: false,
        doubts: [
          ...made.doubts.filter((d) => d.code !== 'basis-unsaid'),
          { code: 'basis-unsaid', taken: 'mixed' },
        ],
      }
    : made;
}
