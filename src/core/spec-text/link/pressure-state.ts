import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

/** With what a pressure is meant, where it is not the usual one. */
const STATE =
  /(?<!\p{L})(?:with (?:a )?(?:passenger|pillion|luggage|full load)|two[- ]up|pillion|(?:fully )?(?:loaded|laden)|max(?:imum|\.)? load|off[- ]?road|sand|mud|track|trail use|rocks|aired? down|mit (?:sozius|beifahrer|gepäck|beladung)|zu zweit|beladen|gelände|offroad|avec (?:passager|bagages)|en duo|chargée?|tout[- ]terrain|con (?:passeggero|bagaglio|pasajero|equipaje)|a pieno carico|in due|fuoristrada|cargada|a dúo|met (?:duo)?passagier|beladen|terrein)(?!\p{L})/iu;
/** As far before the numbers, and right behind them. */
const [BEFORE, BEHIND] = [44, 26];

/** "Tyre pressure with passenger 2.2/2.5 bar", "1.5 bar off-road": not the pressure that counts alone, and asked about. */
export function forOneState(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked || !made.key.startsWith('pressure')) return made;
  const before = text.slice(Math.max(0, q.from - BEFORE), q.from);
  const words =
    STATE.exec(before.replace(/^.*[;,.](?=\s)/su, ''))?.[0] ??
    STATE.exec(/^[^;,.]*/u.exec(text.slice(q.to, q.to + BEHIND))?.[0] ?? '')?.[0];
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'may-be-changed', words }] };
}
