declare const unit: unique symbol;

/** A plain number that carries its unit in the type only. */
export type Branded<U extends string> = number & { readonly [unit]: U };

export type Kilograms = Branded<'kg'>;
export type Millimetres = Branded<'mm'>;
export type Kilometres = Branded<'km'>;
export type Litres = Branded<'L'>;
export type LitresPer100Km = Branded<'L/100km'>;
export type KilometresPerHour = Branded<'km/h'>;
export type Kilowatts = Branded<'kW'>;
export type KilowattsPerTonne = Branded<'kW/t'>;
export type NewtonMetres = Branded<'Nm'>;

export const kilograms = (n: number): Kilograms => n as Kilograms;
export const millimetres = (n: number): Millimetres => n as Millimetres;
export const kilometres = (n: number): Kilometres => n as Kilometres;
export const litres = (n: number): Litres => n as Litres;
export const litresPer100Km = (n: number): LitresPer100Km => n as LitresPer100Km;
export const kilometresPerHour = (n: number): KilometresPerHour => n as KilometresPerHour;
export const kilowatts = (n: number): Kilowatts => n as Kilowatts;
