'use client';
import { Box, Button, Flex, Grid, Input, Text, Textarea } from '@chakra-ui/react';
import { Copy, Plus, Printer, Trash2 } from 'lucide-react';
import { setupTable } from '@/core/tables';
import { namedCandidates } from '@/store/queries';
import {
  SAG_SCHOOLS,
  SETUP_ENDS,
  SETUP_LOADS,
  type SagSchool,
  type SetupLoad,
} from '@/core/set-up';
import { Choice, Panel } from '@/ui/fields';
import { END_WORDS, LOAD_WORDS, preloadWords, SAG_SCHOOL_WORDS, springWords } from '@/ui/messages';
import { Lead } from '@/ui/Lead';
import { NeedsShortlist } from '@/ui/NeedsShortlist';
import { CandidateChoice } from '@/ui/CandidateChoice';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { CsvButton } from '@/ui/stored/CsvButton';
import { AdjustersPanel, ChangesPanel } from './AdjustersPanel';
import { AdvicePanel } from './AdvicePanel';
import { SagPanel } from './SagPanel';
import { SheetPaper } from './SheetPaper';
import { useSetUp, type SetUpModel } from './use-set-up';

/** One machine set for its rider: sag, springs, clickers, pressures, and what each change did. */
export function SetUpScreen() {
  const model = useSetUp();
  if (!model) return <NeedsShortlist title="Set-up" />;
  return (
    <Box>
      <Box _print={{ display: 'none' }}>
        <ScreenHeading title="Set-up">
          Sag before springs, springs before clickers, one thing at a time.
        </ScreenHeading>
        <Tools model={model} />
        {model.sheet ? <Open model={model} /> : <None model={model} />}
      </Box>
      <SheetPaper model={model} />
    </Box>
  );
}

function Tools({ model }: { readonly model: SetUpModel }) {
  const { entry, standing, sheet, sheets } = model;
  return (
    <Flex gap="2" align="center" wrap="wrap" mb="3">
      <CandidateChoice
        candidates={namedCandidates(standing)}
        chosen={entry.candidate.id}
        onSelect={model.select}
      />
      {sheet && (
        <Choice
          aria-label="Set-up sheet"
          wide="230px"
          value={sheet.id}
          options={sheets.map((s) => ({ value: s.id, words: `${s.name}, ${s.on}` }))}
          onChange={(e) => model.open(e.target.value)}
        />
      )}
      <Flex gap="2" wrap="wrap" ml={{ md: 'auto' }}>
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          onClick={() => model.begin()}
        >
          <Plus size={15} /> New sheet
        </Button>
        {sheet && (
          <>
            <Button
              size="sm"
              variant="outline"
              borderColor="border.emphasized"
              onClick={() => model.begin(sheet)}
            >
              <Copy size={15} /> Go on from it
            </Button>
            <CsvButton
              table={() => setupTable(sheets, () => model.name)}
              file="jugator-set-up.csv"
            />
            <Button
              size="sm"
              variant="ghost"
              aria-label="Delete this sheet"
              onClick={() => model.remove(sheet)}
            >
              <Trash2 size={15} />
            </Button>
            <Button size="sm" bg="accent" color="accent.ink" onClick={() => window.print()}>
              <Printer size={15} /> Print
            </Button>
          </>
        )}
      </Flex>
    </Flex>
  );
}

function None({ model }: { readonly model: SetUpModel }) {
  return (
    <Box maxW="60ch">
      <Text fontSize="lg" fontWeight="600">
        No set-up sheet of {model.name} yet.
      </Text>
      <Text mb="3">
        Ten minutes, a tape and a helper: five lengths at each end say how much preload to wind in
        and whether the springs suit you. A simulated meter is there to practise with.
      </Text>
      <Button bg="accent" color="accent.ink" onClick={() => model.begin()}>
        Begin a sheet
      </Button>
    </Box>
  );
}

function Open({ model }: { readonly model: SetUpModel }) {
  return (
    <>
      <Lead>{leadOf(model)}</Lead>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
        gap="4"
        alignItems="start"
      >
        <Flex direction="column" gap="4" minW="0">
          <SagPanel model={model} />
          <AdjustersPanel model={model} />
          <About model={model} />
          <Beside model={model} />
        </Flex>
        <Flex direction="column" gap="4" minW="0">
          <AdvicePanel model={model} />
          <ChangesPanel model={model} />
        </Flex>
      </Grid>
    </>
  );
}

/** The first line: what to do next on this machine. */
function leadOf(model: SetUpModel): string {
  const { ends, name, reader } = model;
  if (!ends) return '';
  const told = SETUP_ENDS.flatMap((end) => {
    const { advice } = ends[end];
    return advice
      ? [
          `${END_WORDS[end]}: ${lower(preloadWords(advice, reader).replace(/ \(.*/, '').replace(/:.*/, ''))}; ${lower(
            springWords(advice)
              .replace(/[(:].*/, '')
              .trim(),
          )}`,
        ]
      : [];
  });
  if (told.length > 0) {
    const practice = SETUP_ENDS.some((end) => ends[end].setup.tool === 'meter');
    return `${practice ? 'Practice readings. ' : ''}${told.map((t) => t.replace(/\.$/, '')).join('. ')}.`;
  }
  const faulty = SETUP_ENDS.find((end) => ends[end].sag.faults.length > 0);
  if (faulty) return `${END_WORDS[faulty]}: the lengths contradict each other.`;
  return `${name}: take the five lengths of one end, and it says what to turn.`;
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What the sheet is of. */
function About({ model }: { readonly model: SetUpModel }) {
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

/** The sheets of this machine beside each other. */
function Beside({ model }: { readonly model: SetUpModel }) {
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
