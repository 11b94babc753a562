'use client';
import { Input, InputGroup } from '@chakra-ui/react';
import { forwardRef, type InputHTMLAttributes } from 'react';

export interface UnitInputProps
  extends Omit<
    InputHTMLAttributes<HTMLInputElement>,
    'size' | 'color' | 'height' | 'width' | 'translate'
  > {
  readonly unit: string;
  readonly invalid?: boolean;
  readonly wide?: string;
}

/** A right-aligned figure with its unit standing in the field. */
export const UnitInput = forwardRef<HTMLInputElement, UnitInputProps>(function UnitInput(
  { unit, invalid = false, wide = '138px', ...input },
  ref,
) {
  return (
    <InputGroup
      endElement={unit || undefined}
      endElementProps={{ color: 'fg.muted', fontSize: 'xs', pointerEvents: 'none', px: '2' }}
      width={wide}
      flexShrink={0}
    >
      <Input
        ref={ref}
        size="sm"
        textAlign="right"
        bg="bg.panel"
        borderColor={invalid ? 'fail' : 'border.emphasized'}
        borderWidth={invalid ? '2px' : '1px'}
        inputMode="decimal"
        autoComplete="off"
        pr={unit ? `${unit.length * 6.5 + 18}px !important` : undefined}
        aria-invalid={invalid || undefined}
        {...input}
      />
    </InputGroup>
  );
});
