'use client';
import { Box } from '@chakra-ui/react';
import type { CurvesModel } from '@/store/running';
import { formatNumber } from '@/ui/messages';

interface TableProps {
  readonly shown: readonly (CurvesModel['curves'][number] & {
    readonly name: string;
    readonly stock: readonly [number, number];
  })[];
  readonly currency: string;
  readonly partNames: (ids: readonly string[]) => string;
}

export function CurveTable({ shown, currency, partNames }: TableProps) {
  return (
    <Box
      maxH="420px"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label="Corners of every curve"
    >
      <Box
        as="table"
        width="100%"
        css={{
          '& td, & th': { padding: '3px 10px 3px 0', textAlign: 'left', verticalAlign: 'top' },
          '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
        }}
      >
        <thead>
          <tr>
            <th>Candidate</th>
            <th className="n">spent, {currency}</th>
            <th className="n">fit</th>
            <th>parts</th>
          </tr>
        </thead>
        <tbody>
          {shown.flatMap((s) =>
            s.corners.map((c) => (
              <tr key={`${s.id}${c.cost}`}>
                <td>{s.name}</td>
                <td className="n">{formatNumber(c.cost)}</td>
                <td className="n">{formatNumber(c.points, 1)}</td>
                <td>{c.partIds.length === 0 ? 'as it stands' : partNames(c.partIds)}</td>
              </tr>
            )),
          )}
        </tbody>
      </Box>
    </Box>
  );
}
