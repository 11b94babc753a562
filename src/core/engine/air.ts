export interface Air {
  readonly temperature_K: number;
  readonly pressure_hPa: number;
  readonly density_kgm3: number;
}

const GAS_CONSTANT = 287.05287;

/**
 * Standard atmosphere (ISO 2533, from memory): T = 288.15 − 0.0065·H; p = 1013.25·(1 − 0.0065·H/288.15)^5.25588; ρ = p/(R·T).
 * With `temperature_C` the pressure stays and the density follows the real temperature. Altitude 0–11 000 m.
 */
export function airAt(altitude_m: number, temperature_C?: number): Air {
  const standard = 288.15 - 0.0065 * altitude_m;
  const pressure_hPa = 1013.25 * (1 - (0.0065 * altitude_m) / 288.15) ** 5.25588;
  const temperature_K = temperature_C === undefined ? standard : temperature_C + 273.15;
  return {
    temperature_K,
    pressure_hPa,
    density_kgm3: (pressure_hPa * 100) / (GAS_CONSTANT * temperature_K),
  };
}

/** The constants of the power correction of ISO 1585 / ISO 4106 (from memory): dry pressure, temperature, and their powers. */
export const ISO_POWER = {
  pressure_kPa: 99,
  pressurePower: 1.2,
  temperature_K: 298,
  temperaturePower: 0.6,
} as const;

/**
 * Power of a naturally aspirated engine in this air ÷ rated power: 1/α, α = (99/p[kPa])^1.2·(T/298)^0.6, dry air
 * (ISO 1585 / ISO 4106, from memory). Made for 0.93–1.07; altitude is an extrapolation.
 */
export const powerInAir = ({ pressure_hPa, temperature_K }: Air): number =>
  1 /
  (((ISO_POWER.pressure_kPa * 10) / pressure_hPa) ** ISO_POWER.pressurePower *
    (temperature_K / ISO_POWER.temperature_K) ** ISO_POWER.temperaturePower);
