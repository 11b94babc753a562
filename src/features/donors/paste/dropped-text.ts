import { readText } from '@/store/files';

/** What a dropped file holds, or why it cannot be read. */
export type Dropped =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'refused'; readonly reason: string };

/** Two boxes of a line that stand against each other: a label and its value. */
const BESIDE =
  /<\/(?:span|b|strong|em|i|label|a)>(?=<(?:span|b|strong|em|i|label|a)(?![\p{L}]))/giu;

/** Ends of blocks become line ends, ends of cells become tabs, so that a page's table stays one. */
function pageText(html: string): string {
  const spaced = html
    .replace(/<(?:script|style|head)[\s\S]*?<\/(?:script|style|head)>/giu, ' ')
    .replace(/[\r\n]+/gu, ' ')
    .replace(/<\/(?:t[dh]|dt)>/giu, '\t')
    .replace(BESIDE, '\t')
    .replace(/<(?:br|\/p|\/div|\/li|\/tr|\/h\d|\/dd|\/section)\b[^>]*>/giu, '\n');
  const page = new DOMParser().parseFromString(spaced, 'text/html');
  return (page.body.textContent ?? '')
    .split('\n')
    .map((line) => line.replace(/ {2,}/g, ' ').trim())
    .join('\n')
    .replace(/\n{3,}/g, '\n\n');
}

/** A file that was dropped or picked, as text to be read. */
export async function droppedText(file: File): Promise<Dropped> {
  if (/\.pdf$/i.test(file.name) || file.type === 'application/pdf')
    return {
      kind: 'refused',
      reason: `${file.name} is a PDF. Open it, select its text, copy it and paste it here.`,
    };
  if (file.type.startsWith('image/'))
    return {
      kind: 'refused',
      reason: `${file.name} is a picture. Its text must be copied out or typed in.`,
    };
  const read = await readText(file);
  if (read.kind === 'not-text')
    return {
      kind: 'refused',
      reason: `${file.name} holds no text. Copy its text out and paste it here.`,
    };
  return {
    kind: 'text',
    text:
      /\.html?$/i.test(file.name) || /^\s*<(?:!doctype|html)/i.test(read.text)
        ? pageText(read.text)
        : read.text,
  };
}
