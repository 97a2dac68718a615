import { createCureTables } from '@zinc-ladder/core/cure/cureTables';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { allBefore, directlyBefore } from '@zinc-ladder/core/plan/shop/climbOrder';
import { latestEnds } from '@zinc-ladder/core/plan/shop/latestEnds';
import type { PlanPart, ShopAirs } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import type { Rung } from '../../records/ladder/rung';
import type { Join } from '../../records/prop/join';
import type { Part } from '../../records/prop/part';
import type { Person } from '../../records/shop/person';
import type { Product } from '../../records/shop/product';
import { partLabel, toPlanJoin, toPlanRung } from './gatherPlan';

const DAY_MS = 86_400_000;
/** How long before the moment that is told the air is looked at; before that its first day holds. */
const DAYS_LOOKED_AT = 10;

/** A rung that is told as done afterwards, with when it was. */
export interface ToldRung {
  readonly rung: Rung;
  readonly endMs: number;
}

/** One whose moment was reckoned back. */
export interface ReckonedRung extends ToldRung {
  /** after what was logged before it there was less time than hands and films need */
  readonly isRushed: boolean;
}

/** What came of telling rungs afterwards. */
export type Told =
  | { readonly kind: 'told'; readonly rungs: readonly ReckonedRung[] }
  /** a rung that comes before the last of them was logged as done later than that */
  | { readonly kind: 'tooEarly'; readonly after: Rung }
  /** it was taken in hand later than that */
  | { readonly kind: 'notBegun'; readonly sinceMs: number };

/** What is known of a shop where rungs are told. */
export interface ToldSetting {
  readonly parts: ReadonlyMap<string, Part>;
  /** rungs of a part, bottom first */
  readonly rungsOf: (partId: string) => readonly Rung[];
  readonly joins: readonly Join[];
  readonly products: ReadonlyMap<string, Product>;
  readonly persons: readonly Person[];
  readonly airs: ShopAirs;
}

type JoinedShop = Pick<ToldSetting, 'parts' | 'rungsOf' | 'joins'>;

/** Parts that hang together by joins, the one that is asked for first. */
function joinedWith(part: Part, { parts, joins }: JoinedShop): readonly Part[] {
  const found = new Set([part]);
  for (const { id } of found)
    for (const { hostPartId, guestPartId } of joins) {
      const other = parts.get(hostPartId === id ? guestPartId : guestPartId === id ? hostPartId : '');
      if (other) found.add(other);
    }
  return [...found];
}

/** All rungs that come before one of a part, on its ladder and on those joined below it, none before what it comes after. */
function rungsBefore(rungId: string, part: Part, shop: JoinedShop): readonly Rung[] {
  const ladders = joinedWith(part, shop).map(({ id }) => ({ partId: id, rungs: shop.rungsOf(id) }));
  const byId = new Map(ladders.flatMap(({ rungs }) => rungs.map((rung) => [rung.id, rung] as const)));
  const direct = directlyBefore(ladders, shop.joins, ({ id, state }) => state === 'leftOut' && id !== rungId);
  return allBefore(rungId, direct).flatMap((id) => byId.get(id) ?? []);
}

/** The rungs before one that are still to do, none before what it comes after; what is in hand is left to its timer. */
export function openBefore(rungId: string, part: Part, shop: JoinedShop): readonly Rung[] {
  return rungsBefore(rungId, part, shop).filter(({ state }) => state === 'open' || state === 'setDown');
}

/**
 * Rungs that are told as done after the fact, with when each was at the latest: `last` at `endMs`, those before it as long before as hands and
 * films needed.
 *
 * @param part of the last of them
 * @param before those before it that are told with it
 * @returns in the order they were done in
 */
export function toldEnds(last: Rung, part: Part, before: readonly Rung[], endMs: number, setting: ToldSetting): Told {
  const { products, persons, airs } = setting;
  const after = rungsBefore(last.id, part, setting)
    .filter(({ state, doneAtMs }) => state === 'done' && doneAtMs !== null && doneAtMs > endMs)
    .reduce<Rung | null>((latest, rung) => ((rung.doneAtMs ?? 0) > (latest?.doneAtMs ?? 0) ? rung : latest), null);
  if (after) return { kind: 'tooEarly', after };
  if (last.startedAtMs !== null && last.startedAtMs > endMs) return { kind: 'notBegun', sinceMs: last.startedAtMs };
  const told = [...before, last];
  const planned = joinedWith(part, setting).map((one): PlanPart => {
    const { id, propId, rackPlaces, count, materialId } = one;
    const { soaks } = findMaterial(materialId);
    const rungs = setting
      .rungsOf(id)
      .map((rung) => ({ ...toPlanRung(rung, products, persons, materialId, endMs), ...(soaks ? { soaks } : {}) }));
    return { id, propId, rackPlaces, name: partLabel(one), pieces: count, print: null, rungs };
  });
  const rungById = new Map([...setting.parts.keys()].flatMap((id) => setting.rungsOf(id)).map((rung) => [rung.id, rung]));
  const ends = latestEnds(
    planned,
    setting.joins.map((join) => toPlanJoin(join, setting.joins, rungById)),
    told.map(({ id }) => id),
    endMs,
    createCureTables(airs.air, endMs - DAYS_LOOKED_AT * DAY_MS, endMs + DAY_MS),
  );
  const rungs = told.map((rung) => ({ rung, ...(ends.get(rung.id) ?? { endMs, isRushed: false }) }));
  return { kind: 'told', rungs: rungs.sort((a, b) => a.endMs - b.endMs) };
}
