import { figureDefinition, type FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { Assigned } from '../link/assign';
import { basesOf } from '../link/bases';
import { cameOut } from '../link/another-beside';
import { isStock } from '../link/changed';
import { isPower, speaksOfLimit } from '../link/restricted';
import { atBothEnds } from '../link/both-ends';
import { FRONT_KEY, OTHER_END } from '../link/ends';
import type { Option, SentenceWords } from '../link/option';
import { propose, usualBasis } from '../link/propose';
import { senses } from '../link/senses';
import { hedgeBefore, speakerOf } from '../link/speaker';
import type { FigureProposal, Proposal } from '../proposal';
import type { Survey } from '../text/survey';
import { secondOpinion } from './second-opinion';

/** From this chance on a number that the rules leave alone is offered; measured on texts that were not learnt from. */
const LIKELY = 0.4;
/** Below this chance a figure of the rules is not taken without a look, measured likewise; one that stands right behind its label is hardly doubted. */
const UNLIKELY = { inWords: 0.5, plain: 0.03 } as const;

/** "Seat height: 850 mm", "Fuel (gal): 4.2", "| Alternator | 336 W |", "Tank 16 l": a label, and its number right behind it. */
const RIGHT_BEHIND =
  /^(?:\s?[([][^)\]\d]{1,18}[)\]])?(?:[\s.]*(?:[:=|]|\t|\.{3})[\s.]*(?:[£$€] ?)?| ?)$/u;

/** Which of two seats or powers it is, words beside it say. */
const isSaidInFull = ({ key, basis }: FigureProposal): boolean =>
  basis === 'low-seat' || key === 'unrestrictedPower';

/** "230 mm fram och 220 mm bak": each of two numbers with the word of its end right beside it. */
function isAtItsEnd(s: SentenceWords, q: Quantity, key: FigureKey): boolean {
  if (OTHER_END[key] === undefined) return false;
  const side = FRONT_KEY.test(key) ? 'front' : 'rear';
  const isNear = ({ from, to }: Quantity): boolean =>
    (from !== q.from && from - q.to >= 0 && from - q.to < PAIRED) ||
    (q.from - to >= 0 && q.from - to < PAIRED);
  return (
    s.quantities.some((o) => o.unit === q.unit && isNear(o)) &&
    s.mentions.some(
      (m) =>
        m.meanings.some((x) => x.kind === 'side' && x.side === side) &&
        (/^ (?:\p{L}{1,4} )?$/u.test(s.text.slice(q.to, m.from)) ||
          /^:? $/u.test(s.text.slice(m.to, q.from))),
    )
  );
}
/** Between two numbers of one pair, characters. */
const PAIRED = 24;

/** Whether more than a word in reach says that a number is this figure: its label right before it, its basis, its place in a pair. */
const isPlain = (
  s: SentenceWords,
  q: Quantity,
  index: number,
  made: FigureProposal,
  option: Option,
): boolean =>
  option.by === 'above' ||
  option.needs !== undefined ||
  q.listed ||
  q.changed !== undefined ||
  cameOut(s, index) ||
  isStock(s.text, q) ||
  (isPower(q) && speaksOfLimit(s.text)) ||
  isAtItsEnd(s, q, made.key) ||
  (made.basis !== 'paid' && isBasisSaid(made)) ||
  (option.by === 'label' &&
    option.word !== undefined &&
    RIGHT_BEHIND.test(s.text.slice(option.word.mention.to, q.from)));

/** A figure that the rules are sure of and that hardly any such words mean: to be looked at. */
export function unlikeAny(
  s: SentenceWords,
  index: number,
  made: FigureProposal,
  option: Option,
): FigureProposal {
  const q = s.quantities[index];
  if (!made.ticked || !s.ours || !q || isSaidInFull(made)) return made;
  const opinion = secondOpinion(s, index);
  return opinion.of(made.key) >= UNLIKELY[isPlain(s, q, index, made, option) ? 'plain' : 'inWords']
    ? made
    : {
        ...made,
        ticked: false,
        doubts: [...made.doubts, { code: 'close-call', rival: opinion.key }],
      };
}

