import type { AgeId } from '../../ladder/ages';
import { median } from '../../number/median';
import { differenceOfNumbers } from '../../colour/differenceOfNumbers';
import type { PlaceFields, WeatherZone } from '../field/weatherFields';
import { WEATHER_ZONES, zonesOf } from '../field/weatherFields';
import { SEEN_DIFFERENCE } from './pass';

/** How old a part looks, and where. */
export interface PartAge {
  /** 0 new … 100 */
  readonly age: number;
  /** mean unlikeness to the part's own colour in each zone, 0 … 1; zones of less than 2 % of the area are left out */
  readonly zones: Partial<Readonly<Record<WeatherZone, number>>>;
}

/** A zone smaller than this share of the area does not count. */
const LEAST_ZONE = 0.02;
/** ΔE00 that makes a place half as unlike as can be (guessed). */
const HALF_UNLIKE = 10;
/** Under so many points apart two parts look equally old (measured: different shapes with one recipe come out within 10). */
export const SAME_AGE = 10;

/**
 * Age as variety: each place is compared with the part's own median colour, `m = ΔE / (ΔE + 10)`, 0 where ΔE00 is under 2; age is
 * `100 · (mean over zones of √m)²`. So an unbroken coat is new whatever its colour, and one technique alone makes about half the age of a whole recipe.
 * Where more than half of a part is covered its median flips, and the age falls again. A region of another colour has a median of its own: two
 * colours of paint are no age.
 *
 * @param labs three numbers a place
 */
export function ageOfLabs(fields: PlaceFields, labs: Float32Array): PartAge {
  const colours = coloursOfRegions(fields.regions, labs);
  const zones = zonesOf(fields);
  const sums = new Float64Array(WEATHER_ZONES.length);
  const counts = new Float64Array(WEATHER_ZONES.length);
  for (let place = 0; place < fields.count; place += 1) {
    const zone = zones[place] as number;
    const [l, a, b] = colours[fields.regions[place] as number] ?? UNCOLOURED;
    const away = differenceOfNumbers(l, a, b, labs[place * 3] as number, labs[place * 3 + 1] as number, labs[place * 3 + 2] as number);
    counts[zone] = (counts[zone] as number) + 1;
    if (away >= SEEN_DIFFERENCE) sums[zone] = (sums[zone] as number) + away / (away + HALF_UNLIKE);
  }
  const known = WEATHER_ZONES.flatMap((zone, at) =>
    (counts[at] as number) >= LEAST_ZONE * fields.count ? [[zone, (sums[at] as number) / (counts[at] as number)] as const] : [],
  );
  const root = known.reduce((sum, [, unlike]) => sum + Math.sqrt(unlike), 0) / Math.max(1, known.length);
  return { age: 100 * root * root, zones: Object.fromEntries(known) };
}

const UNCOLOURED = [0, 0, 0] as const;

/** The middle colour of each region, coordinate by coordinate. */
function coloursOfRegions(regions: Uint8Array, labs: Float32Array): (readonly [number, number, number])[] {
  const counts: number[] = [];
  for (const region of regions) counts[region] = (counts[region] ?? 0) + 1;
  return Array.from(counts, (count = 0, region) => {
    const middle = (axis: number): number => {
      const own = new Float32Array(count);
      let at = 0;
      regions.forEach((other, place) => {
        if (other !== region) return;
        own[at] = labs[place * 3 + axis] as number;
        at += 1;
      });
      return median(own);
    };
    return count === 0 ? UNCOLOURED : ([middle(0), middle(1), middle(2)] as const);
  });
}

/** Under these figures a part still looks so (guessed; the whole recipe of a rendered crate came to 50). */
const LOOKS: readonly (readonly [below: number, age: AgeId])[] = [
  [5, 'new'],
  [22, 'inUse'],
  [36, 'worn'],
  [46, 'battered'],
];

/** The age that a figure of age looks like. */
export function looksLike(age: number): AgeId {
  return LOOKS.find(([below]) => age < below)?.[1] ?? 'ancient';
}
