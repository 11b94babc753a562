'use client';
import { Checkbox } from '@chakra-ui/react';
import type { MustKey } from '@/core/brief';
import { MUST_WORDS } from '@/ui/messages';

interface MustTickProps {
  readonly must: MustKey;
  readonly on: boolean;
  readonly onToggle: (wanted: boolean) => void;
}

/** One must, asked or not. */
export function MustTick({ must, on, onToggle }: MustTickProps) {
  return (
    <Checkbox.Root checked={on} onCheckedChange={(e) => onToggle(e.checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control
        borderColor="border.emphasized"
        _checked={{ bg: 'accent', borderColor: 'accent', color: 'accent.ink' }}
      />
      <Checkbox.Label fontWeight="400">{MUST_WORDS[must]}</Checkbox.Label>
    </Checkbox.Root>
  );
}
