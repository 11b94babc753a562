import { shortName } from '@/core/donor';
import type { MustResult } from '@/core/assessment';
import { MUST_SHORT } from '@/ui/messages';
import type { WeighRow } from './use-weigh-up';

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
const shorts = (musts: readonly MustResult[]): string =>
  list([...new Set(musts.map((m) => MUST_SHORT[m.key]))]);

/** The answer in a sentence or three: who is ahead, what is still open about them, who is out and why. */
export function headline(
  rows: readonly WeighRow[],
  view: 'stock' | 'built',
): { readonly answer: string; readonly reasons: readonly string[] } {
  const standingRows = rows.filter((r) => r.ranked.place !== undefined);
  const first = standingRows.filter((r) => r.ranked.place === 1);
  const as = view === 'stock' ? 'as they stand' : 'with the parts chosen';
  const out = rows.filter((r) => r.ranked.failed.length > 0);
  const name = (r: WeighRow) => shortName(r.entry.donor);
  const points = (r: WeighRow) => Math.round(r.score.points.mid);
  const answer =
    first.length === 0
      ? `No candidate passes every must ${as}.`
      : first.length === 1
        ? `${name(first[0] as WeighRow)} fits this brief best ${view === 'stock' ? 'as it stands' : 'with the parts chosen'}: ${points(first[0] as WeighRow)} of 100.`
        : `${list(first.map(name))} are level ${as}: ${list(first.map((r) => String(points(r))))} of 100.`;
  const open = first
    .filter((r) => r.ranked.open.length > 0)
    .map((r) => `${name(r)}: ${shorts(r.ranked.open)} could still go either way.`);
  const turned = (r: WeighRow) => r.ranked.failed.every((m) => r.closers.has(m.key));
  const named = (rows: readonly WeighRow[]) =>
    list(rows.map((r) => `${name(r)} (${shorts(r.ranked.failed)})`));
  const ruled = [
    ...(out.some(turned)
      ? [`Out as they stand, but a part would turn it: ${named(out.filter(turned))}.`]
      : []),
    ...(out.some((r) => !turned(r)) ? [`Ruled out: ${named(out.filter((r) => !turned(r)))}.`] : []),
  ];
  return { answer, reasons: [...open, ...ruled] };
}
