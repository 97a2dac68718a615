import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { weldVertices } from '@zinc-ladder/core/surface/mesh/weldVertices';
import { describe, expect, it } from 'vitest';
import type { MeshAsk } from './meshApi';
import { createMeshApi } from './meshApi';

const ASK: MeshAsk = { id: 'a', format: 'stl', millimetres: 1, setup: { layerMillimetres: 0.2, up: [0, 0, 1], beadShare: 0.1 } };
/** A tetrahedron with a leg of 6 mm. */
const TETRA = writeStl(
  weldVertices(
    Float32Array.from(
      [
        [0, 0, 0, 0, 6, 0, 6, 0, 0],
        [0, 0, 0, 6, 0, 0, 0, 0, 6],
        [0, 0, 0, 0, 0, 6, 0, 6, 0],
        [6, 0, 0, 0, 6, 0, 0, 0, 6],
      ].flat(),
    ),
  ),
  'tetra',
);

describe('the mesh desk', () => {
  it('opens a mesh in millimetres and gives arrays of its own', () => {
    const desk = createMeshApi();
    const opened = desk.open({ ...ASK, millimetres: 10 }, TETRA);
    if (opened.kind !== 'opened') throw new Error(opened.message);
    expect(opened.survey.volumeCubicMillimetres).toBeCloseTo(36_000, 1);
    opened.drawing.corners.fill(0);
    expect(desk.grooves('a')).toEqual([]);
    // Six edges of a tetrahedron, all sharp.
    expect(opened.drawing.lines).toHaveLength(6 * 6);
  });
  it('says what a sheet would be drawn over: all that is seen from above and the sides', () => {
    const desk = createMeshApi();
    expect(desk.buck('a')).toBeNull();
    desk.open({ ...ASK, millimetres: 10 }, TETRA);
    // Two upright legs of 60 × 60 ÷ 2 each, and the slanted face of √3 ÷ 2 × 60²; from above half a square.
    expect(desk.buck('a')).toMatchObject({ width: 60, depth: 60, height: 60 });
    const buck = desk.buck('a');
    if (!buck || buck === 'open') throw new Error('the tetrahedron is closed');
    expect(buck.outlineSquareMillimetres).toBeCloseTo(1800, 1);
    expect(buck.drawnSquareMillimetres).toBeCloseTo(2 * 1800 + (Math.sqrt(3) / 2) * 3600, 0);
  });
  it('says which facet is pointed at, and where', () => {
    const desk = createMeshApi();
    desk.open(ASK, TETRA);
    expect(desk.hit('a', [1, 1, -5], [0, 0, 1])).toMatchObject({ facet: 0, place: [1, 1, 0] });
    expect(desk.hit('a', [9, 9, -5], [0, 0, 1])).toBe('nothing');
    expect(desk.hit('b', [1, 1, -5], [0, 0, 1])).toBeNull();
  });
  it('answers a broken file with words, and what is not on it with null', () => {
    const desk = createMeshApi();
    expect(desk.open(ASK, new TextEncoder().encode('nothing'))).toMatchObject({ kind: 'faulty' });
    expect([desk.grooves('a'), desk.recess('a', () => undefined), desk.walls('a', 1, () => undefined), desk.directions(ASK, null)]).toEqual(
      [null, null, null, null],
    );
    desk.open({ ...ASK, id: 'b' }, TETRA);
    expect(desk.grooves('a')).toBeNull();
  });
  it('a side nobody sees does not count for the direction', () => {
    const desk = createMeshApi();
    desk.open(ASK, TETRA);
    const slope = [1 / Math.sqrt(3), 1 / Math.sqrt(3), 1 / Math.sqrt(3)] as const;
    const all = desk.directions(ASK, null)?.present.seenMicrometres ?? 0;
    const hidden = desk.directions(ASK, slope)?.present.seenMicrometres ?? 0;
    expect(hidden).toBeLessThan(all);
  });
});
