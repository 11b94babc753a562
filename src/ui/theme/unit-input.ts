/** A field for a figure, with its unit standing in it at the right. */
export const UNIT_INPUT_CSS = {
  '.unit-input': {
    position: 'relative',
    display: 'inline-flex',
    flexShrink: 0,
    '& > input': {
      width: '100%',
      minWidth: '36px',
      height: '36px',
      paddingInline: '10px',
      textAlign: 'right',
      textStyle: 'sm',
      bg: 'bg.panel',
      borderWidth: '1px',
      borderColor: 'border.emphasized',
      borderRadius: 'l2',
      '&:focus-visible': { outlineWidth: '2px', outlineOffset: '-1px' },
      '&.invalid': { borderWidth: '2px', borderColor: 'fail' },
      '&:disabled': { opacity: 0.5, cursor: 'not-allowed' },
    },
    '& > .unit': {
      position: 'absolute',
      insetBlock: 0,
      right: 0,
      display: 'flex',
      alignItems: 'center',
      paddingInline: '8px',
      color: 'fg.muted',
      fontSize: 'xs',
      pointerEvents: 'none',
    },
  },
} as const;
