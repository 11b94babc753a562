'use client';
import {
  Box,
  Button,
  CloseButton,
  Dialog,
  Flex,
  Grid,
  Input,
  Portal,
  Text,
  Textarea,
} from '@chakra-ui/react';
import { fullName, type Donor } from '@/core/donor';
import { ORIGINS, type Origin } from '@/core/readings';
import { SPEC_TEXT_LIMIT } from '@/core/spec-text';
import { Choice } from '@/ui/fields';
import { ORIGIN_WORDS } from '@/ui/messages';
import { ProposalRow } from './ProposalRow';
import { usePaste } from './use-paste';
import type { DonorsModel } from '../use-donors';

export interface PasteDialogProps {
  /** Where the readings go; absent: a new donor. */
  readonly donor: Donor | undefined;
  readonly model: DonorsModel;
  readonly onClose: () => void;
}

/** Text of a sheet, an advert or a review on one side; what was found in it on the other. Nothing enters before the rider agrees. */
export function PasteDialog({ donor, model, onClose }: PasteDialogProps) {
  const paste = usePaste(donor, model);
  const doubtful = paste.lines.filter((l) => l.proposal.doubts.length > 0).length;
  return (
    <Dialog.Root
      open
      onOpenChange={(e) => !e.open && onClose()}
      size="cover"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner p={{ base: '2', md: '6' }}>
          <Dialog.Content bg="bg.panel" my="0" height={{ base: '100%', md: 'calc(100dvh - 48px)' }}>
            <Dialog.Header pb="2">
              <Dialog.Title>
                {donor ? `Paste a sheet for ${fullName(donor)}` : 'A new donor from a text'}
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" />
            </Dialog.CloseTrigger>
            <Dialog.Body>
              <Grid
                templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 2fr) minmax(0, 3fr)' }}
                gap="5"
                height="100%"
              >
                <Flex direction="column" gap="2" minH="0">
                  <label htmlFor="paste-text">Text of a maker’s sheet, an advert or a review</label>
                  <Textarea
                    id="paste-text"
                    flex="1"
                    minH={{ base: '130px', lg: '260px' }}
                    maxLength={SPEC_TEXT_LIMIT}
                    bg="bg"
                    borderColor="border.emphasized"
                    value={paste.text}
                    onChange={(e) => paste.setText(e.target.value)}
                    placeholder={
                      'Kerb weight 187 kg\nSeat height 34.6 in (879 mm)\n61 hp @ 8 250 rpm …'
                    }
                  />
                  {paste.names && (
                    <Grid templateColumns="1fr 1fr" gap="2">
                      <Box>
                        <label htmlFor="paste-maker">Maker</label>
                        <Input
                          id="paste-maker"
                          size="sm"
                          maxLength={80}
                          borderColor="border.emphasized"
                          value={paste.names.maker}
                          onChange={(e) => paste.names?.set({ maker: e.target.value })}
                        />
                      </Box>
                      <Box>
                        <label htmlFor="paste-model">Model</label>
                        <Input
                          id="paste-model"
                          size="sm"
                          maxLength={120}
                          borderColor="border.emphasized"
                          value={paste.names.model}
                          onChange={(e) => paste.names?.set({ model: e.target.value })}
                        />
                      </Box>
                    </Grid>
                  )}
                  <Grid templateColumns="130px 1fr" gap="2">
                    <Box>
                      <label htmlFor="paste-origin">Known by</label>
                      <Choice
                        id="paste-origin"
                        wide="100%"
                        value={paste.origin}
                        options={ORIGINS.map((o) => ({ value: o, words: ORIGIN_WORDS[o] }))}
                        onChange={(e) => paste.setOrigin(e.target.value as Origin)}
                      />
                    </Box>
                    <Box>
                      <label htmlFor="paste-note">Where from</label>
                      <Input
                        id="paste-note"
                        size="sm"
                        maxLength={400}
                        borderColor="border.emphasized"
                        placeholder="the words themselves"
                        value={paste.note}
                        onChange={(e) => paste.setNote(e.target.value)}
                      />
                    </Box>
                  </Grid>
                </Flex>
                <Box
                  minH="0"
                  overflowY="auto"
                  role="region"
                  aria-label="What was found"
                  tabIndex={0}
                >
                  <Text aria-live="polite" fontWeight="700" mb="1">
                    {paste.text.trim() === ''
                      ? 'Nothing pasted yet.'
                      : paste.lines.length === 0
                        ? 'No figures found: this reads like no sheet.'
                        : `${paste.lines.length} found${doubtful > 0 ? `, ${doubtful} to look at` : ''}.`}
                  </Text>
                  {paste.lines.map((line) => (
                    <ProposalRow
                      key={line.id}
                      line={line}
                      onCorrect={(c) => paste.correct(line.id, c)}
                    />
                  ))}
                </Box>
              </Grid>
            </Dialog.Body>
            <Dialog.Footer>
              <Text fontSize="xs" color="fg.muted" flex="1" display={{ base: 'none', md: 'block' }}>
                Only what is ticked is entered, each as one more reading beside what is there.
              </Text>
              <Button size="sm" variant="outline" onClick={onClose}>
                Cancel
              </Button>
              <Button
                size="sm"
                bg="accent"
                color="accent.ink"
                disabled={paste.takes === 0}
                onClick={() => {
                  if (paste.take()) onClose();
                }}
              >
                Enter {paste.takes} {paste.takes === 1 ? 'reading' : 'readings'}
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
