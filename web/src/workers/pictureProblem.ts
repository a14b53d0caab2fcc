import { photoLimits } from '@oddment/contracts/photoLimits';

const megabytes = (bytes: number) => `${(bytes / 1_000_000).toFixed(bytes < 10_000_000 ? 1 : 0)} MB`;

/** Why a file cannot be taken in, by what its head says; nothing where it can. Nothing is decoded yet. */
export function pictureProblem(
  bytes: number,
  size: { readonly width: number; readonly height: number; readonly type?: string } | undefined,
): string | undefined {
  if (bytes > photoLimits.givenBytes) return `The file has ${megabytes(bytes)}. Photos up to ${megabytes(photoLimits.givenBytes)} can be taken in.`;
  if (!size || size.type === 'svg') return 'This is not a photo. JPEG, PNG, WebP and what this browser can show beside them can be taken in.';
  const { width, height } = size;
  if (Math.max(width, height) > photoLimits.givenSidePx || width * height > photoLimits.givenPixels) {
    return `The picture says that it is ${String(width)} by ${String(height)} pixels. Up to ${String(photoLimits.givenPixels / 1_000_000)} megapixels can be taken in.`;
  }
  return undefined;
}
