import { assess, caseOf, mustsOf, surenessOf } from '../assessment';
import type { Brief, MustKey } from '../brief';
import type { Donor, DonorClass } from '../donor';
import type { Evidence } from '../evidence';
import { allOf, shareOf, type Interval } from '../numeric';
import { fitScore, wantCurves, wantWeights } from '../preference';
import type { Part } from '../part';
import { figureDefinition, type DonorFigures, type FigureKey } from '../readings';
import { isTypicalKey, typicalOf } from '../typical';
import { shownReading, typicalMachine } from './typical-machine';

/** The figure that a buyer reads to see whether a must will hold, and which way it has to lie. */
const READ_FOR: Readonly<
  Record<MustKey, { readonly figure: FigureKey; readonly side: 'least' | 'most' }>
> = {
  stance: { figure: 'seatHeight', side: 'most' },
  readyMass: { figure: 'mass', side: 'most' },
  range: { figure: 'tank', side: 'least' },
  cruise: { figure: 'power', side: 'least' },
  payload: { figure: 'maxMass', side: 'least' },
  clearance: { figure: 'clearance', side: 'least' },
  licence: { figure: 'power', side: 'most' },
  money: { figure: 'price', side: 'most' },
};

/** What one figure must show for its must to hold as surely as is asked. `any`: whatever it shows. `never`: no value of it is enough by itself. */
export type Wanted =
  | { readonly kind: 'limit'; readonly amount: number }
  | { readonly kind: 'any' }
  | { readonly kind: 'never' };

export interface LookForLine {
  readonly must: MustKey;
  readonly figure: FigureKey;
  readonly side: 'least' | 'most';
  readonly wanted: Wanted;
  /** What machines of the class show; absent: not known. */
  readonly typical: Interval | undefined;
  /** What would do instead: the same limit with a part added, or with another figure at one end of the class. */
  readonly instead: readonly Instead[];
}

export type Instead =
  | { readonly kind: 'part'; readonly parts: readonly Part[]; readonly wanted: Wanted }
  | {
      readonly kind: 'figure';
      readonly figure: FigureKey;
      readonly amount: number;
      readonly wanted: Wanted;
    };

/** What a machine of a class has to show for a brief, each must by itself; and what one that just shows it all comes to. */
export interface LookFor {
  readonly lines: readonly LookForLine[];
  /** Share of the draws in which all musts hold for a machine that just shows every limit. */
  readonly all: number;
  readonly fit: Interval;
}

/** A figure is sought to so many steps between the ends of what it may be. */
const STEPS = 14;

interface Asked {
  readonly brief: Brief;
  readonly evidence: Evidence | undefined;
  /** The machine asked about, when it shows these figures. */
  readonly machine: (shown: DonorFigures) => Donor;
}

/** A machine of a class of which nothing else is told. */
const ofClass =
  (donorClass: DonorClass): Asked['machine'] =>
  (shown) =>
    typicalMachine(donorClass, shown);

/** How often a must holds when the machine shows these figures. */
function chanceOf(
  { brief, evidence, machine }: Asked,
  must: MustKey,
  figures: DonorFigures,
  parts: readonly Part[],
): number {
  const donor = machine(figures);
  const [result] = mustsOf(caseOf({ brief, donor, parts, ...(evidence ? { evidence } : {}) }), [
    must,
  ]);
  return result?.holds.kind === 'known' ? shareOf(result.holds) : 0;
}

/** Between which ends a figure is sought: all that it may be; money up to the whole budget. */
function endsOf(brief: Brief, figure: FigureKey): readonly [number, number] {
  if (figure === 'price') return [100, Math.max(200, brief.money.budget)];
  const { min, max } = figureDefinition(figure).limits;
  return [min, max];
}

function wantedOf(
  asked: Asked,
  must: MustKey,
  also: DonorFigures = {},
  parts: readonly Part[] = [],
): Wanted {
  const { figure, side } = READ_FOR[must];
  const sureness = surenessOf(asked.brief);
  return sought(endsOf(asked.brief, figure), side, (amount) => {
    const shown = showing(asked.brief, figure, amount);
    return chanceOf(asked, must, { ...also, ...shown }, parts) >= sureness;
  });
}

/** One figure as a sheet shows it. */
export const showing = (
  { money }: Pick<Brief, 'money'>,
  figure: FigureKey,
  amount: number,
): DonorFigures => ({
  [figure]: { readings: [shownReading(figure, amount, money.currency)] },
});

/** The value nearest the hard end that is enough, by halving; more on the easy side is enough as well. */
export function sought(
  [low, high]: readonly [number, number],
  side: 'least' | 'most',
  enough: (amount: number) => boolean,
): Wanted {
  const [easy, hard] = side === 'most' ? [low, high] : [high, low];
  if (!enough(easy)) return { kind: 'never' };
  if (enough(hard)) return { kind: 'any' };
  let [yes, no] = [easy, hard];
  for (let i = 0; i < STEPS; i += 1) {
    const mid = (yes + no) / 2;
    if (enough(mid)) yes = mid;
    else no = mid;
  }
  return { kind: 'limit', amount: yes };
}

