'use client';
import { useState } from 'react';
import { RATE_LIMITS, type ExchangeRate } from '@/core/brief';
import { isFarFromUsual, nominalRate } from '@/core/money';
import type { CurrencyCode } from '@/core/units';
import { farRateWords } from '../messages';
import { readAmount } from './amount-text';

/** What was typed as a rate: nothing, one that is good, or one that is refused for now, with the reason under the field. */
export type RateTyped =
  | { readonly kind: 'rate'; readonly rate: ExchangeRate }
  | { readonly kind: 'empty' }
  | { readonly kind: 'refused' };

const today = () => new Date().toISOString().slice(0, 10);

/**
 * The typing of an exchange rate. One that lies far from what is usual, as one typed the wrong way round does, is asked about once and
 * taken when it is given again.
 */
export function useRate(from: CurrencyCode, to: CurrencyCode, required: boolean) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string>();
  const [doubted, setDoubted] = useState<string>();
  const refuse = (words: string): RateTyped => {
    setFault(words);
    return { kind: 'refused' };
  };
  return {
    text,
    fault,
    type(next: string) {
      setText(next);
      setFault(undefined);
    },
    read(): RateTyped {
      const read = readAmount(text, {
        quantity: { kind: 'plain', sign: to },
        limits: RATE_LIMITS,
        required,
      });
      if (read.kind === 'fault') return refuse(read.words);
      if (read.value === undefined) return { kind: 'empty' };
      const rate = { currency: from, to, rate: read.value, date: today() };
      const given = `${from} ${to} ${text}`;
      if (isFarFromUsual(rate) && doubted !== given) {
        setDoubted(given);
        return refuse(farRateWords(rate, nominalRate(from, to)));
      }
      return { kind: 'rate', rate };
    },
  };
}
