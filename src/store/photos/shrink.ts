import { PHOTO_LIMITS, type Photo, type PhotoFault } from './photo';

/** How much a picture loses, tried in turn until it is small enough. */
const QUALITIES = [0.82, 0.65, 0.45] as const;

/** Width and height with the longer side cut to the limit; never larger than they are. */
export function shrunkSize(
  width: number,
  height: number,
): { readonly width: number; readonly height: number } {
  const by = Math.min(1, PHOTO_LIMITS.side_px / Math.max(width, height));
  return {
    width: Math.max(1, Math.round(width * by)),
    height: Math.max(1, Math.round(height * by)),
  };
}

type Shrunk = Pick<Photo, 'width' | 'height' | 'jpeg'>;

/** A picture from a camera as it is kept: turned upright, shrunk, as JPEG, without where and with what it was taken. */
export async function shrink(
  file: File,
): Promise<
  | { readonly kind: 'picture'; readonly picture: Shrunk }
  | { readonly kind: 'fault'; readonly fault: PhotoFault }
> {
  const { name } = file;
  if (file.size > PHOTO_LIMITS.file_bytes)
    return { kind: 'fault', fault: { code: 'too-large', name, bytes: file.size } };
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return { kind: 'fault', fault: { code: 'not-a-picture', name } };
  }
  const size = shrunkSize(bitmap.width, bitmap.height);
  const canvas = new OffscreenCanvas(size.width, size.height);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, size.width, size.height);
  bitmap.close();
  for (const quality of QUALITIES) {
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    if (blob.size <= PHOTO_LIMITS.kept_bytes)
      return {
        kind: 'picture',
        picture: { ...size, jpeg: new Uint8Array(await blob.arrayBuffer()) },
      };
  }
  return { kind: 'fault', fault: { code: 'too-large', name, bytes: file.size } };
}
