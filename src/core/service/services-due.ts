/** How often something falls due; each bound that is known counts, whichever comes first. */
export interface ServiceInterval {
  readonly distance_km?: number | undefined;
  readonly hours?: number | undefined;
}

/** The interval as a distance at a mean speed, km; the shorter bound counts. `undefined` when neither is known. */
export function intervalInDistance(
  { distance_km, hours }: ServiceInterval,
  meanSpeed_kmh: number,
): number | undefined {
  const bounds = [distance_km, hours === undefined ? undefined : hours * meanSpeed_kmh].filter(
    (x): x is number => x !== undefined,
  );
  return bounds.length === 0 ? undefined : Math.min(...bounds);
}

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
