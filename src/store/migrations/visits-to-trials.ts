import { isRaw, onceForEach, type Raw } from './step';
import type { StoredRow } from '../records';

/** What the card wrote at the machine carried an id that begins so. */
const SEEN = 'seen-';
const DAY = /\d{4}-\d{2}-\d{2}/;

const isSeen = (value: unknown): boolean =>
  isRaw(value) && typeof value.id === 'string' && value.id.startsWith(SEEN);
const listOf = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? (value as readonly unknown[]) : [];
const entriesOf = (value: unknown): readonly (readonly [string, unknown])[] =>
  isRaw(value) ? Object.entries(value) : [];

/** Figures or facts without what was seen at the machine; `undefined` where nothing changes. */
function readingsWithoutSeen(figures: unknown): Raw | undefined {
  if (!entriesOf(figures).some(([, f]) => isRaw(f) && listOf(f.readings).some(isSeen)))
    return undefined;
  return Object.fromEntries(
    entriesOf(figures).flatMap(([key, figure]) => {
      if (!isRaw(figure) || !listOf(figure.readings).some(isSeen)) return [[key, figure]];
      const left = listOf(figure.readings).filter((r) => !isSeen(r));
      return left.length === 0 ? [] : [[key, { ...figure, readings: left }]];
    }),
  );
}

/** A donor without what the card wrote on it: that lies in the trial now. */
export const withoutSeen = onceForEach((donor) => {
  const figures = readingsWithoutSeen(donor.figures);
  const facts = readingsWithoutSeen(donor.facts);
  const points = listOf(donor.weakPoints);
  const others = points.filter((p) => !isSeen(p));
  const lessPoints = others.length < points.length;
  if (!figures && !facts && !lessPoints) return donor;
  const { facts: oldFacts, weakPoints: oldPoints, ...rest } = donor;
  const newFacts = facts ?? oldFacts;
  const newPoints = lessPoints ? others : oldPoints;
  return {
    ...rest,
    ...(figures ? { figures } : {}),
    ...(newFacts !== undefined && (!isRaw(newFacts) || Object.keys(newFacts).length > 0)
      ? { facts: newFacts }
      : {}),
    ...(newPoints !== undefined && (!Array.isArray(newPoints) || newPoints.length > 0)
      ? { weakPoints: newPoints }
      : {}),
  };
});

const seenIn = (figures: unknown): Raw =>
  Object.fromEntries(
    entriesOf(figures).flatMap(([key, figure]) => {
      const seen = isRaw(figure) ? listOf(figure.readings).find(isSeen) : undefined;
      return seen === undefined ? [] : [[key, seen]];
    }),
  );

const filled = (key: string, value: Raw | readonly unknown[]): Raw =>
  Object.keys(value).length > 0 ? { [key]: value } : {};

/** What was read and found on a donor by the card. */
const seenOn = onceForEach((donor) => ({
  ...filled('figures', seenIn(donor.figures)),
  ...filled('facts', seenIn(donor.facts)),
  ...filled('findings', listOf(donor.weakPoints).filter(isSeen)),
}));

/** The latest day that what was seen names in its notes. */
function dayIn(seen: Raw): string | undefined {
  const notes = [
    ...entriesOf(seen.figures).map(([, r]) => r),
    ...entriesOf(seen.facts).map(([, r]) => r),
    ...listOf(seen.findings),
  ].flatMap((r) => (isRaw(r) && typeof r.note === 'string' ? [DAY.exec(r.note)?.[0] ?? ''] : []));
  return notes.filter(Boolean).sort().at(-1);
}

const NOTHING: Raw = {};
const made = new Map<string, { readonly from: readonly unknown[]; readonly trial: Raw }>();

/** The same trial for the same records: states that share them go on sharing it. */
function trialOnce(key: string, from: readonly unknown[], make: () => Raw): Raw {
  const known = made.get(key);
  if (known?.from.length === from.length && known.from.every((f, i) => f === from[i]))
    return known.trial;
  const trial = make();
  made.set(key, { from, trial });
  return trial;
}

/** The feet on a seat of known height and shape, as a sit in the brief held them. */
const feetOf = (sit: Raw): Raw => ({
  feet: sit.feet,
  seatHeight_mm: sit.seatHeight_mm,
  seatWidth: sit.seatWidth,
});

/**
 * The four homes of what was tried, as trials: sits of the brief, ticks and notes of visits, readings and facts that the card wrote on
 * donors, and findings in their weak points. Sits come first and keep their order, since the reach is learnt from them in it.
 */
export function trialsOfVisits(
  briefs: readonly StoredRow[],
  donors: readonly StoredRow[],
  visits: readonly StoredRow[],
): readonly StoredRow[] {
  const sits = briefs.flatMap(({ value }) =>
    isRaw(value) && isRaw(value.rider) ? listOf(value.rider.sits).filter(isRaw) : [],
  );
  const donorKeys = new Set(donors.map((d) => d.key));
  const seatOf = (donorKey: string) => sits.find((s) => s.id === `${SEEN}${donorKey}`);
  const alone = sits.filter((s) => !(isSeen(s) && donorKeys.has(String(s.id).slice(SEEN.length))));
  const fromSits = alone.map(
    (sit): StoredRow => ({
      key: String(sit.id),
      value: trialOnce(`sit/${String(sit.id)}`, [sit], () => ({
        id: sit.id,
        kind: 'sit',
        machine: sit.machine,
        observed: feetOf(sit),
        note: '',
      })),
    }),
  );
  const fromVisits = donors.flatMap(({ key, value }): StoredRow[] => {
    const visit = visits.find((v) => v.key === key)?.value;
    const seen = seenOn(value);
    const sit = seatOf(key);
    if (!isRaw(seen) || (!visit && !sit && Object.keys(seen).length === 0)) return [];
    const trial = trialOnce(`visit/${key}`, [visit ?? NOTHING, seen, sit ?? NOTHING], () =>
      visitTrial(key, isRaw(visit) ? visit : NOTHING, seen, sit),
    );
    return [{ key: String(trial.id), value: trial }];
  });
  return [...fromSits, ...fromVisits];
}

function visitTrial(donorId: string, visit: Raw, seen: Raw, sit: Raw | undefined): Raw {
  const on = typeof visit.on === 'string' ? visit.on : dayIn(seen);
  return {
    id: `visit-${donorId}`.slice(0, 64),
    kind: 'inspection',
    ...(on === undefined ? {} : { on }),
    donorId,
    machine: sit && typeof sit.machine === 'string' ? sit.machine : '',
    observed: {
      ...(sit ? feetOf(sit) : {}),
      ...seen,
      ...(isRaw(visit.ticks) ? filled('ticks', visit.ticks) : {}),
    },
    note: typeof visit.note === 'string' ? visit.note : '',
  };
}
