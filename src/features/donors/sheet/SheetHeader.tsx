'use client';
import { Box, Button, Flex, Heading, Menu, Portal, Text } from '@chakra-ui/react';
import {
  Archive,
  ClipboardCopy,
  ClipboardPaste,
  Copy,
  Ellipsis,
  GitBranch,
  Scale,
  Tag,
  Trash2,
} from 'lucide-react';
import { fullName, type Donor } from '@/core/donor';
import { isFigureKey } from '@/core/readings';
import { ESSENTIAL_KEYS } from '@/core/sheet';
import { missingFigures, wantWeights } from '@/core/preference';
import { assessmentOf } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState } from '@/store/react';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, MUST_WORDS, nameWords, sheetText, type Reader } from '@/ui/messages';
import { notify } from '@/ui/notice';
import { knownCount, sheetSize, type DonorsModel } from '../use-donors';

export interface SheetHeaderProps {
  readonly donor: Donor;
  readonly model: DonorsModel;
  readonly reader: Reader;
  readonly onPaste: () => void;
  readonly onCompare: () => void;
}

/** Which donor this is, how much is known, what is most worth finding out, and what can be done with it. */
export function SheetHeader({ donor, model, reader, onPaste, onCompare }: SheetHeaderProps) {
  const candidate = model.candidateOf.get(donor.id);
  const { kind } = donor;
  const copy = () =>
    void navigator.clipboard.writeText(sheetText(donor, reader)).then(
      () =>
        notify({
          text: 'The sheet is on the clipboard as text; it can be pasted back.',
          tone: 'plain',
        }),
      () => notify({ text: 'The browser does not let Jugator use the clipboard.', tone: 'plain' }),
    );
  const acts: readonly (readonly [string, React.ReactNode, () => void])[] = [
    ...(kind === 'machine'
      ? []
      : [['One for sale', <Tag key="i" size={15} />, () => model.addMachine(donor)] as const]),
    ...(kind === 'model'
      ? [
          [
            'A variant of it',
            <GitBranch key="i" size={15} />,
            () => model.addVariant(donor),
          ] as const,
        ]
      : []),
    ['Compare with another', <Scale key="i" size={15} />, onCompare],
    ['Copy the sheet as text', <ClipboardCopy key="i" size={15} />, copy],
    ['Duplicate', <Copy key="i" size={15} />, () => model.duplicate(donor)],
    [
      donor.archived ? 'Bring back' : 'Put away',
      <Archive key="i" size={15} />,
      () => model.archive([donor.id], !donor.archived),
    ],
    ['Delete', <Trash2 key="i" size={15} />, () => model.remove([donor.id])],
  ];
  return (
    <Flex align="flex-start" gap="3" wrap="wrap" mb="3">
      {candidate && <Plate index={candidate.plate} size={34} />}
      <Box flex="1" minW="200px">
        <Heading as="h2" size="lg" fontWeight="800" lineHeight="1.2">
          {fullName(donor)}
        </Heading>
        <Completeness donor={donor} />
      </Box>
      <Flex gap="1" align="center" wrap={{ base: 'nowrap', lg: 'wrap', xl: 'nowrap' }}>
        <Button
          size="sm"
          px={{ base: '2', md: '3' }}
          variant="outline"
          borderColor="border.emphasized"
          onClick={onPaste}
        >
          <ClipboardPaste size={15} /> Paste a sheet
        </Button>
        <Button
          size="sm"
          px={{ base: '2', md: '3' }}
          variant="outline"
          borderColor="border.emphasized"
          aria-pressed={candidate !== undefined}
          onClick={() => model.shortlist([donor.id], candidate === undefined)}
        >
          {candidate ? 'Take off the shortlist' : 'Put on the shortlist'}
        </Button>
        <Menu.Root positioning={{ placement: 'bottom-end' }}>
          <Menu.Trigger asChild>
            <Button size="sm" variant="ghost" px="2" aria-label="More with this donor">
              <Ellipsis size={18} />
            </Button>
          </Menu.Trigger>
          <Portal>
            <Menu.Positioner>
              <Menu.Content bg="bg.panel">
                {acts.map(([words, icon, run]) => (
                  <Menu.Item
                    key={words}
                    value={words}
                    color={words === 'Delete' ? 'fail' : undefined}
                    onSelect={run}
                  >
                    {icon} {words}
                  </Menu.Item>
                ))}
              </Menu.Content>
            </Menu.Positioner>
          </Portal>
        </Menu.Root>
      </Flex>
    </Flex>
  );
}

/** How much of the sheet is known, and which missing figure matters most to this brief. */
function Completeness({ donor }: { readonly donor: Donor }) {
  const dossier = useDossierState((s) => s.dossier);
  const brief = dossier.briefs[BRIEF_KEY];
  const assessment = assessmentOf(donor, dossier);
  const [most] = assessment && brief ? missingFigures(assessment, wantWeights(brief)) : [];
  const essentials = ESSENTIAL_KEYS.filter((k) => donor.figures[k]).length;
  const known = `${knownCount(donor)} of ${sheetSize} lines known${essentials < ESSENTIAL_KEYS.length ? `, ${essentials} of the ${ESSENTIAL_KEYS.length} a first weigh-up needs` : ''}.`;
  if (!most)
    return (
      <Text color="fg.muted" fontSize="sm">
        {known}
        {brief ? ' Nothing your brief asks for is missing.' : ''}
      </Text>
    );
  const hangs = [
    most.weight > 0 ? `${formatNumber(most.weight * 100)} % of the score` : '',
    ...most.musts.map(
      (m) => `the must “${MUST_WORDS[m as keyof typeof MUST_WORDS].toLowerCase()}”`,
    ),
  ]
    .filter(Boolean)
    .join(' and ');
  const name = nameWords(most.name);
  return (
    <Text color="fg.muted" fontSize="sm">
      {known}{' '}
      <Text as="span" color="unsure" fontWeight="700">
        Most worth finding out: {isFigureKey(most.name) ? name.toLowerCase() : name}
      </Text>
      ; {hangs} {hangs.includes(' and ') ? 'hang' : 'hangs'} on it.
    </Text>
  );
}
