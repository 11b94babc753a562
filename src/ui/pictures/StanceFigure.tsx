'use client';
import {
  formatNumber,
  formatWithUnit,
  reachWords,
  STANCE_WORDS,
  type HeelGap,
  type Reader,
} from '../messages';

type Band = keyof typeof STANCE_WORDS;

export interface StanceFigureProps {
  readonly band: Band;
  readonly oneFootBand: Band;
  readonly probabilities: Readonly<Record<Band, number>>;
  /** Of the heels above the ground, mm. */
  readonly gap: HeelGap;
  /** Under the rider, mm. */
  readonly seatHeight_mm: number;
  /** How far the seat settles, and half its width where the legs leave it. */
  readonly shape: { readonly settle_mm: number; readonly halfWidth_mm: number };
  readonly reader: Reader;
}

const SCALE = 0.22;
const GROUND_Y = 0;
const WIDTH = 380;
const CENTRE = 140;
const y = (mm: number) => GROUND_Y - mm * SCALE;
const x = (mm: number) => CENTRE + mm * SCALE;
/** From the seat under the rider to the top of the helmet, mm. */
const HEAD_TOP = 745;
const token = (name: string) => `var(--chakra-colors-${name})`;
/** How far the toes reach below the heel at full stretch, mm (foot as a lever, see core/fit). */
const FOOT_REACH = 134;
const BANDS: readonly Band[] = ['flat', 'balls', 'tiptoes', 'none'];
const SHORT: Readonly<Record<Band, string>> = {
  flat: 'flat',
  balls: 'balls',
  tiptoes: 'tiptoes',
  none: 'less',
};

/** One leg from the seat to the ground, to scale; `side` −1 left, 1 right. */
function leg(
  { seatHeight_mm, shape, gap }: Pick<StanceFigureProps, 'seatHeight_mm' | 'shape' | 'gap'>,
  side: 1 | -1,
): string {
  const top = seatHeight_mm - shape.settle_mm;
  const w = shape.halfWidth_mm;
  const heel = Math.max(0, gap.mid);
  const bent = Math.max(0, -gap.mid);
  // What the leg is too long for goes sideways into the knee.
  const knee = Math.sqrt(Math.max(0, bent * 220)) + 25;
  return `M${x(side * 20)} ${y(top)} Q${x(side * w * 1.25)} ${y(top)} ${x(side * (w + 14))} ${y(top - w)} Q${x(side * (w + 20 + knee))} ${y((top + heel) / 2)} ${x(side * (w + 52))} ${y(heel + 70)} L${x(side * (w + 55))} ${y(heel + 12)}`;
}

/** A part of the bar below this share has no room for its words: they stand under it. */
const NARROW = 0.3;

