import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeShapeCheck } from '../../scripts/shapeCheck';
import { makeWholeSample } from '../testing/wholeSample';
import { isShaped } from './made/isShaped.js';
import { ProjectFile } from './projectFile';
import { RECORD_LISTS } from './tableNames';
import { findRuleFaults } from '../rules/findRuleFaults';

type Path = readonly (string | number)[];

/** Every place in a value, itself left out. */
function placesIn(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const place = [...path, Array.isArray(value) ? Number(key) : key];
    return [place, ...placesIn(inner, place)];
  });
}

function change(root: unknown, path: Path, act: (holder: Record<string | number, unknown>, key: string | number) => void): void {
  let holder = root as Record<string | number, unknown>;
  for (const key of path.slice(0, -1)) holder = holder[key] as Record<string | number, unknown>;
  act(holder, path.at(-1) ?? '');
}

const project = JSON.parse(JSON.stringify(makeWholeSample())) as unknown;
const PLACES = placesIn(project);
const VALUES: readonly unknown[] = [
  null,
  true,
  false,
  0,
  1,
  -1,
  0.5,
  1e300,
  Number.POSITIVE_INFINITY,
  Number.NaN,
  '',
  'a',
  ' ',
  'x'.repeat(5000),
  'line\nbreak',
  '😀'.repeat(150),
  '#A8843C',
  '#a8843c',
  '12:60',
  [],
  ['a', 'a'],
  [1, 2, 3],
  [[]],
  {},
  { id: 'x' },
  undefined,
  946684799999,
  4102444800001,
  '__proto__',
];

const classesTake = (value: unknown): boolean =>
  validateSync(plainToInstance(ProjectFile, value), { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true }).length ===
  0;

const mutation = fc.record({
  at: fc.nat(PLACES.length - 1),
  how: fc.constantFrom('set', 'drop', 'add', 'rename', 'twice'),
  value: fc.constantFrom(...VALUES),
});

describe('the schema compiled ahead', () => {
  it('is the one of the record classes (npm run schema)', () => {
    expect(readFileSync(new URL('made/isShaped.js', import.meta.url), 'utf8')).toBe(makeShapeCheck());
  });
  it('takes a sound project with a record of every kind', () => {
    for (const list of RECORD_LISTS) expect([list, makeWholeSample()[list].length > 0]).toEqual([list, true]);
    expect(classesTake(project)).toBe(true);
    expect(findRuleFaults(makeWholeSample())).toEqual([]);
    expect([isShaped(project), isShaped.errors]).toEqual([true, null]);
  });
  it('takes nothing that the record classes refuse, whatever is changed in a project (property)', () => {
    let refused = 0;
    fc.assert(
      fc.property(fc.array(mutation, { minLength: 1, maxLength: 2 }), (mutations) => {
        const mutated = structuredClone(project);
        for (const { at, how, value } of mutations)
          try {
            change(mutated, PLACES[at] ?? [], (holder, key) => {
              if (how === 'set') holder[key] = value;
              if (how === 'drop') delete holder[key];
              if (how === 'add') holder['another'] = value;
              if (how === 'rename')
                Object.defineProperty(holder, '__proto__', { value: holder[key], enumerable: true, configurable: true });
              if (how === 'twice' && Array.isArray(holder)) holder.push(holder[key as number]);
            });
          } catch {
            // The first change took away where the second would have been.
          }
        if (isShaped(mutated)) expect(classesTake(mutated)).toBe(true);
        else refused += 1;
      }),
      { numRuns: 2500, seed: 20261127 },
    );
    // A check that takes everything would pass above only by luck; one that refuses everything would pass always.
    expect(refused).toBeGreaterThan(1000);
    expect(refused).toBeLessThan(2400);
  });
});
