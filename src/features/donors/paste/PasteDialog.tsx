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
} from '@chakra-ui/react';
import { FolderOpen } from 'lucide-react';
import { useRef, useState } from 'react';
import { fullName, type Donor } from '@/core/donor';
import { ORIGINS, type Origin } from '@/core/readings';
import { SPEC_TEXT_LIMIT } from '@/core/spec-text';
import { Choice, FileInput } from '@/ui/fields';
import { ORIGIN_WORDS } from '@/ui/messages';
import { droppedText } from './dropped-text';
import { MachineSheet } from './MachineSheet';
import { MarkedText } from './MarkedText';
import { usePaste, type PasteModel } from './use-paste';
import type { DonorsModel } from '../use-donors';
import { foundWords, leftOutOf, marksOf, onlyOnesWords } from './paste-words';

export interface PasteDialogProps {
  /** Where the readings go; absent: a new donor. */
  readonly donor: Donor | undefined;
  /** Text that another app shared; the field begins with it. */
  readonly shared?: string;
  readonly model: DonorsModel;
  readonly onClose: () => void;
}

/** Text of a sheet, an advert or a review on one side; what was found in it on the other. Nothing enters before the rider agrees. */
export function PasteDialog({ donor, shared = '', model, onClose }: PasteDialogProps) {
  const paste = usePaste(donor, model, shared);
  const [chosen, setChosen] = useState<string>();
  const [refused, setRefused] = useState<string>();
  const picker = useRef<HTMLInputElement>(null);
  const load = async (file: File) => {
    const read = await droppedText(file);
    if (read.kind === 'refused') return setRefused(read.reason);
    setRefused(undefined);
    paste.setText(read.text.slice(0, SPEC_TEXT_LIMIT));
    if (paste.note === '') paste.setNote(file.name.slice(0, 400));
    return undefined;
  };
  const choose = (id: string) => setChosen(id);
  const leftOut = leftOutOf(paste);
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
          <Dialog.Content
            bg="bg.panel"
            my="0"
            maxH="none"
            height={{ base: '100%', md: 'calc(100dvh - 48px)' }}
            onDragOver={(e) => e.preventDefault()}
            onDrop={(e) => {
              const file = e.dataTransfer.files[0];
              if (!file) return;
              e.preventDefault();
              void load(file);
            }}
          >
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
                  <Flex justify="space-between" align="end" gap="2">
                    <label htmlFor="paste-text">
                      Text of a maker’s sheet, an advert or a review
                    </label>
                    <Button
                      size="xs"
                      variant="outline"
                      borderColor="border.emphasized"
                      onClick={() => picker.current?.click()}
                    >
                      <FolderOpen size={14} /> From a file
                    </Button>
                    <FileInput
                      ref={picker}
                      label="Text file"
                      accept=".txt,.csv,.tsv,.html,.htm,text/plain,text/html,text/csv"
                      onFile={(file) => void load(file)}
                    />
                  </Flex>
                  <MarkedText
                    id="paste-text"
                    text={paste.text}
                    marks={marksOf(paste)}
                    chosen={chosen}
                    most={SPEC_TEXT_LIMIT}
                    placeholder={
                      'Ready to ride 163 kg\nSeat 861 mm, 11.4 L tank\n24 kW at 8 700 rpm …'
                    }
                    onText={paste.setText}
                    onChoose={choose}
                  />
                  {refused && (
                    <Text role="alert" fontSize="sm" color="fail" fontWeight="600">
                      {refused}
                    </Text>
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
                    {foundWords(paste)}
                  </Text>
                  <OnlyOnes paste={paste} />
                  {paste.sheets.map((sheet) => (
                    <MachineSheet
                      key={sheet.id}
                      sheet={sheet}
                      paste={paste}
                      fresh={donor === undefined}
                      several={paste.sheets.length > 1}
                      chosen={chosen}
                      onChoose={choose}
                    />
                  ))}
                </Box>
              </Grid>
            </Dialog.Body>
            <Dialog.Footer flexWrap={{ base: 'wrap', md: 'nowrap' }}>
              <Box flex={{ base: '1 0 100%', md: '1' }} minW="0" fontSize="xs">
                {leftOut !== '' && (
                  <Text color="unsure" fontWeight="600" aria-live="polite">
                    Not entered unless you tick it: {leftOut}.
                  </Text>
                )}
                <Text color="fg.muted" display={{ base: 'none', md: 'block' }}>
                  Only what is ticked is entered. On a line: Enter takes it, Delete drops it, C
                  changes what it is; the arrows move.
                </Text>
              </Box>
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

/** One press for what only its unit names, where hardly anything else can be meant. */
function OnlyOnes({ paste }: { readonly paste: PasteModel }) {
  const { onlyOnes } = paste;
  if (onlyOnes.length === 0) return null;
  return (
    <Button
      size="sm"
      variant="outline"
      borderColor="border.emphasized"
      height="auto"
      minH="36px"
      py="1"
      mb="2"
      whiteSpace="normal"
      textAlign="start"
      onClick={() => onlyOnes.forEach((l) => paste.correct(l.id, { on: true }))}
    >
      {onlyOnesWords(onlyOnes)}
    </Button>
  );
}
