/** A file to be made into a photo that can be kept. */
export interface ShrinkTask {
  readonly file: Blob;
  /** keep where it was taken */
  readonly keepPosition: boolean;
}

export interface Shrunk {
  readonly jpeg: Blob;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenAt?: string;
  readonly position?: { readonly latitudeDeg: number; readonly longitudeDeg: number };
}

export type ShrinkAnswer = { readonly ok: true; readonly photo: Shrunk } | { readonly ok: false; readonly why: string };
