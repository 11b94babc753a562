import { ENGINE_AND_DRIVE } from './engine-and-drive';
import { FUEL_AND_WAYS } from './fuel-and-ways';
import { MONEY } from './money';
import { SIZES_AND_LOADS } from './sizes-and-loads';
import { TIMES } from './times';
import type { UnitForms } from './unit-forms';

export type { TextUnit } from './unit-forms';

/** Every unit a text may write. */
export const UNIT_FORMS: UnitForms = {
  ...MONEY,
  ...FUEL_AND_WAYS,
  ...ENGINE_AND_DRIVE,
  ...SIZES_AND_LOADS,
  ...TIMES,
};
