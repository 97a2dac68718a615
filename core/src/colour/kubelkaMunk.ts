/** Absorption over scattering of a film so thick that nothing shines through: `(1 − R)² / 2R` (Kubelka and Munk 1931). */
export function ratioOfReflectance(reflectance: number): number {
  return (1 - reflectance) ** 2 / (2 * reflectance);
}

/** Reflectance of such a film: `1 / (1 + q + √(q² + 2q))`, the form that does not cancel for a large q. */
export function reflectanceOfRatio(ratio: number): number {
  return 1 / (1 + ratio + Math.sqrt(ratio * (ratio + 2)));
}

/**
 * Reflectance of a film over a backing (Kubelka 1948).
 *
 * @param ratio K/S, at least 0; Infinity where it does not scatter and `absorption` says what it takes
 * @param scatter S·X, scattering times thickness, at least 0
 * @param backing reflectance of what is under it
 * @param absorption K·X, used only where nothing scatters
 */
export function filmOver(ratio: number, scatter: number, backing: number, absorption = ratio * scatter): number {
  if (scatter <= 0) return backing * Math.exp(-2 * Math.max(0, absorption));
  if (ratio <= 0) return (backing + (1 - backing) * scatter) / (1 + (1 - backing) * scatter);
  const a = 1 + ratio;
  const c = coshOverSinh(ratio, scatter);
  return (1 - backing * (a - c)) / (a - backing + c);
}

/** Share of the light that passes through a film: `b / (a·sinh + b·cosh)` (Kubelka 1948), and what it throws back over nothing. */
export function filmAlone(ratio: number, scatter: number): { readonly transmitted: number; readonly reflected: number } {
  if (scatter <= 0) return { transmitted: 1, reflected: 0 };
  if (ratio <= 0) return { transmitted: 1 / (1 + scatter), reflected: scatter / (1 + scatter) };
  const a = 1 + ratio;
  const b = Math.sqrt(ratio * (ratio + 2));
  const x = b * scatter;
  // Both hyperbolic functions over e^x, so that a thick film does not overflow.
  const decay = Math.exp(-2 * x);
  const sinh = (1 - decay) / 2;
  const cosh = (1 + decay) / 2;
  return { transmitted: (b * Math.exp(-x)) / (a * sinh + b * cosh), reflected: sinh / (a * sinh + b * cosh) };
}

function coshOverSinh(ratio: number, scatter: number): number {
  const b = Math.sqrt(ratio * (ratio + 2));
  const decay = Math.exp(-2 * b * scatter);
  return (b * (1 + decay)) / (1 - decay);
}

/**
 * K/S and S·X of a film from its reflectance over black and over white: two linear equations in a = 1 + K/S and c (Kubelka 1948).
 *
 * @returns null where no film has both readings
 */
export function filmFromDrawdown(
  overBlack: number,
  overWhite: number,
  black: number,
  white: number,
): { readonly ratio: number; readonly scatter: number } | null {
  // R (a − Rg + c) = 1 − Rg (a − c) → a (R + Rg) + c (R − Rg) = 1 + R·Rg, once for each backing.
  const [p, q, r] = [overBlack + black, overBlack - black, 1 + overBlack * black];
  const [s, t, u] = [overWhite + white, overWhite - white, 1 + overWhite * white];
  const determinant = p * t - q * s;
  if (Math.abs(determinant) < 1e-12) return null;
  const a = (r * t - q * u) / determinant;
  const c = (p * u - r * s) / determinant;
  if (!(a > 1) || !(c > 0)) return null;
  const b = Math.sqrt(a * a - 1);
  if (!(c > b)) return null;
  return { ratio: a - 1, scatter: Math.atanh(b / c) / b };
}

/**
 * What light a surface throws back of what the body under it would: `k1 + (1 − k1)(1 − k2) R / (1 − k2 R)` (Saunderson 1942).
 *
 * @param k1 share the surface mirrors before it enters; a setting of the shelf, 0 where readings leave the gloss out
 * @param k2 share thrown back inside at the surface, 0.6 for paint
 */
export function seenThroughSurface(body: number, k1: number, k2 = INSIDE_REFLECTION): number {
  return k1 + ((1 - k1) * (1 - k2) * body) / (1 - k2 * body);
}

/** The body reflectance that gives this measured reflectance; always above 0. */
export function bodyUnderSurface(seen: number, k1: number, k2 = INSIDE_REFLECTION): number {
  const inside = Math.max(seen - k1, 1e-5);
  return inside / ((1 - k1) * (1 - k2) + k2 * inside);
}

/** k2 of Saunderson for a film of refractive index 1.5 (from memory). */
export const INSIDE_REFLECTION = 0.6;
