import { spelt } from '../vocabulary/letters';
/** A stretch of one line within which words and figures belong together. */
export interface Sentence {
  readonly text: string;
  /** Where it begins in the line. */
  readonly at: number;
}

/** Ends of sentences: a mark and a space, unless a short form or a unit stands before it. */
const END = spelt(
  /(?<!\.)[.!](?=\s+["(]?[\p{Lu}\d£$€])|[;•·](?=\s)|[?](?=\s+(?!A:))|\s[|]\s(?=\p{Lu}\p{Ll}+:)|(?<!\.)\.\.\.(?=\s)/gu,
);
const SHORT = spelt(
  /(?<![\p{L}/])(?:max|min|mind|approx|ca|zul|no|vs|comp|disp|nr|bzw|incl|inc|inkl|excl|exkl|ekskl|escl|zzgl|evtl|ggf|imp|us|u\.s|st|mr|dr|tel|ext|wt|cap|hubr|ccm|e\.g|i\.e|etc|o\.n\.o|env|aprox|circa|pot|alt|cil|ht|spec|susp|displ|trans|capac|dim|sitzh|gew|federw|leist|hubr|bj|ant|post|del|delant|tras|horq|av|ar|vo|hi|hint|vord|escurs)$/iu,
);

/** A stop in a line that has no capitals: "it's heavy. the seat is 870". */
const SMALL_END = spelt(
  /(?<![.\d])[.!](?=\s+\p{Ll})|(?<=\d ?(?:kg|mm|cm|hp|ps|kw|nm|cc|l|lbs?|km|mpg|in))[.!](?=\s+\p{Ll})/gu,
);
/** Typed without capitals: the first word has none, nor has one behind a stop. */
const isSmall = (line: string): boolean =>
  /^[^\p{L}]*\p{Ll}/u.test(line) && !/[.!?]\s+\p{Lu}/u.test(line);

/** A line as sentences; those of a table's row stay whole. */
export function sentencesOf(line: string): readonly Sentence[] {
  const found: Sentence[] = [];
  let from = 0;
  const ends = [...line.matchAll(END), ...(isSmall(line) ? line.matchAll(SMALL_END) : [])].sort(
    (a, b) => a.index - b.index,
  );
  for (const match of ends) {
    const at = match.index;
    if (match[0] === '.' && SHORT.test(line.slice(Math.max(0, at - 8), at))) continue;
    // "Zasięg ok. 340 km": about.
    if (match[0] === '.' && /\p{L} ok$/u.test(line.slice(0, at)) && /^\. \d/.test(line.slice(at)))
      continue;
    if (
      match[0] === '.' &&
      /\d$/.test(line.slice(0, at)) &&
      /^\s*\d+\.$/.test(line.slice(0, at + 1))
    )
      continue;
    const to = at + match[0].length;
    found.push({ text: line.slice(from, to), at: from });
    from = to;
  }
  found.push({ text: line.slice(from), at: from });
  return found.filter((s) => s.text.trim() !== '');
}
