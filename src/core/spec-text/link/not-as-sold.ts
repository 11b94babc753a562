import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

interface Saying {
  readonly of: readonly FigureKey[];
  /** What stands before the number, as far as `within` characters. */
  readonly before: RegExp;
  readonly within: number;
  /** Words of the sentence before the number with which it is the model's all the same. */
  readonly unless?: RegExp;
}

/** Words before a number that tell of one machine somebody rode, geared or held back, and not of the model as it is sold. */
const SAYINGS: readonly Saying[] = [
  // "Price as tested: $14,250": the price of the machine that was ridden, its extras with it.
  {
    of: ['price'],
    before: spelt(
      /(?<!\p{L})(?:as[- ]tested|(?:of )?(?:the |our )?test (?:bike|machine)|testmaschine|testmotorrad|testfahrzeug|modèle (?:essayé|testé)|(?:versione |moto )?in prova|(?:modelo |moto )?probad[oa]|testmotor)\)?[^\d\n;]{0,12}$/iu,
    ),
    within: 48,
  },
  // "Put a 14 tooth on the front": riders change them, and say so.
  {
    of: ['sprocketFront', 'sprocketRear'],
    before: spelt(
      /(?<!\p{L})(?:put|fit(?:ted)?|swap(?:ped)?|chang(?:ed|ing)|run(?:ning)?|ran|went|gone|going|dropped|geared|bolted|installed|mounted|tried|stuck|moved|mine has|has had|montiert|verbaut|umgerüstet|gewechselt|fahre|monté|mis|passé|mont(?:ato|ata|ado|é)|messo|cambiat[oa]|puesto|puse|cambi(?:é|ado|ada)|gemonteerd|gewisseld|monterat|bytt|byttet|skiftet)(?!\p{L})[^.;]{0,40}$/iu,
    ),
    within: 60,
    unless: spelt(
      /(?<!\p{L})(?:stock|oem|standard|std|factory|serie|origin\p{L}*|di serie|de serie|de série)(?!\p{L})/iu,
    ),
  },
  // "Re-sprung for 210 lb": for one rider, after it was sold.
  {
    of: ['springRiderMass'],
    before: spelt(
      /(?<!\p{L})(?:re-?sprung|re-?valved|(?:new|stiffer|harder|upgraded|aftermarket|other|softer) springs?|(?:neue|andere|härtere|stärkere) federn|umgefedert|ressorts? (?:neufs?|plus durs?|changés?)|muelles (?:nuevos|cambiados|más duros)|molle (?:nuove|cambiate|più rigide)|nieuwe veren)(?!\p{L})[^.;]{0,30}$/iu,
    ),
    within: 60,
  },
  // "Limited to 35 kW": for a licence; the model as it is built may have more, unless that is told before it: "61 hp restricted to 35 kW".
  {
    of: ['power'],
    before: spelt(
      /(?<!\p{L})(?:(?:limit|restrict|reduc|throttl|derat)ed (?:down )?(?:to|at)|(?:gedrosselt|drosselung|begrenzt|reduziert)(?: auf)?|(?:brid|limit)ée? à|limitat[oa] a|depotenziat[oa] a|limitad[oa] (?:a|para)|begrensd (?:op|tot)|strypt till|strupet til|begrænset til|ograniczon\p{L}+ do|omezen\p{L}* na)(?: \p{L}+)? ?$/iu,
    ),
    within: 36,
    unless: spelt(/\d ?(?:kW|b?hp|PS|ch|CV|pk|hk|KM|koní)(?!\p{L})/iu),
  },
];

/** A number told of one machine and not of its model waits for a look, with the words that say so. */
export function notAsSold(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked) return made;
  const words = SAYINGS.filter(
    (s) => s.of.includes(made.key) && !s.unless?.test(text.slice(0, q.from)),
  )
    .map((s) => s.before.exec(text.slice(Math.max(0, q.from - s.within), q.from))?.[0].trim())
    .find((said) => said !== undefined);
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'may-be-changed', words }] };
}
