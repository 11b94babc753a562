'use client';
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

/** A right-aligned figure with its unit standing in the field; drawn by the style sheet (`ui/theme/unit-input`), since a sheet holds dozens. */
export const UnitInput = forwardRef<HTMLInputElement, UnitInputProps>(function UnitInput(
  { unit, invalid = false, wide = '138px', ...input },
  ref,
) {
  return (
    <span className="unit-input" style={{ width: wide }}>
      <input
        ref={ref}
        className={invalid ? 'invalid' : undefined}
        inputMode="decimal"
        autoComplete="off"
        style={unit ? { paddingRight: unit.length * 6.5 + 18 } : undefined}
        aria-invalid={invalid || undefined}
        {...input}
      />
      {unit && <span className="unit">{unit}</span>}
    </span>
  );
});
