import type { Lab } from '../lab';

/** What colours a paint, as far as it says how the paint behaves in mixes and over a backing. */
export type PigmentId = 'white' | 'black' | 'earth' | 'inorganic' | 'organic' | 'strongOrganic' | 'mixed';

/** A kind of pigment with what is usual for hobby paints of it. */
export interface PigmentKind {
  readonly id: PigmentId;
  readonly words: string;
  /** tinting strength, titanium white is 1 */
  readonly strength: number;
  /** real paints of the kind lie within strength ÷ and × this */
  readonly strengthSpread: number;
  /** scattering of the dry film, 1/µm; null: by lightness, since it is mixed with more or less white */
  readonly scatterPerMicrometre: number | null;
  readonly scatterSpread: number;
}

/**
 * Kinds of pigment. All from memory: titanium white scatters 0.2–0.3 a µm of film, iron oxides 0.1–0.2, organic yellows and reds 0.02–0.06, and carbon
 * black hides by what it absorbs (Patton, Pigment Handbook; Mitton in it); phthalocyanines tint 5 to 10 times as strongly as earths, carbon black 3 to 5
 * times and organic yellows and reds 1 to 3 times as strongly as titanium white.
 */
export const PIGMENT_KINDS: readonly PigmentKind[] = [
  { id: 'white', words: 'white', strength: 1, strengthSpread: 1.15, scatterPerMicrometre: 0.25, scatterSpread: 1.25 },
  { id: 'black', words: 'black', strength: 4, strengthSpread: 1.4, scatterPerMicrometre: 0.03, scatterSpread: 1.5 },
  { id: 'earth', words: 'earth, iron oxide', strength: 0.9, strengthSpread: 1.5, scatterPerMicrometre: 0.15, scatterSpread: 1.4 },
  {
    id: 'inorganic',
    words: 'ultramarine, chrome green',
    strength: 0.8,
    strengthSpread: 1.6,
    scatterPerMicrometre: 0.08,
    scatterSpread: 1.6,
  },
  {
    id: 'organic',
    words: 'organic yellow, orange, red',
    strength: 1.7,
    strengthSpread: 1.7,
    scatterPerMicrometre: 0.04,
    scatterSpread: 1.7,
  },
  { id: 'strongOrganic', words: 'phthalo blue, green', strength: 6.5, strengthSpread: 1.5, scatterPerMicrometre: 0.03, scatterSpread: 1.7 },
  { id: 'mixed', words: 'several, or with white', strength: 1.3, strengthSpread: 2.5, scatterPerMicrometre: null, scatterSpread: 1.8 },
];

/** A kind by id. @throws RangeError for another id */
export function findPigmentKind(id: PigmentId): PigmentKind {
  const kind = PIGMENT_KINDS.find((entry) => entry.id === id);
  if (!kind) throw new RangeError(`no kind of pigment ${id}`);
  return kind;
}

/**
 * The kind a paint's colour speaks for, guessed: near-neutrals that are very light or very dark are white and black, dull warm ones earths, and vivid
 * ones organics; a deep, vivid green or blue is seldom anything but phthalocyanine. What lies between is mixed.
 */
export function guessPigment([lightness, a, b]: Lab): PigmentId {
  const chroma = Math.hypot(a, b);
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  if (chroma < 8) return lightness >= 90 ? 'white' : lightness <= 30 ? 'black' : 'mixed';
  if (hue >= 150 && hue < 310) return chroma >= 20 && lightness <= 48 ? 'strongOrganic' : 'mixed';
  if (chroma >= 55 && (hue >= 330 || hue < 115)) return 'organic';
  return hue >= 25 && hue < 100 && lightness <= 68 ? 'earth' : 'mixed';
}

/** Scattering of mixed paints by lightness, 1/µm: the lighter, the more white is in them; from memory. */
const SCATTER_OF_DARK = 0.03;
const SCATTER_OF_LIGHT = 0.2;

/** S·X of a coat from its dry thickness, the paint's colour and its kind of pigment; guessed until a card is read over black and white. */
export function guessScatter(coatMicrometres: number, lab: Lab, pigmentId: PigmentId = guessPigment(lab)): number {
  const share = Math.min(100, Math.max(0, lab[0])) / 100;
  const perMicrometre = findPigmentKind(pigmentId).scatterPerMicrometre ?? SCATTER_OF_DARK + (SCATTER_OF_LIGHT - SCATTER_OF_DARK) * share;
  return coatMicrometres * perMicrometre;
}
