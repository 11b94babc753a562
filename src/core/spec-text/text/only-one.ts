import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Dimension } from '../../units';
import { asWritten } from '../lattice/closed-up';
import { sensesOf } from '../link/dimensions';
import type { FigureProposal, PassedOver, Proposal } from '../proposal';
import type { ScannedLine } from './scanned-line';
import type { Survey } from './survey';

/** Figures that a unit tells as well as a name does, where the text has no other of that unit; `any`: where others have it, too. */
const BY_THEIR_UNIT: Partial<Record<FigureKey, Dimension | 'any'>> = {
  power: 'power',
  torque: 'torque',
  tank: 'volume',
  price: 'money',
  wheelFront: 'any',
  wheelRear: 'any',
  sprocketFront: 'any',
  sprocketRear: 'any',
};

/** Words by which a text tells of two machines, or of two states of one. */
const OF_TWO = spelt(
  /(?<!\p{L})(?:than|vs\.?|versus|compared|comparison|both|either|rivals?|competitors?|other one|another|instead of|my (?:old|other|last|previous|mate)|friend|hire|rental|predecessor|A2|restrict\p{L}*|derestrict\p{L}*|de-restrict\p{L}*|tuned|remap\p{L}*|als (?:die|der|das|eine?|mein\p{L}*)|verglichen|vergleich\p{L}*|beide\p{L}*|andere\p{L}*|gegenüber|vorgänger\p{L}*|gedrosselt|drossel\p{L}*|que (?:la|le|el|a|o|ma|mi|sa|su|une?|una?|los|las|les)|comparé\p{L}*|comparad\p{L}*|contre|les deux|autre|bridée?|débridée?|frente a|ambas|otra|limitada|entrambe|altra|rispetto|depotenziat\p{L}*|outra|do que|dan (?:de|het|een|mijn)|allebei|än|enn|end (?:den|min)|båda|begge|annan|anden|annen|niż|obie|drugi\p{L}*)(?!\p{L})/iu,
);

/** Figures that were taken as they stand, before another is believed for its unit: the text tells a sheet. */
const OTHERS = 2;

/** Between two items of a list: a word or three that belong to the first, one mark or joining word, and a name of the second. */
const NEXT_ITEM = spelt(
  /^[\s\p{L}²³"'’()-]{0,30}(?:[,;:·•|/–—]|(?<!\p{L})(?:and|und|et|y|e|och|og|i|en)(?!\p{L}))\s*(?:(?:a|an|un|une|ein\p{L}*|een|et|en)\s)?$/iu,
);
/** The same, where a name of the second may stand before its figure. */
const NEXT_NAMED = spelt(/^\s*[,;·•|/–—][\s\p{L}’'.]{0,30}$/u);
/** Nothing stands before it in its sentence: the head of a line, behind a full stop, or behind a word for figures. */
const AT_HEAD = spelt(
  /(?:^|[.!?]\s|(?<!\p{L})(?:specs?|spec wise|review|test|essai|prova|prueba|data|figures|numbers|engine|motor|moteur|motore|dati|datos|chiffres|zahlen|daten|fakten|cijfers|dane|dados)\s?:\s)[\s*•·–—+\p{Extended_Pictographic}-]*$/iu,
);
/** Its speed behind a power or torque. */
const SPEED = spelt(
  /^\s*(?:@|at|bei|à|a|bij|vid|ved|przy)\s*\d[\d.,' ]*(?:\s*(?:rpm|r\/min|u\/min|tr\/min|tr|\/min|1\/min|giri|omw)(?!\p{L}))?\s*(?:$|[,;.])/iu,
);
const ENDS = /^\s*(?:$|[,;.!?·•|/)–—]|(?:and|und|et|y|e|och|og|i|en)\s)/iu;
/** A sentence or a line of its own. */
const ALONE = /^\s*(?:$|[.!?;](?:\s|$))/u;

/** Where a line's quantities stand as written. */
const quantitiesOf = (line: ScannedLine) =>
  line.quantities.map((q) => ({ unit: q.unit, ...asWritten(line.places, q.from, q.to) }));

/** "Pellow Tor 500: 47 hp": nothing but the machine's own name stands before it in its sentence. */
function isBehindName(before: string, own: readonly string[]): boolean {
  const said = /(?:^|[.!?]\s)([^.!?]{1,60}?)\s?:\s*$/u.exec(before)?.[1];
  const words = said?.toLowerCase().split(/\s+/).filter(Boolean) ?? [];
  return words.length > 0 && words.every((w) => own.includes(w));
}

/** Whether a figure is an item of a list of figures: one stands right before it, or it is at the head, and alone or with one right behind it. */
function isListed(p: FigureProposal, line: ScannedLine, own: readonly string[]): boolean {
  const [from, to] = [p.from - line.offset, p.to - line.offset];
  const text = line.written;
  const behind = text.slice(to);
  const quantities = quantitiesOf(line);
  const speed = SPEED.test(behind);
  if (!speed && !ENDS.test(behind)) return false;
  const before = quantities.findLast((q) => q.to <= from);
  if (before && NEXT_ITEM.test(text.slice(before.to, from))) return true;
  if (!AT_HEAD.test(text.slice(0, from)) && !isBehindName(text.slice(0, from), own)) return false;
  if (speed || ALONE.test(behind)) return true;
  const next = quantities.find((q) => q.from >= to);
  const between = next && text.slice(to, next.from);
  return between !== undefined && (NEXT_ITEM.test(between) || NEXT_NAMED.test(between));
}

/** Named by its unit, and nothing else to be said against it. */
const isByUnit = (p: Proposal): p is FigureProposal =>
  p.kind === 'figure' &&
  !p.ticked &&
  BY_THEIR_UNIT[p.key] !== undefined &&
  p.doubts.every((d) => d.code === 'label-unsaid');

/** Whether no other quantity of the text is in a unit that tells the same. */
function isOnly(p: FigureProposal, lines: readonly ScannedLine[], survey: Survey): boolean {
  const dimension = BY_THEIR_UNIT[p.key];
  return lines.every((l) =>
    quantitiesOf(l).every(
      (q) =>
        sensesOf(q.unit, survey).every((s) => s.dimension !== dimension) ||
        (l.offset + q.to > p.from && l.offset + q.from < p.to),
    ),
  );
}

/**
 * Marks what only its unit names where nothing else can be meant, for one press of the rider's (it is never ticked): one machine, nothing said of another or of another state of it, a
 * text that tells other figures plainly, no second quantity in such a unit, and an item in a list of figures ("42 hp, 168 kg wet").
 *
 * @param own words of the machine's name, in small letters
 */
export function onlyOnes(
  proposals: readonly Proposal[],
  passedOver: readonly PassedOver[],
  lines: readonly ScannedLine[],
  survey: Survey,
  own: readonly string[],
): readonly Proposal[] {
  if (survey.several || survey.unlike || !survey.ours || !proposals.some(isByUnit))
    return proposals;
  if (proposals.filter((p) => p.kind === 'figure' && p.ticked).length < OTHERS) return proposals;
  if (passedOver.some((p) => p.why.code === 'other-machine')) return proposals;
  if (lines.some((l) => l.machine !== undefined || OF_TWO.test(l.written))) return proposals;
  return proposals.map((p) => {
    const line =
      isByUnit(p) && lines.find((l) => l.offset <= p.from && p.to <= l.offset + l.written.length);
    return line && isListed(p, line, own) && isOnly(p, lines, survey) ? { ...p, onlyOne: true } : p;
  });
}
