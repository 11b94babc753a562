import type { LineContext, LineRead } from './line-context';
import { sideAtHead } from './link/both-ends';
import type { ClockReading } from './link/clock';
import type { Word } from './link/option';
import { sentencesOf } from './link/sentences';
import type { Side } from './link/side-of';
import type { FigureProposal, PassedOver } from './proposal';
import { readSentence } from './read-sentence';
import type { ScannedLine } from './text/scanned-line';
import { withoutSlips } from './text/slips';
import { withStockInstead } from './text/stock-told-behind';
import { spelt } from './vocabulary/letters';

/** "Rear's 200.": a sentence that goes on with the other end of what was told. */
const OTHER_END_FIRST = spelt(
  /^\s*(?:and |then )?(?:at |on )?(?:the )?(?:front|rear|back|fork|forks|shock)(?:['’]s)?(?!\p{L})/iu,
);

/** "Fork?": a question that is nothing but an end. */
const END_ASKED = /^\s*(?:and )?(?:the )?(?:(front|forks?|up front)|rear|back|shock)\s*\?\s*$/iu;

/** The figures one line of text states, sentence by sentence. */
export function readLine(given: ScannedLine, context: LineContext): LineRead {
  const scanned = withStockInstead(withoutSlips(given));
  const figures: FigureProposal[] = [];
  const likely: FigureProposal[] = [];
  const passedOver: PassedOver[] = [];
  const clock: ClockReading[] = [];
  let above = context.above;
  let twoEnded: Word | undefined;
  let asked: Side | undefined;
  const headed = sideAtHead(scanned);
  for (const sentence of sentencesOf(scanned.line)) {
    const end = END_ASKED.exec(sentence.text);
    if (end && twoEnded) {
      asked = end[1] ? 'front' : 'rear';
      continue;
    }
    const carried =
      asked !== undefined || OTHER_END_FIRST.test(sentence.text) ? twoEnded : undefined;
    const read = readSentence(scanned, sentence, {
      ...context,
      above: carried ?? above,
      carried: carried !== undefined,
      side: asked ?? headed ?? context.side,
      lastKey: figures.at(-1)?.key ?? context.lastKey,
    });
    asked = undefined;
    twoEnded = read.twoEnded ?? (read.figures.length > 0 ? undefined : twoEnded);
    figures.push(...read.figures);
    likely.push(...read.likely);
    passedOver.push(...read.passedOver);
    clock.push(...read.clock);
    above = read.open;
  }
  return { figures, likely, passedOver, clock, open: above, twoEnded };
}
