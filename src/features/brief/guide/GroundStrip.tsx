'use client';
import { Box, chakra, Flex, IconButton, Text } from '@chakra-ui/react';
import { Minus, Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { GROUNDS, type Ground, type GroundShares } from '@/core/brief';
import { apportion } from '@/core/numeric';
import { GROUND_WORDS } from '@/ui/messages';
import { HATCH } from '../ground-hatch';
import type { BriefModel } from '../use-brief';

const Cell = chakra('button');
const Brush = chakra('button');
const Pattern = chakra('svg');

/** The year is painted in so many pieces. */
const PIECES = 20;
const EACH = 100 / PIECES;

const piecesOf = (shares: GroundShares): readonly Ground[] => {
  const counts = apportion(
    GROUNDS.map((g) => shares[g]),
    PIECES,
  );
  return GROUNDS.flatMap((g, i) => Array.from({ length: counts[i] ?? 0 }, () => g));
};

const sharesOf = (pieces: readonly Ground[]): GroundShares =>
  Object.fromEntries(
    GROUNDS.map((g) => [g, pieces.filter((p) => p === g).length * EACH]),
  ) as GroundShares;

function Hatch({ ground }: { readonly ground: Ground }) {
  return (
    <Pattern viewBox="0 0 20 20" width="20px" height="20px" aria-hidden flexShrink={0}>
      <g stroke="currentColor" strokeWidth="1.6" fill="none" strokeLinecap="round">
        {HATCH[ground]}
      </g>
    </Pattern>
  );
}

/** A year of riding as a strip of twenty pieces: choose a ground, then paint; or press plus and minus. */
export function GroundStrip({ model }: { readonly model: BriefModel }) {
  const [brush, setBrush] = useState<Ground>('gravel');
  const painting = useRef(false);
  const pieces = piecesOf(model.brief.ground);
  const store = (next: readonly Ground[], ground: Ground) =>
    model.editPurpose('ground', sharesOf(next), ground);
  const paint = (at: number) => {
    if (pieces[at] !== brush)
      store(
        pieces.map((g, i) => (i === at ? brush : g)),
        brush,
      );
  };
  const more = (ground: Ground) => {
    // It grows at the cost of the ground that has most.
    const counts = GROUNDS.map((g) => pieces.filter((p) => p === g).length);
    const largest = GROUNDS.filter((g) => g !== ground).toSorted(
      (a, b) => (counts[GROUNDS.indexOf(b)] ?? 0) - (counts[GROUNDS.indexOf(a)] ?? 0),
    )[0];
    const at = largest === undefined ? -1 : pieces.lastIndexOf(largest);
    if (at >= 0)
      store(
        pieces.map((g, i) => (i === at ? ground : g)),
        ground,
      );
  };
  const less = (ground: Ground) => {
    const at = pieces.lastIndexOf(ground);
    const to = ground === 'openRoad' ? 'gravel' : 'openRoad';
    if (at >= 0)
      store(
        pieces.map((g, i) => (i === at ? to : g)),
        ground,
      );
  };
  return (
    <Box>
      <Flex
        height="58px"
        borderWidth="1px"
        borderColor="border.emphasized"
        borderRadius="plate"
        overflow="hidden"
        css={{ touchAction: 'none' }}
        aria-label="A year in twenty pieces"
        role="group"
        onPointerUp={() => {
          painting.current = false;
        }}
        onPointerLeave={() => {
          painting.current = false;
        }}
        onPointerMove={(e) => {
          if (!painting.current) return;
          const under = document.elementFromPoint(e.clientX, e.clientY)?.closest('[data-piece]');
          if (under instanceof HTMLElement) paint(Number(under.dataset.piece));
        }}
      >
        {pieces.map((ground, i) => (
          <Cell
            // Pieces are places on the strip.
            key={i}
            type="button"
            data-piece={i}
            flex="1"
            minW="0"
            color="accent"
            cursor="pointer"
            tabIndex={i === 0 ? 0 : -1}
            borderRightWidth={pieces[i + 1] === ground ? '0' : '1px'}
            borderColor="border.emphasized"
            display="flex"
            alignItems="center"
            justifyContent="center"
            _hover={{ bg: 'bg.subtle' }}
            aria-label={`Piece ${i + 1} of ${PIECES}: ${GROUND_WORDS[ground]}`}
            onPointerDown={(e) => {
              painting.current = true;
              e.currentTarget.releasePointerCapture(e.pointerId);
              paint(i);
            }}
            onKeyDown={(e) => {
              if (e.key === 'Enter' || e.key === ' ') {
                e.preventDefault();
                paint(i);
              }
              const to = e.key === 'ArrowRight' ? i + 1 : e.key === 'ArrowLeft' ? i - 1 : undefined;
              const next =
                to === undefined
                  ? undefined
                  : e.currentTarget.parentElement?.querySelector(`[data-piece="${to}"]`);
              if (next instanceof HTMLElement) next.focus();
            }}
          >
            <Hatch ground={ground} />
          </Cell>
        ))}
      </Flex>
      <Text fontSize="xs" color="fg.muted" mt="1" mb="2">
        Choose a ground, then paint the strip with it: each piece is {EACH} % of the distance.
      </Text>
      <Box>
        {GROUNDS.map((ground) => (
          <Flex key={ground} align="center" gap="2" minH="42px">
            <Brush
              type="button"
              aria-pressed={brush === ground}
              onClick={() => setBrush(ground)}
              flex="1"
              display="flex"
              gap="2"
              alignItems="center"
              textAlign="left"
              cursor="pointer"
              px="2"
              py="1.5"
              borderWidth="2px"
              borderRadius="plate"
              borderColor={brush === ground ? 'fg' : 'border'}
              bg="bg.panel"
              fontWeight={brush === ground ? '700' : '400'}
            >
              <Hatch ground={ground} /> {GROUND_WORDS[ground]}
            </Brush>
            <IconButton
              size="sm"
              variant="outline"
              borderColor="border.emphasized"
              aria-label={`Less ${GROUND_WORDS[ground]}`}
              disabled={model.brief.ground[ground] === 0}
              onClick={() => less(ground)}
            >
              <Minus size={15} />
            </IconButton>
            <Text width="48px" textAlign="right" fontWeight="700">
              {model.brief.ground[ground]} %
            </Text>
            <IconButton
              size="sm"
              variant="outline"
              borderColor="border.emphasized"
              aria-label={`More ${GROUND_WORDS[ground]}`}
              disabled={model.brief.ground[ground] >= 100}
              onClick={() => more(ground)}
            >
              <Plus size={15} />
            </IconButton>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
