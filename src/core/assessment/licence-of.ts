import type { Brief } from '../brief';
import { licenceCheck, type LicenceResult } from '../licence';
import { runningOrderMass } from '../mass';
import { certain, combine, plusMinus, source, type Estimate } from '../numeric';
import { fuelDensity, type FigureKey, type NormalFigures, type Reading } from '../readings';
import type { Kilograms, Kilowatts, Litres } from '../units';

/** Figures that the licence is judged by and nobody has given. A full licence asks for none. */
export const licenceTypical = (
  { rider }: Pick<Brief, 'rider'>,
  { power, mass, tank }: NormalFigures,
): readonly FigureKey[] =>
  rider.licence === 'A' ? [] : [power, mass, tank].flatMap((figure) => figure.typical ?? []);

/** Whether the power is a maker's claim in horsepower. */
export const isRounded = (reading: Reading | undefined): boolean =>
  reading?.origin === 'claimed' && reading.basis === 'crank' && reading.unit !== 'kW';

/**
 * Power quoted in horsepower is a rounded word for the kilowatts in the papers: 47 hp and 48 PS both stand for 35 kW. Brochures round and
 * convert twice, so it may lie a unit of its last place off, as far as it has not been changed since.
 */
function asRounded(reading: Reading, exact: Estimate): Estimate {
  if (reading.unit === 'kW' || exact.kind === 'unknown') return exact;
  const places = Number.isInteger(reading.amount) ? 1 : 10;
  const half = exact.mid / reading.amount / places;
  return source(`rounded/${reading.id}`, plusMinus(exact.mid, half));
}

/**
 * Licence law goes by the machine as approved: its own mass in running order and its own tank, whatever is fitted; only what changes the
 * power counts. A maker's claim is taken without spread.
 */
export function licenceOf(
  brief: Brief,
  figures: NormalFigures,
  restricted: boolean,
): LicenceResult {
  const ofPapers = <N extends number>(key: FigureKey): Estimate<N> => {
    const { estimate, reading } = figures[key];
    const papers =
      reading?.origin === 'claimed' &&
      (reading.basis === 'crank' || reading.basis === 'ready' || reading.basis === 'stated');
    const exact = estimate.kind === 'known' && papers ? certain(estimate.mid) : estimate;
    return (key === 'power' && papers ? asRounded(reading, exact) : exact) as Estimate<N>;
  };
  const running = combine(
    [ofPapers<Kilograms>('mass'), ofPapers<Litres>('tank'), fuelDensity()] as const,
    runningOrderMass,
  );
  return licenceCheck(
    brief.rider.licence,
    ofPapers<Kilowatts>('power'),
    running,
    restricted ? ofPapers<Kilowatts>('unrestrictedPower') : undefined,
  );
}
