import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ProjectFile } from '../file/projectFile';
import { RECORD_LISTS } from '../file/tableNames';
import { makeSampleAttachments, makeSampleProject } from '../testing/sampleProject';
import { NEW_RUNG } from '../gather/grow/growRungs';
import type { RungState } from '../records/ladder/rung';
import { changeRungState, LONGEST_WORK_MS, RUNG_MOVES } from '../rungs/changeRungState';
import { standInRung } from '../rungs/standInRung';
import { findRuleFaults } from './findRuleFaults';
import { isSound, mendProject } from './mendProject';
import { namedIds, withoutNames } from './reference';
import { REFERENCES } from './referenceTable';

const BYTES = new Set(makeSampleAttachments().keys());

describe('the table of references', () => {
  it('names fields that the sample has, and every id in them is there', () => {
    const project = makeSampleProject();
    for (const reference of REFERENCES) {
      const [first] = reference.path.split(/[.[]/u);
      for (const record of project[reference.from]) expect(record, `${reference.from}.${reference.path}`).toHaveProperty(first ?? '');
    }
    expect(findRuleFaults(project)).toEqual([]);
  });
  it('covers every field that ends in Id or Ids and names a record', () => {
    const covered = new Set(REFERENCES.map(({ from, path }) => `${from}.${path.replaceAll('[]', '')}`));
    // Names that are not of records: materials, classes, pigments, methods, cautions, shapes, and regions and passes within their own plan.
    const others =
      /\.(materialId|classId|pigmentId|methodId|cautionIds|shapeId|shownId|techniqueId|chipsShowId|firstId|secondId)$|readings\.passId$/u;
    const found = new Set<string>();
    const walk = (value: unknown, path: string): void => {
      if (Array.isArray(value)) for (const entry of value) walk(entry, path);
      else if (typeof value === 'object' && value !== null) for (const [key, inner] of Object.entries(value)) walk(inner, `${path}.${key}`);
      else if (/[a-z]Ids?$/u.test(path)) found.add(path);
      if (Array.isArray(value) && /Ids$/u.test(path)) found.add(path);
    };
    for (const list of RECORD_LISTS) for (const record of makeSampleProject()[list]) walk(record, list);
    expect([...found].filter((path) => !others.test(path) && !covered.has(path))).toEqual([]);
  });
  it('strikes names from lists, from objects in lists, and objects that hold them', () => {
    const of = (from: string, path: string) => {
      const found = REFERENCES.find((entry) => entry.from === from && entry.path === path);
      if (!found) throw new Error(`${from}.${path}`);
      return found;
    };
    const { ladders, flaws, targets, maskPlans, mixCards } = makeSampleProject();
    expect(withoutNames(ladders[0] as object, of('ladders', 'rungIds[]'), (id) => id === 'host-1')).toMatchObject({ rungIds: ['host-2'] });
    expect(withoutNames(flaws[0] as object, of('flaws', 'pin.pictureId'), () => true)).toMatchObject({ pin: null });
    expect(withoutNames(targets[0] as object, of('targets', 'samples[].pictureId'), () => true)).toMatchObject({
      samples: [{ pictureId: null, area: null, lab: [36, -13, 5] }],
    });
    expect(withoutNames(maskPlans[0] as object, of('maskPlans', 'regions[].partId'), () => true)).toMatchObject({ regions: [] });
    expect(withoutNames(mixCards[0] as object, of('mixCards', 'components[].productId'), () => false)).toBe(mixCards[0]);
    expect(namedIds(mixCards[0] as object, of('mixCards', 'components[].productId'))).toEqual([
      { id: 'primer', at: 'components[0].productId' },
    ]);
  });
});

describe('mending', () => {
  it('leaves a sound project as it is', () => {
    const project = makeSampleProject();
    expect(mendProject(project, BYTES)).toEqual({ project, mends: [] });
  });
  it('makes any project sound again, whatever records went and whatever states do not agree, and told each (property)', () => {
    const fault = fc.record({ list: fc.constantFrom(...RECORD_LISTS), at: fc.nat(5), kind: fc.nat(5) });
    fc.assert(
      fc.property(fc.array(fault, { maxLength: 8 }), (faults) => {
        const broken = faults.reduce(breakProject, makeSampleProject());
        const { project, mends } = mendProject(broken, BYTES);
        expect(isSound(project, BYTES)).toBe(true);
        expect(mends.length > 0).toBe(!isSound(broken, BYTES));
        expect(mendProject(project, BYTES).mends).toEqual([]);
      }),
      { numRuns: 400 },
    );
  });
});

/** A project with one fault more. */
function breakProject(
  project: ProjectFile,
  { list, at, kind }: { list: (typeof RECORD_LISTS)[number]; at: number; kind: number },
): ProjectFile {
  const records = project[list] as { id: string }[];
  const chosen = records[at % Math.max(1, records.length)];
  if (!chosen) return project;
  if (kind === 0)
    return {
      ...project,
      rungs: project.rungs.map((rung, i) =>
        i === at % project.rungs.length ? { ...rung, doneAtMs: rung.doneAtMs === null ? 1 : null } : rung,
      ),
    };
  if (kind === 1)
    return { ...project, rungs: project.rungs.map((rung, i) => (i === at % project.rungs.length ? { ...rung, ladderId: 'guest' } : rung)) };
  if (kind === 2) return { ...project, [list]: [...records, { ...chosen }] };
  if (kind === 3)
    return {
      ...project,
      ladders: [...project.ladders, { id: `twin-${at}`, revision: 0, partId: 'host', route: null, rungIds: ['host-1', 'ghost'] }],
    };
  return { ...project, [list]: records.filter((record) => record !== chosen) };
}

describe('the state of a rung', () => {
  const STATES = Object.keys(RUNG_MOVES) as RungState[];
  it('always goes with its moments, over any run of moves (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...STATES), fc.nat(10_000_000)), { maxLength: 20 }), (moves) => {
        let rung = { ...NEW_RUNG };
        let now = Date.UTC(2026, 0, 1);
        for (const [to, later] of moves) {
          now += later;
          const change = changeRungState(rung, to, now);
          if (change.kind === 'changed') rung = { ...rung, ...change.fields };
          expect([rung.state === 'done', rung.state === 'inHand']).toEqual([rung.doneAtMs !== null, rung.startedAtMs !== null]);
          expect(rung.workedMs).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });
  it('finds nothing to do where it is already, and asks when the timer ran longer than any work', () => {
    for (const state of STATES) expect(changeRungState({ ...NEW_RUNG, state }, state, 0).kind).toBe('nothingToDo');
    const held = { ...NEW_RUNG, state: 'inHand' as const, startedAtMs: 0 };
    expect(changeRungState(held, 'done', LONGEST_WORK_MS + 1).kind).toBe('tooLong');
    expect(changeRungState(held, 'done', LONGEST_WORK_MS + 1, 60_000)).toMatchObject({ fields: { workedMs: 60_000 } });
  });
});

describe('what stands in for a rung that went', () => {
  const step = (id: string, methodId: string, band: string) => ({ id, methodId, band: band as 'prime', name: id });
  const ladder = [step('a', 'prime', 'prime'), step('b', 'prime', 'prime'), step('c', 'bond', 'cutBond')];
  it('is of the same method and as manieth, else of its band or one below, else the first', () => {
    const now = [step('x', 'prime', 'prime'), step('y', 'prime', 'prime'), step('z', 'sprayCoat', 'colour')];
    const inPlaceOf = (at: number) => standInRung({ rung: ladder[at] as (typeof ladder)[number], ladder }, now)?.id;
    expect([inPlaceOf(0), inPlaceOf(1), inPlaceOf(2)]).toEqual(['x', 'y', 'x']);
    expect(standInRung(null, now)?.id).toBe('z');
    expect(standInRung(null, [])).toBeNull();
  });
});
