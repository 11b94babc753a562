'use client';
import { Box, Text } from '@chakra-ui/react';
import { shortName } from '@/core/donor';
import type { Standing } from '@/store/queries';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber } from '@/ui/messages';
import type { DoubtViewModel } from '@/store/running';
import { mustsNotKnown } from './not-known';

const share = (x: number): string => (x === 0 ? '–' : x < 0.005 ? '< 1' : formatNumber(x * 100));

/** Share of draws in which each candidate takes each place, with the first place as a bar. */
export function Places({
  doubt: { result, order },
  standing,
  view,
}: {
  readonly doubt: DoubtViewModel;
  readonly standing: Standing;
  readonly view: 'stock' | 'built';
}) {
  if (!result) return <Text color="fg.muted">Drawing …</Text>;
  const rows = order.map((id) => ({
    id,
    entry: standing.candidates.find((c) => c.candidate.id === id),
    places: result.acceptability[result.ids.indexOf(id)] ?? [],
  }));
  const unknown = mustsNotKnown(standing, view);
  const shown = Math.min(4, rows.length);
  return (
    <Box
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label="Places in all draws, shares in percent"
    >
      <Box
        as="table"
        width="100%"
        css={{
          '& td, & th': { padding: '4px 8px 4px 0', textAlign: 'right', whiteSpace: 'nowrap' },
          '& td:first-of-type, & th:first-of-type': { textAlign: 'left' },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
          '& thead th': { fontWeight: 400, fontSize: 'xs', color: 'fg.muted' },
          // A phone shows the numbers, and no column is cut.
          '& .share-bar': { display: { base: 'none', sm: 'block' } },
          '& th:nth-of-type(2)': { minWidth: { base: 0, sm: '120px' } },
          '& th:last-of-type': { whiteSpace: { base: 'normal', sm: 'nowrap' } },
          '& td:first-of-type': { whiteSpace: { base: 'normal', sm: 'nowrap' } },
        }}
      >
        <thead>
          <tr>
            <th>%</th>
            <th>first</th>
            {Array.from({ length: shown - 1 }, (_, k) => (
              <th key={k}>{k + 2}</th>
            ))}
            <th>later</th>
            <th>breaks a must</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, entry, places }) => {
            if (!entry) return null;
            const first = places[0] ?? 0;
            const placed = places.reduce((a, b) => a + b, 0);
            return (
              <tr key={id}>
                <td>
                  <span style={{ display: 'inline-flex', gap: 8, alignItems: 'center' }}>
                    <Plate index={entry.candidate.plate} size={22} />
                    {shortName(entry.donor)}
                  </span>
                </td>
                <td>
                  <span style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
                    <span
                      aria-hidden
                      className="share-bar"
                      style={{
                        flex: 1,
                        minWidth: 70,
                        height: 12,
                        background: 'var(--chakra-colors-bg-subtle)',
                      }}
                    >
                      <span
                        style={{
                          display: 'block',
                          height: '100%',
                          width: `${first * 100}%`,
                          background: 'var(--chakra-colors-fg)',
                        }}
                      />
                    </span>
                    <b style={{ minWidth: 30, marginLeft: 'auto' }}>{share(first)}</b>
                  </span>
                </td>
                {Array.from({ length: shown - 1 }, (_, k) => (
                  <td key={k}>{share(places[k + 1] ?? 0)}</td>
                ))}
                <td>{share(places.slice(shown).reduce((a, b) => a + b, 0))}</td>
                <td
                  style={{
                    color: unknown.has(id)
                      ? 'var(--chakra-colors-unsure)'
                      : placed < 0.995
                        ? 'var(--chakra-colors-fail)'
                        : undefined,
                  }}
                >
                  {unknown.has(id) ? 'not known' : share(1 - placed < 0.0005 ? 0 : 1 - placed)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Every draw takes each half-known figure somewhere in its span and the weights as chosen
        above; a candidate that breaks a must in a draw has no place in it.
      </Text>
    </Box>
  );
}
