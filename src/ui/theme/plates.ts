/** What makes a candidate recognisable everywhere: letter, shape, hue and dash pattern. */
export interface PlateStyle {
  readonly letter: string;
  readonly light: string;
  readonly dark: string;
  readonly dash: readonly number[];
  /** Outline in a 24 × 24 box. */
  readonly shape: string;
  readonly shapeName: string;
}

const SHAPES = {
  disc: 'M12 1a11 11 0 1 1 0 22a11 11 0 0 1 0-22z',
  block: 'M2.5 2.5h19v19h-19z',
  tent: 'M12 1.5L23.5 22H.5z',
  lozenge: 'M12 .5L23.5 12L12 23.5L.5 12z',
  shield: 'M2.5 2h19v10c0 6-4.500 9-9.500 11.500C7 21 2.500 18 2.500 12z',
  hex: 'M6.500 2h11L23.500 12L17.500 22h-11L.5 12z',
  funnel: 'M.5 2h23L12 22.500z',
  house: 'M12 .8L22.500 9v13.500h-21V9z',
  arch: 'M2 22.500V12a10 10 0 0 1 20 0v10.500z',
  flag: 'M1.500 3h21l-5 9l5 9h-21z',
  barrel: 'M1 7.500C1 4 5 3 12 3s11 1 11 4.500v9C23 20 19 21 12 21S1 20 1 16.500z',
  octagon: 'M7.500 1.500h9l6 6v9l-6 6h-9l-6-6v-9z',
} as const;

const style = (
  letter: string,
  shapeName: keyof typeof SHAPES,
  light: string,
  dark: string,
  dash: readonly number[],
): PlateStyle => ({
  letter,
  shapeName,
  shape: SHAPES[shapeName],
  light,
  dark,
  dash,
});

/** Twelve plates. Hues differ by more than lightness; letter and shape alone tell them apart. */
export const PLATES: readonly PlateStyle[] = [
  style('A', 'disc', '#8a4b08', '#e3a65a', []),
  style('B', 'block', '#2a5ca8', '#86b1f0', [8, 4]),
  style('C', 'tent', '#3f6b1c', '#9ccb72', [3, 3]),
  style('D', 'lozenge', '#8c2f6b', '#e394c6', [10, 3, 2, 3]),
  style('E', 'shield', '#5a4ba3', '#b5a8f2', [14, 4]),
  style('F', 'hex', '#a1331f', '#f2988a', [5, 2]),
  style('G', 'funnel', '#4e5a12', '#c6cf6b', [2, 4]),
  style('H', 'house', '#1d6a5c', '#70cdb9', [12, 3, 3, 3]),
  style('I', 'arch', '#6d4c41', '#d2aa9a', [6, 6]),
  style('J', 'flag', '#7b3fa0', '#d09bf0', [4, 2, 1, 2]),
  style('K', 'barrel', '#44546a', '#a9bad3', [16, 3]),
  style('L', 'octagon', '#9a3350', '#f093ae', [1, 3]),
];

export const plateStyle = (index: number): PlateStyle => {
  const found = PLATES[index];
  if (!found) throw new RangeError(`plateStyle: no plate ${index}`);
  return found;
};
