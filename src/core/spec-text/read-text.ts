import { saleWords, type SaleWord } from './text/sale-words';
import type { PassedOver, Proposal } from './proposal';
import type { Listen } from './read-line';
import { withLikely } from './learnt/likely';
import type { CurrencyCode } from '../units';
import type { ClockReading } from './link/clock';
import { laidOut } from './layout/laid-out';
import { asItStood, wordsOf, type PlacedText } from './layout/placed-text';
import { withoutLogs } from './layout/logs';
import { columnsWithoutMarks } from './layout/columns-without-marks';
import { withoutGreetings } from './text/greetings';
import { withoutSurroundings } from './text/surroundings';
import { labelsOverValues, machinesUnderLabels } from './layout/label-over-value';
import { linesOf, scanned, type Line } from './text/lines';
import { withoutStrange } from './text/about';
import { tidied } from './text/tidied';
import { normalised } from './text/normalised';
import { classOfText, type ClassRead } from './text/machine-class';
import { blocksOf } from './text/machines-apart';
import { onlyOnes } from './text/only-one';
import { namesIn } from './text/names';
import { withCapitals } from './text/names/with-capitals';
import { footnotesIn, readBlock, type BlockRead } from './text/read-block';
import { pairedMachines, twoInTitle } from './layout/two-in-a-line';
import { readMachineTable } from './layout/read-table';
import { largerInFront } from './text/larger-in-front';
import { permittedAsLoad } from './text/too-light';
import { settled } from './text/settle';
import { isPersonal, isSpoken } from './text/who-tells';
import { namesSeveral, surveyOf, type Survey } from './text/survey';
import { type ScannedLine } from './text/scanned-line';
import { changedElsewhere } from './text/changed-elsewhere';
import { lowAsItIs } from './text/low-as-it-is';
import { tubesAsked } from './text/tubes';

/** Longest text that is read, characters. */
export const SPEC_TEXT_LIMIT = 100_000;

/** What a text tells of one machine that stands for sale, beside its sheet. */
export interface SaleRead {
  /** As written. */
  readonly odometer: { readonly amount: number; readonly unit: 'km' | 'mi' } | undefined;
  readonly hours: number | undefined;
  /** Owners, history, papers, place. */
  readonly said: readonly SaleWord[];
}

/** All that a text tells of one machine. */
export interface MachineRead {
  readonly maker: string;
  readonly model: string;
  readonly year: number | undefined;
  readonly donorClass: ClassRead | undefined;
  /** Present where the text offers it. */
  readonly sale: SaleRead | undefined;
  readonly proposals: readonly Proposal[];
  /** Found and not proposed. */
  readonly passedOver: readonly PassedOver[];
  /** Its part of the text. */
  readonly from: number;
  readonly to: number;
}

export interface TextRead {
  readonly machines: readonly MachineRead[];
  /** Whose gallons, decided once for the whole text and by which words; undefined: open. */
  readonly gallon: 'us' | 'imp' | undefined;
  readonly countryBy: readonly string[];
  /** The text is about a motorcycle at all. */
  readonly ours: boolean;
  /** Where its figures come from, as a whole: somebody who offers a machine, tells of himself or says numbers in words is no maker. */
  readonly toldBy: 'claimed' | 'heard';
  /** Longer than is read: how many characters were left out. */
  readonly leftOut: number;
}

export interface ReadOptions {
  /** Hears every sentence as it was seen. */
  readonly listen?: Listen | undefined;
  /** The rider's own money: what a sum is asked about in, where the text tells nothing of its currency. It decides nothing. */
  readonly home?: CurrencyCode | undefined;
}

/**
 * Reads a sheet, an advert, a review or a table: for each machine its name, class, figures and facts, each with unit, basis, the words
 * it came from and what is doubtful. By rules, with a second opinion learnt from texts that only offers and doubts; enters nothing. A
 * text that is no sheet gives machines without proposals. Never throws; time is linear in the text, of which at most {@link SPEC_TEXT_LIMIT} characters are read.
 */
