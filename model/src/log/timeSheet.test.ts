import { parse } from 'csv-parse/sync';
import { describe, expect, it } from 'vitest';
import { makeSampleProject } from '../testing/sampleProject';
import type { LogRow } from './logCsv';
import { writeLogCsv } from './logCsv';
import { matchTimeSheet } from './matchTimeSheet';
import { readTimeSheet } from './timeSheet';

const ZONE = 'Europe/Copenhagen';
const at = (text: string): number => Date.parse(`${text}+02:00`);
const rowsOf = (text: string) => readTimeSheet(text, ZONE).rows.map(({ atMs, minutes }) => [atMs, minutes]);

describe('a log as a table', () => {
  const row: LogRow = {
    when: '2026-05-28 18:40',
    kind: 'done',
    prop: 'Lamp, large',
    part: 'Cap "old"',
    rung: 'P220',
    product: '=HYPERLINK("x")',
    plannedMinutes: 12,
    minutes: 9.5,
    celsius: -3.5,
    humidityPercent: 55,
    by: '',
    words: 'a line\nand another; with @signs',
  };
  it('is read by another reader with every cell as it was', () => {
    const [header, cells] = parse(writeLogCsv([row])) as string[][];
    expect(header?.slice(0, 3)).toEqual(['when', 'kind', 'prop']);
    expect(cells?.slice(2, 5)).toEqual(['Lamp, large', 'Cap "old"', 'P220']);
    expect(cells?.slice(6, 9)).toEqual(['12', '9.5', '-3.5']);
    expect(cells?.at(-1)).toBe('a line\nand another; with @signs');
  });
  it('holds no cell a spreadsheet would run', () => {
    const risky = ['=1+1', '+1', '-1+2', '@sum', '\t=1'].map((words) => ({ ...row, words }));
    for (const cells of (parse(writeLogCsv(risky)) as string[][]).slice(1)) expect(cells.at(-1)).toMatch(/^'/u);
  });
});

describe('a time sheet', () => {
  it('is read back from the log’s own table', () => {
    const text = writeLogCsv([{ when: '2026-05-28 18:40', kind: 'done', prop: 'Lamp', part: '=Cap', rung: 'P220', product: '', plannedMinutes: 5, minutes: 9.5, celsius: null, humidityPercent: null, by: '', words: 'slow' }]); // prettier-ignore
    expect(readTimeSheet(text, ZONE).rows).toEqual([
      { line: 2, atMs: at('2026-05-28T18:40'), minutes: 9.5, prop: 'Lamp', part: '=Cap', rung: 'P220', words: 'slow' },
    ]);
  });
  it('may have any separator, any of the usual dates, and hours', () => {
    expect(rowsOf('date;duration\n28.5.2026 18:40;1,5 h\n')).toEqual([[at('2026-05-28T18:40'), 90]]);
    expect(rowsOf('Date\tMin\n2026-05-28\t1:30\n')).toEqual([[at('2026-05-28T12:00'), 90]]);
    expect(rowsOf('date,minutes\n5/28/2026 9:05,"7,5"\n')).toEqual([[at('2026-05-28T09:05'), 7.5]]);
  });
  it('may say beginning and end, with the day in a column of its own', () => {
    expect(rowsOf('day,from,to,task\n2026-05-28,18:00,18:45,sand\n')).toEqual([[at('2026-05-28T18:45'), 45]]);
    expect(rowsOf('start,minutes\n2026-05-28 18:00,30\n')).toEqual([[at('2026-05-28T18:30'), 30]]);
  });
  it.each([
    ['no header it knows', 'a,b\n1,2\n', 'it needs a column “minutes”'],
    ['no day', 'minutes\n5\n', 'it needs a column “when”'],
    ['a day that is none', 'date,minutes\n2026-02-30,5\n', '“2026-02-30” is no day'],
    ['minutes that are none', 'date,minutes\n2026-05-28,soon\n', '“soon” are no minutes'],
    ['an end before its beginning', 'date,start,end\n2026-05-28,19:00,18:00\n', 'not between 0'],
    ['an empty file', '', 'it needs a column “minutes”'],
  ])('%s is told with its line, and nothing is taken', (_, text, message) => {
    const { rows, faults } = readTimeSheet(text, ZONE);
    expect(rows).toEqual([]);
    expect(faults[0]?.message).toContain(message);
  });
  it('of a hundred thousand rows takes what is taken, and says so', () => {
    const { rows, faults } = readTimeSheet(`date,minutes\n${'2026-05-28,5\n'.repeat(100_000)}`, ZONE);
    expect(rows).toHaveLength(20_000);
    expect(faults).toHaveLength(1);
  });
});

describe('rows of a sheet among the rungs', () => {
  const sample = makeSampleProject();
  const NOW = sample.savedAtMs;
  const ladder = sample.ladders.find(({ partId }) => partId === 'host');
  const rungs = (ladder?.rungIds ?? []).flatMap((id) => sample.rungs.find((rung) => rung.id === id) ?? []);
  const host = sample.parts.find(({ id }) => id === 'host');
  const [first] = rungs;
  if (!host || !first) throw new Error('no rungs');
  const index = {
    props: new Map(sample.props.map((prop) => [prop.id, prop])),
    parts: new Map(sample.parts.map((part) => [part.id, part])),
    rungsOf: (partId: string) => (partId === 'host' ? rungs : []),
  };
  const row = (fields: Partial<Parameters<typeof matchTimeSheet>[0][number]>) => ({ line: 2, atMs: 0, minutes: 5, prop: '', part: host.name, rung: first.name, words: '', ...fields }); // prettier-ignore
  it('go to the rung they name, whatever the letters', () => {
    const [effect] = matchTimeSheet([row({ part: host.name.toUpperCase() })], index, NOW);
    expect(effect).toMatchObject({ kind: first.state === 'done' ? 'correct' : 'done' });
  });
  it('are skipped with the reason where they name nothing that is here', () => {
    expect(
      matchTimeSheet([row({ part: 'Keel' }), row({ rung: 'juggle' }), row({ rung: '' })], index, NOW).map((one) =>
        one.kind === 'skip' ? one.why : '',
      ),
    ).toEqual(['no part is called “Keel”', `${host.name} has no rung called “juggle”`, 'it names no part and rung']);
  });
  it('are skipped where they end at a moment still to come, but for the minute that runs', () => {
    const ends = (atMs: number) => matchTimeSheet([row({ atMs })], index, NOW)[0];
    expect(ends(NOW + 60_000)?.kind).not.toBe('skip');
    expect(ends(NOW + 60_001)).toMatchObject({ kind: 'skip', why: 'it ends at a moment still to come' });
  });
  it('do not go to one rung twice', () => {
    const twice = matchTimeSheet([row({}), row({})], { ...index, rungsOf: () => [first] }, NOW);
    expect(twice[1]?.kind).toBe('skip');
  });
});
