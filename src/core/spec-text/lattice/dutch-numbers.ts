import { spelt } from '../vocabulary/letters';
const ONES: Readonly<Record<string, number>> = {
  ...{ een: 1, één: 1, twee: 2, drie: 3, vier: 4, vijf: 5, zes: 6, zeven: 7, acht: 8, negen: 9 },
};
const TEENS: Readonly<Record<string, number>> = {
  ...{ tien: 10, elf: 11, twaalf: 12, dertien: 13, veertien: 14, vijftien: 15 },
  ...{ zestien: 16, zeventien: 17, achttien: 18, negentien: 19 },
};
const TENS: Readonly<Record<string, number>> = {
  ...{ twintig: 20, dertig: 30, veertig: 40, vijftig: 50, zestig: 60 },
  ...{ zeventig: 70, tachtig: 80, negentig: 90 },
};
const either = (...tables: readonly Readonly<Record<string, number>>[]): string =>
  tables.flatMap((t) => Object.keys(t)).join('|');

/** A number below a hundred in one word: teens, or ones before tens. */
const BELOW = `(?:(?:(?:${either(ONES)})[eë]n)?(?:${either(TENS)})|${either(TEENS)}|${either(ONES)})`;
/** A number in one word; of a thousand and more the hundreds may stand apart. */
const NUMBER = `(?:${BELOW})?(?:duizend)? ?(?:(?:${BELOW})?honderd)?(?: ?en ?)?(?:${BELOW})?`;
const RUN = spelt(
  new RegExp(`(?<![\\p{L}\\d])(${NUMBER})(?: komma (${either(ONES)}))?(?![\\p{L}\\d])`, 'giu'),
);

/** Of one word, 0 for none. */
function below(word: string): number {
  const plain = ONES[word] ?? TEENS[word] ?? TENS[word];
  if (plain !== undefined) return plain;
  const [, one = '', ten = ''] =
    new RegExp(`^(${either(ONES)})[eë]n(${either(TENS)})$`, 'u').exec(word) ?? [];
  return (ONES[one] ?? 0) + (TENS[ten] ?? 0);
}

function hundreds(word: string): number {
  const at = word.indexOf('honderd');
  if (at < 0) return below(word);
  const rest = word.slice(at + 'honderd'.length);
  return (at === 0 ? 1 : below(word.slice(0, at))) * 100 + (below(rest) || below(rest.slice(2)));
}

function valueOf(words: string): number {
  const [first = '', second] = words.toLowerCase().replaceAll(' ', '').split('duizend');
  return second === undefined
    ? hundreds(first)
    : (first === '' ? 1 : hundreds(first)) * 1000 + hundreds(second);
}

/** What no other language that is read spells so: without it there is nothing to do. */
const DUTCH = spelt(
  /honderd|duizend|[eë]n(?:twintig|dertig|veertig|vijftig|zestig|zeventig|tachtig|negentig)|(?<!\p{L})(?:twintig|vijftig|zestien|vijftien|twaalf|zeventien|achttien|veertien|dertien)(?!\p{L})/iu,
);
/** A short number counts before its unit, or behind "one on". */
const UNIT = spelt(
  /^ (?:liter|kilo|pk|centimeter|millimeter|kilometer|euro|uur|maanden)(?!\p{L})/iu,
);

/** Numbers said in Dutch words ("honderdvierennegentig", "zestien komma acht") as digits. Place for place. */
export function dutchNumbers(text: string): string {
  if (!DUTCH.test(text)) return text;
  return text.replace(RUN, (run: string, whole: string, tenth: string | undefined, at: number) => {
    const words = whole.trim();
    const amount = valueOf(words);
    if (amount === 0) return run;
    const behind = text.slice(at + run.length, at + run.length + 14);
    const plain = amount >= 20 || tenth !== undefined || UNIT.test(behind);
    // "Eén op vierentwintig": litres on kilometres.
    const said =
      plain ||
      (amount === 1 && /^ op /iu.test(behind)) ||
      /(?<!\p{L})[eé][eé]n op $/iu.test(text.slice(0, at));
    const digits = `${String(amount)}${tenth === undefined ? '' : `.${String(ONES[tenth.toLowerCase()])}`}`;
    return said && digits.length <= run.length ? digits.padStart(run.length) : run;
  });
}
