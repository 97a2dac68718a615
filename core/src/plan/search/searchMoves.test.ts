import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import { dispatchOrder, withoutCloses } from './dispatchOrder';
import type { PlanGenes } from '../place/placeInOrder';
import { placeInOrder } from '../place/placeInOrder';
import { prepareProblem } from '../problem/preparedProblem';
import { measureTails, priorityOrders } from './priorityRules';
import { MoveMaker } from './searchMoves';
import { arc, problem, task } from '../testing/problemBuilder';
import { randomProblem } from '../testing/randomProblem';

const sorted = (order: readonly number[]): number[] => order.toSorted((a, b) => a - b);

describe('orders the search begins with and goes through', () => {
  it('hold every task once, whatever the rule, the weights or the moves (property)', () => {
    fc.assert(
      fc.property(randomProblem, fc.integer({ min: 0, max: 1e6 }), (given, seed) => {
        const prepared = prepareProblem(given);
        const all = given.tasks.map((_, index) => index);
        for (const { order } of priorityOrders(prepared)) expect(sorted(order)).toEqual(all);
        const order = dispatchOrder(withoutCloses(prepared), measureTails(prepared), { urgency: 1, setup: 2 });
        expect(sorted(order)).toEqual(all);
        const moves = new MoveMaker(prepared, seededRandom(seed));
        let genes: PlanGenes = { order };
        for (let step = 0; step < 12; step += 1) {
          genes = moves.step({ genes, plan: placeInOrder(prepared, genes) });
          expect(sorted(genes.order)).toEqual(all);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('do the same with the same seed', () => {
    const prepared = prepareProblem(problem({ tasks: ['a', 'b', 'c', 'd'].map((id) => task(id, 10)), arcs: [arc('a', 'b')] }));
    const walk = (): PlanGenes[] => {
      const moves = new MoveMaker(prepared, seededRandom(5));
      let genes: PlanGenes = { order: [0, 1, 2, 3] };
      return Array.from({ length: 20 }, () => (genes = moves.step({ genes, plan: placeInOrder(prepared, genes) })));
    };
    expect(walk()).toEqual(walk());
  });
  it('know what follows a task: work and waits to the end of its ladder', () => {
    const prepared = prepareProblem(
      problem({ tasks: [task('a', 10), task('b', 20), task('c', 5)], arcs: [arc('a', 'b', [{ lo: 60, hi: null }]), arc('b', 'c')] }),
    );
    expect(measureTails(prepared)).toEqual([10 + 60 + 20 + 5, 25, 5]);
    const longest = [...priorityOrders(prepared)].find((rule) => rule.rule === 'longest work left');
    expect(longest?.order).toEqual([0, 1, 2]);
  });
});
