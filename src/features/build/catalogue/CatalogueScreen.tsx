'use client';
import { Box, Button, chakra, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { ArrowLeft, Download, FolderOpen, Plus } from 'lucide-react';
import { Suspense, useRef } from 'react';
import { DONOR_CLASSES } from '@/core/donor';
import { PART_KINDS, type Part } from '@/core/part';
import { Choice, FileInput } from '@/ui/fields';
import { CLASS_WORDS, formatQuoted, PART_KIND_WORDS, partFacts } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { ShownInSteps } from '@/ui/ShownInSteps';
import { BuildRooms } from '../BuildRooms';
import { Corrections } from './Corrections';
import { PartEditor } from './PartEditor';
import { useCatalogue, type PartFilter, type CatalogueModel } from './use-catalogue';

const Row = chakra('button');

/** The parts catalogue: what can be fitted, to what, for how much, and what it does. */
export function CatalogueScreen() {
  return (
    <Suspense>
      <Catalogue />
    </Suspense>
  );
}

function Catalogue() {
  const model = useCatalogue();
  const { filter, setFilter, selected } = model;
  const picker = useRef<HTMLInputElement>(null);
  const outline = { size: 'sm', variant: 'outline', borderColor: 'border.emphasized' } as const;
  return (
    <Box>
      <ScreenHeading title="Build">
        The catalogue: what can be fitted, to what, for how much, and what it does. Shipped parts
        are made up; put your own beside them.
      </ScreenHeading>
      <BuildRooms />
      <Corrections />
      <Flex gap="4" align="flex-start">
        <Box flex="1" minW="0" display={{ base: selected ? 'none' : 'block', md: 'block' }}>
          <Flex gap="1.5" wrap="wrap" mb="2">
            <Button size="sm" bg="accent" color="accent.ink" onClick={model.add}>
              <Plus size={16} /> A part of your own
            </Button>
            <Button {...outline} onClick={() => picker.current?.click()}>
              <FolderOpen size={15} /> Read CSV
            </Button>
            <FileInput
              ref={picker}
              label="Parts file"
              accept=".csv,text/csv"
              onFile={(file) => void model.read(file)}
            />
            <Button {...outline} disabled={model.total === 0} onClick={model.write}>
              <Download size={15} /> Write CSV
            </Button>
          </Flex>
          {model.refused.length > 0 && (
            <Box role="alert" borderLeftWidth="4px" borderColor="fail" pl="3" mb="2">
              <Text fontWeight="700" color="fail">
                Nothing was written.
              </Text>
              {model.refused.map((r) => (
                <Text key={r} fontSize="sm">
                  {r}
                </Text>
              ))}
            </Box>
          )}
          <Flex gap="1.5" wrap="wrap" mb="1">
            <Input
              size="sm"
              flex="1"
              minW="160px"
              type="search"
              aria-label="Search parts"
              placeholder="Search"
              bg="bg.panel"
              borderColor="border.emphasized"
              value={filter.search}
              onChange={(e) => setFilter({ search: e.target.value })}
            />
            <Choice
              aria-label="Kind"
              wide="160px"
              value={filter.kind ?? ''}
              options={[
                { value: '', words: 'every kind' },
                ...PART_KINDS.map((k) => ({ value: k, words: PART_KIND_WORDS[k] })),
              ]}
              onChange={(e) =>
                setFilter({ kind: (e.target.value || undefined) as PartFilter['kind'] })
              }
            />
            <Choice
              aria-label="Fits"
              wide="190px"
              value={filter.donorClass ?? ''}
              options={[
                { value: '', words: 'fits anything' },
                ...DONOR_CLASSES.map((c) => ({ value: c, words: `fits ${CLASS_WORDS[c]}` })),
              ]}
              onChange={(e) =>
                setFilter({ donorClass: (e.target.value || undefined) as PartFilter['donorClass'] })
              }
            />
            <label style={{ alignSelf: 'center' }}>
              <input
                type="checkbox"
                checked={filter.onlyOwn}
                onChange={(e) => setFilter({ onlyOwn: e.target.checked })}
              />{' '}
              only my own
            </label>
          </Flex>
          <Text fontSize="xs" color="fg.muted" mb="1" aria-live="polite">
            {model.found === model.total
              ? `${model.total} parts`
              : `${model.found} of ${model.total} parts`}
          </Text>
          {model.total === 0 && (
            <Text color="fg.muted" py="4">
              The catalogue is empty. Start a brief to get the shipped parts, read a table, or enter
              a part of your own.
            </Text>
          )}
          {model.total > 0 && model.found === 0 && (
            <Text color="fg.muted" py="4">
              Nothing matches. Change the search or the filters.
            </Text>
          )}
          {model.groups.map((group) => (
            <Box key={group.kind} as="section" aria-label={PART_KIND_WORDS[group.kind]} mb="3">
              <Heading as="h2" size="sm" fontWeight="700" mb="1">
                {PART_KIND_WORDS[group.kind]}
              </Heading>
              <ShownInSteps
                items={group.parts}
                noun="parts"
                row={(part) => <PartLine key={part.id} part={part} model={model} />}
              />
            </Box>
          ))}
        </Box>
        {selected && (
          <Box
            width={{ base: '100%', md: '400px', xl: '460px' }}
            flexShrink={0}
            position={{ md: 'sticky' }}
            top="12px"
            maxH={{ md: 'calc(100dvh - 24px)' }}
            overflowY={{ md: 'auto' }}
          >
            <Button
              size="sm"
              variant="ghost"
              mb="2"
              display={{ base: 'inline-flex', md: 'none' }}
              onClick={() => model.select(undefined)}
            >
              <ArrowLeft size={16} /> All parts
            </Button>
            <PartEditor key={selected.id} part={selected} model={model} />
          </Box>
        )}
      </Flex>
    </Box>
  );
}

function PartLine({ part, model }: { readonly part: Part; readonly model: CatalogueModel }) {
  const current = model.selected?.id === part.id;
  return (
    <Row
      type="button"
      onClick={() => model.select(current ? undefined : part.id)}
      aria-current={current ? 'true' : undefined}
      display="flex"
      gap="3"
      width="100%"
      textAlign="left"
      py="1.5"
      px="2"
      cursor="pointer"
      borderTopWidth="1px"
      borderColor="border.muted"
      bg={current ? 'bg.panel' : undefined}
      boxShadow={current ? 'inset 4px 0 0 var(--chakra-colors-accent)' : 'none'}
      _hover={{ bg: 'bg.panel' }}
      _focusVisible={{ outlineOffset: '-3px' }}
    >
      <span style={{ flex: 1, minWidth: 0, lineHeight: 1.3 }}>
        <span style={{ display: 'block', fontWeight: 600 }}>
          {part.name}
          {part.own && (
            <span style={{ fontWeight: 400, color: 'var(--chakra-colors-accent)' }}> · yours</span>
          )}
        </span>
        <span style={{ display: 'block', fontSize: 12, color: 'var(--chakra-colors-fg-muted)' }}>
          {partFacts(part, model.reader).join(' · ')}
        </span>
      </span>
      <span style={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
        {formatQuoted(part.price.amount, part.price.currency)}
      </span>
    </Row>
  );
}
