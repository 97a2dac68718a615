import jpeg from 'jpeg-js';

const TAG = { orientation: 0x0112, exif: 0x8769, gps: 0x8825, taken: 0x9003, focal35: 0xa405, latitude: 2 } as const;

/** A JPEG of 40 × 20 pixels, red on its left half, with what a phone writes beside it: how it was held, when, where, and its lens. */
export function exifJpeg(orientation: number): Buffer {
  const [width, height] = [40, 20];
  const data = Buffer.alloc(width * height * 4);
  for (let at = 0; at < width * height; at += 1) data.set(at % width < width / 2 ? [220, 20, 20, 255] : [20, 20, 220, 255], at * 4);
  const plain = jpeg.encode({ data, width, height }, 95).data;
  return Buffer.concat([plain.subarray(0, 2), app1(orientation), plain.subarray(2)]);
}

/** Exif as TIFF, big-endian (Exif 2.3, memory). */
function app1(orientation: number): Buffer {
  const tiff = Buffer.alloc(200);
  tiff.write('MM', 0, 'latin1');
  tiff.writeUInt16BE(42, 2);
  tiff.writeUInt32BE(8, 4);
  let at = tiff.writeUInt16BE(3, 8);
  const entry = (tag: number, type: number, count: number, value: number, isShort = false): void => {
    at = tiff.writeUInt16BE(tag, at);
    at = tiff.writeUInt16BE(type, at);
    at = tiff.writeUInt32BE(count, at);
    if (isShort) tiff.writeUInt16BE(value, at);
    else tiff.writeUInt32BE(value, at);
    at += 4;
  };
  entry(TAG.orientation, 3, 1, orientation, true);
  entry(TAG.exif, 4, 1, 60);
  entry(TAG.gps, 4, 1, 120);
  at = tiff.writeUInt32BE(0, at);
  at = tiff.writeUInt16BE(2, 60);
  entry(TAG.taken, 2, 20, 92);
  entry(TAG.focal35, 3, 1, 26, true);
  at = tiff.writeUInt32BE(0, at);
  tiff.write('2026:05:20 18:30:00\0', 92, 'latin1');
  at = tiff.writeUInt16BE(1, 120);
  entry(TAG.latitude, 5, 3, 140);
  at = tiff.writeUInt32BE(0, at);
  for (const [nth, value] of [55, 1, 40, 1, 33, 1].entries()) tiff.writeUInt32BE(value, 140 + nth * 4);
  const body = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
  const head = Buffer.alloc(4);
  head.writeUInt16BE(0xffe1, 0);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}
