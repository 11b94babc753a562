'use client';
import { Box, Button, Dialog, Flex, Grid, Portal, Text } from '@chakra-ui/react';
import { Columns2, Download, FolderOpen, Share2, Trash2 } from 'lucide-react';
import { useRef } from 'react';
import { partsOf } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { isEmptyDossier, type Dossier } from '@/store/records';
import { FileInput, Panel } from '@/ui/fields';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { Beside } from './Beside';
import { Dossiers } from './Dossiers';
import { PhotosPanel } from './PhotosPanel';
import { Snapshots } from './Snapshots';
import { useDossierFiles, type DossierFilesModel } from './use-dossier-files';

/** The whole dossier as a file: out, in, cleared. */
export function DossierScreen() {
  const model = useDossierFiles();
  const picker = useRef<HTMLInputElement>(null);
  const beside = useRef<HTMLInputElement>(null);
  const { dossier } = model;
  if (model.other) return <Beside other={model.other} onClose={model.closeOther} />;
  return (
    <Box>
      <ScreenHeading title="Dossier">
        Everything lies in this browser and nowhere else. A file is your copy, and how you carry it
        to another machine.
      </ScreenHeading>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
        gap="4"
        alignItems="start"
      >
        <Panel title="Files">
          <Flex direction="column" gap="4" pt="2">
            <Box>
              <Button
                bg="accent"
                color="accent.ink"
                onClick={model.save}
                disabled={isEmptyDossier(dossier)}
              >
                <Download size={17} /> Export to a file
              </Button>
              <Text fontSize="xs" color="fg.muted" mt="1">
                One JSON file with the brief, donors, parts, shortlist, builds, verdicts and what
                was seen at machines.
              </Text>
            </Box>
            <Box>
              <Button
                variant="outline"
                borderColor="border.emphasized"
                onClick={model.share}
                disabled={Object.keys(dossier.candidates).length === 0}
              >
                <Share2 size={17} /> Export the shortlist only
              </Button>
              <Text fontSize="xs" color="fg.muted" mt="1">
                Brief, shortlist, builds and parts, for somebody who weighs the same machines.
              </Text>
            </Box>
            <Box>
              <Button
                variant="outline"
                borderColor="border.emphasized"
                onClick={() => picker.current?.click()}
              >
                <FolderOpen size={17} /> Open a file
              </Button>
              <FileInput
                ref={picker}
                label="Dossier file"
                accept=".json,application/json"
                onFile={(file) => void model.open(file)}
              />
              <Button
                variant="outline"
                borderColor="border.emphasized"
                ml="2"
                onClick={() => beside.current?.click()}
                disabled={isEmptyDossier(dossier)}
              >
                <Columns2 size={17} /> Lay a file beside mine
              </Button>
              <FileInput
                ref={beside}
                label="File to lay beside"
                accept=".json,application/json"
                onFile={(file) => void model.compare(file)}
              />
              <Text fontSize="xs" color="fg.muted" mt="1">
                Opening replaces what is here. Laid beside, it shows where the two differ, and you
                take over what you like.
              </Text>
              {model.refused && (
                <Text role="alert" color="fail" fontWeight="600" mt="2">
                  {model.refused} Nothing stored was touched.
                </Text>
              )}
            </Box>
            <Flex
              gap="3"
              wrap="wrap"
              borderTopWidth="1px"
              borderTopStyle="dashed"
              borderColor="border"
              pt="3"
            >
              <Button size="sm" variant="ghost" onClick={model.example}>
                Open the example
              </Button>
              <Button
                size="sm"
                variant="ghost"
                color="fail"
                onClick={model.wipe}
                disabled={isEmptyDossier(dossier)}
              >
                <Trash2 size={15} /> Clear everything
              </Button>
            </Flex>
          </Flex>
        </Panel>
        <Panel title="What it holds">
          <Contents dossier={dossier} />
          <Kept />
        </Panel>
        <Snapshots />
        <PhotosPanel />
        <Dossiers />
      </Grid>
      <ReplaceDialog model={model} />
    </Box>
  );
}

function Contents({ dossier }: { readonly dossier: Dossier }) {
  const lines: readonly (readonly [string, number])[] = [
    ['Brief', Object.keys(dossier.briefs).length],
    ['Donors', Object.keys(dossier.donors).length],
    ['On the shortlist', Object.keys(dossier.candidates).length],
    ['Parts in the catalogue', Object.keys(partsOf(dossier)).length],
    ['Builds begun', Object.keys(dossier.builds).length],
    ['Verdicts', Object.keys(dossier.verdicts).length],
    ['Trials: sits and looks at machines', Object.keys(dossier.trials).length],
  ];
  return (
    <Box pt="1">
      {lines.map(([name, count]) => (
        <Flex
          key={name}
          justify="space-between"
          py="1.5"
          borderTopWidth="1px"
          borderColor="border.muted"
        >
          <Text>{name}</Text>
          <Text fontWeight="700">{count}</Text>
        </Flex>
      ))}
    </Box>
  );
}

const KEEPING_WORDS = {
  promised: 'This browser has promised to keep what is stored, also when it runs short of room.',
  'not-promised':
    'This browser does not promise to keep what is stored when it runs short of room: export a file now and then.',
  'cannot-say':
    'This browser does not say whether it keeps what is stored when it runs short of room: export a file now and then.',
  'not-asked': 'The browser is asked to keep what is stored with your first edit.',
} as const;

function Kept() {
  const keeping = useDossierState((s) => s.keeping);
  return (
    <Text fontSize="sm" color="fg.muted" mt="2">
      {KEEPING_WORDS[keeping]}
    </Text>
  );
}

function ReplaceDialog({ model }: { readonly model: DossierFilesModel }) {
  const { donors, builds } = model.dossier;
  return (
    <Dialog.Root
      open={model.pending !== undefined}
      onOpenChange={(e) => !e.open && model.cancel()}
      role="alertdialog"
      size="sm"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel">
            <Dialog.Header>
              <Dialog.Title>Replace what is here?</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              {model.pending?.what} the present dossier: {Object.keys(donors).length} donors and{' '}
              {Object.keys(builds).length} builds. It can be undone.
            </Dialog.Body>
            <Dialog.Footer>
              <Button size="sm" variant="outline" onClick={model.cancel}>
                Keep what is here
              </Button>
              <Button size="sm" bg="accent" color="accent.ink" onClick={() => model.pending?.run()}>
                Replace
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
