import type { Lab } from '../../core/src/colour/lab';
import { averageArea } from '../../core/src/colour/picture/averageArea';
import { mixLab, paintOf } from '../../core/src/colour/paint';
import { searchRecipes, shelveRecipes } from '../../core/src/colour/recipe/searchRecipes';
import { everyMix, leastDifference } from '../../core/src/colour/testing/exhaustiveRecipes';
import { findMaskOrder } from '../../core/src/mask/maskOrder';
import { seededRandom } from '../../core/src/random/seededRandom';
import { medianMs } from './measure';

const LIMITS = { paints: 4, parts: 24 } as const;
const TIMED = 80;
const COMPARED = 150;
/** Paints of the exhaustive comparison: 6.5 million mixes; with 24 it would be 117 million. */
const EXHAUSTED = 12;

/** Invented paints: white, black, then colours as paints have them, from pale to deep and muted to strong. */
export function inventPaints(count: number) {
  const random = seededRandom(41);
  return Array.from({ length: count }, (_, at) => {
    const round = random() * 2 * Math.PI;
    const chroma = 8 + 55 * random();
    const lab: Lab =
      at === 0 ? [95, 0, 2] : at === 1 ? [17, 0, 0] : [22 + 60 * random(), chroma * Math.cos(round), chroma * Math.sin(round)];
    return paintOf(`p${at}`, lab, at === 0 ? 1 : 0.4 + 2 * random());
  });
}

/** Targets: mixes of three paints the shelf does not have, and muted colours at random. */
export function inventTargets(count: number): Lab[] {
  const random = seededRandom(97);
  const hidden = inventPaints(60).slice(40);
  return Array.from({ length: count }, (_, at): Lab => {
    if (at % 2 === 1) return [20 + 65 * random(), 40 * random() - 20, 40 * random() - 20];
    const pick = () => hidden[Math.floor(random() * hidden.length)] as (typeof hidden)[number];
    return mixLab([
      { paint: pick(), parts: 1 + 5 * random() },
      { paint: pick(), parts: 1 + 5 * random() },
      { paint: pick(), parts: 3 * random() },
    ]);
  });
}

/** Recipe search in time and against exhaustive search, a large picture sampled, masks ordered. */
export function benchColour(tell: (what: string, ms: number, goal: string) => void): void {
  const paints = inventPaints(40);
  const targets = inventTargets(COMPARED);
  for (const [count, goal] of [
    [24, 150],
    [40, 400],
  ] as const) {
    const own = paints.slice(0, count);
    tell(
      `table of small recipes of ${count} paints, once a shelf`,
      medianMs(() => shelveRecipes(own), 1),
      '',
    );
    const shelf = shelveRecipes(own);
    const times = targets.slice(0, TIMED).map((target) => {
      const start = performance.now();
      searchRecipes(shelf, target, LIMITS);
      return performance.now() - start;
    });
    times.sort((a, b) => a - b);
    tell(`recipe of ${count} paints, 4 in 24 parts, median`, times[TIMED / 2] ?? Number.NaN, '');
    tell(`recipe of ${count} paints, 4 in 24 parts, 95 %`, times[Math.floor(TIMED * 0.95)] ?? Number.NaN, `wanted under ${goal} ms`);
  }
  const few = paints.slice(0, EXHAUSTED);
  const shelf = shelveRecipes(few);
  const start = performance.now();
  const all = everyMix(few, LIMITS.paints, LIMITS.parts);
  tell(`every mix of ${EXHAUSTED} paints: ${all.length / 3}`, performance.now() - start, '');
  const found = targets.map((target) => ({
    best: leastDifference(all, target),
    found: searchRecipes(shelf, target, LIMITS)[0]?.difference ?? Infinity,
  }));
  const gaps = (entries: typeof found): string => {
    const sorted = entries.map((entry) => entry.found - entry.best).sort((a, b) => a - b);
    const within = sorted.filter((gap) => gap <= 0.05).length;
    return `${within} of ${sorted.length} within 0.05, worst ${(sorted.at(-1) ?? 0).toFixed(3)}`;
  };
  console.log(
    `recipes against every mix, ${found.length} targets: ${gaps(found)}; in reach (ΔE < 1): ${gaps(found.filter((entry) => entry.best < 1))}   wanted 97 % within 0.05, none over 0.25`,
  );
  const random = seededRandom(3);
  const [width, height] = [4000, 3000];
  const data = new Uint8ClampedArray(width * height * 4).map(() => random() * 255);
  tell(
    'a quarter of a 12-megapixel picture averaged',
    medianMs(() => averageArea({ data, width, height }, { x: 0.2, y: 0.2, width: 0.5, height: 0.5 }), 5),
    '',
  );
  const regions = Array.from({ length: 10 }, (_, at) => ({
    id: `r${at}`,
    name: `r${at}`,
    partId: 'part',
    areaSquareCentimetres: 300 * random(),
    coats: 2,
    coatMinutes: 5,
    recoatMinutes: 10,
    tapeMinutes: 1500 * random(),
    isBase: at === 0,
    chipsShowId: null,
  }));
  const borders = regions.flatMap((one, at) =>
    regions.slice(at + 1).map((other) => ({
      firstId: one.id,
      secondId: other.id,
      lengthMillimetres: 400 * random(),
      form: 'curved' as const,
      place: 'free' as const,
    })),
  );
  tell(
    'the best of all orders of 10 regions, all meeting',
    medianMs(() => findMaskOrder({ regions, borders, school: { seal: 'under', pull: 'wet' }, coatsOver: () => 3 }), 5),
    'wanted under 100 ms',
  );
}
