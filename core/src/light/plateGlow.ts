import type { Glow, GlowRefusal, GlowRow } from './glow';
import { beamPower, EVEN_PERCENT, FOAM, foamDamping, MOST_SHEETS, readGlow } from './glow';

/** Rows of LEDs side by side behind a flat skin. */
export interface GlowPlate extends GlowRow {
  /** rows of as many LEDs each */
  readonly rows: number;
  /** from one row to the next, mm */
  readonly rowPitch: number;
}

/** LEDs further away than so many distances add less than a hundredth between them. */
const REACH_DISTANCES = 14;

/**
 * Illuminance on the skin at a place over the plate, as along a row: each LED a point, inverse square, the beam's cosine power, the cosine of the slant.
 *
 * @param x from the first LED along the rows, mm
 * @param y from the first row across them, mm
 */
export function illuminanceOver(x: number, y: number, { pitch, rowPitch, distance, leds, rows, beam }: GlowPlate): number {
  const power = beamPower(beam);
  const reach = REACH_DISTANCES * Math.max(distance, pitch, rowPitch);
  const span = (at: number, step: number, count: number): readonly [number, number] => [
    Math.max(0, Math.ceil((at - reach) / step)),
    Math.min(count - 1, Math.floor((at + reach) / step)),
  ];
  const [firstRow, lastRow] = span(y, rowPitch, rows);
  const [first, last] = span(x, pitch, leds);
  let sum = 0;
  for (let row = firstRow; row <= lastRow; row += 1)
    for (let led = first; led <= last; led += 1) {
      const squared = distance ** 2 + (x - led * pitch) ** 2 + (y - row * rowPitch) ** 2;
      sum += distance ** (power + 1) / squared ** ((power + 3) / 2);
    }
  return sum;
}

/** Hot spots over a plate in its middle, the distance at which they are gone, and the foam that does it instead. One row alone is read as a row. */
export function readPlateGlow(plate: GlowPlate, evenPercent = EVEN_PERCENT): Glow | { readonly refusal: GlowRefusal } {
  if (plate.rows < 2) return readGlow(plate, evenPercent);
  if (!(plate.leds >= 1 && plate.pitch > 0 && plate.rowPitch > 0)) return { refusal: 'noLeds' };
  if (!(plate.distance > 0)) return { refusal: 'noDistance' };
  if (!(plate.beam > 0 && plate.beam <= 170)) return { refusal: 'noBeam' };
  const ripplePercent = rippleOver(plate);
  return { ripplePercent, distanceForEven: distanceFor(plate, evenPercent), sheetsForEven: sheetsFor(plate, ripplePercent, evenPercent) };
}

/** Over a grid the brightest place is a LED, the darkest the middle between four or between two: nothing else is looked at. */
function rippleOver(plate: GlowPlate): number {
  const { pitch, rowPitch, leds, rows } = plate;
  const x = Math.floor((leds - 1) / 2) * pitch;
  const y = Math.floor((rows - 1) / 2) * rowPitch;
  const across = rows > 1 ? rowPitch / 2 : 0;
  const along = leds > 1 ? pitch / 2 : 0;
  const seen = [
    [0, 0],
    [along, 0],
    [0, across],
    [along, across],
  ].map(([dx = 0, dy = 0]) => illuminanceOver(x + dx, y + dy, plate));
  const [least, most] = [Math.min(...seen), Math.max(...seen)];
  return ((most - least) / (most + least)) * 100;
}

function distanceFor(plate: GlowPlate, evenPercent: number): number {
  const widest = Math.max(plate.pitch, plate.rowPitch);
  let [low, high] = [widest * 1e-3, widest];
  // A plate of few LEDs is never even over its own middle: it ends where its light is that of one spot.
  while (rippleOver({ ...plate, distance: high }) > evenPercent && high < widest * 100) high *= 2;
  for (let step = 0; step < 30; step += 1) {
    const middle = (low + high) / 2;
    if (rippleOver({ ...plate, distance: middle }) > evenPercent) low = middle;
    else high = middle;
  }
  return high;
}

/** What foam leaves of the differences over a plate: the wider of its two pitches is blurred least, and is taken for both. */
export function plateDamping(sheets: number, { pitch, rowPitch, rows }: Pick<GlowPlate, 'pitch' | 'rowPitch' | 'rows'>): number {
  return foamDamping(sheets, rows > 1 ? Math.max(pitch, rowPitch) : pitch);
}

function sheetsFor(plate: GlowPlate, ripplePercent: number, evenPercent: number): number | null {
  for (let sheets = 0; sheets <= MOST_SHEETS; sheets += 1) if (ripplePercent * plateDamping(sheets, plate) <= evenPercent) return sheets;
  return null;
}

/** A computed picture of the glow over a plate, line by line across its rows: 1 where it is brightest without foam. */
export function glowOver(plate: GlowPlate, columns: number, lines: number, sheets = 0): readonly (readonly number[])[] {
  const [length, height] = [(plate.leds - 1) * plate.pitch, (plate.rows - 1) * plate.rowPitch];
  const share = (at: number, of: number): number => at / Math.max(1, of - 1);
  const picture = Array.from({ length: lines }, (_, line) =>
    Array.from({ length: columns }, (__, column) => illuminanceOver(share(column, columns) * length, share(line, lines) * height, plate)),
  );
  const all = picture.flat();
  const most = Math.max(...all);
  const mean = all.reduce((sum, value) => sum + value, 0) / all.length;
  const damping = plateDamping(sheets, plate);
  return picture.map((values) => values.map((value) => (mean + (value - mean) * damping) / most));
}

/** Transmission of sheets of foam, 0–1. */
export function foamTransmission(sheets: number): number {
  return FOAM.transmission ** sheets;
}
