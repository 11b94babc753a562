/** Dots have this width, px. */
const DOT = { width: '9px', height: '9px', marginLeft: '-4.5px', marginTop: '-4.5px' } as const;
const PLACED = { content: '""', position: 'absolute', top: '50%' } as const;
const line = (token: string) =>
  `linear-gradient(var(--chakra-colors-${token}), var(--chakra-colors-${token}))`;

/** How a figure on its scale is drawn; places come as `--need`, `--low`, `--wide` and `--mid`, % of the track. */
export const NEED_TRACK_CSS = {
  '.need-track': {
    display: 'block',
    position: 'relative',
    height: '16px',
    color: 'fg',
    background: `${line('border')} 0 50% / 100% 1px no-repeat`,
    '&.asked': {
      background: `${line('accent')} var(--need) 0 / 2px 100% no-repeat, ${line('border')} 0 50% / 100% 1px no-repeat`,
    },
    '&.short': { color: 'fail' },
    '&::before': {
      ...PLACED,
      left: 'var(--low)',
      width: 'max(3px, var(--wide))',
      height: '7px',
      marginTop: '-3.5px',
      // No opacity: every element that has one is painted as a layer of its own.
      background: 'color-mix(in srgb, currentcolor 32%, transparent)',
    },
    '&::after': {
      ...PLACED,
      ...DOT,
      left: 'var(--mid)',
      borderRadius: '50%',
      border: '2px solid currentcolor',
      background: 'currentcolor',
    },
    '&.short::after': { background: 'var(--chakra-colors-bg-panel)' },
    '&.empty::before, &.empty::after': { content: 'none' },
    '& > .before': {
      ...PLACED,
      ...DOT,
      borderRadius: '50%',
      border: '1.5px solid var(--chakra-colors-fg-subtle)',
      background: 'var(--chakra-colors-bg-panel)',
    },
    '& > .reach': {
      position: 'absolute',
      left: 'var(--need)',
      width: '1px',
      marginLeft: '-0.5px',
      background: 'color-mix(in srgb, var(--chakra-colors-accent) 55%, transparent)',
      pointerEvents: 'none',
    },
  },
} as const;
