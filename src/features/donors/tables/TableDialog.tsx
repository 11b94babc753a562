'use client';
import { Button, CloseButton, Dialog, Flex, Portal, Progress, Text } from '@chakra-ui/react';
import { Download, FolderOpen } from 'lucide-react';
import { useRef } from 'react';
import { donorTable } from '@/core/tables';
import { csvText, downloadFile, xlsxBlob } from '@/store/tables';
import { FileInput } from '@/ui/fields';
import { BASIS_WORDS, nameWords, type Reader } from '@/ui/messages';
import { useTableImport } from './use-table-import';
import type { DonorsModel } from '../use-donors';
import { Import } from './TableImport';

export interface TableDialogProps {
  readonly model: DonorsModel;
  readonly reader: Reader;
  readonly onClose: () => void;
}

/** Tables in and out: read donors from separated values, write all donors as values or a workbook. */
export function TableDialog({ model, reader, onClose }: TableDialogProps) {
  const table = useTableImport();
  const picker = useRef<HTMLInputElement>(null);
  const busy = table.progress !== undefined;
  const donors = [...model.resolved.values()];
  const written = () =>
    donorTable(donors, {
      ...reader,
      nameOf: nameWords,
      basisOf: (b) => (b === 'stated' ? '' : BASIS_WORDS[b]),
    });
  return (
    <Dialog.Root
      open
      onOpenChange={(e) => !e.open && !busy && onClose()}
      size="cover"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner p={{ base: '2', md: '6' }}>
          <Dialog.Content bg="bg.panel" my="0" height={{ base: '100%', md: 'calc(100dvh - 48px)' }}>
            <Dialog.Header pb="2">
              <Dialog.Title>Tables in and out</Dialog.Title>
            </Dialog.Header>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" disabled={busy} />
            </Dialog.CloseTrigger>
            <Dialog.Body>
              <Flex gap="3" wrap="wrap" align="center" pb="3">
                <Button
                  size="sm"
                  bg="accent"
                  color="accent.ink"
                  disabled={busy}
                  onClick={() => picker.current?.click()}
                >
                  <FolderOpen size={16} /> Read a table
                </Button>
                <FileInput
                  ref={picker}
                  label="Table file"
                  accept=".csv,.tsv,.txt,text/csv"
                  onFile={(file) => void table.open(file)}
                />
                <Text fontSize="xs" color="fg.muted" flex="1" minW="200px">
                  Separated values, headings in the first row. Units and bases are read from the
                  headings: “Weight (lb, dry)”.
                </Text>
                <Button
                  size="sm"
                  variant="outline"
                  borderColor="border.emphasized"
                  disabled={busy || donors.length === 0}
                  onClick={() =>
                    downloadFile(
                      new Blob([csvText(written())], { type: 'text/csv' }),
                      'jugator-donors.csv',
                    )
                  }
                >
                  <Download size={15} /> Write CSV
                </Button>
                <Button
                  size="sm"
                  variant="outline"
                  borderColor="border.emphasized"
                  disabled={busy || donors.length === 0}
                  onClick={() =>
                    void xlsxBlob(written(), 'Donors').then((blob) =>
                      downloadFile(blob, 'jugator-donors.xlsx'),
                    )
                  }
                >
                  <Download size={15} /> Write XLSX
                </Button>
              </Flex>
              {table.refused && (
                <Text role="alert" color="fail" fontWeight="600">
                  {table.refused} Nothing stored was touched.
                </Text>
              )}
              {table.loaded && <Import table={table} />}
            </Dialog.Body>
            {table.loaded && (
              <Dialog.Footer>
                {table.progress ? (
                  <>
                    <Progress.Root
                      flex="1"
                      value={table.progress.done}
                      max={table.progress.of}
                      aria-label="Rows read"
                    >
                      <Progress.Track>
                        <Progress.Range />
                      </Progress.Track>
                    </Progress.Root>
                    <Text>
                      {table.progress.done} of {table.progress.of}
                    </Text>
                    <Button size="sm" variant="outline" onClick={table.cancel}>
                      Stop
                    </Button>
                  </>
                ) : (
                  <>
                    <Button size="sm" variant="outline" onClick={onClose}>
                      Cancel
                    </Button>
                    <Button
                      size="sm"
                      bg="accent"
                      color="accent.ink"
                      onClick={() => void table.run().then((done) => done && onClose())}
                    >
                      Enter {table.loaded.rows.length}{' '}
                      {table.loaded.rows.length === 1 ? 'donor' : 'donors'}
                    </Button>
                  </>
                )}
              </Dialog.Footer>
            )}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
