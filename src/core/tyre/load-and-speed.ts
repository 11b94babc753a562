/** Load index 30…80 → kg (UN Regulation No. 75, ISO 4000-1; from memory). */
const LOAD_FROM_30 = [
  106, 109, 112, 115, 118, 121, 125, 128, 132, 136, 140, 145, 150, 155, 160, 165, 170, 175, 180,
  185, 190, 195, 200, 206, 212, 218, 224, 230, 236, 243, 250, 257, 265, 272, 280, 290, 300, 307,
  315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450,
] as const;

/** Load a tyre of this index may carry, kg; `undefined` outside 30–80. */
export const loadOfIndex = (index: number): number | undefined => LOAD_FROM_30[index - 30];

/** Speed symbol → km/h (UN Regulation No. 75; from memory). H stands between U and V. */
export const SPEED_OF_SYMBOL: Readonly<Record<string, number>> = {
  J: 100,
  K: 110,
  L: 120,
  M: 130,
  N: 140,
  P: 150,
  Q: 160,
  R: 170,
  S: 180,
  T: 190,
  U: 200,
  H: 210,
  V: 240,
  W: 270,
};
