import { centreDistance, chainLinks } from './chain';
import { crawlSpeed, speedPerThousand, type Drivetrain } from './drivetrain';
import { sprocketChange, type SprocketChange } from './sprocket-change';

/** Swing-arm length taken where the chain's links are not known, mm: the axle's move hardly depends on it. Own assumption. */
export const USUAL_CENTRE_MM = 600;

export interface SprocketOption {
  readonly frontTeeth: number;
  readonly rearTeeth: number;
  readonly change: SprocketChange;
  /** Speed in first at idle, km/h. */
  readonly crawl_kmh: number;
  /** In top gear, km/h for each 1000 rpm. */
  readonly perThousandInTop_kmh: number;
  /** How far the axle moves on the same chain, mm; above 0 forwards (a longer way round pulls it in). Absent: pitch not known. */
  readonly axleForward_mm: number | undefined;
}

export interface ChainFigures {
  readonly pitch_mm: number | undefined;
  readonly links: number | undefined;
}

/** One tooth fewer or more in front, one to three more or fewer behind: the changes that usual chains and swing arms take. */
const STEPS = [
  [-1, 0],
  [1, 0],
  [0, 1],
  [0, 2],
  [0, 3],
  [0, -1],
  [0, -2],
] as const;

/** What other sprockets would do to a drivetrain, in the order of speed from shortest to tallest. */
export function sprocketOptions(
  train: Drivetrain,
  idle_rpm: number,
  chain: ChainFigures,
): readonly SprocketOption[] {
  const centre = (front: number, rear: number): number | undefined => {
    if (chain.pitch_mm === undefined) return undefined;
    const links =
      chain.links ?? chainLinks(train.frontTeeth, train.rearTeeth, USUAL_CENTRE_MM, chain.pitch_mm);
    return centreDistance(front, rear, links, chain.pitch_mm);
  };
  const now = centre(train.frontTeeth, train.rearTeeth);
  return STEPS.map(([df, dr]): SprocketOption => {
    const [frontTeeth, rearTeeth] = [train.frontTeeth + df, train.rearTeeth + dr];
    const other = { ...train, frontTeeth, rearTeeth };
    const then = centre(frontTeeth, rearTeeth);
    return {
      frontTeeth,
      rearTeeth,
      change: sprocketChange(train, frontTeeth, rearTeeth),
      crawl_kmh: crawlSpeed(other, idle_rpm),
      perThousandInTop_kmh: speedPerThousand(other, train.gears.length),
      axleForward_mm: now === undefined || then === undefined ? undefined : now - then,
    };
  }).sort((a, b) => a.change.speed - b.change.speed);
}
