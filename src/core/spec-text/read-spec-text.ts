import { convert } from '../units';
import type { FigureProposal, Proposal } from './proposal';
import { readFacts, withoutTyres } from './read-facts';
import { readLine, type LineContext } from './read-line';
import { scanLabels, scanSides, type Label } from './scan-labels';

/** Longest text that is read, characters. */
export const SPEC_TEXT_LIMIT = 100_000;
/** Longer lines are cut at a sentence or a comma, so that time stays linear. */
const LINE_LIMIT = 400;
/** A heading's side counts for so many lines. */
const HEADING_REACH = 4;

/**
 * Finds the figures and facts of a sheet, an advert or a review: field, unit, basis, the words they came from, and what is
 * doubtful. Rule-based; reads nothing into the text and enters nothing. A text that is no sheet gives an empty list.
 * Never throws; time is linear in the text, of which at most {@link SPEC_TEXT_LIMIT} characters are read.
 */
export function readSpecText(text: string): readonly Proposal[] {
  const plain = normalised(text.slice(0, SPEC_TEXT_LIMIT));
  const found: Proposal[] = [];
  let above: Label | undefined;
  let aboveLine = '';
  let side: LineContext['side'];
  let sideAge = 0;
  for (const { line, offset } of linesOf(plain)) {
    const figures = /[\d½¼¾⅛⅜⅝⅞]/.test(line)
      ? readLine(withoutTyres(line), offset, {
          above,
          aboveLine,
          side: sideAge > 0 ? side : undefined,
        })
      : [];
    const facts = readFacts(line, offset);
    found.push(...figures, ...facts);
    const blank = line.trim() === '';
    if (!blank && figures.length === 0) {
      above = scanLabels(line).at(-1);
      aboveLine = line;
      const heading = scanSides(line).at(-1);
      if (heading) [side, sideAge] = [heading.side, HEADING_REACH];
    } else if (!blank) above = undefined;
    if (!blank) sideAge -= 1;
  }
  return settled(found);
}

/** One character for one: odd spaces, dashes and quotes become plain ones, so that places in the text stay true. */
const normalised = (text: string): string =>
  text
    .replace(/[\u00a0\u2000-\u200a\u202f\u205f\u3000]/g, ' ')
    .replace(/[\u2010-\u2012\u2212]/g, '-')
    .replace(/[“”]/g, '"')
    .replace(/\u0000/g, ' ');

function* linesOf(text: string): Generator<{ readonly line: string; readonly offset: number }> {
  let offset = 0;
  for (const whole of text.split(/\r\n|\n|\r/)) {
    let rest = whole;
    let at = offset;
    while (rest.length > LINE_LIMIT) {
      const head = rest.slice(0, LINE_LIMIT);
      const cut = Math.max(head.lastIndexOf('. '), head.lastIndexOf('; '), head.lastIndexOf(', '));
      const length = cut > LINE_LIMIT / 4 ? cut + 2 : LINE_LIMIT;
      yield { line: rest.slice(0, length), offset: at };
      rest = rest.slice(length);
      at += length;
    }
    yield { line: rest, offset: at };
    offset += whole.length + (text.startsWith('\r\n', offset + whole.length) ? 2 : 1);
  }
}

/** Same figure, same basis, same amount: said once is enough. Another amount is kept and marked. */
function settled(found: readonly Proposal[]): readonly Proposal[] {
  const kept: Proposal[] = [];
  for (const proposal of found) {
    const rivals = kept.filter((k) => k.key === proposal.key && k.kind === proposal.kind);
    const same = rivals.find((k) => isSame(k, proposal));
    if (same) {
      // The plainer of two equal statements counts.
      if (proposal.doubts.length < same.doubts.length) kept[kept.indexOf(same)] = proposal;
      continue;
    }
    const contradicts = rivals.some(
      (k) => proposal.kind === 'fact' || (k.kind === 'figure' && k.basis === proposal.basis),
    );
    kept.push(
      contradicts
        ? { ...proposal, doubts: [...proposal.doubts, { code: 'said-otherwise' }] }
        : proposal,
    );
  }
  return kept;
}

const SAME_WITHIN = 0.006;

function isSame(a: Proposal, b: Proposal): boolean {
  if (a.kind === 'fact' || b.kind === 'fact')
    return a.kind === 'fact' && b.kind === 'fact' && a.value === b.value;
  if (a.basis !== b.basis && !b.doubts.some((d) => d.code === 'basis-unsaid')) return false;
  return isMoney(a) || isMoney(b)
    ? a.unit === b.unit && a.amount === b.amount
    : Math.abs(convert(b.amount, b.unit, a.unit) / a.amount - 1) <= SAME_WITHIN;
}

const isMoney = (p: FigureProposal): boolean => /^[A-Z]{3}$/.test(p.unit);
