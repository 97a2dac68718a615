import { findProductClass } from '../cure/productClasses';
import type { MaterialId } from '../ladder/materials';
import { findMaterial } from '../ladder/materials';

/** What a joint must bear. */
export type JointLoad = 'display' | 'handled' | 'worn';

/** How well an adhesive holds on a material. */
type Hold = 'good' | 'fair' | 'poor' | 'never';

/** An adhesive as a choice; its times are those of its product class. */
export interface Adhesive {
  readonly id: string;
  readonly classId: string;
  readonly name: string;
  readonly holds: Readonly<Record<MaterialId, Hold>>;
  /** widest gap it fills and still holds, mm */
  readonly gapMillimetres: number;
  readonly bears: JointLoad;
  readonly bends: boolean;
  readonly note: string;
}

/** Adhesives by class (common practice). A label wins over it. */
export const ADHESIVES: readonly Adhesive[] = [
  {
    id: 'cyanoacrylate',
    classId: 'cyanoacrylate',
    name: 'Cyanoacrylate with activator',
    holds: {
      rigid: 'good',
      soluble: 'good',
      translucent: 'fair',
      flexible: 'poor',
      resin: 'good',
      cast: 'good',
      clearResin: 'fair',
      sheet: 'fair',
      fabric: 'never',
      foam: 'fair',
      metal: 'fair',
      bought: 'fair',
    },
    gapMillimetres: 0.15,
    bears: 'handled',
    bends: false,
    note: 'Sets at once, brittle; fogs what is clear. Faces must touch.',
  },
  {
    id: 'epoxy',
    classId: 'epoxyGlue',
    name: 'Two-part epoxy glue',
    holds: {
      rigid: 'good',
      soluble: 'good',
      translucent: 'good',
      flexible: 'fair',
      resin: 'good',
      cast: 'good',
      clearResin: 'good',
      sheet: 'good',
      fabric: 'fair',
      foam: 'fair',
      metal: 'good',
      bought: 'good',
    },
    gapMillimetres: 2,
    bears: 'worn',
    bends: false,
    note: 'Held for minutes, left a day; fills gaps and can be sanded.',
  },
  {
    id: 'contact',
    classId: 'contactCement',
    name: 'Contact cement',
    holds: {
      rigid: 'fair',
      soluble: 'never',
      translucent: 'fair',
      flexible: 'good',
      resin: 'fair',
      cast: 'fair',
      clearResin: 'fair',
      sheet: 'poor',
      fabric: 'good',
      foam: 'good',
      metal: 'fair',
      bought: 'fair',
    },
    gapMillimetres: 0.3,
    bears: 'worn',
    bends: true,
    note: 'On both faces, left to go tacky, then it grips at once: no sliding into place. Its solvent eats solvent-soluble filament.',
  },
  {
    id: 'slurryWeld',
    classId: 'slurry',
    name: 'Solvent weld with its own slurry',
    holds: {
      rigid: 'never',
      soluble: 'good',
      translucent: 'never',
      flexible: 'never',
      resin: 'never',
      cast: 'never',
      clearResin: 'never',
      sheet: 'never',
      fabric: 'never',
      foam: 'never',
      metal: 'never',
      bought: 'never',
    },
    gapMillimetres: 0.5,
    bears: 'worn',
    bends: false,
    note: 'Melts solvent-soluble filament into one piece; the seam sands like the part.',
  },
];

/** What a joint asks for. */
export interface JointAsk {
  readonly first: MaterialId;
  readonly second: MaterialId;
  readonly load: JointLoad;
  /** mm */
  readonly gapMillimetres: number;
  /** the joint is looked at from outside through a clear part */
  readonly isSeenThrough: boolean;
}

/** An adhesive with how well it suits a joint. */
export interface AdhesiveChoice {
  readonly adhesive: Adhesive;
  /** 0 never … 1 as good as it gets */
  readonly score: number;
  /** for and against, in words */
  readonly reasons: readonly string[];
  /** min at label air */
  readonly setMinutes: number;
  readonly handleMinutes: number;
  readonly fullMinutes: number;
}

const HOLD_SCORE: Readonly<Record<Hold, number>> = { good: 1, fair: 0.6, poor: 0.25, never: 0 };
const LOAD_RANK: Readonly<Record<JointLoad, number>> = { display: 0, handled: 1, worn: 2 };

/**
 * Adhesives for a joint, best first; those that would fail score 0 and say why. The weaker face decides; load, gap, bending and looks each take a
 * share off. Scores are ranks of common practice, not strengths.
 */
export function chooseAdhesive(ask: JointAsk): AdhesiveChoice[] {
  return ADHESIVES.map((adhesive) => rate(adhesive, ask)).sort((a, b) => b.score - a.score);
}

function rate(adhesive: Adhesive, ask: JointAsk): AdhesiveChoice {
  const reasons: string[] = [];
  const holds = [adhesive.holds[ask.first], adhesive.holds[ask.second]];
  let score = Math.min(...holds.map((hold) => HOLD_SCORE[hold]));
  if (score === 0) reasons.push('does not hold on this pair');
  else if (score < 1) reasons.push('holds one of the two only fairly: scuff and degrease both faces');
  if (LOAD_RANK[adhesive.bears] < LOAD_RANK[ask.load]) {
    score *= 0.4;
    reasons.push('too weak or brittle for this load');
  }
  if (ask.gapMillimetres > adhesive.gapMillimetres) {
    score *= 0.3;
    reasons.push(`fills ${adhesive.gapMillimetres} mm, the gap is ${ask.gapMillimetres} mm`);
  }
  const isBending = findMaterial(ask.first).isFlexible || findMaterial(ask.second).isFlexible;
  if (isBending && !adhesive.bends) {
    score *= 0.5;
    reasons.push('stays stiff where the part bends');
  }
  if (ask.isSeenThrough && adhesive.id === 'cyanoacrylate') {
    score *= 0.3;
    reasons.push('fogs clear parts');
  }
  if (reasons.length === 0) reasons.push('nothing speaks against it');
  const { drying } = findProductClass(adhesive.classId);
  return {
    adhesive,
    score,
    reasons,
    setMinutes: drying.touchMinutes,
    handleMinutes: drying.handleMinutes,
    fullMinutes: drying.hardMinutes,
  };
}
