'use client';
import { Box, chakra, Grid, Heading, Text } from '@chakra-ui/react';
import { ChevronDown, ChevronRight } from 'lucide-react';
import type { Donor } from '@/core/donor';
import { factDefinition, factInUse, isFactKey } from '@/core/facts';
import type { NormalFigures } from '@/core/readings';
import { SHEET_GROUPS, type SheetGroupKey } from '@/core/sheet';
import {
  FACT_WORDS,
  formatFigure,
  GROUP_ADDS,
  GROUP_WORDS,
  OPTION_WORDS,
  type Reader,
} from '@/ui/messages';
import { FactRow } from './FactRow';
import { FIGURE_COLUMNS } from './figure-columns';
import { FigureRows } from './FigureRows';

const Opener = chakra('button');

export interface SheetGroupProps {
  readonly group: SheetGroupKey;
  /** The donor's own record, what it stands on, and both together. */
  readonly own: Donor;
  readonly base: Donor | undefined;
  readonly resolved: Donor;
  readonly name: string;
  readonly figures: NormalFigures;
  readonly reader: Reader;
  readonly open: boolean;
  readonly onToggle: () => void;
}

/** One group of the sheet: folded to a line that says what is known, open to its rows. */
export function SheetGroup({
  group,
  own,
  base,
  resolved,
  name,
  figures,
  reader,
  open,
  onToggle,
}: SheetGroupProps) {
  const keys = SHEET_GROUPS[group];
  const known = keys.flatMap((key): string[] => {
    if (isFactKey(key)) {
      const fact = factInUse(resolved.facts?.[key]);
      if (!fact) return [];
      const words =
        factDefinition(key).kind === 'tyre'
          ? fact.value
          : (OPTION_WORDS[key][fact.value] ?? fact.value);
      return [
        words === 'yes' || words === 'no' || words === 'none'
          ? `${FACT_WORDS[key].toLowerCase()}: ${words}`
          : words,
      ];
    }
    const { estimate } = figures[key];
    return estimate.kind === 'known' ? [formatFigure(estimate.interval.mid, key, reader)] : [];
  });
  const missing = keys.length - known.length;
  return (
    <Box as="section" borderTopWidth="1px" borderColor="border" aria-label={GROUP_WORDS[group]}>
      <Opener
        type="button"
        onClick={onToggle}
        aria-expanded={open}
        display="flex"
        gap="2"
        alignItems="baseline"
        width="100%"
        textAlign="left"
        py="2"
        cursor="pointer"
        _hover={{ bg: 'bg.subtle' }}
      >
        <Box as="span" alignSelf="center" flexShrink={0}>
          {open ? <ChevronDown size={16} /> : <ChevronRight size={16} />}
        </Box>
        <Heading as="h3" size="sm" fontWeight="700" flexShrink={0}>
          {GROUP_WORDS[group]}
        </Heading>
        <Text
          as="span"
          fontSize="xs"
          color="fg.muted"
          flex="1"
          minW="0"
          overflow="hidden"
          textOverflow="ellipsis"
          whiteSpace="nowrap"
        >
          {open ? '' : known.join(' · ')}
        </Text>
        <Text as="span" fontSize="xs" color="fg.muted" flexShrink={0}>
          {missing === 0 ? 'all known' : known.length === 0 ? 'not known' : `${missing} not known`}
        </Text>
      </Opener>
      {open && (
        <Box pb="3">
          {missing > 0 && (
            <Text fontSize="xs" color="fg.muted" mb="1">
              Knowing these adds: {GROUP_ADDS[group]}.
            </Text>
          )}
          <Grid
            templateColumns={FIGURE_COLUMNS}
            gap="1.5"
            color="fg.muted"
            fontSize="xs"
            mb="1"
            display={{ base: 'none', xl: 'grid' }}
          >
            {['', 'as quoted', 'basis', 'known by', 'where from'].map((w) => (
              <Text key={w} textAlign={w === 'as quoted' ? 'right' : undefined}>
                {w}
              </Text>
            ))}
          </Grid>
          {keys.map((key) =>
            isFactKey(key) ? (
              <FactRow
                key={key}
                donor={own}
                name={name}
                factKey={key}
                inherited={base?.facts?.[key]}
              />
            ) : (
              <FigureRows
                key={key}
                donor={own}
                resolved={resolved}
                name={name}
                figureKey={key}
                inherited={base?.figures[key]}
                normal={figures[key]}
                reader={reader}
              />
            ),
          )}
        </Box>
      )}
    </Box>
  );
}
