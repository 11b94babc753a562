/** What keeping a machine takes, in the brief's currency. */
export interface Ownership {
  readonly years: number;
  readonly distance_km: number;
  readonly consumption_Lper100km: number;
  readonly fuel_perL: number;
  readonly tyreFront: { readonly price: number; readonly lasts_km: number };
  readonly tyreRear: { readonly price: number; readonly lasts_km: number };
  readonly chain: { readonly price: number; readonly lasts_km: number };
  readonly pads: { readonly price: number; readonly lasts_km: number };
  /** All services over the years. */
  readonly servicing: number;
  readonly insurance_perYear: number;
  readonly tax_perYear: number;
  /** Purchase less resale: counted instead of the purchase, never beside it. */
  readonly depreciation: number;
  readonly modifications: number;
  /** What a loan costs beyond what was lent. */
  readonly interest: number;
}

export const COST_ITEMS = [
  'fuel',
  'tyres',
  'chain',
  'pads',
  'servicing',
  'insurance',
  'tax',
  'depreciation',
  'modifications',
  'interest',
] as const;
export type CostItem = (typeof COST_ITEMS)[number];

export interface CostOfOwnership {
  readonly items: Readonly<Record<CostItem, number>>;
  readonly total: number;
  readonly perKm: number;
  readonly perYear: number;
}

/** Cost of ownership over the years kept; wearing parts pro rata to distance. */
export function costOfOwnership(o: Ownership): CostOfOwnership {
  const worn = ({ price, lasts_km }: Ownership['chain']) => (o.distance_km / lasts_km) * price;
  const items = {
    fuel: (o.distance_km / 100) * o.consumption_Lper100km * o.fuel_perL,
    tyres: worn(o.tyreFront) + worn(o.tyreRear),
    chain: worn(o.chain),
    pads: worn(o.pads),
    servicing: o.servicing,
    insurance: o.insurance_perYear * o.years,
    tax: o.tax_perYear * o.years,
    depreciation: o.depreciation,
    modifications: o.modifications,
    interest: o.interest,
  };
  const total = COST_ITEMS.reduce((sum, item) => sum + items[item], 0);
  return { items, total, perKm: total / o.distance_km, perYear: total / o.years };
}

/** Years until a lower consumption has earned a higher price, at a distance a year; `Infinity` when it never does. */
export function yearsToEarn(
  extraPrice: number,
  savedPer100km_L: number,
  fuel_perL: number,
  yearly_km: number,
): number {
  const yearly = (yearly_km / 100) * savedPer100km_L * fuel_perL;
  return extraPrice <= 0 ? 0 : yearly > 0 ? extraPrice / yearly : Number.POSITIVE_INFINITY;
}
