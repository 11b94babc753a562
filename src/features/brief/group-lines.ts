import { OWNERSHIP_KEYS, surenessOf } from '@/core/assessment';
import {
  BRIEF_FIGURES,
  briefFigure,
  briefOrigin,
  GROUNDS,
  spendable,
  type Brief,
  type BriefFigure,
} from '@/core/brief';
import { inseamFromHeight } from '@/core/fit';
import { millimetres } from '@/core/units';
import {
  bodyWords,
  formatHeight,
  formatNumber,
  formatTemperature,
  formatWithUnit,
  GROUND_WORDS,
  LICENCE_WORDS,
  listWords,
  monthSpan,
  MUST_SHORT,
  SCHOOL_WORDS,
  SKILL_WORDS,
  STANCE_WORDS,
  type Reader,
} from '@/ui/messages';

export const GROUPS = ['rider', 'ground', 'trip', 'musts', 'money', 'keeping'] as const;
export type Group = (typeof GROUPS)[number];

/** What is lent is about keeping it as well. */
const KEEPING: ReadonlySet<BriefFigure> = new Set([
  ...OWNERSHIP_KEYS.map((key): BriefFigure => `money.${key}`),
  'money.loanInterest_percent',
  'money.loanMonths',
  'money.loanDeposit',
]);

const groupOf = (figure: BriefFigure): Group =>
  KEEPING.has(figure) ? 'keeping' : (figure.slice(0, figure.indexOf('.')) as Group);

/** Figures of a group that nobody has typed or said to be right, though they are at work. */
export const assumedIn = (brief: Brief, group: Group): number =>
  BRIEF_FIGURES.filter(
    (f) =>
      groupOf(f) === group &&
      briefFigure(brief, f) !== undefined &&
      briefOrigin(brief, f).kind !== 'typed',
  ).length;

/** Most grounds named in the line. */
const GROUNDS_SAID = 4;

const present = (parts: readonly (string | false | undefined)[]): string =>
  parts.filter((part) => part !== false && part !== undefined).join(', ');

const lines: Readonly<Record<Group, (brief: Brief, reader: Reader) => string>> = {
  rider({ rider }, reader) {
    const say = (mm: number) => formatWithUnit(mm, 'length', reader);
    const said = (base: number, what: 'length' | 'mass') =>
      bodyWords(base, what, reader) ?? formatWithUnit(base, what, reader);
    return present([
      `${said(rider.height_mm, 'length')} tall`,
      rider.inseam_mm === undefined
        ? `inseam not measured, about ${say(Math.round(inseamFromHeight(millimetres(rider.height_mm)).mm))} by height`
        : `inseam ${say(rider.inseam_mm)}`,
      `${said(rider.mass_kg, 'mass')} and ${formatWithUnit(rider.kit_kg, 'mass', reader)} of kit`,
      `${SKILL_WORDS[rider.skill].toLowerCase()} on dirt`,
      `licence ${LICENCE_WORDS[rider.licence]}`,
    ]);
  },
  ground({ ground, purposes = [], schools = {} }) {
    const shares = GROUNDS.filter((g) => ground[g] > 0).toSorted((a, b) => ground[b] - ground[a]);
    const beliefs = Object.entries(schools).flatMap(([key, value]) =>
      value === undefined
        ? []
        : [SCHOOL_WORDS[key as keyof typeof SCHOOL_WORDS].options[value] ?? value],
    );
    return present([
      ...shares
        .slice(0, GROUNDS_SAID)
        .map((g) => `${GROUND_WORDS[g].toLowerCase()} ${formatNumber(ground[g])} %`),
      shares.length > GROUNDS_SAID && `${shares.length - GROUNDS_SAID} more`,
      purposes.length > 0 && `${purposes.length + 1} purposes`,
      beliefs.length > 0 && `you believe in ${listWords(beliefs)}`,
    ]);
  },
  trip({ trip }, reader) {
    const km = (value: number) => formatWithUnit(value, 'distance', reader);
    return present([
      trip.name !== '' && trip.name,
      km(trip.length_km),
      `${km(trip.fuelGap_km)} without fuel`,
      `cruise ${formatWithUnit(trip.cruise_kmh, 'speed', reader)}`,
      trip.luggage_kg > 0
        ? `${formatWithUnit(trip.luggage_kg, 'mass', reader)} of luggage`
        : 'no luggage',
      trip.pillion_kg === undefined
        ? 'alone'
        : `passenger ${formatWithUnit(trip.pillion_kg, 'mass', reader)}`,
      trip.altitude_m !== undefined && `up to ${formatHeight(trip.altitude_m, reader)}`,
      trip.heat_C !== undefined && `heat ${formatTemperature(trip.heat_C, reader)}`,
      trip.cold_C !== undefined && `cold ${formatTemperature(trip.cold_C, reader)}`,
      trip.season && `in ${monthSpan(trip.season)}`,
    ]);
  },
  musts({ musts }, reader) {
    if (musts.on.length === 0) return 'nothing is a must: no machine is ruled out';
    const asked = musts.on.map((key) => {
      if (key === 'stance') return STANCE_WORDS[musts.stance];
      if (key === 'readyMass')
        return `${MUST_SHORT[key]} to ${formatWithUnit(musts.readyMass_kg, 'mass', reader)}`;
      if (key === 'clearance')
        return `${MUST_SHORT[key]} from ${formatWithUnit(musts.clearance_mm, 'length', reader)}`;
      return MUST_SHORT[key];
    });
    return `${listWords(asked)}, in ${formatNumber(surenessOf({ musts }) * 100)} of 100 draws`;
  },
  money({ money }, reader) {
    const sum = (value: number) => formatWithUnit(value, 'money', reader);
    const kept = present([
      money.tripFund > 0 && `${sum(money.tripFund)} for the trip`,
      money.gear > 0 && `${sum(money.gear)} for gear`,
    ]);
    return present([
      `${sum(money.budget)} in all`,
      kept !== '' && `of it ${kept}`,
      `${sum(spendable(money))} to spend`,
      money.ownSpanners ? 'parts fitted by yourself' : 'parts fitted in a workshop',
    ]);
  },
  keeping({ money }, reader) {
    const missing = OWNERSHIP_KEYS.filter((key) => money[key] === undefined).length;
    return present([
      money.yearsKept !== undefined && `${formatNumber(money.yearsKept)} years`,
      money.yearly_km !== undefined &&
        `${formatWithUnit(money.yearly_km, 'distance', reader)} a year`,
      missing > 0
        ? missing === OWNERSHIP_KEYS.length
          ? 'nothing given: what it costs to keep is not known'
          : `${missing} of ${OWNERSHIP_KEYS.length} figures not given: what it costs to keep is not known`
        : 'all that the cost of keeping needs',
      money.loanMonths !== undefined && `a loan over ${formatNumber(money.loanMonths)} months`,
    ]);
  },
};

/** What stands in a group of the brief, in a line. */
export const groupLine = (brief: Brief, group: Group, reader: Reader): string =>
  lines[group](brief, reader);
