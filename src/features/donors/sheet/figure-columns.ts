/** Columns of a figure's or a fact's row: name, value, basis, origin, where from, acts. */
export const FIGURE_COLUMNS = {
  base: '1fr 1fr',
  xl: '112px 104px 184px 136px minmax(52px, 1fr) 48px',
};
