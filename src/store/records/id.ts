import * as z from 'zod/mini';

/** Names that every JavaScript object has; as a key they would find something that nobody stored. */
const INHERITED = new Set(Object.getOwnPropertyNames(Object.prototype));

/** Whether a text can be the key of a record. */
export const isId = (text: string): boolean =>
  text.length > 0 && text.length <= 64 && !INHERITED.has(text);

/** The key of a record: one to 64 letters, and not a name that every object has. */
export const idSchema = z.string().check(
  z.minLength(1),
  z.maxLength(64),
  z.refine((id) => !INHERITED.has(id), { message: 'this word cannot be an id' }),
);

/** ISO day that the calendar has, such as 2026-05-31. */
export const isoDay = z.iso.date();
