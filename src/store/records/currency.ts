import * as z from 'zod/mini';
import { CURRENCIES, type CurrencyCode } from '@/core/units';

export const currencySchema = z.enum(CURRENCIES as readonly [CurrencyCode, ...CurrencyCode[]]);
