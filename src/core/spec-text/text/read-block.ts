import { spelt } from '../vocabulary/letters';
import type { Basis } from '../../readings';
import type { Word } from '../link/option';
import type { Side } from '../link/side-of';
import type { FactProposal, FigureProposal, PassedOver, Proposal } from '../proposal';
import { readFacts } from '../facts';
import type { ClockReading } from '../link/clock';
import type { LineContext, LineRead, Listen } from '../line-context';
import { readLine } from '../read-line';
import { sectionsOf, type InSection } from '../layout/sections';
import type { Mention } from '../vocabulary/lexicon';
import { withNumbers } from '../lattice/number-words';
import { scanned } from './lines';
import type { Survey } from './survey';
import type { ScannedLine } from './scanned-line';
import { toldOfAnother, whoseIn, type Whose } from './whose';

/** What a run of lines tells of one machine. */
export interface BlockRead {
  readonly proposals: readonly Proposal[];
  /** What numbers without a name mostly mean. */
  readonly likely: readonly FigureProposal[];
  readonly passedOver: readonly PassedOver[];
  readonly clock: readonly ClockReading[];
}

/** A heading's side and label count for so many lines. */
const HEADING_REACH = 4;
const HEADING_LENGTH = 34;

interface Heading {
  readonly word: Word | undefined;
  readonly side: Side | undefined;
  readonly age: number;
}

/** A footnote with a number of such a unit tells of that one: "low seat 795 mm". */
const OF_A_FIGURE: ReadonlySet<unknown> = new Set(['kg', 'lb', 'mm', 'cm', 'in']);

/** Footnotes by their mark: `* without fuel`, several on a line or each on its own. */
export function footnotesIn(
  lines: readonly ScannedLine[],
): ReadonlyMap<string, readonly Mention[]> {
  const notes = new Map<string, readonly Mention[]>();
  for (const { line, mentions, quantities } of lines) {
    if (!/^\s*[*¹²³⁴⁵⁶⁷⁸⁹†‡]+\s*\S/u.test(line)) continue;
    const marks = [...line.matchAll(/(?<=^\s*|\s)([*¹²³⁴⁵⁶⁷⁸⁹†‡]+)(?=\s*\S)/gu)];
    for (const [i, { 1: mark = '', index }] of marks.entries()) {
      const end = marks[i + 1]?.index ?? line.length;
      const within = (m: { readonly from: number; readonly to: number }): boolean =>
        m.from >= index && m.to <= end;
      const itsOwn = quantities.some((q) => within(q) && OF_A_FIGURE.has(q.unit));
      if (!itsOwn) notes.set(mark, mentions.filter(within));
    }
  }
  return notes;
}

const basisIn = (line: ScannedLine): Basis | undefined =>
  line.mentions.flatMap((m) => m.meanings).find((x) => x.kind === 'basis')?.basis;

function headingOf(line: ScannedLine): Heading {
  const short = line.line.trim().length <= HEADING_LENGTH;
  const words = line.mentions.flatMap((mention) =>
    mention.meanings.flatMap((meaning): readonly Word[] =>
      meaning.kind === 'label' || meaning.kind === 'taker' ? [{ mention, meaning, order: -1 }] : [],
    ),
  );
  const side = line.mentions.flatMap((m) => m.meanings).find((x) => x.kind === 'side')?.side;
  return { word: short ? words.at(-1) : undefined, side, age: 0 };
}

/** A heading over what was fitted: the lines of its list say nothing of the machine as it was built. */
const MODS = spelt(
  /(?<!\p{L})(?:mods|modifications|upgrades|extras|fitted|aftermarket|changes|umbauten|zubehör|accessoires|accessori|extras montados)[^:]{0,20}:\s*$/iu,
);
const BULLET = /^\s*[-*•·+]/u;

/** A heading over two columns of a list: what the maker built and what it became. */
const STOCK_AND_MINE =
  /^\s*(?:[-*•(]\s*)?(?:stock|standard|original|oem|factory)\s*(?:\/|vs\.?|->|→|\|)\s*(?:mine|now|current|after|modded|my bike|modified)\s*(?:[:)]\s*)?$/iu;

/** The second of each pair in a line of such a list, as far as it is another's: its place. */
const SECOND = spelt(/^([^/→|]*?[\d.,]+[\d.,\-x]*\s?\p{L}*\s*)(\/|→|->|\|)(\s*[\d.,]+[\d.,\-x]*)/u);

