import { spelt } from '../../vocabulary/letters';

// Machines that somebody had and has no more: what is told of them is not told of the one that a text is about. In the languages of
// riders; common usage, no source.

/** Words up to the name of a machine that was let go; the verb before it. */
const SOLD = [
  '(?:sold|traded(?: in)?|got rid of|parted with)(?: on)? (?:my|our|the|an?)(?: (?:old|trusty|beloved|faithful|previous|last))?|(?:coming|came) from (?:my|the|an?)(?: old)?',
  'verkauft habe ich (?:meine|die)',
  "(?:j['’]ai )?(?:vendu|revendu|cédé) (?:ma|mon|notre|la)(?: (?:vieille|bonne|fidèle|ancienne))?",
  '(?:he )?(?:vendido|vendí) (?:mi|la)(?: (?:vieja|antigua|fiel))?',
  '(?:ho )?(?:venduto|dato via) la(?: mia)?(?: (?:vecchia|fida))?',
  '(?:(?:har )?sålt|sålde|solgte|(?:har )?solgt) (?:min|vår)(?: gamla| gamle)?',
  'vendi (?:a )?minha',
  'sprzedał[ea]m(?: (?:moj[ąe]go|moją|swoj[ąe]go|swoją|starego|starą)){0,2}',
  'prodala? jsem(?: (?:svou|svoji|moji|starou)){0,2}',
  'myin(?: (?:pois|vanhan|oman)){0,2}',
].join('|');
/** The same of a machine that somebody once had. */
const HAD = [
  '(?:swapped|exchanged|gave up) (?:my|our|the|an?)(?: old)?|used to (?:have|own|ride|run) (?:my|our|the|an?)(?: old)?|previously (?:had|owned|rode) (?:the|an?)|(?:I|we) (?:once )?(?:had|owned) (?:the|an?)(?: old)?',
  '(?:(?:ich )?(?:hatte|besaß)(?: ich)?|früher hatte ich)(?: (?:vorher|früher|zuvor|bisher|davor|jahrelang|lange|mal|schon|bis vor kurzem|bis letzte woche)){0,2} (?:eine|die)',
  "j['’](?:avais|ai eu)(?: (?:avant|auparavant|longtemps|autrefois))? (?:une?|la)",
  '(?:antes )?(?:tenía|tuve)(?: antes)? (?:una?|la)',
  '(?:prima )?(?:avevo|ho avuto)(?: prima)? (?:una?|la)',
  '(?:ik had|had ik)(?: (?:vroeger|hiervoor|eerst|daarvoor|ooit|jarenlang)){0,2} een',
  '(?:(?:jag|jeg) (?:hade|hadde|havde|ägde)|(?:hade|hadde|havde) (?:jag|jeg))(?: (?:tidigare|förut|tidligere|før|innan|engang)){0,2} en',
  '(?:já )?tive uma|(?:eu |antes )?tinha uma',
  'miał[ea]m(?: (?:wcześniej|kiedyś|przedtem)){0,2}',
  'měla? jsem(?: (?:předtím|dřív|kdysi)){0,2}',
  'minulla oli(?: (?:ennen|aiemmin|aikaisemmin))?',
].join('|');
/** The same with the verb behind the name, as in German and Dutch: words before it. */
const HAVING =
  '(?:habe?|hatte|hab|heb|had)(?: ich| ik)? (?:gerade |letzte woche |net |vorige week )?(?:meine|unsere|die|mijn|onze|de)(?: alte| oude)?';
const GIVEN_UP = '(?:verkauft|abgegeben|weggegeben|eingetauscht|verkocht|ingeruild|weggedaan)';
/** "My Brunda 650 … is sold". */
const MINE =
  '(?:my|meine|unsere|mijn|onze|ma|mi|la mia|min|minha)(?: old| alte| oude| gamla| gamle)?';
