/** A line of a text and its place in it. */
export interface TextLine {
  readonly words: string;
  readonly from: number;
  readonly to: number;
}

/** The lines of a text, their ends left out. */
export function textLines(text: string): readonly TextLine[] {
  const lines: TextLine[] = [];
  let from = 0;
  for (const end of text.matchAll(/\r\n|\n|\r/g)) {
    lines.push({ words: text.slice(from, end.index), from, to: end.index });
    from = end.index + end[0].length;
  }
  return [...lines, { words: text.slice(from), from, to: text.length }];
}

/** A text with single characters put in place of others. */
export function withMarks(text: string, marks: ReadonlyMap<number, string>): string {
  if (marks.size === 0) return text;
  let out = '';
  let at = 0;
  for (const [place, mark] of [...marks].sort(([a], [b]) => a - b)) {
    out += text.slice(at, place) + mark;
    at = place + 1;
  }
  return out + text.slice(at);
}
