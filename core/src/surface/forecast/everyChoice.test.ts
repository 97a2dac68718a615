import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AGES } from '../../ladder/ages';
import { FINISHES, findFinish } from '../../ladder/finishes';
import type { RouteChoice } from '../../ladder/growLadder';
import { MATERIALS } from '../../ladder/materials';
import { SMOOTHING_SCHOOLS } from '../../ladder/schools';
import { forecastSchools, USUAL_ENGRAVING } from './forecastSchools';
import { GRITS } from '../grit/gritTable';
import { tryLayers } from './layerWhatIf';
import { ridgeMicrometres, zoneOf } from '../measure/layerRidges';
import { planSanding, underCoatOf } from '../grit/sandingPlan';
import { SHAPES, surveyShape } from '../measure/shapes';
import { valleyByHours } from './valleyByHours';
import { visibleValley } from './visibleValley';

const choice = fc.record({
  material: fc.constantFrom(...MATERIALS.map((material) => material.id)),
  finish: fc.constantFrom(...FINISHES.map((finish) => finish.id)),
  age: fc.constantFrom(...AGES.map((age) => age.id)),
  smoothing: fc.constantFrom(...SMOOTHING_SCHOOLS.map((school) => school.id)),
  joining: fc.constant('none' as const),
  sealing: fc.constant('unsealed' as const),
  layerMillimetres: fc.double({ min: 0.02, max: 0.4, noNaN: true }),
  areaSquareCentimetres: fc.double({ min: 1, max: 5000, noNaN: true }),
  pieces: fc.integer({ min: 1, max: 20 }),
  ridgeMicrometres: fc.option(fc.double({ min: 0, max: 400, noNaN: true })),
});
const ask = (wantedMicrometres: number, temperatureCelsius: number) => ({
  wantedMicrometres,
  air: { temperatureCelsius, relativeHumidityPercent: 55 },
  engraving: USUAL_ENGRAVING,
});

