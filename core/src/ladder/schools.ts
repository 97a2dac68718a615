import type { FinishId } from './finishes';
import type { Material } from './materials';

/** Ways to get rid of layer lines; practitioners disagree, so the finisher chooses. */
export type SmoothingId = 'primerOnly' | 'putty' | 'bodyFiller' | 'brushEpoxy' | 'solvent' | 'slurry' | 'texture';
/** When parts are joined. */
export type JoiningId = 'none' | 'joinFirst' | 'paintApart' | 'assembleAndMask';
/** What goes over the finish. */
export type SealingId = 'unsealed' | 'clearBeforeWeathering' | 'clearLast' | 'clearBoth';

/** A smoothing school with where it can be used. */
export interface SmoothingSchool {
  readonly id: SmoothingId;
  readonly name: string;
  /** share of the valley it fills before primer; guessed, fits the practice check of 4 loops without it, 2–3 with epoxy, 1–2 with solvent */
  readonly valleyFilledShare: number;
  readonly cost: string;
  /** null when it may be used, or the reason it may not */
  readonly refusal: (material: Material, finish: FinishId) => string | null;
}

function opaqueRefusal(material: Material, finish: FinishId): string | null {
  if (!material.letsLightThrough) return null;
  if (finish === 'litTranslucent') return 'it is opaque: the light would show it as a stain';
  return finish === 'clear' ? 'it is opaque: nothing is seen through it' : null;
}

/** Whether a material has lines or pores that a smoothing school is chosen for: bought pieces have seams and sink marks. */
export function hasLines({ kind }: Material): boolean {
  return !['sheet', 'fabric', 'foam', 'metal'].includes(kind);
}

/** What fills layer lines has nothing to do on what was not printed; what smooths by sanding and primer alone is left out rung by rung. */
function lineRefusal(material: Material): string | null {
  return hasLines(material) ? null : 'it has no layer lines';
}

function brittleRefusal(material: Material, finish: FinishId): string | null {
  return lineRefusal(material) ?? (material.isFlexible ? 'it cracks on a part that bends' : opaqueRefusal(material, finish));
}

/** All smoothing schools. */
export const SMOOTHING_SCHOOLS: readonly SmoothingSchool[] = [
  {
    id: 'primerOnly',
    name: 'Sand and filler primer',
    valleyFilledShare: 0,
    cost: 'most loops, least bought, little detail lost',
    // Its primer grows only where the finish takes one: a clear print is sanded through its grits and varnished.
    refusal: (material, finish) => (material.isPrinted && finish !== 'clear' ? opaqueRefusal(material, finish) : null),
  },
  { id: 'putty', name: 'One-part putty', valleyFilledShare: 0.45, cost: 'a thin skim each time; shrinks', refusal: brittleRefusal },
  {
    id: 'bodyFiller',
    name: 'Two-part body filler',
    valleyFilledShare: 0.6,
    cost: 'fast and thick, much dust, fine detail goes',
    refusal: brittleRefusal,
  },
  {
    id: 'brushEpoxy',
    name: 'Brush-on epoxy',
    valleyFilledShare: 0.6,
    cost: 'one thick film, a night of waiting, narrows engraving',
    // Clear or tinted epoxy lets light through, so it is also the way for lit parts.
    refusal: (material) => lineRefusal(material) ?? (material.isFlexible ? 'it cracks on a part that bends' : null),
  },
  {
    id: 'solvent',
    name: 'Solvent smoothing',
    valleyFilledShare: 0.8,
    cost: 'little sanding, softens edges, hazardous vapour',
    refusal: (material) => (material.dissolvesInSolvent ? null : 'only solvent-soluble filament can be smoothed by solvent'),
  },
  {
    id: 'slurry',
    name: 'Brushed slurry',
    valleyFilledShare: 0.5,
    cost: 'quick to brush, solvent vapour, dull detail',
    refusal: brittleRefusal,
  },
  { id: 'texture', name: 'Texture over it', valleyFilledShare: 1, cost: 'hides all lines under a new texture', refusal: brittleRefusal },
];

/** All joining schools. */
export const JOINING_SCHOOLS: readonly { readonly id: JoiningId; readonly name: string }[] = [
  { id: 'none', name: 'One piece' },
  { id: 'joinFirst', name: 'Join first, then fill the seam' },
  { id: 'paintApart', name: 'Paint apart, join last' },
  { id: 'assembleAndMask', name: 'Assemble all, then mask' },
];

/** All sealing schools. */
export const SEALING_SCHOOLS: readonly { readonly id: SealingId; readonly name: string }[] = [
  { id: 'unsealed', name: 'Leave it' },
  { id: 'clearBeforeWeathering', name: 'Clear before weathering' },
  { id: 'clearLast', name: 'Clear over everything' },
  { id: 'clearBoth', name: 'Clear before and after' },
];

/**
 * The smoothing school of that id.
 *
 * @throws RangeError for an unknown id
 */
export function findSmoothing(id: string): SmoothingSchool {
  const found = SMOOTHING_SCHOOLS.find((school) => school.id === id);
  if (!found) throw new RangeError(`unknown smoothing school: ${id}`);
  return found;
}
