import {
  STANDARD_GRAVITY,
  litresPer100Km,
  type KilometresPerHour,
  type LitresPer100Km,
} from '../units';

/** A machine, its load and the air it meets, as far as steady fuel use needs them. */
export interface SteadyMachine {
  readonly mass_kg: number;
  readonly rollingCoefficient: number;
  /** Drag area, m². */
  readonly dragArea_m2: number;
  readonly airDensity_kgm3: number;
  readonly drivelineEfficiency: number;
  readonly topGear_kmhPer1000rpm: number;
  readonly displacement_L: number;
  /** Against the rider, m/s. */
  readonly headwind_ms?: number;
}

/** An invented mid-size machine with rider; it serves as the shape of fuel use over speed, not its height. */
export const REFERENCE_MACHINE: SteadyMachine = {
  mass_kg: 300,
  rollingCoefficient: 0.02,
  dragArea_m2: 0.55,
  airDensity_kgm3: 1.225,
  drivelineEfficiency: 0.9,
  topGear_kmhPer1000rpm: 27.0795,
  displacement_L: 0.7,
};

/** Friction and pumping, bar; indicated efficiency; fuel energy, J per litre (0.745 kg/L × 43.0 MJ/kg). Own, low confidence. */
const FRICTION_BAR = 1.8;
const INDICATED_EFFICIENCY = 0.37;
const ENERGY_PER_LITRE = 0.745 * 43.0e6;

/**
 * Fuel use at steady speed on the level in top gear, L/100 km (Willans line).
 *
 * P_fuel = (F·v/η + fmep·V_d·n/120)/η_i; use = 10⁵·P_fuel/(e·v); F = m·g·Crr + ½ρ·CdA·(v + w)|v + w|.
 * Valid for a warm four-stroke petrol engine, 50–130 km/h. ±20 % uncalibrated.
 *
 * @throws RangeError outside 0 < v.
 */
export function steadyConsumption(
  machine: SteadyMachine,
  speed: KilometresPerHour,
): LitresPer100Km {
  if (!(speed > 0)) throw new RangeError('steadyConsumption: speed must be above zero');
  const v = speed / 3.6;
  const air = v + (machine.headwind_ms ?? 0);
  const force =
    machine.mass_kg * STANDARD_GRAVITY * machine.rollingCoefficient +
    0.5 * machine.airDensity_kgm3 * machine.dragArea_m2 * air * Math.abs(air);
  const rpm = (speed / machine.topGear_kmhPer1000rpm) * 1000;
  const friction = FRICTION_BAR * 1e5 * (machine.displacement_L / 1000) * (rpm / 120);
  const fuelPower = ((force * v) / machine.drivelineEfficiency + friction) / INDICATED_EFFICIENCY;
  return litresPer100Km((1e5 * fuelPower) / (ENERGY_PER_LITRE * v));
}
