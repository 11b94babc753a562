'use client';
import { Box, CloseButton, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { fullName, type Donor } from '@/core/donor';
import { factDefinition, factInUse, isFactKey } from '@/core/facts';
import { readingInUse, type NormalFigure } from '@/core/readings';
import { SHEET_GROUP_KEYS, SHEET_GROUPS, type SheetKey } from '@/core/sheet';
import { figuresOf, moneyOf } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { Choice } from '@/ui/fields';
import {
  BASIS_WORDS,
  FACT_WORDS,
  FIGURE_WORDS,
  formatFigure,
  formatQuoted,
  GROUP_WORDS,
  OPTION_WORDS,
  type Reader,
} from '@/ui/messages';
import { OriginMark } from '@/ui/marks/OriginMark';
import type { DonorsModel } from '../use-donors';

export interface CompareDialogProps {
  readonly donor: Donor;
  readonly model: DonorsModel;
  readonly reader: Reader;
  readonly onClose: () => void;
}

/** Two sheets side by side on one basis, each figure with how it was quoted. */
export function CompareDialog({ donor, model, reader, onClose }: CompareDialogProps) {
  const money = useDossierState((s) => moneyOf(s.dossier));
  const others = [...model.resolved.values()]
    .filter((d) => d.id !== donor.id)
    .sort((a, b) => fullName(a).localeCompare(fullName(b), 'en'));
  const [otherId, setOtherId] = useState(others[0]?.id);
  const [onlyDifferent, setOnlyDifferent] = useState(true);
  const other = others.find((d) => d.id === otherId);
  const cells = (
    d: Donor | undefined,
    key: SheetKey,
  ): { readonly text: string; readonly node: React.ReactNode } => {
    if (!d) return { text: '', node: null };
    if (isFactKey(key)) {
      const fact = factInUse(d.facts?.[key]);
      const words = fact
        ? factDefinition(key).kind === 'tyre'
          ? fact.value
          : (OPTION_WORDS[key][fact.value] ?? fact.value)
        : 'not known';
      return {
        text: words,
        node: fact ? (
          <Flex gap="1.5" align="center">
            <OriginMark known={fact.origin} />
            {words}
          </Flex>
        ) : (
          <Text color="fg.muted">not known</Text>
        ),
      };
    }
    const figure = figuresOf(d, money)[key];
    return {
      text:
        figure.estimate.kind === 'known'
          ? formatFigure(figure.estimate.interval.mid, key, reader)
          : 'not known',
      node: (
        <FigureCell
          figure={figure}
          text={
            figure.estimate.kind === 'known'
              ? formatFigure(figure.estimate.interval.mid, key, reader)
              : undefined
          }
          more={(d.figures[key]?.readings.length ?? 0) - 1}
          inUse={readingInUse(d.figures[key])}
        />
      ),
    };
  };
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()} size="xl" scrollBehavior="inside">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel">
            <Dialog.Header>
              <Dialog.Title>Two sheets side by side</Dialog.Title>
            </Dialog.Header>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" />
            </Dialog.CloseTrigger>
            <Dialog.Body tabIndex={0}>
              <Flex gap="3" align="center" wrap="wrap" mb="2">
                <Choice
                  aria-label="Compare with"
                  wide="260px"
                  value={otherId ?? ''}
                  options={others.map((d) => ({ value: d.id, words: fullName(d) }))}
                  onChange={(e) => setOtherId(e.target.value)}
                />
                <label>
                  <input
                    type="checkbox"
                    checked={onlyDifferent}
                    onChange={(e) => setOnlyDifferent(e.target.checked)}
                  />{' '}
                  only what differs
                </label>
              </Flex>
              {other ? (
                <table
                  style={{ width: '100%', borderCollapse: 'collapse' }}
                  aria-label={`${fullName(donor)} beside ${fullName(other)}`}
                >
                  <thead>
                    <tr>
                      <th scope="col" style={{ textAlign: 'left', width: '30%' }}>
                        <Text srOnly>Figure</Text>
                      </th>
                      <th scope="col" style={{ textAlign: 'left' }}>
                        {fullName(donor)}
                      </th>
                      <th scope="col" style={{ textAlign: 'left' }}>
                        {fullName(other)}
                      </th>
                    </tr>
                  </thead>
                  {SHEET_GROUP_KEYS.map((group) => {
                    const rows = SHEET_GROUPS[group].flatMap((key) => {
                      const [a, b] = [cells(donor, key), cells(other, key)];
                      if (
                        (a.text === 'not known' && b.text === 'not known') ||
                        (onlyDifferent && a.text === b.text)
                      )
                        return [];
                      return [
                        <tr
                          key={key}
                          style={{ borderTop: '1px solid var(--chakra-colors-border-muted)' }}
                        >
                          <th
                            scope="row"
                            style={{
                              textAlign: 'left',
                              fontWeight: 400,
                              padding: '4px 8px 4px 0',
                              verticalAlign: 'top',
                            }}
                          >
                            {isFactKey(key) ? FACT_WORDS[key] : FIGURE_WORDS[key]}
                          </th>
                          <td style={{ verticalAlign: 'top', padding: '4px 8px 4px 0' }}>
                            {a.node}
                          </td>
                          <td style={{ verticalAlign: 'top', padding: '4px 0' }}>{b.node}</td>
                        </tr>,
                      ];
                    });
                    return rows.length === 0 ? null : (
                      <tbody key={group}>
                        <tr>
                          <th
                            colSpan={3}
                            scope="rowgroup"
                            style={{ textAlign: 'left', paddingTop: 12 }}
                          >
                            {GROUP_WORDS[group]}
                          </th>
                        </tr>
                        {rows}
                      </tbody>
                    );
                  })}
                </table>
              ) : (
                <Text color="fg.muted">There is no other donor to compare with.</Text>
              )}
              <Box height="2" />
            </Dialog.Body>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

interface FigureCellProps {
  readonly figure: NormalFigure;
  readonly text: string | undefined;
  readonly more: number;
  readonly inUse: ReturnType<typeof readingInUse>;
}

function FigureCell({ figure, text, more, inUse }: FigureCellProps) {
  if (!inUse) return <Text color="fg.muted">not known</Text>;
  return (
    <Box lineHeight="1.3">
      <Flex gap="1.5" align="center">
        <OriginMark known={inUse.origin} />
        <Text fontWeight="700">{text ?? 'not comparable yet'}</Text>
      </Flex>
      <Text fontSize="xs" color="fg.muted">
        {formatQuoted(inUse.amount, inUse.unit)}
        {inUse.basis === 'stated' ? '' : `, ${BASIS_WORDS[inUse.basis]}`}
        {inUse.note ? `; ${inUse.note}` : ''}
        {more > 0 ? `; ${more} more` : ''}
        {figure.estimate.kind === 'unknown' ? '; its basis needs another figure' : ''}
      </Text>
    </Box>
  );
}
