'use client';
import { Button, Flex } from '@chakra-ui/react';
import { buildChange } from '@/store/build-change';
import { useDossierState, useDossierStore } from '@/store/react';
import type { BestAnswer } from '../messages';

interface Props {
  readonly answer: BestAnswer | undefined;
  /** The machine that is looked at. */
  readonly current: string;
  /** What else the press does, after “Give … these parts”: nothing but that where empty. */
  readonly also: string;
  /** What the press does where the parts are chosen already. */
  readonly alone: string;
  readonly onTaken: (id: string) => void;
}

const same = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((id) => b.includes(id));

/** One press gives the machine of the answer the parts that are enough for it, or all of the best, and goes on with it. */
export function TakeAnswer({ answer, current, also, alone, onTaken }: Props) {
  const store = useDossierStore();
  const builds = useDossierState((s) => s.dossier.builds);
  const take = answer?.take;
  if (!take) return null;
  const now = builds[take.id]?.partIds ?? [];
  const give = (partIds: readonly string[]) => {
    if (!same(partIds, now))
      store.execute({
        label: { code: 'choose-build', facts: { name: take.name } },
        changes: [buildChange(builds, take.id, { partIds: [...partIds] })],
      });
    onTaken(take.id);
  };
  const press = (partIds: readonly string[], words: string) =>
    same(partIds, now) && current === take.id ? null : (
      <Button
        size="sm"
        mt="1"
        variant="outline"
        borderColor="border.emphasized"
        maxW="100%"
        whiteSpace="normal"
        textAlign="left"
        height="auto"
        py="1.5"
        onClick={() => give(partIds)}
      >
        {same(partIds, now) ? `${alone} ${take.name}` : words}
      </Button>
    );
  return (
    <Flex gap="2" wrap="wrap">
      {press(
        take.partIds,
        take.partIds.length === 0
          ? `Leave ${take.name} as it stands${also}`
          : `Give ${take.name} ${take.all ? 'the parts that are enough' : 'these parts'}${also}`,
      )}
      {take.all && press(take.all, `Give it all ${take.all.length}${also}`)}
    </Flex>
  );
}
