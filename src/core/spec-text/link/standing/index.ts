import { gramsOf, neededGrams } from '../../vocabulary/grams';
import { spelt } from '../../vocabulary/letters';
import { anotherNamed } from './another-name';
import type { Cue, Span } from './cue';
import { CUES_OF_EQUIPMENT } from './cues-of-equipment';
import { CUES_OF_FURTHER_TONGUES } from './cues-of-further-tongues';
import { CUES_OF_OTHER_TONGUES } from './cues-of-other-tongues';
import { CUES_OF_WHOSE } from './cues-of-whose';
import { ENGLISH_CUES } from './english-cues';
import { PARTS_APART } from './parts-apart';

export { answerBehind } from './answered';
export type { Span } from './cue';

/** Where a clause ends, and what it said holds no longer. */
const CLAUSE_END = spelt(
  /[.;!?:|](?=\s|$)|\(|,? (?:but|because|though|although|while|whereas|since|however|instead of|rather than|so (?:I|we|now|mine)|and (?:ended up|bought|got|now|then|this|mine)|aber|sondern|weil|obwohl|statt|mais|parce que|car|au lieu|pero|sino|porque|en vez|en lugar|perché|invece|bensì)(?!\p{L})|, ma(?!\p{L})|,(?: and)? (?=it(?:['’]s)?(?!\p{L})|I(?:['’]m| get| got| see| have)(?!\p{L})|mine(?!\p{L})|this one|celle-ci|celui-ci|questa(?!\p{L})|esta(?!\p{L})|diese(?!\p{L})|deze(?!\p{L})|den här|more like|rather|just|only|the |then |sie |es sind|der |die |das |elle |c['’]est|la |le |el |ha |pesa |nur |\d|[£$€])/iu,
);
/** A list of what is not there goes on over its commas to the last of them: "no ABS, modes or cruise control". */
const OR_AT_LAST = spelt(
  /^[^.;!?:]*?,[^.;!?:]*?(?<!\p{L})(?:or|nor|noch|oder|ni|ou|o|né)(?!\p{L})[^.;!?:,]*/iu,
);

/** What is not there ends at a comma, or with what is there after all. */
const FACT_END = spelt(
  /[.;!?:,|](?=\s|$)|[✅✔☑❌✖✗✘🚫]|(?<!\p{L})(?:but|only|just|aber|mais|pero|ma|and|und|et|y|e)(?!\p{L})/iu,
);
const DENIAL_END = spelt(
  /[.;!?:,|](?=\s|$)|(?<!\p{L})(?:but|instead|aber|sondern|mais|pero|ma)(?!\p{L})/iu,
);

const CUES = [
  ...ENGLISH_CUES,
  ...CUES_OF_OTHER_TONGUES,
  ...CUES_OF_FURTHER_TONGUES,
  ...CUES_OF_EQUIPMENT,
  ...CUES_OF_WHOSE,
  ...PARTS_APART,
].map((cue) => ({
  ...cue,
  all: spelt(new RegExp(cue.words.source, `${cue.words.flags}g`)),
}));
type Known = (typeof CUES)[number];

/** Cues by the runs of letters one of which each needs, so that most are not tried; and those that need none. */
const BY_GRAM = new Map<string, readonly Known[]>();
const ALWAYS: Known[] = [];
for (const cue of CUES) {
  const needed = neededGrams(cue.words);
  if (!needed) ALWAYS.push(cue);
  for (const gram of needed ?? []) BY_GRAM.set(gram, [...(BY_GRAM.get(gram) ?? []), cue]);
}

function mayStandIn(text: string): ReadonlySet<Known> {
  const found = new Set(ALWAYS);
  for (const gram of gramsOf(text)) for (const cue of BY_GRAM.get(gram) ?? []) found.add(cue);
  return found;
}

function reach(text: string, cue: Cue, from: number, to: number): readonly [number, number] {
  if (cue.whole || cue.asked) return [0, text.length];
  if (cue.behind) {
    // Back to where its own clause began.
    const before = text.slice(0, from);
    const begins = [
      ...before.matchAll(/[.;!?:|](?=\s)|, (?=\S)|(?<!\p{L})(?:but|aber|mais|pero|ma)(?!\p{L})/giu),
    ].at(-1);
    // ", which is nonsense", "Cruise control: optional": the mark before it opens nothing.
    const again = begins && /^[,:|]\s*$/u.test(before.slice(begins.index)) ? undefined : begins;
    return [again ? again.index + 1 : 0, from];
  }
  const rest = text.slice(to);
  const list = cue.standing === 'denied' ? OR_AT_LAST.exec(rest)?.[0].length : undefined;
  const end = (cue.factsOnly ? FACT_END : cue.standing === 'denied' ? DENIAL_END : CLAUSE_END).exec(
    rest,
  );
  return [to, to + (list ?? end?.index ?? rest.length)];
}

/**
 * The stretches of a sentence that tell of a wish, of what is not so, of another machine, or of what a part made of this one.
 * Common usage, no source. Linear in the text.
 * @param own words of this machine's name in small letters, as far as it is known
 * @param facts with the cues that only tell of what a machine has
 */
export function standingIn(
  text: string,
  own: readonly string[] = [],
  facts = false,
): readonly Span[] {
  const asks = text.includes('?');
  const told = [...mayStandIn(text)].flatMap((cue) =>
    (facts || !cue.factsOnly) && (!cue.asked || asks)
      ? [...text.matchAll(cue.all)].map((m): Span => {
          const [behind, to] = reach(text, cue, m.index, m.index + m[0].length);
          // "Wer 20 Liter will": the number stands among the words that say so.
          const from = !cue.behind && /\d/.test(m[0]) ? Math.min(m.index, behind) : behind;
          return {
            from,
            to,
            cue: { from: m.index, to: m.index + m[0].length },
            standing: cue.standing,
            factsOnly: cue.factsOnly ?? false,
            sparesMoney: cue.sparesMoney ?? false,
          };
        })
      : [],
  );
  return [...told, ...anotherNamed(text, own)];
}
