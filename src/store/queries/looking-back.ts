import equal from 'fast-deep-equal';
import type { Said } from '@/core/numeric';
import type { MustKey } from '@/core/brief';
import type { MustVerdict } from '@/core/assessment';
import type { WantKey } from '@/core/preference';
import type { Sheet } from '../records';

/** A want's figure or need that is no longer what it was. */
export interface MovedWant {
  readonly want: WantKey;
  readonly then: Said;
  readonly now: Said;
  readonly needThen: number;
  readonly needNow: number;
  /** Points that it brings now, less those that it brought. */
  readonly points: number;
}

/** A frozen day against today. */
export interface LookingBack {
  readonly points: { readonly then: number; readonly now: number };
  readonly place: { readonly then: number | undefined; readonly now: number | undefined };
  readonly outlay: { readonly then: Said; readonly now: Said };
  /** Share of draws in which it comes first; `undefined` where one of the days was not drawn. */
  readonly first: { readonly then: number; readonly now: number } | undefined;
  /** What moved, the most points first. */
  readonly wants: readonly MovedWant[];
  readonly musts: readonly {
    readonly key: MustKey;
    readonly then: MustVerdict | undefined;
    readonly now: MustVerdict | undefined;
  }[];
  readonly parts: {
    readonly added: readonly string[];
    readonly gone: readonly string[];
    readonly dearer: readonly {
      readonly name: string;
      readonly then: number;
      readonly now: number;
    }[];
  };
  /** Paths of the brief that changed, such as `trip.fuelGap_km`. */
  readonly brief: readonly string[];
  /** Who is ahead today, where it is another; and whether the choice would be the same. */
  readonly aheadNow: Sheet['field'][number] | undefined;
}

/** What has changed since a verdict, and whether the choice would still stand. Both sheets are of the same candidate. */
export function lookingBack(then: Sheet, now: Sheet): LookingBack {
  const wants = now.wants.flatMap((w): MovedWant[] => {
    const old = then.wants.find((o) => o.want === w.want);
    if (!old) return [];
    const moved: MovedWant = {
      want: w.want,
      then: old.estimate,
      now: w.estimate,
      needThen: old.need,
      needNow: w.need,
      points: (w.weight * w.worth - old.weight * old.worth) * 100,
    };
    return sameEstimate(old.estimate, w.estimate) &&
      old.need === w.need &&
      Math.abs(moved.points) < 0.05
      ? []
      : [moved];
  });
  const keys = [...new Set([...then.musts, ...now.musts].map((m) => m.key))];
  const best = now.field
    .filter((f) => f.place !== undefined)
    .toSorted((a, b) => (a.place ?? 0) - (b.place ?? 0) || b.points.mid - a.points.mid)[0];
  return {
    points: { then: then.points.mid, now: now.points.mid },
    place: { then: then.place, now: now.place },
    outlay: { then: then.outlay, now: now.outlay },
    first: then.doubt && now.doubt ? { then: then.doubt.first, now: now.doubt.first } : undefined,
    wants: wants.toSorted((a, b) => Math.abs(b.points) - Math.abs(a.points)),
    musts: keys
      .map((key) => ({
        key,
        then: then.musts.find((m) => m.key === key)?.verdict,
        now: now.musts.find((m) => m.key === key)?.verdict,
      }))
      .filter((m) => m.then !== m.now),
    parts: {
      added: now.parts
        .filter((p) => !then.parts.some((o) => o.partId === p.partId))
        .map((p) => p.name),
      gone: then.parts
        .filter((p) => !now.parts.some((o) => o.partId === p.partId))
        .map((p) => p.name),
      // Prices in two currencies cannot be laid beside each other.
      dearer: (sameCurrency(then, now) ? now.parts : []).flatMap((p) => {
        const old = then.parts.find((o) => o.partId === p.partId)?.cost;
        return old !== undefined && p.cost !== undefined && Math.abs(old - p.cost) > 0.5
          ? [{ name: p.name, then: old, now: p.cost }]
          : [];
      }),
    },
    brief: changedPaths(then.brief, now.brief),
    aheadNow:
      best && best.candidateId !== now.machine.candidateId && now.place !== 1 ? best : undefined,
  };
}

const sameCurrency = (a: Sheet, b: Sheet): boolean =>
  a.brief.money.currency === b.brief.money.currency;

const CLOSE = 1e-6;
const sameEstimate = (a: Said, b: Said): boolean =>
  a.kind === 'known' && b.kind === 'known'
    ? (['low', 'mid', 'high'] as const).every(
        (k) =>
          Math.abs(a.interval[k] - b.interval[k]) <= CLOSE * Math.max(1, Math.abs(a.interval[k])),
      )
    : equal(a, b);

/** Paths, two names deep at most, at which two plain records differ. */
function changedPaths(a: object, b: object, depth = 0): readonly string[] {
  const [x, y] = [a as Readonly<Record<string, unknown>>, b as Readonly<Record<string, unknown>>];
  return [...new Set([...Object.keys(x), ...Object.keys(y)])].flatMap((key) => {
    const [one, other] = [x[key], y[key]];
    if (equal(one, other)) return [];
    const inner = depth === 0 && key !== 'ground' && isRecord(one) && isRecord(other);
    return inner ? changedPaths(one, other, 1).map((rest) => `${key}.${rest}`) : [key];
  });
}

const isRecord = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
