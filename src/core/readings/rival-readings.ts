import { readingInUse } from './reading-in-use';
import { defaultSpread } from './default-spread';
import type { FigureKey } from './figure-definitions';
import type { Figure, Reading } from './reading';
import { quotedInterval } from './quoted-interval';
import { crankFrom } from './crank-power';
import { mixedConsumption } from './mixed-consumption';
import { realTravel } from './real-travel';
import { figureDefinition } from './figure-definitions';
import { known, type Interval, type Known } from '../numeric';
import type { LitresPer100Km, Millimetres } from '../units';

/** Half-width of a reading in its own unit: the stated one, else the origin's usual. */
export const readingSpread = (key: FigureKey, reading: Reading): number =>
  reading.spread ?? Math.abs(reading.amount) * defaultSpread(key, reading.origin);

/** Readings of exact figures may differ by rounding when converted: half a percent. Own assumption. */
const ROUNDING = 0.005;

/**
 * Readings that cannot both be right: brought to one basis, their intervals do not touch that of the reading in use.
 * Bases that no rule turns into each other (seat versions, prices, dry against ready mass) are compared only with their own.
 */
export function rivalReadings(key: FigureKey, figure: Figure | undefined): readonly Reading[] {
  const inUse = readingInUse(figure);
  if (!figure || !inUse || figureDefinition(key).dimension === 'money') return [];
  const home = comparable(key, inUse);
  return figure.readings.filter((r) => {
    if (r.id === inUse.id) return false;
    const other = comparable(key, r);
    if (other.family !== home.family) return false;
    const slack = Math.abs(home.interval.mid) * ROUNDING;
    return (
      other.interval.low > home.interval.high + slack ||
      other.interval.high < home.interval.low - slack
    );
  });
}

function comparable(
  key: FigureKey,
  reading: Reading,
): { readonly family: string; readonly interval: Interval } {
  const quoted = known(quotedInterval(key, reading));
  switch (key) {
    case 'power':
    case 'unrestrictedPower':
    case 'torque':
      return { family: '', interval: crankFrom(quoted, reading.basis, '').interval };
    case 'travelFront':
    case 'travelRear':
      return {
        family: '',
        interval: realTravel(quoted as Known<Millimetres>, reading.basis, '').interval,
      };
    case 'consumption':
      return {
        family: '',
        interval: mixedConsumption(quoted as Known<LitresPer100Km>, reading.basis, '').interval,
      };
    default:
      return { family: reading.basis, interval: quoted.interval };
  }
}
