import { spelt } from '../vocabulary/letters';
import type { Origin } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';

const MEASURED = spelt(
  new RegExp(
    [
      String.raw`measured|scales|\bweighed\b|taped|tape measure|tested at|as tested|observed|we (?:got|saw)|gemessen|nachgewogen|misurat[oa]|rilevat[oa]|mesuré|vérifié|medido|gemeten|on test|[(,] ?tested\)|\(tested,|testmessung|testgewicht|báscula (?:marc|arroj|dio|dice|da )|bilancia (?:segna|dice|ha )|balance (?:indique|affiche|donne|dit)|(?:auf (?:der|unserer|meiner|einer|seiner)) (?:\p{L}+)?waage|waage (?:zeigt|sagt|meldet|kam|gestellt)|(?:notre|la|sur) (?:balance|bascule)|(?:sulla|in|la mia|nostra) bilancia|báscula|weegschaal|na wadze|på vågen|na váze|(?:l['’]avons|l['’]ai|on l['’]a) pesée?|pesée? à|(?:consommation|poids|conso) (?:\p{L}+ )?relevée?|relevée? (?:à|pendant|lors)|testverbrauch`,
      String.raw`weighbridge|(?:truck|bathroom|luggage|corner) scale|(?<!\p{L})gewogen|pesée ?:|pesat[oa] ?:|pesad[oa] ?:|verificad[oa]|(?:la )?pesamos|na (?:nossa )?balança`,
      String.raw`(?<!\p{L})(?:upp)?(?:vägd|mätt)(?!\p{L})|på (?:vår|min|en) våg|(?<!\p{L})(?:målt|veid|vejet|mitattu|punnittu|zvážen|změřen|naměřen|zważon|zmierzon)\p{L}{0,2}|na (?:naszej|mojej) wadze|på (?:vores|vår|min) vekt`,
    ].join('|'),
    'iu',
  ),
);

