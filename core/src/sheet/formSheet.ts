import type { FacetGeometry } from '../surface/mesh/facetGeometry';

/** What a sheet is drawn over, mm. */
export interface Buck {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
  /** skin of the formed piece within its outline, mm² */
  readonly drawnSquareMillimetres: number;
  /** outline as seen from above, mm² */
  readonly outlineSquareMillimetres: number;
}

/** What forming comes to. */
export interface FormedSheet {
  /** sides of the sheet to cut, mm */
  readonly sheet: readonly [number, number];
  /** formed skin over the outline it was drawn from */
  readonly areaRatio: number;
  /** thickness left where all of the draw is even, mm */
  readonly thinnest: number;
  /** thickness left in the corners that are touched last, mm (guess) */
  readonly corners: number;
  /** so thin that it will tear or dent: draw less, or take a thicker sheet */
  readonly isWeak: boolean;
  /** tries to plan for */
  readonly tries: number;
}

/** Room for the frame on each side, mm, and for the draw as a share of the height (common practice, figures guessed). */
const FRAME = 25;
const DRAW_SHARE = 0.5;
/** A corner that is touched last is left with this share of the even thickness (guess). */
export const CORNER_SHARE = 0.6;
/** Below this share of the sheet a piece is weak: draw less, or a thicker sheet (guess). */
const WEAK_SHARE = 0.35;

/** A buck that is a box; open below. */
export function boxBuck(width: number, depth: number, height: number): Buck {
  const outline = width * depth;
  return { width, depth, height, outlineSquareMillimetres: outline, drawnSquareMillimetres: outline + 2 * height * (width + depth) };
}

/** What faces sideways or up by more than this is drawn over; what faces down stands on the table, or is bridged. */
const SIDEWAYS = -0.05;

/** A buck by its mesh, standing with z up: what can be seen from above and from the sides is drawn over. */
export function meshBuck({ boundingBox, areas, normals }: Pick<FacetGeometry, 'boundingBox' | 'areas' | 'normals'>): Buck {
  const side = (axis: 0 | 1 | 2): number => boundingBox.max[axis] - boundingBox.min[axis];
  let [drawn, outline] = [0, 0];
  for (const [facet, area] of areas.entries()) {
    const up = normals[facet * 3 + 2] as number;
    if (up <= SIDEWAYS) continue;
    drawn += area;
    outline += area * Math.max(0, up);
  }
  return { width: side(0), depth: side(1), height: side(2), drawnSquareMillimetres: drawn, outlineSquareMillimetres: outline };
}

/**
 * Sheet, stretch and what is left of a sheet's thickness: its volume stays, so it thins as its area grows.
 *
 * @throws RangeError for a buck without an outline, or a sheet without a thickness
 */
export function formSheet(buck: Buck, thicknessMillimetres: number): FormedSheet {
  const { width, depth, height, drawnSquareMillimetres, outlineSquareMillimetres } = buck;
  if (!(outlineSquareMillimetres > 0 && drawnSquareMillimetres > 0))
    throw new RangeError('the buck has nothing a sheet could be drawn over');
  if (!(thicknessMillimetres > 0)) throw new RangeError('the sheet has no thickness');
  const areaRatio = Math.max(1, drawnSquareMillimetres / outlineSquareMillimetres);
  const thinnest = thicknessMillimetres / areaRatio;
  const room = 2 * (FRAME + DRAW_SHARE * height);
  return {
    sheet: [Math.ceil(width + room), Math.ceil(depth + room)],
    areaRatio,
    thinnest,
    corners: thinnest * CORNER_SHARE,
    isWeak: thinnest < WEAK_SHARE * thicknessMillimetres,
    // The first sheet shows where it webs; deep draws take more (common practice).
    tries: areaRatio > 2.5 ? 4 : areaRatio > 1.6 ? 3 : 2,
  };
}

/** Sides in mm to build a buck with: a little larger than the part, since the sheet shrinks as it cools. */
export function buckBeforeShrink({ width, depth, height }: Buck, shrinkPercent: number): readonly [number, number, number] {
  const share = 1 - shrinkPercent / 100;
  return [width / share, depth / share, height / share];
}

/** Sheets and the window they are formed in, °C of the sheet, and what they shrink by, per cent (common practice; the maker's sheet wins). */
export const SHEETS = [
  { id: 'petg', name: 'PETG', fromCelsius: 120, toCelsius: 160, shrinkPercent: 0.5 },
  { id: 'styrene', name: 'polystyrene', fromCelsius: 130, toCelsius: 180, shrinkPercent: 0.6 },
  { id: 'acrylic', name: 'acrylic', fromCelsius: 150, toCelsius: 175, shrinkPercent: 0.6 },
  { id: 'polycarbonate', name: 'polycarbonate, dried before', fromCelsius: 175, toCelsius: 205, shrinkPercent: 0.7 },
] as const;
