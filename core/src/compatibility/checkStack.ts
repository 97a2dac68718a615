import type { Material, MaterialId } from '../ladder/materials';
import { findMaterial } from '../ladder/materials';
import { findMethod } from '../ladder/methods';
import type { CompatRule, FilmTest, RemedyKind } from './compatRules';
import { COMPAT_RULES } from './compatRules';
import type { FilmNature } from './filmNature';
import { natureOf } from './filmNature';

/** A rung as neighbours see it, in the order of work. */
export interface StackStep {
  readonly id: string;
  readonly name: string;
  readonly methodId: string;
  /** class of the product it lays; null: lays none */
  readonly classId: string | null;
  readonly productName: string;
  /** is its film hard by then, and its recoat window shut? null: not known, the plan decides */
  readonly underIsHard: boolean | null;
  readonly underWindowIsShut: boolean | null;
}

/** What does not go together. */
export interface CompatFinding {
  readonly ruleId: string;
  /** the rung that lays the film */
  readonly stepId: string;
  /** the rung whose film is under it; null: the part */
  readonly underId: string | null;
  readonly what: string;
  readonly why: string;
  readonly sure: CompatRule['sure'];
  readonly remedy: RemedyKind;
  /** the remedy in words */
  readonly remedyWords: string;
  readonly symptoms: readonly string[];
}

interface UnderFilm {
  readonly step: StackStep;
  readonly nature: FilmNature;
  readonly classId: string;
}

/** Methods that wash a face, and those that roughen it. */
const WASHES = new Set(['washResin', 'degrease', 'wash', 'solventSmooth']);

/**
 * What of a ladder's films does not go together, rung by rung: by the film under each, the part's material, how far the film is and whether it was scuffed.
 * Rules are common practice; a film without a known class is passed over.
 */
export function checkStack(material: MaterialId, steps: readonly StackStep[]): CompatFinding[] {
  const substrate = findMaterial(material);
  const findings: CompatFinding[] = [];
  let under = null as UnderFilm | null;
  let isScuffed = false;
  let isWashed = false;
  let waxed: StackStep | null = null;
  for (const step of steps) {
    const method = findMethod(step.methodId);
    if (method.roughens) isScuffed = true;
    if (WASHES.has(step.methodId)) isWashed = true;
    const heat = heatFinding(step, substrate);
    if (heat) findings.push(heat);
    if (step.methodId === POLISH) waxed = step;
    if (step.classId === null) continue;
    const nature = natureOf(step.classId);
    if (!nature || nature.family === 'masking') continue;
    const isGlue = nature.family === 'glue';
    if (waxed && !isGlue) findings.push(overWax(step, waxed));
    waxed = null;
    for (const rule of COMPAT_RULES) {
      if (!matches(rule.over, nature, step.classId)) continue;
      if (isGlue && rule.over.classIds === undefined) continue;
      if (rule.substrate === 'flexible' && !substrate.isFlexible) continue;
      if (rule.substrate === 'translucent' && !substrate.letsLightThrough) continue;
      if (rule.substrate === 'resin' && !substrate.isResin) continue;
      if (rule.substrate === 'notResin' && substrate.isResin) continue;
      if (rule.substrate === 'notFabric' && substrate.kind === 'fabric') continue;
      if (rule.under !== null && (!under || !matches(rule.under, under.nature, under.classId))) continue;
      if (!stateHolds(rule, step, under !== null, isScuffed, isWashed)) continue;
      findings.push({
        ruleId: rule.id,
        stepId: step.id,
        underId: rule.under === null ? null : (under?.step.id ?? null),
        what: rule.what,
        why: rule.why,
        sure: rule.sure,
        remedy: rule.remedy,
        remedyWords: remedyWords(rule.remedy, step, under?.step ?? null),
        symptoms: rule.symptoms,
      });
    }
    if (isGlue) continue;
    // More of the same on the same is one film; its window is the plan's care.
    if (under?.classId !== step.classId || under.step.productName !== step.productName) isScuffed = false;
    under = { step, nature, classId: step.classId };
    isWashed = true;
  }
  return findings;
}

function stateHolds(rule: CompatRule, step: StackStep, hasFilm: boolean, isScuffed: boolean, isWashed: boolean): boolean {
  switch (rule.state) {
    case 'any':
      return true;
    case 'notHard':
      return step.underIsHard === false;
    case 'hard':
      return step.underIsHard !== false;
    case 'closedWindow':
      return step.underWindowIsShut === true;
    case 'unscuffed':
      return !isScuffed;
    case 'firstFilm':
      return !hasFilm;
    case 'firstUnwashed':
      return !hasFilm && !isWashed;
  }
}

function matches(test: FilmTest, nature: FilmNature, classId: string): boolean {
  if (test.families && !test.families.includes(nature.family)) return false;
  if (test.classIds && !test.classIds.includes(classId)) return false;
  return (['isBrittle', 'isOpaque', 'isMetallic', 'isClear', 'isPrimer', 'isSlick'] as const).every(
    (mark) => test[mark] === undefined || test[mark] === nature[mark],
  );
}

function heatFinding(step: StackStep, { warps, kind, name }: Material): CompatFinding | null {
  if (step.methodId !== 'warmDry' || !warps) return null;
  return {
    ruleId: 'heatThatWarps',
    stepId: step.id,
    underId: null,
    what: kind === 'filament' ? 'Warm air on filament.' : `Warm air on ${name.toLowerCase()}.`,
    why: `${kind === 'filament' ? 'Some filaments soften at 55–60 °C' : 'Some plastics soften or shrink from 60 °C on'}: thin parts warp. Keep the dryer moving and the face no warmer than a hand bears.`,
    sure: 'possible',
    remedy: { kind: 'card' },
    remedyWords: `Try it on a scrap of the same ${kind === 'filament' ? 'filament' : 'piece'}.`,
    symptoms: ['warping'],
  };
}

/** The method whose wax or graphite nothing holds on. */
const POLISH = 'polish';

function overWax(step: StackStep, waxed: StackStep): CompatFinding {
  return {
    ruleId: 'filmOverWax',
    stepId: step.id,
    underId: waxed.id,
    what: 'A film over wax or graphite.',
    why: 'Nothing holds on wax: the film beads, peels, and the metal under it goes grey. Polishing comes last.',
    sure: 'certain',
    remedy: { kind: 'leaveOut' },
    remedyWords: `Leave ${step.name} out, or move ${waxed.name} after it.`,
    symptoms: ['fishEyes', 'peeling'],
  };
}

function remedyWords(remedy: RemedyKind, step: StackStep, under: StackStep | null): string {
  switch (remedy.kind) {
    case 'insert':
      return `Put in “${remedy.name}” before ${step.name}.`;
    case 'waitHard':
      return `Wait until ${under ? under.name : 'the film'} is hard.`;
    case 'card':
      return `Try it on a test card first: ${step.productName || step.name}${under ? ` over ${under.productName || under.name}` : ''}.`;
    case 'leaveOut':
      return `Leave ${step.name} out, or take a film made for this.`;
  }
}
