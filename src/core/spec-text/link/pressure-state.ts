import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** With what a pressure is meant, where it is not the usual one. */
const STATE = spelt(
  /(?<!\p{L})(?:with (?:a )?(?:passenger|pillion|luggage|full load)|two[- ]up|pillion|(?:fully )?(?:loaded|laden)|max(?:imum|\.)? load|off[- ]?road|sand|mud|track|trail use|rocks|aired? down|mit (?:sozius|beifahrer|gepäck|beladung)|zu zweit|beladen|gelände|offroad|avec (?:passager|bagages)|en duo|chargée?|tout[- ]terrain|con (?:passeggero|bagaglio|pasajero|equipaje)|a pieno carico|in due|fuoristrada|cargada|a dúo|met (?:duo)?passagier|beladen|terrein)(?!\p{L})/iu,
);
/** How somebody rode it, and not what the maker asks for: "ran the tyres at 22 psi", "Luftdruck auf 1,6 bar abgesenkt". */
const AS_RIDDEN = spelt(
  /(?<!\p{L})(?:(?:i|we|he|she|they)(?:['’](?:ve|d))?(?: (?:usually|always|mostly|generally|now))? (?:run|ran|use|used|had|set|like|liked|pump\w*|drop\w*|rode|put|go|went)|(?:ran|run|running|set|setting|dropp?(?:ed|ing)?|pumped|lower(?:ed|ing)?|let) (?:the|my|our|them|both|it)|(?:tyres|tires) (?:are |were |set )?(?:at|to|down to|up to)|pressures? (?:was|were)|felt|(?:ich|wir) (?:fahre|fahren|fuhr|fuhren|hatten?)|(?:fahre|fuhr|hatten?) (?:ich|wir)|ab(?:ge)?(?:senkt|lassen)|gesenkt|fühlte|je roule|on roule|j['’]ai mis|on a mis|(?:dé)?gonflée?s? à|ho messo|abbiamo messo|tengo|sgonfiat\p{L}+|llevo|llevamos|puse|pusimos|baj(?:é|amos|ando)|ik rij|reed ik|verlaagd|jag (?:kör|körde|sänkte)|körde|kändes)(?!\p{L})/iu,
);
/** Whoever says so quotes the maker. */
const BY_THE_BOOK = spelt(
  /(?<!\p{L})(?:manual|handbook|book|sticker|placard|plate|recommend(?:s|ed|ation)?|factory|maker|handbuch|aufkleber|empfohlen|vorgeschrieben|laut werk|notice|préconisée?s?|recommandée?s?|manuale|libretto|consigliat\p{L}|targhetta|recomendad\p{L}+|handleiding|aanbevolen|instruktionsbok)(?!\p{L})/iu,
);
/** As far before the numbers, and right behind them. */
const [BEFORE, BEHIND] = [44, 26];

const asRidden = (text: string): string | undefined =>
  BY_THE_BOOK.test(text) ? undefined : AS_RIDDEN.exec(text)?.[0];

/** "Tyre pressure with passenger 2.2/2.5 bar", "1.5 bar off-road", "we set the tyres to 1.8": not the pressure that counts alone, and asked about. */
export function forOneState(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked || !made.key.startsWith('pressure')) return made;
  const before = text.slice(Math.max(0, q.from - BEFORE), q.from);
  const words =
    STATE.exec(before.replace(/^.*[;,.](?=\s)/su, ''))?.[0] ??
    STATE.exec(/^[^;,.]*/u.exec(text.slice(q.to, q.to + BEHIND))?.[0] ?? '')?.[0] ??
    asRidden(text);
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'may-be-changed', words }] };
}
