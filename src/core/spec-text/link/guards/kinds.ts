import type { Quantity } from '../../lattice/quantity';

// Kinds of numbers that guards are about.

export const isMoney = (q: Quantity, text: string): boolean =>
  /^[A-Z]{3}$|dollar|money|crowns/.test(q.unit ?? '') || /[$€£]/.test(text.slice(q.from, q.to));
export const isPower = ({ unit }: Quantity): boolean =>
  unit === 'kW' || unit === 'hp' || unit === 'PS';
export const isUse = ({ unit }: Quantity): boolean => /mpg|100km|km\/L/.test(unit ?? '');
export const isLengthOrBare = ({ unit }: Quantity): boolean =>
  unit === undefined || /^(?:mm|cm|m|in|ft)$/.test(unit);
/** Written as a distance; a bare number may be one as well. */
export const isDistance = ({ unit }: Quantity): boolean => unit === 'km' || unit === 'mi';
export const isDistanceOrBare = (q: Quantity): boolean => q.unit === undefined || isDistance(q);
