import { spelt } from '../vocabulary/letters';
import type { Line } from '../text/lines';
import { cellsOf } from './cells';

/** Heads of columns that only a log of fills has beside its litres; common usage, no source. */
const WHEN =
  /^(?:date|datum|data|fecha|dato|pvm|day|odo(?:meter)?(?: ?\(?(?:km|mi|miles)\)?)?|(?:km|kilometer)[- ]?stand|kilométrage|tacho|station|tankstelle|fill(?:-?up)?(?: ?(?:no\.?|#))?)$/iu;
const FILLED =
  /^(?:litres?|liters?|liter|litros|litri|l|gal(?:lons?)?|getankt|fuel(?: ?\(?(?:l|gal)\)?)?|menge|volume|tankad)(?: ?\(?(?:l|gal)\)?)?$/iu;
const NAMED = /(?:model|modell|modèle|modelo|modello|bike|machine|name|make|maker)/iu;

/** What a day's ride was, by the words of one who keeps a log of rides; common usage, no source. */
const RIDDEN = spelt(
  /(?<!\p{L})(?:(?:moving|stopped|riding|elapsed) time|elevation gain|total (?:ascent|climb)|(?:avg|average|moving)\.?(?: moving)? speed|avg\.?(?= \d+(?:[.,]\d)? ?(?:km\/h|kmh|kph|mph))|fahrzeit|höhenmeter|durchschnittsgeschwindigkeit|temps de (?:trajet|déplacement|roulage)|dénivelée?|vitesse moyenne|tiempo en movimiento|desnivel|velocidad media|dislivello|tempo in movimento|velocità media|rijtijd|hoogtemeters|körtid|kjøretid|køretid|höjdmeter|høydemeter|højdemeter|czas jazdy|przewyższenie|převýšení)(?!\p{L})/giu,
);
const RIDE_WORDS = 2;
const isBlank = ({ line }: Line): boolean => line.trim() === '';

/** "312 km, 5h40 moving time, avg 55 km/h, fuel 12.4 L": a paragraph that logs a ride, whose litres are no tank. */
function withoutRides(lines: readonly Line[]): readonly Line[] {
  const rides = new Set<number>();
  for (let from = 0; from < lines.length; from += 1) {
    let to = from;
    while (to < lines.length && !isBlank(lines[to] as Line)) to += 1;
    const part = lines.slice(from, to);
    const told = new Set(
      part.flatMap(({ line }) => [...line.matchAll(RIDDEN)].map((m) => m[0].toLowerCase())),
    );
    if (told.size >= RIDE_WORDS) part.forEach((_, i) => rides.add(from + i));
    from = to;
  }
  return lines.map((l, i) => (rides.has(i) ? { ...l, line: ' '.repeat(l.line.length) } : l));
}

/** Lines without what a rider logs of days, each of which tells nothing of a machine: rides, bills, and rows of fills ("Date;Odo;Litres;km"). Places stay. */
export const withoutLogs = (lines: readonly Line[]): readonly Line[] =>
  withoutBills(withoutFills(withoutRides(lines)));

/** The head of what a workshop or a shop asks for, and not an offer to make one; common usage, no source. */
const BILL = spelt(
  /^(?!.*(?<!\p{L})(?:request|get|ask|free|insurance|anfordern|demander|pedir|richiedi)(?!\p{L})).{0,40}(?<!\p{L})(?:invoice|bill|quote|rechnung|kostenvoranschlag|facture|devis|factura|presupuesto|fattura|preventivo|factuur|faktura|faktúra|lasku|kvitto|kvittering|fatura|orçamento)(?!\p{L}).{0,24}$/iu,
);
/** So many lines may stand above it. */
const HEADS = 3;
/** "1x seat foam 120.00", "Labour 14h @ 65 = 910.00": an item with its sum to the cent. */
const ITEM = spelt(
  /^\s*(?:\d{1,2} ?[x×] .*\d|.*\p{L}.*[ =]\d[\d.,]*[.,]\d{2})(?: ?(?:[£$€]|EUR|USD|GBP|CHF|kr|zł|Kč))?\s*$/u,
);
const ITEMS = 3;

/** Lines without the items of a bill, which are parts and hours of work. */
function withoutBills(lines: readonly Line[]): readonly Line[] {
  const head = lines.filter((l) => !isBlank(l)).slice(0, HEADS);
  if (!head.some(({ line }) => BILL.test(line))) return lines;
  const items = new Set(lines.filter(({ line }) => ITEM.test(line)));
  return items.size < ITEMS
    ? lines
    : lines.map((l) => (items.has(l) ? { ...l, line: ' '.repeat(l.line.length) } : l));
}

function withoutFills(lines: readonly Line[]): readonly Line[] {
  const head = lines.findIndex(({ line }) => {
    const heads = cellsOf(line).map((c) => c.text.trim());
    return (
      heads.some((h) => WHEN.test(h)) &&
      heads.some((h) => FILLED.test(h)) &&
      !heads.some((h) => NAMED.test(h))
    );
  });
  if (head < 0) return lines;
  const width = cellsOf(lines[head]?.line ?? '').length;
  const ends = lines.findIndex((l, i) => i > head && cellsOf(l.line).length < width - 1);
  const past = ends < 0 ? lines.length : ends;
  return lines.map((l, i) =>
    i >= head && i < past ? { ...l, line: ' '.repeat(l.line.length) } : l,
  );
}
