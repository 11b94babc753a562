import type { Season } from '../brief';
import { dayLength } from './day-length';

/** Day of the year on which each month begins, 1 for January; the last is the one after the year. */
const MONTH_BEGINS = [1, 32, 60, 91, 121, 152, 182, 213, 244, 274, 305, 335, 366] as const;
const MONTHS = 12;

/** The months of a season in their order, 1 to 12; one that ends before it begins goes over the new year. */
export const monthsOf = ({ from, to }: Season): readonly number[] =>
  Array.from(
    { length: ((to - from + MONTHS) % MONTHS) + 1 },
    (_, i) => ((from - 1 + i) % MONTHS) + 1,
  );

/** Hours of daylight on the shortest day of a season. */
export const shortestLight = (season: Season, latitude_deg: number): number =>
  Math.min(
    ...monthsOf(season).flatMap((month) => {
      const [first, after] = [MONTH_BEGINS[month - 1] ?? 1, MONTH_BEGINS[month] ?? 366];
      return Array.from({ length: after - first }, (_, i) => dayLength(latitude_deg, first + i));
    }),
  );
