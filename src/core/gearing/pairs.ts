import { centreDistance, chainLinks } from './chain';
import { crawlSpeed, finalRatio, rpmAt, type Drivetrain } from './drivetrain';
import { sprocketChange, type SprocketChange } from './sprocket-change';
import { USUAL_CENTRE_MM, type ChainFigures } from './sprocket-options';

/** Teeth of one pair, countershaft first. */
export interface Teeth {
  readonly front: number;
  readonly rear: number;
}

/** What the rider asks of the gears: how slowly first should crawl at idle, and the most of the redline at the cruise, 0–1. */
export interface GearWishes {
  readonly crawl_kmh: number;
  readonly revsShare: number;
}

/** A walking pace, and half way to where most engines are said to be strained. Own assumptions; the rider puts them right. */
export const USUAL_WISHES: GearWishes = { crawl_kmh: 7, revsShare: 0.6 };
/** Limits of the wishes; schema, editor and tests read them. */
export const WISH_LIMITS = {
  crawl_kmh: { min: 2, max: 25 },
  revs_percent: { min: 20, max: 100 },
} as const;

/** Teeth that are looked at round those fitted. Below 11 in front a chain wears quickly (common practice, no source). */
const ROUND = { front: 2, rear: 7 } as const;
const LEAST_FRONT = 11;
/** Teeth that a machine may have at all, as on its sheet. */
const MOST = { front: 22, rear: 70 } as const;
const LEAST_REAR = 26;

/** What a pair asks of the chain. */
export interface ChainChange {
  /** Links more than now, an even number; 0: the same chain. */
  readonly links: number;
  /** How far the axle then moves, mm; above 0 forwards. */
  readonly axleForward_mm: number;
}

export interface SprocketPair extends Teeth {
  readonly change: SprocketChange;
  readonly crawl_kmh: number;
  /** Engine speed at the cruise in top gear, rpm, and as a share of the redline. */
  readonly cruise_rpm: number;
  readonly revsShare: number;
  /** Absent: the chain's pitch is not known. */
  readonly chain: ChainChange | undefined;
  readonly keeps: { readonly crawl: boolean; readonly revs: boolean };
}

/** What pairs are judged by. */
export interface PairSetting {
  readonly train: Drivetrain;
  readonly idle_rpm: number;
  readonly redline_rpm: number;
  readonly cruise_kmh: number;
  readonly chain: ChainFigures;
  readonly wishes: GearWishes;
}

/** A hair for rounding, so that a pair that just reaches a wish keeps it. */
const HAIR = 1e-9;

/**
 * The chain that a pair takes: of all even changes of its length the one that moves the axle least. Where the links are not known the usual
 * length of a swing arm is taken; the move hardly depends on it.
 */
export function chainFor(
  now: Teeth,
  then: Teeth,
  { pitch_mm, links }: ChainFigures,
): ChainChange | undefined {
  if (pitch_mm === undefined) return undefined;
  const have = links ?? chainLinks(now.front, now.rear, USUAL_CENTRE_MM, pitch_mm);
  const centre = centreDistance(now.front, now.rear, have, pitch_mm);
  const wanted = chainLinks(then.front, then.rear, centre, pitch_mm) - have;
  const even = 2 * Math.round(wanted / 2);
  return {
    links: even === 0 ? 0 : even,
    axleForward_mm: centre - centreDistance(then.front, then.rear, have + even, pitch_mm),
  };
}

/** One pair on a drivetrain. */
export function sprocketPair(setting: PairSetting, teeth: Teeth): SprocketPair {
  const { train, idle_rpm, redline_rpm, cruise_kmh, chain, wishes } = setting;
  const other = { ...train, frontTeeth: teeth.front, rearTeeth: teeth.rear };
  const crawl_kmh = crawlSpeed(other, idle_rpm);
  const cruise_rpm = rpmAt(other, train.gears.length, cruise_kmh);
  const revsShare = cruise_rpm / redline_rpm;
  return {
    ...teeth,
    change: sprocketChange(train, teeth.front, teeth.rear),
    crawl_kmh,
    cruise_rpm,
    revsShare,
    chain: chainFor({ front: train.frontTeeth, rear: train.rearTeeth }, teeth, chain),
    keeps: {
      crawl: crawl_kmh <= wishes.crawl_kmh + HAIR,
      revs: revsShare <= wishes.revsShare + HAIR,
    },
  };
}

/** Every pair round the one fitted, from shortest to tallest. */
export function sprocketPairs(setting: PairSetting): readonly SprocketPair[] {
  const { frontTeeth, rearTeeth } = setting.train;
  const range = (now: number, by: number, least: number, most: number): readonly number[] =>
    Array.from({ length: 2 * by + 1 }, (_, i) => now - by + i).filter(
      (n) => n === now || (n >= least && n <= most),
    );
  return range(frontTeeth, ROUND.front, LEAST_FRONT, MOST.front)
    .flatMap((front) =>
      range(rearTeeth, ROUND.rear, LEAST_REAR, MOST.rear).map((rear) =>
        sprocketPair(setting, { front, rear }),
      ),
    )
    .toSorted((a, b) => a.change.speed - b.change.speed || a.front - b.front);
}

