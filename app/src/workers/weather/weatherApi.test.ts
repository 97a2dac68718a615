import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { shapeMesh } from '@zinc-ladder/core/weather/places/shapeMesh';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { describe, expect, it } from 'vitest';
import type { OpenedSurface, RehearsalAsk } from './weatherApi';
import type { WeatherAsk } from './weatherAsk';
import { nameOfAsk } from './weatherAsk';
import { createWeatherApi } from './weatherApi';

const BOX: WeatherAsk = {
  key: 'box',
  mesh: { format: 'stl', millimetres: 1 },
  shape: null,
  up: [0, 0, 1],
  heldPins: [],
  runPins: [],
  lent: { held: [], runs: [] },
  regionPins: [],
};
const bytes = writeStl(shapeMesh('box', [40, 30, 20]), 'box');
const pass = (techniqueId: string, change: Partial<RehearsedPass> = {}): RehearsedPass => ({
  techniqueId,
  lab: [90, 0, 8],
  scatterPerCoat: 2,
  amount: 0.6,
  wiped: 0.5,
  sizeMillimetres: 2,
  seed: 1,
  ...change,
});
const asking = (passes: readonly RehearsedPass[], change: Partial<RehearsalAsk> = {}): RehearsalAsk => ({
  passes,
  bases: [[34, -14, 6]],
  distanceMetres: 1,
  mirrored: 0,
  mostOf: null,
  isQuick: false,
  ...change,
});

function opened(desk: ReturnType<typeof createWeatherApi>, ask: WeatherAsk, told: number[] = []): OpenedSurface {
  const outcome = desk.open(ask, bytes, (share) => told.push(share));
  if (outcome.kind !== 'opened') throw new Error(outcome.message);
  return outcome;
}

describe('what is asked of a surface', () => {
  const stencil = { key: 'numerals 3', outline: 'M0 0L10 0L10 10L0 10Z', millimetresPerUnit: 1, turnDegrees: 0 };
  const region = { place: [3, 2, 20] as const, edgeDegrees: 25, reachMillimetres: null };
  const marked = (change: Partial<typeof stencil> = {}): WeatherAsk => ({
    ...BOX,
    regionPins: [{ ...region, stencil: { ...stencil, ...change } }],
  });

  it('is named by all of it but the lines of its stencils', () => {
    expect(nameOfAsk(marked())).not.toContain('L10');
    expect(nameOfAsk(marked({ outline: '' }))).toBe(nameOfAsk(marked()));
    for (const other of [BOX, marked({ key: 'numerals 4' }), marked({ turnDegrees: 1 }), marked({ millimetresPerUnit: 2 })])
      expect(nameOfAsk(other)).not.toBe(nameOfAsk(marked()));
    expect(nameOfAsk({ ...BOX, lent: { held: [[1, 2, 3]], runs: [] } })).not.toBe(nameOfAsk(BOX));
  });

  it('sprays a region through its stencil, and says of one that opens nothing why', () => {
    const desk = createWeatherApi(20_000);
    expect(opened(desk, marked()).regions[0]).toMatchObject({ stencilFault: null, squareCentimetres: expect.closeTo(1, 1) as number });
    expect(opened(desk, marked({ millimetresPerUnit: 0.5 })).regions[0]?.squareCentimetres).toBeCloseTo(0.25, 1);
    expect(opened(desk, marked({ key: 'open', outline: 'M0 0L10 0L10 10' })).regions[0]).toMatchObject({
      share: 0,
      stencilFault: 'none of its lines is closed, so nothing of it is open',
    });
    expect(opened(desk, marked({ key: 'faulty', outline: 'L1 1Z' })).regions[0]).toMatchObject({
      share: 0,
      stencilFault: 'a line before any move',
    });
  });

  it('counts a hand on another part as far as it reaches, and knows the box round the part', () => {
    const desk = createWeatherApi(3000);
    const grime = asking([pass('grime')]);
    const inkWith = (place: readonly [number, number, number]): number => {
      const { key } = opened(desk, { ...BOX, lent: { held: [place], runs: [] } });
      return desk.rehearse(key, grime)?.sights[0]?.ink ?? Number.NaN;
    };
    const [on, beside, far] = [inkWith([20, 0, 10]), inkWith([26, 0, 10]), inkWith([200, 0, 10])];
    expect(beside).toBeGreaterThan(0);
    expect(beside).toBeLessThan(on);
    expect(far).toBeCloseTo(0, 4);
    expect(desk.box(BOX, bytes)).toEqual({ min: [-20, -15, 0], max: [20, 15, 20] });
    expect(desk.box({ ...BOX, mesh: null }, null)).toBeNull();
  });
});

