'use client';
import { Box, Button, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { ArrowDown, ArrowUp, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { shortName } from '@/core/donor';
import { proposals, type ProposalKind } from '@/core/preference';
import { NOTE_KINDS, type CandidateNotes, type NoteKind } from '@/store/records';
import { useDossierStore } from '@/store/react';
import type { Reader } from '@/ui/messages';
import { proposalWords } from './pairs/why';
import type { WeighRow } from './use-weigh-up';

const KIND: Readonly<Record<ProposalKind, NoteKind>> = {
  like: 'likes',
  dislike: 'dislikes',
  compromise: 'compromises',
};
const TITLES: Readonly<Record<NoteKind, string>> = {
  likes: 'Likes',
  dislikes: 'Dislikes',
  compromises: 'Compromises',
};
const MOST_PROPOSED = 4;
const EMPTY: CandidateNotes = { likes: [], dislikes: [], compromises: [] };

/** Likes, dislikes and compromises: proposed from the numbers, ranked and reworded by the rider. */
export function NotesPanel({ row, reader }: { readonly row: WeighRow; readonly reader: Reader }) {
  const store = useDossierStore();
  const { candidate, donor } = row.entry;
  const notes = candidate.notes ?? EMPTY;
  const proposed = proposals(row.score).map((p) => ({
    kind: KIND[p.kind],
    words: proposalWords(p, row, reader),
  }));
  const set = (kind: NoteKind, lines: readonly string[]) => {
    const next = { ...notes, [kind]: lines };
    const empty = NOTE_KINDS.every((k) => next[k].length === 0);
    store.execute({
      label: { code: 'edit-notes', facts: { name: shortName(donor) } },
      changes: [
        {
          table: 'candidates',
          key: candidate.id,
          path: ['notes'],
          before: candidate.notes,
          after: empty ? undefined : next,
        },
      ],
    });
  };
  return (
    <Flex gap="5" wrap="wrap" mt="3" pt="3" borderTopWidth="1px" borderColor="border">
      {NOTE_KINDS.map((kind) => (
        <NoteList
          key={kind}
          kind={kind}
          lines={notes[kind]}
          proposed={proposed
            .filter((p) => p.kind === kind)
            .map((p) => p.words)
            .filter((w) => !notes[kind].includes(w))
            .slice(0, MOST_PROPOSED)}
          onSet={(lines) => set(kind, lines)}
        />
      ))}
    </Flex>
  );
}

interface NoteListProps {
  readonly kind: NoteKind;
  readonly lines: readonly string[];
  readonly proposed: readonly string[];
  readonly onSet: (lines: readonly string[]) => void;
}

function NoteList({ kind, lines, proposed, onSet }: NoteListProps) {
  const [text, setText] = useState('');
  const swapped = (i: number, j: number) =>
    lines.map((line, k) => (k === i ? (lines[j] ?? line) : k === j ? (lines[i] ?? line) : line));
  const add = () => {
    const line = text.trim().slice(0, 300);
    if (line !== '' && !lines.includes(line)) onSet([...lines, line]);
    setText('');
  };
  return (
    <Box flex="1" minW="230px">
      <Text fontFamily="heading" fontWeight="700">
        {TITLES[kind]}
      </Text>
      <Box as="ol" listStyleType="decimal" pl="5" my="1">
        {lines.map((line, i) => (
          <Box as="li" key={line}>
            <Flex align="flex-start" justify="space-between" gap="1">
              <Text py="1">{line}</Text>
              <Flex flexShrink={0}>
                <IconButton
                  size="xs"
                  variant="ghost"
                  aria-label={`${line}: more important`}
                  disabled={i === 0}
                  onClick={() => onSet(swapped(i, i - 1))}
                >
                  <ArrowUp size={14} />
                </IconButton>
                <IconButton
                  size="xs"
                  variant="ghost"
                  aria-label={`${line}: less important`}
                  disabled={i === lines.length - 1}
                  onClick={() => onSet(swapped(i, i + 1))}
                >
                  <ArrowDown size={14} />
                </IconButton>
                <IconButton
                  size="xs"
                  variant="ghost"
                  aria-label={`${line}: take out`}
                  onClick={() => onSet(lines.filter((l) => l !== line))}
                >
                  <X size={14} />
                </IconButton>
              </Flex>
            </Flex>
          </Box>
        ))}
      </Box>
      <Flex gap="1">
        <Input
          size="sm"
          bg="bg.panel"
          borderColor="border.emphasized"
          aria-label={`${TITLES[kind]}: your own words`}
          placeholder="in your own words"
          value={text}
          maxLength={300}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && add()}
        />
        <IconButton
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          aria-label={`${TITLES[kind]}: add`}
          onClick={add}
        >
          <Plus size={16} />
        </IconButton>
      </Flex>
      {proposed.length > 0 && (
        <Text fontSize="xs" color="fg.muted" mt="2">
          From the numbers:
        </Text>
      )}
      {proposed.map((words) => (
        <Button
          key={words}
          size="xs"
          variant="ghost"
          display="flex"
          height="auto"
          minH="28px"
          py="1"
          whiteSpace="normal"
          textAlign="left"
          justifyContent="flex-start"
          fontWeight="400"
          onClick={() => onSet([...lines, words])}
        >
          <Plus size={13} /> {words}
        </Button>
      ))}
    </Box>
  );
}
