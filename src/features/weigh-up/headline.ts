import { settledBy, type MustResult } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { leading, WANT_KEYS } from '@/core/preference';
import { chanceWords, MUST_SHORT, nameWords, ofClass, settleWords } from '@/ui/messages';
import type { State, WeighRow } from './use-weigh-up';

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
const shorts = (musts: readonly MustResult[]): string =>
  list([...new Set(musts.map((m) => MUST_SHORT[m.key]))]);
const name = (r: WeighRow) => shortName(r.entry.donor);
const points = (r: WeighRow) => String(Math.round(r.score.points.mid));

/** What is open about the musts of one that keeps them doubtfully: each with its chance. */
const doubts = ({ ranked }: WeighRow): string =>
  list(
    ranked.open.map((m) =>
      m.chance === undefined || m.verdict === 'not-known'
        ? `${MUST_SHORT[m.key]} not known`
        : `${MUST_SHORT[m.key]} in ${chanceWords(m.chance)}`,
    ),
  );

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
    `Nobody has given ${shortName(donor)}’s ${list(said)}: what is typical of its class (${ofClass(donor.donorClass)}) stands in.`,
  ];
}

/** Draws in which all musts hold, where that is not next to certain. */
const surely = ({ ranked: { chance } }: WeighRow): string =>
  chance === undefined || chance > 0.995 ? '' : `, in ${chanceWords(chance)}`;

/** How a state is called of several machines, and of one. */
const STATE_WORDS: Readonly<Record<State, readonly [string, string]>> = {
  stock: ['as they stand', 'as it stands'],
  built: ['with the parts chosen', 'with the parts chosen'],
  best: ['with the best parts for the money', 'with the best parts for the money'],
};

/** The answer in a sentence: who is ahead where somebody keeps every must, else that nobody does and who comes nearest. */
function answerOf(rows: readonly WeighRow[], state: State): string {
  const { kind, first } = leading(rows.map((r) => r.ranked));
  const ahead = first.flatMap(({ id }) => rows.find((r) => r.ranked.id === id) ?? []);
  const [one] = ahead;
  const [they, it] = STATE_WORDS[state];
  if (!one) return 'Nobody is on the shortlist.';
  const level = `${list(ahead.map(name))} are level ${they}: ${list(ahead.map(points))} of 100`;
  if (kind === 'kept')
    return ahead.length > 1
      ? `${level}; each keeps every must.`
      : `${name(one)} fits this brief best ${it}: ${points(one)} of 100, every must kept${surely(one)}.`;
  if (kind === 'doubtful')
    return ahead.length > 1
      ? `None keeps every must surely ${they}. Nearest, and level: ${list(ahead.map((r) => `${name(r)} (${doubts(r)})`))}.`
      : `None keeps every must surely ${they}. Nearest: ${name(one)}, ${points(one)} of 100, ${doubts(one)}.`;
  return `No candidate keeps every must ${they}. Worth most: ${name(one)}, which breaks ${shorts(one.ranked.failed)}.`;
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
  const said = new Set(kind === 'doubtful' ? first.map((r) => r.id) : []);
  const open = rows.filter((r) => r.ranked.group === 'doubtful' && !said.has(r.ranked.id));
  const out = rows.filter((r) => r.ranked.group === 'broken');
  const turned = (r: WeighRow) => r.ranked.failed.every((m) => r.closers.has(m.key));
  const named = (some: readonly WeighRow[]) =>
    list(some.map((r) => `${name(r)} (${shorts(r.ranked.failed)})`));
  return {
    answer: answerOf(rows, state),
    reasons: [
      ...(kind === 'doubtful' && first.length === 1
        ? rows.filter((r) => r.ranked.id === first[0]?.id).flatMap(settling)
        : []),
      ...(kind === 'kept' || kind === 'doubtful'
        ? rows.filter((r) => first.some(({ id }) => id === r.ranked.id)).flatMap(untold)
        : []),
      ...(open.length > 0
        ? [`In doubt: ${list(open.map((r) => `${name(r)} (${doubts(r)})`))}.`]
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
