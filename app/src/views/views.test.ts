import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { describe, expect, it } from 'vitest';
import { cureStages, positionAt } from '../features/film/cureStages';
import { checkNumber, parseNumber } from '../ui/fields/fields';
import { toLocalInput } from '../base/localInput';
import { readableInk } from '../base/readableInk';
import { formatSpan, formatTimer, makeFormats } from '../base/formats';
import { findTimeGap } from './bench/gap/timeGap';
import { layOutBands, layOutRungs } from './ladders/board/ladderLayout';
import { standingLog } from '@zinc-ladder/model/log/standingLog';
import { compareLogged, NO_FILTER } from './log/logFilter';
import { LogSearch } from './log/LogSearch';
import { axisTicks, dayStarts, panWindow, windowAtNow, zoomWindow } from './plan/picture/planViewport';
import { fileName } from '../base/download';
import { readDayMinutes, writeDayMinutes } from '../base/dayMinutes';

const HOUR = 3_600_000;

describe('the log as it stands', () => {
  const textOf = ({ text }: LogEntry): string => text;
  const readText = { words: textOf, key: textOf };
  const entry = (id: string, atMs: number, extra: Partial<LogEntry> = {}): LogEntry => ({
    id,
    revision: 0,
    kind: 'done',
    atMs,
    counter: atMs,
    propId: 'p',
    partId: 'a',
    rungId: 'r',
    isForNextTime: false,
    personId: null,
    productId: null,
    tookMillilitres: null,
    plannedMinutes: 10,
    actualMinutes: 12,
    air: null,
    text: '',
    pictureIds: [],
    correctsId: null,
    ...extra,
  });
  it('is newest first, with corrections in place of what they correct', () => {
    const log = standingLog([
      entry('1', 100),
      entry('2', 200),
      entry('1b', 300, { correctsId: '1', actualMinutes: 9 }),
      entry('1c', 50, { counter: 400, correctsId: '1b', actualMinutes: 8 }),
    ]);
    expect(log.map(({ entry: { id }, replaced }) => [id, replaced.map((old) => old.id)])).toEqual([
      ['2', []],
      ['1c', ['1b', '1']],
    ]);
  });
  it('keeps the last of entries that correct each other', () =>
    expect(standingLog([entry('1', 1, { correctsId: '2' }), entry('2', 2, { correctsId: '1' })]).map((s) => s.entry.id)).toEqual(['2']));
  it('of two corrections of one entry the later written stands, and of one moment the order of writing tells', () => {
    const log = standingLog([
      entry('z', 100, { counter: 1 }),
      entry('a', 100, { counter: 2 }),
      entry('y', 100, { counter: 4, correctsId: 'z', actualMinutes: 3 }),
      entry('b', 100, { counter: 3, correctsId: 'z', actualMinutes: 5 }),
    ]);
    expect(log.map((s) => s.entry.id)).toEqual(['y', 'a']);
  });
  it('keeps a correction whose first entry is not there', () =>
    expect(standingLog([entry('2', 2, { correctsId: 'gone' })])).toHaveLength(1));
  it('is filtered by everything at once', () => {
    const log = standingLog([entry('1', 1, { text: 'a run' }), entry('2', 2, { kind: 'mistake' }), entry('3', 3, { partId: 'b' })]);
    const ids = (change: Partial<typeof NO_FILTER>): string[] =>
      new LogSearch(log, readText).find({ ...NO_FILTER, ...change }).map((s) => s.entry.id);
    expect(ids({})).toEqual(['3', '2', '1']);
    expect(ids({ kind: 'done', partId: 'a' })).toEqual(['1']);
    expect(ids({ text: ' RUN ' })).toEqual(['1']);
  });
  it('is found the same by typing on as by asking at once (every word, letter by letter)', () => {
    const log = standingLog(
      Array.from({ length: 60 }, (_, at) =>
        entry(String(at), at, { text: ['a run', 'lower edge', 'edge, a run', ''][at % 4] ?? '', partId: at % 3 === 0 ? 'b' : 'a' }),
      ),
    );
    const typed = new LogSearch(log, readText);
    for (const word of ['lower edge', 'run', 'edge, a run', 'edge'])
      for (let length = 0; length <= word.length; length += 1)
        for (const partId of ['', 'b']) {
          const filter = { ...NO_FILTER, partId, text: word.slice(0, length) };
          const fits = log.filter(({ entry: each }) => (partId === '' || each.partId === partId) && each.text.includes(filter.text));
          expect(typed.find(filter)).toEqual(fits);
          // Sums are of what was found, each under the key of its own entry.
          const { sums } = typed.compare(filter);
          expect(new Map(sums.map(({ key, count }) => [key, count]))).toEqual(
            new Map([...new Set(fits.map((s) => s.entry.text))].map((key) => [key, fits.filter((s) => s.entry.text === key).length])),
          );
        }
  });
  it('sums planned and real minutes of what was done', () => {
    const log = standingLog([
      entry('1', 1),
      entry('2', 2, { actualMinutes: null }),
      entry('3', 3, { kind: 'setDown' }),
      entry('4', 4, { actualMinutes: 8 }),
    ]);
    expect(compareLogged(log, () => 'all').sums).toEqual([{ key: 'all', planned: 20, actual: 20, count: 2 }]);
  });
});

