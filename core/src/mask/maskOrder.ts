import type { MaskStep } from './maskCost';
import { MaskCosts, stepCost } from './maskCost';
import type { MaskProblem } from './maskProblem';
import { requireMaskProblem } from './maskProblem';

/** An order of spraying with what it takes. */
export interface MaskOrder {
  readonly steps: readonly MaskStep[];
  readonly tapeMillimetres: number;
  readonly waitMinutes: number;
  readonly handsMinutes: number;
  readonly riskMinutes: number;
  readonly extraCoats: number;
  /** all together, in minutes of hands worth: what is made least */
  readonly cost: number;
}

/**
 * The order of spraying that costs least tape, waiting and risk: dynamic programming over the sets of regions already sprayed and the last of them
 * (Held and Karp 1962), which finds the best of all orders.
 *
 * @returns null where bases and chips leave no order
 * @throws RangeError for what is no problem
 */
export function findMaskOrder(problem: MaskProblem): MaskOrder | null {
  requireMaskProblem(problem);
  const costs = new MaskCosts(problem);
  const n = costs.count;
  const sets = 1 << n;
  const best = new Float64Array(sets * n).fill(Infinity);
  const from = new Int8Array(sets * n).fill(-1);
  for (let next = 0; next < n; next += 1) if (costs.mayFollow(0, next)) best[(1 << next) * n + next] = stepCost(costs.step(0, -1, next));
  for (let done = 1; done < sets; done += 1)
    for (let last = 0; last < n; last += 1) {
      const here = best[done * n + last] as number;
      if (here === Infinity) continue;
      for (let next = 0; next < n; next += 1) {
        if (done & (1 << next) || !costs.mayFollow(done, next)) continue;
        const there = (done | (1 << next)) * n + next;
        const cost = here + stepCost(costs.step(done, last, next));
        if (cost < (best[there] as number) - 1e-9) {
          best[there] = cost;
          from[there] = last;
        }
      }
    }
  const all = sets - 1;
  let last = -1;
  for (let at = 0; at < n; at += 1)
    if ((best[all * n + at] as number) < (last === -1 ? Infinity : (best[all * n + last] as number))) last = at;
  if (last === -1) return null;
  const order: number[] = [];
  for (let done = all; last !== -1;) {
    order.unshift(last);
    const before = from[done * n + last] as number;
    done &= ~(1 << last);
    last = before;
  }
  return sumUp(stepsOf(costs, order));
}

/**
 * What an order takes that the finisher chose.
 *
 * @param ids all regions, each once
 * @returns null where a base would come after what lies on it, or chips after their film
 * @throws RangeError for ids that are not the regions
 */
export function judgeMaskOrder(problem: MaskProblem, ids: readonly string[]): MaskOrder | null {
  requireMaskProblem(problem);
  const order = ids.map((id) => problem.regions.findIndex((region) => region.id === id));
  if (order.includes(-1) || new Set(order).size !== problem.regions.length) throw new RangeError('an order names every region once');
  const costs = new MaskCosts(problem);
  let done = 0;
  for (const next of order) {
    if (!costs.mayFollow(done, next)) return null;
    done |= 1 << next;
  }
  return sumUp(stepsOf(costs, order));
}

/** Joined before paint against painted apart. */
export interface ApartComparison {
  readonly joined: MaskOrder | null;
  /** one order a part, without the borders between parts; null where a part has none */
  readonly apart: readonly { readonly partId: string; readonly order: MaskOrder }[] | null;
  /** hands worth that painting apart saves; below 0: it costs */
  readonly apartSaves: number | null;
  readonly apartTapeMillimetres: number | null;
}

/** The same regions joined first, and painted part by part before joining. A seam that has to be filled is not in it: that decides alone. */
export function compareApart(problem: MaskProblem): ApartComparison {
  const joined = findMaskOrder(problem);
  const partOf = new Map(problem.regions.map((region) => [region.id, region.partId]));
  const apart: { partId: string; order: MaskOrder }[] = [];
  for (const partId of new Set(partOf.values())) {
    const own = problem.regions.filter((region) => region.partId === partId);
    const ids = new Set(own.map((region) => region.id));
    const order = findMaskOrder({
      ...problem,
      regions: own.map((region) => ({ ...region, chipsShowId: ids.has(region.chipsShowId ?? '') ? region.chipsShowId : null })),
      borders: problem.borders.filter((border) => ids.has(border.firstId) && ids.has(border.secondId)),
    });
    if (!order) return { joined, apart: null, apartSaves: null, apartTapeMillimetres: null };
    apart.push({ partId, order });
  }
  const cost = apart.reduce((sum, { order }) => sum + order.cost, 0);
  return {
    joined,
    apart,
    apartSaves: joined ? joined.cost - cost : null,
    apartTapeMillimetres: apart.reduce((sum, { order }) => sum + order.tapeMillimetres, 0),
  };
}

function stepsOf(costs: MaskCosts, order: readonly number[]): MaskStep[] {
  let done = 0;
  let last = -1;
  return order.map((next) => {
    const step = costs.step(done, last, next);
    done |= 1 << next;
    last = next;
    return step;
  });
}

function sumUp(steps: readonly MaskStep[]): MaskOrder {
  const sum = (of: (step: MaskStep) => number): number => steps.reduce((total, step) => total + of(step), 0);
  return {
    steps,
    tapeMillimetres: sum((step) => step.tapes.reduce((total, tape) => total + tape.lengthMillimetres, 0)),
    waitMinutes: sum((step) => step.waitMinutes),
    handsMinutes: sum((step) => step.maskMinutes + step.sealMinutes + step.coatMinutes),
    riskMinutes: sum((step) => step.riskMinutes),
    extraCoats: sum((step) => step.extraCoats),
    cost: sum(stepCost),
  };
}
