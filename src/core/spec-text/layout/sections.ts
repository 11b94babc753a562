import { spelt } from '../vocabulary/letters';
import { labelOf } from '../vocabulary/lexicon';
import type { ScannedLine } from '../text/scanned-line';

/** What the lines of a list are told as: to be had for more money, not there, wished for, or of other machines. */
export type Section = 'extra' | 'absent' | 'wished' | 'others';

// Heads of lists on sheets and in posts, in the languages that are read; common usage, no source.
const OPTIONAL =
  'optional(?: (?:equipment|extras?|accessories|features|parts))?|(?:factory|dealer|available|main|popular) (?:options|accessories|extras)|(?:options|accessories|extras) (?:available|list|\\(not included\\))|dealer[- ]fit(?:ted)?(?: (?:extras|accessories|options))?|at extra cost|sonderausstattung(?:en)?|aufpreisliste|aufpreispflichtig|gegen aufpreis|(?:équipements?|accessoires) (?:en option|optionnels?)|en option|optionnel|(?:accessori|equipaggiamenti?) (?:optional|a richiesta)|a richiesta|optional|opcional(?:es)?|equipamiento opcional|opties|optioneel|tegen meerprijs|tillval|tilleggsutstyr|ekstraudstyr|lisävarusteet|příplatková výbava|wyposażenie (?:dodatkowe|opcjonalne)|opcionais';
const EXTRAS =
  'options|accessories|extras|packs|option packs|(?:original)?zubehör(?:programm)?|optionen|extras|options|accessoires|accessori|accesorios|opciones|acessórios|tillbehör|tilbehør|příslušenství|akcesoria|varusteet';
const ABSENT =
  "missing|not included|lacks?|lacking|without|does not have|doesn['’]t have|fehlt|fehlen|nicht enthalten|nicht dabei|manque(?:nt)?|non inclus|manca(?:no)?|non incluso|no incluye|falta(?:n)?|ontbreekt|saknas|mangler|brak|chybí|puuttuu";
const WISHED =
  "wish ?list|shopping list|(?:parts|mods) (?:list|to buy|wanted)|to buy|check ?list|(?:my )?(?:needs|requirements|criteria)|what I (?:want|need)|einkaufsliste|liste de courses|lista della spesa|lista de la compra|inköpslista|boodschappenlijst(?:je)?|to[- ]?do(?: list)?|plans?|planned(?: mods)?|next(?: up| mods?)?|still to (?:do|come|fit)|(?:things )?I['’]d (?:change|add|like|want|fit)|would add|wunschliste|geplant|à faire|prévu|da fare|pendiente|previsto";
/** What a saved page or a test lists below its own machine. */
const OTHERS =
  '(?:similar|related|more)(?: (?:bikes|motorcycles|ads|adverts|listings|items|results))|you (?:may|might) also like|more (?:like this|from this (?:seller|dealer))|(?:the |its |main )?rivals|also (?:tested|consider(?:ed)?|worth a look)|(?:the )?alternatives|(?:the )?competition|ähnliche (?:anzeigen|motorräder|angebote|inserate)|das könnte (?:dich|sie) auch interessieren|(?:die )?konkurren(?:z|ten)|annonces similaires|vous aimerez aussi|(?:les )?concurrentes?|anuncios (?:similares|relacionados)|(?:las )?rivales|annunci simili|(?:le )?(?:concorrenti|rivali)|vergelijkbare (?:motoren|advertenties)|liknande annonser|podobne ogłoszenia';
const FORMS: readonly (readonly [Section | 'extra-unless-sold', string])[] = [
  ['extra', OPTIONAL],
  ['extra-unless-sold', EXTRAS],
  ['absent', ABSENT],
  ['wished', WISHED],
  ['others', OTHERS],
];
const HEADS = FORMS.map(
  ([section, words]) =>
    [
      section,
      new RegExp(
        String.raw`^(?<head>\s*(?:[-*•#=]{1,3}\s*)?(?:my |the |our )?(?:${words})(?: (?:for|für|pour|per|para|voor|för) [^:\n|]{2,40}?)?(?: \([^)\n]{0,30}\))?\s*)(?:$|[:|\t–—](?<rest>.*)$)`,
        'iu',
      ),
      new RegExp(String.raw`(?<=[.;!?,] )(?:${words})(?: \([^)\n]{0,30}\))?\s?:\s`, 'iu'),
    ] as const,
);
/** Where a list told in a sentence ends with it. */
const SENTENCE_END = spelt(/[.!?](?=\s+\p{Lu}|\s*$)/u);
const endOf = (line: string, from: number): number => {
  const end = SENTENCE_END.exec(line.slice(from))?.index;
  return end === undefined ? line.length : from + end;
};

