import { spelt } from '../vocabulary/letters';
/** Words before a number that leave it what it is: "about", "gut", "environ", "unos". */
const HEDGE = spelt(
  /(?<![\p{L}'’])(?:about|around|roughly|nearly|almost|just|only|maybe|perhaps|like|say|easily|over|just over|well over|a bit over|a touch over|at least|something like|more like|close to|approx\.?|approximately|easily|probably|ca\.?|etwa|rund|ungefähr|gut|knapp|eher|so|so um die|um die|an die|locker|fast|nur|gerade mal|mal eben|vielleicht|so circa|environ|à peu près|quasiment|presque|dans les|autour de|à peine|seulement|facilement|unos|unas|casi|sobre los|como|alrededor de|apenas|más o menos|fácil|circa|quasi|sui|sulle|appena|soltanto|solo|più o meno|zo['’]n|ongeveer|bijna|rond de|ruim|krap|maar|zowat|cerca de|uns|umas|quase|mais ou menos|około|prawie|tylko|jakieś|cirka|ungefär|runt|drygt|knappt|bara|omkring|noin|melkein) $/iu,
);
/** In characters, and how many one behind another. */
const LONGEST = 20;
const MOST = 2;

/** Places a form may be looked for at: right before the number, and before the words that hedge it. */
export function placesBefore(text: string, at: number): readonly number[] {
  const places = [at];
  for (let from = at; places.length <= MOST; ) {
    const hedge = HEDGE.exec(text.slice(Math.max(0, from - LONGEST), from));
    if (!hedge) break;
    from -= hedge[0].length;
    places.push(from);
  }
  return places;
}
