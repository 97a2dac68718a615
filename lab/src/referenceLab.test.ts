import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { runLab } from './runLab';

const folder = mkdtempSync(join(tmpdir(), 'reference-'));
const fileOf = (content: unknown): string => {
  const path = join(folder, 'file.json');
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
};
const answer = (...words: string[]) => JSON.parse(runLab(words).out) as Record<string, unknown>;
const fault = (...words: string[]): string => {
  const { exitCode, out, err } = runLab(words);
  expect([exitCode, out, err.trim().split('\n').length]).toEqual([2, '', 1]);
  return err;
};

describe('measure', () => {
  const known = [{ a: [100, 100], b: [400, 120], millimetres: 50 }];
  const wanted = [{ id: 'rail', a: [150, 500], b: [760, 530] }];
  it('gives a length with its interval, by picture, and who disagrees', () => {
    const picture = (id: string, to: number) => ({ id, known, wanted: [{ id: 'rail', a: [150, 500], b: [to, 530] }], tiltDegrees: 2 });
    const file = fileOf({ pictures: [picture('left', 760), picture('right', 764), picture('poor', 758), picture('other', 900)] });
    const { lengths } = answer('measure', file) as { lengths: Record<string, unknown>[] };
    expect(lengths).toHaveLength(1);
    expect(lengths[0]).toMatchObject({ id: 'rail', disagrees: ['other'] });
    expect(lengths[0]?.['byPicture']).toHaveLength(4);
    const [low, middle, high] = ['low', 'millimetres', 'high'].map((name) => Number(lengths[0]?.[name]));
    expect(low).toBeLessThan(middle ?? 0);
    expect(high).toBeGreaterThan(middle ?? 0);
  });
  it('says why a picture gives none, and goes on with the others', () => {
    const crossed = { corners: [[0, 0], [900, 900], [900, 0], [0, 900]], proportion: 1 }; // prettier-ignore
    const pictures = [{ id: 'a', known, wanted }, { id: 'b', known, wanted, rectangle: crossed }, { id: 'c', wanted }]; // prettier-ignore
    const { lengths } = answer('measure', fileOf({ pictures })) as { lengths: { byPicture: { refusal?: string }[] }[] };
    expect(lengths[0]?.byPicture.map(({ refusal }) => refusal)).toEqual([undefined, 'cornersCrossed', 'noScale']);
  });
  it('names the place of what it cannot read', () => {
    expect(fault('measure', fileOf('[]'))).toContain('must be an object');
    expect(fault('measure', fileOf({ pictures: [] }))).toContain('holds no pictures');
    expect(fault('measure', fileOf({ pictures: [{ id: 'a', known: [{ a: [1], b: [2, 3], millimetres: 5 }] }] }))).toContain(
      'pictures[0].known[0].a',
    );
    expect(fault('measure', fileOf({ pictures: [{ id: 'a', wanted: 'no' }] }))).toContain('pictures[0].wanted must be a list');
    expect(fault('measure', 'nowhere.json')).toContain('cannot be read');
  });
});
