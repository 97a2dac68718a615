/** A disc magnet in a part. */
export interface DiscMagnet {
  readonly id: string;
  /** pole that faces its twin */
  readonly pole: 'N' | 'S';
  readonly diameter: number;
  readonly thickness: number;
}

/** Two magnets that meet when the parts are put together. */
export interface MagnetPair {
  readonly a: string;
  readonly b: string;
  /** paint, plastic and air between them, mm */
  readonly gap: number;
}

/** A pair looked through. */
export interface PairReading extends MagnetPair {
  /** it pushes apart: one of them is in the wrong way round */
  readonly repels: boolean;
  /** N; below nothing where it repels */
  readonly pullNewtons: number;
}

/** All pairs of a joint. */
export interface MagnetReading {
  readonly pairs: readonly PairReading[];
  readonly pullNewtons: number;
  /** pull that is wanted: weight times margin */
  readonly wantedNewtons: number;
  readonly holds: boolean;
  /** magnets that are in no pair */
  readonly alone: readonly string[];
}

/** Remanence of the usual sintered grade N42, T (common practice). */
export const REMANENCE = 1.3;
const MU_0 = 4e-7 * Math.PI;
const GRAVITY = 9.81;
/** Pull against weight: a knock or a swung arm is several times the weight (guess). */
export const USUAL_MARGIN = 4;

/**
 * Field on a disc's axis, T (closed form of an axially magnetised cylinder).
 *
 * @param away from its face, mm
 */
export function axisField({ diameter, thickness }: Pick<DiscMagnet, 'diameter' | 'thickness'>, away: number): number {
  const radius = diameter / 2;
  return (REMANENCE / 2) * ((away + thickness) / Math.hypot(radius, away + thickness) - away / Math.hypot(radius, away));
}

/**
 * Pull between two discs face to face: Maxwell's stress on the plane midway, with both fields added on it and the smaller face for its area. An estimate,
 * a few tens of per cent; the maker's pull table wins.
 */
export function pullOf(a: DiscMagnet, b: DiscMagnet, gap: number): number {
  const field = axisField(a, gap / 2) + axisField(b, gap / 2);
  const metres = Math.min(a.diameter, b.diameter) / 1000;
  return ((field * field) / (2 * MU_0)) * (Math.PI / 4) * metres * metres;
}

/**
 * Looks the magnets of a joint through: which pairs push apart, and whether the rest holds the weight.
 *
 * @throws RangeError for a magnet without size, a gap below nothing, or a pair that names none
 */
export function readMagnets(
  magnets: readonly DiscMagnet[],
  pairs: readonly MagnetPair[],
  weightGrams: number,
  margin = USUAL_MARGIN,
): MagnetReading {
  const byId = new Map(magnets.map((magnet) => [magnet.id, magnet]));
  for (const { id, diameter, thickness } of magnets) if (!(diameter > 0 && thickness > 0)) throw new RangeError(`magnet ${id} has no size`);
  const read = pairs.map((pair): PairReading => {
    const [a, b] = [byId.get(pair.a), byId.get(pair.b)];
    if (!a || !b) throw new RangeError(`a pair names a magnet that is not there: ${a ? pair.b : pair.a}`);
    if (!(pair.gap >= 0)) throw new RangeError('a gap is not below nothing');
    const repels = a.pole === b.pole;
    return { ...pair, repels, pullNewtons: (repels ? -1 : 1) * pullOf(a, b, pair.gap) };
  });
  const pullNewtons = read.reduce((sum, pair) => sum + pair.pullNewtons, 0);
  const wantedNewtons = (weightGrams / 1000) * GRAVITY * margin;
  const met = new Set(pairs.flatMap(({ a, b }) => [a, b]));
  return {
    pairs: read,
    pullNewtons,
    wantedNewtons,
    holds: pullNewtons >= wantedNewtons,
    alone: magnets.map(({ id }) => id).filter((id) => !met.has(id)),
  };
}
