/** Longest side a picture is kept at, pixels. */
const LONGEST_SIDE = 1600;

/**
 * A photograph at a sensible size, turned as its camera meant, as JPEG. What the browser cannot read is refused.
 *
 * @throws Error when it is not a picture
 */
export async function shrinkPicture(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale)));
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw pictures');
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.88 });
}
