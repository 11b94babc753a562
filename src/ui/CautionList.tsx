import { Box, Text } from '@chakra-ui/react';
import { cautionWords, type Reader } from './messages';

/** Cautions in words, each with what to do. */
export function CautionList({
  cautions,
  reader,
}: {
  readonly cautions: readonly Parameters<typeof cautionWords>[0][];
  readonly reader: Reader;
}) {
  return (
    <Box as="ul" listStyleType="none">
      {cautions.map((caution) => {
        const { what, todo, grave } = cautionWords(caution, reader);
        return (
          <Box
            as="li"
            key={`${caution.code}${what}`}
            py="1.5"
            borderTopWidth="1px"
            borderColor="border.muted"
            _first={{ borderTopWidth: 0 }}
          >
            <Text fontWeight="700" color={grave ? 'fail' : 'unsure'}>
              {what}
            </Text>
            <Text fontSize="sm">{todo}</Text>
          </Box>
        );
      })}
    </Box>
  );
}
