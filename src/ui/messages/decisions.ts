import { GROUNDS, spendable, type Brief } from '@/core/brief';
import type { Firmness } from '@/core/doubt';
import type { Outcome, Sheet, VerdictRecord } from '@/store/records';
import { formatNumber, formatWithUnit, type Reader } from './format';
import { GROUND_WORDS, SKILL_WORDS } from './brief-words';

export const OUTCOME_WORDS: Readonly<
  Record<Outcome, { readonly name: string; readonly means: string }>
> = {
  'buy-and-go': { name: 'Buy and go', means: 'as it stands, and ride' },
  'buy-and-build': { name: 'Buy and build', means: 'with the parts chosen, stage by stage' },
  'buy-built': { name: 'Buy built', means: 'one that carries its parts already' },
  wait: { name: 'Wait for a listing', means: 'this one, when a good one turns up' },
  keep: { name: 'Keep what I have', means: 'and put the money into riding' },
};

export const OWN_MONEY_WORDS: Readonly<Record<NonNullable<VerdictRecord['ownMoney']>, string>> = {
  yes: 'yes',
  'not-yet': 'not yet',
  no: 'no',
};

/** What was decided, in a line. */
export function verdictLine({ outcome, sheet }: Pick<VerdictRecord, 'outcome' | 'sheet'>): string {
  const { name } = sheet.machine;
  switch (outcome) {
    case 'buy-and-go':
      return `Buy ${name} as it stands and go.`;
    case 'buy-and-build':
      return `Buy ${name} and build it: ${sheet.parts.length} ${sheet.parts.length === 1 ? 'part' : 'parts'}.`;
    case 'buy-built':
      return `Buy ${name}, which is built already.`;
    case 'wait':
      return `Wait until a good ${name} turns up.`;
    case 'keep':
      return `Keep what there is, and not buy ${name}.`;
  }
}

const share = (x: number): string =>
  x > 0 && x < 0.005 ? 'under 1 %' : `${formatNumber(x * 100)} %`;

/** Keeping its musts in fewer draws than this is worth a word. */
const PLACED = 0.95;

/** In how many draws a must breaks, where that is worth a word. */
export const brokenWords = (placed: number): string =>
  placed >= PLACED ? '' : `; a must breaks in ${share(1 - placed)} of them`;

const FIRMNESS: Readonly<Record<Firmness, string>> = {
  firm: 'Firm',
  likely: 'Likely, not sure',
  open: 'Open',
  level: 'Level',
  behind: 'Behind',
  none: 'Out',
};

/** How firmly it stands, in a word and a sentence. */
export function firmnessWords({
  machine,
  field,
  doubt,
}: Pick<Sheet, 'machine' | 'field' | 'doubt'>): {
  readonly word: string;
  readonly sentence: string;
} {
  if (!doubt) return { word: 'Not drawn', sentence: 'How sure this is was not computed.' };
  const rival = field.find((f) => f.candidateId === doubt.rivalId)?.name;
  const against =
    doubt.ahead === undefined || !rival
      ? ''
      : `, and against ${rival} it is ahead in ${share(doubt.ahead)}`;
  const sentence =
    doubt.firmness === 'none'
      ? `${machine.name} breaks a must in every draw.`
      : `${machine.name} comes first in ${share(doubt.first)} of ${formatNumber(doubt.samples)} draws of figures and weights${against}${brokenWords(doubt.placed)}.`;
  return { word: FIRMNESS[doubt.firmness], sentence };
}

/** The brief in a line: rider, ground, trip, money. */
export function briefLine(brief: Brief, reader: Reader): string {
  const { rider, trip, money } = brief;
  const ground = GROUNDS.filter((g) => brief.ground[g] > 0)
    .toSorted((a, b) => brief.ground[b] - brief.ground[a])
    .slice(0, 4)
    .map((g) => `${brief.ground[g]} % ${GROUND_WORDS[g].toLowerCase()}`)
    .join(', ');
  const mass = formatWithUnit(rider.mass_kg + rider.kit_kg, 'mass', reader);
  return `${trip.name ? `${trip.name}. ` : ''}Rider ${formatWithUnit(rider.height_mm, 'length', reader)}, ${mass} with kit, ${SKILL_WORDS[rider.skill].toLowerCase()}, licence ${rider.licence}; ${ground}; ${formatWithUnit(trip.length_km, 'distance', reader)} with ${formatWithUnit(trip.luggage_kg, 'mass', reader)} of luggage, longest fuel gap ${formatWithUnit(trip.fuelGap_km, 'distance', reader)}; ${formatNumber(spendable(money))} ${money.currency} to spend, ${formatNumber(money.tripFund)} kept for the trip.`;
}