describe('the plan’s window', () => {
  it('keeps the moment under the pointer where it is when zooming', () => {
    const window = { startMs: 0, hours: 72 };
    const nearer = zoomWindow(window, -1, 0.25);
    expect(nearer.hours).toBe(24);
    expect(nearer.startMs + 24 * HOUR * 0.25).toBeCloseTo(72 * HOUR * 0.25, 3);
    expect(zoomWindow({ startMs: 0, hours: 1 }, -1).hours).toBe(1);
    expect(zoomWindow({ startMs: 0, hours: 720 }, 1).hours).toBe(720);
  });
  it('moves by shares of itself and shows now near its left', () => {
    expect(panWindow({ startMs: 0, hours: 10 }, 0.5).startMs).toBe(5 * HOUR);
    expect(windowAtNow(100, 1e9).startMs).toBeLessThan(1e9);
  });
  it('ticks on round local hours, on both sides of a change of the clocks', () => {
    // Copenhagen goes to summer time on 29 March 2026 at 01:00 UTC.
    const change = Date.parse('2026-03-29T01:00:00Z');
    const offset = (ms: number): number => (ms < change ? 60 : 120);
    const ticks = axisTicks({ startMs: Date.parse('2026-03-28T00:00:00Z'), hours: 72 }, offset);
    for (const tick of ticks) expect(((tick.atMs + offset(tick.atMs) * 60_000) / HOUR) % 6).toBe(0);
    expect(dayStarts({ startMs: Date.parse('2026-03-28T10:00:00Z'), hours: 48 }, offset).map((ms) => new Date(ms).toISOString())).toEqual([
      '2026-03-28T10:00:00.000Z',
      '2026-03-28T23:00:00.000Z',
      '2026-03-29T22:00:00.000Z',
    ]);
  });
});

describe('the ladder’s layout', () => {
  const rung = (id: string, band: Rung['band']): Rung => ({ ...NEW_RUNG, id, ladderId: 'l', band });
  it('aligns bands across ladders, each as tall as its fullest', () => {
    const a = [rung('a1', 'cutBond'), rung('a2', 'prime'), rung('a3', 'prime')];
    const b = [rung('b1', 'prime'), rung('b2', 'fit')];
    const bands = layOutBands([a, b]);
    expect(bands.map((band) => [band.id, band.firstRow, band.rows])).toEqual([
      ['cutBond', 0, 1],
      ['prime', 1, 2],
      ['fit', 3, 1],
    ]);
    expect([...layOutRungs(b, bands)]).toEqual([
      ['b1', 1],
      ['b2', 3],
    ]);
  });
});

describe('gaps in time', () => {
  it('are none while someone looks, an absence after five minutes, a turned clock when it goes back', () => {
    expect(findTimeGap(null, 1000)).toBeNull();
    expect(findTimeGap(0, 60_000)).toBeNull();
    expect(findTimeGap(0, HOUR)).toEqual({ kind: 'away', fromMs: 0, toMs: HOUR });
    expect(findTimeGap(HOUR, 0)).toEqual({ kind: 'turnedBack', byMs: HOUR });
    expect(findTimeGap(1000, 0)).toBeNull();
  });
});

