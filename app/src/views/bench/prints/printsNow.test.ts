import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { describe, expect, it } from 'vitest';
import { printsAhead, printsNow } from './printsNow';

const NOW = makeSampleProject().savedAtMs;
const HOUR = 3_600_000;

function printing(id: string, startedAtMs: number | null): Part {
  const [part] = makeSampleProject().parts;
  if (!part) throw new Error('the sample has lost its parts');
  return { ...part, id, printHours: 10, print: { piecesLeft: 2, bedPieces: 1, startedAtMs, failureShare: 0 } };
}
const planned = (partId: string, startMs: number) => ({
  taskId: partId,
  partId,
  pieces: 1,
  startMs,
  endMs: startMs,
  lastOffMs: startMs,
  key: 0,
});
const said = (calls: ReturnType<typeof printsNow>): string[] => calls.map(({ kind, part }) => `${kind} ${part.id}`);

describe('what the printers ask of hands', () => {
  const parts = [
    printing('on the bed', NOW - 10 * HOUR),
    printing('next', null),
    printing('later', null),
    { ...printing('here', null), print: null },
  ];
  const plan = [planned('on the bed', NOW), planned('later', NOW + 5 * HOUR), planned('next', NOW + HOUR)];

  it('is a piece that comes off, then what is begun, by time; nothing of what is here', () => {
    expect(printsAhead(parts, plan).map(({ kind, part, atMs }) => [kind, part.id, (atMs - NOW) / HOUR])).toEqual([
      ['off', 'on the bed', 0],
      ['begin', 'next', 1],
      ['begin', 'later', 5],
    ]);
  });

  it.each([
    [-1, []],
    [0, ['off on the bed']],
    [53 * 60_000, ['off on the bed']],
    [54 * 60_000, ['off on the bed', 'begin next']],
    [6 * HOUR, ['off on the bed', 'begin next', 'begin later']],
  ])('is asked when its time has come: after %d ms', (laterMs, calls) => {
    expect(said(printsNow(parts, plan, NOW + laterMs))).toEqual(calls);
  });

  it('is of as many pieces as lie on the bed, and of the bed that is begun next', () => {
    const set = { ...printing('set', null), print: { piecesLeft: 5, bedPieces: 3, startedAtMs: null, failureShare: 0 } };
    const beds = [planned('set', NOW + 2 * HOUR), planned('set', NOW + 40 * HOUR)];
    expect(printsAhead([set], beds)).toMatchObject([{ kind: 'begin', pieces: 3, atMs: NOW + 2 * HOUR }]);
    expect(printsAhead([set], beds.toReversed())).toMatchObject([{ kind: 'begin', pieces: 3, atMs: NOW + 2 * HOUR }]);
    // Three of ten hours each are off together.
    const begun = { ...set, print: { ...set.print, startedAtMs: NOW } };
    expect(printsAhead([begun], beds)).toMatchObject([{ kind: 'off', pieces: 3, atMs: NOW + 30 * HOUR }]);
  });

  it('is not asked of what the plan has no place for', () => {
    expect(printsNow([printing('endless', null)], [], NOW + 100 * HOUR)).toEqual([]);
  });
});
