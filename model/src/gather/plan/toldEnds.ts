import { createCureTables } from '@zinc-ladder/core/cure/cureTables';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { latestEnds } from '@zinc-ladder/core/plan/shop/latestEnds';
import type { ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { Rung } from '../../records/ladder/rung';
import type { Part } from '../../records/prop/part';
import type { Person } from '../../records/shop/person';
import type { Product } from '../../records/shop/product';
import { partLabel, toPlanRung } from './gatherPlan';

const DAY_MS = 86_400_000;
/** How long before the moment that is told the air is looked at; before that its first day holds. */
const DAYS_LOOKED_AT = 10;

/** A rung that is told as done afterwards, with when it was. */
export interface ToldRung {
  readonly rung: Rung;
  readonly endMs: number;
}

/** What came of telling rungs afterwards. */
export type Told =
  | { readonly kind: 'told'; readonly rungs: readonly ToldRung[] }
  /** a rung below the last of them was logged as done later than that */
  | { readonly kind: 'tooEarly'; readonly after: Rung }
  /** it was taken in hand later than that */
  | { readonly kind: 'notBegun'; readonly sinceMs: number };

/** The rungs below one that are still to do, bottom first; what is in hand is left to its timer. */
export function openBelow(rungs: readonly Rung[], rungId: string): readonly Rung[] {
  const place = rungs.findIndex(({ id }) => id === rungId);
  return rungs.slice(0, Math.max(0, place)).filter(({ state }) => state === 'open' || state === 'setDown');
}

/**
 * Rungs that are told as done after the fact, with when each was at the latest: `last` at `endMs`, those before it as long before as hands and
 * films needed.
 *
 * @param ladder all rungs of its ladder, bottom first
 * @param before those below it that are told with it
 */
export function toldEnds(
  ladder: readonly Rung[],
  last: Rung,
  before: readonly Rung[],
  endMs: number,
  setting: {
    readonly part: Part;
    readonly products: ReadonlyMap<string, Product>;
    readonly persons: readonly Person[];
    readonly airs: ShopAirs;
  },
): Told {
  const { part, products, persons, airs } = setting;
  const upTo = ladder.slice(0, ladder.findIndex(({ id }) => id === last.id) + 1);
  const after = upTo.findLast(({ state, doneAtMs }) => state === 'done' && doneAtMs !== null && doneAtMs > endMs);
  if (after) return { kind: 'tooEarly', after };
  if (last.startedAtMs !== null && last.startedAtMs > endMs) return { kind: 'notBegun', sinceMs: last.startedAtMs };
  const { soaks } = findMaterial(part.materialId);
  const planned = upTo.map((rung) => ({ ...toPlanRung(rung, products, persons, part.materialId, endMs), ...(soaks ? { soaks } : {}) }));
  const { id, propId, rackPlaces } = part;
  const told = [...before, last];
  const ends = latestEnds(
    { id, propId, rackPlaces, name: partLabel(part), pieces: part.count, print: null, rungs: planned },
    new Set(told.map((rung) => rung.id)),
    endMs,
    createCureTables(airs.air, endMs - DAYS_LOOKED_AT * DAY_MS, endMs + DAY_MS),
  );
  return { kind: 'told', rungs: told.map((rung) => ({ rung, endMs: ends.get(rung.id) ?? endMs })) };
}
