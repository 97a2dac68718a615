import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { OutlineFaultError, spanOf } from './outline';
import { parsePathData, pathDataOf } from './pathData';
import { readSvg } from './readSvg';
import { PAPERS, scaleFromLength, stencilSheets, stencilSvg } from './stencilSheets';
import { tracePixels } from './tracePixels';

const svg = (inner: string, extra = ''): string => `<svg xmlns="http://www.w3.org/2000/svg" ${extra}>${inner}</svg>`;
const [A4] = PAPERS;
if (!A4) throw new Error('no paper');

describe('an SVG outline', () => {
  it.each([
    ['<rect x="2" y="3" width="10" height="5"/>', 10, 5],
    ['<circle cx="5" cy="5" r="4"/>', 8, 8],
    ['<ellipse cx="5" cy="5" rx="4" ry="2"/>', 8, 4],
    ['<polygon points="0,0 6,0 6,4"/>', 6, 4],
    ['<polyline points="0 0 3 1"/>', 3, 1],
    ['<line x1="1" y1="1" x2="4" y2="5"/>', 3, 4],
    ['<path d="M0 0 h10 v4 H0 z m20 0 l5 5"/>', 25, 5],
    ['<path d="M0 0 C0 10 10 10 10 0"/>', 10, 7.5],
    ['<path d="M0 0 Q5 10 10 0"/>', 10, 5],
    ['<g transform="translate(5 5) scale(2)"><rect width="3" height="2" transform="rotate(90)"/></g>', 4, 6],
  ])('of %s is %d × %d', (inner, width, height) => {
    const span = spanOf(readSvg(svg(inner)));
    expect(span.width).toBeCloseTo(width, 1);
    expect(span.height).toBeCloseTo(height, 1);
  });
  it.each([
    'display="none"',
    'style="display:none"',
    'style="fill:#fff; display : none !important"',
    'visibility="hidden"',
    'style="visibility:collapse"',
    'opacity="0"',
  ])('leaves out what is hidden by %s, with all that is in it, and says so', (hidden) => {
    const outline = readSvg(svg(`<g ${hidden}><g><rect width="99" height="99"/></g></g><rect width="4" height="4"/>`));
    expect(spanOf(outline)).toEqual({ width: 4, height: 4 });
    expect(outline.notices.join(' ')).toContain('hidden');
  });
  it('rounds the corners of a rectangle as it says: area 10 × 6 − (4 − π) r²', () => {
    const areaOf = (radii: string): number => {
      const [line] = readSvg(svg(`<rect width="10" height="6" ${radii}/>`)).lines;
      const points = line?.points ?? [];
      return (
        Math.abs(
          points.reduce(
            (sum, [x, y], at) => sum + x * (points[(at + 1) % points.length]?.[1] ?? 0) - y * (points[(at + 1) % points.length]?.[0] ?? 0),
            0,
          ),
        ) / 2
      );
    };
    expect(areaOf('')).toBeCloseTo(60, 6);
    expect(areaOf('rx="2"')).toBeCloseTo(60 - (4 - Math.PI) * 4, 1);
    expect(areaOf('rx="1" ry="2"')).toBeCloseTo(60 - (4 - Math.PI) * 2, 1);
    // More than half a side is half a side: a stadium.
    expect(areaOf('ry="9" rx="3"')).toBeCloseTo(60 - (4 - Math.PI) * 9, 1);
  });
  it.each([
    '<rect width="1e999" height="4"/>',
    '<path d="M0 0L1e300 5"/>',
    '<rect width="4" height="4" transform="scale(1e200)"/>',
    '<circle r="1e12"/>',
  ])('refuses numbers without an end: %s', (inner) => expect(() => readSvg(svg(inner))).toThrow(OutlineFaultError));
  it('takes shapes and nothing else: scripts, letters, pictures and what is not drawn stay behind, and are named', () => {
    const outline = readSvg(
      svg(
        '<script>alert(1)</script><defs><rect width="99" height="99"/></defs><text>A</text><image href="https://example.invalid/x.png"/><use href="#a"/><rect width="4" height="4" onclick="alert(2)"/>',
      ),
    );
    expect(spanOf(outline)).toEqual({ width: 4, height: 4 });
    expect(outline.notices.join(' ')).toMatch(/script.*letters|letters.*script/u);
    expect(stencilSvg(outline, 1)).not.toMatch(/script|onclick|href/u);
  });
  it('knows its size where the file says it in a real unit', () => {
    expect(readSvg(svg('<rect width="50" height="20"/>', 'width="100mm" viewBox="0 0 200 80"')).millimetresPerUnit).toBe(0.5);
    expect(readSvg(svg('<rect width="50" height="20"/>', 'width="2in"')).millimetresPerUnit).toBeCloseTo(25.4 / 96, 9);
    expect(readSvg(svg('<rect width="50" height="20"/>', 'width="300"')).millimetresPerUnit).toBeNull();
  });
  it.each([
    ['no SVG', '<html></html>'],
    ['broken', '<svg><rect></svg>'],
    ['empty', svg('')],
    ['a broken path', svg('<path d="M0 0 L"/>')],
    ['an entity of its own', '<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg><text>&a;</text></svg>'],
    ['too deep', svg('<g>'.repeat(80) + '</g>'.repeat(80))],
  ])('that is %s is refused with a reason', (_, text) => {
    expect(() => readSvg(text)).toThrow(OutlineFaultError);
  });
  it('whatever is in it, only a fault is thrown (property)', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), fc.string({ maxLength: 30 }), (path, transform) => {
        const clean = (text: string): string => text.replaceAll(/[<>&"]/gu, ' ');
        try {
          const outline = readSvg(svg(`<g transform="${clean(transform)}"><path d="${clean(path)}"/></g>`));
          expect(Number.isFinite(spanOf(outline).width)).toBe(true);
        } catch (error) {
          expect(error).toBeInstanceOf(OutlineFaultError);
        }
      }),
      { seed: 31, numRuns: 300 },
    );
  });
});

