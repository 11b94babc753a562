'use client';
import type { ReactNode } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { useDraftText } from '@/store/react';
import type { Outcome } from '@/store/dossier-state';
import { FieldRow, UnitInput } from '../fields';
import { recordFaultWords } from '../messages';
import { amountText, readAmount, signOf, type AmountRules } from './amount-text';

export interface AmountProps extends AmountRules {
  /** Also where unfinished typing is kept. */
  readonly id: string;
  /** As stored; absent: not known. */
  readonly value: number | undefined;
  readonly onSet: (value: number | undefined, before: number | undefined) => Outcome;
  /** What stands in the empty field. */
  readonly empty?: string | undefined;
}

/** The draft of one amount: what is typed, why it is refused, and what the input needs. */
function useAmount({ id, value, onSet, empty = 'not known', ...rules }: AmountProps) {
  const field = useDraftText<number | undefined>({
    draftKey: id,
    shown: amountText(rules.quantity, value),
    base: value,
    parse: (text) => readAmount(text, rules),
    commit: (next, before) => onSet(next, before as number | undefined),
    committed: (next) => next,
    refusalWords: recordFaultWords,
  });
  const input = {
    id,
    unit: signOf(rules.quantity),
    placeholder: empty,
    invalid: field.fault !== undefined,
    value: field.text,
    onFocus: field.onFocus,
    onChange: (e: { readonly target: { readonly value: string } }) =>
      field.onChange(e.target.value),
    onBlur: field.onBlur,
    ...(field.fault === undefined ? {} : { 'aria-describedby': `${id}-fault` }),
  };
  return { input, fault: field.fault };
}

/** One plain figure in a row of its own: typed in any unit, kept in the stored one. */
export function AmountField({
  label,
  children,
  ...amount
}: AmountProps & {
  readonly label: string;
  /** What stands beside it, and says the unit. */
  readonly children?: ReactNode;
}) {
  const { input, fault } = useAmount(amount);
  return (
    <FieldRow id={amount.id} label={label} fault={fault}>
      <Flex gap="1">
        <UnitInput wide="132px" {...input} unit={children ? '' : input.unit} />
        {children}
      </Flex>
    </FieldRow>
  );
}

/** Why an amount is refused, under its field. */
const underField = (words: string, id: string) => (
  <Text id={id} role="alert" fontSize="xs" color="fail" fontWeight="600" flexBasis="100%">
    {words}
  </Text>
);

/** The same without a row, for lists and cards; the reason of a refusal stands under it. */
export function AmountInput({
  label,
  wide,
  fault: faultMark = underField,
  ...amount
}: AmountProps & {
  readonly label: string;
  readonly wide: string;
  readonly fault?: (words: string, id: string) => ReactNode;
}) {
  const { input, fault } = useAmount(amount);
  return (
    <>
      <UnitInput wide={wide} {...input} aria-label={label} />
      {fault !== undefined && faultMark(fault, `${amount.id}-fault`)}
    </>
  );
}