/** What pairs are all about: one that keeps both wishes; else the ones that come nearest to each. */
export type PairAnswer =
  | { readonly kind: 'now'; readonly pair: SprocketPair }
  | { readonly kind: 'other'; readonly pair: SprocketPair; readonly now: SprocketPair }
  /** No pair keeps both: the one for the trail, and the one for the road. `undefined`: none of those looked at keeps even that one. */
  | {
      readonly kind: 'two';
      readonly now: SprocketPair;
      readonly trail: SprocketPair | undefined;
      readonly road: SprocketPair | undefined;
    };

const isNow = (pair: SprocketPair, { train }: PairSetting): boolean =>
  pair.front === train.frontTeeth && pair.rear === train.rearTeeth;

/** Sprockets to be changed, and whether the chain must be too. */
const work = (pair: SprocketPair, { train }: PairSetting): number =>
  Number(pair.front !== train.frontTeeth) +
  2 * Number(pair.rear !== train.rearTeeth) +
  2 * Number((pair.chain?.links ?? 0) !== 0);

/** The pair to take for both wishes: the least work first, then the least change of speed; or one for each where none keeps both. */
export function pairFor(setting: PairSetting): PairAnswer {
  const now = sprocketPair(setting, {
    front: setting.train.frontTeeth,
    rear: setting.train.rearTeeth,
  });
  if (now.keeps.crawl && now.keeps.revs) return { kind: 'now', pair: now };
  const pairs = sprocketPairs(setting).filter((p) => !isNow(p, setting));
  const least = (list: readonly SprocketPair[]): SprocketPair | undefined =>
    list.toSorted(
      (a, b) =>
        work(a, setting) - work(b, setting) || Math.abs(a.change.speed) - Math.abs(b.change.speed),
    )[0];
  const both = least(pairs.filter((p) => p.keeps.crawl && p.keeps.revs));
  if (both) return { kind: 'other', pair: both, now };
  const each = (wish: 'crawl' | 'revs') =>
    now.keeps[wish] ? now : least(pairs.filter((p) => p.keeps[wish]));
  return { kind: 'two', now, trail: each('crawl'), road: each('revs') };
}

/** Shifting up from one gear at the peak of power. */
export interface ShiftUp {
  readonly from: number;
  /** Fall of revs, 0–1. */
  readonly gap: number;
  readonly lands_rpm: number;
  /** Torque there by the most the engine has, 0–1. */
  readonly torqueShare: number;
}

/** What the engine has left after each change up at the revs of most power. */
export function shiftsUp(
  train: Pick<Drivetrain, 'gears'>,
  curve: {
    readonly peaks: { readonly power_rpm: number; readonly torque_Nm: number };
    readonly torqueAt: (rpm: number) => number;
  },
): readonly ShiftUp[] {
  return train.gears.slice(1).map((ratio, i): ShiftUp => {
    const gap = 1 - ratio / (train.gears[i] ?? ratio);
    const lands_rpm = curve.peaks.power_rpm * (1 - gap);
    return {
      from: i + 1,
      gap,
      lands_rpm,
      torqueShare: curve.torqueAt(lands_rpm) / curve.peaks.torque_Nm,
    };
  });
}

/** How speed was read while revs were. */
export const METERS = ['satellite', 'dash'] as const;
export type Meter = (typeof METERS)[number];

/**
 * What dashboards show over the true speed: nothing to 10 % and 4 km/h by UN R39, 5 % as a rule (reference 5; the rule is common practice,
 * no source). A satellite's speed and a rev counter together are off by some 2 % (own assumption).
 */
const READS = { dash: { over: 1.05, spread: 0.05 }, satellite: { over: 1, spread: 0.02 } } as const;

/** Speed for each 1000 rpm that was watched on the road. */
export interface WatchedGear {
  readonly perThousand_kmh: number;
  /** Half of its span, km/h. */
  readonly spread_kmh: number;
}

/** From a speed and the revs read with it; `fitted` by `stock` teeth where other sprockets were on than the sheet has. */
export function watchedGear(
  {
    speed_kmh,
    rpm,
    meter,
  }: { readonly speed_kmh: number; readonly rpm: number; readonly meter: Meter },
  fitted?: Teeth,
  stock?: Teeth,
): WatchedGear {
  const { over, spread } = READS[meter];
  const back =
    fitted && stock
      ? finalRatio({ frontTeeth: fitted.front, rearTeeth: fitted.rear }) /
        finalRatio({ frontTeeth: stock.front, rearTeeth: stock.rear })
      : 1;
  const perThousand_kmh = (speed_kmh / over / (rpm / 1000)) * back;
  return { perThousand_kmh, spread_kmh: perThousand_kmh * spread };
}
