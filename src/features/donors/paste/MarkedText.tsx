'use client';
import { Box, Textarea } from '@chakra-ui/react';
import { Fragment, useEffect, useLayoutEffect, useRef, type ReactNode } from 'react';

/** Words of the text that a line of the list stands on. */
export interface TextMark {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  readonly tone: 'taken' | 'left' | 'passed';
}

const tint = (colour: string, share: number) =>
  `color-mix(in srgb, var(--chakra-colors-${colour}) ${share}%, transparent)`;
const TONES: Readonly<Record<TextMark['tone'], React.CSSProperties>> = {
  taken: { background: tint('pass', 26) },
  left: { background: tint('unsure', 26) },
  passed: {
    background: 'transparent',
    textDecoration: 'underline dotted',
    textDecorationColor: 'var(--chakra-colors-fg-muted)',
  },
};

/** The marks in order, without those that overlap one before them. */
function apart(marks: readonly TextMark[]): readonly TextMark[] {
  const kept: TextMark[] = [];
  for (const mark of marks.toSorted((a, b) => a.from - b.from || b.to - a.to))
    if (mark.from >= (kept.at(-1)?.to ?? 0)) kept.push(mark);
  return kept;
}

/** The text in a field, with the words that were understood marked behind them, in step with the list. */
export function MarkedText({
  id,
  text,
  marks,
  chosen,
  most,
  placeholder,
  onText,
  onChoose,
}: {
  readonly id: string;
  readonly text: string;
  readonly marks: readonly TextMark[];
  readonly chosen: string | undefined;
  readonly most: number;
  readonly placeholder: string;
  readonly onText: (text: string) => void;
  readonly onChoose: (id: string) => void;
}) {
  const field = useRef<HTMLTextAreaElement>(null);
  const mirror = useRef<HTMLDivElement>(null);
  const chosenMark = useRef<HTMLElement>(null);
  useEffect(() => {
    const mark = chosenMark.current;
    const area = field.current;
    if (!mark || !area || document.activeElement === area) return;
    const top = mark.offsetTop - area.clientHeight / 3;
    if (mark.offsetTop < area.scrollTop || mark.offsetTop > area.scrollTop + area.clientHeight - 30)
      area.scrollTop = Math.max(0, top);
  }, [chosen]);
  // The field scrolls by itself when text is put in; the marks follow.
  useLayoutEffect(() => {
    if (mirror.current && field.current) mirror.current.scrollTop = field.current.scrollTop;
  });
  const parts: ReactNode[] = [];
  let at = 0;
  for (const mark of apart(marks)) {
    parts.push(<Fragment key={`t${mark.from}`}>{text.slice(at, mark.from)}</Fragment>);
    const mine = mark.id === chosen;
    parts.push(
      <mark
        key={mark.id}
        ref={mine ? chosenMark : undefined}
        style={{
          ...TONES[mark.tone],
          color: 'transparent',
          borderRadius: 3,
          ...(mine ? { boxShadow: '0 0 0 2px var(--chakra-colors-accent)' } : {}),
        }}
      >
        {text.slice(mark.from, mark.to)}
      </mark>,
    );
    at = mark.to;
  }
  parts.push(<Fragment key="end">{`${text.slice(at)}\n`}</Fragment>);
  const shape = {
    font: 'inherit',
    fontSize: '15px',
    lineHeight: '1.5',
    padding: '10px 12px',
    borderWidth: '1px',
    whiteSpace: 'pre-wrap',
    overflowWrap: 'break-word',
    // With them a browser shapes a word of many thousand letters anew for each of its lines: a minute for one of 100 kB.
    fontKerning: 'none',
    fontVariantLigatures: 'none',
    boxSizing: 'border-box',
  } as const;
  return (
    <Box
      position="relative"
      flex="1"
      minH={{ base: '150px', lg: '260px' }}
      bg="bg"
      borderRadius="md"
    >
      <Box
        ref={mirror}
        aria-hidden
        position="absolute"
        inset="0"
        overflow="hidden"
        color="transparent"
        borderColor="transparent"
        pointerEvents="none"
        css={{ ...shape, scrollbarGutter: 'stable' }}
      >
        {parts}
      </Box>
      <Textarea
        ref={field}
        id={id}
        position="absolute"
        inset="0"
        height="100%"
        resize="none"
        bg="transparent"
        borderColor="border.emphasized"
        maxLength={most}
        value={text}
        placeholder={placeholder}
        onChange={(e) => onText(e.target.value)}
        onScroll={(e) => {
          if (mirror.current) mirror.current.scrollTop = e.currentTarget.scrollTop;
        }}
        onSelect={(e) => {
          const place = e.currentTarget.selectionStart;
          const mark = marks.find((m) => place >= m.from && place <= m.to);
          if (mark && e.currentTarget.selectionEnd === place) onChoose(mark.id);
        }}
        css={{ ...shape, scrollbarGutter: 'stable' }}
      />
    </Box>
  );
}
