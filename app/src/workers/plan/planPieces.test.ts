import { planShopAtOnce } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it } from 'vitest';
import { PlanPieces, toPieces } from './planPieces';

const project = makeSampleProject();
const plan = planShopAtOnce(gatherPlan(project, gatherAirs(project.shop, [], project.savedAtMs), project.savedAtMs), {});

describe('a plan sent in pieces', () => {
  it('comes together as it was, however long its lists, and only with its last piece', () => {
    if (plan.kind !== 'planned') throw new Error('the sample can be planned');
    const [rung] = plan.rungs;
    if (!rung) throw new Error('the sample has rungs');
    for (const count of [0, 1, 700, 701, 5000]) {
      const long = { ...plan, rungs: Array.from({ length: count }, (_, at) => ({ ...rung, rungId: `rung-${at}` })) };
      const pieces = toPieces(long);
      const gathered = new PlanPieces();
      expect(pieces.slice(0, -1).map((piece) => gathered.take(piece))).toEqual(pieces.slice(1).map(() => null));
      expect(gathered.take(pieces.at(-1) ?? { kind: 'end' })).toEqual(long);
      expect(pieces.length).toBeLessThanOrEqual(2 + Math.ceil(count / 700));
    }
  });
  it('takes the next plan after it, and one that is faulty', () => {
    const gathered = new PlanPieces();
    for (const each of [plan, { kind: 'faulty', faults: [] } as const]) {
      const taken = toPieces(each).map((piece) => gathered.take(piece));
      expect(taken.at(-1)).toEqual(each);
    }
  });
});
