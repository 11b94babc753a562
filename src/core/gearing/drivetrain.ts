/** Everything between crank and road. Ratios are reductions (above 1 slows down). */
export interface Drivetrain {
  readonly primary: number;
  /** First to top gear. */
  readonly gears: readonly number[];
  /** Sprockets. The final ratio of a shaft or belt counts as so many teeth behind to one in front. */
  readonly frontTeeth: number;
  readonly rearTeeth: number;
  /** Rolling circumference of the rear tyre, m. */
  readonly circumference_m: number;
}

/** Rear teeth ÷ front teeth. */
export const finalRatio = ({
  frontTeeth,
  rearTeeth,
}: Pick<Drivetrain, 'frontTeeth' | 'rearTeeth'>): number => rearTeeth / frontTeeth;

/** Crank turns for one turn of the rear wheel, in gear `gear` (1 is first). */
export function totalRatio(train: Drivetrain, gear: number): number {
  const ratio = train.gears[gear - 1];
  if (ratio === undefined) throw new RangeError(`totalRatio: no gear ${gear}`);
  return train.primary * ratio * finalRatio(train);
}

/** km/h for each 1000 rpm: 60·C/i. Exact kinematics; slip (1–3 %) is left out. */
export const speedPerThousand = (train: Drivetrain, gear: number): number =>
  (60 * train.circumference_m) / totalRatio(train, gear);

/** Engine speed at a road speed, rpm. */
export const rpmAt = (train: Drivetrain, gear: number, speed_kmh: number): number =>
  (speed_kmh / speedPerThousand(train, gear)) * 1000;

/** Fall of engine speed on changing up, from each gear to the next, as a share. */
export const gearGaps = ({ gears }: Pick<Drivetrain, 'gears'>): readonly number[] =>
  gears.slice(1).map((ratio, i) => 1 - ratio / (gears[i] ?? ratio));

/** Speed in first at idle: how slowly it crawls without the clutch, km/h. */
export const crawlSpeed = (train: Drivetrain, idle_rpm: number): number =>
  (speedPerThousand(train, 1) * idle_rpm) / 1000;

/** Rolling circumference ÷ free circumference (ETRTO car practice, 3.05·D; low confidence for motorcycles, from memory). */
export const ROLLING_SHARE = 3.05 / Math.PI;

/** Rolling circumference of a tyre from its overall diameter, m. */
export const rollingCircumference = (diameter_mm: number): number => (3.05 * diameter_mm) / 1000;