/** Rollers measure what the engine does, and nothing else that stands beside it. */
const RUN_UP = /dyno|rollers|prüfstand|banc d['’]essai|banco/iu;
const OF_ENGINE: ReadonlySet<unknown> = new Set(['kW', 'hp', 'PS', 'Nm', 'lbf-ft', 'kgf-m']);
const isMeasured = (words: string, { unit }: Quantity): boolean =>
  MEASURED.test(words) || ((unit === undefined || OF_ENGINE.has(unit)) && RUN_UP.test(words));

const CLAIMED = spelt(
  new RegExp(
    [
      String.raw`claimed|factory|maker'?s|brochure|quoted|they (?:say|quote|claim)|official|werksangabe|laut werk|werk sagt|(?:selon|par) (?:le |la )?(?:constructeur|fiche)|constructeur|según (?:el )?fabricante|secondo (?:la casa|il costruttore)|volgens fabrikant|dichiarat|annoncé|declarado`,
      String.raw`according to (?:the |its )?(?:makers?|manufacturer|factory|brochure)|manufacturer['’]s|spec sheet says|on paper|laut (?:hersteller|prospekt|datenblatt|katalog|papier)|hersteller gibt|herstellerangabe|(?<!\p{L})angegeben|offiziell(?!\p{L})|auf dem papier`,
      String.raw`officiellement|(?:poids|données?|chiffres?) officiel|sur le papier|la casa dichiara|sulla carta|el fabricante|sobre el papel|oficialmente|(?:dato|peso|cifra)s? oficial(?:es)?|fabrieksopgave|volgens (?:de )?(?:fabrikant|folder|importeur|opgave)|opgegeven|op papier`,
      String.raw`enligt (?:tillverkaren|fabriken)|uppgiven|uppges|fabriken säger|ifølge (?:produsenten|fabrikken|producenten)|oppgitt|opgivet|według producenta|producent podaje|deklarowan|anunciad[oa]|segundo o fabricante|výrobce (?:udává|uvádí)|podle výrobce|valmistajan mukaan|ilmoitettu`,
    ].join('|'),
    'iu',
  ),
);

const HEARD =
  /some(?:one|body) (?:said|says|told me)|i (?:heard|was told)|apparently|rumou?r|supposedly|reportedly|angeblich|habe gehört|il paraît|paraît-il|on m['’]a dit|pare che|mi hanno detto|dicen que|me dijeron|al parecer|naar verluidt|schijnt|tydligen|visstnok|angiveligt|podobno|údajně/iu;

/** "158.4 kg (measured, full tank)". */
const IN_ITS_BRACKETS = /^ ?\(([^\d)]{3,40})\)/u;

/** "155 kg claimed". */
const CLAIMED_BEHIND = spelt(
  /^(?: (?:wet|dry|ready|full|vollgetankt|trocken|tous pleins faits|à sec|col pieno|a secco|lleno|en seco|rijklaar))?,? ?(?:claimed|quoted|laut werk|werksangabe|annoncés?|dichiarat[oi]|declarad[oa]s?|opgegeven)(?!\p{L}| ?:? ?(?:at |as |mit |a |à )?\d)/iu,
);

/** "198 kg dry according to its maker". */
const ACCORDING_TO_MAKER = spelt(
  /^ ?(?:dry |wet |ready |full |trocken |vollgetankt |à sec |a secco |en seco )?,? ?\(?(?:according to|as per|per|laut|selon|según|secondo|volgens|enligt|ifølge|według) (?:(?:the |its |dem |der |l['’]|le |la |il |el |de )?(?:makers?|manufacturers?|factory|brochure|book|manual|spec sheet|papers|hersteller|werk|prospekt|papieren?|constructeur|usine|fiche|fabricante|costruttore|casa|scheda|ficha|fabrikant|tillverkaren|producenta?)(?!\p{L})|\p{Lu}\p{Ll}+(?! (?:scales?|tests?|magazine|dyno)|['’]s (?:scales?|dyno)))/u,
);

/** "158 kg measured". */
const MEASURED_BEHIND = spelt(
  /^,? ?(?:measured|(?:as )?tested|weighed|on (?:our|the|my) scales?|gemessen|(?:nach)?gewogen|vérifiés?|mesurés?|rilevat[oi]|misurat[oi]|medid[oa]s?|gemeten)(?!\p{L}| ?:? ?(?:at |as |mit |a |à )?\d)/iu,
);

/** "860 mm measured 862": a word right before the next number is said of that one. */
const SAID_OF_NEXT = spelt(
  /(?<!\p{L})(?:measured|tested|weighed|claimed|actual(?:ly)?|gemessen|gewogen|mesurée?|relevée?|medid[oa]|misurat[oa]|rilevat[oa]|gemeten)(?: (?:it )?(?:at|as|is|was|mit|a|à))? ?:? ?$/iu,
);

const NEW_CLAUSE = /^.*?(?=, | [-–—] |[.!?]["”']? | (?:but|aber|mais|pero|maar|ma|while|yet) )/u;

/** What is said behind a number; a clause that leads to the next number is that one's: "158 kg, our scales showed 161". */
function ownBehind(text: string, q: Quantity, next: number): string {
  const [said = ''] = text.slice(q.to, Math.min(next, q.to + 34)).split(/[(;\d]/);
  if (next > q.to + 40 || q.to + said.length < next - 1) return said;
  return NEW_CLAUSE.exec(said)?.[0] ?? said.replace(SAID_OF_NEXT, '');
}

/** Who speaks: what was measured, what the maker claims, what was only heard; by the words around the figure. */
export function speakerOf(text: string, from: number, q: Quantity, to: number): Origin | undefined {
  if (ACCORDING_TO_MAKER.test(text.slice(q.to, Math.min(to, q.to + 48)))) return 'claimed';
  const own = IN_ITS_BRACKETS.exec(text.slice(q.to, Math.min(to, q.to + 48)))?.[1] ?? '';
  if (CLAIMED.test(own)) return 'claimed';
  if (isMeasured(`(${own})`, q)) return 'measured';
  const before = text.slice(Math.max(from, q.from - 60), q.from);
  // "Claimed weight 155 kg, measured 158 kg": what stands right before it counts first.
  const nearest = /[^\d]*$/u.exec(before)?.[0] ?? '';
  if (nearest !== before && isMeasured(nearest, q) && !CLAIMED.test(nearest)) return 'measured';
  const behind = ownBehind(text, q, to < text.length ? to : Number.POSITIVE_INFINITY);
  const around = `${before} ${behind}`;
  if (MEASURED_BEHIND.test(text.slice(q.to, q.to + 34))) return 'measured';
  if (CLAIMED.test(before) || CLAIMED_BEHIND.test(text.slice(q.to, q.to + 34))) return 'claimed';
  if (isMeasured(around, q)) return 'measured';
  return HEARD.test(before) ? 'heard' : undefined;
}

/** "165 kg kerb dry?, 14 L": the mark stands right behind. */
const ASKED_AT_ONCE = spelt(/^(?: ?\p{L}{1,9}){0,3} ?\?(?=[,;)\s])/u);

/** "So range around 120 miles?": a figure that is asked about. */
export const askedIn = (text: string, q: Quantity): string | undefined =>
  (/^[^.;:]{0,40}\?\s*$/u.test(text.slice(q.to)) && text.slice(0, q.from).trim() !== '') ||
  ASKED_AT_ONCE.test(text.slice(q.to, q.to + 40))
    ? '?'
    : undefined;

/** "a five gallon tank almost", "about" said behind. */
const HEDGE_BEHIND = spelt(
  /^[^,;.\d]{0,14}?(?<!\p{L})(almost|nearly|or so|give or take|i think|i guess|i believe|if i remember|or thereabouts|maybe|glaube ich|je crois|creo|credo)(?!\p{L})/iu,
);

/** "Used from £4,200", "used prices start at £4,200", "gebraucht ab 4.500 €": the least that any is asked for. */
const LEAST_ASKED = spelt(
  /(?<!\p{L})((?:used|second[- ]?hand|private(?:ly)?|gebraucht(?:e|preise)?|occasions?|d['’]occasion|usat[oaie]|de segunda mano|tweedehands|begagnad|brugt|brukt|używane)(?: (?:ones|prices?|examples|bikes|preise|prix|prezzi))?(?: (?:are|is|go|sell))? ?(?:start(?:s|ing)?(?: at| from)?|from|ab|à partir de|dès|a partire da|da|desde|vanaf|från|fra|od))[ £€$]{0,3}$/iu,
);

/** "Seat from 820 mm", "Sitzhöhe ab 820 mm": the lowest of several. */
const LOWEST_OF = spelt(
  /(?<!\p{L})(?:seat|saddle|sitz(?:höhe)?|selle|asiento|sella|zadel|zithoogte)(?: height)? ?:? ?(from|start(?:s|ing) (?:at|from)|ab|à partir de|dès|desde|a partire da|vanaf|från) $/iu,
);

export function hedgeBefore(
  text: string,
  q: Quantity,
  mentions: readonly Mention[],
): string | undefined {
  const least = LEAST_ASKED.exec(text.slice(Math.max(0, q.from - 48), q.from))?.[1];
  if (least !== undefined) return least;
  const lowest = LOWEST_OF.exec(text.slice(Math.max(0, q.from - 40), q.from))?.[1];
  if (lowest !== undefined && q.spread === undefined) return lowest;
  const hedge = mentions.findLast(
    (m) =>
      m.to <= q.from &&
      q.from - m.to < 28 &&
      m.meanings.some((x) => x.kind === 'hedge') &&
      !/[\d;]/.test(text.slice(m.to, q.from)),
  );
  return hedge
    ? text.slice(hedge.from, hedge.to)
    : HEDGE_BEHIND.exec(text.slice(q.to, q.to + 24))?.[1];
}
