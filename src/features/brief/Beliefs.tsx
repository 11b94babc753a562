'use client';
import { Box, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { SCHOOLS, type Schools, type SchoolKey } from '@/core/brief';
import { Choice, FieldRow } from '@/ui/fields';
import { SCHOOL_WORDS } from '@/ui/messages';
import type { BriefModel } from './use-brief';

const withBelief = (others: Schools, key: SchoolKey, value: string): Schools => ({
  ...others,
  [key]: value,
});

interface BeliefsProps {
  readonly model: BriefModel;
}

/** All that is shown here, and all that an edit here starts from. */
const sameBeliefs = (a: BeliefsProps, b: BeliefsProps): boolean =>
  a.model.purpose === b.model.purpose &&
  a.model.brief.schools === b.model.brief.schools &&
  a.model.brief.purposes === b.model.brief.purposes;

/** Where riders disagree: what the rider believes tilts the weights, and says so. */
export const Beliefs = memo(function Beliefs({ model }: BeliefsProps) {
  const schools = model.shown.schools ?? {};
  const set = (key: SchoolKey, value: string) => {
    const { [key]: _old, ...others } = schools;
    model.editPurpose('schools', value === '' ? others : withBelief(others, key, value), key);
  };
  return (
    <Box borderTopWidth="1px" borderTopStyle="dashed" borderColor="border" mt="2" pt="2">
      <Text fontSize="xs" color="fg.muted">
        Where riders disagree, say what you believe; it tilts what counts.
      </Text>
      {(Object.keys(SCHOOLS) as SchoolKey[]).map((key) => (
        <FieldRow key={key} id={`school-${key}`} label={SCHOOL_WORDS[key].name}>
          <Choice
            id={`school-${key}`}
            wide="180px"
            value={schools[key] ?? ''}
            options={[
              { value: '', words: 'no belief' },
              ...SCHOOLS[key].map((value) => ({
                value,
                words: SCHOOL_WORDS[key].options[value] ?? value,
              })),
            ]}
            onChange={(e) => set(key, e.target.value)}
          />
        </FieldRow>
      ))}
    </Box>
  );
}, sameBeliefs);
