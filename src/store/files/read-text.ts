/** A file's text, or that it is none. */
export type ReadText =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'not-text' };

/** How many bytes are looked at to tell text from anything else. */
const LOOKED_AT = 4096;

/**
 * Bytes as text: UTF-8, or UTF-16 by its byte-order mark or by every other byte being nothing, as some spreadsheets and editors write
 * it. Bytes that are no UTF-8 are taken as Western European (Windows-1252) when they hold no control characters, since that is
 * what older tables are written in; anything else is not text.
 */
export function textOf(bytes: Uint8Array): ReadText {
  const wide = wideOrder(bytes);
  if (wide) return { kind: 'text', text: new TextDecoder(wide).decode(bytes) };
  if (bytes.subarray(0, LOOKED_AT).includes(0)) return { kind: 'not-text' };
  try {
    return { kind: 'text', text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    const control = bytes
      .subarray(0, LOOKED_AT)
      .some((b) => b < 32 && b !== 9 && b !== 10 && b !== 13);
    return control
      ? { kind: 'not-text' }
      : { kind: 'text', text: new TextDecoder('windows-1252').decode(bytes) };
  }
}

function wideOrder(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  const head = bytes.subarray(0, 64);
  if (head.length < 4) return undefined;
  const zeros = (from: number) =>
    head.filter((b, i) => i % 2 === from && b === 0).length / (head.length / 2);
  if (zeros(1) > 0.9 && zeros(0) < 0.1) return 'utf-16le';
  if (zeros(0) > 0.9 && zeros(1) < 0.1) return 'utf-16be';
  return undefined;
}

/** The text of a file that was picked. */
export const readText = async (file: Blob): Promise<ReadText> =>
  textOf(new Uint8Array(await file.arrayBuffer()));