/** A line of a list "stock / mine" with what it became blanked out; places stay. */
function asBuilt(line: ScannedLine): ScannedLine {
  const match = SECOND.exec(line.written);
  if (!match) return line;
  const from = match[1]?.length ?? 0;
  const to = from + (match[2]?.length ?? 0) + (match[3]?.length ?? 0);
  const written = line.written.slice(0, from) + ' '.repeat(to - from) + line.written.slice(to);
  return { ...scanned({ line: written, offset: line.offset }), written: line.written };
}

/** "The chain's a five twenty", "tyres are ninety ninety twenty one": said in number words. */
function spokenFacts(line: ScannedLine, facts: readonly Proposal[]): readonly Proposal[] {
  if (!/chain|t[yi]re|rubber|single|thumper/iu.test(line.line)) return [];
  const keys = (['chainPitch', 'tyreFront', 'tyreRear', 'layout'] as const).filter(
    (key) => !facts.some((f) => f.key === key),
  );
  const said = withNumbers(line.written);
  return readFacts(said, line.offset)
    .filter(
      (f) =>
        keys.some((key) => key === f.key) &&
        (f.key !== 'layout' ||
          said.slice(f.from - line.offset - 6, f.to - line.offset) !==
            line.written.slice(f.from - line.offset - 6, f.to - line.offset)),
    )
    .map((f) => {
      // The blanks before digits that stand in the place of words are theirs.
      const blanks = /^(?: (?= ))*/u.exec(
        [...said.slice(0, f.from - line.offset)].reverse().join(''),
      );
      const from = f.from - (blanks?.[0].length ?? 0);
      const words = line.written.slice(from - line.offset, f.to - line.offset);
      return { ...f, from, words };
    });
}

