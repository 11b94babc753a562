'use client';
import { Box, Button, CloseButton, Dialog, Flex, Portal, Progress, Text } from '@chakra-ui/react';
import { Download, FolderOpen } from 'lucide-react';
import { useRef } from 'react';
import { DONOR_CLASSES, donorName, type DonorClass } from '@/core/donor';
import { ORIGINS, type Origin } from '@/core/readings';
import { donorTable } from '@/core/tables';
import { csvText, downloadFile, xlsxBlob } from '@/store/tables';
import { Choice, FileInput } from '@/ui/fields';
import {
  BASIS_WORDS,
  cellFaultWords,
  CLASS_WORDS,
  nameWords,
  ORIGIN_WORDS,
  type Reader,
} from '@/ui/messages';
import { ColumnMap } from './ColumnMap';
import { useTableImport, type TableImportModel } from './use-table-import';
import type { DonorsModel } from '../use-donors';

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

/** How many faulty rows are spelt out. */
const FAULTS_SHOWN = 40;

function Import({ table }: { readonly table: TableImportModel }) {
  const { loaded } = table;
  if (!loaded) return null;
  return (
    <Box>
      {table.faults && (
        <Box role="alert" borderLeftWidth="4px" borderColor="fail" pl="3" mb="3">
          <Text fontWeight="700" color="fail">
            {table.faults.length} of {loaded.rows.length} rows cannot be read, so nothing was
            written. Correct the file, or what the columns mean.
          </Text>
          <Box as="ul" listStyleType="none" maxH="180px" overflowY="auto" tabIndex={0}>
            {table.faults.slice(0, FAULTS_SHOWN).map(({ row, faults }) => (
              <Text as="li" key={row} fontSize="sm">
                Row {row + 2}:{' '}
                {faults
                  .map(
                    (f) =>
                      `${f.column === undefined ? '' : `${loaded.headings[f.column] ?? ''}: `}${cellFaultWords(f.fault)}`,
                  )
                  .join(' ')}
              </Text>
            ))}
          </Box>
          {table.faults.length > FAULTS_SHOWN && (
            <Text fontSize="xs">and {table.faults.length - FAULTS_SHOWN} more.</Text>
          )}
        </Box>
      )}
      <Flex gap="4" wrap="wrap" align="center" mb="2">
        <Text fontWeight="700">
          {loaded.file}: {loaded.rows.length} rows
          {loaded.turned ? '. Its machines stood as columns; they are read as rows.' : ''}
          {loaded.remembered ? ' Columns as you set them last time.' : ''}
        </Text>
        <label>
          Known by{' '}
          <Choice
            aria-label="Known by"
            wide="130px"
            value={table.origin}
            options={ORIGINS.map((o) => ({ value: o, words: ORIGIN_WORDS[o] }))}
            onChange={(e) => table.setOrigin(e.target.value as Origin)}
          />
        </label>
        <label>
          Class, where no column says{' '}
          <Choice
            aria-label="Class where no column says"
            wide="220px"
            value={table.donorClass}
            options={DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] }))}
            onChange={(e) => table.setDonorClass(e.target.value as DonorClass)}
          />
        </label>
        <label>
          <input
            type="checkbox"
            checked={table.shortlisted}
            onChange={(e) => table.setShortlisted(e.target.checked)}
            style={{ marginRight: 6, width: 18, height: 18, verticalAlign: 'text-bottom' }}
          />
          Onto the shortlist as well
        </label>
      </Flex>
      <Box mb="3">
        <Text fontSize="xs" color="fg.muted">
          The first rows would become:
        </Text>
        {table.preview.map((row, i) => (
          <Text key={i} fontSize="sm" color={row.kind === 'faults' ? 'fail' : undefined}>
            {row.kind === 'donor'
              ? `${donorName(row.donor)}${row.donor.version ? `, ${row.donor.version}` : ''}: ${Object.keys(row.donor.figures).length} figures, ${Object.keys(row.donor.facts ?? {}).length} facts`
              : row.kind === 'empty'
                ? 'an empty row, left out'
                : `Row ${i + 2}: ${row.faults.map((f) => `${f.column === undefined ? '' : `${loaded.headings[f.column] ?? ''}: `}${cellFaultWords(f.fault)}`).join(' ')}`}
          </Text>
        ))}
      </Box>
      <ColumnMap model={table} />
    </Box>
  );
}
