import type { Form } from '../form';
import { ASKED_FORMS } from './asked';
import { LISTED_FORMS } from './listed';
import { PAID_FORMS } from './paid';

/** What is asked, paid or listed, said without the word price. */
export const PRICE_FORMS: readonly Form[] = [...LISTED_FORMS, ...ASKED_FORMS, ...PAID_FORMS];
export { asAskedAlone } from './asked-alone';
export { asNet } from './net';