export function readText(text: string, { listen, home }: ReadOptions = {}): TextRead {
  const tidy = tidied(text.slice(0, SPEC_TEXT_LIMIT));
  const laid = laidOut({ ...tidy, text: normalised(withCapitals(tidy.text)) });
  const plain = laid.text;
  const written = [...linesOf(plain)];
  const page = withoutSurroundings(written);
  const told = withoutLogs(withoutGreetings(page));
  const all = withoutStrange(told.map(scanned));
  const kept = new Set(all.map((l) => l.offset));
  const lines = told.filter((l) => kept.has(l.offset));
  const own = new Set(page.map((l) => l.offset));
  const around = written.filter((l) => !own.has(l.offset)).map(scanned);
  const survey = surveyOf(plain, all, home, around);
  const table =
    readMachineTable(lines, survey) ??
    pairedMachines(lines) ??
    columnsWithoutMarks(lines) ??
    machinesUnderLabels(plain, lines, all);
  // "Pellan 650 vs Brennock 700" over two columns that nobody names.
  const titled = table?.kind === 'columns' && isUnnamedPair(table) ? twoInTitle(lines) : undefined;
  const machines =
    table?.kind === 'rows'
      ? table.machines.map((m) => fromRow(m, survey))
      : table
        ? table.machines.map((m, i) =>
            fromLines(m.lines.map(scanned), survey, m.name ?? titled?.[i], listen, plain),
          )
        : apart(blocksOf(labelsOverValues(plain, lines, all)?.map(scanned) ?? all), survey).map(
            (block) => fromLines(block.lines, block.survey, undefined, listen, plain),
          );
  return {
    machines: withoutFormer(machines).map((m) => asTyped(m, laid, text)),
    gallon: survey.gallon,
    countryBy: survey.countryBy,
    ours: survey.ours,
    toldBy:
      machines.some((m) => m.sale) || isPersonal(plain) || isSpoken(machines) ? 'heard' : 'claimed',
    leftOut: Math.max(0, text.length - SPEC_TEXT_LIMIT),
  };
}

/** "I used to have a Brunda 650, 214 kg." before what is told of another: that one stands for nothing. */
const withoutFormer = (
  machines: readonly (MachineRead & { readonly former?: boolean })[],
): readonly MachineRead[] => {
  // What stands above a machine told by its name, and tells of none, is none.
  const isNone = (m: MachineRead) => m.model === '' && m.maker === '' && m.proposals.length === 0;
  const kept = machines.filter(
    (m) => !isNone(m) && (!m.former || m.proposals.some((p) => p.ticked)),
  );
  return (kept.length > 0 ? kept : machines).map(({ former: _, ...m }) => m);
};

/** What no machine has as it is told, put right where it can be and asked about. */
const unlikely = (proposals: readonly Proposal[]): readonly Proposal[] =>
  largerInFront(permittedAsLoad(proposals));

/** From the first of many places to the last; too many for one call with all of them. */
function spanOf(places: readonly number[]): { readonly from: number; readonly to: number } {
  let [from, last] = [places[0] ?? 0, places[0] ?? 0];
  for (const place of places) [from, last] = [Math.min(from, place), Math.max(last, place)];
  return { from, to: last + 1 };
}

const isUnnamedPair = ({
  machines,
}: {
  readonly machines: readonly { readonly name?: string | undefined }[];
}): boolean => machines.length === 2 && machines.every((m) => m.name === undefined);

/** Machines told apart: what the whole text made doubtful is not, where a part of it names one alone. */
const apart = (blocks: readonly (readonly ScannedLine[])[], survey: Survey) =>
  blocks.map((lines) => ({
    lines,
    survey:
      blocks.length > 1 && survey.several
        ? { ...survey, several: namesSeveral(lines.map((l) => l.written).join('\n')) }
        : survey,
  }));

/** How many letters of the word at a place stand before it. */
const withinWord = (text: string, at: number): number =>
  /^\p{L}{2}/u.test(text.slice(Math.max(0, at - 1)))
    ? (/[\p{L}-]+$/u.exec(text.slice(Math.max(0, at - 24), at))?.[0].length ?? 0)
    : 0;

/** Places and words as they stand in the text, where reading put a sign or a unit in place of another, or set it anew. */
function asTyped(machine: MachineRead, laid: PlacedText, text: string): MachineRead {
  const typed = <P extends { readonly words: string; readonly from: number; readonly to: number }>(
    proposal: P,
  ): P => {
    const { words, from, to } = proposal;
    const place = asItStood(laid, text, from, to);
    const at = laid.text.slice(from, to).indexOf(words);
    // Of two numbers said in one run of words the second begins within them: "fifteen forty-six".
    const within = laid.places ? 0 : withinWord(text, from + at);
    const said =
      at < 0
        ? words.replace(/\s+/gu, ' ')
        : laid.places
          ? wordsOf(laid, text, from, to)
          : text.slice(from + at - within, from + at + words.length);
    return {
      ...proposal,
      ...place,
      ...(within > 0 ? { from: place.from - within } : {}),
      words: said.trim().replace(/\s*\n[\s>]*/gu, ' '),
    };
  };
  const whole = laid.places?.slice(machine.from, machine.to);
  return {
    ...machine,
    proposals: machine.proposals.map(typed),
    passedOver: machine.passedOver.map((p) => ({ ...p, ...asItStood(laid, text, p.from, p.to) })),
    ...(whole && whole.length > 0 ? spanOf(whole) : {}),
  };
}

