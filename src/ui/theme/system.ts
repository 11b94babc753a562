import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import {
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  dialogSlotRecipe,
  headingRecipe,
  inputRecipe,
  kbdRecipe,
  menuSlotRecipe,
  nativeSelectSlotRecipe,
  popoverSlotRecipe,
  progressSlotRecipe,
  skeletonRecipe,
  tableSlotRecipe,
  textareaRecipe,
} from '@chakra-ui/react/theme';

import { COLOURS, type ColourPair } from './colours';
import { NEED_TRACK_CSS } from './need-track';
import { ORIGIN_MARKS_CSS } from './origin-marks';
import { UNIT_INPUT_CSS } from './unit-input';
import { ANIMATION_STYLES, GRAY, KEYFRAMES, LAYERS, SHADOWS, TEXT_STYLES, TOKENS } from './scales';

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
  preflight: true,
  cssVarsPrefix: 'chakra',
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss: {
    html: { lineHeight: '1.5', colorPalette: 'gray' },
    '*::placeholder, *[data-placeholder]': { color: 'fg.muted/80' },
    '*::selection': { bg: 'colorPalette.emphasized/80' },
    'html, body': { bg: 'bg', color: 'fg', fontFamily: 'body' },
    body: {
      minHeight: '100dvh',
      fontVariantNumeric: 'tabular-nums lining-nums',
      fontSize: 'sm',
      lineHeight: '1.45',
      // A name of one long word breaks before it leaves its box.
      overflowWrap: 'break-word',
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
    ...NEED_TRACK_CSS,
    ...ORIGIN_MARKS_CSS,
    ...UNIT_INPUT_CSS,
    '@page': { margin: '11mm' },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'accent', outlineOffset: '2px' },
  },
  theme: {
    breakpoints: { sm: '480px', md: '768px', lg: '1024px', xl: '1280px', '2xl': '1536px' },
    keyframes: KEYFRAMES,
    tokens: {
      ...TOKENS,
      fonts: {
        body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
        heading: {
          value: "'Overpass Variable', 'Atkinson Hyperlegible Next Variable', sans-serif",
        },
        mono: { value: 'ui-monospace, monospace' },
      },
    },
    semanticTokens: { colors: { ...tokens, gray: GRAY }, shadows: SHADOWS, radii: LAYERS },
    textStyles: TEXT_STYLES,
    layerStyles: { disabled: { value: { opacity: '0.5', cursor: 'not-allowed' } } },
    animationStyles: ANIMATION_STYLES,
    recipes: {
      button: buttonRecipe,
      checkmark: checkmarkRecipe,
      heading: headingRecipe,
      input: inputRecipe,
      kbd: kbdRecipe,
      skeleton: skeletonRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      checkbox: checkboxSlotRecipe,
      dialog: dialogSlotRecipe,
      menu: menuSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      popover: popoverSlotRecipe,
      progress: progressSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);
