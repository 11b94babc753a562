import type { Brief } from '../brief';
import type { Donor } from '../donor';
import type { PlanSetting } from './plan-model-of';

type Readings = Readonly<
  Record<
    string,
    | {
        readonly readings: readonly { readonly note: string }[];
        readonly pinned?: string | undefined;
      }
    | undefined
  >
>;

/** Lines of the sheet without the words beside them. */
const bare = (lines: Readings | undefined): unknown =>
  Object.fromEntries(
    Object.entries(lines ?? {}).map(([key, line]) => [
      key,
      line && { ...line, readings: line.readings.map(({ note: _note, ...reading }) => reading) },
    ]),
  );

/** What of a donor is reckoned with: not its name, nor what the rider notes of it. */
function ofDonor(donor: Donor): unknown {
  const { figures, facts, weakPoints = [], id, donorClass, likelyClasses } = donor;
  return {
    id,
    donorClass,
    likelyClasses,
    figures: bare(figures),
    facts: bare(facts),
    mends: weakPoints.filter((w) => w.mend).map((w) => w.cost),
    machine: donor.kind === 'machine' ? donor.machine : undefined,
  };
}

/** What of a brief is reckoned with: not the name of the trip, nor the other purposes. */
function ofBrief({ trip, purposes: _purposes, origins: _origins, ...brief }: Brief): unknown {
  const { name: _name, ...ride } = trip;
  return { ...brief, trip: ride };
}

/**
 * All that a plan depends on, and nothing else, so that two settings with equal subjects have the same plans: a note on a donor throws
 * no plan away.
 */
export function planSubject(setting: PlanSetting): unknown {
  const { brief, donor, aboard, evidence, choices, pinned, banned, legalOnly, daysLeft } = setting;
  const { takenAsKept } = setting;
  return {
    brief: ofBrief(brief),
    donor: ofDonor(donor),
    aboard,
    evidence,
    choices,
    pinned: [...pinned].sort(),
    banned: [...banned].sort(),
    legalOnly,
    // The day itself is no input, only which parts come too late.
    tooLate: choices.filter((p) => p.leadTime_days > (daysLeft ?? Infinity)).map((p) => p.id),
    takenAsKept,
  };
}
