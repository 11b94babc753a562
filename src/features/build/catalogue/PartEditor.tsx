'use client';
import { Box, Button, Flex, Heading, Input, Text, Textarea } from '@chakra-ui/react';
import { Copy, Trash2 } from 'lucide-react';
import {
  PART_FLAGS,
  PART_KINDS,
  PART_LIMITS,
  type Part,
  type PartFlag,
  type PartKind,
} from '@/core/part';
import { CURRENCIES, type CurrencyCode } from '@/core/units';
import { Choice, FieldRow } from '@/ui/fields';
import { fitsWords, FLAG_WORDS, PART_KIND_WORDS } from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';
import { EffectList } from './EffectList';
import { FitsField } from './FitsField';
import { NeedList } from './NeedList';
import type { CatalogueModel } from './use-catalogue';

/** Everything about one part, to read and to change. */
export function PartEditor({
  part,
  model,
}: {
  readonly part: Part;
  readonly model: CatalogueModel;
}) {
  const { reader, edit } = model;
  const used = model.usedBy(part.id);
  const text = (
    field: 'name' | 'slot' | 'replaces' | 'legal' | 'warranty',
    label: string,
    most: number,
    hint?: string,
  ) => (
    <FieldRow id={`part-${field}`} label={label} hint={hint}>
      <Input
        id={`part-${field}`}
        size="sm"
        width="210px"
        bg="bg.panel"
        borderColor="border.emphasized"
        maxLength={most}
        value={part[field] ?? ''}
        onChange={(e) =>
          field === 'name' && e.target.value === ''
            ? undefined
            : edit(part, field, (e.target.value || (field === 'slot' ? '' : undefined)) as string)
        }
      />
    </FieldRow>
  );
  const yesNo = (field: 'workshop' | 'reversible', label: string) => (
    <label style={{ display: 'block', padding: '6px 0' }}>
      <input
        type="checkbox"
        checked={part[field]}
        onChange={(e) => edit(part, field, e.target.checked)}
      />{' '}
      {label}
    </label>
  );
  const flag = (f: PartFlag, on: boolean) =>
    edit(part, 'flags', on ? [...part.flags, f] : part.flags.filter((o) => o !== f));
  return (
    <Box
      as="section"
      aria-label={part.name}
      bg="bg.panel"
      borderRadius="plate"
      borderWidth="1px"
      borderColor="border"
      px="4"
      py="3"
    >
      <Flex justify="space-between" align="flex-start" gap="2">
        <Box>
          <Heading as="h2" size="md" fontWeight="800">
            {part.name}
          </Heading>
          <Text fontSize="xs" color="fg.muted">
            {part.own ? 'Yours' : 'Shipped; a change makes it yours'}. Fits{' '}
            {fitsWords(part, model.donorName)}.
            {used > 0
              ? ` In ${used} ${used === 1 ? 'build or listing' : 'builds or listings'}.`
              : ''}
          </Text>
        </Box>
        <Flex flexShrink={0}>
          <Button size="xs" variant="ghost" onClick={() => model.copy(part)}>
            <Copy size={14} /> Copy
          </Button>
          <Button size="xs" variant="ghost" color="fail" onClick={() => model.remove(part)}>
            <Trash2 size={14} /> Delete
          </Button>
        </Flex>
      </Flex>
      {text('name', 'Name', 120)}
      <FieldRow id="part-kind" label="Kind">
        <Choice
          id="part-kind"
          wide="210px"
          value={part.kind}
          options={PART_KINDS.map((k) => ({ value: k, words: PART_KIND_WORDS[k] }))}
          onChange={(e) => edit(part, 'kind', e.target.value as PartKind)}
        />
      </FieldRow>
      <AmountField
        key={part.price.currency}
        id={`part-${part.id}-price`}
        label="Price"
        quantity={{ kind: 'sum', currency: part.price.currency }}
        limits={PART_LIMITS.price}
        required
        value={part.price.amount}
        onSet={(amount = 0) => edit(part, 'price', { ...part.price, amount })}
      >
        <Choice
          aria-label="Currency"
          wide="84px"
          value={part.price.currency}
          options={CURRENCIES.map((c) => ({ value: c, words: c }))}
          onChange={(e) =>
            edit(part, 'price', { ...part.price, currency: e.target.value as CurrencyCode })
          }
        />
      </AmountField>
      <AmountField
        id={`part-${part.id}-hours`}
        label="Fitting"
        quantity={measured('duration', reader)}
        limits={PART_LIMITS.fitting_h}
        required
        value={part.fitting_h}
        onSet={(after) => edit(part, 'fitting_h', after ?? 0)}
      />
      {yesNo('workshop', 'A workshop has to fit it')}
      <AmountField
        id={`part-${part.id}-mass`}
        label="Mass gained"
        quantity={measured('mass', reader)}
        limits={PART_LIMITS.mass_kg}
        required
        value={part.mass_kg}
        onSet={(after) => edit(part, 'mass_kg', after ?? 0)}
      />
      <EffectList
        key={`effects-${part.id}`}
        part={part}
        reader={reader}
        onSet={(effects) => edit(part, 'effects', effects)}
      />
      <NeedList part={part} model={model} />
      <FitsField part={part} model={model} />
      {text('slot', 'Place it takes', 40, 'Only one part of a place fits')}
      {text('replaces', 'Stock part it replaces', 120)}
      <AmountField
        id={`part-${part.id}-lead`}
        label="Days to arrive"
        quantity={{ kind: 'plain', sign: 'days' }}
        limits={PART_LIMITS.leadTime_days}
        required
        value={part.leadTime_days}
        onSet={(days = 0) => edit(part, 'leadTime_days', Math.round(days))}
      />
      {yesNo('reversible', 'Can be undone')}
      {text('legal', 'Approval and papers', 400)}
      {text('warranty', 'Warranty', 400)}
      <Text fontWeight="700" mt="2">
        Cautions it sets off
      </Text>
      {PART_FLAGS.map((f) => (
        <label key={f} style={{ display: 'block', padding: '3px 0' }}>
          <input
            type="checkbox"
            checked={part.flags.includes(f)}
            onChange={(e) => flag(f, e.target.checked)}
          />{' '}
          {FLAG_WORDS[f]}
        </label>
      ))}
      <Box mt="2">
        <label htmlFor="part-note">Notes</label>
        <Textarea
          id="part-note"
          size="sm"
          rows={2}
          maxLength={1000}
          bg="bg.panel"
          borderColor="border.emphasized"
          value={part.note}
          onChange={(e) => edit(part, 'note', e.target.value)}
        />
      </Box>
    </Box>
  );
}