const FITTED = spelt(
  /(?<!\p{L})(fitted|installed|added|retrofitted|nachgerüstet|montiert|ajouté|installé|(?:j['’]ai|on a) (?:monté|mis|posé)|(?:ho|abbiamo) (?:montato|aggiunto|messo|installato)|(?:le )?(?:he|hemos) (?:puesto|montado|añadido|instalado)|gemonteerd|eftermonter\p{L}*)(?!\p{L})[^.;:]{0,60}$/iu,
);
/** The same said behind: "einen Tempomat habe ich nachgerüstet", "sabot monté par mes soins". */
const FITTED_BEHIND = spelt(
  /^[^.;:,]{0,30}(?<!\p{L})(nachgerüstet|hab(?:e|en)? (?:ich|wir) (?:\p{L}+ )?(?:montiert|angebaut|eingebaut|verbaut)|selbst (?:montiert|angebaut)|par mes soins|r?ajoutée?s?|montat[oaie] da me|aggiunt[oaie]|puest[oa]s? por mí|añadid[oa]s?|(?:that |which )?(?:I|we)(?:['’]ve| have)? (?:fitted|added|installed|put on)|retrofitted|achteraf gemonteerd|eftermonter\p{L}*)(?!\p{L})/iu,
);

/** "Fitted a 12 V socket": said of what somebody put on; a machine for sale carries it. */
function asFitted(fact: FactProposal, line: ScannedLine): FactProposal {
  const words =
    FITTED.exec(line.written.slice(0, fact.from - line.offset))?.[1] ??
    FITTED_BEHIND.exec(line.written.slice(fact.to - line.offset))?.[1];
  return words === undefined
    ? fact
    : { ...fact, ticked: false, doubts: [...fact.doubts, { code: 'may-be-changed', words }] };
}

const ANOTHER = spelt(
  /(?<!\p{L})(?:my (?:current|old|last|previous|other|first|mate['’]?s)|(?:compared|next) (?:to|with)|unlike|(?:came|come|coming) (?:from|off) an?)(?!\p{L})[^.;,?!]{0,30}$/iu,
);

/** "My current thumper": said of what somebody rides now, or rode before. */
const isOfAnother = (fact: FactProposal, line: ScannedLine): boolean =>
  ANOTHER.test(line.written.slice(0, fact.from - line.offset));

/** A fact, if the text does not tell it of another machine. */
function ofThisOne(fact: FactProposal, whose: Whose): readonly FactProposal[] {
  const told = toldOfAnother(whose, fact.from);
  if (told === undefined) return [fact];
  return told === 'surely'
    ? []
    : [{ ...fact, ticked: false, doubts: [...fact.doubts, { code: 'which-machine' }] }];
}

/** Whether a bare number is but a word of a fact: the two of "Shock: two shocks". */
const isWordOf = (figure: Proposal, facts: readonly Proposal[]): boolean =>
  !figure.ticked &&
  figure.doubts.some((d) => d.code === 'unit-unsaid') &&
  facts.some((f) => f.from <= figure.from && figure.to <= f.to);

const isInSection = (p: Proposal, line: ScannedLine, within: InSection | undefined): boolean =>
  within !== undefined && p.from - line.offset >= within.from && p.from - line.offset < within.to;

/** Of a list of what is not there as it comes, nothing counts but the height that a low seat would make. */
function asItComes(read: LineRead, line: ScannedLine, within: InSection | undefined): LineRead {
  if (!within) return read;
  const isOut = (f: FigureProposal) =>
    isInSection(f, line, within) && !(within.section === 'extra' && f.basis === 'low-seat');
  const out = read.figures.filter(isOut);
  const other = within.section === 'others';
  return {
    ...read,
    figures: read.figures.filter((f) => !isOut(f)),
    likely: read.likely.filter((f) => !isInSection(f, line, within)),
    clock: within.section === 'others' ? [] : read.clock,
    passedOver: [
      ...read.passedOver,
      ...out.map((as): PassedOver => {
        const { words, from, to } = as;
        return { words, from, to, why: { code: other ? 'other-machine' : 'changed' }, as };
      }),
    ],
  };
}

const STARTS_WITH_SIDE =
  /^\s*(?:[-*•]\s*)?(?:front|rear|back|fr|rr|f|r|v|h|vorne?|hinten|av|ar|avant|arrière|del|tras|delanter\w|traser\w|ant|post|anteriore|posteriore)\.?\s*[:=]/iu;

/** Reads lines that tell of one machine; headings, questions and footnotes hand their words down. */
export function readBlock(
  lines: readonly ScannedLine[],
  survey: Survey,
  footnotes: ReadonlyMap<string, readonly Mention[]>,
  own: readonly string[],
  listen?: Listen,
): BlockRead {
  const proposals: Proposal[] = [];
  const likely: FigureProposal[] = [];
  const passedOver: PassedOver[] = [];
  const clock: ClockReading[] = [];
  const whose = whoseIn(lines, own, survey.sale);
  let above: Word | undefined;
  let aboveBasis: Basis | undefined;
  let heading: Heading | undefined;
  let mods = false;
  let columns = false;
  const sections = sectionsOf(lines, survey.sale);
  for (const [at, given] of lines.entries()) {
    columns = given.written.trim() !== '' && (columns || STOCK_AND_MINE.test(given.written));
    const line = columns ? asBuilt(given) : given;
    if (line.written.trim() === '') continue;
    if (MODS.test(line.written)) mods = true;
    else if (mods && BULLET.test(line.written)) continue;
    else mods = false;
    const fresh = heading && heading.age < HEADING_REACH ? heading : undefined;
    const context: LineContext = {
      survey,
      own,
      whose,
      above: above ?? (STARTS_WITH_SIDE.test(line.line) ? fresh?.word : undefined),
      aboveBasis,
      lastKey: proposals.findLast((x) => x.kind === 'figure')?.key,
      side: fresh?.side,
      footnotes,
      listen,
    };
    const read = asItComes(readLine(line, context), line, sections[at]);
    const facts = survey.ours
      ? readFacts(line.written, line.offset, survey.languages, own)
          .filter((f) => !isOfAnother(f, line) && !isInSection(f, line, sections[at]))
          .flatMap((f) => ofThisOne(f, whose))
          .map((f) => (survey.sale ? f : asFitted(f, line)))
      : [];
    proposals.push(
      ...read.figures.filter((f) => !isWordOf(f, facts)),
      ...facts,
      ...(survey.ours && !sections[at] ? spokenFacts(line, facts) : []),
    );
    likely.push(...read.likely);
    passedOver.push(...read.passedOver);
    clock.push(...read.clock);
    above = read.figures.length === 0 ? read.open : undefined;
    aboveBasis = read.figures.length === 0 ? basisIn(line) : undefined;
    if (
      line.quantities.length === 0 &&
      read.figures.length === 0 &&
      !/[:.]\s*\S/.test(line.line.trim())
    ) {
      const next = headingOf(line);
      heading = next.word || next.side ? next : heading && { ...heading, age: heading.age + 1 };
    } else heading = heading && { ...heading, age: heading.age + 1 };
  }
  return { proposals, likely, passedOver, clock };
}