/** What the numbers that no rule takes mostly mean in such words; never ticked. */
export function likelyIn(
  s: SentenceWords,
  assigned: readonly Assigned[],
  survey: Survey,
  place: (
    option: Option,
    q: Quantity,
    index: number,
  ) => { readonly words: string; readonly from: number; readonly to: number },
): readonly FigureProposal[] {
  if (!survey.ours || survey.unlike) return [];
  return s.quantities.flatMap((q, i) => {
    if (assigned[i]?.option?.key !== undefined || s.blocked.has(i)) return [];
    const { key, chance } = secondOpinion(s, i);
    if (
      key === undefined ||
      chance < LIKELY ||
      isOfName(key, q) ||
      !isOfWork(key, s) ||
      isOnceNew(key, s.text, q)
    )
      return [];
    const made = asLikely(s, q, i, key, survey, place);
    return made ? [made, ...atBothEnds(made, s.text.slice(q.to, q.to + 34))] : [];
  });
}

/** A bare size of an engine is mostly part of a name. */
const isOfName = (key: FigureKey, { unit }: Quantity): boolean =>
  key === 'displacement' && unit === undefined;

/** "It was £7,200 new": once, and not now. */
const isOnceNew = (key: FigureKey, text: string, { from, to }: Quantity): boolean =>
  key === 'price' &&
  /^ ?(?:€ ?|euros? ?)?(?:when )?new(?!\p{L})/iu.test(text.slice(to)) &&
  /(?<!\p{L})(?:was|cost) [£$€]?$/iu.test(text.slice(0, from));

/** What work costs is told beside a word of that work. */
const isOfWork = (key: FigureKey, { words, above }: SentenceWords): boolean =>
  !/^(?:inspection|valves|oil)Price$/.test(key) ||
  [...words, ...(above ? [above] : [])].some(
    ({ meaning }) =>
      meaning.kind === 'label' && /^(?:service|valves|oil|inspection)/.test(meaning.name),
  );

function asLikely(
  s: SentenceWords,
  q: Quantity,
  index: number,
  key: FigureKey,
  survey: Survey,
  place: Parameters<typeof likelyIn>[3],
): FigureProposal | undefined {
  const [sense] = senses(s, q, key, true, index);
  if (!sense) return undefined;
  const option = { ...sense, key, word: undefined, by: 'likeness' as const };
  const [basis] = basesOf(s.text, [{ key, from: q.from, to: q.to }], s.mentions);
  return propose(
    {
      quantity: q,
      twin: undefined,
      assigned: { option, margin: Number.POSITIVE_INFINITY, rival: undefined },
      basis,
      standardSaid: false,
      usual: usualBasis(key, survey),
      hedge: hedgeBefore(s.text, q, s.mentions),
      changed: undefined,
      origin: speakerOf(
        s.text,
        s.quantities[index - 1]?.to ?? 0,
        q,
        s.quantities[index + 1]?.from ?? s.text.length,
      ),
      ours: survey.ours,
      sideUnsaid: false,
      several: survey.several,
    },
    () => place(option, q, index),
  );
}

/** A figure whose basis the words name: the low seat beside the usual one. */
const isBasisSaid = (p: FigureProposal): boolean =>
  p.basis !== figureDefinition(p.key).bases[0] && p.doubts.every((d) => d.code !== 'basis-unsaid');

/**
 * What was found, and what is likely where nothing else gives that figure, or not on that basis or by who speaks: the first of each,
 * at its place in the text. Nothing is likely of a text in which no figure has a name.
 */
export function withLikely(
  found: readonly Proposal[],
  likely: readonly FigureProposal[],
): readonly Proposal[] {
  const all = found.filter((p) => p.kind === 'figure');
  if (all.length === 0) return found;
  const added: FigureProposal[] = [];
  for (const p of likely) {
    const rivals = [...all, ...added].filter((x) => x.key === p.key);
    const apart =
      (isBasisSaid(p) && rivals.every((x) => x.basis !== p.basis)) ||
      (p.origin !== undefined && rivals.every((x) => (x.origin ?? 'claimed') !== p.origin));
    if (rivals.length === 0 || apart) added.push(p);
  }
  return added.length === 0 ? found : [...found, ...added].toSorted((a, b) => a.from - b.from);
}
