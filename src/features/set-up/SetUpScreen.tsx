'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { Copy, Plus, Printer, Trash2 } from 'lucide-react';
import { setupTable } from '@/core/tables';
import { namedCandidates } from '@/store/queries';
import { SETUP_ENDS } from '@/core/set-up';
import { Choice } from '@/ui/fields';
import { END_WORDS, preloadWords, springWords } from '@/ui/messages';
import { Lead } from '@/ui/Lead';
import { NeedsShortlist } from '@/ui/NeedsShortlist';
import { CandidateChoice } from '@/ui/CandidateChoice';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { CsvButton } from '@/ui/stored/CsvButton';
import { AdjustersPanel } from './AdjustersPanel';
import { ChangesPanel } from './ChangesPanel';
import { AdvicePanel } from './AdvicePanel';
import { SagPanel } from './SagPanel';
import { SheetPaper } from './SheetPaper';
import { useSetUp, type SetUpModel } from './use-set-up';
import { About, Beside } from './About';

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
