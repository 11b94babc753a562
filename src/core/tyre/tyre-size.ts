import { loadOfIndex, SPEED_OF_SYMBOL } from './load-and-speed';

/** What a tyre's designation says. */
export interface TyreSize {
  readonly width_mm: number;
  /** Height of the section, mm. */
  readonly section_mm: number;
  readonly rim_in: number;
  /** Overall diameter unloaded, mm. */
  readonly diameter_mm: number;
  /** Permitted load by its load index, kg; absent when the designation does not say. */
  readonly load_kg?: number;
  /** Permitted speed by its symbol, km/h. */
  readonly speed_kmh?: number;
}

const INCH = 25.4;
const SUFFIX = String.raw`(?:\s*(?:[MCTBRW/()\s]{0,8})\s*(\d{2})\s*([HJ-WZ]))?`;
const METRIC = new RegExp(
  String.raw`^(\d{2,3})\s*/\s*(\d{2,3})\s*(?:[- ]|Z?R|B|M/C)\s*(?:-\s*)?(\d{2})(?!\d)${SUFFIX}`,
  'i',
);
const INCHES = new RegExp(
  String.raw`^(\d[.,]\d{2})\s*(?:[- ]|R|B)\s*(?:-\s*)?(\d{2})(?!\d)${SUFFIX}`,
  'i',
);
const LETTERS = new RegExp(
  String.raw`^M([HJMNRTUV])\s*(\d{2})\s*(?:[- ]|B|R)\s*(?:-\s*)?(\d{2})(?!\d)${SUFFIX}`,
  'i',
);

/** Width code of alphanumeric sizes, mm: common practice, from memory. */
const LETTER_WIDTH: Readonly<Record<string, number>> = {
  H: 80,
  J: 90,
  M: 100,
  N: 110,
  R: 120,
  T: 130,
  U: 140,
  V: 150,
};
/** Section height ÷ width of inch sizes: "low" sizes end in .10 or .60, the others are about as high as wide. Middle confidence, from memory. */
const LOW_SIZE = 0.84;
const HIGH_SIZE = 0.98;

/**
 * Reads a designation such as `90/90-21 54V`, `150/70 R 17 M/C 69V`, `3.00-21`, `MT90-16`.
 * Diameter = 25.4 · rim + 2 · section height; metric section = width · aspect ÷ 100.
 *
 * @returns `undefined` when the text is no tyre size or an impossible one.
 */
export function parseTyre(text: string): TyreSize | undefined {
  const trimmed = text.trim();
  const metric = METRIC.exec(trimmed);
  if (metric)
    return sized(
      Number(metric[1]),
      Number(metric[2]) / 100,
      Number(metric[3]),
      metric[4],
      metric[5],
    );
  const letters = LETTERS.exec(trimmed);
  if (letters)
    return sized(
      LETTER_WIDTH[(letters[1] ?? '').toUpperCase()] ?? 0,
      Number(letters[2]) / 100,
      Number(letters[3]),
      letters[4],
      letters[5],
    );
  const inches = INCHES.exec(trimmed);
  if (!inches) return undefined;
  const width = (inches[1] ?? '').replace(',', '.');
  return sized(
    Number(width) * INCH,
    /\.(10|60)$/.test(width) ? LOW_SIZE : HIGH_SIZE,
    Number(inches[2]),
    inches[3],
    inches[4],
  );
}

function sized(
  width_mm: number,
  aspect: number,
  rim_in: number,
  index: string | undefined,
  symbol: string | undefined,
): TyreSize | undefined {
  if (width_mm < 50 || width_mm > 260 || aspect < 0.4 || aspect > 1.1 || rim_in < 8 || rim_in > 23)
    return undefined;
  const section_mm = width_mm * aspect;
  const load = index === undefined ? undefined : loadOfIndex(Number(index));
  const speed = symbol === undefined ? undefined : SPEED_OF_SYMBOL[symbol.toUpperCase()];
  return {
    width_mm,
    section_mm,
    rim_in,
    diameter_mm: rim_in * INCH + 2 * section_mm,
    ...(load === undefined ? {} : { load_kg: load }),
    ...(speed === undefined ? {} : { speed_kmh: speed }),
  };
}
