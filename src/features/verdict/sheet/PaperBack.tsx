'use client';
import { Box, Grid, Text } from '@chakra-ui/react';
import { BUILD_STAGES } from '@/core/build';
import { INSPECTION_POINTS, PAPER_POINTS } from '@/core/inspection';
import type { Sheet } from '@/store/records';
import { askWords, formatNumber, pointWords, STAGE_WORDS, type Reader } from '@/ui/messages';
import { Block } from './Block';

/** A square to tick by hand. */
const Square = ({ size = 13 }: { readonly size?: number }) => (
  <svg
    width={size}
    height={size}
    viewBox="0 0 13 13"
    aria-hidden
    style={{ display: 'inline-block', verticalAlign: '-2px', flexShrink: 0 }}
  >
    <rect
      x="0.75"
      y="0.75"
      width="11.5"
      height="11.5"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.2"
    />
  </svg>
);

const TABLE = {
  '& td, & th': { padding: '2px 8px 2px 0', textAlign: 'left', verticalAlign: 'top' },
  '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
  '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)', breakInside: 'avoid' },
  '& thead th': { fontWeight: 400, color: 'fg.muted' },
} as const;

/** Parts by stage with what each costs fitted, and what is put right first. */
export function PartsAndMends({
  sheet,
  reader,
}: {
  readonly sheet: Sheet;
  readonly reader: Reader;
}) {
  const {
    parts,
    mends,
    brief: { money, trip },
  } = sheet;
  if (parts.length + mends.length === 0) return null;
  const costs = parts.map((p) => p.cost);
  const sum = costs.reduce<number | undefined>(
    (total, c) => (total === undefined || c === undefined ? undefined : total + c),
    0,
  );
  const show = (cost: number | undefined) =>
    cost === undefined ? 'not known' : formatNumber(cost);
  const days = (stage: (typeof BUILD_STAGES)[number]) =>
    stage === 'someday' ? undefined : trip.days?.[stage];
  return (
    <Block
      title={
        parts.length > 0
          ? `Parts, in order of fitting${sum === undefined ? '' : `: ${formatNumber(sum)} ${reader.currency} fitted`}`
          : 'Put right first'
      }
    >
      <Box as="table" width="100%" css={TABLE}>
        <thead>
          <tr>
            <th>When</th>
            <th>What</th>
            <th>By whom</th>
            <th>Order by</th>
            <th className="n">Fitted, {money.currency}</th>
          </tr>
        </thead>
        <tbody>
          {mends.map((m) => (
            <tr key={m.what}>
              <td>before it is ridden</td>
              <td>{m.what}</td>
              <td>see the manual</td>
              <td />
              <td className="n">{show(m.cost)}</td>
            </tr>
          ))}
          {BUILD_STAGES.flatMap((stage) =>
            parts
              .filter((p) => p.stage === stage)
              .map((p) => (
                <tr key={p.partId}>
                  <td>
                    {STAGE_WORDS[stage].toLowerCase()}
                    {days(stage) ? `, ${days(stage)}` : ''}
                  </td>
                  <td>
                    {p.name}
                    {p.legal && (
                      <Text as="span" color="fg.muted">
                        . {p.legal}
                      </Text>
                    )}
                  </td>
                  <td>{p.workshop ? 'workshop' : 'at home'}</td>
                  <td>{p.orderBy ?? ''}</td>
                  <td className="n">{show(p.cost)}</td>
                </tr>
              )),
          )}
        </tbody>
      </Box>
    </Block>
  );
}

/** What is asked of the seller and measured, with room to write it down. */
export function Ask({ sheet, reader }: { readonly sheet: Sheet; readonly reader: Reader }) {
  return (
    <Box mt="3">
      <Block title="To ask and to measure, what matters most first">
        {sheet.open.length === 0 && <Text>Nothing open would move the fit or a must.</Text>}
        <Box as="table" width="100%" css={TABLE}>
          <tbody>
            <tr>
              <th scope="row" style={{ width: '46%' }}>
                Your feet, in your boots
              </th>
              <td>
                <Square /> flat &nbsp; <Square /> balls &nbsp; <Square /> tiptoes &nbsp; <Square />{' '}
                one or none
              </td>
            </tr>
            {sheet.open.map((open) => {
              const words = askWords(open, reader);
              return (
                <tr key={open.key}>
                  <th scope="row">
                    <Square /> {words.name}{' '}
                    <Text as="span" fontWeight="400" color="fg.muted">
                      {words.thought}
                      {words.why ? `; ${words.why}` : ''}
                    </Text>
                  </th>
                  <td>
                    {words.options.length > 0 ? (
                      words.options.map((o) => (
                        <Box as="span" key={o.value} mr="3" whiteSpace="nowrap">
                          <Square /> {o.words}
                        </Box>
                      ))
                    ) : (
                      <>
                        <Box
                          as="span"
                          display="inline-block"
                          minW="90px"
                          borderBottomWidth="1px"
                          borderColor="fg"
                          mr="2"
                        >
                          &nbsp;
                        </Box>
                        {words.how}
                      </>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Block>
    </Box>
  );
}

/** A walk around a machine that has been used, to tick by hand. */
export function Walk() {
  return (
    <Box mt="3">
      <Block title="A walk around it">
        <Grid templateColumns="repeat(3, minmax(0, 1fr))" columnGap="4" rowGap="0.5">
          {[...INSPECTION_POINTS.map((p) => p.key), ...PAPER_POINTS].map((key) => (
            <Text key={key} lineHeight="1.25">
              <Square size={11} /> <b>{pointWords(key).name}</b>: {pointWords(key).good}
            </Text>
          ))}
        </Grid>
      </Block>
    </Box>
  );
}
