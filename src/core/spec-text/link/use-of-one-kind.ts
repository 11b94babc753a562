import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

const PLACES =
  'around town|in town|in the city|city(?: riding)?|town|urban|commuting|innerorts|stadt(?:verkehr)?|in der stadt|cycle urbain|urbain|en ville|ville|urbano|in città|città|ciudad|en ciudad|cidade|na cidade|stadsverkeer|in de stad|stad|miasto|w mieście|město';
const BEFORE = spelt(
  new RegExp(String.raw`(?<!\p{L})(?:${PLACES})\)?(?: (?:is|was|about|around))?\s?[:=]? ?$`, 'iu'),
);
const BEHIND = spelt(
  new RegExp(
    String.raw`^ ?(?:mpg|l ?\/ ?100(?: ?km)?|km ?\/ ?l|l)?,? ?\(?(?:im |in der |in |en )?(?:${PLACES})(?!\p{L})(?! ?(?:and|\/|&|und|et|e|y|\+))`,
    'iu',
  ),
);
/** "24 km/l na estrada a 110, 21 na cidade": one of two roads, the other told behind. */
const ONE_OF_TWO_ROADS = spelt(
  new RegExp(
    String.raw`^ ?(?:mpg|l ?\/ ?100(?: ?km)?|km ?\/ ?l|l)?,? ?\(?(?:na estrada|em estrada|en carretera|su strada|extraurbano|(?:on the )?(?:open )?road|(?:auf der )?landstraße|überland|außerorts|sur route|buiten de stad|op de weg|på (?:landsväg|landevei|landevej)|w trasie|na trasie|mimo město|maantiellä)(?!\p{L})[^\n.;]{0,40}(?<!\p{L})(?:${PLACES})(?!\p{L})`,
    'iu',
  ),
);

/** "68 mpg if I behave, 60 if I don't", "4,1 l wenn man sie lässt": of one way to ride. */
const ON_CONDITION = spelt(
  /^ ?(?:mpg|l(?:it(?:re|er)s?)? ?(?:\/|per|auf|aux|a los|op) ?100(?: ?km)?|km ?\/ ?l|l)?,? (?:if|when|as long as|unless|wenn|sofern|falls|si|quand|tant que|cuando|se|quando|als (?:ik|je)|wanneer|om (?:jag|man)|när|hvis|når|jeśli|gdy|jak|když|pokud|jos|kun)(?!\p{L})/iu,
);

/** "Town and country", "city/highway combined": of both. */
const OF_BOTH = spelt(/(?<!\p{L})(?:and|\/|&|und|et|e|y|\+) ?$/iu);

/** "Consumption at 120 km/h: 5.4", "4.9 bei 120 km/h". */
const SPEED = String.raw`(?:at|@|bei|à|a|ved|vid|przy|při|con|con)(?: a)?(?: (?:steady|constant|constante?|konstant))? (?<speed>\d{2,3})(?: ?(?<unit>km\/?h|kph|kmh|mph)|(?=\)?\s?[:=] ?(?:\d|$)))`;
const SPEED_BEFORE = spelt(new RegExp(String.raw`(?<!\p{L})${SPEED}\)?\s?[:=,]? ?$`, 'iu'));
const SPEED_BEHIND = new RegExp(
  String.raw`^ ?(?:mpg|l ?\/ ?100(?: ?km)?|km ?\/ ?l|l)? ?\(?${SPEED}`,
  'iu',
);
/** From here on it is a motorway's, km/h. Own assumption. */
const MOTORWAY_FROM = 110;

/** What it uses at one speed is a motorway's where it is fast, and else not what it uses over all. */
export function atOneSpeed(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (made.key !== 'consumption' || made.basis !== 'mixed') return made;
  const { speed, unit } =
    (
      SPEED_BEFORE.exec(text.slice(Math.max(0, q.from - 36), q.from)) ??
      SPEED_BEHIND.exec(text.slice(q.to, q.to + 48))
    )?.groups ?? {};
  if (speed === undefined) return made;
  const fast = Number(speed) * (unit?.toLowerCase() === 'mph' ? 1.609 : 1) >= MOTORWAY_FROM;
  const doubts = made.doubts.filter((d) => d.code !== 'basis-unsaid');
  return fast
    ? { ...made, basis: 'motorway', doubts }
    : { ...made, ticked: false, doubts: [...doubts, { code: 'basis-unsaid', taken: 'mixed' }] };
}

/** "Urbano 21 km/l", "4.2 commuting": what it uses in town is not what it uses over all, and is asked about. */
export function asInTown(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (made.key !== 'consumption' || !made.ticked || made.basis !== 'mixed') return made;
  const before = text.slice(Math.max(0, q.from - 24), q.from);
  const place = BEFORE.exec(before);
  const isIt = place
    ? !OF_BOTH.test(before.slice(0, place.index))
    : BEHIND.test(text.slice(q.to, q.to + 40)) ||
      ONE_OF_TWO_ROADS.test(text.slice(q.to, q.to + 96)) ||
      ON_CONDITION.test(text.slice(q.to, q.to + 40));
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
