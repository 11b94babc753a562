import { known, unknown, type Estimate, type Interval } from '../numeric';
import type { Kilograms, Litres, LitresPer100Km, Millimetres } from '../units';
import { crankFrom } from './crank-power';
import { figureDefinition, FIGURE_KEYS, type Basis, type FigureKey } from './figure-definitions';
import { mixedConsumption } from './mixed-consumption';
import { quotedInterval } from './quoted-interval';
import { readingInUse } from './reading-in-use';
import type { DonorFigures, Reading } from './reading';
import { readyMass } from './ready-mass';
import { realTravel } from './real-travel';

/** One figure on the basis everything is compared on, with the reading it came from. */
export interface NormalFigure {
  readonly estimate: Estimate;
  readonly basis: Basis;
  readonly reading?: Reading | undefined;
}

export type NormalFigures = Readonly<Record<FigureKey, NormalFigure>>;

/** Turns a price reading into the rider's currency and the on-the-road basis. */
export type PriceModel = (reading: Reading) => Estimate;

const NORMAL_BASIS: Partial<Record<FigureKey, Basis>> = {
  mass: 'ready',
  power: 'crank',
  unrestrictedPower: 'crank',
  torque: 'crank',
  travelFront: 'taped-travel',
  travelRear: 'taped-travel',
  consumption: 'mixed',
  price: 'on-the-road',
};

/**
 * Every figure of a donor on one basis, in base units: ready to ride with a full tank, at the crank, as taped,
 * in mixed riding, on the road. A seat height keeps its version (standard or low), since no rule turns one into the other.
 */
export const normalFigures = (figures: DonorFigures, price: PriceModel): NormalFigures =>
  Object.fromEntries(FIGURE_KEYS.map((key) => [key, normalFigure(figures, key, price)])) as Record<
    FigureKey,
    NormalFigure
  >;

/** One of {@link normalFigures}; for a ready mass the tank is read as well. */
export function normalFigure(
  figures: DonorFigures,
  key: FigureKey,
  price: PriceModel,
): NormalFigure {
  const quoted = (k: FigureKey): Estimate => {
    const other = readingInUse(figures[k]);
    return other ? known(quotedInterval(k, other)) : unknown(k);
  };
  const reading = readingInUse(figures[key]);
  if (!reading) return { estimate: unknown(key), basis: NORMAL_BASIS[key] ?? 'stated' };
  const estimate =
    figureDefinition(key).dimension === 'money'
      ? price(reading)
      : key === 'mass'
        ? massOf(reading, quoted)
        : known(onNormalBasis(key, reading));
  return { estimate, basis: NORMAL_BASIS[key] ?? reading.basis, reading };
}

const massOf = (reading: Reading, quoted: (key: FigureKey) => Estimate): Estimate =>
  readyMass(
    quoted('mass') as Estimate<Kilograms>,
    reading.basis,
    quoted('tank') as Estimate<Litres>,
  );

function onNormalBasis(key: FigureKey, reading: Reading): Interval {
  const quoted = quotedInterval(key, reading);
  switch (key) {
    case 'power':
    case 'unrestrictedPower':
    case 'torque':
      return crankFrom(quoted, reading.basis);
    case 'travelFront':
    case 'travelRear':
      return realTravel(quoted as Interval<Millimetres>, reading.basis);
    case 'consumption':
      return mixedConsumption(quoted as Interval<LitresPer100Km>, reading.basis);
    default:
      return quoted;
  }
}
