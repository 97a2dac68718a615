import { describe, expect, it } from 'vitest';
import type { ShopPlan } from '../shopPlan/shopPlan';
import { planShop } from '../shopPlan/planShop';
import { followReasons } from './reasonChain';
import type { ShopPlanInput } from '../shop/shopPlanInput';
import { MINUTE, NOW, part, rung, shop } from '../testing/shopBuilder';

function planned(input: ShopPlanInput): Extract<ShopPlan, { kind: 'planned' }> {
  const plan = planShop(input);
  if (plan.kind !== 'planned') throw new Error('faulty');
  return plan;
}

describe('the chain of reasons', () => {
  it('goes back rung by rung to now, each with what held it', () => {
    const { rungs } = planned(
      shop([part('a', [rung('cut', 'cut'), rung('prime', 'prime', { classId: 'fillerPrimer' }), rung('sand', 'primeSand')])]),
    );
    const chain = followReasons(rungs, 'sand');
    expect(chain.map((link) => link.rungId)).toEqual(['sand', 'prime', 'cut']);
    expect(chain[0]?.held).toMatchObject({ kind: 'wait', wait: { cause: { reason: { kind: 'film', milestone: 'sand' } } } });
    expect(chain.at(-1)?.held).toEqual({ kind: 'nothing' });
    expect(chain.at(-1)?.startMs).toBe(NOW);
  });
  it('passes through other parts where hands were busy with them', () => {
    const { rungs } = planned(shop(['a', 'b', 'c'].map((id) => part(id, [rung(`cut ${id}`, 'cut', { minutes: 30 })]))));
    const last = rungs.toSorted((a, b) => b.startMs - a.startMs)[0]?.rungId ?? '';
    const chain = followReasons(rungs, last);
    expect(chain).toHaveLength(3);
    expect(chain.map((link) => link.held.kind)).toEqual(['busy', 'busy', 'nothing']);
  });
  it('goes on across a night, to what the rung had waited for before it', () => {
    const hours = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 8 * 60, endMinute: 9 * 60 }));
    const { rungs } = planned(
      shop([part('a', [rung('cut', 'cut', { minutes: 55 }), rung('wash', 'washResin', { minutes: 30 })])], { hours }),
    );
    const [first, second] = followReasons(rungs, 'wash');
    expect(first?.held).toMatchObject({ kind: 'closed', wait: { cause: { kind: 'arc', fromTaskId: 'cut' } } });
    expect((first?.startMs ?? 0) - (second?.startMs ?? 0)).toBe(24 * 60 * MINUTE);
  });
  it('of a rung the plan does not know is empty', () => expect(followReasons([], 'ghost')).toEqual([]));
});
