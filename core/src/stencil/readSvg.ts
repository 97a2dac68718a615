import { SaxesParser } from 'saxes';
import svgpath from 'svgpath';
import type { Outline, OutlineLine } from './outline';
import { OutlineFaultError, outlineOf } from './outline';

const MOST_BYTES = 8 * 1024 * 1024;
const MOST_DEPTH = 64;
const CURVE_STEPS = 16;
/** mm of SVG's absolute units (CSS: 96 px an inch). */
const UNIT_MILLIMETRES: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
  '': 25.4 / 96,
};
/** What is inside of these is not drawn. */
const NOT_DRAWN = new Set([
  'defs',
  'clippath',
  'mask',
  'symbol',
  'pattern',
  'marker',
  'metadata',
  'title',
  'desc',
  'style',
  'script',
  'foreignobject',
  'text',
  'image',
]);
const SKIPPED_WORDS: Readonly<Record<string, string>> = {
  text: 'letters are left out: turn them into paths first',
  image: 'a picture in it is left out',
  use: 'copies made with “use” are left out: unlink them first',
  script: 'a script in it is left out',
  foreignobject: 'a foreign object in it is left out',
};

/**
 * The shapes of an SVG as lines: paths, lines, polygons, rectangles, circles and ellipses with their transforms. Everything else, scripts and links first
 * of all, is left behind; styles, clips and strokes' widths too.
 *
 * @throws OutlineFaultError
 */
export function readSvg(text: string): Outline {
  if (text.length > MOST_BYTES) throw new OutlineFaultError('it is larger than 8 MB');
  const lines: OutlineLine[] = [];
  const notices = new Set<string>();
  const transforms: string[] = [];
  /** for each open element whether it, and so all in it, is not drawn */
  const hidden: boolean[] = [];
  let depth = 0;
  let isSvg = false;
  let perUnit: number | null = null;
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw new OutlineFaultError(`it is not sound SVG (${error.message.slice(0, 200)})`);
  });
  parser.on('doctype', () => notices.add('what its document type declares is left out'));
  parser.on('opentag', ({ name, attributes }) => {
    const tag = name.replace(/^.*:/u, '').toLowerCase();
    const given = attributes as Readonly<Record<string, string>>;
    depth += 1;
    if (depth > MOST_DEPTH) throw new OutlineFaultError('its groups lie too deep in each other');
    if (tag === 'svg' && !isSvg) {
      isSvg = true;
      perUnit = unitOf(given);
    }
    if (SKIPPED_WORDS[tag] !== undefined) notices.add(SKIPPED_WORDS[tag]);
    transforms.push(given['transform'] ?? '');
    const isHidden = hidden.at(-1) === true || NOT_DRAWN.has(tag) || isUnseen(given);
    if (isUnseen(given)) notices.add('what is hidden in it is left out');
    hidden.push(isHidden);
    if (isHidden) return;
    const path = pathOf(tag, given);
    if (path !== null) lines.push(...flatten(path, transforms));
  });
  parser.on('closetag', () => {
    hidden.pop();
    transforms.pop();
    depth -= 1;
  });
  parser.write(text).close();
  if (!isSvg) throw new OutlineFaultError('it is not an SVG drawing');
  return outlineOf(lines, perUnit, [...notices]);
}

/** mm a unit of the drawing is, where width and view box say so in a real unit. */
function unitOf(given: Readonly<Record<string, string>>): number | null {
  const size = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc)\s*$/u.exec(given['width'] ?? '');
  if (!size) return null;
  const width = Number(size[1]) * (UNIT_MILLIMETRES[size[2] ?? ''] ?? 1);
  const box = (given['viewBox'] ?? '')
    .trim()
    .split(/[\s,]+/u)
    .map(Number);
  const units = box.length === 4 ? (box[2] ?? 0) : width / (25.4 / 96);
  const perUnit = width / units;
  return units > 0 && perUnit > 0 && Number.isFinite(perUnit) ? perUnit : null;
}

