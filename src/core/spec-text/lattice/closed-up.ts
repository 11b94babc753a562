/** A line whose number words became digits, closed up, and where each of its characters stood as written. */
export interface ClosedUp {
  readonly line: string;
  /** Places as written for places in the line; absent where they are the same. */
  readonly places?: Places | undefined;
}

export interface Places {
  /** Where each character of the line begins as written: digits at the first of the words they came from. */
  readonly begins: readonly number[];
  /** Where it ends. */
  readonly ends: readonly number[];
}

/** A line with the room closed up that digits in place of longer words left: "weighs two hundred" stands as near as "weighs 200". */
export function closedUp(written: string, inDigits: string): ClosedUp {
  if (written === inDigits) return { line: inDigits };
  let line = '';
  const begins: number[] = [];
  const ends: number[] = [];
  const keep = (i: number, begin = i) => {
    line += inDigits[i] ?? '';
    begins.push(begin);
    ends.push(i + 1);
  };
  for (let i = 0; i < inDigits.length; i += 1) {
    if (inDigits[i] !== ' ') {
      keep(i);
      continue;
    }
    let to = i;
    while (inDigits[to] === ' ') to += 1;
    const left = firstLeft(written, i, to);
    if (left === undefined) for (let j = i; j < to; j += 1) keep(j);
    else {
      for (let j = i; j < left; j += 1) keep(j);
      // What stands in place of one word may be two: "yearly" is "12 mo".
      if (left === i && isWord(line.at(-1)) && isWord(inDigits[to])) keep(i);
      if (to < inDigits.length) keep(to, left);
      i = to;
      continue;
    }
    i = to - 1;
  }
  return { line, places: { begins, ends } };
}

const isWord = (sign: string | undefined): boolean => sign !== undefined && /[\p{L}\d]/u.test(sign);

/** The first blank of a run that was none as written. */
function firstLeft(written: string, from: number, to: number): number | undefined {
  for (let i = from; i < to; i += 1) if (written[i] !== ' ') return i;
  return undefined;
}

/** A stretch of the line, as it is written. */
export const asWritten = (
  places: Places | undefined,
  from: number,
  to: number,
): { readonly from: number; readonly to: number } =>
  places ? { from: places.begins[from] ?? from, to: places.ends[to - 1] ?? to } : { from, to };
