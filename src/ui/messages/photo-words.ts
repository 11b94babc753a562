import type { PhotoFault } from '@/store/photos';
import { PHOTO_LIMITS } from '@/store/photos/photo';
import { formatNumber } from './format';

const megabytes = (bytes: number): string => `${formatNumber(bytes / 1e6, bytes < 1e7 ? 1 : 0)} MB`;

/** Why a picture was not kept, and what can be done. */
export function photoFaultWords(fault: PhotoFault): string {
  switch (fault.code) {
    case 'too-large':
      return `“${fault.name}” has ${megabytes(fault.bytes)}; pictures of up to ${megabytes(PHOTO_LIMITS.file_bytes)} are taken. Make a smaller copy first.`;
    case 'not-a-picture':
      return `“${fault.name}” is no picture that this browser can show: JPEG, PNG and WebP are.`;
    case 'too-many':
      return `${PHOTO_LIMITS.most} photos of one machine are kept at most: “${fault.name}” was left out. Delete one first.`;
    case 'no-room':
      return `The browser has not stored “${fault.name}”: it has no room, or its storage is switched off.`;
  }
}

/** Why a file of photos was not taken. */
export const photosFileWords = (code: 'not-json' | 'not-photos' | 'damaged'): string =>
  ({
    'not-json': 'This is no file of photos: it cannot be read as JSON.',
    'not-photos': 'This file holds no photos of Jugator. A dossier is opened under Files.',
    damaged: 'This file of photos is damaged; nothing of it was taken.',
  })[code];
