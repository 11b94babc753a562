import { settledBy } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { leading } from '@/core/preference';
import {
  answerWords,
  listWords,
  openWords,
  settleWords,
  shortMusts,
  untoldWords,
} from '@/ui/messages';
import type { State, WeighRow } from './use-weigh-up';

const name = (r: WeighRow) => shortName(r.entry.donor);

/** What of a leader nobody has given, as far as it counts. */
const untold = ({ assessment, entry, score }: WeighRow): readonly string[] => {
  const counting = score.contributions.filter((c) => c.weight > 0).map((c) => c.want);
  const says = untoldWords(assessment, entry.donor, counting);
  return says ? [says] : [];
};

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

/** Who is out; until it is known whom a part would turn, nobody is called ruled out. */
function outWords(out: readonly WeighRow[], closersKnown: boolean): readonly string[] {
  if (out.length === 0) return [];
  const turned = (r: WeighRow) => r.ranked.failed.every((m) => r.closers.has(m.key));
  const named = (some: readonly WeighRow[]) =>
    listWords(some.map((r) => `${name(r)} (${shortMusts(r.ranked.failed)})`));
  if (!closersKnown)
    return [
      `Out as they stand: ${named(out)}.`,
      'Which of them a part would turn is being worked out …',
    ];
  const [byPart, ruledOut] = [out.filter(turned), out.filter((r) => !turned(r))];
  return [
    ...(byPart.length > 0
      ? [`Out as they stand, but a part would turn it: ${named(byPart)}.`]
      : []),
    ...(ruledOut.length > 0 ? [`Ruled out: ${named(ruledOut)}.`] : []),
  ];
}

/**
 * The answer in a sentence or three: who is ahead, who is in doubt, who is out and why.
 *
 * @param closersKnown whether it has been worked out which musts a part would turn
 */
export function headline(
  rows: readonly WeighRow[],
  state: State,
  closersKnown = true,
): { readonly answer: string; readonly reasons: readonly string[] } {
  const { kind, first } = leading(rows.map((r) => r.ranked));
  const nameOf = (id: string): string => {
    const row = rows.find((r) => r.ranked.id === id);
    return row ? name(row) : id;
  };
  const said = new Set(kind === 'doubtful' ? first.map((r) => r.id) : []);
  const open = rows.filter((r) => r.ranked.group === 'doubtful' && !said.has(r.ranked.id));
  const out = rows.filter((r) => r.ranked.group === 'broken');
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
      ...outWords(out, closersKnown),
    ],
  };
}
