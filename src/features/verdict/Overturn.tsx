'use client';
import { Box, Button, Flex, Text, Textarea } from '@chakra-ui/react';
import { nearestTurnings } from '@/core/doubt';
import { shortName } from '@/core/donor';
import { REASONS_LIMIT } from '@/store/records';
import { turningWords } from '@/ui/messages';
import type { VerdictModel } from './use-verdict';

/** What would overturn it, with what the numbers propose. */
export function Overturn({
  model: { standing, entry, doubt, form, set, reader },
}: {
  readonly model: VerdictModel;
}) {
  const name = (id: string) => {
    const found = standing.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const proposed = [
    ...new Set(
      nearestTurnings(doubt.turnings).map((t) => turningWords(t, entry.candidate.id, name, reader)),
    ),
  ]
    .filter((w) => !form.overturn.includes(w))
    .slice(0, 2);
  return (
    <Box>
      <label htmlFor="overturn" style={{ fontWeight: 600 }}>
        What would overturn it
      </label>
      <Textarea
        id="overturn"
        rows={2}
        maxLength={REASONS_LIMIT}
        mt="1"
        bg="bg.panel"
        borderColor="border.emphasized"
        value={form.overturn}
        onChange={(e) => set({ overturn: e.target.value })}
      />
      {proposed.map((words) => (
        <Flex key={words} gap="2" align="baseline" mt="1">
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            flexShrink={0}
            aria-label={`Write down: ${words}`}
            onClick={() =>
              set({
                overturn: [form.overturn.trim(), words]
                  .filter(Boolean)
                  .join('\n')
                  .slice(0, REASONS_LIMIT),
              })
            }
          >
            Write down
          </Button>
          <Text fontSize="sm" color="fg.muted">
            {words}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
