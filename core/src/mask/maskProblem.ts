/** A region of one colour on a part, or on a group that is joined before paint. */
export interface MaskRegion {
  readonly id: string;
  readonly name: string;
  /** the part it lies on; regions of several parts are a group */
  readonly partId: string;
  readonly areaSquareCentimetres: number;
  /** coats over what lies under it anyway: base or primer */
  readonly coats: number;
  /** minutes of hands for one coat, with setting up */
  readonly coatMinutes: number;
  /** minutes from one coat to the next */
  readonly recoatMinutes: number;
  /** minutes after its last coat until tape may lie on it */
  readonly tapeMinutes: number;
  /** it lies under all others as well, as metal under an enamel band */
  readonly isBase: boolean;
  /** chips are to show that region's film: masking rubber goes on between the two */
  readonly chipsShowId: string | null;
}

/** Where two regions meet. */
export interface MaskBorder {
  readonly firstId: string;
  readonly secondId: string;
  readonly lengthMillimetres: number;
  readonly form: 'straight' | 'curved';
  /** tape finds its way along a panel line; free borders are drawn first */
  readonly place: 'panelLine' | 'free';
}

/** How edges are sealed, and when tape is pulled. */
export interface MaskSchool {
  readonly seal: 'under' | 'clear' | 'none';
  /** off the wet film, or once it is dry */
  readonly pull: 'wet' | 'dry';
}

/** Everything an order is searched for. */
export interface MaskProblem {
  readonly regions: readonly MaskRegion[];
  readonly borders: readonly MaskBorder[];
  readonly school: MaskSchool;
  /** coats of one region to its full colour over another's, 0 where they are alike; null: more than anyone lays */
  readonly coatsOver: (overId: string, underId: string) => number | null;
}

/** Most regions: all orders of so many are still told in a moment. */
export const MOST_REGIONS = 12;

/** Tape along a border, minutes per 100 mm; curves and free edges take longer (all guessed). */
export const TAPE_MINUTES = 3;
export const CURVED = 1.8;
export const FREE = 1.4;
/** Covering what is not to be sprayed, minutes per 100 cm² (guessed). */
export const COVER_MINUTES = 1;
/** Sealing an edge: minutes of hands, and until the colour may follow (10 min, common practice). */
export const SEAL_HANDS = 4;
export const SEAL_WAIT = 10;
/** Minutes a border risks: paint that creeps under is touched up by hand, per 100 mm (guessed); a sealed edge risks a quarter. */
export const BLEED_MINUTES = 2;
export const SEALED_RISK = 0.25;
/** Tape on a film risks lifting it each time, minutes per 100 cm² (guessed). */
export const LIFT_MINUTES = 0.3;
/** A minute of waiting is worth that many of hands: other work goes on meanwhile (guessed). */
export const WAIT_WORTH = 0.03;
/** A colour that does not hide another at all, in coats. */
export const HOPELESS_COATS = 12;

/**
 * Refuses what is no problem.
 *
 * @throws RangeError for no region, more than 12, borders to nowhere, or two bases
 */
export function requireMaskProblem({ regions, borders }: MaskProblem): void {
  if (regions.length === 0 || regions.length > MOST_REGIONS) throw new RangeError(`an order needs 1 to ${MOST_REGIONS} regions`);
  const ids = new Set(regions.map((region) => region.id));
  if (ids.size !== regions.length) throw new RangeError('two regions have one id');
  for (const { firstId, secondId, lengthMillimetres } of borders) {
    if (!ids.has(firstId) || !ids.has(secondId) || firstId === secondId) throw new RangeError('a border needs two regions that are there');
    if (!(lengthMillimetres >= 0)) throw new RangeError('a border cannot be shorter than nothing');
  }
  for (const part of new Set(regions.map((region) => region.partId)))
    if (regions.filter((region) => region.isBase && region.partId === part).length > 1)
      throw new RangeError('one part can have one base only');
  for (const region of regions)
    if (region.chipsShowId !== null && (!ids.has(region.chipsShowId) || region.chipsShowId === region.id))
      throw new RangeError('chips must show another region that is there');
}
