/** Domains of a machine's own figures; schema and editor read them. */
export const MACHINE_LIMITS = {
  odometer_km: { min: 0, max: 500000, dimension: 'distance' },
  hours: { min: 0, max: 10000, dimension: 'duration' },
  year: { min: 1970, max: 2040, dimension: 'year' },
  collect_km: { min: 0, max: 5000, dimension: 'distance' },
} as const;
