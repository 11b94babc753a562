import { spelt } from '../vocabulary/letters';
import { letGoOrTakenIn } from '../link/scopes-of-others';
import { AVOIDED, UNREAL, WANTED } from '../link/nobodys';
import { answerBehind, standingIn } from '../link/standing';
import type { FactProposal } from '../proposal';

/** An answer of yes behind a question. */
const ANSWERED_YES = spelt(
  /^[^.?!]{0,18}(?<!\p{L})(?:yes|yep|yeah|yup|it (?:does|has|is)|ja|jawohl|oui|s[íì])(?!\p{L})/iu,
);

/** Where the sentence at a place begins, and its words. */
function sentenceAt(line: string, at: number): { readonly text: string; readonly from: number } {
  const from = Math.max(0, line.slice(0, at).search(/(?<=[.!?]\s)[^.!?]*$/u));
  const end = /[.!?](?=\s|$)/u.exec(line.slice(from));
  return { text: line.slice(from, end ? from + end.index + 1 : undefined), from };
}

/** "ABS ✅ Tempomat ❌": the mark stands behind what it is of, unless the line begins with one. */
const CROSSED_BEHIND = /^\s*(?:[:–-]\s*)?[❌✖✗✘🚫]/u;
const MARKED = spelt(/^[^\p{L}\d]*[✅✔☑❌✖✗✘🚫]/u);
/** How far an answer is looked for behind a label, in characters. */
const ANSWER = 40;
const isNot = ({ value }: FactProposal): boolean => value === 'none' || value === 'no';

/** A fact as its sentence tells it: what is wished for, optional or another's is none; what is denied is not there, where a fact has a word for that. */
export function asTold(
  fact: FactProposal,
  line: string,
  offset: number,
  own: readonly string[],
): readonly FactProposal[] {
  const { text, from } = sentenceAt(line, fact.from - offset);
  const at = fact.from - offset - from;
  // "Is it tubeless? Spoked, and yes tubeless."
  if (text.endsWith('?') && ANSWERED_YES.test(line.slice(from + text.length))) return [fact];
  const behind = line.slice(fact.to - offset, fact.to - offset + ANSWER);
  // "Tubeless spoked wheels: no": the thing itself may stand between.
  const crossed = CROSSED_BEHIND.test(behind) && !MARKED.test(line) ? 'denied' : undefined;
  const answer =
    crossed ?? answerBehind(behind) ?? answerBehind(behind.replace(/^ \p{L}{4,}/u, ''));
  if (answer === 'optional') return [];
  if (answer === 'denied')
    return fact.value === 'yes' ? [{ ...fact, value: 'no' }] : isNot(fact) ? [fact] : [];
  const ends = at + (fact.to - fact.from);
  // "Doesn't come with fully adjustable fork": a word of the cue may belong to what it is said of.
  const told = standingIn(text, own, true).filter(
    (s) =>
      at < s.to &&
      (at >= s.from ||
        ((s.standing === 'denied' || s.standing === 'wished') && at > s.cue.from && ends > s.from)),
  );
  if (told.length === 0) return [fact];
  if (told.some((s) => s.standing !== 'denied')) return [];
  if (isNot(fact)) return [fact];
  if (fact.value !== 'yes' || !told[0]) return [];
  // Shown with the words that deny it.
  const { cue } = told[0];
  const start = from + Math.min(at, cue.from);
  const end = from + Math.max(at + (fact.to - fact.from), cue.to);
  const words = line.slice(start, end).trim();
  return [{ ...fact, value: 'no', words, from: offset + start, to: offset + end }];
}

/** Whether the sentence at a place tells of what somebody wishes for, had once or would take for it, or of no machine at all. */
export function isNobodys(line: string, at: number): boolean {
  const { text, from } = sentenceAt(line, at);
  return (
    [WANTED, UNREAL, AVOIDED].some((pattern) => pattern.test(text)) ||
    letGoOrTakenIn(text).some(([a, b]) => at - from >= a && at - from < b)
  );
}
