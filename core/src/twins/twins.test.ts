import { describe, expect, it } from 'vitest';
import { paintOf } from '../colour/paint';
import { DEFAULT_MIRRORED } from '../colour/paint';
import { labOfHex } from '../colour/lab';
import { seededRandom } from '../random/seededRandom';
import checks from '../reference/testing/matchChecks.json';
import type { TwinStep } from './alignSteps';
import { alignSteps, minutesRatio } from './alignSteps';
import type { PaintedStep } from './compareTwins';
import { averageSteps } from './averageSteps';
import { compareTwins } from './compareTwins';

const step = (id: string, values: Partial<TwinStep> = {}): TwinStep => ({
  id,
  name: id,
  kind: 'sand',
  productId: null,
  cardId: null,
  micrometres: null,
  minutes: 10,
  usualMinutes: null,
  grit: null,
  waitedMinutes: null,
  air: null,
  ...values,
});
const names = (pairs: ReturnType<typeof alignSteps>): string[] =>
  pairs.map(({ a, b, isMoved }) => `${a?.id ?? '-'} ${b?.id ?? '-'}${isMoved ? ' moved' : ''}`);

describe('steps of two ladders side by side', () => {
  const ladder = ['print', 'fill', 'prime', 'sand', 'colour', 'clear'].map((kind) => step(kind, { kind }));
  it('the same ladder pairs step by step', () => {
    const other = ladder.map((one) => ({ ...one, id: `${one.id}'` }));
    expect(names(alignSteps(ladder, other))).toEqual(ladder.map(({ id }) => `${id} ${id}'`));
  });
  it('a step one has more is beside nothing, and steps of other kinds never beside each other', () => {
    const more = [...ladder.slice(0, 4), step('wash', { kind: 'wash' }), ...ladder.slice(4)];
    expect(names(alignSteps(ladder, more))).toContain('- wash');
    expect(names(alignSteps([step('a', { kind: 'sand' })], [step('b', { kind: 'prime' })])).toSorted()).toEqual(['- b', 'a -']);
  });
  it('a step that was moved is one step, not two', () => {
    const [fill, ...rest] = ladder.slice(1);
    const moved = [ladder[0] as TwinStep, ...rest, fill as TwinStep];
    expect(names(alignSteps(ladder, moved))).toContain('fill fill moved');
  });
  it('finds as many pairs of edited ladders as the study’s own', () => {
    const random = seededRandom(5);
    const kinds = ['sand', 'prime', 'fill', 'coat', 'mask', 'wash', 'clear'];
    const make = (id: string): TwinStep =>
      step(id, {
        kind: kinds[Math.floor(random() * kinds.length)] ?? 'sand',
        productId: `p${Math.floor(random() * 4)}`,
        micrometres: 10 + random() * 40,
        minutes: 5 + random() * 30,
      });
    for (const [edits, share] of [
      [1, checks.alignment.pairsFound['1 edit']],
      [3, checks.alignment.pairsFound['3 edits']],
      [6, checks.alignment.pairsFound['6 edits']],
    ] as const) {
      let [found, all] = [0, 0];
      for (let trial = 0; trial < 150; trial += 1) {
        const a = Array.from({ length: 24 }, (_, at) => make(`s${at}`));
        let b: TwinStep[] = a.map((one) => ({ ...one, minutes: (one.minutes ?? 1) * Math.exp((random() - 0.5) * 0.4) }));
        for (let edit = 0; edit < edits; edit += 1) {
          const at = Math.floor(random() * b.length);
          const which = random();
          if (which < 0.35) b = b.filter((_, index) => index !== at);
          else if (which < 0.7) b = [...b.slice(0, at), make(`new${edit}`), ...b.slice(at)];
          else b = b.map((one, index) => (index === at ? { ...one, productId: 'other' } : one));
        }
        const pairs = alignSteps(a, b);
        const kept = b.filter(({ id }) => !id.startsWith('new'));
        all += kept.length;
        found += kept.filter(({ id }) => pairs.some((pair) => pair.a?.id === id && pair.b?.id === id)).length;
      }
      // Within two hundredths of the study's: its edits are not ours.
      expect(found / all).toBeGreaterThan(share - 0.02);
    }
  });
  it('minutes of six pieces and of one are compared by what is usual for each', () => {
    const six = step('six', { minutes: 60, usualMinutes: 60 });
    expect(minutesRatio(six, step('one', { minutes: 12, usualMinutes: 12 }))).toBe(1);
    expect(minutesRatio(six, step('one', { minutes: 24, usualMinutes: 12 }))).toBe(0.5);
    expect(minutesRatio(six, step('one', { minutes: null }))).toBeNull();
  });
  it('of two coats alike the one of the same name is the twin', () => {
    const coats = ['gilt, mist', 'gilt, wet'].map((name) => step(name, { kind: 'coat', productId: 'gilt' }));
    expect(names(alignSteps(coats, [step('gilt, wet', { kind: 'coat', productId: 'gilt' })]))).toEqual([
      'gilt, mist -',
      'gilt, wet gilt, wet',
    ]);
  });
  it('of nothing there is nothing', () => expect(alignSteps([], [])).toEqual([]));
});

