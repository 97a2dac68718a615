/** An abrasive paper with the mean size of its grains. */
export interface Grit {
  readonly name: string;
  readonly grainMicrometres: number;
}

/** FEPA P series, mean grain sizes (ISO 6344; from memory). Coarse to fine. */
export const GRITS: readonly Grit[] = (
  [
    ['P40', 425],
    ['P60', 269],
    ['P80', 201],
    ['P100', 162],
    ['P120', 125],
    ['P150', 100],
    ['P180', 82],
    ['P220', 68],
    ['P240', 58.5],
    ['P280', 52.2],
    ['P320', 46.2],
    ['P360', 40.5],
    ['P400', 35],
    ['P500', 30.2],
    ['P600', 25.8],
    ['P800', 21.8],
    ['P1000', 18.3],
    ['P1200', 15.3],
    ['P1500', 12.6],
    ['P2000', 10.3],
    ['P2500', 8.4],
  ] as const
).map(([name, grainMicrometres]) => ({ name, grainMicrometres }));

/** Depth of a scratch as a share of the grain, on plastic: a fifth to a quarter (common practice). */
const SCRATCH_SHARE = 0.225;

/** How deep a grit's scratches are on plastic, µm. */
export function scratchMicrometres({ grainMicrometres }: Grit): number {
  return grainMicrometres * SCRATCH_SHARE;
}

/**
 * The grit of a name, with or without its P.
 *
 * @throws RangeError for one that is not in the table
 */
export function findGrit(name: string): Grit {
  const wanted = name.trim().toUpperCase().replace(/^P?/u, 'P');
  const found = GRITS.find((grit) => grit.name === wanted);
  if (!found) throw new RangeError(`unknown grit: ${name}`);
  return found;
}
