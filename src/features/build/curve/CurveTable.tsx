'use client';
import type { CurvesModel } from '@/store/running';
import { PlainTable } from '@/ui/fields';
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
    <PlainTable label="Corners of every curve" maxH="420px">
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
    </PlainTable>
  );
}
