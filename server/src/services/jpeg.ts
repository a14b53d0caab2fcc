const startOfImage = 0xd8;
const endOfImage = 0xd9;
const startOfScan = 0xda;
/** JFIF, color profile and color transform are part of the picture; every other application segment and comment is not. */
const kept = new Set([0xe0, 0xe2, 0xee]);

function isMetadata(marker: number): boolean {
  return (marker >= 0xe0 && marker <= 0xef && !kept.has(marker)) || marker === 0xfe;
}

/** A stuffed byte or a restart marker, which belong to the coded data. */
function isCoded(marker: number): boolean {
  return marker === 0 || (marker >= 0xd0 && marker <= 0xd7);
}

/** Where the coded data that begins here ends: at the next marker that is none of its own. */
function codedEnd(jpeg: Buffer, from: number): number {
  for (let at = from; at + 1 < jpeg.length; at++) {
    const next = jpeg[at + 1] ?? 0;
    if (jpeg[at] === 0xff && next !== 0xff && !isCoded(next)) return at;
  }
  return jpeg.length;
}

/**
 * A JPEG without what it says beside the picture: Exif with its position, XMP, comments, and anything
 * after its end. The picture itself is not touched. Segments as in ITU-T T.81, annex B.
 * @returns the bytes, or nothing where its segments do not hold together
 */
export function withoutMetadata(jpeg: Buffer): Buffer | undefined {
  if (jpeg[0] !== 0xff || jpeg[1] !== startOfImage) return undefined;
  const parts = [jpeg.subarray(0, 2)];
  let drawn = false;
  let at = 2;
  for (;;) {
    const marker = jpeg[at + 1];
    if (jpeg[at] !== 0xff || marker === undefined || isCoded(marker)) return undefined;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === endOfImage) return drawn ? Buffer.concat([...parts, jpeg.subarray(at, at + 2)]) : undefined;
    if (at + 4 > jpeg.length) return undefined;
    const end = at + 2 + jpeg.readUInt16BE(at + 2);
    if (end < at + 4 || end > jpeg.length) return undefined;
    const isScan = marker === startOfScan;
    const after = isScan ? codedEnd(jpeg, end) : end;
    if (!isMetadata(marker)) parts.push(jpeg.subarray(at, after));
    drawn ||= isScan;
    at = after;
  }
}
