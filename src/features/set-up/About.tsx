'use client';
import { Box, Textarea, Input, Flex } from '@chakra-ui/react';
import {
  SAG_SCHOOLS,
  SETUP_ENDS,
  type SetupLoad,
  type SagSchool,
  SETUP_LOADS,
} from '@/core/set-up';
import { Choice, Panel } from '@/ui/fields';
import { END_WORDS, SAG_SCHOOL_WORDS, LOAD_WORDS } from '@/ui/messages';
import type { SetUpModel } from './use-set-up';

/** The sheets of this machine beside each other. */
export function Beside({ model }: { readonly model: SetUpModel }) {
  const { sheets, sheet } = model;
  if (sheets.length < 2) return null;
  const rows = SETUP_ENDS.flatMap((end) =>
    (['compression', 'rebound', 'turns', 'pressure_bar'] as const).map((field) => ({ end, field })),
  );
  const words = {
    compression: 'compression',
    rebound: 'rebound',
    turns: 'preload, turns',
    pressure_bar: 'tyre, bar',
  };
  const shown = sheets.slice(0, 4);
  return (
    <Panel title="Sheets beside each other">
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="Sheets beside each other">
        <Box
          as="table"
          fontSize="sm"
          css={{ '& td, & th': { padding: '2px 12px 2px 0', textAlign: 'left', fontWeight: 400 } }}
        >
          <thead>
            <tr>
              <th />
              {shown.map((s) => (
                <th key={s.id}>
                  {s.id === sheet?.id ? <b>{s.name}</b> : s.name}
                  <br />
                  {s.on}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ end, field }) => {
              const values = shown.map((s) => s.ends[end]?.[field]);
              if (values.every((v) => v === undefined)) return null;
              return (
                <tr key={`${end}-${field}`}>
                  <th scope="row">
                    {END_WORDS[end].toLowerCase()} {words[field]}
                  </th>
                  {values.map((v, i) => (
                    <td key={shown[i]?.id} style={{ fontWeight: v === values[0] ? 400 : 700 }}>
                      {v ?? 'not noted'}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Box>
    </Panel>
  );
}

/** What the sheet is of. */
export function About({ model }: { readonly model: SetUpModel }) {
  const { sheet } = model;
  if (!sheet) return null;
  return (
    <Panel title="This sheet">
      <Flex gap="3" wrap="wrap" align="center" py="1">
        <Input
          size="sm"
          maxW="220px"
          bg="bg.panel"
          borderColor="border.emphasized"
          aria-label="Name of the sheet"
          key={sheet.id}
          defaultValue={sheet.name}
          maxLength={120}
          onBlur={(e) => {
            const name = e.target.value.trim();
            if (name === '') e.target.value = sheet.name;
            else if (name !== sheet.name) model.set('name', name);
          }}
        />
        <Choice
          aria-label="Rider sag taken"
          wide="220px"
          value={sheet.load}
          options={SETUP_LOADS.map((l) => ({ value: l, words: LOAD_WORDS[l] }))}
          onChange={(e) => model.set('load', e.target.value as SetupLoad)}
        />
        <Choice
          aria-label="Set for"
          wide="150px"
          value={sheet.school}
          options={SAG_SCHOOLS.map((s) => ({ value: s, words: SAG_SCHOOL_WORDS[s] }))}
          onChange={(e) => model.set('school', e.target.value as SagSchool)}
        />
      </Flex>
      <Textarea
        size="sm"
        mt="1"
        rows={2}
        bg="bg.panel"
        borderColor="border.emphasized"
        aria-label="Notes of the sheet"
        placeholder="ground, kit, what is on it"
        key={`${sheet.id}-note`}
        defaultValue={sheet.note}
        maxLength={2000}
        onBlur={(e) => e.target.value !== sheet.note && model.set('note', e.target.value)}
      />
    </Panel>
  );
}
