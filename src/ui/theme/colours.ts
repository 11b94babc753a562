/** One colour in light and in dark. */
export type ColourPair = readonly [light: string, dark: string];

/** Paper and basalt, one accent; status colours always go with a shape or a word. Their contrast is reckoned in a test. */
export const COLOURS = {
  bg: {
    DEFAULT: ['#efede7', '#14181a'],
    panel: ['#fbfaf7', '#1c2225'],
    subtle: ['#e6e3db', '#242b2f'],
    muted: ['#dedad0', '#2c3539'],
    emphasized: ['#d2cdc1', '#38434a'],
  },
  fg: {
    DEFAULT: ['#1b2327', '#e9e7e1'],
    muted: ['#4b565b', '#b3b9b8'],
    subtle: ['#5c666a', '#9da6a6'],
  },
  border: {
    DEFAULT: ['#cbc6b9', '#3a4449'],
    muted: ['#dad6cb', '#2d363a'],
    subtle: ['#e4e0d6', '#262e32'],
    emphasized: ['#868276', '#6b787f'],
  },
  accent: {
    DEFAULT: ['#0b5f6b', '#5fc4cf'],
    soft: ['#cfe3e4', '#17393e'],
    ink: ['#ffffff', '#0b1d20'],
  },
  pass: { DEFAULT: ['#22653c', '#7cc795'] },
  fail: { DEFAULT: ['#9d2b22', '#f09a8d'] },
  unsure: { DEFAULT: ['#7a5200', '#e2b75c'] },
} as const satisfies Readonly<Record<string, Readonly<Record<string, ColourPair>>>>;
