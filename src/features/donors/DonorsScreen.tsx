'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { ArrowLeft, ClipboardPaste, Plus, Table2 } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useSearchParams } from 'next/navigation';
import { memo, Suspense, useCallback, useMemo, useState } from 'react';
import { moneyOf } from '@/store/queries';
import { useDossierState, usePreferences } from '@/store/react';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { CompareDialog } from './compare/CompareDialog';
import { DonorRooms } from './DonorRooms';
import { DonorList } from './list/DonorList';
import { PasteDialog } from './paste/PasteDialog';
import { Sheet } from './sheet/Sheet';
import { TableDialog } from './tables/TableDialog';
import { useDonors } from './use-donors';

/** The machines considered as a base, and the sheet of the one in hand. */
export function DonorsScreen() {
  return (
    <Suspense>
      <Donors />
    </Suspense>
  );
}

/** Drawn anew only when the donor changes, not with every letter of a search. */
const SteadySheet = memo(Sheet);

type Dialog = 'paste-new' | 'paste-here' | 'table' | 'compare';

function Donors() {
  const model = useDonors();
  const currency = useDossierState((s) => moneyOf(s.dossier).currency);
  const [{ units }] = usePreferences();
  // What another app shares with this one arrives as a text to be read.
  const shared = useSearchParams().get('shared');
  const [dialog, setDialog] = useState<Dialog | undefined>(shared ? 'paste-new' : undefined);
  const { selected } = model;
  const shown = selected ?? model.first;
  const reader = useMemo(() => ({ units, currency }) as const, [units, currency]);
  const paste = useCallback(() => setDialog('paste-here'), []);
  const compare = useCallback(() => setDialog('compare'), []);
  const close = () => {
    setDialog(undefined);
    if (shared !== null) model.select(selected?.id);
  };
  const outline = { size: 'sm', variant: 'outline', borderColor: 'border.emphasized' } as const;
  return (
    <Box>
      <ScreenHeading title="Donors">
        Stock machines and what is known of them. Every figure keeps how it was quoted and who said
        so.
      </ScreenHeading>
      <DonorRooms />
      <Flex gap="4" align="flex-start">
        <Box
          width={{ base: '100%', lg: '288px' }}
          flexShrink={0}
          display={{ base: selected ? 'none' : 'block', lg: 'block' }}
          position={{ lg: 'sticky' }}
          top="12px"
        >
          <Flex gap="1.5" mb="2">
            <Button
              size="sm"
              flex="1"
              px="2"
              bg="accent"
              color="accent.ink"
              aria-label="Add a donor"
              onClick={model.add}
            >
              <Plus size={16} /> Add
            </Button>
            <Button
              {...outline}
              flex="1"
              px="2"
              aria-label="A new donor from a text"
              onClick={() => setDialog('paste-new')}
            >
              <ClipboardPaste size={15} /> Paste
            </Button>
            <Button
              {...outline}
              flex="1"
              px="2"
              aria-label="Tables in and out"
              onClick={() => setDialog('table')}
            >
              <Table2 size={15} /> Tables
            </Button>
          </Flex>
          <DonorList model={model} shownId={shown?.id} reader={reader} />
        </Box>
        {shown ? (
          <Box flex="1" minW="0" display={{ base: selected ? 'block' : 'none', lg: 'block' }}>
            <Button
              size="sm"
              variant="ghost"
              mb="2"
              display={{ base: 'inline-flex', lg: 'none' }}
              onClick={() => model.select(undefined)}
            >
              <ArrowLeft size={16} /> All donors
            </Button>
            <SteadySheet
              key={shown.id}
              donor={shown}
              model={model}
              reader={reader}
              onPaste={paste}
              onCompare={compare}
            />
          </Box>
        ) : (
          <Text color="fg.muted" display={{ base: 'none', lg: 'block' }} pt="2" maxW="60ch">
            Add a machine, paste its sheet or an advert, or read a table. Nothing in mind yet?{' '}
            <Link href="/donors/classes" style={{ textDecoration: 'underline' }}>
              See which class of machine is worth a search
            </Link>
            .
          </Text>
        )}
      </Flex>
      {dialog === 'paste-new' && (
        <PasteDialog donor={undefined} shared={shared ?? ''} model={model} onClose={close} />
      )}
      {dialog === 'paste-here' && shown && (
        <PasteDialog donor={shown} model={model} onClose={close} />
      )}
      {dialog === 'compare' && shown && (
        <CompareDialog donor={shown} model={model} reader={reader} onClose={close} />
      )}
      {dialog === 'table' && <TableDialog model={model} reader={reader} onClose={close} />}
    </Box>
  );
}
