import { drawDimensionSheet } from '@zinc-ladder/core/reference/dimensionSheet';
import type { DimensionSheet } from '@zinc-ladder/core/reference/dimensionSheet';

/** A dimension sheet as SVG, its picture in it. */
export async function sheetAsSvg(sheet: Omit<DimensionSheet, 'pictureAddress'>, picture: Blob): Promise<string> {
  return drawDimensionSheet({ ...sheet, pictureAddress: await addressOf(picture) });
}

/**
 * The same as PNG, pixel by pixel as the picture is.
 *
 * @throws Error where the browser cannot draw it
 */
export async function sheetAsPng(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = new OffscreenCanvas(image.naturalWidth, image.naturalHeight);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw the sheet');
  context.drawImage(image, 0, 0);
  return canvas.convertToBlob({ type: 'image/png' });
}

function addressOf(picture: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error ?? new Error('the picture cannot be read'));
    reader.readAsDataURL(picture);
  });
}
