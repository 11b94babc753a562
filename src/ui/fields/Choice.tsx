'use client';
import { NativeSelect } from '@chakra-ui/react';
import { forwardRef, type SelectHTMLAttributes } from 'react';

export interface ChoiceProps
  extends Omit<
    SelectHTMLAttributes<HTMLSelectElement>,
    'size' | 'color' | 'height' | 'width' | 'translate'
  > {
  readonly options: readonly { readonly value: string; readonly words: string }[];
  readonly wide?: string;
}

/** A short list to choose one from. */
export const Choice = forwardRef<HTMLSelectElement, ChoiceProps>(function Choice(
  { options, wide = '138px', ...select },
  ref,
) {
  return (
    <NativeSelect.Root size="sm" width={wide} flexShrink={0}>
      <NativeSelect.Field ref={ref} bg="bg.panel" borderColor="border.emphasized" {...select}>
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.words}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
});
