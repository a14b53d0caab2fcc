const startOfImage = 0xd8;
const endOfImage = 0xd9;
const startOfScan = 0xda;
/** segments that the picture is coded in: frames, tables, scans, intervals (ITU-T T.81, table B.1) */
const coding = new Set([0xc0, 0xc1, 0xc2, 0xc3, 0xc4, 0xc5, 0xc6, 0xc7, 0xc9, 0xca, 0xcb, 0xcc, 0xcd, 0xce, 0xcf, 0xda, 0xdb, 0xdc, 0xdd, 0xde, 0xdf]);
const identifier = (segment: Buffer, words: string) => segment.subarray(4, 4 + words.length).toString('latin1') === words;
/** a JFIF header without a thumbnail: marker, length, identifier, version, densities, none by none */
const headerLength = 18;
const longestProfile = 65_519;

/** What of a segment belongs to the picture: what it is coded in, how its colors are meant; nothing of any other. */
function ofPicture(marker: number, segment: Buffer): Buffer | undefined {
  if (coding.has(marker)) return segment;
  if (marker === 0xe0 && identifier(segment, 'JFIF\0') && segment.length >= headerLength) {
    const header = Buffer.from(segment.subarray(0, headerLength));
    header.writeUInt16BE(headerLength - 2, 2);
    header.writeUInt16BE(0, headerLength - 2);
    return header;
  }
  // the color profile in one piece, and how an encoder transformed the colors
  if (marker === 0xe2 && identifier(segment, 'ICC_PROFILE\0\u0001\u0001') && segment.length <= longestProfile + 18) return segment;
  return marker === 0xee && identifier(segment, 'Adobe') && segment.length === 16 ? segment : undefined;
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
 * A JPEG without what it says beside the picture: Exif with its position, XMP, comments, thumbnails, segments that
 * nothing draws by, and anything after its end. The picture itself is not touched. Segments as in ITU-T T.81, annex B.
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
    const own = ofPicture(marker, jpeg.subarray(at, end));
    if (own) parts.push(own, jpeg.subarray(end, after));
    drawn ||= isScan;
    at = after;
  }
}
