/** Share of its rated output that an alternator gives at a cruise, at the slow pace of rough ground or town, and at idle. Own assumption. */
export const ALTERNATOR_SHARE = { cruise: 0.9, slow: 0.65, idle: 0.45 } as const;

/** Watts left: rated × share − stock draw − accessories. Below 0 the battery empties. */
export const electricalMargin = (
  rated_W: number,
  share: number,
  stock_W: number,
  accessories_W: number,
): number => rated_W * share - stock_W - accessories_W;
