import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { PNG } from 'pngjs';
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

/** A grey patch and four fields of colour, 80 pixels each, under a light. */
function picture(name: string, hexes: readonly string[], light: readonly number[]): string {
  const png = new PNG({ width: 80 * hexes.length, height: 80 });
  for (let at = 0; at < png.width * png.height; at += 1) {
    const hex = hexes[Math.floor((at % png.width) / 80)] ?? '#000000';
    for (let channel = 0; channel < 3; channel += 1) {
      const screen = Number.parseInt(hex.slice(1 + 2 * channel, 3 + 2 * channel), 16) / 255;
      const linear = (screen <= 0.04045 ? screen / 12.92 : ((screen + 0.055) / 1.055) ** 2.4) * (light[channel] ?? 1);
      png.data[at * 4 + channel] = Math.round(255 * (linear <= 0.0031308 ? linear * 12.92 : 1.055 * linear ** (1 / 2.4) - 0.055));
    }
    png.data[at * 4 + 3] = 255;
  }
  writeFileSync(join(folder, name), PNG.sync.write(png));
  return name;
}

describe('match', () => {
  const colours = ['#777777', '#a8843c', '#3c5c4c', '#8a4030', '#404a58'];
  const corners = [[5, 5], [395, 5], [395, 75], [5, 75], [200, 40]]; // prettier-ignore
  const given = (own: string, more: object = {}): string =>
    fileOf({
      reference: picture('reference.png', colours, [1, 1, 1]),
      own,
      pairs: corners.map((corner) => ({ reference: corner, own: corner })),
      regions: [1, 2, 3, 4].map((at) => ({ id: `r${at}`, area: [80 * at + 12, 12, 56, 56] })),
      patches: { reference: [10, 10, 60, 60], own: [10, 10, 60, 60] },
      conditions: 'sameCameraAndLight',
      ...more,
    });
  type Answer = {
    refusal: string | null;
    regions: { id: string; deltaE: number; low: number; words: string }[];
    noticed: { id: string }[];
  };
  it('of the same under another light every region is alike and nothing is noticed', () => {
    const { refusal, regions, noticed } = answer('match', given(picture('own.png', colours, [1, 0.85, 0.6]))) as Answer;
    expect([refusal, noticed]).toEqual([null, []]);
    for (const { deltaE } of regions) expect(deltaE).toBeLessThan(1);
  });
  it('a band that is too yellow is found first, in words, and a length that is a tenth too long after it', () => {
    const changed = colours.map((hex) => (hex === '#3c5c4c' ? '#6a6a2c' : hex));
    const lengths = [{ id: 'height', reference: 100, own: 110, relativeSd: 0.01 }];
    const { regions, noticed } = answer('match', given(picture('own.png', changed, [1, 1, 1]), { lengths })) as Answer;
    expect(noticed.map(({ id }) => id)).toEqual(['r2', 'height']);
    expect(regions.find(({ id }) => id === 'r2')?.words).toContain('yellower');
    expect(regions.find(({ id }) => id === 'r1')?.words).toContain('cannot tell');
  });
  it('refuses with the reason where the points do not fit, and names what it cannot read', () => {
    const own = picture('own.png', colours, [1, 1, 1]);
    const pairs = corners.slice(0, 3).map((corner) => ({ reference: corner, own: corner }));
    expect(answer('match', given(own, { pairs }))).toMatchObject({ refusal: 'tooFewPairs', regions: [] });
    expect(fault('match', given('nowhere.png'))).toContain('cannot be read');
    expect(fault('match', given(own, { conditions: 'by moonlight' }))).toContain('conditions must be one of');
    expect(fault('match', given(own, { patches: { reference: [1, 2, 3], own: [0, 0, 9, 9] } }))).toContain('patches.reference');
    writeFileSync(join(folder, 'words.png'), 'no picture');
    expect(fault('match', given('words.png'))).toContain('neither PNG nor JPEG');
  });
});

describe('twins', () => {
  const demo = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));
  it('of a part and itself nothing differs; of two parts the steps pair and differ', () => {
    const itself = answer('twins', demo, '--a', 'lantern-tank', '--b', 'lantern-tank') as {
      deltaE: number;
      differences: unknown[];
      pairs: unknown[];
    };
    expect([itself.deltaE, itself.differences]).toEqual([0, []]);
    expect(itself.pairs.length).toBeGreaterThan(3);
    const other = answer('twins', demo, '--a', 'lantern-tank', '--b', 'lantern-base') as typeof itself;
    expect(other.differences.length).toBeGreaterThan(0);
  });
  it('refuses a part that is not there', () => {
    expect(fault('twins', demo, '--a', 'lantern-tank', '--b', 'nothing')).toContain('--b must be the id of a part');
  });
});

describe('again', () => {
  const demo = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));
  type Again = { minutes: number; rungs: { method: string; minutes: number; millilitres: number | null }[] };
  it('grows what was really done on a larger part: as many rungs, more minutes, amounts by area', () => {
    const small = answer('again', demo, '--part', 'lantern-tank', '--area', '100') as Again;
    const large = answer('again', demo, '--part', 'lantern-tank', '--area', '400') as Again;
    expect(large.rungs.map(({ method }) => method)).toEqual(small.rungs.map(({ method }) => method));
    expect(large.minutes).toBeGreaterThan(small.minutes);
    const amounts = large.rungs.flatMap(({ millilitres }, at) =>
      millilitres === null ? [] : [millilitres / (small.rungs[at]?.millilitres ?? 0)],
    );
    expect(amounts.length).toBeGreaterThan(0);
    for (const ratio of amounts) expect(ratio).toBeCloseTo(4, 3);
  });
  it('of a part that is not there, or no area, says so', () => {
    expect(fault('again', demo, '--part', 'nothing', '--area', '100')).toContain('--part must be the id of a part');
    expect(fault('again', demo, '--part', 'lantern-tank', '--area', '0')).toContain('--area');
  });
});

describe('report', () => {
  const demo = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));
  it('writes a page and says what is in it', () => {
    const out = join(folder, 'lantern.html');
    const told = answer('report', demo, '--prop', 'lantern', '--out', out) as { bytes: number; sections: string[] };
    expect(told.sections).toContain('ladders');
    expect(readFileSync(out).length).toBe(told.bytes);
  });
  it('refuses a prop that is not there, no place to write to, and one that cannot be written', () => {
    expect(fault('report', demo, '--prop', 'nothing', '--out', join(folder, 'x.html'))).toContain('--prop must be');
    expect(fault('report', demo, '--prop', 'lantern')).toContain('--out is needed');
    expect(fault('report', demo, '--prop', 'lantern', '--out', join(folder, 'no', 'x.html'))).toContain('cannot be written');
  });
});
