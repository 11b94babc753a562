'use client';
import { Button, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { DONOR_CLASSES, type DonorClass } from '@/core/donor';
import type { Change } from '@/store/history';
import { useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { CLASS_WORDS } from '@/ui/messages';
import { notify } from '@/ui/notice';
import { classChanges } from '../class-changes';
import type { DonorListModel } from './use-donor-list';
import type { DonorsModel } from '../use-donors';

/** Acts on all ticked donors at once, each one step of undo. */
export function BulkBar({
  model,
  list,
}: {
  readonly model: DonorsModel;
  readonly list: DonorListModel;
}) {
  const store = useDossierStore();
  const [tag, setTag] = useState('');
  const ids = [...(list.ticked ?? [])];
  const none = ids.length === 0;
  const many = `${ids.length} ${ids.length === 1 ? 'donor' : 'donors'}`;
  const edit = (
    what: string,
    path: string,
    value: (id: string) => unknown,
    changed: readonly string[] = ids,
  ) => {
    const changes = changed.map(
      (id) =>
        ({
          table: 'donors',
          key: id,
          path: [path],
          before: (model.own[id] as unknown as Record<string, unknown>)[path],
          after: value(id),
        }) as const,
    );
    run(what, changed.length, changes);
  };
  const run = (what: string, count: number, changes: readonly Change[]) => {
    store.execute({ label: { code: 'bulk-edit', facts: { what, count } }, changes });
    notify({
      text: `${what}: ${count} changed.`,
      tone: 'plain',
      act: { word: 'Undo', run: () => void store.undo() },
    });
  };
  const tagsOf = (id: string) => model.own[id]?.tags ?? [];
  const word = tag.trim().slice(0, 30);
  return (
    <Flex
      direction="column"
      gap="1.5"
      bg="bg.panel"
      borderWidth="1px"
      borderColor="border"
      borderRadius="plate"
      p="2"
      role="group"
      aria-label="Several donors"
    >
      <Flex justify="space-between" align="center">
        <Text fontWeight="700">{many} ticked</Text>
        <Button size="2xs" variant="ghost" onClick={list.tickAll}>
          Tick all shown
        </Button>
      </Flex>
      <Flex gap="1">
        <Input
          size="xs"
          aria-label="Tag for the ticked donors"
          placeholder="tag"
          maxLength={30}
          value={tag}
          onChange={(e) => setTag(e.target.value)}
          bg="bg.panel"
          borderColor="border.emphasized"
        />
        <Button
          size="xs"
          variant="outline"
          disabled={none || !word}
          onClick={() =>
            edit(`tag “${word}”`, 'tags', (id) => [...new Set([...tagsOf(id), word])].slice(0, 20))
          }
        >
          Add
        </Button>
        <Button
          size="xs"
          variant="outline"
          disabled={none || !word}
          onClick={() =>
            edit(
              `tag “${word}” off`,
              'tags',
              (id) => {
                const left = tagsOf(id).filter((t) => t !== word);
                return left.length > 0 ? left : undefined;
              },
              ids.filter((id) => tagsOf(id).includes(word)),
            )
          }
        >
          Take off
        </Button>
      </Flex>
      <Choice
        aria-label="Class for the ticked donors"
        wide="100%"
        value=""
        disabled={none}
        options={[
          { value: '', words: 'set the class …' },
          ...DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] })),
        ]}
        onChange={(e) => {
          if (!e.target.value) return;
          const models = ids
            .map((id) => model.own[id])
            .filter((own) => own !== undefined && own.kind === 'model');
          const to = e.target.value as DonorClass;
          run(
            'class',
            models.length,
            models.flatMap((own) => classChanges(own, to)),
          );
        }}
      />
      <Flex gap="1" wrap="wrap">
        <Button
          size="xs"
          variant="outline"
          disabled={none}
          onClick={() => model.shortlist(ids, true)}
        >
          Shortlist
        </Button>
        <Button
          size="xs"
          variant="outline"
          disabled={none}
          onClick={() => model.archive(ids, true)}
        >
          Put away
        </Button>
        <Button
          size="xs"
          variant="outline"
          disabled={none}
          onClick={() => model.archive(ids, false)}
        >
          Bring back
        </Button>
        <Button
          size="xs"
          variant="ghost"
          color="fail"
          disabled={none}
          onClick={() => {
            model.remove(ids);
            list.stopTicking();
          }}
        >
          Delete
        </Button>
      </Flex>
    </Flex>
  );
}
