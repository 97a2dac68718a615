import { describe, expect, it } from 'vitest';
import { NEW_PART } from '../../data/changes/prop/partChanges';
import type { StartAnswers } from './startAnswers';
import { firstAnswers, readAnswers } from './startAnswers';

const NAMED: StartAnswers = { ...firstAnswers('metric'), propName: 'Bell', partName: ' Clapper ' };
const read = (changes: Partial<StartAnswers> = {}) => readAnswers({ ...NAMED, ...changes }, null);
const MESH = {
  file: new File([''], 'clapper_v2.stl'),
  format: 'stl',
  areaSquareCentimetres: 123.4,
  ridgeMicrometres: 88.6,
} as const;

describe('what a newcomer answered', () => {
  it('is a cube of six sides where nothing but names is typed', () => {
    const { part, metres, yardDay, missing } = read();
    // 6 × 6 cm × 6 cm.
    expect(part).toMatchObject({ name: 'Clapper', count: 1, areaSquareCentimetres: 216, shapeId: 'box', sizeMillimetres: [60, 60, 60] });
    expect([metres, yardDay, missing]).toEqual([1.5, null, null]);
    // Round in inches: 2.5 in.
    expect(readAnswers({ ...firstAnswers('us'), propName: 'Bell', partName: 'Clapper' }, null).part.areaSquareCentimetres).toBe(
      Math.round(6 * 6.35 ** 2),
    );
  });
  it('goes by a mesh where there is one, whatever stands in the lengths', () => {
    const { part, missing } = readAnswers({ ...NAMED, partName: '', sides: ['', 'x', '0'] }, MESH);
    expect(part).toMatchObject({ name: 'Clapper v2', areaSquareCentimetres: 123, ridgeMicrometres: 89 });
    expect(part.sizeMillimetres).toEqual(NEW_PART.sizeMillimetres);
    expect(missing).toBeNull();
  });
  it.each([
    [{ propName: ' ' }, 'The prop needs a name.'],
    [{ partName: '' }, 'The part needs a name.'],
    [{ sides: ['60', '', '60'] }, 'A figure is not one that can be.'],
    [{ count: '1.5' }, 'A figure is not one that can be.'],
    [{ viewing: '0' }, 'A figure is not one that can be.'],
    [{ yard: { lowest: '3', highest: '', humidity: '' } }, 'A figure is not one that can be.'],
  ] satisfies [Partial<StartAnswers>, string][])('misses something: %j', (changes, missing) => {
    expect(read(changes).missing).toBe(missing);
  });
  it('is refused in the words of the ladder where its material does not allow what was chosen', () => {
    const { route } = read();
    const { missing, grown } = read({ route: { ...route, finish: 'clear' } });
    expect(grown).toMatchObject({ kind: 'refused', reason: missing });
  });
});
