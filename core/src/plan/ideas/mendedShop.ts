import { findMethod } from '../../ladder/methods';
import { filmOfClass } from '../shop/filmOfClass';
import type { PlanPart, PlanRung, ShopPlanInput } from '../shop/shopPlanInput';

/** A way out of a damage, as the plan is asked about it. */
export interface Mending {
  readonly partId: string;
  /** hands minutes of the repair, or of bringing a new piece to where the old one stood */
  readonly handsMinutes: number;
  /** a new piece takes the damaged one's place when it has printed, h */
  readonly printHours: number;
  readonly isNew: boolean;
  /** the class of what a repair is made with, which dries before the next rung; null: nothing dries */
  readonly classId: string | null;
}

const HOUR_MS = 3_600_000;

/**
 * The shop with a damage seen to: a repair is work before the part's next open rung. A part of one piece climbs its whole ladder again once
 * it is printed. Of a set only the new piece does: its work is added as minutes before the set goes on, and its own drying times are left
 * out.
 *
 * @throws RangeError for an unknown class, or hands or hours below nothing
 */
export function mendedShop(input: ShopPlanInput, mending: Mending): ShopPlanInput {
  if (!(mending.handsMinutes >= 0 && mending.printHours >= 0)) throw new RangeError('hands and hours are not below nothing');
  return { ...input, parts: input.parts.map((part) => (part.id === mending.partId ? mendedPart(part, mending, input.nowMs) : part)) };
}

function mendedPart(part: PlanPart, mending: Mending, nowMs: number): PlanPart {
  const printedMs = nowMs + mending.printHours * HOUR_MS;
  if (mending.isNew && part.pieces === 1) {
    const anew = part.rungs.map((rung): PlanRung =>
      rung.status.kind === 'leftOut' ? rung : { ...rung, status: { kind: 'open' }, lockedAtMs: null },
    );
    const first = anew.findIndex(({ status }) => status.kind === 'open');
    return {
      ...part,
      rungs: anew.map((rung, at) => (at === first ? { ...rung, notBeforeMs: Math.max(rung.notBeforeMs ?? 0, printedMs) } : rung)),
    };
  }
  const next = part.rungs.findIndex(({ status }) => status.kind === 'open' || status.kind === 'begun');
  const at = next < 0 ? part.rungs.length : next;
  return { ...part, rungs: [...part.rungs.slice(0, at), workOf(part.id, mending, printedMs), ...part.rungs.slice(at)] };
}

function workOf(partId: string, { isNew, handsMinutes, classId }: Mending, printedMs: number): PlanRung {
  const method = findMethod(isNew ? 'reprint' : 'repair');
  return {
    id: `${partId} ${method.id}`,
    name: method.name,
    methodId: method.id,
    minutes: handsMinutes,
    side: 'all',
    film: isNew || classId === null ? null : filmOfClass(classId),
    notBeforeMs: isNew ? printedMs : null,
    hardRungId: null,
    lockedAtMs: null,
    cautions: method.cautions,
    personId: null,
    status: { kind: 'open' },
  };
}