/**
 * What a donor of this class must show for one must to hold as surely as the brief asks, everything that is not shown being what is
 * typical of the class. Shown figures carry the doubt of a claim. A must that hangs on no figure of the sheet for this rider (a full
 * licence) asks for nothing.
 *
 * @param helpers parts that help the must, each with what it needs; the figure then has to show less
 * @param price what machines of the class are asked; absent: not known
 */
export function lookForMust(
  brief: Brief,
  donorClass: DonorClass,
  evidence: Evidence | undefined,
  must: MustKey,
  helpers: readonly (readonly Part[])[] = [],
  price?: Interval,
): LookForLine {
  const asked = { brief, evidence, machine: ofClass(donorClass) };
  const { figure, side } = READ_FOR[must];
  const wanted = wantedOf(asked, must);
  const withParts = helpers.map((parts): Instead => {
    return { kind: 'part', parts, wanted: wantedOf(asked, must, {}, parts) };
  });
  const typical = isTypicalKey(figure) ? typicalOf(donorClass, figure, brief.typical) : undefined;
  return {
    must,
    figure,
    side,
    wanted,
    typical: figure === 'price' ? price : typical,
    instead: [
      ...withParts.filter((way) => wanted.kind !== 'any' && way.wanted.kind !== 'never'),
      ...(must === 'range' ? ifThrifty(asked, donorClass) : []),
    ],
  };
}

/** What a machine of a class comes to that just shows what its lines ask. */
export function justShowing(
  brief: Brief,
  donorClass: DonorClass,
  evidence: Evidence | undefined,
  lines: readonly LookForLine[],
): LookFor {
  const donor = typicalMachine(donorClass, justEnough(brief, lines));
  const { musts, metrics } = assess(caseOf({ brief, donor, ...(evidence ? { evidence } : {}) }));
  const known = musts.flatMap((m) => (m.holds.kind === 'known' ? [m.holds] : []));
  return {
    lines,
    all: known.length === 0 ? 1 : shareOf(allOf(known)),
    fit: fitScore(metrics, wantCurves(brief), wantWeights(brief), donor.id).points,
  };
}

/** A brief turned round: which figures a donor of this class must show for the musts to hold, must by must. */
export const lookFor = (
  brief: Brief,
  donorClass: DonorClass,
  evidence: Evidence | undefined,
  helpers: Readonly<Partial<Record<MustKey, readonly (readonly Part[])[]>>> = {},
  price?: Interval,
): LookFor =>
  justShowing(
    brief,
    donorClass,
    evidence,
    brief.musts.on.map((must) =>
      lookForMust(brief, donorClass, evidence, must, helpers[must], price),
    ),
  );

/** The figures of a machine that just shows every limit. Where two musts ask for the same figure, the stricter one. */
export function justEnough(brief: Brief, lines: readonly LookForLine[]): DonorFigures {
  const limits = new Map<FigureKey, number>();
  for (const { figure, side, wanted } of lines) {
    if (wanted.kind !== 'limit') continue;
    const before = limits.get(figure);
    const stricter = side === 'most' ? Math.min : Math.max;
    limits.set(
      figure,
      before === undefined
        ? rounded(wanted.amount, side)
        : stricter(before, rounded(wanted.amount, side)),
    );
  }
  return Object.assign(
    {},
    ...[...limits].map(([figure, amount]) => showing(brief, figure, amount)),
  ) as DonorFigures;
}

/** What one figure of one machine must show, everything else being as it is told or typical; for the musts that are asked. */
export interface LimitOn {
  readonly must: MustKey;
  readonly figure: FigureKey;
  readonly side: 'least' | 'most';
  readonly wanted: Wanted;
}

/** A brief turned round for one machine: what a tape, a scale or a look at the papers must show there for a must to hold. */
export function limitOn(
  brief: Brief,
  donor: Donor,
  evidence: Evidence | undefined,
  must: MustKey,
): LimitOn {
  const machine = (shown: DonorFigures): Donor => ({
    ...donor,
    figures: { ...donor.figures, ...shown },
  });
  return { must, ...READ_FOR[must], wanted: wantedOf({ brief, evidence, machine }, must) };
}

/** A limit is not overstepped by rounding. */
const rounded = (amount: number, side: 'least' | 'most'): number =>
  side === 'most' ? Math.floor(amount * 10) / 10 : Math.ceil(amount * 10) / 10;

/** How large a tank does for the thriftiest machines of a class. */
function ifThrifty(asked: Asked, donorClass: DonorClass): readonly Instead[] {
  const thrifty = typicalOf(donorClass, 'consumption', asked.brief.typical)?.low;
  if (thrifty === undefined) return [];
  const wanted = wantedOf(asked, 'range', showing(asked.brief, 'consumption', thrifty));
  return [{ kind: 'figure', figure: 'consumption', amount: thrifty, wanted }];
}
