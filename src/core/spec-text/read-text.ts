import type { CurrencyCode } from '../units';
import { asTyped } from './layout/as-typed';
import { columnsWithoutMarks } from './layout/columns-without-marks';
import { labelsOverValues, machinesUnderLabels } from './layout/label-over-value';
import { laidOut } from './layout/laid-out';
import { withoutLogs } from './layout/logs';
import { readMachineTable } from './layout/read-table';
import { pairedMachines, twoInTitle } from './layout/two-in-a-line';
import type { Listen } from './line-context';
import type { Proposal } from './proposal';
import { fromLines, fromRow, type MachineRead } from './read-machine';
import { withoutStrange } from './text/about';
import { withoutGreetings } from './text/greetings';
import { linesOf, scanned } from './text/lines';
import { blocksOf } from './text/machines-apart';
import { withCapitals } from './text/names/with-capitals';
import { normalised } from './text/normalised';
import type { ScannedLine } from './text/scanned-line';
import { withoutSurroundings } from './text/surroundings';
import { namesSeveral, surveyOf, type Survey } from './text/survey';
import { tidied } from './text/tidied';
import { isPersonal, isSpoken } from './text/who-tells';

/** Longest text that is read, characters. */
export const SPEC_TEXT_LIMIT = 100_000;

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

/** All figures and facts of a text, whichever machine they belong to. */
export const readSpecText = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
