import type { Basis, FigureKey } from '../readings';

const MASS: readonly (readonly [Basis, RegExp])[] = [
  ['ready-90', /running order|90 ?%|\bmro\b/iu],
  ['dry', /\bdry\b|without (?:fuel|fluids)|no fluids/iu],
  [
    'ready',
    /\bwet\b|\bkerb|\bcurb|ready[- ]to[- ]ride|road[- ]ready|full(?:y)? (?:fuel|tank)|fully fuelled|fully fueled|gassed|all fluids|all up/iu,
  ],
];
const POWER: readonly (readonly [Basis, RegExp])[] = [
  [
    'wheel',
    /rear[- ]wheel|at the (?:back|rear) wheel|\brwhp\b|\bwhp\b|dyno|at the (?:tyre|tire)|roller/iu,
  ],
  ['crank', /crank/iu],
];
const TRAVEL: readonly (readonly [Basis, RegExp])[] = [
  ['taped-travel', /taped|tape (?:says|finds|measure)|measured/iu],
];
const PRICE: readonly (readonly [Basis, RegExp])[] = [
  ['on-the-road', /on[- ]the[- ]road|\botr\b|drive[- ]away|ride[- ]away|out[- ]the[- ]door/iu],
  ['asked', /ask(?:ing|ed|s)|\bono\b|\bobo\b|for sale/iu],
  ['paid', /\bpaid\b|bought for/iu],
  ['list', /list|msrp|rrp/iu],
];
const BASIS_WORDS: Partial<Record<FigureKey, readonly (readonly [Basis, RegExp])[]>> = {
  mass: MASS,
  power: POWER,
  unrestrictedPower: POWER,
  torque: POWER,
  travelFront: TRAVEL,
  travelRear: TRAVEL,
  price: PRICE,
  usedPrice: PRICE,
  seatHeight: [
    ['low-seat', /\blow(?:ered)?[- ](?:seat|version|saddle|suspension|model)|\blow version\b/iu],
  ],
  consumption: [
    ['own-fills', /own fills|my fills|logged|over \d+ (?:fills|tanks)/iu],
    ['cycle', /test cycle|wmtc|\bnedc\b|official|homologat/iu],
    ['motorway', /motorway|highway|autobahn|freeway/iu],
    ['gentle', /gentl[ey]|easy pace|careful/iu],
    ['mixed', /mixed|average|overall|combined/iu],
  ],
};

/** Figures of which the words nearly always say how they were taken, so that silence is a doubt. */
const SAID_AS_A_RULE: ReadonlySet<FigureKey> = new Set(['mass', 'consumption']);

/** How a figure was taken, by the words around it; `said: false` where they do not tell and that matters. `end`: where the telling words end, 0 without any. */
export function basisIn(
  key: FigureKey,
  words: string,
  usual: Basis,
): { readonly basis: Basis; readonly said: boolean; readonly end: number } {
  for (const [basis, pattern] of BASIS_WORDS[key] ?? []) {
    const match = pattern.exec(words);
    if (match) return { basis, said: true, end: match.index + match[0].length };
  }
  return { basis: usual, said: !SAID_AS_A_RULE.has(key), end: 0 };
}
