/** One gray pixel as JPEG. */
export const pixel = Buffer.from(
  '/9j/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAAP/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AP//Z',
  'base64',
);

/** A segment of a JPEG. */
export function segment(marker: number, content: Buffer): Buffer {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(content.length + 2, 2);
  return Buffer.concat([head, content]);
}

/** The same pixel with more segments behind its start. */
export function withSegments(...segments: readonly Buffer[]): Buffer {
  return Buffer.concat([pixel.subarray(0, 2), ...segments, pixel.subarray(2)]);
}

/** Exif with a position in it, as a phone writes it: N 48° 51' 30", E 2° 21' 0". */
export function exifWithPosition(): Buffer {
  const tiff = Buffer.alloc(128);
  const entry = (at: number, tag: number, type: number, count: number, value: number) => {
    tiff.writeUInt16LE(tag, at);
    tiff.writeUInt16LE(type, at + 2);
    tiff.writeUInt32LE(count, at + 4);
    tiff.writeUInt32LE(value, at + 8);
  };
  const degrees = (at: number, parts: readonly number[]) => {
    parts.forEach((n, i) => {
      tiff.writeUInt32LE(n, at + i * 8);
      tiff.writeUInt32LE(1, at + i * 8 + 4);
    });
  };
  tiff.write('II*\0', 0, 'latin1');
  tiff.writeUInt32LE(8, 4);
  // the first directory points at the one of the position
  tiff.writeUInt16LE(1, 8);
  entry(10, 0x8825, 4, 1, 26);
  tiff.writeUInt16LE(4, 26);
  entry(28, 1, 2, 2, 'N'.charCodeAt(0));
  entry(40, 2, 5, 3, 80);
  entry(52, 3, 2, 2, 'E'.charCodeAt(0));
  entry(64, 4, 5, 3, 104);
  degrees(80, [48, 51, 30]);
  degrees(104, [2, 21, 0]);
  return segment(0xe1, Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]));
}

/** The pixel, said to be of another size. */
export function ofSize(width: number, height: number): Buffer {
  const copy = Buffer.from(pixel);
  const frame = pixel.indexOf(Buffer.from([0xff, 0xc0]));
  copy.writeUInt16BE(height, frame + 5);
  copy.writeUInt16BE(width, frame + 7);
  return copy;
}
