'use client';
import { Box, Text } from '@chakra-ui/react';
import { FACT_KEYS, isFactKey } from '@/core/facts';
import { FIGURE_KEYS, figureDefinition, isFigureKey, type Basis } from '@/core/readings';
import { headingUnit } from '@/core/spec-text';
import { TEXT_COLUMNS, type ColumnTarget, type TextColumn } from '@/core/tables';
import { unitEntry, unitsOf, type UnitId } from '@/core/units';
import { Choice } from '@/ui/fields';
import { BASIS_WORDS, FACT_WORDS, FIGURE_WORDS } from '@/ui/messages';
import type { TableImportModel } from './use-table-import';

const TEXT_WORDS: Readonly<Record<TextColumn, string>> = {
  maker: 'Maker',
  model: 'Model',
  version: 'Version',
  donorClass: 'Class',
  tags: 'Tags',
  note: 'Notes',
};
const MEANINGS = [
  { value: 'ignore', words: '(leave out)' },
  ...TEXT_COLUMNS.map((c) => ({ value: `text:${c}`, words: TEXT_WORDS[c] })),
  ...FIGURE_KEYS.map((k) => ({ value: k, words: FIGURE_WORDS[k] })),
  ...FACT_KEYS.map((k) => ({ value: k, words: FACT_WORDS[k] })),
];

const valueOf = (target: ColumnTarget): string =>
  target.kind === 'ignore'
    ? 'ignore'
    : target.kind === 'text'
      ? `text:${target.column}`
      : target.key;

/** A unit that the heading says outlives a meaning chosen by hand. */
function targetOf(value: string, heading: string): ColumnTarget {
  const said = headingUnit(heading);
  if (value.startsWith('text:')) return { kind: 'text', column: value.slice(5) as TextColumn };
  if (isFactKey(value)) return { kind: 'fact', key: value };
  if (!isFigureKey(value)) return { kind: 'ignore' };
  const { bases, unit } = figureDefinition(value);
  return {
    kind: 'figure',
    key: value,
    basis: bases[0],
    unit: said && unitEntry(said).dimension === figureDefinition(value).dimension ? said : unit,
  };
}

const cell = { padding: '3px 8px 3px 0', verticalAlign: 'top' } as const;

/** What each column of the table means, in which unit and on which basis. */
export function ColumnMap({ model }: { readonly model: TableImportModel }) {
  const { loaded, columns, twice } = model;
  if (!loaded) return null;
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Columns">
      <table style={{ width: '100%', borderCollapse: 'collapse', fontSize: 13 }}>
        <thead>
          <tr>
            {['Heading', 'First cells', 'Means', 'In', 'Basis'].map((h) => (
              <th
                key={h}
                scope="col"
                style={{ ...cell, textAlign: 'left', color: 'var(--chakra-colors-fg-muted)' }}
              >
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {loaded.headings.map((heading, i) => {
            const target = columns[i] ?? { kind: 'ignore' };
            const name = heading || `column ${i + 1}`;
            return (
              <tr key={i} style={{ borderTop: '1px solid var(--chakra-colors-border-muted)' }}>
                <th scope="row" style={{ ...cell, textAlign: 'left' }}>
                  {name}
                </th>
                <td
                  style={{
                    ...cell,
                    color: 'var(--chakra-colors-fg-muted)',
                    maxWidth: 180,
                    overflow: 'hidden',
                    textOverflow: 'ellipsis',
                    whiteSpace: 'nowrap',
                  }}
                >
                  {loaded.rows
                    .slice(0, 3)
                    .map((r) => r[i] ?? '')
                    .filter(Boolean)
                    .join(' · ')}
                </td>
                <td style={cell}>
                  <Choice
                    aria-label={`${name}: means`}
                    wide="190px"
                    value={valueOf(target)}
                    options={MEANINGS}
                    onChange={(e) => model.setColumn(i, targetOf(e.target.value, heading))}
                  />
                  {twice.has(i) && (
                    <Text fontSize="xs" color="unsure" fontWeight="600">
                      Means the same as an earlier column: both become readings.
                    </Text>
                  )}
                </td>
                <td style={cell}>
                  {target.kind === 'figure' && (
                    <>
                      <Choice
                        aria-label={`${name}: unit`}
                        wide="104px"
                        value={target.unit ?? ''}
                        options={[
                          { value: '', words: 'in the cell' },
                          ...unitsOf(figureDefinition(target.key).dimension).map((u) => ({
                            value: u,
                            words: unitEntry(u).symbol || '(year)',
                          })),
                        ]}
                        onChange={(e) =>
                          model.setColumn(i, {
                            ...target,
                            unit: (e.target.value || undefined) as UnitId | undefined,
                          })
                        }
                      />
                      {target.unit === undefined && (
                        <Text fontSize="xs" color="unsure">
                          Choose, unless each cell says its unit.
                        </Text>
                      )}
                    </>
                  )}
                </td>
                <td style={cell}>
                  {target.kind === 'figure' && figureDefinition(target.key).bases.length > 1 && (
                    <Choice
                      aria-label={`${name}: basis`}
                      wide="196px"
                      value={target.basis}
                      options={figureDefinition(target.key).bases.map((b) => ({
                        value: b,
                        words: BASIS_WORDS[b],
                      }))}
                      onChange={(e) =>
                        model.setColumn(i, { ...target, basis: e.target.value as Basis })
                      }
                    />
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </Box>
  );
}
