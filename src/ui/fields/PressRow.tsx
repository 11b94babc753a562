'use client';
import { Box, chakra, Flex } from '@chakra-ui/react';

const Press = chakra('button');

export interface PressOption<V extends string> {
  readonly value: V;
  readonly words: string;
  readonly also?: string;
  readonly mark?: React.ReactNode;
}

interface PressRowProps<V extends string> {
  readonly label: string;
  readonly options: readonly PressOption<V>[];
  readonly value: V | undefined;
  /** Pressing the chosen one again gives `undefined`. */
  readonly onPress: (value: V | undefined) => void;
  /** For cold hands: taller, two beside each other on a phone. */
  readonly large?: boolean;
}

/** A few options as pressed buttons, one of them down at most. */
export function PressRow<V extends string>({
  label,
  options,
  value,
  onPress,
  large = false,
}: PressRowProps<V>) {
  return (
    <Flex role="group" aria-label={label} gap="2" wrap="wrap">
      {options.map((o) => {
        const down = o.value === value;
        return (
          <Press
            key={o.value}
            type="button"
            aria-pressed={down}
            onClick={() => onPress(down ? undefined : o.value)}
            display="flex"
            alignItems="center"
            gap="2"
            textAlign="left"
            cursor="pointer"
            minH={large ? '56px' : '36px'}
            px="3"
            py="1.5"
            borderWidth="2px"
            borderRadius="plate"
            borderColor={down ? 'fg' : 'border.emphasized'}
            bg={down ? 'fg' : 'bg.panel'}
            color={down ? 'bg' : 'fg'}
            _hover={down ? {} : { bg: 'bg.subtle' }}
            flex={large ? '1 1 45%' : undefined}
          >
            {o.mark}
            <Box as="span" minW="0">
              <Box as="span" display="block" fontWeight="700" fontSize={large ? 'md' : 'sm'}>
                {o.words}
              </Box>
              {o.also && (
                <Box as="span" display="block" fontSize="xs">
                  {o.also}
                </Box>
              )}
            </Box>
          </Press>
        );
      })}
    </Flex>
  );
}
