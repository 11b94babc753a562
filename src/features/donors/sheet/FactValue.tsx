'use client';
import { useState } from 'react';
import { Input, Text } from '@chakra-ui/react';
import { isFactValue, factDefinition, FactKey } from '@/core/facts';
import { Choice } from '@/ui/fields';
import { OPTION_WORDS } from '@/ui/messages';

interface FactValueProps {
  readonly id: string;
  readonly factKey: FactKey;
  readonly value: string;
  readonly empty: string;
  readonly onSet: (value: string) => void;
}

/** A choice from the fact's options, or a tyre's designation. */
export function FactValue({ id, factKey, value, empty, onSet }: FactValueProps) {
  const definition = factDefinition(factKey);
  const [typed, setTyped] = useState<string>();
  if (definition.kind === 'choice') {
    return (
      <Choice
        id={id}
        wide="100%"
        value={value}
        options={[
          { value: '', words: empty },
          ...definition.options.map((o) => ({ value: o, words: wordsOf(factKey, o) })),
        ]}
        onChange={(e) => onSet(e.target.value)}
      />
    );
  }
  const text = typed ?? value;
  const bad = text.trim() !== '' && !isFactValue(factKey, text);
  return (
    <>
      <Input
        id={id}
        size="sm"
        px="2"
        bg="bg.panel"
        placeholder={empty}
        value={text}
        autoComplete="off"
        maxLength={40}
        borderColor={bad ? 'fail' : 'border.emphasized'}
        aria-invalid={bad || undefined}
        aria-describedby={bad ? `${id}-fault` : undefined}
        onChange={(e) => {
          setTyped(e.target.value);
          if (e.target.value.trim() !== '' && isFactValue(factKey, e.target.value))
            onSet(e.target.value.trim());
        }}
        onBlur={() => {
          if (text.trim() === '' && value !== '') onSet('');
          if (!bad) setTyped(undefined);
        }}
      />
      {bad && (
        <Text id={`${id}-fault`} role="alert" fontSize="xs" color="fail" fontWeight="600">
          Not a tyre size. Write it as on the sidewall: 90/90-21 54H.
        </Text>
      )}
    </>
  );
}

export const wordsOf = (key: FactKey, value: string): string => OPTION_WORDS[key][value] ?? value;