function fromLines(
  all: readonly ScannedLine[],
  survey: Survey,
  name: string | undefined,
  listen: Listen | undefined,
  whole: string,
): MachineRead {
  const lines = all.map((l) => ({ line: l.written, offset: l.offset }));
  const text = lines.map((l) => l.line).join('\n');
  const found = named(text, lines, name);
  const names = found.model === '' ? { ...found, ...toldAs(all, whole) } : found;
  const own = `${names.maker} ${names.model}`.toLowerCase().split(/\s+/).filter(Boolean);
  const read: BlockRead = readBlock(all, survey, footnotesIn(all), own, listen);
  const told = tubesAsked(
    onlyOnes(
      settled(unlikely(changedElsewhere(lowAsItIs(read.proposals, whole), text, whole))),
      read.passedOver,
      all,
      survey,
      own,
    ),
    text,
  );
  const sure = survey.unlike ? [] : survey.sums ? tyresAlone(told) : told;
  const proposals = withLikely(sure, survey.unlike ? [] : read.likely);
  const first = lines[0];
  const last = lines.at(-1);
  return {
    ...names,
    donorClass: survey.ours ? classOfText(text, tellingOnes(sure), names.model) : undefined,
    sale: survey.sale && survey.ours ? saleOf(read.clock, text) : undefined,
    proposals,
    passedOver: survey.unlike
      ? []
      : read.passedOver.filter(
          (p) =>
            p.from !== onTheClock(read.clock, ['km', 'mi'])?.from &&
            !proposals.some((x) => x.from === p.from && x.kind === 'figure'),
        ),
    from: first?.offset ?? 0,
    to: (last?.offset ?? 0) + (last?.line.length ?? 0),
  };
}

/** "The Loma: 860 mm seat": by the name under which it is told, in full where the text says that elsewhere. */
function toldAs(lines: readonly ScannedLine[], whole: string): { readonly model?: string } {
  const machine = lines.find((l) => l.machine !== undefined)?.machine;
  if (machine === undefined) return {};
  const full = new RegExp(`(?<!\\p{L})${machine} \\d{2,4}(?![\\d.,]*\\d)`, 'u').exec(whole)?.[0];
  return { model: full ?? machine };
}

/** A text that gives nothing but tyre sizes may sell tyres. */
const tyresAlone = (found: readonly Proposal[]): readonly Proposal[] =>
  found.every((p) => p.key === 'tyreFront' || p.key === 'tyreRear')
    ? found.map((p) => ({
        ...p,
        doubts: [...p.doubts, { code: 'text-unlike' as const }],
        ticked: false,
      }))
    : found;

/** What an engine gives is told by its unit, if nothing else speaks against it: enough for the class. */
const isByUnit = (p: Proposal): boolean =>
  (p.key === 'power' || p.key === 'torque') && p.doubts.every((d) => d.code === 'label-unsaid');

/** Those that would be taken as they stand, and what the engine gives; or all where none would. */
const tellingOnes = (found: readonly Proposal[]): readonly Proposal[] =>
  found.some((p) => p.ticked) ? found.filter((p) => p.ticked || isByUnit(p)) : found;

function named(text: string, lines: readonly Line[], name: string | undefined) {
  const said = namesIn(name ?? text, name === undefined ? lines : [{ line: name, offset: 0 }]);
  return {
    maker: said?.maker ?? '',
    model: said?.model ?? name ?? '',
    year: said?.year,
    ...(said?.former ? { former: true } : {}),
  };
}

function fromRow(
  m: {
    readonly name: string;
    readonly maker?: string;
    readonly model?: string;
    readonly proposals: readonly Proposal[];
  },
  survey: Survey,
): MachineRead {
  return {
    ...named(m.name, [], m.name),
    ...(m.maker !== undefined && m.model !== undefined ? { maker: m.maker, model: m.model } : {}),
    donorClass: classOfText(m.name, m.proposals, m.name),
    sale: survey.sale ? { odometer: undefined, hours: undefined, said: [] } : undefined,
    proposals: settled(unlikely(m.proposals)),
    passedOver: [],
    from: m.proposals[0]?.from ?? 0,
    to: m.proposals.at(-1)?.to ?? 0,
  };
}

/** The likeliest of what may be on the clock, in these units. */
const onTheClock = (clock: readonly ClockReading[], units: readonly string[]) =>
  clock
    .filter((c) => units.includes(c.unit))
    .reduce<ClockReading | undefined>((a, b) => (!a || b.points > a.points ? b : a), undefined);

function saleOf(clock: readonly ClockReading[], text: string): SaleRead {
  const distance = onTheClock(clock, ['km', 'mi']);
  const hours = onTheClock(clock, ['h']);
  return {
    odometer:
      distance && distance.unit !== 'h'
        ? { amount: distance.amount, unit: distance.unit }
        : undefined,
    hours: hours?.amount,
    said: saleWords(text),
  };
}

/** All figures and facts of a text, whichever machine they belong to. */
export const readSpecText = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