/** A rider seen from behind astride the seat: where the heels are above the ground, to scale, with the chances of each contact. */
export function StanceFigure(props: StanceFigureProps) {
  const { gap, seatHeight_mm, shape, reader, band, oneFootBand, probabilities } = props;
  const top = seatHeight_mm - shape.settle_mm;
  const foot = shape.halfWidth_mm + 55;
  const heel = Math.max(0, gap.mid);
  // The foot stretches by so much and no more: beyond that the toes hang.
  const toe = Math.max(0, heel - FOOT_REACH);
  const at = (mm: number) => formatWithUnit(mm, 'length', reader);
  const said = (b: Band) => `${SHORT[b]} ${formatNumber(probabilities[b] * 100)} %`;
  const isNarrow = (b: Band) => probabilities[b] < NARROW;
  const beside = BANDS.filter((b) => isNarrow(b) && Math.round(probabilities[b] * 100) > 0);
  const { words, span } = reachWords(gap, at);
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`0 ${Math.round(y(top + HEAD_TOP)) - 4} ${WIDTH} ${18 - Math.round(y(top + HEAD_TOP))}`}
        width="100%"
        style={{ maxWidth: 400 }}
        role="img"
        aria-label={`Astride: ${STANCE_WORDS[band]}; ${words}. Seat ${at(seatHeight_mm)}, ${at(top)} under the rider.`}
      >
        <line
          x1="8"
          x2={WIDTH - 8}
          y1={GROUND_Y}
          y2={GROUND_Y}
          stroke={token('fg')}
          strokeWidth="2"
        />
        {Array.from({ length: 19 }, (_, i) => (
          <line
            key={i}
            x1={12 + i * 20}
            x2={4 + i * 20}
            y1={GROUND_Y + 2}
            y2={GROUND_Y + 10}
            stroke={token('border-emphasized')}
          />
        ))}
        <rect
          x={x(-62)}
          y={y(640)}
          width={124 * SCALE}
          height={(640 - 0) * SCALE}
          rx={15}
          fill={token('bg-emphasized')}
          stroke={token('border-emphasized')}
        />
        <path
          d={`M${x(-shape.halfWidth_mm)} ${y(top - shape.halfWidth_mm)} Q${x(-shape.halfWidth_mm)} ${y(top)} ${x(0)} ${y(top)} Q${x(shape.halfWidth_mm)} ${y(top)} ${x(shape.halfWidth_mm)} ${y(top - shape.halfWidth_mm)} L${x(shape.halfWidth_mm * 0.8)} ${y(top - 260)} H${x(-shape.halfWidth_mm * 0.8)} Z`}
          fill={token('fg-subtle')}
        />
        <g
          fill="none"
          stroke={token('accent')}
          strokeWidth={58 * SCALE}
          strokeLinecap="round"
          strokeLinejoin="round"
          opacity="0.92"
        >
          <path d={leg(props, -1)} />
          <path d={leg(props, 1)} />
          <path d={`M${x(0)} ${y(top + 60)} V${y(top + 430)}`} strokeWidth={190 * SCALE} />
          <path
            d={`M${x(-95)} ${y(top + 420)} Q${x(-190)} ${y(top + 330)} ${x(-205)} ${y(top + 180)} M${x(95)} ${y(top + 420)} Q${x(190)} ${y(top + 330)} ${x(205)} ${y(top + 180)}`}
            strokeWidth={50 * SCALE}
          />
        </g>
        <circle cx={x(0)} cy={y(top + 620)} r={118 * SCALE} fill={token('accent')} opacity="0.92" />
        {([-1, 1] as const).map((side) => (
          <g key={side}>
            <path
              d={`M${x(side * foot - 28)} ${y(heel)} L${x(side * foot - 44)} ${y(toe)} H${x(side * foot + 44)} L${x(side * foot + 28)} ${y(heel)} Z`}
              fill={token('fg-muted')}
            />
            <rect
              x={x(side * foot - 36)}
              y={y(heel + 118)}
              width={72 * SCALE}
              height={118 * SCALE}
              rx={4}
              fill={token('fg')}
            />
          </g>
        ))}
        <g
          stroke={token('fg-muted')}
          strokeWidth="1"
          fontSize="11.5"
          fontFamily="'Atkinson Hyperlegible Next Variable', sans-serif"
        >
          <path d={`M${x(62)} ${y(top)} H${WIDTH - 96}`} strokeDasharray="3 3" />
          <path d={`M${WIDTH - 104} ${y(top)} V${GROUND_Y}`} />
          <text x={WIDTH - 98} y={(y(top) + GROUND_Y) / 2} fill={token('fg')} stroke="none">
            {at(top)}
          </text>
          <text
            x={WIDTH - 98}
            y={(y(top) + GROUND_Y) / 2 + 14}
            fill={token('fg-muted')}
            stroke="none"
          >
            under you
          </text>
          {heel > 4 && (
            <>
              <path
                d={`M${x(foot + 60)} ${y(heel)} H${x(foot + 150)} M${x(foot + 130)} ${y(heel)} V${GROUND_Y}`}
              />
              <text
                x={x(foot + 140)}
                y={y(heel) - 5}
                fill={token('fg')}
                fontWeight="700"
                stroke="none"
              >
                {at(gap.mid)}
              </text>
            </>
          )}
        </g>
      </svg>
      <figcaption>
        <strong>{STANCE_WORDS[band]}</strong>; {words}
        {span ? ` (${span})` : ''}. One foot down: {STANCE_WORDS[oneFootBand]}.
        <div
          role="img"
          aria-label={`Chances: ${BANDS.map(said).join(', ')}`}
          style={{
            display: 'flex',
            height: 22,
            marginTop: 6,
            fontSize: 12,
            borderRadius: 3,
            overflow: 'hidden',
            border: `1px solid ${token('border')}`,
          }}
        >
          {BANDS.map((b, i) => (
            <span
              key={b}
              style={{
                width: `${probabilities[b] * 100}%`,
                background: i % 2 === 0 ? token('bg-subtle') : token('bg-emphasized'),
                padding: isNarrow(b) ? 0 : '0 4px',
                overflow: 'hidden',
                whiteSpace: 'nowrap',
                lineHeight: '21px',
              }}
            >
              {!isNarrow(b) && said(b)}
            </span>
          ))}
        </div>
        {beside.length > 0 && (
          <div style={{ fontSize: 12, marginTop: 2 }}>and {beside.map(said).join(', ')}</div>
        )}
      </figcaption>
    </figure>
  );
}
