import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { ScannedLine } from './scanned-line';

/** What lies between a figure and the one that puts it right. */
const PUT_RIGHT =
  /^ ?(?!(?:y|e|et|and|und|but|pero|mais|ma) )(?:[a-z]+)?[\s,.?!…-]+(?:(?:oh|uh|er|um|no|sorry|wait|actually|pardon|hang on)[\s,.!]+)*(?:no|sorry|i mean|correction|make that|or rather|scratch that|excuse me|pardon(?: me)?|beg your pardon|no wait|i lied|rather|i meant)[\s,.!:]+(?:it['’]s |that['’]s |is |a |an )?\s*$/iu;
/** "3.8 to 4.5 l, 4.1 on average": of a range and what it comes to the latter counts. */
const COMES_TO = spelt(
  /^ ?\p{L}{0,6}[\s,;:(–-]+(?:im (?:schnitt|mittel)|durchschnittlich|on average|averag(?:e|es|ing)|avg\.?|mostly|usually|meist(?:ens)?|en moyenne|moyenne|de media|media|in media)[\s:]*(?:about |around |etwa |ca\. )?$/iu,
);
/** "Between 68 and 75 mpg depending on the road, 70 overall": the same with the word behind, at most so many characters on. */
const OVERALL = spelt(
  /^ ?(?:mpg|km\/l|l)? ?(?:overall|on average|average|in all|all told|im schnitt|im mittel|en moyenne|de media|in media|gemiddeld|i snitt|średnio|v průměru)(?!\p{L})/iu,
);
const ASIDE = 60;
const comesTo = (q: Quantity, next: Quantity, line: string): boolean =>
  q.spread !== undefined &&
  (COMES_TO.test(line.slice(q.to, next.from)) ||
    (next.from - q.to <= ASIDE &&
      !/[.;]/.test(line.slice(q.to, next.from)) &&
      OVERALL.test(line.slice(next.to, next.to + 24))));

/** "Just over two hundred kilos, two hundred and eight to be exact". */
const EXACTLY = spelt(/^ ?\p{L}{0,6},? to be (?:exact|precise)(?!\p{L})/iu);
/** "41 horsepower, sorry, 47": what somebody takes back in the same breath is no figure; blanked out, so that places stay. */
export function withoutSlips(scanned: ScannedLine): ScannedLine {
  const { quantities } = scanned;
  const slips = quantities.filter((q, i) => {
    const next = quantities[i + 1];
    return (
      next !== undefined &&
      (q.unit === next.unit || q.unit === undefined || next.unit === undefined) &&
      (PUT_RIGHT.test(scanned.line.slice(q.to, next.from)) ||
        EXACTLY.test(scanned.line.slice(next.to, next.to + 30)) ||
        comesTo(q, next, scanned.line))
    );
  });
  if (slips.length === 0) return scanned;
  const gone = (from: number) => slips.some((q) => q.from === from);
  /** What was said of the slip's unit holds for what put it right. */
  const unitBefore = (i: number) => {
    const before = quantities[i - 1];
    return before && gone(before.from) ? before.unit : undefined;
  };
  let { line } = scanned;
  for (const slip of slips) {
    const next = quantities[quantities.indexOf(slip) + 1];
    const to = next?.from ?? slip.to;
    line = line.slice(0, slip.from) + ' '.repeat(to - slip.from) + line.slice(to);
  }
  return {
    ...scanned,
    line,
    quantities: quantities
      .map((q, i) => ({ ...q, unit: q.unit ?? unitBefore(i) }))
      .filter((q) => !gone(q.from)),
    mentions: scanned.mentions.filter((m) => line.slice(m.from, m.to).trim() !== ''),
  };
}
