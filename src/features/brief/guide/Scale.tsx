'use client';
import { chakra } from '@chakra-ui/react';

const Picture = chakra('svg');
const token = (name: string) => `var(--chakra-colors-${name})`;
const [WIDTH, LEFT, RIGHT, ROW] = [440, 84, 14, 16];

export interface ScaleSpan {
  readonly name: string;
  readonly short: string;
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** What each class has of one thing, as bars over one scale, with what is asked drawn through them. */
export function Scale({
  spans,
  asked,
  askedWords,
  label,
  format,
}: {
  readonly spans: readonly ScaleSpan[];
  readonly asked: number;
  readonly askedWords: string;
  readonly label: string;
  readonly format: (x: number) => string;
}) {
  const most = Math.max(asked * 1.1, ...spans.map((s) => s.high)) * 1.03;
  const least = Math.min(asked * 0.8, ...spans.map((s) => s.low)) * 0.95;
  const x = (v: number) => LEFT + 6 + ((v - least) / (most - least)) * (WIDTH - LEFT - RIGHT - 6);
  const height = spans.length * ROW + 46;
  const end = x(asked) > WIDTH * 0.6;
  return (
    <Picture
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      maxW="460px"
      role="img"
      aria-label={`${label}: ${spans.map((s) => `${s.name} ${format(s.low)} to ${format(s.high)}`).join(', ')}. Asked: ${askedWords}.`}
    >
      {spans.map((s, i) => {
        const at = 24 + i * ROW;
        return (
          <g key={s.name}>
            <text x={LEFT} y={at + 4} fontSize="11" textAnchor="end" fill={token('fg-muted')}>
              {s.short}
            </text>
            <line
              x1={x(s.low)}
              x2={x(s.high)}
              y1={at}
              y2={at}
              stroke={token('accent')}
              strokeWidth="7"
              opacity="0.45"
            />
            <line
              x1={x(s.mid)}
              x2={x(s.mid)}
              y1={at - 5}
              y2={at + 5}
              stroke={token('accent')}
              strokeWidth="3.5"
            />
          </g>
        );
      })}
      <line
        x1={x(asked)}
        x2={x(asked)}
        y1="12"
        y2={height - 24}
        stroke={token('fg')}
        strokeWidth="1.5"
        strokeDasharray="5 4"
      />
      <text
        x={x(asked) + (end ? -4 : 4)}
        y="10"
        fontSize="12"
        fontWeight="700"
        textAnchor={end ? 'end' : 'start'}
        fill={token('fg')}
      >
        {askedWords}
      </text>
      {[0, 0.5, 1].map((share) => {
        const v = least + share * (most - least);
        return (
          <text
            key={share}
            x={x(v)}
            y={height - 6}
            fontSize="11"
            textAnchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}
            fill={token('fg-muted')}
          >
            {format(v)}
          </text>
        );
      })}
    </Picture>
  );
}
