import type { CoatPaint } from '../../colour/coats/coatsOver';
import type { Lab } from '../../colour/lab';
import { DEFAULT_MIRRORED } from '../../colour/paint';
import { differenceOfNumbers } from '../../colour/differenceOfNumbers';
import { mostCoats, writeFilm } from '../deposit/carrier';
import { writeNoise } from '../deposit/markNoise';
import type { PlaceFields } from '../field/weatherFields';
import type { Vector } from '../../surface/mesh/vector';
import type { PartAge } from './age';
import { ageOfLabs } from './age';
import type { FilmTable } from './bands';
import { bodyOfLab, layFilm, layFilmByRegion, tableOfFilm, WIDE_BANDS, writeLabs, writeSeen } from './bands';
import { eyeDisc } from './eyeDisc';
import type { PassSight, WeatherPass } from './pass';
import { inkCoats, SEEN_DIFFERENCE } from './pass';

/** A part as it would look, reckoned pass by pass. What was reckoned is kept until what it depends on changes. */
export interface Rehearsal {
  /** what is seen of every pass from a distance, each against what is under it */
  readonly sights: (passes: readonly WeatherPass[], distanceMetres: number) => PassSight[];
  /** Lab of every place after the passes, seen close; three numbers a place */
  readonly labs: (passes: readonly WeatherPass[]) => Float32Array;
  /** total age of the part after the passes */
  readonly age: (passes: readonly WeatherPass[]) => PartAge;
  /** share of the places that differ from the base by some ΔE00 or more, seen close */
  readonly changedShare: (passes: readonly WeatherPass[], least: number) => number;
  /** film in coats of one pass at every place */
  readonly film: (pass: WeatherPass) => Float32Array;
}

/** Noise kept at once: a disc of sixteen places for some passes. */
const MOST_KEPT = 160;

/**
 * Prepares a part for rehearsal. Passes lie on each other in their order as films (Kubelka–Munk in twelve bands), over the colour the ladder leaves.
 *
 * @param base colour under all passes, or one for each region: the first is what lies in none
 * @param mirrored share the surface mirrors, as the shelf has it
 */
