import { describe, expect, it } from 'vitest';
import { drawDimensionSheet } from './dimensionSheet';
import { hoursAfterScaling, measuresAfterScaling, scaleFactor } from './scaleFactor';

const on = (id: string, millimetres: number, meshMillimetres: number, half = 1.02) => ({
  id,
  wanted: { millimetres, low: millimetres / half, high: millimetres * half },
  meshMillimetres,
});

describe('the factor a mesh is scaled by', () => {
  it('is what all dimensions ask for, surer the more of them agree', () => {
    const one = scaleFactor([on('height', 110, 100)]);
    const four = scaleFactor([on('height', 110, 100), on('width', 55, 50), on('glass', 33.2, 30), on('foot', 21.9, 20)]);
    expect(one?.factor).toBeCloseTo(1.1, 9);
    expect(four?.factor).toBeCloseTo(1.1, 2);
    expect((four?.high ?? 0) / (four?.low ?? 1)).toBeLessThan((one?.high ?? 0) / (one?.low ?? 1));
    expect(four?.disagrees).toEqual([]);
  });
  it('goes by the surer dimension where they differ', () => {
    const found = scaleFactor([on('sure', 110, 100, 1.005), on('unsure', 120, 100, 1.15)]);
    expect(found?.factor).toBeLessThan(1.113);
    expect(found?.factor).toBeGreaterThan(1.1);
  });
  it('names a dimension that asks for another', () => {
    const found = scaleFactor([on('a', 110, 100), on('b', 55, 50), on('c', 33, 30), on('squat', 80, 100)]);
    expect(found?.disagrees).toEqual(['squat']);
  });
  it('is none where nothing is read on both', () => expect(scaleFactor([])).toBeNull());
  it('a part’s lengths grow with it, and what is not known stays so', () => {
    expect(measuresAfterScaling([10, 20, 30], 0.5, 10, 2)).toEqual({
      sizeMillimetres: [20, 40, 60],
      engravingMillimetres: 1,
      hours: [40, 80],
    });
    expect(measuresAfterScaling(null, null, null, 2)).toEqual({ sizeMillimetres: null, engravingMillimetres: null, hours: null });
  });
  it('hours grow with the square for a shell and with the cube for a solid', () => {
    expect(hoursAfterScaling(10, 1.1)[0]).toBeCloseTo(12.1, 9);
    expect(hoursAfterScaling(10, 1.1)[1]).toBeCloseTo(13.31, 9);
    expect(hoursAfterScaling(10, 0.5)).toEqual([1.25, 2.5]);
  });
});

describe('a dimension sheet', () => {
  const sheet = {
    widthPixels: 400,
    heightPixels: 300,
    title: 'Hall & <script>',
    pictureAddress: null,
    lines: [
      { a: [100, 250], b: [100, 50], words: '"tall" 20 mm', isKnown: false },
      { a: [50, 280], b: [350, 280], words: 'rule', isKnown: true },
    ],
  } as const;
  it('says what was typed as words and nothing else', () => {
    const svg = drawDimensionSheet(sheet);
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('Hall &amp; &lt;script&gt;');
    expect(svg).toContain('&quot;tall&quot; 20 mm');
  });
  it('draws each stretch from end to end, what is known in dashes, words beside and above', () => {
    const svg = drawDimensionSheet(sheet);
    expect(svg).toContain('M100 250L100 50');
    expect(svg).toContain('M50 280L350 280');
    expect(svg.match(/stroke-dasharray/gu)).toHaveLength(1);
    const [tall, level] = [...svg.matchAll(/<text x="([\d.]+)" y="([\d.]+)"[^>]*text-anchor="(\w+)"/gu)];
    expect(tall?.[3]).toBe('start');
    expect(Number(tall?.[1])).toBeGreaterThan(100);
    expect(level?.[3]).toBe('middle');
    expect(Number(level?.[2])).toBeLessThan(280);
  });
  it('holds the picture where there is one, and no other address', () => {
    const svg = drawDimensionSheet({ ...sheet, pictureAddress: 'data:image/png;base64,AA' });
    expect(svg.match(/href="([^"]*)"/gu)).toEqual(['href="data:image/png;base64,AA"']);
  });
});
