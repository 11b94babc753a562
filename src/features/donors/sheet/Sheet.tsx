'use client';
import { Box, Button, Flex, Grid, Input, Text, Textarea } from '@chakra-ui/react';
import { createStore, useStore } from 'zustand';
import { baseOf, DONOR_CLASSES, fullName, type Donor, type DonorClass } from '@/core/donor';
import { SHEET_GROUP_KEYS, type SheetGroupKey } from '@/core/sheet';
import { figuresOf, moneyOf } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { Choice } from '@/ui/fields';
import { CLASS_WORDS, guessedClassWords, ofClass, type Reader } from '@/ui/messages';
import { Checks } from './Checks';
import { MachinePanel } from './MachinePanel';
import { SheetGroup } from './SheetGroup';
import { SheetHeader } from './SheetHeader';
import { TagField } from './TagField';
import { VariantPanel } from './VariantPanel';
import { WeakPoints } from './WeakPoints';
import { classChanges } from '../class-changes';
import type { DonorsModel } from '../use-donors';

export interface SheetProps {
  /** With all it inherits. */
  readonly donor: Donor;
  readonly model: DonorsModel;
  readonly reader: Reader;
  readonly onPaste: () => void;
  readonly onCompare: () => void;
}

/** Groups stay open while the rider goes from donor to donor. */
const openGroups = createStore<{ readonly open: ReadonlySet<SheetGroupKey> }>(() => ({
  open: new Set(['essentials']),
}));

/** The whole sheet of one model, variant or machine. */
export function Sheet({ donor, model, reader, onPaste, onCompare }: SheetProps) {
  const store = useDossierStore();
  const money = useDossierState((s) => moneyOf(s.dossier));
  const { open } = useStore(openGroups);
  const own = model.own[donor.id];
  if (!own) return null;
  const base = model.resolved.get(baseOf(own) ?? '');
  const { kind } = own;
  const name = fullName(donor);
  const figures = figuresOf(donor, money);
  const set = (field: 'maker' | 'model' | 'version' | 'note', after: string) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      coalesce: `${own.id}/${field}`,
      changes: [{ table: 'donors', key: own.id, path: [field], before: own[field], after }],
    });
  const setClass = (after: DonorClass) =>
    store.execute({
      label: { code: 'edit-donor', facts: { name } },
      coalesce: `${own.id}/donorClass`,
      changes: classChanges(own, after),
    });
  const toggle = (group: SheetGroupKey) => {
    const next = new Set(open);
    if (!next.delete(group)) next.add(group);
    openGroups.setState({ open: next });
  };
  const text = (field: 'maker' | 'model' | 'version', label: string, most: number) => (
    <Box>
      <label htmlFor={`donor-${field}`}>{label}</label>
      <Input
        id={`donor-${field}`}
        size="sm"
        bg="bg.panel"
        borderColor="border.emphasized"
        maxLength={most}
        value={own[field]}
        onChange={(e) => set(field, e.target.value)}
      />
    </Box>
  );
  return (
    <Box
      style={{ contain: 'layout style' }}
      bg="bg.panel"
      borderRadius="plate"
      borderWidth="1px"
      borderColor="border"
      px={{ base: '3', md: '4' }}
      py="3"
    >
      <SheetHeader
        donor={donor}
        model={model}
        reader={reader}
        onPaste={onPaste}
        onCompare={onCompare}
      />
      {(kind === 'model' || !base) && (
        <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="3" mb="2">
          {text('maker', 'Maker', 80)}
          {text('model', 'Model', 120)}
          {text(
            'version',
            kind === 'machine' ? 'Which machine (seller, place, colour)' : 'Version, year, market',
            120,
          )}
          <Box>
            <label htmlFor="donor-class">Class</label>
            <Choice
              id="donor-class"
              wide="100%"
              value={own.donorClass}
              options={DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] }))}
              onChange={(e) => setClass(e.target.value as DonorClass)}
            />
          </Box>
          {own.classGuessed && (
            <Flex gridColumn="1 / -1" gap="3" align="center" wrap="wrap" fontSize="sm">
              <Text color="unsure">{guessedClassWords(donor.likelyClasses ?? [])}</Text>
              <Button size="xs" variant="outline" onClick={() => setClass(own.donorClass)}>
                It is a {ofClass(own.donorClass)}
              </Button>
            </Flex>
          )}
        </Grid>
      )}
      {kind !== 'model' && base && (
        <Box mb="2">
          {text(
            'version',
            kind === 'machine'
              ? 'Which machine (seller, place, colour)'
              : 'What the variant is called',
            120,
          )}
          <Text fontSize="xs" color="fg.muted" mt="1">
            Stands on {fullName(base)}. What is left empty below is taken over from there; what you
            enter counts instead.
          </Text>
        </Box>
      )}
      {kind === 'machine' && !base && (
        <Text fontSize="xs" color="fg.muted" mb="2">
          It stands on no model in the list: all that is known of it stands here.
        </Text>
      )}
      {own.kind === 'machine' && (
        <MachinePanel own={own} donor={donor} name={name} reader={reader} />
      )}
      {own.kind === 'variant' && <VariantPanel own={own} name={name} />}
      <Checks donor={donor} reader={reader} />
      <Text fontSize="xs" color="fg.muted" mt="3" mb="2">
        Type figures as they are quoted, unit and all: “297 lb”, “33.8 in”, “163 ± 2 kg”, “78 mpg
        imp”. Leave out what is not known.
      </Text>
      {SHEET_GROUP_KEYS.map((group) => (
        <SheetGroup
          key={`${own.id}-${group}`}
          group={group}
          own={own}
          base={base}
          resolved={donor}
          name={name}
          figures={figures}
          reader={reader}
          open={open.has(group)}
          onToggle={() => toggle(group)}
        />
      ))}
      <WeakPoints
        own={own}
        inherited={base?.weakPoints ?? []}
        found={donor.weakPoints ?? []}
        name={name}
        kind={kind}
        reader={reader}
      />
      <Box mt="4">
        <TagField own={own} name={name} />
      </Box>
      <Box mt="3">
        <label htmlFor="donor-note">Notes</label>
        <Textarea
          id="donor-note"
          size="sm"
          bg="bg.panel"
          borderColor="border.emphasized"
          rows={3}
          maxLength={4000}
          placeholder={base?.note || undefined}
          value={own.note}
          onChange={(e) => set('note', e.target.value)}
        />
      </Box>
    </Box>
  );
}
