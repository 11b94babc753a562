import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** Said right behind a number: it hangs on which version is meant. Common usage in thirteen languages, no source. */
const BY_VERSION = spelt(
  /^[^.;\d]{0,24}?(?<!\p{L})((?:depend(?:s|ing) on|according to|selon|suivant|je nach|abhängig von|según|dependiendo de|a seconda d[ei]|secondo|afhankelijk van|naargelang|zależnie od|w zależności od|conforme|dependendo d[ae]|beroende på|avhengig av|afhængig(?:t)? af|riippuen|podle|v závislosti na) ?(?:the |la |le |il |el |l['’]|der |die |dem |de |het |ll[ao] )?(?:versions?|models?|modèles?|modell\p{L}*|trim|specs?|specifications?|variants?|variant[ei]|finitions?|ausf(?:ührung|\.)|ausstattung|variante|versiones?|versión|modelos?|versione|allestimento|modell[oi]|uitvoering|wersji|modelu|versão|verze|versio\p{L}*|utförande|utgave))(?!\p{L})/iu,
);

/** A machine that is being set up: how far it sinks, and of how much. */
const SAG = spelt(
  /(?<!\p{L})(?:sag|negativfederweg|durchhang|enfoncement|affondamento|hundimiento)(?!\p{L})/iu,
);

/** An engine without what it drives, which no sheet of today declares. */
const GROSS = spelt(
  /(?<!\p{L})(?:gross|brutto|brute|lorda|bruta)(?:leistung| power| output| effekt)?:? ?(?:of )?$|(?:power|output|leistung|puissance|potenza|potencia) \(?(?:gross|brutto|brute|lorda|bruta)\)?:? ?$/iu,
);

/** "16 to 18 litres depending on version", "70 mm of 205 mm travel" when sag is measured: which it is stays open, and is asked. */
export function asLeftOpen(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked) return made;
  const version = BY_VERSION.exec(text.slice(q.to, q.to + 70))?.[1];
  if (version !== undefined)
    return {
      ...made,
      ticked: false,
      doubts: [...made.doubts, { code: 'hedged', words: version }],
    };
  // "Gross power 48 kW, net 44.8 kW": what is declared is the second.
  if (made.key === 'power' && GROSS.test(text.slice(Math.max(0, q.from - 24), q.from)))
    return {
      ...made,
      ticked: false,
      doubts: [...made.doubts, { code: 'close-call', rival: undefined }],
    };
  const isOfSag =
    (made.key === 'travelFront' || made.key === 'travelRear') &&
    SAG.test(text.slice(Math.max(0, q.from - 40), q.from));
  return isOfSag
    ? {
        ...made,
        ticked: false,
        doubts: [
          ...made.doubts,
          {
            code: 'close-call',
            rival: made.key === 'travelFront' ? 'travelRear' : 'travelFront',
          },
        ],
      }
    : made;
}
