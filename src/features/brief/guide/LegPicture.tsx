'use client';
import { chakra } from '@chakra-ui/react';
import type { Brief } from '@/core/brief';
import { DONOR_CLASSES } from '@/core/donor';
import { riderInseam } from '@/core/fit';
import { typicalOf } from '@/core/typical';
import { CLASS_SHORT, CLASS_WORDS, formatWithUnit, type Reader } from '@/ui/messages';

const Picture = chakra('svg');
const token = (name: string) => `var(--chakra-colors-${name})`;

/** Drawn from this height on, mm, so that what differs fills the picture. */
const [LOW, HIGH] = [600, 1010];
const [WIDTH, HEIGHT, LEFT, NAMES] = [440, 226, 74, 58];
const y = (mm: number) => 24 + ((HIGH - mm) / (HIGH - LOW)) * (HEIGHT - 50);

/** The rider's leg in boots beside the seats that each class has: a bar from the lowest to the highest, a stroke at the usual one. */
export function LegPicture({ brief, reader }: { readonly brief: Brief; readonly reader: Reader }) {
  const { mm } = riderInseam(brief.rider);
  const leg = mm + brief.rider.sole_mm;
  const step = (WIDTH - LEFT - 10) / DONOR_CLASSES.length;
  const seats = DONOR_CLASSES.flatMap((c) => {
    const span = typicalOf(c, 'seatHeight', brief.typical);
    return span ? [{ c, span }] : [];
  });
  return (
    <Picture
      viewBox={`0 0 ${WIDTH} ${HEIGHT + NAMES}`}
      width="100%"
      maxW="460px"
      role="img"
      aria-label={`Your leg in boots is ${formatWithUnit(leg, 'length', reader)} long. Usual seats: ${seats.map(({ c, span }) => `${CLASS_WORDS[c]} ${formatWithUnit(span.mid, 'length', reader)}`).join(', ')}.`}
    >
      <path
        d={`M40 ${y(leg)} L46 ${(y(leg) + HEIGHT - 26) / 2} L42 ${HEIGHT - 32} l-16 4`}
        fill="none"
        stroke={token('fg')}
        strokeWidth="9"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <line x1="10" x2={WIDTH} y1={HEIGHT - 24} y2={HEIGHT - 24} stroke={token('fg-muted')} />
      {seats.map(({ c, span }, i) => {
        const x = LEFT + i * step + step / 2;
        return (
          <g key={c}>
            <line
              x1={x}
              x2={x}
              y1={y(span.low)}
              y2={y(span.high)}
              stroke={token('accent')}
              strokeWidth="12"
              opacity="0.45"
            />
            <line
              x1={x - 11}
              x2={x + 11}
              y1={y(span.mid)}
              y2={y(span.mid)}
              stroke={token('accent')}
              strokeWidth="4"
            />
            <text
              x={x + 5}
              y={HEIGHT - 12}
              fontSize="11"
              textAnchor="end"
              transform={`rotate(-38 ${x + 5} ${HEIGHT - 12})`}
              fill={token('fg-muted')}
            >
              {CLASS_SHORT[c]}
            </text>
          </g>
        );
      })}
      <line
        x1="10"
        x2={WIDTH}
        y1={y(leg)}
        y2={y(leg)}
        stroke={token('fg')}
        strokeDasharray="5 4"
        strokeWidth="1.5"
      />
      <text x={WIDTH - 4} y="13" fontSize="12" fontWeight="700" textAnchor="end" fill={token('fg')}>
        – – your leg in boots {formatWithUnit(leg, 'length', reader)}
      </text>
    </Picture>
  );
}
