import { measuredSag, SAG_LENGTHS, SETUP_ENDS, type SetUp } from '../set-up';
import type { Table } from './donor-table';

type Cell = string | number;
const tenth = (x: number | undefined): Cell => (x === undefined ? '' : Math.round(x * 10) / 10);

/** Set-up sheets as rows: one for each end that holds anything, with the sags that its lengths come to, mm. */
export const setupTable = (
  sheets: readonly SetUp[],
  machineOf: (donorId: string) => string,
): Table => ({
  headings: [
    'Machine',
    'Sheet',
    'Day',
    'Load',
    'School',
    'End',
    'Tool',
    ...SAG_LENGTHS,
    'Free sag (mm)',
    'Rider sag (mm)',
    'Pitch (mm a turn)',
    'Turns in',
    'Turns there are',
    'Compression (clicks out)',
    'Rebound (clicks out)',
    'Pressure (bar)',
    'Fork up in the clamps (mm)',
    'Note',
  ],
  rows: sheets.flatMap((sheet) =>
    SETUP_ENDS.flatMap((end): readonly (readonly Cell[])[] => {
      const at = sheet.ends[end];
      if (!at) return [];
      const sag = measuredSag(at.readings ?? {}, at.tool ?? 'tape');
      return [
        [
          machineOf(sheet.donorId),
          sheet.name,
          sheet.on,
          sheet.load,
          sheet.school,
          end,
          at.tool ?? '',
          ...SAG_LENGTHS.map((length) => at.readings?.[length] ?? ''),
          tenth(sag.free?.mm),
          tenth(sag.rider?.mm),
          at.pitch_mm ?? '',
          at.turns ?? '',
          at.turnsMost ?? '',
          at.compression ?? '',
          at.rebound ?? '',
          at.pressure_bar ?? '',
          at.raised_mm ?? '',
          sheet.note,
        ],
      ];
    }),
  ),
});