/** A line that begins with words for other machines than its text is about, "Rivals: …". */
const OF_OTHERS = spelt(
  new RegExp(
    String.raw`^\s*(?:[-*•#=]{1,3}\s*)?(?:(?:my |the |our )?(?:${OTHERS})|we also (?:have|stock|sell)(?: in stock)?|also (?:in stock|available|for sale)|auch (?:im angebot|auf lager|lieferbar)|wir haben auch|également disponible|nous avons aussi|también (?:tenemos|disponible)|abbiamo anche|disponibili anche|ook (?:op voorraad|te koop)|också till salu|også til salgs?)\s*(?:$|[:|\t–—])`,
    'iu',
  ),
);
export const isOfOthers = (line: string): boolean => OF_OTHERS.test(line);

/** A head of its own closes the list before: short, without a number, or ending in a colon. */
const NEXT_HEAD = spelt(/^\s*(?:[#=*]{1,3}\s*)?\p{L}[^\d:.;]{2,36}:\s*$/u);
const STANDARD =
  /^\s*(?:[-*•#=]{1,3}\s*)?(?:standard(?: equipment| features)?|technical data|specifications?|specs|dimensions|engine|chassis|serienausstattung|serie|technische daten|équipement de série|de série|caractéristiques|di serie|dotazione di serie|scheda tecnica|de serie|equipamiento de serie|ficha técnica|motor|moteur|motore|fahrwerk|price|preis|prix|prezzo|precio|verdict|pros|cons)\s*(?:$|[:|\t–—=*#])/iu;
/** What no accessory has: a line that opens so belongs to the sheet again. */
const OF_THE_SHEET: ReadonlySet<string> = new Set([
  ...['mass', 'maxMass', 'payload', 'power', 'torque', 'displacement', 'compression', 'wheelbase'],
  ...['rake', 'trail', 'rakeAndTrail', 'clearance', 'travel', 'travelFront', 'travelRear', 'price'],
  ...['consumption', 'statedRange', 'gears', 'service', 'valves', 'warranty'],
]);
const NAMES_THE_WHOLE = /fuel|petrol|capacity|inhalt|volum|capacit|capacidad|réservoir de/iu;
const isOfTheSheet = (line: string): boolean => {
  const words = /^\s*(?:[-*•|]\s*)?(\p{L}[^:|\t]{1,40}?)\s*[:|\t]/u.exec(line)?.[1];
  const label = words === undefined ? undefined : labelOf(words);
  if (words === undefined || label === undefined) return false;
  return (
    OF_THE_SHEET.has(label.name) ||
    (label.name === 'seatHeight' && label.basis === undefined) ||
    (label.name === 'tank' && NAMES_THE_WHOLE.test(words))
  );
};

/** "Tall screen £129": a sum of its own behind a thing. */
const PRICED = spelt(
  /\p{L}[^\n]*?(?:[£$€] ?\d[\d.,' ]*|\d[\d.,' ]* ?(?:[£€]|eur|chf|gbp|usd|kr|zł|kč|,-)[.)]?)/iu,
);
/** Whether the lines below a head each cost something: a list of what is to be had, whoever sells. */
function isPriced([, ...below]: readonly Pick<ScannedLine, 'written'>[]): boolean {
  const end = below.findIndex((l, i) => i > 0 && l.written.trim() === '');
  const items = below.slice(0, end < 0 ? 8 : end).filter((l) => l.written.trim() !== '');
  return items.length > 1 && items.every((l) => PRICED.test(l.written));
}

/** What of a line belongs to a section. */
export interface InSection {
  readonly section: Section;
  /** Places in the line. */
  readonly from: number;
  readonly to: number;
}

/**
 * Which lines stand in a list of what is not on the machine as it comes: under a head of their own up to a blank line or the next
 * head, or behind it on the same line. In an advert accessories are on the machine that is sold, unless they are called optional.
 */
export function sectionsOf(
  lines: readonly Pick<ScannedLine, 'written'>[],
  sale: boolean,
): readonly (InSection | undefined)[] {
  let open: Section | undefined;
  let items = 0;
  return lines.map(({ written }, i): InSection | undefined => {
    for (const [of, head, within] of HEADS) {
      if (of === 'extra-unless-sold' && sale && !isPriced(lines.slice(i))) continue;
      const section = of === 'extra-unless-sold' ? 'extra' : of;
      const match = head.exec(written);
      const told = match ? undefined : within.exec(written);
      if (!match && !told) continue;
      items = 0;
      const isBare = match !== null && (match.groups?.rest ?? '').trim() === '';
      open = isBare ? section : undefined;
      const from = isBare
        ? written.length
        : told
          ? told.index + told[0].length
          : (match?.groups?.head ?? '').length;
      return { section, from, to: endOf(written, from) };
    }
    if (open === undefined) return undefined;
    if (written.trim() === '') {
      // A page goes on with others to its end.
      if (items > 0 && open !== 'others') open = undefined;
      return undefined;
    }
    if (NEXT_HEAD.test(written) || STANDARD.test(written) || isOfTheSheet(written)) {
      open = undefined;
      return undefined;
    }
    items += 1;
    return { section: open, from: 0, to: written.length };
  });
}