describe('words and numbers', () => {
  const formats = makeFormats('Europe/Copenhagen', '24', 'metric', 'en-GB');
  const at = Date.parse('2026-05-28T17:31:00Z');
  it('tell a moment as shortly as it can be told', () => {
    expect([formats.moment(at, at), formats.moment(at + 86_400_000, at), formats.moment(at + 30 * 86_400_000, at)]).toEqual([
      '19:31',
      'Fri 19:31',
      'Sat 27 Jun 19:31',
    ]);
    expect(makeFormats('Europe/Copenhagen', '12', 'us', 'en-US').time(at)).toMatch(/^7:31\sPM$/u);
  });
  it('know no zero below zero', () => {
    expect([formats.temperature(-0.04), formats.temperature(-0.06), formats.temperatureGap(-0.04), formats.temperatureGap(-0.06)]).toEqual([
      '0.0 °C',
      '-0.1 °C',
      '+0.0 °C',
      '−0.1 °C',
    ]);
  });
  it('show US units when the shop wants them', () => {
    const us = makeFormats('UTC', '12', 'us', 'en-US');
    expect([us.temperature(23), us.temperatureGap(3), us.film(25.4), us.area(64.516), us.volume(29.5735)]).toEqual([
      '73 °F',
      '+5.4 °F',
      '1.0 mil',
      '10.0 in²',
      '1.0 fl oz',
    ]);
  });
  it('tell spans and timers', () => {
    expect([formatSpan(0), formatSpan(59.6), formatSpan(125), formatSpan(120), formatSpan(76 * 60), formatSpan(48 * 60)]).toEqual([
      '0 min',
      '1 h',
      '2 h 05',
      '2 h',
      '3 d 4 h',
      '2 d',
    ]);
    expect(formatTimer(751_000)).toBe('00:12:31');
    expect(formatTimer(-5)).toBe('00:00:00');
  });
  it('take a comma for a point, and say what is wrong with a number', () => {
    expect(parseNumber(' 0,2 ')).toBe(0.2);
    expect([
      checkNumber('', { min: 0, max: 1 }),
      checkNumber('', { min: 0, max: 1, mayBeEmpty: true }),
      checkNumber('x', { min: 0, max: 1 }),
      checkNumber('2', { min: 0, max: 1 }),
      checkNumber('0.5', { min: 0, max: 1, isWhole: true }),
      checkNumber('1', { min: 0, max: 1 }),
    ]).toEqual(['A number is needed.', null, 'This is not a number.', 'Between 0 and 1.', 'A whole number is needed.', null]);
  });
  it('read a time of day as people type it', () => {
    expect(['18:30', '1830', '18', '6:30 pm', '12 am', '24:00', '24:01', '7:75', 'noon', '13 pm'].map(readDayMinutes)).toEqual([
      1110,
      1110,
      1080,
      1110,
      0,
      1440,
      null,
      null,
      null,
      null,
    ]);
    expect(writeDayMinutes(1440)).toBe('24:00');
    expect([0, 540, 720, 750, 1110, 1440].map((minutes) => writeDayMinutes(minutes, true))).toEqual([
      '12a',
      '9a',
      '12p',
      '12:30p',
      '6:30p',
      '12a',
    ]);
    // The end of the day reads as midnight, which an end takes as that.
    for (let minutes = 0; minutes < 1440; minutes += 15) expect(readDayMinutes(writeDayMinutes(minutes, true))).toBe(minutes);
    expect(['6 p.m.', '6P', '6:05 am', '6 m', '6 x'].map(readDayMinutes)).toEqual([1080, 1080, 365, null, null]);
  });
  it('name a moment in the shop’s zone', () => expect(toLocalInput(at, 'Europe/Copenhagen')).toBe('2026-05-28T19:31'));
  it('name files without anything a file system could trip over', () => {
    expect(fileName('../Garage "by" the quay/é', '2026-05-28', 'zip')).toBe('garage-by-the-quay-e-2026-05-28.zip');
    expect(fileName('漆', '2026-05-28', 'json')).toBe('shop-2026-05-28.json');
  });
  it('choose the ink that reads on a paint', () =>
    expect([readableInk('#232221'), readableInk('#dccfae'), readableInk('#a9b23a')]).toEqual(['#ffffff', '#000000', '#000000']));
});

describe('the cure strip', () => {
  const milestones = { touch: 10 * HOUR, recoat: 10 * HOUR, handle: 20 * HOUR, sand: null, tape: 30 * HOUR, hard: 40 * HOUR };
  const outlook = { laidAtMs: 0, filmMicrometres: 1, wetCoats: 1, milestones, recoatWindows: [], tooColdMs: null };
  it('joins milestones of one moment and draws each stage as the state the film is in', () => {
    expect(cureStages(outlook).map((stage) => [stage.reached.join('+'), stage.state])).toEqual([
      ['touch+recoat', 'wet'],
      ['handle', 'touch'],
      ['tape', 'handle'],
      ['hard', 'tape'],
    ]);
  });
  it('places now within its stage', () => {
    const stages = cureStages(outlook);
    expect([positionAt(stages, 0), positionAt(stages, 15 * HOUR), positionAt(stages, 99 * HOUR)]).toEqual([0, 0.375, 1]);
  });
});
