import type { Outline } from './outline';
import { OutlineFaultError, outlineOf } from './outline';

/** An outline as path data of moves, lines and closings only, rounded to a thousandth of a unit. */
export function pathDataOf(outline: Outline): string {
  const num = (value: number): string => String(Math.round(value * 1000) / 1000 + 0);
  return outline.lines
    .map((line) => line.points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${num(x)} ${num(y)}`).join('') + (line.isClosed ? 'Z' : ''))
    .join('');
}

/**
 * Reads such path data back.
 *
 * @throws OutlineFaultError for anything else in it
 */
export function parsePathData(data: string): Outline {
  const lines: { points: (readonly [number, number])[]; isClosed: boolean }[] = [];
  for (const [, kind, body = ''] of data.matchAll(/([MLZ])([^MLZ]*)/gu)) {
    const line = lines.at(-1);
    if (kind === 'Z') {
      if (!line) throw new OutlineFaultError('a closing before any line');
      line.isClosed = true;
      continue;
    }
    const [x = Number.NaN, y = Number.NaN] = body
      .trim()
      .split(/[\s,]+/u)
      .map(Number);
    if (kind === 'M') lines.push({ points: [[x, y]], isClosed: false });
    else if (line) line.points.push([x, y]);
    else throw new OutlineFaultError('a line before any move');
  }
  return outlineOf(lines, null, []);
}
