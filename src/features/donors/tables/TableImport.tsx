'use client';

import { Box, Text, Flex } from '@chakra-ui/react';
import { DONOR_CLASSES, type DonorClass, donorName } from '@/core/donor';
import { ORIGINS, type Origin } from '@/core/readings';
import { Choice } from '@/ui/fields';
import { cellFaultWords, ORIGIN_WORDS, CLASS_WORDS } from '@/ui/messages';
import { ColumnMap } from './ColumnMap';
import type { TableImportModel } from './use-table-import';

/** How many faulty rows are spelt out. */
const FAULTS_SHOWN = 40;
export function Import({ table }: { readonly table: TableImportModel }) {
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
