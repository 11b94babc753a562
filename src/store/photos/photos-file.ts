import * as z from 'zod/mini';
import { idSchema, isoDay } from '../records/id';
import { PHOTO_LIMITS, type Photo } from './photo';

const PHOTOS_FORMAT = 'jugator-photos';
const PHOTOS_VERSION = 1;
/** Largest file of photos that is read, bytes. */
export const PHOTOS_SIZE_LIMIT = 120_000_000;

const side = z.number().check(z.int(), z.minimum(1), z.maximum(PHOTO_LIMITS.side_px));
const photoSchema = z.strictObject({
  id: idSchema,
  donorId: idSchema,
  on: isoDay,
  words: z.string().check(z.maxLength(PHOTO_LIMITS.words)),
  width: side,
  height: side,
  jpeg: z.base64().check(z.maxLength(Math.ceil((PHOTO_LIMITS.kept_bytes * 4) / 3) + 4)),
});
const fileSchema = z.strictObject({
  format: z.literal(PHOTOS_FORMAT),
  version: z.literal(PHOTOS_VERSION),
  photos: z.array(photoSchema).check(z.maxLength(4000)),
});

const PIECE = 0x8000;
function toBase64(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += PIECE)
    text += String.fromCharCode(...bytes.subarray(i, i + PIECE));
  return btoa(text);
}
const fromBase64 = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), (c) => c.charCodeAt(0));

/** A JPEG begins with these bytes (ITU-T T.81, start of image, then a marker). */
const isJpeg = (bytes: Uint8Array): boolean =>
  bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff;

/** Photos as file text. */
export const formatPhotosFile = (photos: readonly Photo[]): string =>
  `${JSON.stringify({
    format: PHOTOS_FORMAT,
    version: PHOTOS_VERSION,
    photos: photos.map((p) => ({ ...p, jpeg: toBase64(p.jpeg) })),
  })}\n`;

/** What a file of photos holds, or which part of it cannot be read; nothing of a damaged file is taken. */
export function parsePhotosFile(
  text: string,
):
  | { readonly kind: 'photos'; readonly photos: readonly Photo[] }
  | { readonly kind: 'fault'; readonly code: 'not-json' | 'not-photos' | 'damaged' } {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { kind: 'fault', code: 'not-json' };
  }
  if ((raw as { format?: unknown } | null)?.format !== PHOTOS_FORMAT)
    return { kind: 'fault', code: 'not-photos' };
  const parsed = fileSchema.safeParse(raw);
  if (!parsed.success) return { kind: 'fault', code: 'damaged' };
  const photos = parsed.data.photos.map((p) => ({ ...p, jpeg: fromBase64(p.jpeg) }));
  return photos.every((p) => isJpeg(p.jpeg))
    ? { kind: 'photos', photos }
    : { kind: 'fault', code: 'damaged' };
}