const IS_GONE =
  '(?:(?:has been|was|is|got) (?:now |just |already )?sold|(?:ist|wurde) (?:jetzt |schon |inzwischen |gerade )?(?:verkauft|weg)|is (?:nu |net |al |inmiddels )?verkocht|habe ich (?:\\p{L}+ ){0,2}verkauft|heb ik (?:\\p{L}+ ){0,2}verkocht|a été vendue|est vendue|está vendida|è (?:stata )?venduta|är (?:nu )?såld|er (?:nå |nu )?solgt|foi vendida)';
/** As far as a sentence goes, whose numbers may have points in them. */
const ON = String.raw`(?:[^.;!?\n]|\.(?=\d)){0,160}?`;

const BEFORE = spelt(new RegExp(String.raw`(?<!\p{L})(?:${SOLD}|${HAD}) $`, 'iu'));
const HAVING_BEFORE = spelt(new RegExp(String.raw`(?<!\p{L})(?:${HAVING}) $`, 'iu'));
const GIVEN_UP_BEHIND = spelt(new RegExp(String.raw`^${ON}(?<!\p{L})${GIVEN_UP}(?!\p{L})`, 'iu'));
const MINE_BEFORE = spelt(new RegExp(String.raw`(?<!\p{L})${MINE} $`, 'iu'));
const GONE_BEHIND = spelt(new RegExp(String.raw`^${ON}(?<!\p{L})${IS_GONE}(?!\p{L})`, 'iu'));

/** As much of a line as {@link isFormer} looks at behind a name, in characters. */
export const FORMER_REACH = 180;

/** Whether a name between these words is that of a machine somebody had and has no more. */
export const isFormer = (before: string, behind: string): boolean =>
  BEFORE.test(before) ||
  (HAVING_BEFORE.test(before) && GIVEN_UP_BEHIND.test(behind)) ||
  (MINE_BEFORE.test(before) && GONE_BEHIND.test(behind));

/** What came in its place begins here: "… and bought", "… und jetzt". */
const IN_ITS_PLACE = spelt(
  /(?<!\p{L})(?:(?:and|then|to|for) (?:bought|get|got|picked up|took|ordered|now have|have)|(?:and|but)? ?now|(?:und|aber|et|mais|e|ma|y|pero|en|maar|och|men|og|i|a|ja)? ?(?:jetzt|nun|maintenant|ora|adesso|ahora|nu|nå|agora|teraz|nyní|nyt))(?!\p{L})|[.;!?](?!\d)|$/iu,
);
/** A name with its number, and no other number: "a Brunda 650 that", not "a flat at 3,000 km". */
const NAMED = spelt(
  /^ (?:\p{L}+ ){0,2}(?:\p{L}[\p{L}-]*\d{2,4}|\d{3,4})(?![\d.,:]*\d)(?! ?(?:km|mi|miles|kg|lbs?|mm|cm|ccm?|l|hp|ps|euros?|pounds|€|%)(?!\p{L}))/iu,
);
const STARTS = (
  [
    [`(?:${SOLD})(?!\\p{L})`, false],
    [`(?:${HAD})(?!\\p{L})`, true],
    [`${HAVING}(?!\\p{L})(?=${ON}(?<!\\p{L})${GIVEN_UP}(?!\\p{L}))`, false],
    [`${MINE}(?!\\p{L})(?=${ON}(?<!\\p{L})${IS_GONE}(?!\\p{L}))`, false],
  ] as const
).map(([words, named]) => ({ start: spelt(new RegExp(`(?<!\\p{L})${words}`, 'giu')), named }));

/** Stretches of a sentence that tell of a machine somebody had and has no more, from and to. */
export function formerIn(text: string): readonly (readonly [number, number])[] {
  return STARTS.flatMap(({ start, named }) =>
    [...text.matchAll(start)].flatMap(({ 0: words, index }) => {
      const from = index + words.length;
      const rest = text.slice(from);
      return named && !NAMED.test(rest)
        ? []
        : [[index, from + (IN_ITS_PLACE.exec(rest)?.index ?? rest.length)] as const];
    }),
  );
}
