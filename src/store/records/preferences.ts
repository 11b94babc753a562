import { z } from 'zod';
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
  purpose: z.string().catch('whole'),
  openGroups: z.array(z.string()).catch([]),
}) satisfies z.ZodType<Preferences>;
export const DEFAULT_PREFERENCES: Preferences = {
  units: 'metric',
  visited: false,
  purpose: 'whole',
  openGroups: [],
};