describe('what two twins differ in, by what is seen of it', () => {
  const coat = (hex: string, scatterPerCoat = 3) => ({ paint: paintOf(hex, labOfHex(hex), 1, DEFAULT_MIRRORED), scatterPerCoat });
  const painted = (id: string, hex: string | null, values: Partial<TwinStep> = {}, painting: Partial<PaintedStep> = {}): PaintedStep => ({
    ...step(id, { kind: hex ? 'coat' : 'sand', productId: hex, micrometres: hex ? 15 : null, ...values }),
    coat: hex ? coat(hex) : null,
    coats: 1,
    sheen: null,
    endedAtMs: null,
    ...painting,
  });
  const base = labOfHex('#808080');
  const first = [painted('sand', null), painted('black', '#202020'), painted('green', '#3c5c4c'), painted('green2', '#3c5c4c')];
  it('of equal twins nothing, and no colour between them', () => {
    expect(compareTwins(first, first, base, DEFAULT_MIRRORED)).toMatchObject({ deltaE: 0, differences: [] });
  });
  it('the top coat’s other paint comes before the undercoat’s: less is left when it is mended', () => {
    const [sand, , green, green2] = first as [PaintedStep, PaintedStep, PaintedStep, PaintedStep];
    const second = [sand, painted('grey', '#707070'), green, { ...painted('olive', '#6a6a2c') }];
    const { deltaE, differences } = compareTwins(first, second, base, DEFAULT_MIRRORED);
    expect(differences.map(({ a }) => a?.id)).toEqual([green2.id, 'black']);
    expect(differences[0]?.deltaELeft).toBeLessThan(deltaE);
    // Both mended nothing is left.
    expect(compareTwins(first, [sand, first[1] as PaintedStep, green, green2], base, DEFAULT_MIRRORED).deltaE).toBe(0);
  });
  it('a coat that only one has is mended by laying it, where the other has it', () => {
    const second = first.filter(({ id }) => id !== 'green2');
    const [only] = compareTwins(first, second, base, DEFAULT_MIRRORED).differences;
    expect(only).toMatchObject({ kind: 'onlyA', deltaELeft: 0 });
  });
  it('a coat at another place is one difference, and mended nothing is left', () => {
    const [sand, , green, green2] = first as [PaintedStep, PaintedStep, PaintedStep, PaintedStep];
    const wash = painted('wash', '#202020', { kind: 'wash' });
    const { differences } = compareTwins([sand, wash, green, green2], [sand, green, green2, wash], base, DEFAULT_MIRRORED);
    expect(differences).toHaveLength(1);
    expect(differences[0]).toMatchObject({ kind: 'order', deltaELeft: 0 });
  });
  it('grit, film, minutes, waiting and air are told where they are more than a hand varies by', () => {
    const air = (temperatureCelsius: number) => ({ temperatureCelsius, relativeHumidityPercent: 50 });
    const one = [painted('a', null, { grit: 'P400', minutes: 10, waitedMinutes: 60, air: air(20) })];
    const alike = [painted('b', null, { grit: 'P400', minutes: 12, waitedMinutes: 90, air: air(22) })];
    const unlike = [painted('c', null, { grit: 'P800', minutes: 20, waitedMinutes: 300, air: air(12) })];
    expect(compareTwins(one, alike, base, DEFAULT_MIRRORED).differences).toEqual([]);
    expect(compareTwins(one, unlike, base, DEFAULT_MIRRORED).differences.map(({ kind }) => kind)).toEqual([
      'grit',
      'waiting',
      'air',
      'minutes',
    ]);
    const film = compareTwins([painted('a', '#202020')], [painted('b', '#202020', { micrometres: 30 })], base, DEFAULT_MIRRORED);
    expect(film.differences.map(({ kind }) => kind)).toEqual(['film']);
  });
  it('a thinner top coat is seen by as much as the undercoat shines through, and mended by laying as much', () => {
    const thin = painted('red', '#a02020', { micrometres: 5 }, { coats: 1 / 3 });
    const [film] = compareTwins(
      [painted('black', '#202020'), painted('red', '#a02020')],
      [painted('black', '#202020'), thin],
      base,
      DEFAULT_MIRRORED,
    ).differences;
    expect(film?.kind).toBe('film');
    expect(film?.deltaELeft).toBeCloseTo(0, 9);
    expect(film?.seen).toBeGreaterThan(2);
  });
  it('another sheen is told by its steps, and stands among the colours by them', () => {
    const clear = (sheen: PaintedStep['sheen']) => painted('clear', null, { kind: 'clear' }, { sheen });
    const { sheenA, sheenB, differences } = compareTwins([...first, clear('matte')], [...first, clear('gloss')], base, DEFAULT_MIRRORED);
    expect([sheenA, sheenB]).toEqual(['matte', 'gloss']);
    expect(differences).toMatchObject([{ kind: 'sheen', seen: 8 }]);
  });
  it('a last film laid weeks later is told, one of the same week is not', () => {
    const laid = (days: number) => [painted('clear', null, { kind: 'clear' }, { sheen: 'gloss', endedAtMs: days * 86_400_000 })];
    expect(compareTwins(laid(100), laid(130), base, DEFAULT_MIRRORED).differences).toMatchObject([{ kind: 'age', seen: null }]);
    expect(compareTwins(laid(100), laid(104), base, DEFAULT_MIRRORED).differences).toEqual([]);
  });
});

describe('the average of several', () => {
  const plain = (id: string, values: Partial<PaintedStep>): PaintedStep => ({
    ...step(id),
    coat: null,
    coats: 1,
    sheen: null,
    endedAtMs: null,
    ...values,
  });
  it('has the steps that most of them have, with the middle of their figures', () => {
    const one = [plain('a', { kind: 'sand', minutes: 10 }), plain('b', { kind: 'prime', minutes: 8, micrometres: 30 })];
    const two = [plain('a', { kind: 'sand', minutes: 20 }), plain('b', { kind: 'prime', minutes: 8, micrometres: 50 })];
    const three = [
      plain('a', { kind: 'sand', minutes: 30 }),
      plain('x', { kind: 'wash' }),
      plain('b', { kind: 'prime', minutes: 8, micrometres: 40 }),
    ];
    const average = averageSteps([one, two, three]);
    expect(average.map(({ kind, minutes, micrometres }) => [kind, minutes, micrometres])).toEqual([
      ['sand', 20, null],
      ['prime', 8, 40],
    ]);
  });
  it('of one is that one, and of none is none', () => {
    const one = [plain('a', { minutes: 12 })];
    expect(averageSteps([one])).toEqual(one);
    expect(averageSteps([])).toEqual([]);
  });
});
