import { z } from 'zod';
import { CURRENCIES, type CurrencyCode } from '@/core/units';

export const currencySchema = z.enum(CURRENCIES as readonly [CurrencyCode, ...CurrencyCode[]]);
