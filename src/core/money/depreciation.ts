/** Value after some years at a yearly share lost: V₀·(1 − d)ᵗ. */
export const valueAfter = (price: number, yearlyLoss: number, years: number): number =>
  price * (1 - yearlyLoss) ** years;

/** The yearly share lost between two prices. */
export const yearlyLoss = (price: number, later: number, years: number): number =>
  1 - (later / price) ** (1 / years);

/** Loss in the first year and each year after for new and used machines. Own assumption, low confidence: markets differ. */
export const USUAL_LOSS = { newFirst: 0.18, newLater: 0.1, used: 0.08 } as const;

/** Resale value of a machine bought new (a first-year step) or used. */
export const resale = (price: number, years: number, isNew: boolean): number =>
  isNew && years > 0
    ? valueAfter(price * (1 - USUAL_LOSS.newFirst), USUAL_LOSS.newLater, years - 1)
    : valueAfter(price, USUAL_LOSS.used, years);
