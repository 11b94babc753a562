/** A source of numbers in [0, 1): the same seed gives the same numbers everywhere (sfc32 by C. Doty-Humphrey, public domain, from memory). */
export type Random = () => number;

export function seededRandom(seed: number): Random {
  let [a, b, c, d] = [0x9e3779b9, 0x243f6a88, 0xb7e15162, seed >>> 0];
  const next = (): number => {
    const t = (((a + b) | 0) + d) | 0;
    d = (d + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = (((c << 21) | (c >>> 11)) + t) | 0;
    return (t >>> 0) / 4294967296;
  };
  // The first numbers still show the seed.
  for (let i = 0; i < 15; i += 1) next();
  return next;
}
