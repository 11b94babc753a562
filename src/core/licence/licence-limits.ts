import type { Licence } from '../brief';

/**
 * Limits of the European licence classes. Directive 2006/126/EC Art. 4(3), repeated in Regulation (EU) 168/2013
 * Annex I (both from memory): check the official text; national rules decide, and class A1 also limits displacement.
 */
export const LICENCE_LIMITS: Readonly<
  Record<Exclude<Licence, 'A'>, { readonly power_kW: number; readonly perMass_kWkg: number }>
> = {
  A1: { power_kW: 11, perMass_kWkg: 0.1 },
  A2: { power_kW: 35, perMass_kWkg: 0.2 },
};

/** A2: the unrestricted machine may have at most this many times the restricted power. */
export const A2_BASE_POWER_RATIO = 2;
