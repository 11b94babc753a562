'use client';
import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { Part } from '@/core/part';
import type { WhatItTakes } from '@/core/planning';
import { whatItTakesWords, type Reader } from '@/ui/messages';

/** What was asked of parts that are not in a build, and how to ask. */
export interface Rejected {
  readonly takes: ReadonlyMap<string, WhatItTakes>;
  readonly ask: (id: string) => void;
}

/** What a part that is not in the build would have to cost or give: one is chosen, the worker answers. */
export function WhatItWouldTake({
  parts,
  chosen,
  reader,
  takes,
  ask,
}: Rejected & {
  readonly parts: readonly Part[];
  readonly chosen: readonly string[];
  readonly reader: Reader;
}) {
  const [asked, setAsked] = useState('');
  const name = parts.find((p) => p.id === asked)?.name ?? asked;
  return (
    <>
      <Flex gap="2" mt="2" align="center" wrap="wrap">
        <label htmlFor="rejected" style={{ fontSize: 13 }}>
          What would it take for
        </label>
        <select
          id="rejected"
          value={asked}
          onChange={(e) => {
            setAsked(e.target.value);
            if (e.target.value && !takes.has(e.target.value)) ask(e.target.value);
          }}
          style={{
            maxWidth: 240,
            border: '1px solid var(--chakra-colors-border-emphasized)',
            borderRadius: 3,
            padding: '3px 6px',
            background: 'var(--chakra-colors-bg-panel)',
            fontSize: 13,
          }}
        >
          <option value="">a part that is not in it …</option>
          {parts
            .filter((p) => !chosen.includes(p.id))
            .map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
        </select>
      </Flex>
      {asked !== '' && (
        <Text fontSize="sm" mt="1">
          {takes.has(asked) ? whatItTakesWords(name, takes.get(asked), reader) : 'Planning …'}
        </Text>
      )}
    </>
  );
}