describe('forecasts of every choice', () => {
  it('are figures or reasons: nothing negative, nothing that is no number, never more open than drawn (property)', () => {
    fc.assert(
      fc.property(
        choice,
        fc.double({ min: 2, max: 200, noNaN: true }),
        fc.double({ min: -5, max: 40, noNaN: true }),
        (given, wanted, celsius) => {
          for (const entry of forecastSchools(given as RouteChoice, ask(wanted, celsius))) {
            if (entry.kind === 'refused') {
              expect(entry.reason.length).toBeGreaterThan(10);
              continue;
            }
            const figures = [
              entry.handsMinutes,
              entry.waitMinutes,
              entry.filmMicrometres,
              entry.cutMicrometres,
              entry.edgeRadiusMicrometres,
              entry.engraving.widthMillimetres,
              entry.engraving.depthMillimetres,
              ...entry.products.map((use) => use.millilitres),
            ];
            for (const figure of figures) {
              expect(Number.isFinite(figure)).toBe(true);
              expect(figure).toBeGreaterThanOrEqual(0);
            }
            expect(entry.engraving.openShare).toBeLessThanOrEqual(1);
            const hours = valleyByHours(entry, new Map()).map((step) => step.hours);
            expect(hours).toEqual(hours.toSorted((a, b) => a - b));
            expect(hours.at(-1) ?? 0).toBeLessThanOrEqual(entry.handsMinutes / 60 + 1e-9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
  it('nothing opaque goes on what is lit, nothing stiff on what bends, solvent only on what it dissolves', () => {
    for (const { id: material, isFlexible, isPrinted, dissolvesInSolvent } of MATERIALS)
      for (const { id: finish } of FINISHES) {
        const base = {
          material,
          finish,
          age: 'new',
          smoothing: 'primerOnly',
          joining: 'none',
          sealing: 'unsealed',
          layerMillimetres: 0.2,
          areaSquareCentimetres: 100,
          pieces: 1,
        } as const;
        const allowed = forecastSchools(base, ask(20, 20)).flatMap((entry) => (entry.kind === 'forecast' ? [entry.smoothing] : []));
        if (isFlexible) expect(allowed.filter((school) => !['primerOnly', 'texture'].includes(school))).toEqual([]);
        if (!dissolvesInSolvent) expect(allowed).not.toContain('solvent');
        if (finish === 'litTranslucent' && isPrinted)
          expect(allowed.filter((school) => school !== 'brushEpoxy' && school !== 'solvent')).toEqual([]);
      }
  });
  it('colder air never shortens the wait, more area never lessens hands or paint', () => {
    const base: RouteChoice = {
      material: 'rigid',
      finish: 'gloss',
      age: 'new',
      smoothing: 'primerOnly',
      joining: 'none',
      sealing: 'unsealed',
      layerMillimetres: 0.2,
      areaSquareCentimetres: 100,
      pieces: 1,
    };
    for (const school of SMOOTHING_SCHOOLS) {
      const at = (area: number, celsius: number) =>
        forecastSchools({ ...base, areaSquareCentimetres: area }, ask(10, celsius)).find((entry) => entry.smoothing === school.id);
      const [small, large, cold] = [at(100, 23), at(900, 23), at(100, 8)];
      if (small?.kind !== 'forecast' || large?.kind !== 'forecast' || cold?.kind !== 'forecast') continue;
      expect(large.handsMinutes).toBeGreaterThan(small.handsMinutes);
      expect(cold.waitMinutes).toBeGreaterThan(small.waitMinutes);
      small.products.forEach((use, at_) => expect(large.products[at_]?.millilitres).toBeCloseTo(9 * use.millilitres, 9));
    }
  });
  it('layers: hours fall and loops rise as layers grow, whatever the part', () => {
    fc.assert(
      fc.property(choice, fc.double({ min: 0.2, max: 80, noNaN: true }), (given, hours) => {
        const trials = tryLayers(given as RouteChoice, ask(15, 20), hours);
        const printed = trials.map((trial) => trial.printHours);
        const loops = trials.map((trial) => trial.loops);
        expect(printed).toEqual(printed.toSorted((a, b) => b - a));
        expect(loops).toEqual(loops.toSorted((a, b) => a - b));
        if (trials.length > 0) expect(trials.filter((trial) => trial.isPresent)).toHaveLength(1);
      }),
      { numRuns: 60 },
    );
  });
});

describe('ridges and zones', () => {
  it('are symmetric, never below the bead nor above the layer, and level faces are smooth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: 0.02, max: 0.4, noNaN: true }),
        fc.constantFrom(0.1, 0.02),
        (cosine, layer, bead) => {
          const setup = { layerMillimetres: layer, beadShare: bead };
          const ridge = ridgeMicrometres(cosine, setup);
          expect(ridge).toBe(ridgeMicrometres(-cosine, setup));
          expect(ridge).toBeGreaterThanOrEqual(bead * layer * 1000 - 1e-9);
          expect(ridge).toBeLessThanOrEqual(layer * 1000 + 1e-9);
        },
      ),
    );
    expect(ridgeMicrometres(1, { layerMillimetres: 0.2, beadShare: 0.1 })).toBeCloseTo(20, 9);
    expect(ridgeMicrometres(-1, { layerMillimetres: 0.2, beadShare: 0.1 }, true)).toBe(0);
  });
  it.each([
    [1, false, 'flat'],
    [-1, false, 'flat'],
    [-1, true, 'bed'],
    [0.9, false, 'dome'],
    [0.6, false, 'dome'],
    [0.4, false, 'shoulder'],
    [0.1, false, 'wall'],
    [-0.1, false, 'wall'],
    [-0.5, false, 'overhang'],
  ] as const)('a cosine of %f (on the bed: %s) lies in the zone %s', (cosine, isOnBed, zone) => expect(zoneOf(cosine, isOnBed)).toBe(zone));
  it('a shape grows by the square of its size, its ridges not at all (property)', () => {
    const side = fc.double({ min: 5, max: 200, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...SHAPES.map((shape) => shape.id)), side, side, side, (id, l, b, h) => {
        const setup = { layerMillimetres: 0.2, beadShare: 0.1 };
        const [one, three] = [surveyShape(id, [l, b, h], setup), surveyShape(id, [3 * l, 3 * b, 3 * h], setup)];
        expect(three.areaSquareMillimetres / one.areaSquareMillimetres).toBeCloseTo(9, 6);
        expect(three.meanMicrometres).toBeCloseTo(one.meanMicrometres, 6);
        expect(one.p95Micrometres).toBeLessThanOrEqual(one.maxMicrometres);
      }),
    );
  });
});

describe('papers for every surface', () => {
  it('each takes off what the one before left, and more area or depth never takes less time (property)', () => {
    const last = fc.constantFrom(...GRITS.filter((grit) => grit.grainMicrometres <= 100 && grit.grainMicrometres >= 20));
    const area = fc.double({ min: 0, max: 3000, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), area, area, last, (valley, powered, hand, to) => {
        const under = underCoatOf('gloss', false);
        const plan = (depth: number, more: number) =>
          planSanding(
            { valleyMicrometres: depth, poweredSquareCentimetres: powered + more, handSquareCentimetres: hand + more, under },
            to,
          );
        const steps = plan(valley, 0);
        expect(steps.at(-1)?.name).toBe(to.name);
        steps.slice(1).forEach((step, at) => expect(step.takesOffMicrometres).toBe(steps[at]?.scratchMicrometres));
        const minutes = (list: typeof steps): number => list.reduce((sum, step) => sum + step.poweredMinutes + step.handMinutes, 0);
        expect(minutes(plan(valley, 100))).toBeGreaterThanOrEqual(minutes(steps));
      }),
    );
    expect(() =>
      planSanding(
        { valleyMicrometres: 10, poweredSquareCentimetres: -1, handSquareCentimetres: 0, under: underCoatOf('satin', false) },
        GRITS[10] as (typeof GRITS)[number],
      ),
    ).toThrow(RangeError);
  });
  it('what is forgiven grows with the distance, in proportion beyond arm’s length', () => {
    for (const { id } of FINISHES) {
      const at = (metres: number): number => visibleValley(findFinish(id), metres).valleyMicrometres;
      expect(at(1.2)).toBeCloseTo(2 * at(0.6), 9);
      expect(at(0.1)).toBe(at(0.6));
      expect(() => at(0)).toThrow(RangeError);
    }
  });
});
