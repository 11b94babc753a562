'use client';
import { Button } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import type { Table } from '@/core/tables';
import { csvText, downloadFile } from '@/store/tables';

/** Hands the rider a table as a file; it is made when it is asked for. */
export function CsvButton({
  table,
  file,
}: {
  readonly table: () => Table;
  /** Name of the file. */
  readonly file: string;
}) {
  return (
    <Button
      size="sm"
      variant="outline"
      borderColor="border.emphasized"
      onClick={() => downloadFile(new Blob([csvText(table())], { type: 'text/csv' }), file)}
    >
      <Download size={15} /> Write CSV
    </Button>
  );
}
