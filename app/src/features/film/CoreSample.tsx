import type { FilmLayer } from '@zinc-ladder/core/film/filmStack';
import { stackHeight } from '@zinc-ladder/core/film/filmStack';
import type { Formats } from '../../base/formats';

const HEIGHT = 420;
const LABEL_ROOM = 20;

/** The film stack as a section, to scale, bottom at the bottom; labels step aside where films are thin. */
export function CoreSample({ layers, formats }: { readonly layers: readonly FilmLayer[]; readonly formats: Formats }) {
  const total = stackHeight(layers);
  if (total === 0) return <p className="text-dim">No film on this ladder yet. Rungs that prime, coat or fill show here to scale.</p>;
  const drawn = placeLayers(layers, total);
  return (
    <figure aria-label={`Film stack, ${formats.film(total)} in all`}>
      <svg
        viewBox={`0 0 340 ${HEIGHT + 14}`}
        className="w-full max-w-md"
        role="img"
        aria-label={layers.map((layer) => `${layer.name} ${formats.film(layer.micrometres)}`).join(', from the part up: ')}
      >
        {drawn.map(({ layer, top, height, labelY }) => (
          <g key={layer.rungIds.join()}>
            <rect
              x={8}
              y={top}
              width={120}
              height={Math.max(height, 0.75)}
              fill={layer.colourHex ?? 'url(#hatch)'}
              stroke="var(--color-edge)"
              strokeWidth={0.75}
            />
            <path d={`M128 ${top + height / 2} L140 ${labelY}`} stroke="var(--color-edge)" strokeWidth={0.75} fill="none" />
            <text x={144} y={labelY + 4} fontSize={13} fill="var(--color-ink)" fontFamily="var(--font-sans)">
              {shorten(layer.name)}
            </text>
            <text x={336} y={labelY + 4} fontSize={13} textAnchor="end" fill="var(--color-ink)" fontFamily="var(--font-figure)">
              {formats.film(layer.micrometres)}
            </text>
          </g>
        ))}
        <rect x={8} y={HEIGHT} width={120} height={10} fill="url(#hatch)" stroke="var(--color-edge)" strokeWidth={0.75} />
        <text x={144} y={HEIGHT + 10} fontSize={13} fill="var(--color-dim)" fontFamily="var(--font-sans)">
          the part
        </text>
      </svg>
    </figure>
  );
}

interface DrawnLayer {
  readonly layer: FilmLayer;
  readonly top: number;
  readonly height: number;
  readonly labelY: number;
}

function placeLayers(layers: readonly FilmLayer[], total: number): DrawnLayer[] {
  let top = HEIGHT;
  let lowestFree = HEIGHT - 8;
  return layers.map((layer, index) => {
    const height = (layer.micrometres / total) * (HEIGHT - 12);
    top -= height;
    // Labels keep their order and leave room for those still to come above.
    const room = 12 + (layers.length - 1 - index) * LABEL_ROOM;
    const labelY = Math.max(room, Math.min(top + height / 2, lowestFree));
    lowestFree = labelY - LABEL_ROOM;
    return { layer, top, height, labelY };
  });
}

function shorten(name: string): string {
  return name.length > 20 ? `${name.slice(0, 19)}…` : name;
}
