'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import type { Donor } from '@/core/donor';
import { FACT_DEFINITIONS } from '@/core/facts';
import {
  chancesOfMachine,
  typicalChances,
  type Chances,
  type TypicalFactKey,
} from '@/core/typical';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { FACT_WORDS, formatNumber, ofClass, OPTION_WORDS } from '@/ui/messages';
import { AmountInput } from '@/ui/stored';
import { TypicalFrame } from './TypicalFrame';

const PERCENT = { min: 0, max: 100 } as const;

interface LineProps {
  readonly donor: Donor;
  readonly fact: TypicalFactKey;
}

/** How often machines of the class have which answer to a fact that nobody has told, and the way to put that right for this dossier. */
export function TypicalFactLine({ donor, fact }: LineProps) {
  const { donorClass } = donor;
  const own = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]?.typicalFacts);
  const chances = typicalChances(donorClass, fact, own) ?? {};
  const mine = own?.[donorClass]?.[fact];
  const said = Object.entries(chancesOfMachine(donor, fact, own))
    .filter(([, chance]) => chance >= 0.005)
    .toSorted(([, a], [, b]) => b - a)
    .map(
      ([option, chance]) =>
        `${OPTION_WORDS[fact][option] ?? option} ${formatNumber(chance * 100)} %`,
    );
  return (
    <TypicalFrame
      name={FACT_WORDS[fact]}
      donor={donor}
      mine={mine !== undefined}
      says={said.join(' · ')}
      editor={() => <OwnChances donor={donor} fact={fact} chances={chances} mine={mine} />}
    />
  );
}

/** How many of a hundred have each option, as this rider sees them; they need not add to a hundred. */
function OwnChances({
  donor: { donorClass },
  fact,
  chances,
  mine,
}: LineProps & { readonly chances: Chances; readonly mine: Chances | undefined }) {
  const store = useDossierStore();
  const put = (after: Chances | undefined) =>
    store.execute({
      label: { code: 'edit-typical', facts: { figure: fact } },
      coalesce: `typical/${donorClass}/${fact}`,
      changes: [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['typicalFacts', donorClass, fact],
          before: mine,
          after,
        },
      ],
    });
  return (
    <Flex gap="2" align="flex-end" wrap="wrap" py="1">
      {FACT_DEFINITIONS[fact].options.map((option) => {
        const words = OPTION_WORDS[fact][option] ?? option;
        return (
          <Box key={option}>
            <Text fontSize="xs" color="fg.muted">
              {words}
            </Text>
            <AmountInput
              id={`typical-${donorClass}-${fact}-${option}`}
              label={`${FACT_WORDS[fact]}, ${words}`}
              wide="96px"
              quantity={{ kind: 'plain', sign: '%' }}
              limits={PERCENT}
              required
              value={chances[option] ?? 0}
              onSet={(value) => put({ ...chances, [option]: value ?? 0 })}
            />
          </Box>
        );
      })}
      {mine && (
        <Button size="xs" variant="ghost" onClick={() => put(undefined)}>
          Back to ours
        </Button>
      )}
      <Text fontSize="xs" color="fg.muted" flexBasis="100%">
        For every {ofClass(donorClass)} of this dossier, taken in proportion. What is told of a
        machine always counts instead.
      </Text>
    </Flex>
  );
}
