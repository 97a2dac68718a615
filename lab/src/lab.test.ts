import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { writeProject } from '@zinc-ladder/model/file/zipProject';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it } from 'vitest';
import { runLab } from './runLab';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'zinc-lab-'));

process.env['INIT_CWD'] = folder;

function answer(...words: string[]): Record<string, unknown> {
  const { exitCode, out, err } = runLab(words);
  if (exitCode !== 0) throw new Error(err);
  return JSON.parse(out) as Record<string, unknown>;
}

writeFileSync(
  join(folder, 'sound.json'),
  writeProject({
    ...makeSampleProject(),
    pictures: [],
    meshes: [],
    flaws: [],
    logEntries: [],
    mixCards: [],
    targets: [],
    maskPlans: [],
    weatherPlans: [],
    rungs: makeSampleProject().rungs.map((rung) => ({ ...rung, mixCardId: null })),
  }),
);
writeFileSync(join(folder, 'unsound.json'), writeProject(makeSampleProject()).replace('"count": 1', '"count": -1'));

describe('the lab', () => {
  it('prints one JSON object and nothing else as a program, and exits with 2 on bad input', { timeout: 60_000 }, () => {
    const program = (...words: string[]) => spawnSync('npm', ['run', '-s', 'lab', '--', ...words], { cwd: ROOT, encoding: 'utf8' });
    const good = program('dew-point', '--temp', '25', '--rh', '50');
    expect([good.status, Object.keys(JSON.parse(good.stdout) as object)]).toEqual([0, ['dewPoint']]);
    expect(program('dew-point').status).toBe(2);
  });
  it('gives the dew point of 25 °C and 50 %, 13.9 °C (ASHRAE psychrometric chart, from memory)', () =>
    expect(answer('dew-point', '--temp', '25', '--rh', '50')['dewPoint']).toBeCloseTo(13.9, 1));
  it('takes a temperature below zero', () => expect(answer('dew-point', '--temp', '-5', '--rh', '80')['dewPoint']).toBeLessThan(-5));
  it('gives label times at label conditions and later ones in the cold', () => {
    expect(answer('cure', '--class', 'fillerPrimer', '--temp', '23', '--rh', '50')).toMatchObject({
      touch: 10,
      sand: 60,
      tape: 120,
      hard: 1440,
      recoatUntil: null,
    });
    // Cold does not stretch the window a label gives.
    expect(answer('cure', '--class', 'enamelColour', '--temp', '12', '--rh', '60')['recoatUntil']).toBe(60);
    expect(answer('cure', '--class', 'fillerPrimer', '--temp', '23', '--rh', '50', '--coats', '3')['sand']).toBe(180);
  });
  it('plans a file from where it was called', () => {
    const plan = answer('plan', 'sound.json', '--from', '2026-05-28T12:00:00Z') as {
      rungs: { id: string }[];
      violations: unknown[];
      ready: string;
    };
    expect(plan.rungs.map((rung) => rung.id)).toEqual(['guest-1', 'host-2']);
    expect(plan.violations).toEqual([]);
    expect(Date.parse(plan.ready)).toBeGreaterThan(Date.parse('2026-05-28T16:30:00Z'));
  });
  it('plans for the surest dates, with chances by fortunes it was not chosen on, and says what to let go', () => {
    const demo = fileURLToPath(new URL('../../demo/files/tide-office.zip', import.meta.url));
    const plan = answer('plan', demo, '--made-for', 'surest', '--seconds', '1') as {
      madeFor: string;
      datesMet: number;
      chances: { chance: number }[];
    };
    expect(plan.madeFor).toBe('surest');
    expect(plan.chances).toHaveLength(4);
    const { sets } = answer('triage', demo, '--seconds', '2') as {
      sets: { letGo: string[]; datesMet: number; chances: { chance: number }[] }[];
    };
    expect(sets.length).toBeGreaterThan(0);
    for (const [nth, set] of sets.entries()) {
      expect(set.datesMet).toBeLessThanOrEqual(sets[nth - 1]?.datesMet ?? 1);
      expect(set.chances).toHaveLength(4);
    }
    expect(runLab(['plan', demo, '--made-for', 'luck']).exitCode).toBe(2);
    expect(runLab(['chance', demo, '--drying-spread', '-1']).exitCode).toBe(2);
    const anew = answer('chance', demo, '--made-for', 'surest', '--runs', '1', '--replan') as {
      props: { replanned: { chanceOfDate: number } }[];
    };
    for (const { replanned } of anew.props) expect([0, 1]).toContain(replanned.chanceOfDate);
  });
  it('gives the papers from one to another, by hand and by tool, and names what is wasted', () => {
    expect(answer('grit', '--from', 'P100', '--to', 'P400')['grits']).toEqual(['P100', 'P120', 'P180', 'P280', 'P400']);
    expect(answer('grit', '--from', '100', '--to', '400', '--powered')['grits']).toEqual(['P100', 'P150', 'P240', 'P400']);
    const { steps } = answer('grit', '--from', 'P220', '--to', 'P600', '--under', 'fillerPrimer') as { steps: { wasted: boolean }[] };
    expect(steps.map((step) => step.wasted)).toEqual([false, true, true, true]);
    for (const bad of [
      ['--from', 'P123'],
      ['--from', 'P400', '--to', 'P100'],
      ['--from', 'P100', '--to', 'P400', '--under', 'air'],
    ])
      expect(runLab(['grit', ...bad]).exitCode).toBe(2);
  });
  it('gives the clearance that paint leaves', () => {
    expect(answer('fit', '--hole', '10.4', '--shaft', '10', '--films', '60,40')).toEqual({
      clearance: 0.2,
      paint: 0.2,
      verdict: 'moves',
      openBy: 0,
      maskingIsEnough: true,
    });
    // One film is on both faces.
    expect(answer('fit', '--hole', '10.4', '--shaft', '10', '--films', '120', '--print-error', '0.1')).toMatchObject({
      clearance: -0.18,
      verdict: 'clashes',
    });
    for (const bad of [
      ['--hole', '10'],
      ['--hole', '10', '--shaft', '9', '--films', '1,2,3'],
      ['--hole', 'x', '--shaft', '9', '--films', '1'],
    ])
      expect(runLab(['fit', ...bad]).exitCode).toBe(2);
  });
  it('says of a file whether it is sound, and every fault with its path', () => {
    expect(answer('validate', 'sound.json')).toMatchObject({ valid: true, counts: { rungs: 3 } });
    expect(answer('validate', 'unsound.json')).toMatchObject({ valid: false, faults: [{ path: 'parts[0].count' }] });
  });
  it.each([
    [[]],
    [['nonsense']],
    [['dew-point', '--temp', '25']],
    [['dew-point', '--temp', 'warm', '--rh', '50']],
    [['dew-point', '--temp', '25', '--rh', '150']],
    [['cure', '--class', 'glitter', '--temp', '20', '--rh', '50']],
    [['plan', 'not-there.json']],
    [['plan', 'unsound.json']],
    [['plan', 'sound.json', '--from', 'tomorrow']],
    [['validate', '--loudly', 'sound.json']],
  ])('answers bad input %j with one line and code 2', (words) => {
    const { exitCode, out, err } = runLab(words);
    expect([exitCode, out]).toEqual([2, '']);
    expect(err.trim().split('\n')).toHaveLength(1);
  });

  it('measures a mesh: area, volume, box and ridges, with what is wrong', () => {
    const half = 5;
    const corners = [
      [-half, -half, 0],
      [half, -half, 0],
      [half, half, 0],
      [-half, half, 0],
      [-half, -half, 20],
      [half, -half, 20],
      [half, half, 20],
      [-half, half, 20],
    ];
    const faces = ['1 4 3 2', '5 6 7 8', '1 2 6 5', '2 3 7 6', '3 4 8 7', '4 1 5 8'];
    const write = (name: string, kept: readonly string[]): void =>
      writeFileSync(
        join(folder, name),
        [...corners.map((corner) => `v ${corner.join(' ')}`), ...kept.map((face) => `f ${face}`)].join('\n'),
      );
    write('box.obj', faces);
    write('holed.obj', faces.slice(1));
    const box = answer('mesh', 'box.obj', '--layer-height', '0.2');
    expect(box).toMatchObject({ area: 1000, volume: 2000, facets: 12, shells: 1, openEdges: 0, boundingBox: { size: [10, 10, 20] } });
    expect(box['cusp']).toEqual({ mean: 18, p95: 20, max: 20 });
    expect(answer('mesh', 'box.obj', '--layer-height', '0.2', '--unit', 'cm')).toMatchObject({ volume: 2_000_000 });
    // Lying at 45° all but the ends has ridges of t / √2.
    expect(answer('mesh', 'box.obj', '--layer-height', '0.2', '--up', '0,1,1')['cusp']).toMatchObject({ max: 141.421 });
    expect(answer('mesh', 'holed.obj', '--layer-height', '0.2')).toMatchObject({
      volume: null,
      openEdges: 4,
      complaints: [{ code: 'open' }],
    });
    expect(runLab(['mesh', 'box.obj', '--layer-height', '0.2', '--up', '0,0,0']).err).toContain('--up');
    writeFileSync(join(folder, 'words.stl'), 'no mesh at all');
    expect(runLab(['mesh', 'words.stl', '--layer-height', '0.2']).err).toContain('cannot be taken');
  });

  it('forecasts loops by school, distance and measured ridge', () => {
    const gloss = (...words: string[]) => answer('loops', '--school', 'primerOnly', '--layer-height', '0.2', '--finish', 'gloss', ...words);
    expect(gloss()).toMatchObject({ loops: 4, waitMinutes: 240, film: 80 });
    expect(gloss('--distance', '3')).toMatchObject({ loops: 2 });
    expect(gloss('--ridge', '20')).toMatchObject({ loops: 1 });
    expect(gloss('--material', 'translucent', '--finish', 'litTranslucent')).toHaveProperty('refused');
    expect(runLab(['loops', '--school', 'magic', '--layer-height', '0.2', '--finish', 'gloss']).err).toContain('--school must be one of');
  });

  it('refuses what a mesh or a forecast cannot be made of, with one line that says what', () => {
    const said = (...words: string[]): string => {
      const { exitCode, err } = runLab(words);
      expect(exitCode, words.join(' ')).toBe(2);
      expect(err.trim()).not.toContain('\n');
      return err;
    };
    expect(said('mesh')).toContain('a mesh file ending in .stl, .obj or .3mf');
    expect(said('mesh', 'box.obj')).toContain('--layer-height');
    expect(said('mesh', 'box.obj', '--layer-height', '9')).toContain('--layer-height');
    expect(said('mesh', 'box.obj', '--layer-height', '0.2', '--unit', 'ell')).toContain('--unit must be one of mm, cm, in, m');
    expect(said('mesh', 'box.obj', '--layer-height', '0.2', '--up', '1,2')).toContain('three numbers');
    expect(said('mesh', 'gone.stl', '--layer-height', '0.2')).toContain('gone.stl cannot be read');
    expect(said('loops', '--school', 'putty', '--finish', 'gloss')).toContain('--layer-height');
    expect(said('loops', '--school', 'putty', '--layer-height', '0.2', '--finish', 'shiny')).toContain('--finish must be one of');
    expect(said('loops', '--school', 'putty', '--layer-height', '0.2', '--finish', 'gloss', '--distance', '0')).toContain('--distance');
  });

  it('gives resin its own bead, and waits longer in the cold', () => {
    const resin = answer('mesh', 'box.obj', '--layer-height', '0.05', '--bead', '0.02');
    expect(resin['cusp']).toMatchObject({ max: 1 });
    const wait = (temp: string): number =>
      Number(answer('loops', '--school', 'bodyFiller', '--layer-height', '0.2', '--finish', 'satin', '--temp', temp)['waitMinutes']);
    expect(wait('10')).toBeGreaterThan(1.8 * wait('23'));
  });
});
