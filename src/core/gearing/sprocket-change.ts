import { finalRatio, type Drivetrain } from './drivetrain';

export interface SprocketChange {
  /** Change of road speed at one engine speed, as a share; below 0 is shorter. */
  readonly speed: number;
  /** Change of engine speed at one road speed, as a share. */
  readonly engine: number;
  /** What a speedometer driven by the output shaft then shows ÷ what it showed. A wheel sensor does not care. */
  readonly speedometer: number;
}

/** What other sprockets do. Shorter by 6.25 % means 6.67 % more revs: the two are not the same number. */
export function sprocketChange(
  train: Pick<Drivetrain, 'frontTeeth' | 'rearTeeth'>,
  frontTeeth: number,
  rearTeeth: number,
): SprocketChange {
  const factor = finalRatio({ frontTeeth, rearTeeth }) / finalRatio(train);
  return { speed: 1 / factor - 1, engine: factor - 1, speedometer: factor };
}
