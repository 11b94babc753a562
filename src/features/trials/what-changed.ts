import { shortName } from '@/core/donor';
import { leading } from '@/core/preference';
import type { Standing } from '@/store/queries';

/** What the order owes to trials: who leads with them and without them, and who moved most. */
export function changedBy(untried: Standing | undefined, now: Standing, trials: number): string {
  if (trials === 0 || !untried)
    return 'Nothing has been tried yet. A sit costs ten minutes and settles the reach of every machine.';
  const nameOf = (id: string) => {
    const found = now.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const stand = (s: Standing): string => {
    const { kind, first } = leading(s.stockRanking);
    if (kind === 'broken' || kind === 'none') return 'every machine breaks a must';
    const names = first.map((r) => nameOf(r.id)).join(' and ');
    return kind === 'kept' ? `in front ${names}` : `none keeps every must surely, nearest ${names}`;
  };
  const [before, after] = [stand(untried), stand(now)];
  const moved = now.candidates
    .map((c) => {
      const was = untried.candidates.find((o) => o.candidate.id === c.candidate.id);
      const [from, to] = [untried, now].map(
        (s) => s.stockRanking.findIndex((r) => r.id === c.candidate.id) + 1,
      );
      return {
        name: shortName(c.donor),
        by: was ? c.stockScore.points.mid - was.stockScore.points.mid : 0,
        from: from ?? 0,
        to: to ?? 0,
      };
    })
    .toSorted(
      (a, b) =>
        Math.abs(b.to - b.from) - Math.abs(a.to - a.from) || Math.abs(b.by) - Math.abs(a.by),
    )[0];
  const count = `${trials} ${trials === 1 ? 'trial' : 'trials'}`;
  const points = (by: number) => `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(1)} points`;
  const places = moved && moved.from !== moved.to ? `from ${moved.from}. to ${moved.to}., ` : '';
  const most =
    moved && (places !== '' || Math.abs(moved.by) >= 0.1)
      ? ` Most moved: ${moved.name}, ${places}${points(moved.by)}.`
      : '';
  const rest = before === after ? 'the same without them' : `without them ${before}`;
  return `${count} so far: as they stand ${after}; ${rest}.${most || ' No figure of the order has moved.'}`;
}
