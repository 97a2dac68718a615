const LOUPE = 120;
const ZOOM = 6;

/** White beside black: seen on light and dark pictures in both themes. */
export const MARK = { borderColor: '#ffffff', outline: '1px solid #000000' } as const;

/** The picture as it lies on the screen, px. */
export interface Bounds {
  readonly width: number;
  readonly height: number;
}

/** What is under the pointer, larger, on the far side of the picture so that no hand covers it. */
export function Loupe({
  url,
  centre: [x, y],
  bounds,
}: {
  readonly url: string;
  readonly centre: readonly [number, number];
  readonly bounds: Bounds;
}) {
  const [width, height] = [bounds.width * ZOOM, bounds.height * ZOOM];
  return (
    <span
      aria-hidden="true"
      className="pointer-events-none absolute border-2"
      style={{
        ...MARK,
        width: LOUPE,
        height: LOUPE,
        top: 8,
        ...(x > 0.5 ? { left: 8 } : { right: 8 }),
        backgroundImage: `url(${url})`,
        backgroundSize: `${width}px ${height}px`,
        backgroundPosition: `${LOUPE / 2 - x * width}px ${LOUPE / 2 - y * height}px`,
        backgroundRepeat: 'no-repeat',
        imageRendering: 'pixelated',
      }}
    />
  );
}
