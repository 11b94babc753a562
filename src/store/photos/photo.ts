/** A picture taken at a machine, shrunk. It lies in the browser beside the dossier: out of undo, snapshots and files. */
export interface Photo {
  readonly id: string;
  readonly donorId: string;
  /** ISO day. */
  readonly on: string;
  /** In the rider's words. */
  readonly words: string;
  readonly width: number;
  readonly height: number;
  /** JPEG. */
  readonly jpeg: Uint8Array<ArrayBuffer>;
}

/** Limits of what is kept; picker, file and tests read them. */
export const PHOTO_LIMITS = {
  /** A picture from a camera that is larger is not opened, bytes. */
  file_bytes: 30_000_000,
  /** One as it is kept: the longer side, px, and bytes. */
  side_px: 1280,
  kept_bytes: 900_000,
  /** Of one machine. */
  most: 24,
  words: 200,
} as const;

/** Why a picture was not kept. */
export type PhotoFault =
  | { readonly code: 'too-large'; readonly name: string; readonly bytes: number }
  | { readonly code: 'not-a-picture'; readonly name: string }
  | { readonly code: 'too-many'; readonly name: string }
  | { readonly code: 'no-room'; readonly name: string };
