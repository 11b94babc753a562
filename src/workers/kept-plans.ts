import { Dexie, type EntityTable } from 'dexie';
import { planSubject, type BestBuild, type PlannedBuild, type PlanSetting } from '@/core/build';

/** What the planner found for one question, kept over a reload. */
interface KeptPlan {
  /** Which question, and of which kind the answer is: see {@link questionKey}. */
  readonly key: string;
  /** When it was last written, milliseconds. */
  readonly at: number;
  readonly found: BestBuild | readonly PlannedBuild[];
}

type PlansDb = Dexie & { plans: EntityTable<KeptPlan, 'key'> };

/** So many answers are kept; the oldest go first. */
const MOST_KEPT = 400;

/** Stands for the code that planned, so that another version of the app plans anew; absent where the code may change under the page. */
const CODE = process.env.NEXT_PUBLIC_CORE_HASH;

/**
 * The SHA-256 of everything an answer hangs on (see `planSubject`), the spending limit and the code that found it, in hexadecimal.
 *
 * @returns `undefined` where the page is not served securely, or the code is not settled: then nothing is kept
 */
export async function questionKey(
  setting: PlanSetting,
  spend: number | undefined,
  code = CODE,
): Promise<string | undefined> {
  if (!code || !globalThis.crypto?.subtle) return undefined;
  const text = JSON.stringify([code, spend ?? null, planSubject(setting)]);
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(text));
  return Array.from(new Uint8Array(digest), (byte) => byte.toString(16).padStart(2, '0')).join('');
}

export interface KeptPlans {
  readonly best: (key: string | undefined) => Promise<BestBuild | undefined>;
  /** Every corner of a curve that was planned to its end. */
  readonly curve: (key: string | undefined) => Promise<readonly PlannedBuild[] | undefined>;
  readonly keepBest: (key: string | undefined, best: BestBuild) => Promise<void>;
  readonly keepCurve: (key: string | undefined, corners: readonly PlannedBuild[]) => Promise<void>;
}

/** No name that a dossier's database could have. */
export const PLANS_DB = 'plans-of-jugator';

/** Opens what is kept. Where the browser keeps nothing, nothing is found and nothing is said: it is planned anew, that is all. */
export function keptPlans(name = PLANS_DB, patience_ms = 1500): KeptPlans {
  const db = new Dexie(name) as PlansDb;
  db.version(1).stores({ plans: 'key, at' });
  let answers = true;
  /** One that fails, or has not answered in time, is as good as none; it is not asked again after that. */
  const quietly = async <T>(act: () => Promise<T>): Promise<T | undefined> => {
    if (!answers) return undefined;
    const late = new Promise<never>((_, reject) =>
      setTimeout(() => reject(new Error()), patience_ms),
    );
    try {
      const result = await Promise.race([act(), late]);
      // A transaction ends in a task of its own: while this worker computes, it would hold up the other.
      await new Promise((resolve) => setTimeout(resolve));
      return result;
    } catch {
      answers = false;
      return undefined;
    }
  };
  const read = async (key: string | undefined, kind: 'best' | 'curve') =>
    key === undefined ? undefined : (await quietly(() => db.plans.get(`${key} ${kind}`)))?.found;
  const keep = async (
    key: string | undefined,
    kind: 'best' | 'curve',
    found: KeptPlan['found'],
  ): Promise<void> => {
    if (key === undefined) return;
    await quietly(async () => {
      await db.plans.put({ key: `${key} ${kind}`, at: Date.now(), found });
      const over = (await db.plans.count()) - MOST_KEPT;
      if (over > 0)
        await db.plans.bulkDelete(await db.plans.orderBy('at').limit(over).primaryKeys());
    });
  };
  return {
    best: async (key) => (await read(key, 'best')) as BestBuild | undefined,
    curve: async (key) => (await read(key, 'curve')) as readonly PlannedBuild[] | undefined,
    keepBest: (key, best) => keep(key, 'best', best),
    keepCurve: (key, corners) => keep(key, 'curve', corners),
  };
}
