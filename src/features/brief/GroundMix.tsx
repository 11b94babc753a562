'use client';
import { Box, chakra, Flex, IconButton, Text } from '@chakra-ui/react';
import { Lock, LockOpen } from 'lucide-react';
import { useState } from 'react';
import { GROUNDS, rebalanceShares, type Ground } from '@/core/brief';
import { parseNumber } from '@/core/units';
import { GROUND_WORDS, sharesFaultWords } from '@/ui/messages';
import { RangeInput, UnitInput } from '@/ui/fields';
import { HATCH } from './ground-hatch';
import type { BriefModel } from './use-brief';

const Pattern = chakra('svg');

function GroundBar({ model }: { readonly model: BriefModel }) {
  return (
    <Flex
      height="26px"
      borderWidth="1px"
      borderColor="border.emphasized"
      borderRadius="plate"
      overflow="hidden"
      mb="3"
      role="img"
      aria-label={GROUNDS.map((g) => `${GROUND_WORDS[g]} ${model.shown.ground[g]} %`).join(', ')}
    >
      {GROUNDS.filter((g) => model.shown.ground[g] > 0).map((g) => (
        <Box
          key={g}
          flexGrow={model.shown.ground[g]}
          flexBasis="0"
          minW="0"
          borderRightWidth="1px"
          borderColor="border.emphasized"
          _last={{ borderRightWidth: 0 }}
          color="accent"
          title={GROUND_WORDS[g]}
        >
          <Pattern width="100%" height="100%" aria-hidden>
            <defs>
              <pattern id={`hatch-${g}`} width="20" height="20" patternUnits="userSpaceOnUse">
                <g stroke="currentColor" strokeWidth="1.4" fill="none" strokeLinecap="round">
                  {HATCH[g]}
                </g>
              </pattern>
            </defs>
            <rect width="100%" height="100%" fill={`url(#hatch-${g})`} />
          </Pattern>
        </Box>
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

  return (
    <Box>
      <GroundBar model={model} />
      {GROUNDS.map((ground) => (
        <Box key={ground}>
          <Flex align="center" gap="2" minH="38px">
            <Text width="94px" flexShrink={0} id={`ground-${ground}-label`}>
              {GROUND_WORDS[ground]}
            </Text>
            <RangeInput
              min={0}
              max={100}
              value={shares[ground]}
              disabled={locked.has(ground)}
              aria-label={`${GROUND_WORDS[ground]}, share`}
              onValue={(value) => {
                setTyped(undefined);
                setByHand(new Set());
                set(ground, value);
              }}
            />
            <UnitInput
              wide="62px"
              unit="%"
              aria-labelledby={`ground-${ground}-label`}
              disabled={locked.has(ground)}
              invalid={fault?.ground === ground}
              value={typed?.ground === ground ? typed.text : String(shares[ground])}
              onChange={(e) => type(ground, e.target.value)}
              onBlur={() => {
                setTyped(undefined);
                setFault(undefined);
              }}
            />
            <IconButton
              size="xs"
              variant="ghost"
              aria-pressed={locked.has(ground)}
              aria-label={`${locked.has(ground) ? 'Unlock' : 'Lock'} ${GROUND_WORDS[ground]}`}
              onClick={() => toggle(ground)}
            >
              {locked.has(ground) ? <Lock size={15} /> : <LockOpen size={15} />}
            </IconButton>
          </Flex>
          {fault?.ground === ground && (
            <Text role="alert" color="fail" fontSize="xs" fontWeight="600" mb="1">
              {fault.words}
            </Text>
          )}
        </Box>
      ))}
      <Text fontSize="xs" color="fg.muted" mt="1">
        Shares of distance; they always add to 100. Count a usual year, not the dream: most riders
        rate dirt too high.
      </Text>
    </Box>
  );
}
