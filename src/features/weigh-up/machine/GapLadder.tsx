'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import type { Closer, Rung } from '@/store/queries';
import { additionWords, cautionWords, formatNumber, formatWithUnit, METRIC_WORDS, nameWords } from '@/ui/messages';
import type { MachineModel } from './use-machine';

/** What stands between this candidate and the brief, largest first, and what each gap costs to close. */
export function GapLadder({ model }: { readonly model: MachineModel }) {
  const { rungs } = model;
  if (rungs.length === 0) return <Text py="2">Every want of the brief reaches its need. Nothing has to be bought.</Text>;
  const most = Math.max(...rungs.map((r) => r.loss));
  const sum = rungs.reduce((total, r) => total + r.loss, 0);
  return (
    <Box>
      <Text color="fg.muted" fontSize="sm">{rungs.length === 1 ? 'One gap' : `${rungs.length} gaps`}, together {formatNumber(sum, 1)} points below the needs.</Text>
      <Box as="ol" listStyleType="none" mt="2" borderLeftWidth="3px" borderColor="border.emphasized">
        {rungs.map((rung) => <RungRow key={rung.want} rung={rung} most={most} model={model} />)}
      </Box>
    </Box>
  );
}

const partWords = ({ part, along }: Closer): string => additionWords(part.name, along);

function RungRow({ rung, most, model }: { readonly rung: Rung; readonly most: number; readonly model: MachineModel }) {
  const { reader, entry, view, standing } = model;
  const { dimension, better } = METRIC_DEFINITIONS[rung.want];
  const { estimate } = (view === 'stock' ? entry.stock : entry.built).metrics[rung.want];
  const { need } = standing.curves[rung.want];
  const words = METRIC_WORDS[rung.want];
  const short = estimate.kind === 'known' ? Math.abs(need - estimate.interval.mid) : undefined;
  return (
    <Box as="li" pl="3" py="2" position="relative">
      <Box position="absolute" left="-3px" top="17px" width="12px" height="3px" bg="border.emphasized" />
      <Flex justify="space-between" gap="3" align="baseline">
        <Text fontWeight="700">{words.name}</Text>
        <Text whiteSpace="nowrap" color="fail" fontWeight="700">{formatNumber(rung.loss, 1)} points</Text>
      </Flex>
      <Box height="8px" bg="bg.subtle" my="1"><Box height="100%" bg="fail" width={`${Math.max(2, (rung.loss / most) * 100)}%`} /></Box>
      <Text fontSize="sm">
        {estimate.kind === 'known'
          ? <>{formatWithUnit(estimate.interval.mid, dimension, reader)}, needed {better === 'less' ? 'at most' : 'at least'} {formatWithUnit(need, dimension, reader)}: <b>{formatWithUnit(short ?? 0, dimension, reader)} {better === 'less' ? 'too much' : 'short'}</b></>
          : <>Not known, for want of {estimate.missing.map((m) => nameWords(m).toLowerCase()).join(', ')}; the middle stands in.</>}
      </Text>
      <Text fontSize="sm" color="fg.muted">
        {rung.closer
          ? rung.closer.closes
            ? <>Closed for about <b>{formatNumber(rung.closer.cost)} {reader.currency}</b> by {partWords(rung.closer)}: {formatWithUnit(rung.closer.becomes, dimension, reader)}{rung.helpers > 1 ? `; ${rung.helpers} parts help` : ''}.</>
            : <>No single part closes it; {partWords(rung.closer)} comes nearest: {formatWithUnit(rung.closer.becomes, dimension, reader)} for about {formatNumber(rung.closer.cost)} {reader.currency}.</>
          : rung.want === 'outlay' ? 'Only a cheaper machine, or fewer parts.' : estimate.kind === 'known' ? 'No part of the catalogue helps.' : ''}
      </Text>
      {rung.closer?.cautions.map((caution) => {
        const { what, todo, grave } = cautionWords(caution, reader);
        return <Text key={caution.code} fontSize="sm"><Text as="span" fontWeight="700" color={grave ? 'fail' : 'unsure'}>{what}</Text> {todo}</Text>;
      })}
    </Box>
  );
}