describe('the weather desk', () => {
  it('answers only for the surface that lies on it, pins and way up included', () => {
    const desk = createWeatherApi(3000);
    const plain = opened(desk, BOX);
    const grime = asking([pass('grime')]);
    expect(desk.rehearse(plain.key, grime)?.sights[0]?.ink).toBe(0);
    const held = opened(desk, { ...BOX, heldPins: [[20, 0, 10]] });
    expect(held.key).not.toBe(plain.key);
    // What is asked with the name of the surface before is not answered by the one there is.
    expect(desk.rehearse(plain.key, grime)).toBeNull();
    expect(desk.rehearse(held.key, grime)?.sights[0]?.ink).toBeGreaterThan(0.01);
    expect(opened(desk, { ...BOX, up: [0, 0, -1] }).key).not.toBe(plain.key);
  });
  it('casts no ray anew where only pins were set, and all of them where the way up changed', () => {
    const desk = createWeatherApi(3000);
    opened(desk, BOX);
    const [pinned, turned]: [number[], number[]] = [[], []];
    opened(desk, { ...BOX, runPins: [[0, 15, 18]] }, pinned);
    opened(desk, { ...BOX, up: [1, 0, 0] }, turned);
    expect(pinned).toEqual([]);
    expect(turned.at(-1)).toBe(1);
  });
  it('finds regions without casting a ray anew, tells their share, and rehearses over their colour', () => {
    const desk = createWeatherApi(6000);
    const { key } = opened(desk, BOX);
    const told: number[] = [];
    const top = { place: [3, 2, 20], edgeDegrees: 25, reachMillimetres: null, stencil: null } as const;
    const two = opened(desk, { ...BOX, regionPins: [top] }, told);
    expect(told).toEqual([]);
    expect(two.key).not.toBe(key);
    const area = 2 * (40 * 30 + 40 * 20 + 30 * 20);
    expect(two.regions).toHaveLength(1);
    expect(two.regions[0]?.share).toBeCloseTo((40 * 30) / area, 2);
    // Dust in the colour of the top, which it mostly falls on, is not seen there and is elsewhere.
    const dust = pass('dust', { amount: 1 });
    const seen = (bases: RehearsalAsk['bases']): number => desk.rehearse(two.key, asking([dust], { bases }))?.sights[0]?.coverage ?? 0;
    const dark = [20, 0, 0] as const;
    expect(seen([dark, dark])).toBeGreaterThan(0.2);
    expect(seen([dark, dust.lab])).toBeLessThan(0.5 * seen([dark, dark]));
    // Two colours of paint are no age.
    const aged = { passes: [], bases: [dark, dust.lab], mirrored: 0 };
    expect(desk.standing({ ...BOX, regionPins: [top] }, bytes, aged, null)).toMatchObject({ kind: 'told', age: 0 });
  });
  it('tells what the pass tends to that was asked for, and of none else', () => {
    const desk = createWeatherApi(3000);
    const { key } = opened(desk, BOX);
    const passes = [pass('dryBrush'), pass('spongeStipple', { amount: 0.3 })];
    const one = desk.rehearse(key, asking(passes, { mostOf: 1 }));
    expect(one?.most).toBeGreaterThan(one?.sights[1]?.coverage ?? 1);
    expect(desk.rehearse(key, asking(passes))?.most).toBeNull();
    expect(desk.rehearse(key, asking([], { mostOf: 3 }))?.most).toBeNull();
  });
  it('takes forty passes, amounts at both ends, and a quick answer near the full one', () => {
    const desk = createWeatherApi(6000);
    const { key } = opened(desk, BOX);
    const many = Array.from({ length: 40 }, (_, at) =>
      pass(at % 2 === 0 ? 'dust' : 'dryBrush', { amount: at % 3 === 0 ? 0 : 1, seed: at }),
    );
    const full = desk.rehearse(key, asking(many));
    expect(full?.sights).toHaveLength(40);
    for (const sight of full?.sights ?? []) for (const value of Object.values(sight)) expect(Number.isFinite(value)).toBe(true);
    const [quick, whole] = [true, false].map(
      (isQuick) => desk.rehearse(key, asking([pass('spongeStipple')], { isQuick }))?.sights[0]?.coverage ?? 0,
    );
    expect(Math.abs((quick ?? 0) - (whole ?? 1))).toBeLessThan(0.08);
  });
  it('says what is wrong with what is no mesh, and where nothing is known of a part', () => {
    const desk = createWeatherApi(500);
    expect(desk.open(BOX, new Uint8Array([1, 2, 3]), () => undefined).kind).toBe('faulty');
    expect(desk.open({ ...BOX, mesh: null }, null, () => undefined)).toMatchObject({
      kind: 'faulty',
      message: expect.stringMatching(/no mesh/u) as unknown,
    });
    expect(desk.standing({ ...BOX, mesh: null }, null, { passes: [], bases: [[50, 0, 0]], mirrored: 0 }, null).kind).toBe('faulty');
  });
  it('tells ages of parts without disturbing the one that is open', () => {
    const desk = createWeatherApi(3000);
    const { key } = opened(desk, BOX);
    const worn = { passes: [pass('dryBrush'), pass('dust')], bases: [[34, -14, 6]] as const, mirrored: 0 };
    const told = desk.standing({ ...BOX, key: 'other' }, bytes, worn, null);
    expect(told).toMatchObject({ kind: 'told', standing: 'level', pass: null });
    // Known by now, its bytes are not read again.
    expect(desk.standing({ ...BOX, key: 'other' }, null, worn, 90)).toMatchObject({ kind: 'told', standing: 'tooNew' });
    expect(desk.rehearse(key, asking([pass('dust')]))).not.toBeNull();
  });
});
