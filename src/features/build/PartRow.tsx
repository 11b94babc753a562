'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { Check, Plus } from 'lucide-react';
import { AFFECTED_FIGURES, type Part, type PartEffect } from '@/core/part';
import { figureDefinition } from '@/core/readings';
import { inCurrency } from '@/core/money';
import { AFFECTED_WORDS, formatBase, formatNumber, formatQuoted, unitSign, type Reader } from '@/ui/messages';
import type { BuildModel } from './use-build';

function effectText(effect: PartEffect, reader: Reader): string {
  const { dimension } = figureDefinition(effect.figure);
  const name = AFFECTED_WORDS[effect.figure];
  if (effect.change === 'scale') return `${name} ${effect.amount >= 1 ? '+' : '−'}${formatNumber(Math.abs(effect.amount - 1) * 100)} %`;
  if (effect.change === 'set') return `${name} ${formatBase(effect.amount, dimension, reader)} ${unitSign(dimension, reader)}`;
  const sign = effect.amount >= 0 ? '+' : '−';
  return `${name} ${sign}${formatBase(Math.abs(effect.amount), dimension, reader)} ${unitSign(dimension, reader)}`;
}

function massText(mass: number, reader: Reader): string {
  if (mass === 0) return 'no mass';
  return `${mass > 0 ? '+' : '−'}${formatNumber(Math.abs(mass) * (reader.units === 'us' ? 1 / 0.45359237 : 1), 1)} ${unitSign('mass', reader)}`;
}

/** One part of the catalogue: what it costs, weighs and does, and the reason when it cannot be fitted. */
export function PartRow({ part, model }: { readonly part: Part; readonly model: BuildModel }) {
  const { reader, standing, refusal } = model;
  const on = model.chosen.has(part.id);
  const own = inCurrency(part.price.amount, part.price.currency, standing.brief.money);
  const ordered = AFFECTED_FIGURES.flatMap((f) => part.effects.filter((e) => e.figure === f));
  const facts = [massText(part.mass_kg, reader), `${formatNumber(part.fitting_h, 1)} h${part.workshop ? ', workshop only' : ''}`, ...ordered.map((e) => effectText(e, reader)), ...(part.reversible ? [] : ['cannot be undone']), ...(part.leadTime_days > 14 ? [`${part.leadTime_days} days to arrive`] : [])];
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" py="1.5" bg={on ? 'accent.soft' : undefined} px="2" mx="-2">
      <Flex align="center" gap="3">
        <Button size="xs" minW="84px" variant={on ? 'solid' : 'outline'} bg={on ? 'accent' : 'bg.panel'} color={on ? 'accent.ink' : 'fg'} borderColor="border.emphasized" aria-pressed={on} aria-label={`${on ? 'Take off' : 'Fit'} ${part.name}`} onClick={() => model.toggle(part)}>
          {on ? <><Check size={14} /> Fitted</> : <><Plus size={14} /> Fit</>}
        </Button>
        <Box flex="1" minW="0" lineHeight="1.3">
          <Text fontWeight={on ? '700' : '500'}>{part.name}</Text>
          <Text fontSize="xs" color="fg.muted">{facts.join(' · ')}{part.note ? `. ${part.note}` : ''}</Text>
        </Box>
        <Box textAlign="right" whiteSpace="nowrap">
          <Text fontWeight="700">{own.kind === 'amount' ? formatNumber(own.amount) : '?'} <Text as="span" fontSize="xs" fontWeight="400">{reader.currency}</Text></Text>
          {part.price.currency !== reader.currency && <Text fontSize="xs" color="fg.muted">{formatQuoted(part.price.amount, part.price.currency)}</Text>}
        </Box>
      </Flex>
      {refusal?.partId === part.id && (
        <Flex role="alert" mt="1.5" gap="2" direction="column" align="flex-start" borderLeftWidth="4px" borderColor="fail" pl="3" bg="bg.panel" py="1">
          <Text color="fail" fontWeight="600">{on ? 'Stays fitted: ' : 'Not fitted: '}{refusal.reasons.join(' ')}</Text>
          {refusal.together && <Button size="xs" variant="outline" borderColor="border.emphasized" whiteSpace="normal" height="auto" py="1" onClick={refusal.together.run}>{refusal.together.words}</Button>}
        </Flex>
      )}
    </Box>
  );
}
