import { buildShopProblem } from '@zinc-ladder/core/plan/buildShopProblem';
import { planShop } from '@zinc-ladder/core/plan/planShop';
import type { ShopPlanInput } from '@zinc-ladder/core/plan/shopPlanInput';
import { applyWhatIf, suggestWhatIfs } from '@zinc-ladder/core/plan/whatIfs';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import { weldVertices } from '@zinc-ladder/core/surface/mesh/weldVertices';
import { surveyMesh } from '@zinc-ladder/core/surface/surveyMesh';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import { gatherPlan } from '@zinc-ladder/model/gather/gatherPlan';
import { describe, expect, it } from 'vitest';
import { makeDemo } from './makeDemo';
import type { Facet } from './meshes/solids';
import { archSection, latheSolid, pulledSolid } from './meshes/solids';
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
  const surveyOf = (facets: readonly Facet[]) =>
    surveyMesh(
      { mesh: weldVertices(Float32Array.from(facets.flat(2))), notices: [] },
      { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 },
    ).survey;
  it('are closed, face outwards, and are about as large as their parts say', () => {
    for (const reference of project.meshes) {
      const { mesh } = readMesh(demo.attachments.get(reference.id) ?? new Uint8Array(), reference.format);
      const { survey } = surveyMesh({ mesh, notices: [] }, { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 });
      expect(survey.complaints, reference.name).toEqual([]);
      expect(survey.volumeCubicMillimetres).toBeGreaterThan(0);
    }
  });
  it('a lathe solid has the volume of its cylinder', () => {
    const cylinder = latheSolid(
      [
        [10, 0],
        [10, 20],
      ],
      360,
    );
    expect((surveyOf(cylinder).volumeCubicMillimetres ?? 0) / (Math.PI * 100 * 20)).toBeCloseTo(1, 3);
  });
  it('an arched case has the volume of its box and half cylinder, less its grooves', () => {
    const groove = { z: 20, width: 2, depth: 1 };
    const solid = pulledSolid(archSection(60, 40, [groove], 360), 50, 4);
    const whole = 60 * 40 * 50 + ((Math.PI * 900) / 2) * 50;
    expect((surveyOf(solid).volumeCubicMillimetres ?? 0) / (whole - 2 * 2 * 1 * 50)).toBeCloseTo(1, 4);
  });
});
