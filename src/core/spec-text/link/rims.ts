import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { SentenceWords } from './option';
import { isRim } from './senses';

/** Inches. */
const RIM_SIZES: ReadonlySet<number> = new Set([16, 17, 18, 19, 21]);
const TEETH_HERE = spelt(/(?<!\p{L})(?:chain|sprockets?|geared|gearing)(?!\p{L})/iu);
const RIMS_SPOKEN = spelt(
  /(?<!\p{L})(?:tyres?|tires?|wheels?|rims?)(?!\p{L})[^.\d]{0,24}?(?<![\d.,])(16|17|18|19|21)(?![\d/]|[.,]\d)(?: ?inch(?:es)?)?[\s,]{1,16}(?:(?:at|on|up) (?:the )?front )?and\s+(?:an? \s*)?(16|17|18|19)(?![\d/]|[.,]\d)/dgiu,
);

/** "tyres are a 21 and an 18": rims by their sizes, the front first. */
/** "Twenty one front, eighteen rear.": a sentence of nothing but two rims. */
const RIMS_ALONE =
  /^\s*(?:it's |that's |and )?(?:an? )?(16|17|18|19|21)(?: ?inch(?:es)?|["”])? (?:on |at |up )?(?:the )?(?:front|davanti|delante|devant|vorne?),?(?: and| e| y| et| und)?(?: an?)?\s+(16|17|18|19)(?: ?inch(?:es)?|["”])? (?:on |at )?(?:the )?(?:rear|back|dietro|detrás|atrás|derrière|hinten)(?:[\s.,!]*$|, )/dgiu;
/** "Two ninety five up front, two hundred and eighty at the back.": a sentence of nothing but two ways that wheels move. */
const TRAVEL_ALONE =
  /^\s*(?:that's |it's |and )?(\d{3})(?: ?mm)? (?:on |at |up )?(?:the )?front,?(?: and)?\s+(\d{3})(?: ?mm)? (?:on the |at the |out |in the )?(?:rear|back)[\s.,!]*$/diu;

export function travelSpoken(s: SentenceWords, q: Quantity): FigureKey | undefined {
  const found = s.text.length < 90 ? TRAVEL_ALONE.exec(s.text) : null;
  const [a, b] = [Number(found?.[1]), Number(found?.[2])];
  if (!found || Math.min(a, b) < 120 || Math.max(a, b) > 330) return undefined;
  if (found.indices?.[1]?.[0] === q.from) return 'travelFront';
  return found.indices?.[2]?.[0] === q.from ? 'travelRear' : undefined;
}

export function rimSpoken(s: SentenceWords, q: Quantity): FigureKey | undefined {
  const alone = s.text.length < 90 ? s.text.matchAll(RIMS_ALONE) : [];
  for (const { indices } of [...s.text.matchAll(RIMS_SPOKEN), ...alone]) {
    if (indices?.[1]?.[0] === q.from) return 'wheelFront';
    if (indices?.[2]?.[0] === q.from) return 'wheelRear';
  }
  return undefined;
}

/** "1.85x21 front": a rim by its width and its size. */
export function rimBySize(s: SentenceWords, q: Quantity, index: number): FigureKey | undefined {
  const [width = 0] = s.quantities[index - 1]?.amounts ?? [];
  if (q.product !== 1 || !isRim(q)) return undefined;
  if (width < 1.4 || width > 6.5 || (q.unit !== undefined && q.unit !== 'in')) return undefined;
  const behind = /^"?\s*\(?(?:on the |at the )?(?:(front)|rear|back)(?!\p{L})/iu.exec(
    s.text.slice(q.to, q.to + 18),
  );
  if (behind) return behind[1] ? 'wheelFront' : 'wheelRear';
  // "Rims are 2.15x21 and 3.50x18": the front comes first.
  const rims = s.quantities.filter((o) => o.product === 1 && isRim(o));
  if (rims.length !== 2 || !/(?<!\p{L})(?:rims?|wheels?)(?!\p{L})/iu.test(s.text)) return undefined;
  return rims[0] === q ? 'wheelFront' : 'wheelRear';
}

