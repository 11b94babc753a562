'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import type { Donor } from '@/core/donor';
import type { Interval } from '@/core/numeric';
import { figureDefinition, figureUnit, isFigureKey, type FigureKey } from '@/core/readings';
import { isTypicalKey, standIn, typicalLimits, typicalOf, type TypicalKey } from '@/core/typical';
import { fromBase, unitEntry } from '@/core/units';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import {
  figureSpan,
  formatFigure,
  formatNumber,
  nameWords,
  ofClass,
  type Reader,
} from '@/ui/messages';
import { AmountInput, measured, type Quantity } from '@/ui/stored';
import { TypicalFrame } from './TypicalFrame';

type Shown = TypicalKey | FigureKey;

interface LineProps {
  readonly donor: Donor;
  readonly line: Shown;
  readonly reader: Reader;
}

const ENDS = [
  ['low', 'low'],
  ['mid', 'typical'],
  ['high', 'high'],
] as const;

/** A typical figure is typed in the reader's unit; a consumption as L/100 km, since the ends of others stand the other way round. */
function quantityOf(line: Shown, reader: Reader): Quantity {
  if (!isFigureKey(line)) return measured('speed', reader);
  const { dimension, places } = figureDefinition(line);
  const unit = figureUnit(line, reader.units, reader.currency);
  return unitEntry(unit).factor === undefined || dimension === 'money'
    ? { kind: 'plain', sign: 'L/100 km' }
    : { kind: 'measured', dimension, unit, places: Math.max(places, 1) };
}

const speedText = (x: number, reader: Reader): string => {
  const unit = speedUnit(reader);
  return `${formatNumber(fromBase(x, unit), 1)} ${unitEntry(unit).symbol}`;
};

const textOf = (line: Shown, x: number, reader: Reader): string =>
  isFigureKey(line) ? formatFigure(x, line, reader) : speedText(x, reader);

/** Its span; empty where there is none. */
const spanOf = (line: Shown, { low, high }: Interval, reader: Reader): string =>
  isFigureKey(line)
    ? figureSpan({ low, high }, line, reader)
    : `${formatNumber(fromBase(low, speedUnit(reader)), 1)} to ${speedText(high, reader)}`;

const speedUnit = (reader: Reader) => (reader.units === 'metric' ? 'km/h' : 'mph');

/** What stands in for a figure that nobody has given, and the way to put the class right for this dossier. */
export function TypicalLine({ donor, line, reader }: LineProps) {
  const own = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]?.typical);
  // A quoted payload says the permitted maximum with the mass.
  const stands =
    line === 'maxMass' && donor.figures.payload ? undefined : standIn(donor, line, own);
  if (!stands) return null;
  const mine = isTypicalKey(line) && own?.[donor.donorClass]?.[line] !== undefined;
  const span = spanOf(line, stands.interval, reader);
  return (
    <TypicalFrame
      name={nameWords(line)}
      donor={donor}
      mine={mine}
      says={
        <>
          {isFigureKey(line) ? 'counts as ' : `${nameWords(line)}: `}
          <Text as="span" color="fg" fontWeight="700">
            {textOf(line, stands.mid, reader)}
          </Text>
          {span && ` (${span})`}
        </>
      }
      editor={
        isTypicalKey(line)
          ? () => <OwnLine donor={donor} line={line} reader={reader} mine={mine} />
          : undefined
      }
    />
  );
}

/** Low, typical and high of a class as this rider sees them. */
function OwnLine({
  donor: { donorClass },
  line,
  reader,
  mine,
}: LineProps & { readonly line: TypicalKey; readonly mine: boolean }) {
  const store = useDossierStore();
  const own = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]?.typical);
  const before = own?.[donorClass]?.[line];
  const span = typicalOf(donorClass, line, own);
  if (!span) return null;
  const put = (after: Interval | undefined) =>
    store.execute({
      label: { code: 'edit-typical', facts: { figure: line } },
      coalesce: `typical/${donorClass}/${line}`,
      changes: [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['typical', donorClass, line],
          before,
          after,
        },
      ],
    });
  return (
    <Flex gap="2" align="flex-end" wrap="wrap" py="1">
      {ENDS.map(([end, words]) => (
        <Box key={end}>
          <Text fontSize="xs" color="fg.muted">
            {words}
          </Text>
          <AmountInput
            id={`typical-${donorClass}-${line}-${end}`}
            label={`${nameWords(line)}, ${words}`}
            wide="112px"
            quantity={quantityOf(line, reader)}
            limits={typicalLimits(line)}
            required
            value={span[end]}
            onSet={(value) => put({ ...span, [end]: value ?? span[end] })}
          />
        </Box>
      ))}
      {mine && (
        <Button size="xs" variant="ghost" onClick={() => put(undefined)}>
          Back to ours
        </Button>
      )}
      <Text fontSize="xs" color="fg.muted" flexBasis="100%">
        For every {ofClass(donorClass)} of this dossier; about nine in ten lie between low and high.
        A reading of its own always counts instead.
      </Text>
    </Flex>
  );
}
