import type { CompatFinding } from '@zinc-ladder/core/compatibility/checkStack';
import { checkStack } from '@zinc-ladder/core/compatibility/checkStack';
import { nearestPaints } from '@zinc-ladder/core/colour/nearestPaints';
import { dryingKind } from '@zinc-ladder/core/cure/dryingKind';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { Ladder } from '../../records/ladder/ladder';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Can } from '../../records/shelf/can';
import type { Product } from '../../records/shop/product';
import { effectOf, labOfProduct } from '../film/gatherPaints';
import { gatherStack } from '../film/gatherStack';
import { rungMillilitres } from './rungTakes';
import type { LoggedUse } from './loggedUses';
import { groupCans, stockNow } from './stockNow';
import { ownUseOf } from '../../products/ownUse';

/** A product that could stand in for one that is missing, and what comes of it. */
export interface Substitute {
  readonly product: Product;
  /** what of it stands there, ml */
  readonly stock: number;
  /** what the open rungs would take of it, ml */
  readonly needed: number;
  /** ΔE00 between both films; null: one of them has no colour of its own */
  readonly difference: number | null;
  /** the difference in words; empty: none to speak of */
  readonly words: string;
  /** why the number says little; null: it holds */
  readonly caution: string | null;
  /** what would not go together that goes together now */
  readonly findings: readonly CompatFinding[];
}

/** What substitutes are looked for in. */
export interface SubstituteRecords {
  readonly parts: readonly Part[];
  readonly ladders: readonly Ladder[];
  readonly rungs: readonly Rung[];
  readonly products: readonly Product[];
  readonly cans: readonly Can[];
}

const MOST_TOLD = 5;

/**
 * Products of which enough stands on the shelf to stand in for one in all its open rungs: first those of which nothing is said against what lies under and
 * over them, by colour; then the others.
 *
 * @param uses what was logged of each product, by its id
 */
export function findSubstitutes(
  missing: Product,
  { parts, ladders, rungs, products, cans }: SubstituteRecords,
  uses: ReadonlyMap<string, readonly LoggedUse[]>,
): readonly Substitute[] {
  const rungById = new Map(rungs.map((rung) => [rung.id, rung]));
  const partById = new Map(parts.map((part) => [part.id, part]));
  const byId = new Map(products.map((product) => [product.id, product]));
  const isOpen = (rung: Rung): boolean => rung.productId === missing.id && rung.state === 'open';
  const touched = ladders.flatMap((ladder) => {
    const part = partById.get(ladder.partId);
    const own = ladder.rungIds.flatMap((id) => rungById.get(id) ?? []);
    return part && own.some(isOpen) ? [{ part, own }] : [];
  });
  if (touched.length === 0) return [];
  const wanted = labOfProduct(missing);
  const purpose = purposeOf(missing);
  const cansOf = groupCans(cans);
  const notKnown = (): null => null;
  const before = touched.map(({ part, own }) => keysOf(checkStack(findMaterial(part.materialId).id, gatherStack(own, byId, notKnown))));
  const found = products.flatMap((product): Substitute[] => {
    const lab = labOfProduct(product);
    if (product.id === missing.id || purposeOf(product) !== purpose || (wanted === null) !== (lab === null)) return [];
    const { factor } = ownUseOf(product);
    const needed =
      touched.reduce(
        (sum, { part, own }) => sum + own.filter(isOpen).reduce((all, rung) => all + (rungMillilitres(rung, part, product) ?? 0), 0),
        0,
      ) * factor;
    const { millilitres, look } = stockNow(product, cansOf.get(product.id) ?? [], uses.get(product.id) ?? []);
    if (look !== 'enough' && millilitres < needed) return [];
    const findings = touched.flatMap(({ part, own }, at) => {
      const changed = own.map((rung) => (isOpen(rung) ? { ...rung, productId: product.id } : rung));
      const stack = checkStack(findMaterial(part.materialId).id, gatherStack(changed, byId, notKnown));
      return stack.filter((finding) => !before[at]?.has(keyOf(finding)));
    });
    const near = wanted && lab ? nearestPaints([{ id: product.id, lab, effect: effectOf(product) }], wanted)[0] : undefined;
    const told = { difference: near?.difference ?? null, words: near?.words ?? '', caution: near?.caution ?? null };
    return [{ product, stock: millilitres, needed, ...told, findings }];
  });
  return found
    .toSorted((a, b) => Number(a.findings.length > 0) - Number(b.findings.length > 0) || (a.difference ?? 0) - (b.difference ?? 0))
    .slice(0, MOST_TOLD);
}

const keyOf = ({ ruleId, stepId, underId }: CompatFinding): string => `${ruleId} ${stepId} ${underId ?? ''}`;

function keysOf(findings: readonly CompatFinding[]): ReadonlySet<string> {
  return new Set(findings.map(keyOf));
}

/** What a product is for and how it is laid on: another of the same purpose can stand in for it on the same rung. Metal stands in for metal only. */
function purposeOf(product: Product): string {
  const { application, drying, id } = findProductClass(product.classId);
  if (/primer/iu.test(id)) return 'primer';
  if (/clear|polish/iu.test(id)) return 'clear';
  if (/wash$/iu.test(id)) return 'wash';
  if (application === 'spread' || id === 'contactCement') return `${id === 'bodyFiller' || id === 'putty' ? 'filler' : 'glue'}`;
  if (id === 'maskingRubber' || dryingKind(drying.kind).isMixed || id === 'slurry' || id === 'textureCompound') return id;
  return `${application === 'aerosol' || application === 'airbrush' ? 'sprayed' : 'brushed'} ${effectOf(product)}`;
}
