/** Share of its rated output that an alternator gives at a cruise and at idle. Own assumption. */
export const ALTERNATOR_SHARE = { cruise: 0.9, idle: 0.45 } as const;

/** Watts left: rated × share − stock draw − accessories. Below 0 the battery empties. */
export const electricalMargin = (
  rated_W: number,
  share: number,
  stock_W: number,
  accessories_W: number,
): number => rated_W * share - stock_W - accessories_W;

const FUSES_A = [1, 2, 3, 5, 7.5, 10, 15, 20, 25, 30] as const;

/** The next fuse up from 1.25 times the current at 13.8 V, A; never above what the wire may carry. `undefined`: none is large enough. */
export const fuseFor = (load_W: number): number | undefined =>
  FUSES_A.find((a) => a >= (load_W / 13.8) * 1.25);

/** Volts lost in a pair of copper wires: 2·L·ρ·I/A, ρ 0.0175 Ω·mm²/m. */
export const voltageDrop = (
  length_m: number,
  section_mm2: number,
  load_W: number,
  volts = 13.8,
): number => (2 * length_m * 0.0175 * (load_W / volts)) / section_mm2;
