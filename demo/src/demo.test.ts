import { buildShopProblem } from '@zinc-ladder/core/plan/buildShopProblem';
import { planShop } from '@zinc-ladder/core/plan/planShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { applyWhatIf, suggestWhatIfs } from '@zinc-ladder/core/plan/whatIfs';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import { describe, expect, it } from 'vitest';
import { makeDemo } from './makeDemo';
import { groovedBox, latheSolid } from './meshes/solids';
import type { Facet } from './meshes/stl';
import { DEMO_MOMENT } from './scenario';

const demo = makeDemo();
const { project } = demo;

describe('the demo', () => {
  it('is the same each time, and what the application takes', () => {
    expect(zipBundle(makeDemo())).toEqual(zipBundle(demo));
    expect(readBundle(zipBundle(demo)).project.rungs).toHaveLength(project.rungs.length);
  });
  it('ships what the scenario promises', () => {
    expect([project.props.length, project.mixCards.length, project.pictures.length]).toEqual([4, 8, 3]);
    expect(project.products.length).toBeGreaterThanOrEqual(30);
    expect(project.logEntries.filter((entry) => entry.kind === 'mistake').length).toBeGreaterThanOrEqual(2);
    expect(project.rungs.filter((rung) => rung.state === 'inHand')).toHaveLength(1);
  });
  it('holds nothing that happens after its moment', () => {
    for (const rung of project.rungs) expect(rung.doneAtMs ?? 0).toBeLessThanOrEqual(DEMO_MOMENT);
    for (const entry of project.logEntries) expect(entry.atMs).toBeLessThanOrEqual(DEMO_MOMENT);
  });
  const input = gatherPlan(project, gatherAir(project.shop, project.climateReadings, DEMO_MOMENT), DEMO_MOMENT);
  const planOf = (given: ShopPlanInput) => {
    const plan = planShop(given);
    if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan));
    expect(plan.unplaced).toEqual([]);
    return plan;
  };
  const lateProps = (given: ShopPlanInput): number =>
    planOf(given).props.filter((prop) => (prop.readyMs ?? Infinity) > (prop.dueMs ?? 0)).length;
  it('can be planned whole, with the badge’s window met tonight', () => {
    const plan = planOf(input);
    const badge = plan.rungs.find((rung) => rung.rungId === 'lantern-badge-13');
    expect(badge?.startMs).toBeLessThan(badge?.windowClosesMs ?? 0);
    expect(buildShopProblem(input).problem.tasks.length).toBe(project.rungs.length);
  });
  it('is late for the camera test with the evenings there are, and just in time with the Sunday more', () => {
    expect(lateProps(input)).toBeGreaterThan(0);
    const sunday = suggestWhatIfs(input).find((whatIf) => whatIf.kind === 'evening');
    expect(sunday).toMatchObject({ date: '2026-05-31' });
    if (!sunday) return;
    const withSunday = applyWhatIf(input, sunday);
    expect(lateProps(withSunday)).toBe(0);
    const spare = Math.min(...planOf(withSunday).props.map((prop) => (prop.dueMs ?? 0) - (prop.readyMs ?? 0)));
    expect(spare / 3_600_000).toBeLessThan(4);
    // Each coat with a can of its own: no session is shared, and getting ready eats what the Sunday gave.
    const alone = withSunday.parts.map((part) => ({
      ...part,
      rungs: part.rungs.map((rung) =>
        rung.film ? { ...rung, film: { ...rung.film, productId: `${rung.film.productId} ${rung.id}` } } : rung,
      ),
    }));
    expect(lateProps({ ...withSunday, parts: alone })).toBeGreaterThan(0);
  });
});

describe('the demo’s meshes', () => {
  /** Every edge of a closed surface is shared by two facets that run it in opposite directions. */
  function openEdges(facets: readonly Facet[]): number {
    const key = (point: readonly number[]): string => point.map((value) => value.toFixed(4)).join();
    const edges = new Map<string, number>();
    for (const facet of facets)
      facet.forEach((corner, at) => {
        const [a, b] = [key(corner), key(facet[(at + 1) % 3] ?? corner)];
        const name = a < b ? `${a}|${b}` : `${b}|${a}`;
        edges.set(name, (edges.get(name) ?? 0) + (a < b ? 1 : -1));
      });
    return [...edges.values()].filter((sum) => sum !== 0).length;
  }
  const volumeOf = (facets: readonly Facet[]): number =>
    facets.reduce(
      (sum, [a, b, c]) =>
        sum + (a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0]) + a[2] * (b[0] * c[1] - b[1] * c[0])) / 6,
      0,
    );

  it('closes a lathe solid and gives a cylinder its volume', () => {
    const cylinder = latheSolid(
      [
        [10, 0],
        [10, 20],
      ],
      360,
    );
    expect(openEdges(cylinder)).toBe(0);
    expect(volumeOf(cylinder)).toBeCloseTo(Math.PI * 100 * 20, -1);
  });
  it('cuts grooves out of a box, facing outwards', () => {
    expect(volumeOf(groovedBox([10, 20, 30], [[10, 2, 1]]))).toBeCloseTo(10 * 20 * 30 - 10 * 2 * 1, 6);
  });
});
