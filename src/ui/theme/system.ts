import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

import { COLOURS, type ColourPair } from './colours';

/** The colours as the component library wants them. */
const tokens = Object.fromEntries(
  Object.entries(COLOURS).map(([name, shades]) => [
    name,
    Object.fromEntries(
      Object.entries<ColourPair>(shades).map(([shade, [light, dark]]) => [
        shade,
        { value: { _light: light, _dark: dark } },
      ]),
    ),
  ]),
);

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
      colors: tokens,
    },
  },
});

export const system = createSystem(defaultConfig, config);
