'use client';
import { Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import type { Donor } from '@/core/donor';
import { useDossierStore } from '@/store/react';

/** Tags of one donor: type one and press Enter. */
export function TagField({ own, name }: { readonly own: Donor; readonly name: string }) {
  const store = useDossierStore();
  const [typed, setTyped] = useState('');
  const tags = own.tags ?? [];
  const put = (after: readonly string[]) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      changes: [
        {
          table: 'donors',
          key: own.id,
          path: ['tags'],
          before: own.tags,
          after: after.length > 0 ? after : undefined,
        },
      ],
    });
  const add = () => {
    const word = typed.trim().slice(0, 30);
    if (word && !tags.includes(word) && tags.length < 20) put([...tags, word]);
    setTyped('');
  };
  return (
    <Flex align="center" gap="1.5" wrap="wrap">
      <label htmlFor="donor-tags">Tags</label>
      {tags.map((tag) => (
        <Flex
          key={tag}
          align="center"
          borderWidth="1px"
          borderColor="border.emphasized"
          borderRadius="plate"
          pl="2"
          fontSize="xs"
        >
          <Text>{tag}</Text>
          <IconButton
            size="2xs"
            variant="ghost"
            aria-label={`Take off the tag ${tag}`}
            onClick={() => put(tags.filter((t) => t !== tag))}
          >
            <X size={12} />
          </IconButton>
        </Flex>
      ))}
      <Input
        id="donor-tags"
        size="xs"
        width="150px"
        placeholder="add a tag, Enter"
        maxLength={30}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={add}
        onKeyDown={(e) => {
          if (e.key === 'Enter') add();
        }}
      />
    </Flex>
  );
}