export function createRehearsal(fields: PlaceFields, up: Vector, base: Lab | readonly Lab[], mirrored = DEFAULT_MIRRORED): Rehearsal {
  const { count } = fields;
  const baseBody = bodyOfBase(base, fields, mirrored);
  const noises = new Map<string, Float32Array>();
  const tables = new Map<string, FilmTable>();
  const noiseOf = (pass: WeatherPass, shift: readonly [number, number]): Float32Array => {
    const pattern = pass.carrier.kind === 'marks' ? pass.carrier.pattern : 'cloud';
    const key = JSON.stringify([pattern, pass.sizeMillimetres, pass.seed, pattern === 'drops' ? pass.throwDirection : null, shift]);
    const known = noises.get(key);
    if (known) return known;
    const made = new Float32Array(count);
    const { sizeMillimetres, seed, throwDirection } = pass;
    writeNoise(pattern, fields, { sizeMillimetres, seed, up, throwDirection }, made, shift);
    if (noises.size >= MOST_KEPT) noises.delete(noises.keys().next().value ?? '');
    noises.set(key, made);
    return made;
  };
  const tableOf = (paint: CoatPaint, most: number): FilmTable => {
    const key = JSON.stringify([paint.paint.lab, paint.scatterPerCoat, paint.paint.ratio[0], most]);
    const known = tables.get(key) ?? tableOfFilm(paint, most);
    tables.set(key, known);
    return known;
  };
  /** Lays one pass, with the paint of each region. */
  const lay = (pass: WeatherPass, film: Float32Array, body: Float32Array): void => {
    const most = mostCoats(pass.carrier);
    const own = pass.paintIn ?? [];
    const rest = tableOf(pass.paint, most);
    if (own.every((paint) => paint === null)) return layFilm(rest, film, body, body);
    layFilmByRegion([rest, ...own.map((paint) => (paint ? tableOf(paint, most) : rest))], fields.regions, film, body);
  };
  const filmAt = (pass: WeatherPass, shift: readonly [number, number], out: Float32Array): void =>
    writeFilm(pass.carrier, fields, noiseOf(pass, shift), pass, out);

  const labs = (passes: readonly WeatherPass[]): Float32Array => {
    const body = baseBody.slice();
    const film = new Float32Array(count);
    for (const pass of passes) {
      filmAt(pass, NO_SHIFT, film);
      lay(pass, film, body);
    }
    writeSeen(body, mirrored, body);
    const out = new Float32Array(count * 3);
    writeLabs(body, out);
    return out;
  };

  const sights = (passes: readonly WeatherPass[], distanceMetres: number): PassSight[] => {
    const smallest = passes.reduce((least, pass) => Math.min(least, pass.sizeMillimetres), Infinity);
    const disc = eyeDisc(distanceMetres, smallest);
    const blurred = passes.map(() => new Float32Array(count * WIDE_BANDS));
    const clean = new Float32Array(count * WIDE_BANDS);
    const inks = passes.map(() => new Float32Array(count));
    const body = new Float32Array(count * WIDE_BANDS);
    const seen = new Float32Array(count * WIDE_BANDS);
    const film = new Float32Array(count);
    const share = 1 / disc.length;
    writeSeen(baseBody, mirrored, clean);
    for (const shift of disc) {
      body.set(baseBody);
      passes.forEach((pass, at) => {
        filmAt(pass, shift, film);
        lay(pass, film, body);
        writeSeen(body, mirrored, seen);
        const sum = blurred[at] as Float32Array;
        for (let place = 0; place < sum.length; place += 1) sum[place] = (sum[place] as number) + share * (seen[place] as number);
        const ink = inks[at] as Float32Array;
        const least = inkCoats(pass.carrier);
        for (let place = 0; place < count; place += 1) if ((film[place] as number) > least) ink[place] = (ink[place] as number) + share;
      });
    }
    let under = new Float32Array(count * 3);
    let over = new Float32Array(count * 3);
    writeLabs(clean, under);
    return passes.map((_, at) => {
      writeLabs(blurred[at] as Float32Array, over);
      const sight = compare(under, over, inks[at] as Float32Array);
      [under, over] = [over, under];
      return sight;
    });
  };

  return {
    sights,
    labs,
    age: (passes) => ageOfLabs(fields, labs(passes)),
    changedShare: (passes, least) => {
      const [clean, worn] = [labs([]), labs(passes)];
      let changed = 0;
      for (let at = 0; at < clean.length; at += 3)
        if (
          differenceOfNumbers(
            clean[at] as number,
            clean[at + 1] as number,
            clean[at + 2] as number,
            worn[at] as number,
            worn[at + 1] as number,
            worn[at + 2] as number,
          ) >= least
        )
          changed += 1;
      return changed / count;
    },
    film: (pass) => {
      const film = new Float32Array(count);
      filmAt(pass, NO_SHIFT, film);
      return film;
    },
  };
}

const NO_SHIFT = [0, 0] as const;

function bodyOfBase(base: Lab | readonly Lab[], { count, regions }: PlaceFields, mirrored: number): Float32Array {
  const bodies = (isOneColour(base) ? [base] : base).map((lab) => bodyOfLab(lab, mirrored));
  const body = new Float32Array(count * WIDE_BANDS);
  for (let place = 0; place < count; place += 1) {
    const own = bodies[regions[place] as number] ?? bodies[0];
    if (own) body.set(own, place * WIDE_BANDS);
  }
  return body;
}

function isOneColour(base: Lab | readonly Lab[]): base is Lab {
  return typeof base[0] === 'number';
}

/** What differs between two layers, with the ink that lies there. */
function compare(under: Float32Array, over: Float32Array, ink: Float32Array): PassSight {
  let inkSum = 0;
  let coverage = 0;
  let contrast = 0;
  let seenPlaces = 0;
  let tint = 0;
  const count = ink.length;
  for (let place = 0; place < count; place += 1) {
    const at = place * 3;
    const own = ink[place] as number;
    inkSum += own;
    const away = differenceOfNumbers(
      under[at] as number,
      under[at + 1] as number,
      under[at + 2] as number,
      over[at] as number,
      over[at + 1] as number,
      over[at + 2] as number,
    );
    tint += away;
    if (away < SEEN_DIFFERENCE) continue;
    coverage += own;
    contrast += away;
    seenPlaces += 1;
  }
  return {
    ink: inkSum / count,
    coverage: coverage / count,
    contrast: seenPlaces > 0 ? contrast / seenPlaces : 0,
    tint: tint / count,
  };
}
