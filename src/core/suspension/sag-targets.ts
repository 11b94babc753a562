export const SAG_STYLES = ['enduro', 'adventure', 'road'] as const;
export type SagStyle = (typeof SAG_STYLES)[number];

/** Rider and free sag as shares of travel (common practice, middle confidence, from memory). */
export const SAG_TARGETS: Readonly<
  Record<
    SagStyle,
    { readonly rider: readonly [number, number]; readonly free: readonly [number, number] }
  >
> = {
  enduro: { rider: [0.32, 0.38], free: [0.1, 0.15] },
  adventure: { rider: [0.25, 0.33], free: [0.08, 0.15] },
  road: { rider: [0.25, 0.33], free: [0.05, 0.15] },
};

export type SpringAdvice = 'fits' | 'too-soft' | 'too-stiff' | 'set-rider-sag-first';

/**
 * What free sag says of the spring once rider sag is set: too little free sag means a spring too soft (much preload was needed),
 * too much a spring too stiff.
 */
export function springAdvice(
  style: SagStyle,
  travel_mm: number,
  rider_mm: number,
  free_mm: number,
): SpringAdvice {
  const { rider, free } = SAG_TARGETS[style];
  if (rider_mm < rider[0] * travel_mm || rider_mm > rider[1] * travel_mm)
    return 'set-rider-sag-first';
  if (free_mm < free[0] * travel_mm) return 'too-soft';
  return free_mm > free[1] * travel_mm ? 'too-stiff' : 'fits';
}
