import type { Money } from './brief';

/** What machine, parts and fitting may cost together: budget less trip fund less gear still to buy. May be negative. */
export const spendable = (money: Money): number => money.budget - money.tripFund - money.gear;
