import type { DonorClass } from '../donor';
import type { FactKey } from '../facts';

/** Per cent of a class that have each option. */
export type Chances = Readonly<Record<string, number>>;

/** Facts of which it is known how often a class has which answer. */
export const TYPICAL_FACT_KEYS = [
  'wheelType',
  'screen',
  'handGuards',
  'sumpGuard',
  'seatWidth',
] as const satisfies readonly FactKey[];
export type TypicalFactKey = (typeof TYPICAL_FACT_KEYS)[number];
/** What a rider holds the answers of a class to be, where that is not what the table says. */
export type OwnTypicalFacts = {
  readonly [C in DonorClass]?: { readonly [F in TypicalFactKey]?: Chances | undefined } | undefined;
};

const screen = (none: number, small: number, tall: number): Chances => ({ none, small, tall });
const rims = (tubes: number, tubeless: number, cast: number): Chances => ({
  'spoked-tubes': tubes,
  'spoked-tubeless': tubeless,
  cast,
});
const hands = (spine: number, plastic: number, none: number): Chances => ({ spine, plastic, none });
const seat = (light: number, enduro: number, middle: number, wide: number): Chances => ({
  light,
  enduro,
  middle,
  wide,
});
const plate = (alloy: number, plastic: number, none: number): Chances => ({ alloy, plastic, none });

/**
 * How often a class has which answer to a fact, per cent. Own estimates from memory, low confidence; no single machine is meant. Facts
 * that are not here may have any answer alike.
 */
const TYPICAL_FACTS: Readonly<Record<DonorClass, Readonly<Record<TypicalFactKey, Chances>>>> = {
  'air-trail-single': {
    wheelType: rims(97, 2, 1),
    screen: screen(95, 5, 0),
    handGuards: hands(3, 35, 62),
    sumpGuard: plate(2, 48, 50),
    seatWidth: seat(70, 5, 25, 0),
  },
  'dual-sport-single': {
    wheelType: rims(97, 2, 1),
    screen: screen(92, 8, 0),
    handGuards: hands(6, 44, 50),
    sumpGuard: plate(3, 62, 35),
    seatWidth: seat(70, 15, 15, 0),
  },
  'long-range-dual-sport': {
    wheelType: rims(97, 2, 1),
    screen: screen(5, 75, 20),
    handGuards: hands(8, 72, 20),
    sumpGuard: plate(3, 77, 20),
    seatWidth: seat(60, 15, 25, 0),
  },
  'competition-single': {
    wheelType: rims(99, 1, 0),
    screen: screen(99, 1, 0),
    handGuards: hands(20, 60, 20),
    sumpGuard: plate(15, 65, 20),
    seatWidth: seat(15, 80, 5, 0),
  },
  'road-adventure-single': {
    wheelType: rims(20, 15, 65),
    screen: screen(20, 65, 15),
    handGuards: hands(5, 45, 50),
    sumpGuard: plate(2, 38, 60),
    seatWidth: seat(10, 0, 75, 15),
  },
  'scrambler-single': {
    wheelType: rims(35, 20, 45),
    screen: screen(70, 27, 3),
    handGuards: hands(4, 30, 66),
    sumpGuard: plate(3, 52, 45),
    seatWidth: seat(5, 0, 80, 15),
  },
  'rally-twin': {
    wheelType: rims(60, 38, 2),
    screen: screen(5, 70, 25),
    handGuards: hands(15, 70, 15),
    sumpGuard: plate(15, 80, 5),
    seatWidth: seat(5, 5, 70, 20),
  },
  'road-v-twin': {
    wheelType: rims(5, 3, 92),
    screen: screen(0, 45, 55),
    handGuards: hands(8, 32, 60),
    sumpGuard: plate(4, 16, 80),
    seatWidth: seat(0, 0, 30, 70),
  },
  'large-adventure-twin': {
    wheelType: rims(5, 50, 45),
    screen: screen(0, 25, 75),
    handGuards: hands(15, 75, 10),
    sumpGuard: plate(12, 78, 10),
    seatWidth: seat(0, 0, 30, 70),
  },
};

/** How often a class has which answer to a fact, per cent, as the rider holds it or else as the table has it; nothing for facts that it does not list. Chances that add to nothing are none. */
export function typicalChances(
  donorClass: DonorClass,
  fact: FactKey,
  own?: OwnTypicalFacts,
): Chances | undefined {
  if (!isTypicalFact(fact)) return undefined;
  const mine = own?.[donorClass]?.[fact];
  const given = mine && Object.values(mine).some((chance) => chance > 0);
  return given ? mine : TYPICAL_FACTS[donorClass][fact];
}

export const isTypicalFact = (fact: FactKey): fact is TypicalFactKey =>
  (TYPICAL_FACT_KEYS as readonly FactKey[]).includes(fact);
