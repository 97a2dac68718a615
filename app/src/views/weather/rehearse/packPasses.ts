import { flakeGain, flakeSurround } from '@zinc-ladder/core/colour/flop';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { mostCoats } from '@zinc-ladder/core/weather/deposit/carrier';
import { bodyOfLab, tableOfFilm, THICKNESSES, WIDE_BANDS } from '@zinc-ladder/core/weather/seen/bands';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { toWeatherPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';

/** Groups of four numbers that a pass is told to the graphics card in. */
export const PASS_TEXELS = 8;
/** Rows of a pass's film: three groups of bands thrown back, three let through. */
const FILM_ROWS = 6;
const PATTERNS = ['cloud', 'sizes', 'runs', 'lines', 'drops'] as const;
const VEILS = ['above', 'below', 'handled', 'everywhere'] as const;
/** Sheen of what is thinned or rubbed on (guessed). */
const MATTE = 0.1;

/** Films that are told apart: one a pass, and one more for each region in which a pass bares something else. */
export const MOST_FILMS = 120;

/** The films of passes in a row, and where each pass finds its own. */
interface FilmList {
  readonly films: readonly RehearsedPass[];
  /** place of each pass's first film; those of the regions follow it */
  readonly first: readonly number[];
  readonly isByRegion: readonly boolean[];
}

/** Lists films; where there are more than can be drawn, the last passes bare the same in every region. */
export function listFilms(passes: readonly RehearsedPass[]): FilmList {
  const films: RehearsedPass[] = [];
  const first: number[] = [];
  const isByRegion: boolean[] = [];
  passes.forEach((pass, at) => {
    first.push(films.length);
    films.push(pass);
    const own = pass.labIn ?? [];
    const left = passes.length - at - 1;
    const isOwn = own.some((lab) => lab !== null) && films.length + own.length + left <= MOST_FILMS;
    isByRegion.push(isOwn);
    if (isOwn) films.push(...own.map((lab) => ({ ...pass, lab: lab ?? pass.lab })));
  });
  return { films, first, isByRegion };
}

/** All passes as numbers, eight groups of four for each. */
export function packPasses(passes: readonly RehearsedPass[], room: number): Float32Array {
  const out = new Float32Array(room * PASS_TEXELS * 4);
  const { first, isByRegion } = listFilms(passes.slice(0, room));
  passes.slice(0, room).forEach((given, at) => {
    const { carrier, amount, wiped, sizeMillimetres, seed } = toWeatherPass(given);
    const kind = carrier.kind === 'pool' ? 0 : carrier.kind === 'marks' ? 1 : 2;
    const grip = carrier.kind === 'marks' ? carrier.grip : {};
    const pool = carrier.kind === 'pool' ? carrier : { everywhere: 0, covered: 0, corner: 0 };
    const [edgeFrom, edgeTo, edgeShare] = grip.edge ?? [0, 1, 0];
    const [reliefFrom, reliefTo, reliefShare] = grip.relief ?? [0, 1, 0];
    const pattern = carrier.kind === 'marks' ? PATTERNS.indexOf(carrier.pattern) : 0;
    out.set(
      [
        [kind, pattern, amount, wiped],
        [sizeMillimetres, seed, carrier.kind === 'pool' ? 0 : carrier.filmCoats, carrier.kind === 'marks' ? carrier.rim : 0],
        [pool.everywhere, pool.covered, pool.corner, mostCoats(carrier)],
        [grip.everywhere ?? 0, grip.covered ?? 0, grip.handled ?? 0, grip.wet ?? 0],
        [edgeFrom, edgeTo, edgeShare, grip.top ?? 0],
        [reliefFrom, reliefTo, reliefShare, grip.sheltered ?? 0],
        [
          grip.isRunningDown ? 1 : 0,
          grip.sparesRecess ?? 0,
          carrier.kind === 'veil' ? VEILS.indexOf(carrier.from) : 0,
          carrier.kind === 'veil' ? carrier.shelter : 0,
        ],
        [findTechnique(given.techniqueId).sheen ?? MATTE, first[at] ?? 0, isByRegion[at] ? 1 : 0, given.metals ?? 0],
      ].flat(),
      at * PASS_TEXELS * 4,
    );
  });
  return out;
}

/** The films of all passes by thickness: a row of four bands after the other. */
export function packFilms(passes: readonly RehearsedPass[], mirrored: number): Float32Array {
  const out = new Float32Array(MOST_FILMS * FILM_ROWS * THICKNESSES * 4);
  listFilms(passes).films.forEach((given, at) => {
    const { paint, carrier } = toWeatherPass(given, mirrored);
    const { values } = tableOfFilm(paint, mostCoats(carrier));
    for (let step = 0; step < THICKNESSES; step += 1)
      for (let band = 0; band < WIDE_BANDS; band += 1)
        for (const [half, value] of [0, 1].map((part) => [part, values[(step * WIDE_BANDS + band) * 2 + part] as number] as const)) {
          const row = at * FILM_ROWS + half * 3 + Math.floor(band / 4);
          out[(row * THICKNESSES + step) * 4 + (band % 4)] = value;
        }
  });
  return out;
}

/** Steps of the table of flake paints by the angle from the mirror's direction, and by the lightness they are read at. */
export const FLAKE_ANGLES = 90;
export const FLAKE_LIGHTNESSES = 20;

/**
 * How many times brighter flake paints are than they are read: a row for each lightness from 5 to 100, in it gains for angles from 0° to 180°, then
 * what they throw back of an even and of a leaning surround.
 */
export function packFlakes(index: number): Float32Array<ArrayBuffer> {
  const columns = FLAKE_ANGLES + 3;
  const out = new Float32Array(columns * FLAKE_LIGHTNESSES);
  for (let row = 0; row < FLAKE_LIGHTNESSES; row += 1) {
    const read = ((row + 1) * 100) / FLAKE_LIGHTNESSES;
    for (let step = 0; step <= FLAKE_ANGLES; step += 1) out[row * columns + step] = flakeGain(read, index, (step * 180) / FLAKE_ANGLES);
    const { even, leaning } = flakeSurround(read, index);
    out.set([even, leaning], row * columns + FLAKE_ANGLES + 1);
  }
  return out;
}

/** Rows that the texture of films has. */
export const FILM_TEXTURE_ROWS = MOST_FILMS * FILM_ROWS;

/** The bodies of a part's colours, three groups of four bands each: where no region is, then its regions; nothing for those there are not. */
export function packBases(bases: readonly Lab[], mirrored: number): [number, number, number, number][] {
  return Array.from({ length: MOST_COLOUR_REGIONS + 1 }, (_, at) => {
    const base = bases[at];
    return inFours(base ? bodyOfLab(base, mirrored) : []);
  }).flat();
}

/** Twelve numbers as three groups of four. */
export function inFours(values: ArrayLike<number>): [number, number, number, number][] {
  return [0, 4, 8].map((from) => [values[from] ?? 0, values[from + 1] ?? 0, values[from + 2] ?? 0, values[from + 3] ?? 0]);
}
