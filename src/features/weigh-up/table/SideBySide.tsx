'use client';
import { Box, chakra, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { whenNear } from '@/ui/fields';
import { WANT_GROUP_WORDS } from '@/ui/messages';
import type { WeighRow, WeighUpModel } from '../use-weigh-up';
import { CandidateHead, headProps } from './CandidateHead';
import { Figure, type OnWorking } from './Figure';
import { LineHead } from './LineHead';

const Button = chakra('button');

/** Height of a line, px. */
const LINE = 46;

/**
 * The look of the table, set once. Its groups are blocks and its lines boxes in a row, so that a group out of view need not be laid
 * out; the roles say that it is a table still.
 */
const TABLE_CSS = {
  '&, & > *': { display: 'block' },
  '& tr': { display: 'flex' },
  '& th': { textAlign: 'left', fontWeight: 400 },
  // Every candidate has the same width, beside the names of the lines.
  '& tr > *': { flex: '1 1 0', minWidth: 0 },
  '& tr > .names': { flex: '0 0 132px' },
  '& .head': {
    borderBottomWidth: '2px',
    borderColor: 'border.emphasized',
    padding: 0,
  },
  '& .line > td': {
    padding: 0,
    height: `${LINE}px`,
    borderTopWidth: '1px',
    borderColor: 'border.muted',
  },
  '& .group': {
    paddingTop: '10px',
    paddingBottom: '4px',
    fontFamily: 'heading',
    fontWeight: 800,
    fontSize: 'sm',
  },
  '& .line > th, & .name': { borderTopWidth: '1px', borderColor: 'border.muted' },
  '& .out': {
    borderLeftWidth: '2px',
    borderLeftStyle: 'dashed',
    borderLeftColor: 'border.emphasized',
  },
  '& .figure': {
    display: 'block',
    width: '100%',
    height: '100%',
    textAlign: 'left',
    cursor: 'pointer',
    padding: '3px 6px',
    _hover: { bg: 'bg.subtle' },
  },
  '& .figure-head': {
    display: 'flex',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: '4px',
    whiteSpace: 'nowrap',
  },
  '& .line-head': {
    display: 'block',
    width: '100%',
    textAlign: 'left',
    cursor: 'pointer',
    padding: '4px 4px 4px 0',
  },
  '& .line-name': { fontWeight: 600, lineHeight: 1.15 },
  '& .line-asks': {
    display: 'block',
    fontSize: 'xs',
    color: 'fg.muted',
    lineHeight: 1.25,
    whiteSpace: 'nowrap',
  },
  '& .line-asks > b': { color: 'accent', fontWeight: 700 },
  '& .candidate': {
    display: 'flex',
    flexDirection: 'column',
    gap: '4px',
    padding: '6px',
    height: '100%',
  },
  '& .place': { fontFamily: 'heading', fontWeight: 800, fontSize: 'lg', lineHeight: 1 },
  '& .place.none': { color: 'fg.subtle' },
  '& .candidate-button': {
    display: 'flex',
    flexDirection: 'column',
    textAlign: 'left',
    cursor: 'pointer',
    minHeight: '44px',
  },
  '& .candidate-name': {
    display: 'block',
    fontWeight: 700,
    lineHeight: 1.15,
    overflowWrap: 'anywhere',
    textDecoration: 'underline',
    textDecorationColor: 'border.emphasized',
    textUnderlineOffset: '3px',
  },
  '& [aria-expanded=true] > .candidate-name': {
    textDecorationColor: 'accent',
    textDecorationThickness: '3px',
  },
  '& .candidate-maker': { display: 'block', fontSize: 'xs', color: 'fg.muted', lineHeight: 1.2 },
  '& .musts': { display: 'flex', flexDirection: 'column', fontSize: 'xs', lineHeight: 1.3 },
  '& .musts > .fail': { color: 'fail', fontWeight: 700 },
  '& .musts > .unsure, & .musts > .not-known': { color: 'unsure', fontWeight: 500 },
  '& .musts > .pass': { color: 'pass' },
  '& .musts .part': { color: 'fg.muted', fontWeight: 400 },
  '& .known': { fontWeight: 600 },
  '& .fit-points': { fontFamily: 'heading', fontWeight: 800, fontSize: 'md' },
  '& .fit-span, & .unknown': { fontSize: 'xs', color: 'fg.muted' },
} as const;

export interface SideBySideProps {
  readonly model: WeighUpModel;
  /** The candidates to show, in order. */
  readonly rows: readonly WeighRow[];
  readonly onWorking: OnWorking;
  readonly open: string | undefined;
  readonly onToggle: (id: string) => void;
  /** On a phone the name of a line stands above its figures. */
  readonly narrow?: boolean;
}

/** Candidates beside each other, every metric on one scale, the need drawn through each. */
export function SideBySide({
  model,
  rows,
  onWorking,
  open,
  onToggle,
  narrow = false,
}: SideBySideProps) {
  const firstOut =
    model.sort === 'fit'
      ? rows.find((r, i) => i > 0 && r.ranked.place === undefined)?.ranked.id
      : undefined;
  const side = (row: WeighRow) => (row.ranked.id === firstOut ? 'out' : '');
  return (
    <Box as="table" role="table" aria-label="Candidates against the brief" css={TABLE_CSS}>
      <thead role="rowgroup">
        <tr role="row">
          {!narrow && (
            <th className="head names" role="columnheader" scope="col">
              <Button
                type="button"
                cursor="pointer"
                textAlign="left"
                py="2"
                onClick={() => model.setSort('fit')}
                aria-pressed={model.sort === 'fit'}
              >
                <Text fontWeight="700">Fit{model.sort === 'fit' ? ' →' : ''}</Text>
                <Text fontSize="xs" color="fg.muted">
                  of 100, and the musts
                </Text>
              </Button>
            </th>
          )}
          {rows.map((row) => (
            <th key={row.ranked.id} role="columnheader" scope="col" className={`head ${side(row)}`}>
              <CandidateHead
                {...headProps(row)}
                reader={model.reader}
                open={open === row.ranked.id}
                onToggle={onToggle}
              />
            </th>
          ))}
        </tr>
      </thead>
      {model.groups.map((group) => (
        <tbody
          key={group.key}
          role="rowgroup"
          style={whenNear(LINE * (1 + group.lines.length * (narrow ? 2 : 1)))}
        >
          <tr role="row">
            <th role="rowheader" className="group">
              {WANT_GROUP_WORDS[group.key]}
            </th>
          </tr>
          {group.lines.map((line) => {
            const head = (
              <LineHead
                metric={line.metric}
                need={line.need}
                weight={line.weight}
                active={model.sort === line.metric}
                reader={model.reader}
                setSort={model.setSort}
              />
            );
            const cells = rows.map((row, column) => (
              <td key={column} role="cell" className={side(row)}>
                <Figure row={row} line={line} model={model} onWorking={onWorking} />
              </td>
            ));
            if (!narrow)
              return (
                <tr key={line.metric} role="row" className="line">
                  <th
                    role="rowheader"
                    className="names"
                    scope="row"
                    aria-sort={model.sort === line.metric ? 'ascending' : undefined}
                  >
                    {head}
                  </th>
                  {cells}
                </tr>
              );
            return (
              <Fragment key={line.metric}>
                <tr role="row">
                  <th role="rowheader" className="name">
                    {head}
                  </th>
                </tr>
                <tr role="row" className="line">
                  {cells}
                </tr>
              </Fragment>
            );
          })}
        </tbody>
      ))}
    </Box>
  );
}
