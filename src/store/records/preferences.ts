import * as z from 'zod/mini';
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/units';

/** What belongs to the person at this browser, not to the dossier; it is not in exported files. */
export interface Preferences {
  readonly units: UnitSystem;
  /** True once the app has been opened here before. */
  readonly visited: boolean;
  /** The purpose that is looked at; the whole brief where it names none that there is. */
  readonly purpose: string;
  /** Groups of the brief that are open; the others are folded to a line. */
  readonly openGroups: readonly string[];
}

export const preferencesSchema = z.object({
  units: z.enum(UNIT_SYSTEMS),
  visited: z.boolean(),
  purpose: z.catch(z.string(), 'whole'),
  openGroups: z.catch(z.array(z.string()), []),
}) satisfies z.ZodMiniType<Preferences>;
export const DEFAULT_PREFERENCES: Preferences = {
  units: 'metric',
  visited: false,
  purpose: 'whole',
  openGroups: [],
};
