'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { Donor } from '@/core/donor';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState } from '@/store/react';
import { OriginMark } from '@/ui/marks/OriginMark';
import { typicalClassWords } from '@/ui/messages';

/** What a class has in place of what nobody has told, with its mark, and the way to put it right for this dossier. */
export function TypicalFrame({
  name,
  donor,
  mine,
  says,
  editor,
}: {
  /** Of the line, for whoever hears the page. */
  readonly name: string;
  readonly donor: Donor;
  /** The rider has put the class right. */
  readonly mine: boolean;
  readonly says: ReactNode;
  /** Absent: nothing can be put right. */
  readonly editor: (() => ReactNode) | undefined;
}) {
  const hasBrief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY] !== undefined);
  const [open, setOpen] = useState(false);
  return (
    <Box pl={{ xl: '126px' }}>
      <Flex fontSize="xs" color="fg.muted" gap="1.5" align="center" wrap="wrap">
        <OriginMark known="typical" />
        <Text>
          {says}, {mine ? 'as you hold typical of its class' : typicalClassWords(donor)}
        </Text>
        {editor && hasBrief && (
          <Button
            size="2xs"
            variant="ghost"
            aria-expanded={open}
            aria-label={`${name}: change what is typical of its class`}
            onClick={() => setOpen(!open)}
          >
            {open ? 'Done' : 'Change'}
          </Button>
        )}
      </Flex>
      {open && editor?.()}
    </Box>
  );
}
