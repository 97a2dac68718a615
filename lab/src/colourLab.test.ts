import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { difference as ciede2000 } from '@zinc-ladder/core/colour/lab';
import { describe, expect, it } from 'vitest';
import { runLab } from './runLab';

const folder = mkdtempSync(join(tmpdir(), 'zinc-lab-'));
const file = (name: string, content: unknown): string => {
  const path = join(folder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
};
function answer(...words: string[]): Record<string, unknown> {
  const { exitCode, out, err } = runLab(words);
  if (exitCode !== 0) throw new Error(err);
  return JSON.parse(out) as Record<string, unknown>;
}
const STOCK = file('stock.json', {
  paints: [
    { id: 'white', hex: '#f1efe9' },
    { id: 'black', hex: '#2a2a29', strength: 2 },
    { id: 'green', lab: [34, -24, 5] },
    { id: 'ochre', hex: '#b98a33', scatterPerCoat: 1.1 },
  ],
});

describe('the lab, colour', () => {
  it('gives the CIEDE2000 of pair 1 of Sharma, Wu and Dalal (2005)', () =>
    expect(answer('difference', '--a', '50,2.6772,-79.7751', '--b', '50,0,-82.7485')['dE00']).toBeCloseTo(2.0425, 4));
  it('takes a negative first number and hex colours', () => {
    expect(answer('difference', '--a', '#3c5c4c', '--b', '#3c5c4c')).toMatchObject({ dE00: 0, band: 'none', words: '' });
    expect(runLab(['difference', '--a', '-5,0,0', '--b', '50,0,0']).exitCode).toBe(2);
  });
  it('mixes, and predicts its own recipes to the last decimal', () => {
    const { recipes } = answer('mix', STOCK, '--target', '#3c5c4c', '--parts', '18') as {
      recipes: { parts: Record<string, number>; lab: [number, number, number]; dE00: number; isPreferred: boolean }[];
    };
    expect(recipes.filter((recipe) => recipe.isPreferred)).toHaveLength(1);
    for (const recipe of recipes.slice(0, 4)) {
      const words = Object.entries(recipe.parts).map(([id, parts]) => `${id}:${parts}`);
      const { lab } = answer('predict', STOCK, '--recipe', words.join(',')) as { lab: [number, number, number] };
      expect(ciede2000(lab, recipe.lab)).toBeLessThan(0.002);
    }
    const { recipes: bound } = answer('mix', STOCK, '--target', '40,-10,5', '--paints', '2', '--must', 'ochre', '--never', 'green') as {
      recipes: { parts: Record<string, number> }[];
    };
    for (const recipe of bound) expect(Object.keys(recipe.parts)).toEqual(expect.arrayContaining(['ochre']));
    for (const recipe of bound) expect(Object.keys(recipe.parts)).not.toContain('green');
  });
  it('predicts over a backing what hide draws coat by coat', () => {
    const hide = answer('hide', STOCK, '--paint', 'ochre', '--over', '#232221', '--coats', '2') as {
      coats: { coats: number; lab: number[]; contrastRatio: number }[];
      contrastRatio: number;
    };
    const { lab } = answer('predict', STOCK, '--recipe', 'ochre:3', '--over', '#232221', '--coats', '2') as { lab: number[] };
    hide.coats[2]?.lab.forEach((value, axis) => expect(lab[axis]).toBeCloseTo(value, 2));
    expect(hide.contrastRatio).toBe(hide.coats[2]?.contrastRatio);
  });
  it('orders masks and compares painting apart', () => {
    const regions = file('regions.json', {
      regions: [{ id: 'dark' }, { id: 'light' }, { id: 'cap', partId: 'cap' }],
      borders: [
        { firstId: 'dark', secondId: 'light', lengthMillimetres: 120 },
        { firstId: 'dark', secondId: 'cap', lengthMillimetres: 200 },
      ],
      coatsOver: { light: { dark: 6 } },
      order: ['dark', 'light', 'cap'],
    });
    const found = answer('mask-order', regions) as {
      order: string[];
      cost: number;
      given: { cost: number };
      apart: { tapeMillimetres: number };
    };
    expect(found.order.indexOf('light')).toBeLessThan(found.order.indexOf('dark'));
    expect(found.given.cost).toBeGreaterThan(found.cost);
    expect(found.apart.tapeMillimetres).toBe(120);
  });
  it('finds what does not go together', () => {
    const stack = file('stack.json', {
      material: 'flexible',
      steps: [{ method: 'wash' }, { method: 'prime', class: 'primer' }],
    });
    expect(answer('compat', stack)).toMatchObject({ findings: [{ ruleId: 'brittleOnFlexible', stepId: '1', sure: 'certain' }] });
  });
  it.each([
    [['difference', '--a', '50,0', '--b', '50,0,0']],
    [['difference', '--a', '#12', '--b', '50,0,0']],
    [['difference', '--a', '50,x,0', '--b', '50,0,0']],
    [['mix', STOCK]],
    [['mix', STOCK, '--target', '#808080', '--paints', '7']],
    [['mix', STOCK, '--target', '#808080', '--must', 'pink']],
    [['mix', file('empty.json', []), '--target', '#808080']],
    [
      [
        'mix',
        file('twice.json', [
          { id: 'a', hex: '#808080' },
          { id: 'a', hex: '#808081' },
        ]),
        '--target',
        '#808080',
      ],
    ],
    [['mix', file('weak.json', [{ id: 'a', hex: '#808080', strength: 0 }]), '--target', '#808080']],
    [['predict', STOCK]],
    [['predict', STOCK, '--recipe', 'green:0']],
    [['hide', STOCK, '--paint', 'pink', '--over', '#000000']],
    [['mask-order', file('none.json', {})]],
    [
      [
        'mask-order',
        file('loop.json', {
          regions: [
            { id: 'a', chipsShowId: 'b' },
            { id: 'b', chipsShowId: 'a' },
          ],
        }),
      ],
    ],
    [['mask-order', file('nowhere.json', { regions: [{ id: 'a' }], borders: [{ firstId: 'a', secondId: 'x', lengthMillimetres: 1 }] })]],
    [['compat', file('odd.json', { material: 'wood', steps: [] })]],
    [['compat', file('odder.json', { material: 'rigid', steps: [{ method: 'pray' }] })]],
    [['compat', file('broken.json', '{')]],
  ])('bad input %j ends with 2 and one line', (words) => {
    const { exitCode, out, err } = runLab(words);
    expect([exitCode, out]).toEqual([2, '']);
    expect(err.trim().split('\n')).toHaveLength(1);
  });
});
