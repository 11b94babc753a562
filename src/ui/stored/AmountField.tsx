'use client';
import { Box } from '@chakra-ui/react';
import {
  parseAmount,
  preferredUnit,
  fromBase,
  toBase,
  unitEntry,
  type Dimension,
} from '@/core/units';
import { useDraftText, type Parsed } from '@/store/react';
import type { Outcome } from '@/store/dossier-state';
import { FieldRow, UnitInput } from '../fields';
import { amountFaultWords, limitWords, recordFaultWords, trimmed, type Reader } from '../messages';

export interface AmountFieldProps {
  readonly id: string;
  readonly label: string;
  readonly dimension: Exclude<Dimension, 'money'>;
  readonly limits: { readonly min: number; readonly max: number };
  /** In the base unit; absent: not known. */
  readonly value: number | undefined;
  /** An emptied field is refused. */
  readonly required?: boolean;
  readonly reader: Reader;
  readonly onSet: (value: number | undefined, before: number | undefined) => Outcome;
}

/** One optional plain figure, typed in any unit and kept in the base unit. */
export function AmountField({
  id,
  label,
  dimension,
  limits,
  value,
  required = false,
  reader,
  onSet,
}: AmountFieldProps) {
  const unit = preferredUnit(dimension, reader.units, reader.currency);
  const parse = (text: string): Parsed<number | undefined> => {
    if (text.trim() === '' && !required) return { kind: 'value', value: undefined };
    const parsed = parseAmount(text, dimension, unit);
    if (parsed.kind === 'fault') return { kind: 'fault', words: amountFaultWords(parsed.fault) };
    const base = toBase(parsed.amount, parsed.unit);
    return base >= limits.min && base <= limits.max
      ? { kind: 'value', value: base }
      : {
          kind: 'fault',
          words: limitWords(
            fromBase(limits.min, unit),
            fromBase(limits.max, unit),
            unitEntry(unit).symbol,
          ),
        };
  };
  const field = useDraftText<number | undefined>({
    draftKey: id,
    shown: value === undefined ? '' : trimmed(fromBase(value, unit), 2),
    base: value,
    parse,
    commit: (next, before) => onSet(next, before as number | undefined),
    committed: (next) => next,
    refusalWords: recordFaultWords,
  });
  return (
    <Box>
      <FieldRow id={id} label={label} fault={field.fault}>
        <UnitInput
          id={id}
          unit={unitEntry(unit).symbol}
          wide="132px"
          placeholder="not known"
          invalid={field.fault !== undefined}
          value={field.text}
          onFocus={field.onFocus}
          onChange={(e) => field.onChange(e.target.value)}
          onBlur={field.onBlur}
          aria-describedby={field.fault ? `${id}-fault` : undefined}
        />
      </FieldRow>
    </Box>
  );
}
