'use client';
import { useTheme } from 'next-themes';
import { plateStyle } from '../theme/plates';

/** True when the page is dark; false until the browser has said. */
export const useIsDark = (): boolean => useTheme().resolvedTheme === 'dark';

/** A candidate's plate: its letter on its shape in its hue. */
export function Plate({
  index,
  size = 26,
  label,
  onPaper = false,
}: {
  readonly index: number;
  readonly size?: number;
  readonly label?: string /** On white, whatever the page is. */;
  readonly onPaper?: boolean;
}) {
  const plate = plateStyle(index);
  const dark = useIsDark() && !onPaper;
  return (
    <svg
      viewBox="0 0 24 24"
      width={size}
      height={size}
      style={{ flexShrink: 0 }}
      role="img"
      aria-label={label ?? `plate ${plate.letter}`}
    >
      <path d={plate.shape} fill={dark ? plate.dark : plate.light} />
      <text
        x="12"
        y={
          plate.shapeName === 'tent'
            ? 19
            : plate.shapeName === 'funnel'
              ? 13.5
              : plate.shapeName === 'house'
                ? 18.5
                : 16.6
        }
        textAnchor="middle"
        fontSize={plate.shapeName === 'tent' || plate.shapeName === 'funnel' ? 10.5 : 13}
        fontWeight={800}
        fontFamily="'Overpass Variable', sans-serif"
        fill={dark ? '#14181a' : '#ffffff'}
      >
        {plate.letter}
      </text>
    </svg>
  );
}
