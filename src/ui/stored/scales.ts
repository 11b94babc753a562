/** Heights above the sea and temperatures are stored in metres and °C, and read in what the reader uses. */
export const SCALES = {
  m: { words: /^m(?:etres?|eters?)?$/iu, factor: 1, offset: 0, other: 'ft' },
  ft: { words: /^(?:ft|feet|foot|'|′)$/iu, factor: 0.3048, offset: 0, other: 'm' },
  '°C': { words: /^°? ?c$/iu, factor: 1, offset: 0, other: '°F' },
  '°F': { words: /^°? ?f$/iu, factor: 5 / 9, offset: -160 / 9, other: '°C' },
} as const;
export type ScaleSign = keyof typeof SCALES;

/** A number and, perhaps, its sign: the sign that was meant, and the number alone; `undefined` where the words behind it are none of the scale's. */
export function scaleTyped(
  text: string,
  own: ScaleSign,
): { readonly number: string; readonly sign: ScaleSign } | undefined {
  const [, number = '', word = ''] =
    /^([+\-\u2212]?[\d.,\s\u00a0\u202f'’]*\d)\s*(.*)$/u.exec(text.trim()) ?? [];
  if (number === '') return undefined;
  if (word === '') return { number, sign: own };
  const sign = [own, SCALES[own].other].find((s) => SCALES[s].words.test(word));
  return sign && { number, sign };
}
