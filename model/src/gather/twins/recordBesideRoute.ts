import type { RungDraft } from '@zinc-ladder/core/ladder/growLadder';
import type { TwinStep } from '@zinc-ladder/core/twins/alignSteps';
import { alignSteps } from '@zinc-ladder/core/twins/alignSteps';
import type { RungAgain } from './growAgain';

/** A step as it was done beside the one a usual route has in its place; null where one of them has none. */
export interface BesideRoute {
  readonly done: RungAgain | null;
  readonly usual: RungDraft | null;
}

/** What was done beside what a route would grow, in an order that serves both. */
export function recordBesideRoute(done: readonly RungAgain[], usual: readonly RungDraft[]): readonly BesideRoute[] {
  const doneById = new Map(done.map((rung, at) => [`done ${at}`, rung]));
  const usualById = new Map(usual.map((rung, at) => [`usual ${at}`, rung]));
  const step = (id: string, rung: RungAgain | RungDraft): TwinStep => ({
    id,
    name: rung.name,
    kind: rung.methodId,
    productId: null,
    cardId: null,
    micrometres: rung.coatMicrometres,
    minutes: rung.minutes,
    usualMinutes: null,
    grit: rung.grit,
    waitedMinutes: null,
    air: null,
  });
  const steps = <Kept extends RungAgain | RungDraft>(byId: ReadonlyMap<string, Kept>): TwinStep[] =>
    [...byId].map(([id, rung]) => step(id, rung));
  return alignSteps(steps(doneById), steps(usualById)).map(({ a, b }) => ({
    done: doneById.get(a?.id ?? '') ?? null,
    usual: usualById.get(b?.id ?? '') ?? null,
  }));
}
