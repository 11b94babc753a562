'use client';
import { Box, Button } from '@chakra-ui/react';
import { shortName } from '@/core/donor';
import { Panel } from '@/ui/fields';
import type { Reader } from '@/ui/messages';
import { NotesPanel } from './NotesPanel';
import { ScoreDetail } from './ScoreDetail';
import type { OnWorking } from './table/Figure';
import type { WeighRow } from './use-weigh-up';

/** One candidate opened from the table: its points and its notes. */
export function CandidatePanel({
  row,
  reader,
  onWorking,
  onClose,
}: {
  readonly row: WeighRow;
  readonly reader: Reader;
  readonly onWorking: OnWorking;
  readonly onClose: () => void;
}) {
  return (
    <Box mt="4">
      <Panel
        title={shortName(row.entry.donor)}
        aside={
          <Button size="xs" variant="ghost" onClick={onClose}>
            Close
          </Button>
        }
      >
        <ScoreDetail row={row} reader={reader} onWorking={(m, a) => onWorking(row, m, a)} />
        <NotesPanel row={row} reader={reader} />
      </Panel>
    </Box>
  );
}
