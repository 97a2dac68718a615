/** What switch, connector and fuse have to bear. */
export interface LightRatings {
  /** A; null: no fuse of the series is small enough to guard this wire, or large enough for the load */
  readonly fuseAmps: number | null;
  /** least rating of switch and connector at direct current, A */
  readonly contactAmps: number;
}

/** Rated currents of miniature fuses, A (IEC 60127, series R10; from memory). */
export const FUSES = [
  0.05, 0.063, 0.08, 0.1, 0.125, 0.16, 0.2, 0.25, 0.315, 0.4, 0.5, 0.63, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5, 6.3, 8, 10,
] as const;
/** A fuse lies this much above what is drawn, so that it holds warm; contacts this much (common practice, figures guessed). */
export const FUSE_MARGIN = 1.25;
export const CONTACT_MARGIN = 1.5;

/**
 * The fuse for a load, the next of its series, and what contacts must bear. It guards the wire: where the wire bears less than the fuse, there is none.
 *
 * @param amps at full light
 * @param wireAmps what the thinnest wire bears
 * @throws RangeError for currents below nothing
 */
export function lightRatings(amps: number, wireAmps: number): LightRatings {
  if (!(amps >= 0 && wireAmps >= 0)) throw new RangeError('currents are not below nothing');
  const fuse = FUSES.find((rated) => rated >= amps * FUSE_MARGIN) ?? null;
  return { fuseAmps: fuse !== null && fuse <= wireAmps ? fuse : null, contactAmps: Math.ceil(amps * CONTACT_MARGIN * 10 - 1e-9) / 10 };
}
