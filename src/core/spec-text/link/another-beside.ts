import { spelt } from '../vocabulary/letters';
import { isStockByName } from './changed';
import { isOptionalAmount } from './offered';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';
import type { SentenceWords } from './option';

/** Characters between two numbers that one clause may join. Own assumption. */
const NEAR = 80;
/** How far apart two numbers for one figure may lie, as a factor: with the same unit, and bare. Own assumptions. */
const ALIKE = { unit: 1.8, bare: 1.6 } as const;

/** "850/870 mm": both positions of one seat, written as sheets do. */
const AS_POSITIONS = /^ ?(?:mm|cm|in\.?|")? ?[/|] ?$/u;

/** "Passa da 53 a 58 kW": what came out of the other. */
const CAME_TO = spelt(/^ ?\p{L}{0,4}\.? ?(?:to|up to|auf|à|a|till?|naar|do|na|hasta|para) $/iu);

/** Whether a number is what came out of the one before it. */
export function cameOut(
  { text, quantities }: Pick<SentenceWords, 'text' | 'quantities'>,
  index: number,
): boolean {
  const [before, q] = [quantities[index - 1], quantities[index]];
  return before !== undefined && q !== undefined && CAME_TO.test(text.slice(before.to, q.from));
}

/** "Neu 11.490, jetzt für 9.990 Euro": what it cost when new. */
const isNewPrice = (before: string): boolean => NEW.test(before);
const NEW = spelt(
  /(?<!\p{L})(?:new|rrp|msrp|list|neu|neupreis|neuwert|np|neuf|neuve|valeur|nueva?|nuev[oa]s?|nuov[oa]|nieuw|nieuwprijs|nypris|ny|nytt|nov[áéo]|nowa|nowy|uusi)(?: \p{L}{1,8})?:? ?[£$€]? ?$/iu,
);

/** Of most a machine has one, or one for each end; what is used is told for many a road, pressures for many a load. */
const isToldOften = ({ key }: FigureProposal): boolean =>
  key === 'consumption' || key.startsWith('pressure');

function mayBeIt(a: Quantity, b: Quantity, text: string, own: readonly string[]): boolean {
  const [x = 0, y = 0] = [a.amounts[0], b.amounts[0]];
  if (b.product !== undefined || own.includes(text.slice(b.from, b.to).toLowerCase())) return false;
  if (b.unit !== undefined && b.unit !== a.unit) return false;
  const gap = a.from < b.from ? text.slice(a.to, b.from) : text.slice(b.to, a.from);
  return (
    !(b.from < a.from && CAME_TO.test(gap)) &&
    !AS_POSITIONS.test(gap) &&
    Math.max(x / y, y / x) <= (b.unit === undefined ? ALIKE.bare : ALIKE.unit)
  );
}

/** The other quantities so near that one clause may join them, on either side; no more are looked at. */
function within(all: readonly Quantity[], index: number) {
  const q = all[index];
  const found: { readonly x: Quantity; readonly i: number }[] = [];
  for (let i = index - 1; q && i >= 0 && q.from - (all[i]?.to ?? 0) < NEAR; i -= 1)
    if (all[i]) found.push({ x: all[i]!, i });
  for (let i = index + 1; q && i < all.length && (all[i]?.from ?? 0) - q.to < NEAR; i += 1)
    if (all[i]) found.push({ x: all[i]!, i });
  return found;
}

/**
 * A figure beside a number that might be it as well and that nothing explains: whether it is the machine's, somebody's own, or another's
 * is told by words that nobody has taught here, so that it waits for a look. In the texts that are measured with, two of a hundred right
 * ones wait for it, and of the wrong ones that no rule knew, about a quarter.
 *
 * @param isExplained whether a quantity of the sentence was taken for something or left out for a reason
 */
export function besideAnother(
  made: FigureProposal,
  s: Pick<SentenceWords, 'text' | 'quantities'>,
  index: number,
  own: readonly string[],
  isExplained: (index: number) => boolean,
): FigureProposal {
  const q = s.quantities[index];
  // Said to be the stock one, or what came after another: the words tell which of the two it is.
  if (
    !made.ticked ||
    !q ||
    isToldOften(made) ||
    q.changed !== undefined ||
    isStockByName(s.text, q)
  )
    return made;
  const other = within(s.quantities, index).find(
    ({ x, i }) =>
      !isExplained(i) &&
      mayBeIt(q, x, s.text, own) &&
      !isNewPrice(s.text.slice(Math.max(0, x.from - 20), x.from)) &&
      !isOptionalAmount(s.text, x.from, x.to),
  )?.x;
  return other === undefined
    ? made
    : {
        ...made,
        ticked: false,
        doubts: [
          ...made.doubts,
          { code: 'another-beside', words: s.text.slice(other.from, other.to) },
        ],
      };
}
