import type { Lab } from '../lab';
import { difference } from '../lab';

/** A sample of one colour, from a picture or a reader. */
export interface ColourSample {
  readonly id: string;
  readonly lab: Lab;
  /** the finisher left it out */
  readonly isLeftOut: boolean;
  /** clipped, dark, without a neutral: counts only where there is nothing better */
  readonly isDoubtful: boolean;
}

/** What samples of one colour say together. */
export interface Agreement {
  readonly middle: Lab;
  /** how far the samples that count lie from the middle, ΔE00: root of the mean square */
  readonly spread: number;
  /** greatest difference between any two that were not left out by hand */
  readonly disagreement: number;
  readonly samples: readonly {
    readonly id: string;
    readonly toMiddle: number;
    readonly use: 'used' | 'outlier' | 'doubtful' | 'leftOut';
  }[];
}

/** A sample further from the others' middle than this, and than so many usual distances, is an outlier (ΔE00; guessed). */
const LEAST_OUTLIER = 3.5;
const FAR = 2.5;
const TURNS = 60;

/**
 * One colour from several samples: the point with the least sum of distances (geometric median), outliers named, the mean of the rest. Two samples
 * that disagree cannot say which of them is wrong.
 *
 * @returns null for no sample that may count
 */
export function agreeSamples(samples: readonly ColourSample[]): Agreement | null {
  const offered = samples.filter((sample) => !sample.isLeftOut);
  const sound = offered.filter((sample) => !sample.isDoubtful);
  const counted = sound.length > 0 ? sound : offered;
  if (counted.length === 0) return null;
  const centre = geometricMedian(counted.map((sample) => sample.lab));
  const away = counted.map((sample) => difference(sample.lab, centre));
  const usual = away.toSorted((a, b) => a - b)[Math.floor((away.length - 1) / 2)] ?? 0;
  const bar = Math.max(LEAST_OUTLIER, FAR * usual);
  const used = counted.length < 3 ? counted : counted.filter((_, at) => (away[at] ?? 0) <= bar);
  const middle = meanLab(used.map((sample) => sample.lab));
  const spread = Math.sqrt(used.reduce((sum, sample) => sum + difference(sample.lab, middle) ** 2, 0) / used.length);
  return {
    middle,
    spread,
    disagreement: offered.reduce(
      (most, one, at) => offered.slice(at + 1).reduce((held, other) => Math.max(held, difference(one.lab, other.lab)), most),
      0,
    ),
    samples: samples.map((sample) => ({
      id: sample.id,
      toMiddle: difference(sample.lab, middle),
      use: sample.isLeftOut ? 'leftOut' : used.includes(sample) ? 'used' : counted.includes(sample) ? 'outlier' : 'doubtful',
    })),
  };
}

/** Mean of readings of one swatch, and how surely it is known: spread over √n, ΔE00. */
export function averageReadings(readings: readonly Lab[]): { readonly lab: Lab; readonly spread: number; readonly error: number } | null {
  if (readings.length === 0) return null;
  const lab = meanLab(readings);
  const spread = Math.sqrt(readings.reduce((sum, reading) => sum + difference(reading, lab) ** 2, 0) / Math.max(1, readings.length - 1));
  return { lab, spread, error: spread / Math.sqrt(readings.length) };
}

/** Weiszfeld's turns, kept off the samples themselves. */
function geometricMedian(points: readonly Lab[]): Lab {
  let here = meanLab(points);
  for (let turn = 0; turn < TURNS; turn += 1) {
    let weight = 0;
    const sum: [number, number, number] = [0, 0, 0];
    for (const point of points) {
      const away = Math.max(1e-3, Math.hypot(point[0] - here[0], point[1] - here[1], point[2] - here[2]));
      weight += 1 / away;
      sum[0] += point[0] / away;
      sum[1] += point[1] / away;
      sum[2] += point[2] / away;
    }
    here = [sum[0] / weight, sum[1] / weight, sum[2] / weight];
  }
  return here;
}

function meanLab(points: readonly Lab[]): Lab {
  const mean = (axis: 0 | 1 | 2): number => points.reduce((sum, point) => sum + point[axis], 0) / points.length;
  return [mean(0), mean(1), mean(2)];
}