function pathOf(tag: string, given: Readonly<Record<string, string>>): string | null {
  const number = (name: string): number => Number.parseFloat(given[name] ?? '0') || 0;
  switch (tag) {
    case 'path':
      return given['d'] ?? null;
    case 'polygon':
      return given['points'] ? `M${given['points']}Z` : null;
    case 'polyline':
      return given['points'] ? `M${given['points']}` : null;
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`;
    case 'rect':
      return rectPath(number('x'), number('y'), number('width'), number('height'), given['rx'], given['ry']);
    case 'circle':
    case 'ellipse': {
      const rx = tag === 'circle' ? number('r') : number('rx');
      const ry = tag === 'circle' ? rx : number('ry');
      const [x, y] = [number('cx'), number('cy')];
      return `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`;
    }
    default:
      return null;
  }
}

/** Whether an element says that it is not drawn, by an attribute or in its own style. A style sheet's word is not looked up. */
function isUnseen(given: Readonly<Record<string, string>>): boolean {
  const style = given['style'] ?? '';
  const said = (name: string): string =>
    (new RegExp(`(?:^|;)\\s*${name}\\s*:\\s*([^;!]+)`, 'iu').exec(style)?.[1] ?? given[name] ?? '').trim().toLowerCase();
  return said('display') === 'none' || ['hidden', 'collapse'].includes(said('visibility')) || said('opacity') === '0';
}

/** A rectangle whose corners may be round (SVG 2, 10.2: a radius that is not given is as the other, none is more than half a side). */
function rectPath(x: number, y: number, width: number, height: number, rxGiven?: string, ryGiven?: string): string {
  const radius = (text: string | undefined): number | null => {
    const value = Number.parseFloat(text ?? '');
    return value >= 0 ? value : null;
  };
  const rx = Math.min(radius(rxGiven) ?? radius(ryGiven) ?? 0, width / 2);
  const ry = Math.min(radius(ryGiven) ?? radius(rxGiven) ?? 0, height / 2);
  if (!(rx > 0 && ry > 0)) return `M${x} ${y}h${width}v${height}h${-width}Z`;
  const arc = (dx: number, dy: number): string => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
  return `M${x + rx} ${y}h${width - 2 * rx}${arc(rx, ry)}v${height - 2 * ry}${arc(-rx, ry)}h${2 * rx - width}${arc(-rx, -ry)}v${2 * ry - height}${arc(rx, -ry)}Z`;
}

function flatten(path: string, transforms: readonly string[]): OutlineLine[] {
  let shape = svgpath(path);
  // svgpath keeps its complaint in a field it does not type.
  const fault = (shape as unknown as { err?: string }).err;
  if (fault) throw new OutlineFaultError(`a path in it cannot be read (${fault.slice(0, 100)})`);
  for (const transform of transforms.toReversed()) if (transform.trim() !== '') shape = shape.transform(transform);
  const lines: { points: [number, number][]; isClosed: boolean }[] = [];
  let open: { points: [number, number][]; isClosed: boolean } | null = null;
  let at: [number, number] = [0, 0];
  const to = (x: number, y: number): void => {
    at = [x, y];
    open?.points.push(at);
  };
  shape
    .abs()
    .unarc()
    .unshort()
    .iterate((segment) => {
      const [kind, ...raw] = segment as unknown as [string, ...number[]];
      const n = raw as [number, number, number, number, number, number];
      if (kind === 'M') {
        at = [n[0], n[1]];
        open = { points: [at], isClosed: false };
        lines.push(open);
        return;
      }
      if (kind === 'Z' || kind === 'z') {
        if (open) {
          open.isClosed = true;
          const [first] = open.points;
          // What follows a closing goes on from the start of the line.
          if (first) {
            at = first;
            open = { points: [at], isClosed: false };
            lines.push(open);
          }
        }
        return;
      }
      const [x0, y0] = at;
      if (kind === 'L') to(n[0], n[1]);
      else if (kind === 'H') to(n[0], y0);
      else if (kind === 'V') to(x0, n[0]);
      else if (kind === 'C' || kind === 'Q')
        for (let step = 1; step <= CURVE_STEPS; step += 1) {
          const t = step / CURVE_STEPS;
          const u = 1 - t;
          if (kind === 'Q') to(u * u * x0 + 2 * u * t * n[0] + t * t * n[2], u * u * y0 + 2 * u * t * n[1] + t * t * n[3]);
          else
            to(
              u ** 3 * x0 + 3 * u * u * t * n[0] + 3 * u * t * t * n[2] + t ** 3 * n[4],
              u ** 3 * y0 + 3 * u * u * t * n[1] + 3 * u * t * t * n[3] + t ** 3 * n[5],
            );
        }
    });
  return lines.filter((line) => line.points.length >= 2);
}
