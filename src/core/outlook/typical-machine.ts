import type { DonorClass, Model } from '../donor';
import type { Interval } from '../numeric';
import {
  figureDefinition,
  figureUnit,
  type Basis,
  type DonorFigures,
  type FigureKey,
  type Reading,
} from '../readings';
import { fromBase, type CurrencyCode } from '../units';

/** The basis on which a buyer is shown a figure, where that is not the one that everything is compared on. */
const SHOWN_ON: Partial<Record<FigureKey, Basis>> = { price: 'asked' };

/** A reading as a sheet or an advert shows it. */
export function shownReading(
  key: FigureKey,
  base: number,
  currency: CurrencyCode,
  spread?: number,
): Reading {
  const unit = figureUnit(key, 'metric', currency);
  return {
    id: `shown-${key}`,
    amount: fromBaseOrSum(base, key, unit),
    unit,
    basis: SHOWN_ON[key] ?? figureDefinition(key).bases[0],
    origin: 'claimed',
    note: '',
    ...(spread === undefined ? {} : { spread }),
  };
}

const fromBaseOrSum = (base: number, key: FigureKey, unit: Reading['unit']): number =>
  figureDefinition(key).dimension === 'money' ? base : fromBase(base, unit);

/** A machine of a class of which nothing is told, except what is given: everything else is what is typical of its class. */
export function typicalMachine(donorClass: DonorClass, figures: DonorFigures = {}): Model {
  return {
    id: `class/${donorClass}`,
    kind: 'model',
    maker: '',
    model: '',
    version: '',
    donorClass,
    figures,
    note: '',
  };
}

/** The same with what machines of its class are sold for. */
export const pricedMachine = (
  donorClass: DonorClass,
  price: Interval | undefined,
  currency: CurrencyCode,
): Model =>
  typicalMachine(
    donorClass,
    price && {
      price: {
        readings: [
          shownReading(
            'price',
            price.mid,
            currency,
            Math.max(price.high - price.mid, price.mid - price.low),
          ),
        ],
      },
    },
  );
