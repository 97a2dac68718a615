import { buildShopProblem } from '@zinc-ladder/core/plan/buildShopProblem';
import { planShop } from '@zinc-ladder/core/plan/planShop';
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
  it('can be planned whole, in time for every date, with the badge’s window met tonight', () => {
    const input = gatherPlan(project, gatherAir(project.shop, project.climateReadings, DEMO_MOMENT), DEMO_MOMENT);
    const plan = planShop(input);
    if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan));
    expect(plan.unplaced).toEqual([]);
    for (const prop of plan.props) expect(prop.readyMs ?? Infinity).toBeLessThan(prop.dueMs ?? 0);
    const badge = plan.rungs.find((rung) => rung.rungId === 'lantern-badge-13');
    expect(badge?.startMs).toBeLessThan(badge?.windowClosesMs ?? 0);
    expect(buildShopProblem(input).problem.tasks.length).toBe(project.rungs.length);
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
