import { withLikely } from './learnt/likely';
import type { Listen } from './line-context';
import type { ClockReading } from './link/clock';
import type { PassedOver, Proposal } from './proposal';
import { atOdds } from './text/at-odds';
import { changedElsewhere } from './text/changed-elsewhere';
import { largerInFront } from './text/larger-in-front';
import type { Line } from './text/lines';
import { lowAsItIs } from './text/low-as-it-is';
import { classOfText, type ClassRead } from './text/machine-class';
import { namesIn } from './text/names';
import { onlyOnes } from './text/only-one';
import { footnotesIn, readBlock, type BlockRead } from './text/read-block';
import { saleWords, type SaleWord } from './text/sale-words';
import type { ScannedLine } from './text/scanned-line';
import { settled } from './text/settle';
import type { Survey } from './text/survey';
import { permittedAsLoad } from './text/too-light';
import { tubesAsked } from './text/tubes';

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

/** What no machine has as it is told, put right where it can be and asked about. */
const unlikely = (proposals: readonly Proposal[]): readonly Proposal[] =>
  atOdds(largerInFront(permittedAsLoad(proposals)));

/** What lines tell of the one machine that they are about.
 *
 * @param whole the text that they stand in
 */
export function fromLines(
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

/** What a row of a table tells of its machine. */
export function fromRow(
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
