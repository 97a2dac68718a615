import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../../testing/sampleProject';
import { standingEntries } from '../../log/standingLog';
import { gatherPaces } from './gatherPaces';
import { timedRungs } from './timedRungs';

const { logEntries, rungs, passes } = makeSampleProject();

describe('own paces', () => {
  it('come from done rungs with both minutes; a correction stands in for what it corrects', () => {
    const [entry] = logEntries;
    if (!entry) throw new Error('the sample has lost its entry');
    // Planned 10, took 12.
    expect(gatherPaces(timedRungs(logEntries, rungs, []), []).get('prime')?.factor).toBeGreaterThan(1);
    const corrected = { ...entry, id: 'again', counter: 1, correctsId: entry.id, actualMinutes: 5 };
    const paces = gatherPaces(timedRungs(standingEntries([...logEntries, corrected]), rungs, []), []);
    expect(paces.get('prime')).toMatchObject({ count: 1 });
    expect(paces.get('prime')?.factor).toBeLessThan(1);
  });
  it('passes over a zone tell of sanding primer there, and weigh by how much of the part lies in it', () => {
    const dome = passes.map((pass) => ({ ...pass, plannedMinutes: 20, minutes: 60 }));
    const wall = passes.map((pass) => ({ ...pass, id: 'w', zone: 'wall' as const, plannedMinutes: 20, minutes: 20 }));
    const paceOn = (zone: string): number =>
      gatherPaces(timedRungs([], rungs, [...dome, ...wall]), [{ zone, share: 1 }]).get('primeSand')?.factor ?? 0;
    expect(paceOn('dome')).toBeGreaterThan(paceOn('wall'));
  });
  it('passes over the whole part do not count twice: they are logged as rungs', () => {
    expect(
      gatherPaces(
        timedRungs(
          [],
          rungs,
          passes.map((pass) => ({ ...pass, zone: null })),
        ),
        [],
      ).size,
    ).toBe(0);
  });
});
