import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

const pair = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });

/** Paper and basalt, one accent; status colours always go with a shape or a word. */
const config = defineConfig({
  globalCss: {
    'html, body': { bg: 'bg', color: 'fg', fontFamily: 'body' },
    body: {
      minHeight: '100dvh',
      fontVariantNumeric: 'tabular-nums lining-nums',
      fontSize: 'sm',
      lineHeight: '1.45',
    },
    '*, *::before, *::after': {
      _motionReduce: {
        transitionDuration: '0.01ms !important',
        animationDuration: '0.01ms !important',
      },
    },
    '.donor-line': {
      display: 'flex',
      gap: '8px',
      alignItems: 'center',
      width: '100%',
      height: '100%',
      textAlign: 'left',
      paddingRight: '8px',
      cursor: 'pointer',
      borderBottomWidth: '1px',
      borderColor: 'border.muted',
      _hover: { bg: 'bg.panel' },
      _focusVisible: { outlineOffset: '-3px' },
    },
    '.donor-line-current': {
      lg: { bg: 'bg.panel', boxShadow: 'inset 4px 0 0 var(--chakra-colors-accent)' },
    },
    '@page': { margin: '11mm' },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'accent', outlineOffset: '2px' },
  },
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
        heading: {
          value: "'Overpass Variable', 'Atkinson Hyperlegible Next Variable', sans-serif",
        },
      },
      radii: { plate: { value: '3px' } },
    },
    semanticTokens: {
      colors: {
        bg: {
          DEFAULT: pair('#efede7', '#14181a'),
          panel: pair('#fbfaf7', '#1c2225'),
          subtle: pair('#e6e3db', '#242b2f'),
          muted: pair('#dedad0', '#2c3539'),
          emphasized: pair('#d2cdc1', '#38434a'),
        },
        fg: {
          DEFAULT: pair('#1b2327', '#e9e7e1'),
          muted: pair('#4b565b', '#b3b9b8'),
          subtle: pair('#5c666a', '#9da6a6'),
        },
        border: {
          DEFAULT: pair('#cbc6b9', '#3a4449'),
          muted: pair('#dad6cb', '#2d363a'),
          subtle: pair('#e4e0d6', '#262e32'),
          emphasized: pair('#8d897e', '#66737a'),
        },
        accent: {
          DEFAULT: pair('#0b5f6b', '#5fc4cf'),
          soft: pair('#cfe3e4', '#17393e'),
          ink: pair('#ffffff', '#0b1d20'),
        },
        pass: pair('#22653c', '#7cc795'),
        fail: pair('#9d2b22', '#f09a8d'),
        unsure: pair('#7a5200', '#e2b75c'),
      },
    },
  },
});

export const system = createSystem(defaultConfig, config);
