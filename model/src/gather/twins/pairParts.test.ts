import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import type { Part } from '../../records/prop/part';
import { pairParts } from './pairParts';
import { recordBesideRoute } from './recordBesideRoute';

const [template] = makeSampleProject().parts;
const part = (id: string, name: string, materialId: Part['materialId'] = 'rigid'): Part => ({
  ...(template as Part),
  id,
  name,
  materialId,
});
const names = (pairs: ReturnType<typeof pairParts>): string[] => pairs.map(({ a, b }) => `${a?.id ?? '-'} ${b?.id ?? '-'}`);

describe('parts of two props', () => {
  it('are paired by name before they are by material and finish, and the rest stands alone', () => {
    const a = [part('a1', 'Cap'), part('a2', 'Tank'), part('a3', 'Bar', 'resin')];
    const b = [part('b1', 'Drum'), part('b2', 'cap '), part('b3', 'Foot', 'soluble')];
    expect(names(pairParts(a, b, new Map()))).toEqual(['a1 b2', 'a2 b1', 'a3 -', '- b3']);
  });
  it('of nothing there is nothing', () => expect(pairParts([], [], new Map())).toEqual([]));
});

describe('a record beside the usual route', () => {
  const done = { rungId: 'r', name: 'sand', methodId: 'sand', productId: null, mixCardId: null, coatMicrometres: null, grit: 'P220', minutes: 9, minutesFormula: '', areaShare: null, piecesShare: null, millilitres: null }; // prettier-ignore
  const usual = { name: 'sand', methodId: 'sand', band: 'fillSand', productClassId: null, paintWords: [], role: null, grit: 'P220', coatMicrometres: null, minutes: 5, minutesFormula: '', why: '', cautionIds: [] } as const; // prettier-ignore
  it('holds the same step once, and what only one of them has alone', () => {
    const wash = { ...done, name: 'wash', methodId: 'washDust', grit: null };
    const prime = { ...usual, name: 'prime', methodId: 'prime', grit: null };
    expect(recordBesideRoute([done, wash], [usual, prime]).map((row) => [row.done?.name, row.usual?.name])).toEqual([
      ['sand', 'sand'],
      [undefined, 'prime'],
      ['wash', undefined],
    ]);
  });
});
