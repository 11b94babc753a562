import { betweenTwo, type Quantity } from './quantity';

/** In these a second number said right after the first is the other end of a range; in others it may be the other wheel's. */
const SPOKEN_RANGES: ReadonlySet<string> = new Set(['mi', 'km', 'hp', 'PS', 'kg', 'lb']);

/** How much larger the second of two numbers said one after the other may be, for both to be a range. */
const NEXT_TO = 1.15;

/** "Two fifty, two sixty miles to a tank": a range, said without its joint. */
export function asRanges(line: string, found: readonly Quantity[]): readonly Quantity[] {
  return found.flatMap((q, i): readonly Quantity[] => {
    const [before, after] = [found[i - 1], found[i + 1]];
    if (after && spokenRange(line, q, after)) return [];
    const range = before && spokenRange(line, before, q);
    return [range ? { ...q, ...range, from: before.from } : q];
  });
}

function spokenRange(
  line: string,
  one: Quantity,
  two: Quantity,
): Pick<Quantity, 'amounts' | 'spread'> | undefined {
  const [a = 0, b = 0] = [one.amounts[0], two.amounts[0]];
  const isNext = one.unit === undefined && b > a && b <= a * NEXT_TO && a >= 50;
  const together = /^,? (?:maybe |say |or )?\s*$/u.test(line.slice(one.to, two.from));
  return isNext && together && two.unit !== undefined && SPOKEN_RANGES.has(two.unit)
    ? betweenTwo(a, b)
    : undefined;
}

/** A line with more slashes between blanks is a list. Own assumption. */
const MOST_PAIRED = 4;

/** "195mm/205mm": a list whose unit is written twice. */
export function asLists(line: string, found: readonly Quantity[]): readonly Quantity[] {
  // "18L / 201kg / 220mm / 225mm GC": a slash between blanks only parts one figure from the next.
  const joint = line.split(' / ').length > MOST_PAIRED ? /^\/$/ : /^ ?\/ ?$/;
  const together = (a: Quantity | undefined, b: Quantity | undefined): boolean =>
    a !== undefined &&
    b !== undefined &&
    a.unit !== undefined &&
    a.unit === b.unit &&
    !a.listed &&
    !b.listed &&
    a.product === undefined &&
    joint.test(line.slice(a.to, b.from));
  return found.map((q, i) =>
    together(found[i - 1], q) || together(q, found[i + 1]) ? { ...q, listed: true } : q,
  );
}
