/** Drag area by wind protection, m²: half-faired 0.38–0.50, naked 0.45–0.60, touring with luggage 0.55–0.75 (low to middle confidence, from memory). */
export const DRAG_AREA = { naked: 0.52, screen: 0.5, faired: 0.46 } as const;
/** What side luggage adds, m². Own assumption. */
export const LUGGAGE_DRAG = 0.08;
/** Luggage from this mass up stands in the wind, kg. Own assumption. */
export const LUGGAGE_DRAG_FROM = 12;

export type WindClass = keyof typeof DRAG_AREA;

export const dragArea = (wind: WindClass, luggage_kg: number): number =>
  DRAG_AREA[wind] + (luggage_kg >= LUGGAGE_DRAG_FROM ? LUGGAGE_DRAG : 0);