/** "twenty-one inch front", "14 tooth front": a rim or a sprocket with its end beside it and no other label. */
export function wheelBeside(s: SentenceWords, q: Quantity): FigureKey | undefined {
  const inches = q.amounts[0] ?? 0;
  if (q.unit === 'teeth') {
    const end = /^[\s-]{1,2}(?:(?:on the )?(front)|(?:on the )?(?:rear|back))(?!\p{L})/iu.exec(
      s.text.slice(q.to, q.to + 18),
    );
    return end ? (end[1] ? 'sprocketFront' : 'sprocketRear') : undefined;
  }
  if (q.unit !== 'in' || !Number.isInteger(inches) || inches < 14 || inches > 21) return undefined;
  const before = /(?:^|[\s,(])(?:(F|FR|front)|(?:R|RR|rear))[:.]? ?$/iu.exec(
    s.text.slice(Math.max(0, q.from - 8), q.from),
  );
  if (before) return before[1] ? 'wheelFront' : 'wheelRear';
  const side =
    /^[\s-]{1,2}(?:wheel |rim )?(?:(?:at|on|up|in) (?:the )?)?(?:(fronts?|à l['’]avant|devant|vorne?|delante|davanti|all['’]anteriore)|(rears?|back|à l['’]arrière|derrière|hinten|detrás|atrás|dietro|al posteriore))(?! (?:travel|suspension|disc))(?!\p{L})/iu.exec(
      s.text.slice(q.to, q.to + 30),
    );
  if (side) return side[1] ? 'wheelFront' : 'wheelRear';
  // "Your nineteen inch up front and your seventeen in the back": that "in" is no inch, and the first says what both are.
  const other = /^ the (?:(front)|back|rear)(?!\p{L})/iu.exec(s.text.slice(q.to, q.to + 11));
  const first = s.quantities.some((o) => o.to < q.from && o.unit === 'in' && isRim(o));
  return other && first && RIM_SIZES.has(inches)
    ? other[1]
      ? 'wheelFront'
      : 'wheelRear'
    : undefined;
}

/** "19/18 tubed spokes". */
const OF_SPOKES = spelt(
  /(?<!\p{L})(?:spokes?|spoked|tubed|tubeless|wheels?|rims?|tyres?|tires?)(?!\p{L})/iu,
);

/** `15/46`, `21/18` under no label: teeth, or rims, by their size alone. */
export function pairKeys(s: SentenceWords, q: Quantity, index: number): readonly FigureKey[] {
  if (!s.ours) return [];
  const mate = (o: Quantity | undefined) => {
    if (!o || o.unit !== q.unit) return undefined;
    const between = s.text.slice(Math.min(o.to, q.to), Math.max(o.from, q.from));
    return /^["”]? ?[-/:] ?$/.test(between) || (/^\s+$/.test(between) && TEETH_HERE.test(s.text))
      ? o
      : undefined;
  };
  const spoken = rimSpoken(s, q) ?? travelSpoken(s, q);
  if (spoken) return [spoken];
  const end = /^ (?:(front)|rear|back)(?!\p{L})/iu.exec(s.text.slice(q.to, q.to + 7));
  const teeth = end && TEETH_HERE.test(s.text) ? end : undefined;
  const [count = 0] = q.amounts;
  if (teeth && (teeth[1] ? count >= 11 && count <= 18 : count >= 34 && count <= 60))
    return [teeth[1] ? 'sprocketFront' : 'sprocketRear'];
  const next = mate(s.quantities[index + 1]);
  const first = next ? q : mate(s.quantities[index - 1]);
  if (!first) return [];
  const second = first === q ? next : q;
  const [a = 0, b = 0] = [first?.amounts[0], second?.amounts[0]];
  const which = first === q ? 'Front' : 'Rear';
  if (a >= 11 && a <= 18 && b >= 34 && b <= 56) return [`sprocket${which}`];
  return (a === 21 && (b === 18 || b === 17)) ||
    (a === 19 && b === 17) ||
    (a === 18 && b === 17) ||
    (a === 19 && b === 18 && OF_SPOKES.test(s.text))
    ? [`wheel${which}`]
    : [];
}

/** "220mm/220mm" under no label: how far both wheels move. */
export function travelPair(s: SentenceWords, q: Quantity, index: number): FigureKey | undefined {
  if (q.unit !== 'mm' || !s.ours || /dis[ck]|brake|rotor|drum|ty?i?re/iu.test(s.text))
    return undefined;
  const mate = (o: Quantity | undefined): boolean =>
    o?.unit === 'mm' &&
    /^[-/]$/.test(s.text.slice(Math.min(o.to, q.to), Math.max(o.from, q.from))) &&
    [o, q].every(({ amounts: [a = 0] }) => a >= 120 && a <= 330);
  if (mate(s.quantities[index + 1])) return 'travelFront';
  return mate(s.quantities[index - 1]) ? 'travelRear' : undefined;
}

/** "front 200mm rear 200mm": how far a wheel moves, by its size alone. */
export const travelBeside = (s: SentenceWords, q: Quantity): FigureKey | undefined => {
  const [a = 0] = q.amounts;
  if (!((q.unit === 'mm' && a >= 120 && a <= 330) || (q.unit === 'in' && a >= 5 && a <= 13)))
    return undefined;
  const side =
    /(?<!\p{L})(?:(front)|rear)\s*(?:[:=]\s*)?$/iu.exec(
      s.text.slice(Math.max(0, q.from - 8), q.from),
    ) ??
    /^ (?:up |at the |in the )?(?:(front)|rear|back)(?=[,.;)]|$| (?:and|&) \d)/iu.exec(
      s.text.slice(q.to, q.to + 16),
    );
  return side && !/dis[ck]|brake|rotor|drum/iu.test(s.text)
    ? side[1]
      ? 'travelFront'
      : 'travelRear'
    : undefined;
};
