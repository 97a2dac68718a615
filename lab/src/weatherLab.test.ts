import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { crate } from '@zinc-ladder/core/weather/testing/solids';
import { renderPair } from '@zinc-ladder/core/weather/testing/renderPhotos';
import { PNG } from 'pngjs';
import { describe, expect, it } from 'vitest';
import { runLab } from './runLab';

const folder = mkdtempSync(join(tmpdir(), 'zinc-weather-'));
process.env['INIT_CWD'] = folder;
const answer = (...words: string[]): Record<string, number & Record<string, number>> => {
  const { exitCode, out, err } = runLab(words);
  if (exitCode !== 0) throw new Error(err);
  return JSON.parse(out) as Record<string, number & Record<string, number>>;
};
const fault = (...words: string[]): string => {
  const { exitCode, err } = runLab(words);
  expect(exitCode).toBe(2);
  return err;
};
const PASS = ['--base', '#3c5c4c', '--paint', '#1c1a18', '--points', '8000'] as const;

writeFileSync(join(folder, 'crate.stl'), writeStl(crate(), 'crate'));
writeFileSync(join(folder, 'broken.stl'), 'no mesh');

describe('the lab on weather', () => {
  it('lists techniques, and tells noise by place', () => {
    expect((answer('weather-techniques')['techniques'] as unknown as string[]).length).toBeGreaterThan(20);
    expect(answer('weather-noise', '--at', '1.25,-2.75,3.5', '--seed', '5')['noise']).toBeCloseTo(0.6346851554, 9);
    expect(answer('weather-noise', '--at', '0,0,0', '--seed', '1')['hash']).toBe(3_749_358_279);
  });
  it('tells area and zones of a mesh, the same for a seed', () => {
    const first = answer('weather-fields', 'crate.stl', '--points', '20000', '--reach', '6', '--seed', '5');
    expect(first['area']).toBeCloseTo(45_970.8, 0);
    const shares = first['shares'] as Record<string, number>;
    expect(Object.values(shares).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 3);
    expect(answer('weather-fields', 'crate.stl', '--points', '20000', '--seed', '5')['shares']).toEqual(shares);
  });
  it('tells what is seen of a pass: nothing at 0, more with more, none of the base’s own colour', () => {
    const at = (amount: string, ...more: string[]) =>
      answer('weather-pass', 'crate.stl', '--technique', 'washWiped', ...PASS, '--amount', amount, ...more);
    expect(at('0')).toEqual({ ink: 0, coverage: 0, contrast: 0, tint: 0 });
    expect(at('0.9')['coverage']).toBeGreaterThan(at('0.3')['coverage'] as number);
    expect(
      answer('weather-pass', 'crate.stl', '--technique', 'washWiped', '--base', '#3c5c4c', '--paint', '#3c5c4c', '--points', '8000')[
        'coverage'
      ],
    ).toBe(0);
  });
  it('tells the age of a recipe', () => {
    const recipe = { base: '#3c5c4c', passes: [{ technique: 'washWiped', amount: 0.5, paint: '#1c1a18' }, { technique: 'dust' }] };
    writeFileSync(join(folder, 'recipe.json'), JSON.stringify(recipe));
    writeFileSync(join(folder, 'none.json'), JSON.stringify({ base: '#3c5c4c', passes: [] }));
    expect(answer('weather-age', 'crate.stl', 'recipe.json', '--points', '8000')['age']).toBeGreaterThan(5);
    expect(answer('weather-age', 'crate.stl', 'none.json', '--points', '8000')['age']).toBe(0);
  });
  it('reads a photograph against the clean one', () => {
    const pair = renderPair({
      base: labOfHex('#b08d4a'),
      deposit: labOfHex('#1c1a18'),
      pattern: 'chips',
      share: 0.3,
      light: 'side',
      isLightMoved: false,
      isShiny: false,
      size: 200,
      seed: 4,
    });
    const write = (name: string, data: Uint8Array): void => {
      const png = new PNG({ width: pair.width, height: pair.height });
      png.data.set(data);
      writeFileSync(join(folder, name), PNG.sync.write(png));
    };
    write('after.png', pair.after);
    write('clean.png', pair.clean);
    writeFileSync(join(folder, 'pins.json'), JSON.stringify({ pairs: pair.pairs, clean: pair.cleanPins }));
    const { left, top, width, height } = pair.area;
    const words = [
      'weather-photo',
      'after.png',
      '--base',
      '#b08d4a',
      '--deposit',
      '#1c1a18',
      '--area',
      `${left},${top},${width},${height}`,
    ];
    const reading = answer(...words, '--clean', 'clean.png', '--pins', 'pins.json');
    expect(Math.abs((reading['coverage'] as number) - pair.coverage)).toBeLessThan(0.06);
    expect(answer(...words)['how']).toBe('single');
    expect(answer(...words, '--clean', 'clean.png')['refusal']).toBe('noCleanPins');
    expect(fault('weather-photo', 'pins.json', '--base', '#b08d4a', '--deposit', '#1c1a18')).toMatch(/neither PNG nor JPEG/u);
    expect(fault(...words.slice(0, -1), '1,2,3')).toMatch(/--area/u);
  });
  it('learns a hand and says how much to lay on', () => {
    writeFileSync(join(folder, 'passes.json'), JSON.stringify({ most: 0.8, passes: [{ amount: 0.3, coverage: 0.12, half: 0.03 }] }));
    const next = answer('weather-hand', 'passes.json', '--target', '0.3');
    expect(next['verdict']).toBe('more');
    expect(next['amount']).toBeGreaterThan(0);
    expect(next['next']).toBeLessThan(0.35);
    writeFileSync(join(folder, 'wrong.json'), JSON.stringify({ passes: [{ amount: -1 }] }));
    expect(fault('weather-hand', 'wrong.json', '--target', '0.3')).toMatch(/amount/u);
  });
  it('says in one line what is wrong with its input', () => {
    expect(fault('weather-fields', 'broken.stl')).toMatch(/broken\.stl/u);
    expect(fault('weather-fields', 'crate.png')).toMatch(/\.stl, \.obj or \.3mf/u);
    expect(fault('weather-pass', 'crate.stl', '--technique', 'magic', ...PASS)).toMatch(/no technique "magic"/u);
    expect(fault('weather-pass', 'crate.stl', '--technique', 'dust', ...PASS, '--amount', '2')).toMatch(/between 0 and 1/u);
    expect(fault('weather-noise', '--at', '1,2', '--seed', '1')).toMatch(/three numbers/u);
    expect(fault('weather-hand', 'crate.stl', '--target', '0.3')).toMatch(/JSON/u);
  });
});
