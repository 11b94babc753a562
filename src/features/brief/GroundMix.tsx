'use client';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { Lock, LockOpen } from 'lucide-react';
import { memo, type RefObject, useState } from 'react';
import { GROUNDS, rebalanceShares, type Brief, type Ground } from '@/core/brief';
import { parseNumber } from '@/core/units';
import { GROUND_WORDS, sharesFaultWords } from '@/ui/messages';
import { RangeInput, UnitInput, useLatest } from '@/ui/fields';
import { HATCH } from './ground-hatch';
import type { BriefModel } from './use-brief';

/** The look of the bar, set once: it is drawn again at every step of a slider. */
const BAR_LOOK = {
  '& > div': {
    flexBasis: 0,
    minWidth: 0,
    borderRightWidth: '1px',
    borderColor: 'border.emphasized',
    color: 'accent',
  },
  '& > div:last-child': { borderRightWidth: 0 },
  '& > div > svg': { width: '100%', height: '100%' },
} as const;

const Hatched = memo(function Hatched({ ground }: { readonly ground: Ground }) {
  return (
    <svg aria-hidden>
      <defs>
        <pattern id={`hatch-${ground}`} width="20" height="20" patternUnits="userSpaceOnUse">
          <g stroke="currentColor" strokeWidth="1.4" fill="none" strokeLinecap="round">
            {HATCH[ground]}
          </g>
        </pattern>
      </defs>
      <rect width="100%" height="100%" fill={`url(#hatch-${ground})`} />
    </svg>
  );
});

function GroundBar({ ground }: { readonly ground: Brief['ground'] }) {
  return (
    <Flex
      height="26px"
      borderWidth="1px"
      borderColor="border.emphasized"
      borderRadius="plate"
      overflow="hidden"
      mb="3"
      role="img"
      aria-label={GROUNDS.map((g) => `${GROUND_WORDS[g]} ${ground[g]} %`).join(', ')}
      css={BAR_LOOK}
    >
      {GROUNDS.filter((g) => ground[g] > 0).map((g) => (
        <div key={g} style={{ flexGrow: ground[g] }} title={GROUND_WORDS[g]}>
          <Hatched ground={g} />
        </div>
      ))}
    </Flex>
  );
}

/** Seven shares that always add to 100: moving one moves the others, locked ones stay. */
export function GroundMix({ model }: { readonly model: BriefModel }) {
  const [locked, setLocked] = useState<ReadonlySet<Ground>>(new Set());
  const [typed, setTyped] = useState<{ readonly ground: Ground; readonly text: string }>();
  const [fault, setFault] = useState<{ readonly ground: Ground; readonly words: string }>();
  const shares = model.shown.ground;

  // What was typed by hand moves last, so that shares typed one after the other end as typed.
  const [byHand, setByHand] = useState<ReadonlySet<Ground>>(new Set());
  const set = (ground: Ground, asked: number, typedIn = false) => {
    const held = new Set([...locked, ...[...byHand].filter((g) => g !== ground)]);
    const gentle = rebalanceShares(shares, ground, asked, held);
    const result =
      gentle.kind === 'fault' ? rebalanceShares(shares, ground, asked, locked) : gentle;
    if (typedIn) setByHand((now) => new Set([...now, ground]));
    setFault(
      result.kind === 'fault' ? { ground, words: sharesFaultWords(result.fault) } : undefined,
    );
    if (result.kind === 'shares') model.editPurpose('ground', result.shares, ground);
    return result.kind === 'shares';
  };
  const type = (ground: Ground, text: string) => {
    setTyped({ ground, text });
    const value = parseNumber(text.replace('%', ''));
    if (value === undefined)
      setFault(text.trim() === '' ? undefined : { ground, words: `“${text}” is not a share.` });
    else set(ground, value, true);
  };
  const toggle = (ground: Ground) =>
    setLocked((now) =>
      now.has(ground) ? new Set([...now].filter((g) => g !== ground)) : new Set([...now, ground]),
    );

  const acts = useLatest({
    slide(ground: Ground, value: number) {
      setTyped(undefined);
      setByHand(new Set());
      set(ground, value);
    },
    type,
    leave() {
      setTyped(undefined);
      setFault(undefined);
    },
    toggle,
  });

  return (
    <Box>
      <GroundBar ground={shares} />
      {GROUNDS.map((ground) => (
        <Share
          key={ground}
          ground={ground}
          share={shares[ground]}
          locked={locked.has(ground)}
          text={typed?.ground === ground ? typed.text : String(shares[ground])}
          fault={fault?.ground === ground ? fault.words : undefined}
          acts={acts}
        />
      ))}
      <Text fontSize="xs" color="fg.muted" mt="1">
        Shares of distance; they always add to 100. Count a usual year, not the dream: most riders
        rate dirt too high.
      </Text>
    </Box>
  );
}

interface Acts {
  readonly slide: (ground: Ground, value: number) => void;
  readonly type: (ground: Ground, text: string) => void;
  readonly leave: () => void;
  readonly toggle: (ground: Ground) => void;
}

/** One share; drawn again only where it has moved. */
const Share = memo(function Share({
  ground,
  share,
  locked,
  text,
  fault,
  acts,
}: {
  readonly ground: Ground;
  readonly share: number;
  readonly locked: boolean;
  readonly text: string;
  readonly fault: string | undefined;
  readonly acts: RefObject<Acts>;
}) {
  return (
    <Box>
      <Flex align="center" gap="2" minH="38px">
        <Text width="94px" flexShrink={0} id={`ground-${ground}-label`}>
          {GROUND_WORDS[ground]}
        </Text>
        <RangeInput
          min={0}
          max={100}
          value={share}
          disabled={locked}
          aria-label={`${GROUND_WORDS[ground]}, share`}
          onValue={(value) => acts.current.slide(ground, value)}
        />
        <UnitInput
          wide="62px"
          unit="%"
          aria-labelledby={`ground-${ground}-label`}
          disabled={locked}
          invalid={fault !== undefined}
          value={text}
          onChange={(e) => acts.current.type(ground, e.target.value)}
          onBlur={() => acts.current.leave()}
        />
        <IconButton
          size="xs"
          variant="ghost"
          aria-pressed={locked}
          aria-label={`${locked ? 'Unlock' : 'Lock'} ${GROUND_WORDS[ground]}`}
          onClick={() => acts.current.toggle(ground)}
        >
          {locked ? <Lock size={15} /> : <LockOpen size={15} />}
        </IconButton>
      </Flex>
      {fault !== undefined && (
        <Text role="alert" color="fail" fontSize="xs" fontWeight="600" mb="1">
          {fault}
        </Text>
      )}
    </Box>
  );
});
