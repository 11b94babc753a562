import { SEAT_WIDTHS, type SeatWidth } from '../../brief';
import { kindOfMachine, type ClassChance, type DonorClass } from '../../donor';
import { factInUse } from '../../facts';
import { AROUND_THE_SEAT, SEAT_SHAPES, seatWidth, seatWidthChances } from '../../fit';
import { certain, derive, type Known } from '../../numeric';
import type { NormalFigures } from '../../readings';
import type { Whose } from '../../suitability';
import { oneOfItsClass } from '../../typical';
import { figureInput, type WorkingInput } from '../working-inputs';

/** What a seat does to the reach, mm, with its doubt. */
export interface Seat {
  /** How far it goes down under the rider. */
  readonly settle_mm: Known;
  /** How much lower the heels are than over a seat that neither settles nor has a width. */
  readonly drop_mm: Known;
  readonly settleInput: WorkingInput;
  readonly widthInput: WorkingInput;
}

const widthAt = (index: number): SeatWidth => SEAT_WIDTHS[index] ?? 'middle';

/** A width of seat with its doubt, and what comes of it, mm. */
interface Width {
  /** By its place in `SEAT_WIDTHS`, from narrow to wide. */
  readonly index: Known;
  readonly settle_mm: Known;
  readonly halfWidth_mm: Known;
  /** How much lower the heels are than over a seat that neither settles nor has a width. */
  readonly drop_mm: Known;
}

/** The same widths for the same machine: their columns are made once, since every edit asks for them. */
const widths = new Map<string, Width>();
const WIDTHS_KEPT = 500;

const dropOf = (settle_mm: number, halfWidth_mm: number): number =>
  settle_mm - AROUND_THE_SEAT * halfWidth_mm;

function made(index: Known): Width {
  const shape = (w: number) => SEAT_SHAPES[widthAt(w)];
  return {
    index,
    settle_mm: derive([index], (w) => shape(w).settle_mm),
    halfWidth_mm: derive([index], (w) => shape(w).halfWidth_mm),
    drop_mm: derive([index], (w) => dropOf(shape(w).settle_mm, shape(w).halfWidth_mm)),
  };
}

/**
 * Which of the four widths a seat is: as told, else in row 0 what its class usually has and in the other rows what its class has as often
 * as the class has it. Machines of one model share it.
 */
function widthOf(donor: Whose): Width {
  const told = factInUse(donor.facts?.seatWidth)?.value;
  const name = `fact/${kindOfMachine(donor)}/seatWidth`;
  const key = told ?? [name, ...classesOf(donor).flatMap((c) => saidOf(donor, c))].join('|');
  const known = widths.get(key);
  if (known) return known;
  const usual = SEAT_WIDTHS.indexOf(seatWidth(donor));
  const answersOf = (donorClass: DonorClass) => {
    const chances = seatWidthChances({ ...donor, donorClass });
    return SEAT_WIDTHS.flatMap((width, value) =>
      chances[width] > 0 ? [{ value, chance: chances[width] }] : [],
    );
  };
  const width = made(
    told === undefined ? oneOfItsClass(name, usual, donor, answersOf) : certain(usual),
  );
  if (widths.size >= WIDTHS_KEPT) widths.clear();
  widths.set(key, width);
  return width;
}

/** The classes a machine may be of. */
const classesOf = ({ donorClass, likelyClasses }: Whose): readonly ClassChance[] =>
  likelyClasses ?? [{ donorClass, chance: 1 }];

/** How likely a class is and how likely each width of seat in it, as parts of a key. */
function saidOf(donor: Whose, { donorClass, chance }: ClassChance): readonly (string | number)[] {
  const chances = seatWidthChances({ ...donor, donorClass });
  return [donorClass, chance, ...SEAT_WIDTHS.map((w) => chances[w])];
}

/** The width of a donor's seat by its place in `SEAT_WIDTHS`, from narrow to wide, in each row. */
export const seatWidthIndex = (donor: Whose): Known => widthOf(donor).index;

/** How far seat and springs go down under the rider (as taped with its doubt, else as a seat of this width usually does), and how wide the seat is. */
export function seatOf(donor: Whose, figures: NormalFigures): Seat {
  const width = widthOf(donor);
  const { halfWidth_mm } = width;
  const taped = figures.seatSettle.estimate;
  const widthInput = {
    name: 'seatHalfWidth',
    dimension: 'length',
    estimate: halfWidth_mm,
  } as const;
  return taped.kind === 'known'
    ? {
        settle_mm: taped,
        drop_mm: derive([taped, halfWidth_mm], dropOf),
        settleInput: figureInput(figures, 'seatSettle'),
        widthInput,
      }
    : {
        settle_mm: width.settle_mm,
        drop_mm: width.drop_mm,
        settleInput: { name: 'settle', dimension: 'length', estimate: width.settle_mm },
        widthInput,
      };
}
