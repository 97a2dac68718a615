import type { MaskBorder, MaskProblem, MaskRegion } from './maskProblem';
import {
  BLEED_MINUTES,
  COVER_MINUTES,
  CURVED,
  FREE,
  HOPELESS_COATS,
  LIFT_MINUTES,
  SEAL_HANDS,
  SEAL_WAIT,
  SEALED_RISK,
  TAPE_MINUTES,
  WAIT_WORTH,
} from './maskProblem';

/** One region's turn in an order. */
export interface MaskStep {
  readonly regionId: string;
  /** borders that are taped, on the film of the region that is already there */
  readonly tapes: readonly { readonly onId: string; readonly lengthMillimetres: number }[];
  /** regions that are covered so that no mist lands on them */
  readonly coverIds: readonly string[];
  /** until the film under the tape bears it */
  readonly waitMinutes: number;
  /** coats, with those that are needed to hide mist of a neighbour */
  readonly coats: number;
  readonly extraCoats: number;
  /** the neighbour whose mist it has to hide */
  readonly hidesId: string | null;
  /** masking rubber goes on first, so that this region's film shows in the chips */
  readonly rubberShowsId: string | null;
  readonly maskMinutes: number;
  readonly sealMinutes: number;
  readonly coatMinutes: number;
  readonly riskMinutes: number;
}

/** What one step costs, in minutes of hands worth. */
export function stepCost(step: MaskStep): number {
  return step.maskMinutes + step.sealMinutes + step.coatMinutes + step.riskMinutes + WAIT_WORTH * step.waitMinutes;
}

/** Tables that are asked for every step of every order. */
export class MaskCosts {
  readonly count: number;
  private readonly between: (MaskBorder | null)[][];
  private readonly extra: number[][];

  constructor(private readonly problem: MaskProblem) {
    const { regions, borders, coatsOver } = problem;
    this.count = regions.length;
    const place = new Map(regions.map((region, at) => [region.id, at]));
    this.between = regions.map(() => regions.map(() => null));
    for (const border of borders) {
      const first = place.get(border.firstId) as number;
      const second = place.get(border.secondId) as number;
      const known = this.between[first]?.[second];
      // Two stretches of one border are one, as hard as its harder one.
      const sum: MaskBorder = known
        ? {
            ...border,
            lengthMillimetres: border.lengthMillimetres + known.lengthMillimetres,
            form: border.form === 'curved' || known.form === 'curved' ? 'curved' : 'straight',
            place: border.place === 'free' || known.place === 'free' ? 'free' : 'panelLine',
          }
        : border;
      (this.between[first] as (MaskBorder | null)[])[second] = sum;
      (this.between[second] as (MaskBorder | null)[])[first] = sum;
    }
    this.extra = regions.map((over, at) =>
      regions.map((under, other) => {
        if (!this.between[at]?.[other]) return 0;
        return Math.max(0, (coatsOver(over.id, under.id) ?? HOPELESS_COATS) - over.coats);
      }),
    );
  }

  /** Whether a region may be sprayed once those of `done` are: bases lie under, and what chips show is there. */
  mayFollow(done: number, next: number): boolean {
    const region = this.regionAt(next);
    return this.problem.regions.every((other, at) => {
      if (at === next || done & (1 << at)) return true;
      const isUnder = other.isBase && other.partId === region.partId && !region.isBase;
      return !isUnder && region.chipsShowId !== other.id;
    });
  }

  /**
   * The step of spraying `next` when the regions of `done` are, `last` of them the latest; −1: none is.
   *
   * @param done one bit a region
   */
  step(done: number, last: number, next: number): MaskStep {
    const region = this.regionAt(next);
    const { school } = this.problem;
    const tapes: { onId: string; lengthMillimetres: number }[] = [];
    const coverIds: string[] = [];
    let maskMinutes = 0;
    let riskMinutes = 0;
    let extraCoats = 0;
    let hidesId: string | null = null;
    for (let at = 0; at < this.count; at += 1) {
      if (!(done & (1 << at))) continue;
      const other = this.regionAt(at);
      // What a base has under a later region is meant to be painted over; the rest of it is covered as any other.
      coverIds.push(other.id);
      maskMinutes += (COVER_MINUTES * other.areaSquareCentimetres) / 100;
      riskMinutes += (LIFT_MINUTES * other.areaSquareCentimetres) / 100;
      const border = this.between[next]?.[at];
      if (!border) continue;
      const hundreds = border.lengthMillimetres / 100;
      const harder = (border.form === 'curved' ? CURVED : 1) * (border.place === 'free' ? FREE : 1);
      tapes.push({ onId: other.id, lengthMillimetres: border.lengthMillimetres });
      maskMinutes += TAPE_MINUTES * harder * hundreds;
      riskMinutes += BLEED_MINUTES * harder * hundreds * (school.seal === 'none' ? 1 : SEALED_RISK);
      // The neighbour's mist lay on this region while it was bare; a base lies under it anyway.
      const more = other.isBase && other.partId === region.partId ? 0 : (this.extra[next]?.[at] ?? 0);
      if (more > extraCoats) {
        extraCoats = more;
        hidesId = other.id;
      }
    }
    const isSealed = tapes.length > 0 && school.seal !== 'none';
    const coats = region.coats + extraCoats;
    const lastRegion = last < 0 ? null : this.regionAt(last);
    return {
      regionId: region.id,
      tapes,
      coverIds,
      waitMinutes: (lastRegion ? lastRegion.tapeMinutes : 0) + (isSealed ? SEAL_WAIT : 0) + Math.max(0, coats - 1) * region.recoatMinutes,
      coats,
      extraCoats,
      hidesId,
      rubberShowsId: region.chipsShowId,
      maskMinutes,
      sealMinutes: isSealed ? SEAL_HANDS : 0,
      coatMinutes: coats * region.coatMinutes,
      riskMinutes,
    };
  }

  private regionAt(at: number): MaskRegion {
    return this.problem.regions[at] as MaskRegion;
  }
}
