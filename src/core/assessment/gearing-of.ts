import { combine, certain, Known } from '../numeric';
import { speedPerThousand, rollingCircumference, Drivetrain } from '../gearing';
import { GEAR_RATIOS, readingInUse, FigureKey, type NormalFigures } from '../readings';
import { USUAL_SECTION, mids, PullOf, Found } from './found';
import { factInUse } from '../facts';
import { typicalGears } from '../typical';
import { parseTyre } from '../tyre';
import type { Donor } from '../donor';

/** Ratios and sprockets as quoted, or what is missing of them. */
function quotedGears(figures: NormalFigures): Found<readonly number[]> {
  // Every gear up to the last, or none: a ratio left out in the middle would move the others down.
  const count =
    figures.gears.estimate.kind === 'known'
      ? figures.gears.estimate.mid
      : GEAR_RATIOS.findLastIndex((key) => figures[key].estimate.kind === 'known') + 1;
  return mids(figures, [
    'gears',
    'primaryRatio',
    ...(hasFinalRatio(figures) ? (['finalRatio'] as const) : SPROCKETS),
    ...GEAR_RATIOS.slice(0, Math.max(1, count)),
  ]);
}

const SPROCKETS = ['sprocketFront', 'sprocketRear'] as const;

/** A shaft or belt has a ratio of its own; sprockets that are counted come first. */

const hasFinalRatio = (figures: NormalFigures): boolean =>
  figures.finalRatio.estimate.kind === 'known' &&
  SPROCKETS.some((key) => figures[key].estimate.kind === 'unknown');

/** First gear and the highest. */
export type GearEnd = 'first' | 'top';

/** What lies between a machine's gears and the road. */
interface Gearing {
  /** Speed for each 1000 rpm in first and in the highest gear, km/h. */
  readonly first: Known;
  readonly top: Known;
  /** Figures that nobody has given, so that an end is only typical of the class. Empty: as quoted or watched. */
  readonly typical: Readonly<Record<GearEnd, readonly FigureKey[]>>;
  readonly train: (first: number, top: number) => Drivetrain;
}

/**
 * Gears as quoted, else by the speed for each 1000 rpm that was watched on the road or is typical of the class. Sprockets that parts change change those too; then
 * the stock ones have to be known. Between first and highest gear the speeds lie half way between equal steps and equal ratios (own
 * assumption). Without a tyre size the rim and a usual section are taken.
 */
export function gearing({ donor, figures }: PullOf): Found<Gearing> {
  const tyre = parseTyre(factInUse(donor.facts?.tyreRear)?.value ?? '');
  const rim = figures.wheelRear.estimate;
  const diameter =
    tyre?.diameter_mm ?? (rim.kind === 'known' ? rim.mid + 2 * USUAL_SECTION : undefined);
  if (diameter === undefined) return { kind: 'unknown', missing: ['wheelRear'] };
  const circumference_m = rollingCircumference(diameter);
  const quoted = quotedGears(figures);
  if (quoted.kind === 'known') {
    const final = hasFinalRatio(figures) ? [1] : [];
    const [, primary = 0, ...rest] = quoted.value;
    const [frontTeeth = 0, rearTeeth = 0, ...gears] = [...final, ...rest];
    const train = { primary, gears, frontTeeth, rearTeeth, circumference_m };
    return {
      kind: 'known',
      value: {
        first: certain(speedPerThousand(train, 1)),
        top: certain(speedPerThousand(train, gears.length)),
        typical: { first: [], top: [] },
        train: () => train,
      },
    };
  }
  const [first, top] = [figures.speedFirst.estimate, figures.speedTop.estimate];
  const final = finalChange(donor, figures);
  if (first.kind === 'unknown' || top.kind === 'unknown' || final.kind === 'unknown')
    return { kind: 'unknown', missing: final.kind === 'unknown' ? final.missing : quoted.missing };
  const count =
    figures.gears.estimate.kind === 'known' ? figures.gears.estimate.mid : typicalGears(donor);
  const scaled = (speed: Known): Known =>
    combine([speed] as const, (kmh) => kmh * final.value.speed) as Known;
  const { frontTeeth, rearTeeth } = final.value;
  return {
    kind: 'known',
    value: {
      first: scaled(first),
      top: scaled(top),
      typical: {
        first: figures.speedFirst.typical ? (quoted.missing as readonly FigureKey[]) : [],
        top: figures.speedTop.typical ? (quoted.missing as readonly FigureKey[]) : [],
      },
      train: (low, high) => ({
        primary: 1,
        gears: speedsBetween(low, high, count).map(
          (kmh) => ((60 * circumference_m) / kmh) * (frontTeeth / rearTeeth),
        ),
        frontTeeth,
        rearTeeth,
        circumference_m,
      }),
    },
  };
}

/** Speeds of all gears between first and highest. */

function speedsBetween(first: number, top: number, count: number): readonly number[] {
  if (count < 2) return [top];
  return Array.from({ length: count }, (_, i) => {
    const share = i / (count - 1);
    const [even, geometric] = [first + (top - first) * share, first * (top / first) ** share];
    return (even + geometric) / 2;
  });
}

/** Teeth now, and how much faster than on the stock ones the same revs go; one to one where nobody has counted them and no part changes them. */

function finalChange(
  donor: Donor,
  figures: NormalFigures,
): Found<{ readonly frontTeeth: number; readonly rearTeeth: number; readonly speed: number }> {
  const keys = ['sprocketFront', 'sprocketRear'] as const;
  const changes = keys.map((key) => {
    const { estimate } = figures[key];
    const stock = readingInUse(donor.figures[key])?.amount;
    const now = estimate.kind === 'known' ? estimate.mid : undefined;
    return { key, stock, now, open: now !== undefined && stock === undefined };
  });
  const open = changes.filter((c) => c.open).map((c) => c.key);
  if (open.length > 0) return { kind: 'unknown', missing: open };
  const [front, rear] = changes;
  const by = (c: (typeof changes)[number] | undefined): number =>
    c?.now === undefined || c.stock === undefined ? 1 : c.now / c.stock;
  const counted = front?.now !== undefined && rear?.now !== undefined;
  return {
    kind: 'known',
    value: {
      frontTeeth: counted ? (front.now ?? 1) : 1,
      rearTeeth: counted ? (rear.now ?? 1) : 1,
      speed: by(front) / by(rear),
    },
  };
}