describe('a traced picture', () => {
  const picture = (isDark: (x: number, y: number) => boolean) => {
    const [width, height] = [40, 30];
    const data = new Uint8ClampedArray(width * height * 4).fill(255);
    for (let y = 0; y < height; y += 1) for (let x = 0; x < width; x += 1) if (isDark(x, y)) data.set([0, 0, 0, 255], (y * width + x) * 4);
    return { data, width, height };
  };
  it('has the outline of what is dark, holes too, closed at the edge', () => {
    const ring = tracePixels(picture((x, y) => Math.hypot(x - 20, y - 15) < 10 && Math.hypot(x - 20, y - 15) > 5));
    expect(ring.lines).toHaveLength(2);
    expect(spanOf(ring).width).toBeGreaterThan(18);
    expect(spanOf(ring).width).toBeLessThan(21);
    const edge = tracePixels(picture((x) => x < 10));
    expect(edge.lines.every((line) => line.isClosed)).toBe(true);
    expect(spanOf(edge).height).toBeCloseTo(30, 0);
  });
  it('without an edge, or too large, is refused', () => {
    expect(() => tracePixels(picture(() => false))).toThrow(OutlineFaultError);
    expect(() => tracePixels({ data: new Uint8ClampedArray(), width: 3000, height: 3000 })).toThrow(OutlineFaultError);
  });
});

describe('kept path data', () => {
  it('gives the same lines back, to a thousandth', () => {
    const outline = readSvg(svg('<circle cx="5" cy="5" r="4"/><path d="M0 0l3.14159 2"/>'));
    const again = parsePathData(pathDataOf(outline));
    expect(again.lines.map((line) => [line.points.length, line.isClosed])).toEqual(
      outline.lines.map((line) => [line.points.length, line.isClosed]),
    );
    expect(again.max[0]).toBeCloseTo(outline.max[0], 3);
    expect(pathDataOf(again)).toBe(pathDataOf(outline));
  });
  it.each(['', 'L1 1', 'Z', 'M1 x', 'M1 1'])('“%s” is refused', (data) => expect(() => parsePathData(data)).toThrow(OutlineFaultError));
});

describe('a stencil at true size', () => {
  const outline = readSvg(svg('<rect width="100" height="40"/>'));
  it('is scaled by one length known on the part', () => {
    const scale = scaleFromLength(250, 100);
    expect(stencilSvg(outline, scale)).toContain('width="250mm" height="100mm"');
    expect(() => scaleFromLength(0, 3)).toThrow(RangeError);
  });
  it('fits one sheet with a ruler of 100 mm, and no marks', () => {
    const { sheets, columns, rows } = stencilSheets(outline, 1, A4);
    expect([sheets.length, columns, rows]).toEqual([1, 1, 1]);
    expect(sheets[0]?.svg).toContain('M10 285h100');
    expect(sheets[0]?.svg).toContain('width="210mm" height="297mm"');
  });
  it('is cut into sheets that overlap and cover all of it', () => {
    const { sheets, columns, rows, widthMillimetres } = stencilSheets(outline, 8, A4);
    expect(widthMillimetres).toBe(800);
    expect(sheets).toHaveLength(columns * rows);
    const step = 210 - 20 - 8;
    expect(columns * step + 8).toBeGreaterThanOrEqual(800);
    expect((columns - 1) * step + 8).toBeLessThan(800);
    expect(new Set(sheets.map((sheet) => sheet.svg)).size).toBe(sheets.length);
    expect(() => stencilSheets(outline, 100, A4)).toThrow(RangeError);
  });
});
