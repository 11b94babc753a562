'use client';
import { chakra } from '@chakra-ui/react';
import { SAG_TARGETS, type SagSchool } from '@/core/set-up';
import { formatWithUnit, type Reader } from '@/ui/messages';
import type { EndView } from './use-set-up';

const Svg = chakra('svg');
const Rect = chakra('rect');
const Line = chakra('line');
const Words = chakra('text');

const WIDTH = 420;
const LEFT = 8;
const ROW = 26;

/** The travel of one end lying down: what is asked of free and rider sag as bars, what was measured as lines. */
export function SagPicture({
  view: { end, sag },
  travel_mm,
  reader,
  school,
}: {
  readonly view: EndView;
  readonly travel_mm: number;
  readonly reader: Reader;
  readonly school: SagSchool;
}) {
  const wanted = SAG_TARGETS[end][school];
  const most = Math.max(
    0.5,
    ...[sag.free, sag.rider].map((s) => (s ? s.mm / travel_mm + 0.08 : 0)),
  );
  const x = (share: number) => LEFT + (share / most) * (WIDTH - 2 * LEFT);
  const rows = [
    { name: 'free', asked: wanted.free, have: sag.free },
    { name: 'rider', asked: wanted.rider, have: sag.rider },
  ] as const;
  const say = (share: number) => `${Math.round(share * 100)} %`;
  const words = rows
    .map(
      ({ name, asked, have }) =>
        `${name} sag ${have ? say(have.mm / travel_mm) : 'not taken'}, asked ${say(asked[0])} to ${say(asked[1])}`,
    )
    .join('; ');
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${2 * ROW + 26}`}
      width="100%"
      maxW="520px"
      role="img"
      aria-label={words}
    >
      {rows.map(({ name, asked, have }, i) => {
        const top = i * ROW + 4;
        const share = have && have.mm / travel_mm;
        const within = share !== undefined && share >= asked[0] && share <= asked[1];
        return (
          <g key={name}>
            <Rect x={LEFT} y={top} width={WIDTH - 2 * LEFT} height={ROW - 8} fill="bg.subtle" />
            <Rect
              x={x(asked[0])}
              y={top}
              width={x(asked[1]) - x(asked[0])}
              height={ROW - 8}
              fill="accent"
              opacity={0.35}
            />
            {share !== undefined && (
              <>
                <Line
                  x1={x(share)}
                  x2={x(share)}
                  y1={top - 3}
                  y2={top + ROW - 5}
                  stroke={within ? 'pass' : 'fail'}
                  strokeWidth={3}
                />
                <Words
                  x={Math.min(x(share) + 6, WIDTH - 96)}
                  y={top + 13}
                  fontSize="11px"
                  fontWeight={700}
                  fill="fg"
                >
                  {name} {formatWithUnit(have?.mm ?? 0, 'length', reader)}
                </Words>
              </>
            )}
          </g>
        );
      })}
      {[0, 0.1, 0.2, 0.3, 0.4, 0.5]
        .filter((s) => s <= most)
        .map((s) => (
          <Words
            key={s}
            x={x(s)}
            y={2 * ROW + 20}
            fontSize="10px"
            fill="fg.muted"
            textAnchor={s === 0 ? 'start' : x(s) > WIDTH - 20 ? 'end' : 'middle'}
          >
            {say(s)}
          </Words>
        ))}
    </Svg>
  );
}
