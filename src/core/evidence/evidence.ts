import type { SeatWidth, StanceBand } from '../brief';
import type { Donor } from '../donor';
import type { FactReading } from '../facts';
import type { Reading } from '../readings';
import { heartsOf, standingsOf, type MeanMark } from './impressions';
import { inOrder } from './in-order';
import type { Buzz, Observed, Trial } from './trial';

/** What the feet did on a seat of a known height and shape. */
export interface Sit {
  readonly id: string;
  /** In words; it need not be in the dossier. */
  readonly machine: string;
  readonly seatHeight_mm: number;
  readonly seatWidth: SeatWidth;
  readonly feet: StanceBand;
  /** How far the seat was taped to go down under the rider; absent: as a seat of this shape usually does. */
  readonly settle_mm?: number | undefined;
}

/** What trials say of the rider, whatever machine is assessed. */
export interface Evidence {
  /** Sits that correct this rider's reach. */
  readonly sits: readonly Sit[];
  /** What the heart says of machines, by donor. Absent: it was asked of none. */
  readonly hearts?: Readonly<Record<string, MeanMark>> | undefined;
  /** How the reach standing felt, by donor. Absent: nobody stood on one. */
  readonly standings?: Readonly<Record<string, MeanMark>> | undefined;
  /** Between which speeds machines buzz as they stand, by donor; the newest note counts. Absent: nobody noted any. */
  readonly buzzes?: Readonly<Record<string, Buzz>> | undefined;
}

export const NO_EVIDENCE: Evidence = { sits: [] };

/** How far seats were taped to go down under the rider, mm, by donor. */
export type Settles = Readonly<Record<string, number>>;

/** The sit of a trial: only one whose seat is known says anything about the rider. */
export function sitOf(
  { id, machine, donorId, observed }: Trial,
  settles: Settles = {},
): Sit | undefined {
  const { feet, seatHeight_mm, seatWidth } = observed;
  if (feet === undefined || seatHeight_mm === undefined || seatWidth === undefined)
    return undefined;
  const sit = { id, machine, seatHeight_mm, seatWidth, feet };
  const settle_mm = settles[donorId ?? ''];
  return settle_mm === undefined ? sit : { ...sit, settle_mm };
}

/** What all trials say of the rider, oldest first. */
export const evidenceOf = (trials: readonly Trial[], settles?: Settles): Evidence => ({
  sits: inOrder(trials).flatMap((t) => sitOf(t, settles) ?? []),
  hearts: heartsOf(trials),
  standings: standingsOf(trials),
  buzzes: buzzesOf(trials),
});

const buzzesOf = (trials: readonly Trial[]): Readonly<Record<string, Buzz>> =>
  Object.fromEntries(
    inOrder(trials).flatMap(({ donorId, partIds = [], observed: { buzz } }): [string, Buzz][] =>
      donorId !== undefined && buzz && partIds.length === 0 ? [[donorId, buzz]] : [],
    ),
  );

/** The id under which a line of the sheet or a point looked at stands among a donor's own readings and weak points. */
export const seenId = (line: string): string => `seen-${line}`;

/**
 * What several trials on one machine say together: a later look at the same line or point counts instead of the earlier one, and a
 * point that is good the next time is no longer found wrong.
 */
export function seenTogether(trials: readonly Trial[]): Observed {
  return inOrder(trials).reduce<Observed>((before, { observed }) => {
    const findings = new Map((before.findings ?? []).map((f) => [f.id, f]));
    for (const [point, tick] of Object.entries(observed.ticks ?? {}))
      if (tick === 'good') findings.delete(seenId(point));
    for (const finding of observed.findings ?? []) findings.set(finding.id, finding);
    return {
      ...before,
      ...observed,
      figures: { ...before.figures, ...observed.figures },
      facts: { ...before.facts, ...observed.facts },
      ticks: { ...before.ticks, ...observed.ticks },
      answers: { ...before.answers, ...observed.answers },
      findings: [...findings.values()],
    };
  }, {});
}

/** The donor with what its trials say, after what stands on its sheet; the donor itself where they say nothing of it. */
export function withTrials(donor: Donor, trials: readonly Trial[]): Donor {
  const { figures = {}, facts = {}, findings = [] } = seenTogether(trials);
  const nothing = [figures, facts, findings].every((o) => Object.keys(o).length === 0);
  if (nothing) return donor;
  return {
    ...donor,
    figures: withReadings<Reading>(donor.figures, figures),
    ...(Object.keys(facts).length > 0
      ? { facts: withReadings<FactReading>(donor.facts ?? {}, facts) }
      : {}),
    ...(findings.length > 0 ? { weakPoints: [...(donor.weakPoints ?? []), ...findings] } : {}),
  };
}

type Lines<R> = Readonly<
  Record<
    string,
    { readonly readings: readonly R[]; readonly pinned?: string | undefined } | undefined
  >
>;

/** Each line of the sheet with one more reading at its end. */
function withReadings<R>(lines: Lines<R>, seen: Readonly<Record<string, R | undefined>>): Lines<R> {
  const added = Object.entries(seen).flatMap(([key, reading]) =>
    reading === undefined
      ? []
      : [[key, { ...lines[key], readings: [...(lines[key]?.readings ?? []), reading] }] as const],
  );
  return { ...lines, ...Object.fromEntries(added) };
}
