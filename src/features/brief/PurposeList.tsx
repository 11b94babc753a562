'use client';
import { Box, Button, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { Plus, Trash2 } from 'lucide-react';
import { MAX_PURPOSES, PURPOSE_NAME_LIMITS, WHOLE, type Purpose } from '@/core/brief';
import { useDraftText } from '@/store/react';
import type { Outcome } from '@/store/dossier-state';
import { FieldRow } from '@/ui/fields';
import { recordFaultWords } from '@/ui/messages';
import { PurposeOwn } from './PurposeOwn';
import type { BriefModel } from './use-brief';

/** What the machine is for: the whole of it, and up to four parts of it with their own ground and beliefs. */
export function PurposeList({ model }: { readonly model: BriefModel }) {
  const { brief, purpose, setPurpose, edit } = model;
  const own = brief.purposes ?? [];
  const current = own.find((p) => p.id === purpose);
  const store = (after: readonly Purpose[], field: string, coalesce?: string) =>
    edit(['purposes'], after.length === 0 ? undefined : after, field, coalesce);
  const add = () => {
    const { ground, schools, swings } = model.shown;
    const made: Purpose = {
      id: crypto.randomUUID(),
      name: `Purpose ${own.length + 2}`,
      ground,
      ...(schools ? { schools } : {}),
      ...(swings ? { swings } : {}),
    };
    store([...own, made], 'add');
    setPurpose(made.id);
  };
  const remove = () => {
    setPurpose(WHOLE);
    store(
      own.filter((p) => p.id !== purpose),
      'remove',
    );
  };
  return (
    <>
      <Flex role="group" aria-label="Purpose" gap="1" wrap="wrap" mb="2">
        {[{ id: WHOLE, name: 'The whole of it' }, ...own].map(({ id, name }) => {
          const active = id === purpose;
          return (
            <Button
              key={id}
              size="sm"
              variant="outline"
              borderColor={active ? 'accent' : 'border.emphasized'}
              borderWidth={active ? '2px' : '1px'}
              fontWeight={active ? '700' : '400'}
              aria-pressed={active}
              onClick={() => setPurpose(id)}
            >
              {name}
            </Button>
          );
        })}
        {own.length + 1 < MAX_PURPOSES && (
          <Button size="sm" variant="ghost" onClick={add}>
            <Plus size={15} /> Add a purpose
          </Button>
        )}
      </Flex>
      {current && (
        <Flex gap="2" mb="2" align="center">
          <Box flex="1" minW="0">
            <PurposeName
              key={current.id}
              purpose={current}
              onName={(name) =>
                model.edit(
                  ['purposes'],
                  own.map((p) => (p.id === purpose ? { ...p, name } : p)),
                  'name',
                  `purpose-name/${purpose}`,
                  'atField',
                )
              }
            />
          </Box>
          <IconButton
            size="sm"
            variant="ghost"
            aria-label={`Remove ${current.name}`}
            onClick={remove}
          >
            <Trash2 size={16} />
          </IconButton>
        </Flex>
      )}
      {current && (
        <PurposeOwn
          model={model}
          purpose={current}
          onChange={(changed, field) =>
            model.edit(
              ['purposes'],
              own.map((p) => (p.id === purpose ? changed : p)),
              field,
              `purpose-${field}/${purpose}`,
              'atField',
            )
          }
        />
      )}
      {own.length === 0 && (
        <Text fontSize="xs" color="fg.muted" mb="2">
          The best machine for the week away may not be the best for the way there: add a purpose
          and give it its own ground.
        </Text>
      )}
    </>
  );
}

/** The name of a purpose: an empty one waits in the field with its reason, and the last good one stays. */
function PurposeName({
  purpose,
  onName,
}: {
  readonly purpose: Purpose;
  readonly onName: (name: string) => Outcome;
}) {
  const field = useDraftText<string>({
    draftKey: `brief/purpose-name/${purpose.id}`,
    shown: purpose.name,
    base: purpose.name,
    parse: (text) =>
      text.trim().length < PURPOSE_NAME_LIMITS.min
        ? { kind: 'fault', words: 'A purpose needs a name.' }
        : { kind: 'value', value: text },
    commit: onName,
    committed: (name) => name,
    refusalWords: recordFaultWords,
  });
  return (
    <FieldRow id="purpose-name" label="Name" fault={field.fault}>
      <Input
        id="purpose-name"
        size="sm"
        bg="bg.panel"
        borderColor="border.emphasized"
        maxLength={PURPOSE_NAME_LIMITS.max}
        value={field.text}
        aria-invalid={field.fault !== undefined}
        aria-describedby={field.fault ? 'purpose-name-fault' : undefined}
        onFocus={field.onFocus}
        onChange={(e) => field.onChange(e.target.value)}
        onBlur={field.onBlur}
      />
    </FieldRow>
  );
}
