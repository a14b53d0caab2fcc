import exifr from 'exifr';
import { imageSize } from 'image-size';
import { photoLimits } from '@oddment/contracts/photoLimits';
import { fittedSize } from './fittedSize.ts';
import { pictureProblem } from './pictureProblem.ts';
import type { ShrinkAnswer, Shrunk, ShrinkTask } from './shrunk.ts';

function headOf(bytes: Uint8Array): { width: number; height: number; type?: string } | undefined {
  try {
    return imageSize(bytes);
  } catch {
    return undefined;
  }
}

async function whenAndWhere(file: Blob, keepPosition: boolean): Promise<Pick<Shrunk, 'takenAt' | 'position'>> {
  const [said, place] = await Promise.all([
    (exifr.parse(file, ['DateTimeOriginal']) as Promise<{ DateTimeOriginal?: unknown } | undefined>).catch(() => undefined),
    keepPosition ? exifr.gps(file).catch(() => undefined) : undefined,
  ]);
  const taken = said?.DateTimeOriginal;
  return {
    ...(taken instanceof Date && !Number.isNaN(taken.getTime()) && { takenAt: taken.toISOString() }),
    ...(place &&
      Number.isFinite(place.latitude) &&
      Number.isFinite(place.longitude) && { position: { latitudeDeg: place.latitude, longitudeDeg: place.longitude } }),
  };
}

/** Drawn anew at the size that is kept: whatever the file said beside the picture stays behind. */
async function drawnAnew(file: Blob): Promise<{ jpeg: Blob; width: number; height: number }> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const { width, height } = fittedSize(picture.width, picture.height, photoLimits.keptSidePx);
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('there is no canvas here');
  brush.imageSmoothingQuality = 'high';
  brush.drawImage(picture, 0, 0, width, height);
  picture.close();
  for (const quality of [0.85, 0.7, 0.5, 0.3]) {
    const jpeg = await canvas.convertToBlob({ type: 'image/jpeg', quality });
    if (jpeg.size <= photoLimits.keptBytes) return { jpeg, width, height };
  }
  throw new Error('it stays too large');
}

async function shrink({ file, keepPosition }: ShrinkTask): Promise<ShrinkAnswer> {
  const head = file.size > photoLimits.givenBytes ? undefined : headOf(new Uint8Array(await file.arrayBuffer()));
  const why = pictureProblem(file.size, head);
  if (why !== undefined) return { ok: false, why };
  try {
    const { jpeg, width, height } = await drawnAnew(file);
    return { ok: true, photo: { jpeg, widthPx: width, heightPx: height, ...(await whenAndWhere(file, keepPosition)) } };
  } catch {
    return { ok: false, why: `This browser cannot show this ${head?.type?.toUpperCase() ?? 'picture'}, or it is damaged. Save it as JPEG and add that.` };
  }
}

globalThis.addEventListener('message', (event: MessageEvent<ShrinkTask>) => {
  void shrink(event.data).then((answer) => {
    globalThis.postMessage(answer);
  });
});
