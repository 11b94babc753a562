import { COLOURS } from './colours';

/** Each mark as drawn within 12 by 12. */
const DRAWN = {
  measured: '<path d="M1 4.500h10M1 2v8M11 2v8M4.300 4.500v3M7.700 4.500v3"/>',
  claimed: '<path d="M2 1.500h8v9H2zM4 4.500h4M4 7h4"/>',
  heard: '<path d="M1.500 2h9v6H6L3.500 10.500V8h-2z"/>',
  estimated:
    '<path d="M1 7.900c1.700-4 3.300-4 5 0s3.300 4 5-.5M1 4.600c1.700-4 3.300-4 5 0s3.300 4 5-.5"/>',
  computed: '<path d="M2 3.800h8M2 8h8"/>',
  typical: '<path d="M1 9.500h2.200V6.500h2V3h1.600v3.500h2v3H11"/>',
  unknown:
    '<path d="M6 1.200a4.800 4.800 0 1 1 0 9.600a4.800 4.800 0 0 1 0-9.600" stroke-dasharray="1.6 1.6"/>',
} as const;

/** How a figure is known, by shape: measured, claimed, heard, estimated, computed, or only what is typical of its class. */
export type Known = keyof typeof DRAWN;

const picture = (path: string, colour: string): string =>
  `url("data:image/svg+xml,${encodeURIComponent(
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 12 12" fill="none" stroke="${colour}" stroke-width="1.3">${path}</svg>`,
  )}")`;

const [LIGHT, DARK] = COLOURS.fg.subtle;

/**
 * The marks of how a figure is known, drawn by the style sheet: as elements of their own some hundreds of drawings on a screen cost
 * more than the figures beside them.
 */
export const ORIGIN_MARKS_CSS = {
  '.origin-mark': {
    display: 'inline-block',
    flexShrink: 0,
    width: '12px',
    height: '12px',
    backgroundSize: '100%',
    printColorAdjust: 'exact',
    '&.small': { width: '10px', height: '10px' },
  },
  ...Object.fromEntries(
    Object.entries(DRAWN).map(([known, path]) => [
      `.origin-mark.${known}`,
      { backgroundImage: picture(path, LIGHT), _dark: { backgroundImage: picture(path, DARK) } },
    ]),
  ),
};
