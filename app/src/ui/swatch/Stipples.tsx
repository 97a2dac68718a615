import type { FilmState } from '@zinc-ladder/core/cure/cureClock';

/** Dots of each state on an 8 × 8 tile: none while wet, then ever denser. */
const TILES: Readonly<
  Record<FilmState, { readonly size: number; readonly radius: number; readonly dots: readonly (readonly [number, number])[] }>
> = {
  wet: { size: 8, radius: 0, dots: [] },
  touch: {
    size: 9,
    radius: 0.8,
    dots: [
      [2, 2],
      [6.5, 6.5],
    ],
  },
  handle: {
    size: 6,
    radius: 0.8,
    dots: [
      [1.5, 1.5],
      [4.5, 4.5],
    ],
  },
  sand: {
    size: 4.4,
    radius: 0.85,
    dots: [
      [1.1, 1.1],
      [3.3, 3.3],
    ],
  },
  tape: {
    size: 3.4,
    radius: 0.95,
    dots: [
      [0.85, 0.85],
      [2.55, 2.55],
    ],
  },
  hard: {
    size: 2.6,
    radius: 1.05,
    dots: [
      [0.65, 0.65],
      [1.95, 1.95],
    ],
  },
};

/** The stipple patterns, once a page; drawn shapes fill with {@link stippleFill}. */
export function Stipples() {
  return (
    <svg width="0" height="0" aria-hidden="true" className="absolute">
      <defs>
        {Object.entries(TILES).map(([state, { size, radius, dots }]) => (
          <pattern key={state} id={`stipple-${state}`} width={size} height={size} patternUnits="userSpaceOnUse">
            {dots.map(([x, y]) => (
              <circle key={`${x}`} cx={x} cy={y} r={radius} fill="var(--color-ink)" />
            ))}
          </pattern>
        ))}
        <pattern id="hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="8" stroke="var(--color-line)" strokeWidth="3" />
        </pattern>
      </defs>
    </svg>
  );
}

/** Fill of a state's stipple. */
export function stippleFill(state: FilmState): string {
  return `url(#stipple-${state})`;
}

/** Words of the states. */
export const STATE_WORDS: Readonly<Record<FilmState, string>> = {
  wet: 'wet',
  touch: 'touch dry',
  handle: 'can be handled',
  sand: 'can be sanded',
  tape: 'tape-safe',
  hard: 'hard',
};
