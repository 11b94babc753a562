/** How many services fall within a trip: ⌊(o + D)/I⌋ − ⌊o/I⌋, o the odometer at the start. `stretch` 1 goes by the book. */
export function servicesDue(
  odometer_km: number,
  trip_km: number,
  interval_km: number,
  stretch = 1,
): number {
  const every = interval_km * stretch;
  if (!(every > 0)) throw new RangeError('servicesDue: the interval must be above zero');
  return Math.floor((odometer_km + trip_km) / every) - Math.floor(odometer_km / every);
}
