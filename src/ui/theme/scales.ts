/** The scales that styles are written in: only those in use, so that each page carries no more of them. Spacing counts in quarters of a rem. */
type Values<V extends string | number> = Readonly<Record<string, { readonly value: V }>>;
const values = <V extends string | number>(of: Readonly<Record<string, V>>): Values<V> =>
  Object.fromEntries(Object.entries(of).map(([key, value]) => [key, { value }]));

const STEPS = [
  0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24, 28, 32, 40, 48,
  56, 64,
];
const steps = values(Object.fromEntries(STEPS.map((n) => [n, `${n / 4}rem`])));

export const TOKENS = {
  spacing: steps,
  sizes: {
    ...steps,
    ...values({
      '2xs': '16rem',
      xs: '20rem',
      sm: '24rem',
      md: '28rem',
      lg: '32rem',
      xl: '36rem',
      '2xl': '42rem',
      '4xl': '56rem',
      full: '100%',
      fit: 'fit-content',
      max: 'max-content',
      min: 'min-content',
    }),
  },
  fontSizes: values({
    '2xs': '0.625rem',
    xs: '0.75rem',
    sm: '0.875rem',
    md: '1rem',
    lg: '1.125rem',
    xl: '1.25rem',
    '2xl': '1.5rem',
    '3xl': '1.875rem',
  }),
  fontWeights: values({ normal: '400', medium: '500', semibold: '600', bold: '700' }),
  lineHeights: values({ shorter: 1.25, short: 1.375, moderate: 1.5 }),
  letterSpacings: values({ wide: '0.025em', widest: '0.1em' }),
  radii: values({
    none: '0',
    '2xs': '0.0625rem',
    xs: '0.125rem',
    sm: '0.25rem',
    md: '0.375rem',
    full: '9999px',
    plate: '3px',
  }),
  zIndex: values({
    hide: -1,
    base: 0,
    docked: 10,
    dropdown: 1000,
    sticky: 1100,
    overlay: 1300,
    modal: 1400,
    popover: 1500,
  }),
  durations: values({ faster: '100ms', fast: '150ms', moderate: '200ms', slow: '300ms' }),
  cursor: values({
    button: 'pointer',
    checkbox: 'default',
    disabled: 'not-allowed',
    menuitem: 'default',
  }),
  animations: values({ pulse: 'pulse 2s cubic-bezier(0.4, 0, 0.6, 1) infinite' }),
  colors: {
    ...values({
      transparent: 'transparent',
      current: 'currentColor',
      black: '#09090B',
      white: '#FFFFFF',
    }),
    blackAlpha: values({ 500: 'rgba(0, 0, 0, 0.36)' }),
  },
};

/** What recipes take where no colour is given: the palette “gray”. */
export const GRAY = Object.fromEntries(
  (
    [
      ['contrast', '#fff', '#09090B'],
      ['fg', '#27272a', '#e4e4e7'],
      ['subtle', '#f4f4f5', '#18181b'],
      ['muted', '#e4e4e7', '#27272a'],
      ['emphasized', '#d4d4d8', '#3f3f46'],
      ['solid', '#18181b', '#fff'],
      ['focusRing', '#a1a1aa', '#a1a1aa'],
      ['border', '#e4e4e7', '#27272a'],
    ] as const
  ).map(([shade, light, dark]) => [shade, { value: { _light: light, _dark: dark } }]),
);

export const SHADOWS = Object.fromEntries(
  (
    [
      [
        'lg',
        '0px 8px 16px rgba(24,24,27,0.1), 0px 0px 1px rgba(24,24,27,0.3)',
        '0px 8px 16px rgba(9,9,11,0.64), 0px 0px 1px inset rgba(212,212,216,0.3)',
      ],
      ['inset', 'inset 0 0 0 1px rgba(9,9,11,0.05)', 'inset 0 0 0 1px rgba(212,212,216,0.05)'],
    ] as const
  ).map(([size, light, dark]) => [size, { value: { _light: light, _dark: dark } }]),
);

/** Radii by the layer of a thing: a mark, a control, a sheet. */
export const LAYERS = values({ l1: '{radii.xs}', l2: '{radii.sm}', l3: '{radii.md}' });

const textStyle = (size: string, lineHeight: string) => ({ value: { fontSize: size, lineHeight } });
export const TEXT_STYLES = {
  xs: textStyle('xs', '1rem'),
  sm: textStyle('sm', '1.25rem'),
  md: textStyle('md', '1.5rem'),
  lg: textStyle('lg', '1.75rem'),
  xl: textStyle('xl', '1.875rem'),
  '2xl': textStyle('2xl', '2rem'),
  '3xl': textStyle('3xl', '2.375rem'),
};

const slide = (side: string, other: string) => ({
  [`slide-from-${side}`]: { '0%': { translate: other }, to: { translate: '0' } },
  [`slide-to-${side}`]: { '0%': { translate: '0' }, to: { translate: other } },
});
export const KEYFRAMES = {
  pulse: { '50%': { opacity: '0.5' } },
  position: {
    from: { insetInlineStart: 'var(--animate-from-x)', insetBlockStart: 'var(--animate-from-y)' },
    to: { insetInlineStart: 'var(--animate-to-x)', insetBlockStart: 'var(--animate-to-y)' },
  },
  'fade-in': { from: { opacity: 0 }, to: { opacity: 1 } },
  'fade-out': { from: { opacity: 1 }, to: { opacity: 0 } },
  'scale-in': { from: { scale: '0.95' }, to: { scale: '1' } },
  'scale-out': { from: { scale: '1' }, to: { scale: '0.95' } },
  ...slide('top', '0 -0.5rem'),
  ...slide('bottom', '0 0.5rem'),
  ...slide('left', '-0.5rem 0'),
  ...slide('right', '0.5rem 0'),
};

const OPPOSITE = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' } as const;
const sliding = (way: 'from' | 'to', fade: 'fade-in' | 'fade-out') => ({
  value: {
    transformOrigin: 'var(--transform-origin)',
    ...Object.fromEntries(
      Object.entries(OPPOSITE).map(([side, other]) => [
        `&[data-placement^=${side}]`,
        { animationName: `slide-${way}-${other}, ${fade}` },
      ]),
    ),
  },
});
const scaling = (scale: 'scale-in' | 'scale-out', fade: 'fade-in' | 'fade-out') => ({
  value: { transformOrigin: 'var(--transform-origin)', animationName: `${scale}, ${fade}` },
});
export const ANIMATION_STYLES = {
  'slide-fade-in': sliding('from', 'fade-in'),
  'slide-fade-out': sliding('to', 'fade-out'),
  'scale-fade-in': scaling('scale-in', 'fade-in'),
  'scale-fade-out': scaling('scale-out', 'fade-out'),
};
