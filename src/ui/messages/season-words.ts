import type { Light } from '@/core/assessment';
import type { Brief, Season } from '@/core/brief';
import { formatNumber, formatWithUnit, type Reader } from './format';

export const MONTH_WORDS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** The months of a season: "December", "November to February". */
export function monthSpan({ from, to }: Season): string {
  const [first, last] = [from, to].map((month) => MONTH_WORDS[month - 1] ?? '');
  return from === to ? (first ?? '') : `${first} to ${last}`;
}

/** What the months of a brief mean for it: the light of the shortest day, and what has not been said of the weather. */
export function seasonWords(
  { season, longestDay_km, cold_C, wet_percent }: Brief['trip'],
  light: Light | undefined,
  reader: Reader,
): string {
  if (!season) return '';
  const months =
    season.from === season.to ? `In ${monthSpan(season)}` : `From ${monthSpan(season)}`;
  const distance = (km: number) => formatWithUnit(km, 'distance', reader);
  const lit = light
    ? `${months} light lasts ${formatNumber(light.hours, 1)} h on the shortest day: about ${distance(light.distance_km)} at the pace of your ground, ${formatNumber(light.stops * 100)} % of it for stops${
        longestDay_km === undefined
          ? ''
          : longestDay_km > light.distance_km
            ? `; your longest day of ${distance(longestDay_km)} ends in the dark`
            : `; your longest day of ${distance(longestDay_km)} is done by then`
      }.`
    : `${months}; how long the days are hangs on the latitude.`;
  const unsaid = [
    cold_C === undefined ? 'the coldest air' : '',
    wet_percent === undefined ? 'how many days are wet' : '',
  ].filter(Boolean);
  return unsaid.length === 0
    ? lit
    : `${lit} Not said: ${unsaid.join(' and ')}; shelter counts as on mild, dry days until it is.`;
}
