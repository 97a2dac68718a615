import type { PlaceFields } from '../field/weatherFields';

/** How a broken deposit takes hold: shares of the places that are taken at amount 1, by what the surface is like there. */
export interface Grip {
  /** everywhere */
  readonly everywhere?: number;
  /** where it stands out: between two values of convexity, and how much */
  readonly edge?: readonly [from: number, to: number, share: number];
  /** where it stands out or lies in a corner */
  readonly relief?: readonly [from: number, to: number, share: number];
  /** by how covered it is */
  readonly covered?: number;
  /** near where it is handled */
  readonly handled?: number;
  /** on the way of what runs off */
  readonly wet?: number;
  /** on faces that look up */
  readonly top?: number;
  /** under what shelters from rain, on faces that look down */
  readonly sheltered?: number;
  /** only upright faces, more where rain arrives */
  readonly isRunningDown?: boolean;
  /** how much recesses are spared, 0 … 1 */
  readonly sparesRecess?: number;
}

/** The form in which something lies on a surface. */
export type Carrier =
  /** a thin colour that gathers in recesses and is wiped off what stands out */
  | { readonly kind: 'pool'; readonly everywhere: number; readonly covered: number; readonly corner: number }
  /** marks: places whose noise lies under how well it takes hold there */
  | {
      readonly kind: 'marks';
      readonly grip: Grip;
      /** coats where it lies; 30 hides for certain */
      readonly filmCoats: number;
      /** breadth of the soft rim of a mark in noise, 0: sharp */
      readonly rim: number;
      readonly pattern: 'cloud' | 'sizes' | 'runs' | 'drops' | 'lines';
    }
  /** a veil that thins out by degrees */
  | {
      readonly kind: 'veil';
      readonly filmCoats: number;
      readonly from: 'above' | 'below' | 'handled' | 'everywhere';
      readonly shelter: number;
    };

/** A smooth step from 0 at `from` to 1 at `to`. */
export function smoothStep(from: number, to: number, value: number): number {
  const share = Math.min(1, Math.max(0, (value - from) / (to - from)));
  return share * share * (3 - 2 * share);
}

/** What changes a deposit. */
export interface DepositSetting {
  /** how much, 0 … 1 */
  readonly amount: number;
  /** how far a wash is wiped, 0 … 1 */
  readonly wiped: number;
}

/** Way over which a hand's grip fades, mm² under the exponential (guessed: about three fingers). */
const HANDLED_SQUARE = 800;
/** How hard a wipe takes off what lies open. */
const WIPE = 6;

/**
 * Film in coats at each place. Pure: the same fields, noise and setting give the same film.
 *
 * @param noise a share of 0 … 1 for each point, even over the surface
 * @param out written into; length of the points
 */
export function writeFilm(carrier: Carrier, fields: PlaceFields, noise: Float32Array, setting: DepositSetting, out: Float32Array): void {
  const { amount, wiped } = setting;
  const { covered, convexity, facing, rain } = fields;
  const count = out.length;
  if (!(amount > 0)) {
    out.fill(0);
    return;
  }
  switch (carrier.kind) {
    case 'pool':
      for (let point = 0; point < count; point += 1) {
        const c = covered[point] as number;
        const k = convexity[point] as number;
        const pool = carrier.everywhere + carrier.covered * c * Math.sqrt(c) + carrier.corner * Math.max(0, -k);
        const open = (1 - c) * (1 - c) * (1 + 2 * Math.max(0, k)) * (1 - Math.min(1, 3 * Math.max(0, -k)));
        out[point] = amount * pool * Math.exp(-WIPE * wiped * open) * (0.7 + 0.6 * (noise[point] as number));
      }
      return;
    case 'marks': {
      const hold = gripOf(carrier.grip, fields);
      const { filmCoats, rim } = carrier;
      for (let point = 0; point < count; point += 1) {
        const share = Math.min(1, amount * hold(point));
        const n = noise[point] as number;
        if (!(share > 0)) out[point] = 0;
        else if (rim === 0) out[point] = n < share ? filmCoats : 0;
        else out[point] = filmCoats * smoothStep(0, rim, share * (1 + rim / 2) - n);
      }
      return;
    }
    case 'veil':
      for (let point = 0; point < count; point += 1) {
        const c = covered[point] as number;
        const up = facing[point] as number;
        const sheltered = 1 - carrier.shelter + carrier.shelter * (carrier.from === 'below' ? 1 - (rain[point] as number) : c);
        let reach = 1;
        if (carrier.from === 'above') reach = up > 0 ? up * Math.sqrt(up) : 0;
        else if (carrier.from === 'below') reach = Math.max(0, Math.min(1, 0.5 - up));
        else if (carrier.from === 'handled') reach = handledShare(fields.handled[point] as number);
        out[point] = carrier.filmCoats * amount * reach * sheltered * (0.8 + 0.4 * (noise[point] as number));
      }
  }
}

/** The most coats a carrier can leave. */
export function mostCoats(carrier: Carrier): number {
  if (carrier.kind === 'pool') return (carrier.everywhere + carrier.covered + carrier.corner) * 1.3;
  return carrier.kind === 'veil' ? carrier.filmCoats * 1.2 : carrier.filmCoats;
}

/** How much of a hand's grip reaches a place so far along the surface, 0 … 1. */
export function handledShare(wayMillimetres: number): number {
  return Number.isFinite(wayMillimetres) ? Math.exp((-wayMillimetres * wayMillimetres) / HANDLED_SQUARE) : 0;
}

/** Share of places that a broken deposit takes at amount 1. */
function gripOf(grip: Grip, fields: PlaceFields): (point: number) => number {
  const { covered, convexity, facing, rain, handled, wet } = fields;
  return (point) => {
    const c = covered[point] as number;
    const k = convexity[point] as number;
    let share = grip.everywhere ?? 0;
    if (grip.edge) share += grip.edge[2] * smoothStep(grip.edge[0], grip.edge[1], k);
    if (grip.relief) share += grip.relief[2] * smoothStep(grip.relief[0], grip.relief[1], Math.abs(k));
    if (grip.covered) share += grip.covered * c;
    if (grip.handled) share += grip.handled * handledShare(handled[point] as number);
    if (grip.wet) share += grip.wet * (wet[point] as number);
    if (grip.top) share += grip.top * Math.max(0, facing[point] as number);
    if (grip.sheltered) share += grip.sheltered * (1 - (rain[point] as number)) * Math.max(0, Math.min(1, 0.5 - (facing[point] as number)));
    if (grip.isRunningDown) {
      const upright = 1 - Math.abs(facing[point] as number);
      share *= smoothStep(0.1, 0.6, upright) * (0.3 + 0.7 * (rain[point] as number));
    }
    if (grip.sparesRecess) share *= 1 - grip.sparesRecess * Math.min(1, 2 * c);
    return Math.min(1, share);
  };
}
