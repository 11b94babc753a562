/** Absolute zero, °C. */
const ZERO = -273.15;

/** Where a pressure was set, and where it is ridden. Air pressure in bar. */
export interface PressureMove {
  readonly set_bar: number;
  readonly setAt_C: number;
  readonly riddenAt_C: number;
  readonly setAir_bar: number;
  readonly riddenAir_bar: number;
}

/** What the gauge shows elsewhere, bar: (p + air) × T₂ ÷ T₁ − air there (Gay-Lussac at constant volume; textbook). */
export const gaugeThere = ({
  set_bar,
  setAt_C,
  riddenAt_C,
  setAir_bar,
  riddenAir_bar,
}: PressureMove): number =>
  ((set_bar + setAir_bar) * (riddenAt_C - ZERO)) / (setAt_C - ZERO) - riddenAir_bar;

/** A tyre with a tube and no rim lock below this slips on its rim and tears the valve off; below the other, stones reach the rim. bar; common practice, no source. */
export const PRESSURE_FLOORS = {
  tubeNoLock: 1.4,
  tube: 1.0,
  tubeless: 1.2,
  rimLocks: 0.8,
} as const;

/** The least pressure for what holds the tyre, bar: more with load, 0.1 for each 40 kg on that axle beyond rider and machine (own assumption). */
export function pressureFloor(
  { tube, rimLock }: { readonly tube: boolean | undefined; readonly rimLock: boolean | undefined },
  luggage_kg: number,
): number {
  const base =
    tube === false
      ? PRESSURE_FLOORS.tubeless
      : rimLock === true
        ? PRESSURE_FLOORS.rimLocks
        : PRESSURE_FLOORS.tubeNoLock;
  return base + (Math.max(0, luggage_kg) / 40) * 0.1;
}
