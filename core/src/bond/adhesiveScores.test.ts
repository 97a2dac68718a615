import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MATERIALS } from '../ladder/materials';
import type { JointAsk } from './adhesives';
import { ADHESIVES, chooseAdhesive } from './adhesives';

const ASK: JointAsk = { first: 'rigid', second: 'rigid', load: 'display', gapMillimetres: 0.1, isSeenThrough: false };
const choice = (id: string, change: Partial<JointAsk>) => {
  const found = chooseAdhesive({ ...ASK, ...change }).find(({ adhesive }) => adhesive.id === id);
  if (!found) throw new Error(`no adhesive ${id}`);
  return found;
};

describe('the table of adhesives', () => {
  const page = readFileSync(new URL('../../../docs/adhesives.md', import.meta.url), 'utf8');
  const rows = page
    .split('\n')
    .filter((line) => line.startsWith('| '))
    .map((line) =>
      line
        .slice(1, -1)
        .split('|')
        .map((cell) => cell.trim()),
    );
  const [header, ...lines] = rows;
  const table = new Map(lines.slice(1).map(([name = '', ...cells]) => [name, cells]));

  it('says of every material how each holds on it, as the page for people does', () => {
    expect(header?.slice(1)).toEqual(ADHESIVES.map(({ id }) => id));
    for (const { id } of MATERIALS) expect(table.get(id), id).toEqual(ADHESIVES.map(({ holds }) => holds[id]));
  });
  it('says what gap each fills, what it bears and whether it bends', () => {
    expect(table.get('fills a gap of, mm')).toEqual(ADHESIVES.map(({ gapMillimetres }) => String(gapMillimetres)));
    expect(table.get('bears')).toEqual(ADHESIVES.map(({ bears }) => bears));
    expect(table.get('bends')).toEqual(ADHESIVES.map(({ bends }) => (bends ? 'yes' : 'no')));
  });
});

describe('the score of an adhesive (by hand)', () => {
  it('is that of the weaker face: good 1, fair 0.6, poor 0.25, never 0', () => {
    expect(choice('epoxy', {}).score).toBe(1);
    expect(choice('contact', {}).score).toBe(0.6);
    expect(choice('contact', { first: 'sheet' }).score).toBe(0.25);
    expect(choice('slurryWeld', { second: 'soluble' }).score).toBe(0);
    expect(choice('slurryWeld', { first: 'soluble', second: 'soluble' }).score).toBe(1);
  });
  it.each([
    ['cyanoacrylate', { load: 'worn' }, 0.4, 'too weak or brittle for this load'],
    ['cyanoacrylate', { gapMillimetres: 0.16 }, 0.3, 'fills 0.15 mm, the gap is 0.16 mm'],
    ['epoxy', { first: 'flexible' }, 0.6 * 0.5, 'stays stiff where the part bends'],
    ['epoxy', { second: 'flexible' }, 0.6 * 0.5, 'stays stiff where the part bends'],
    ['cyanoacrylate', { isSeenThrough: true }, 0.3, 'fogs clear parts'],
    ['cyanoacrylate', { load: 'worn', gapMillimetres: 1, isSeenThrough: true }, 0.4 * 0.3 * 0.3, 'fogs clear parts'],
  ] as const)('of %s for %j is %f: %s', (id, change, score, reason) => {
    const found = choice(id, change);
    expect(found.score).toBeCloseTo(score, 12);
    expect(found.reasons).toContain(reason);
    expect(found.reasons).not.toContain('nothing speaks against it');
  });
  it('loses nothing for a load and a gap it just bears, a bend it goes along with, or a look through it that it does not fog', () => {
    expect(choice('cyanoacrylate', { load: 'handled', gapMillimetres: 0.15 })).toMatchObject({
      score: 1,
      reasons: ['nothing speaks against it'],
    });
    expect(choice('contact', { first: 'flexible', second: 'flexible', load: 'worn', gapMillimetres: 0.3 }).score).toBe(1);
    expect(choice('epoxy', { load: 'worn', gapMillimetres: 2, isSeenThrough: true }).score).toBe(1);
  });
  it('says which face is the trouble', () => {
    expect(choice('contact', {}).reasons).toEqual(['holds one of the two only fairly: scuff and degrease both faces']);
    expect(choice('contact', { first: 'soluble' }).reasons).toEqual(['does not hold on this pair']);
  });
});
