import type { MeshPicture } from '@zinc-ladder/core/surface/drawing/meshPicture';
import { useEffect, useRef } from 'react';

/** Colour of the drawing in full light: bare filament, on either theme. */
const FILAMENT = [168, 176, 178] as const;

/** A part's drawing on a canvas, its ground see-through. */
export function MeshDrawing({
  picture,
  alt,
  className,
}: {
  readonly picture: MeshPicture;
  readonly alt: string;
  readonly className: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { pixels, light } = picture;
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(pixels, pixels);
    light.forEach((value, at) => {
      FILAMENT.forEach((full, channel) => (image.data[at * 4 + channel] = (full * value) / 255));
      image.data[at * 4 + 3] = value === 0 ? 0 : 255;
    });
    context.putImageData(image, 0, 0);
  }, [pixels, light]);
  return <canvas ref={canvas} width={pixels} height={pixels} role="img" aria-label={alt} className={className} />;
}
