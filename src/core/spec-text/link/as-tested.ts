import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** What stands before the price of the machine that was ridden, its extras with it. */
const AS_TESTED =
  /(?<!\p{L})(?:as[- ]tested|(?:of )?(?:the |our )?test (?:bike|machine)|testmaschine|testmotorrad|testfahrzeug|modèle (?:essayé|testé)|(?:versione |moto )?in prova|(?:modelo |moto )?probad[oa]|testmotor)\)?[^\d\n;]{0,12}$/iu;

/** "Price as tested: $14,250": with what was fitted for the test, and asked about. */
export function asTested(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  const words =
    made.key === 'price' && made.ticked
      ? AS_TESTED.exec(text.slice(Math.max(0, q.from - 48), q.from))?.[0].trim()
      : undefined;
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'may-be-changed', words }] };
}
