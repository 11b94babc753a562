import { settledBy } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { leading, WANT_KEYS } from '@/core/preference';
import {
  answerWords,
  listWords,
  nameWords,
  ofClass,
  openWords,
  settleWords,
  shortMusts,
} from '@/ui/messages';
import type { State, WeighRow } from './use-weigh-up';

const name = (r: WeighRow) => shortName(r.entry.donor);

/** So many figures are named, the rest counted. */
const NAMED = 4;

/** What of a leader nobody has given and its class stands in for, as a sentence; nothing where all was given. */
function untold({ assessment: { metrics }, entry: { donor } }: WeighRow): readonly string[] {
  const keys = [...new Set(WANT_KEYS.flatMap((want) => metrics[want].typical ?? []))];
  if (keys.length === 0) return [];
  const names = keys.map((key) => nameWords(key).toLowerCase());
  const more = names.length - NAMED;
  const said = more > 1 ? [...names.slice(0, NAMED), `${more} more`] : names;
  return [
    `Nobody has given ${shortName(donor)}’s ${listWords(said)}: what is typical of its class (${ofClass(donor.donorClass)}) stands in.`,
  ];
}

/** The one reading that would settle what is doubtful of the nearest, or the part that would. */
function settling({ ranked, assessment: { figures }, closers }: WeighRow): readonly string[] {
  const [must] = ranked.open;
  if (!must) return [];
  const key = settledBy(must, figures);
  const closer = closers.get(must.key);
  const says = [
    ...(key ? [settleWords(key)] : []),
    ...(closer
      ? [
          `a part could, too: ${closer.part.name.charAt(0).toLowerCase()}${closer.part.name.slice(1)}`,
        ]
      : []),
  ].join('; ');
  return says ? [`${says.charAt(0).toUpperCase()}${says.slice(1)}.`] : [];
}

/** The answer in a sentence or three: who is ahead, who is in doubt, who is out and why. */
export function headline(
  rows: readonly WeighRow[],
  state: State,
): { readonly answer: string; readonly reasons: readonly string[] } {
  const { kind, first } = leading(rows.map((r) => r.ranked));
  const nameOf = (id: string): string => {
    const row = rows.find((r) => r.ranked.id === id);
    return row ? name(row) : id;
  };
  const said = new Set(kind === 'doubtful' ? first.map((r) => r.id) : []);
  const open = rows.filter((r) => r.ranked.group === 'doubtful' && !said.has(r.ranked.id));
  const out = rows.filter((r) => r.ranked.group === 'broken');
  const turned = (r: WeighRow) => r.ranked.failed.every((m) => r.closers.has(m.key));
  const named = (some: readonly WeighRow[]) =>
    listWords(some.map((r) => `${name(r)} (${shortMusts(r.ranked.failed)})`));
  return {
    answer: answerWords(
      rows.map((r) => r.ranked),
      state,
      nameOf,
    ),
    reasons: [
      ...(kind === 'doubtful' && first.length === 1
        ? rows.filter((r) => r.ranked.id === first[0]?.id).flatMap(settling)
        : []),
      ...(kind === 'kept' || kind === 'doubtful'
        ? rows.filter((r) => first.some(({ id }) => id === r.ranked.id)).flatMap(untold)
        : []),
      ...(open.length > 0
        ? [`In doubt: ${listWords(open.map((r) => `${name(r)} (${openWords(r.ranked)})`))}.`]
        : []),
      ...(out.some(turned)
        ? [`Out as they stand, but a part would turn it: ${named(out.filter(turned))}.`]
        : []),
      ...(out.some((r) => !turned(r))
        ? [`Ruled out: ${named(out.filter((r) => !turned(r)))}.`]
        : []),
    ],
  };
}
