'use client';
import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { shortName } from '@/core/donor';
import { Choice } from '@/ui/fields';
import type { WeighRow } from '../use-weigh-up';
import { type SideBySideProps, SideBySide } from './SideBySide';

const ON_A_PHONE = 3;
/** On a phone three at a time: the best of the order, or whichever the rider picks. */
export function Three({ model, ...table }: Omit<SideBySideProps, 'rows' | 'narrow'>) {
  const [picked, setPicked] = useState<readonly (string | undefined)[]>([]);
  const shown = Array.from(
    { length: Math.min(ON_A_PHONE, model.rows.length) },
    (_, i) => picked[i],
  ).reduce<readonly WeighRow[]>((list, id) => {
    const row =
      model.rows.find((r) => r.ranked.id === id && !list.includes(r)) ??
      model.rows.find((r) => !list.includes(r) && !picked.includes(r.ranked.id)) ??
      model.rows.find((r) => !list.includes(r));
    return row ? [...list, row] : list;
  }, []);
  const options = model.rows.map((r) => ({ value: r.ranked.id, words: shortName(r.entry.donor) }));
  return (
    <Box>
      <Flex gap="1" pt="2">
        {shown.map((row, i) => (
          <Box key={row.ranked.id} flex="1" minW="0">
            <Choice
              aria-label={`Column ${i + 1}`}
              wide="100%"
              value={row.ranked.id}
              options={options}
              onChange={(e) =>
                setPicked(
                  shown.map((r, k) =>
                    k === i
                      ? e.target.value
                      : r.ranked.id === e.target.value
                        ? row.ranked.id
                        : r.ranked.id,
                  ),
                )
              }
            />
          </Box>
        ))}
      </Flex>
      <SideBySide model={model} rows={shown} narrow {...table} />
    </Box>
  );
}
