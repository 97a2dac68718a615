import type { PlacementReasons } from '@zinc-ladder/core/plan/judge/explainPlacement';
import type { Certificate } from '@zinc-ladder/core/plan/problem/problem';
import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import { describe, expect, it } from 'vitest';
import { ShopError, toShopError } from '../../data/edits/shopError';
import { wordError } from '../notices/wording';
import { makeFormats } from '../../base/formats';
import { certificateWords, faultWords, reasonLines } from './reasonWords';

const formats = makeFormats('UTC', '24', 'metric', 'en-GB');
const title = (id: string): string => `Cap: ${id}`;
const START = 30_000_000;

function reasons(change: Partial<PlacementReasons> = {}): PlacementReasons {
  return {
    waits: [
      { minute: START, cause: { kind: 'arc', fromTaskId: 'black', reason: { kind: 'film', milestone: 'tape', filmName: 'Black' } } },
      { minute: START - 100, cause: { kind: 'now' } },
      { minute: START - 500, cause: { kind: 'arc', fromTaskId: 'old', reason: { kind: 'order' } } },
    ],
    binding: 'waits',
    busyWithTaskId: null,
    ...change,
  };
}

describe('why a rung is not earlier', () => {
  it('tells what it waited for, and leaves out what was over before the plan was made', () => {
    expect(reasonLines(reasons(), START * 60_000, false, title)).toEqual([{ atMs: START * 60_000, text: 'Black is tape-safe' }]);
  });
  it('tells whose hands were busy, or that spraying was closed, before the rest', () => {
    expect(reasonLines(reasons({ binding: 'busy', busyWithTaskId: 'sand' }), START * 60_000, false, title)[0]?.text).toBe(
      'hands are free after Cap: sand',
    );
    expect(reasonLines(reasons({ binding: 'calendar' }), START * 60_000, true, title)[0]?.text).toBe(
      'hands are free and spraying is open long enough',
    );
    expect(reasonLines(reasons({ binding: 'calendar' }), START * 60_000, false, title)[0]?.text).toBe('hands are free long enough');
  });
  it('still tells the last thing when all is over', () => {
    const waits = [
      { minute: 5, cause: { kind: 'arc', fromTaskId: 'a', reason: { kind: 'order' } } },
      { minute: 9, cause: { kind: 'now' } },
    ] as const;
    expect(reasonLines({ waits, binding: 'waits', busyWithTaskId: null }, 0, false, title)).toEqual([
      { atMs: 300_000, text: 'after Cap: a' },
    ]);
  });
  it.each([
    ['order', { kind: 'order' }, 'after Cap: x'],
    ['join', { kind: 'join' }, 'joined: after Cap: x'],
    ['film', { kind: 'film', milestone: 'sand', filmName: 'Primer' }, 'Primer can be sanded'],
    ['missedWindow', { kind: 'missedWindow', filmName: 'Enamel' }, 'Enamel: the recoat window was missed; let it harden, then scuff it'],
  ] as const)('has words for %s', (_, reason, words) => {
    const waits = [{ minute: 10, cause: { kind: 'arc', fromTaskId: 'x', reason } }] as const;
    expect(reasonLines({ waits, binding: 'waits', busyWithTaskId: null }, 600_000, false, title)[0]?.text).toBe(words);
  });
});

describe('why a rung has no place', () => {
  const say = (cause: Certificate['cause']): string => certificateWords({ taskId: 't', cause }, title, formats);
  it.each([
    [{ kind: 'noWindow', calendarId: 'hands', neededMinutes: 10, longestMinutes: 0 }, 'There are no hands hours. Add some under Shop.'],
    [
      { kind: 'noWindow', calendarId: 'hands', neededMinutes: 240, longestMinutes: 210 },
      'It needs 4 h in one go; the longest stretch of hands is 3 h 30. Split it, or add hours.',
    ],
    [
      { kind: 'tooMuch', resourceId: 'rack', needed: 9, capacity: 8 },
      'It needs 9 places; there are 8. Give the set fewer places under its part, or the shop more.',
    ],
    [{ kind: 'waitsFor', taskId: 'other' }, 'It waits for Cap: other, which has no place yet.'],
    [{ kind: 'neverReady', fromTaskId: 'wet' }, 'Cap: wet never dries in this air. Warm the shop, or correct its typical day.'],
  ] as const)('%j', (cause, words) => expect(say(cause)).toBe(words));
  it('names both ends of a window that cannot be met, and what mends it', () => {
    const words = say({ kind: 'windowCloses', fromTaskId: 'coat', earliest: 2000, latest: 1000, calendarId: 'hands' });
    expect(words).toContain('The window after Cap: coat closes Thu 1 Jan 16:40');
    expect(words).toContain('cannot be started before Fri 2 Jan 09:20');
    expect(words).toContain('mends it');
  });
  it('names the rungs of a circle', () => expect(faultWords({ kind: 'cycle', taskIds: ['a', 'b'] }, title)).toContain('Cap: a → Cap: b'));
});

describe('failures', () => {
  it('keep their own code, and unknown ones become one', () => {
    const conflict = new ShopError('conflict');
    expect(toShopError(conflict)).toBe(conflict);
    expect(toShopError(new Error('?')).code).toBe('unknown');
    expect(toShopError(null).code).toBe('unknown');
  });
  it('see a full disk however deep the browser hides it', () => {
    expect(toShopError({ name: 'AbortError', inner: { name: 'QuotaExceededError' } }).code).toBe('storageFull');
    expect(toShopError(Object.assign(new Error('Encountered full disk while opening: quota'), { name: 'AbortError' })).code).toBe(
      'storageFull',
    );
    expect(toShopError({ name: 'OpenFailedError' }).code).toBe('storageBlocked');
  });
  it('say in words what happened and what to do, with every fault of a file', () => {
    for (const code of ['invalid', 'conflict', 'missing', 'storageFull', 'storageBlocked', 'nothingToUndo', 'unknown'] as const)
      expect(wordError(new ShopError(code)).title.length).toBeGreaterThan(5);
    const faults = [{ code: 'invalid', path: 'parts[0].count', message: 'must not be less than 1' }] as const;
    expect(wordError(new FileFaultsError(faults))).toMatchObject({ title: 'The file was not taken', faults });
    expect(wordError(new Error('the sensor answered 500')).detail).toContain('the sensor answered 500');
  });
});
