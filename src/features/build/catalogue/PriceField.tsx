'use client';
import { Flex, Input } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { PART_LIMITS, type Part } from '@/core/part';
import { parseNumber } from '@/core/units';
import { FieldRow } from '@/ui/fields';
import { limitWords, trimmed } from '@/ui/messages';

/** The price of a part, typed as a plain sum; the currency stands beside it. */
export function PriceField({
  part,
  onSet,
  children,
}: {
  readonly part: Part;
  readonly onSet: (amount: number) => void;
  readonly children: ReactNode;
}) {
  const [typed, setTyped] = useState<string>();
  const value = parseNumber(typed ?? '');
  const { min, max } = PART_LIMITS.price;
  const bad = typed !== undefined && (value === undefined || value < min || value > max);
  return (
    <FieldRow id="part-price" label="Price" fault={bad ? limitWords(min, max, '') : undefined}>
      <Flex gap="1">
        <Input
          id="part-price"
          size="sm"
          width="122px"
          textAlign="right"
          inputMode="decimal"
          bg="bg.panel"
          borderColor={bad ? 'fail' : 'border.emphasized'}
          aria-invalid={bad || undefined}
          aria-describedby={bad ? 'part-price-fault' : undefined}
          value={typed ?? trimmed(part.price.amount)}
          onChange={(e) => {
            setTyped(e.target.value);
            const next = parseNumber(e.target.value);
            if (next !== undefined && next >= min && next <= max) onSet(next);
          }}
          onBlur={() => !bad && setTyped(undefined)}
        />
        {children}
      </Flex>
    </FieldRow>
  );
}
