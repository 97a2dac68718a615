import { describe, expect, it } from 'vitest';
import { newMeasuring } from '../../data/changes/prop/measuringChanges';
import { marksOf } from './marksOf';
import type { MarkTask } from './markTask';
import { askFor, finishTask, isWhole, movePlace } from './markTask';

const places = (count: number) => Array.from({ length: count }, (_, at) => ({ x: at / 50, y: at / 40 }));
const empty = newMeasuring('picture');
const words = { length: (mm: number) => `${mm} mm`, reading: (id: string) => id };

describe('what is marked on a picture', () => {
  it.each([
    [{ kind: 'known', name: 'card', millimetres: 85.6, sdMillimetres: 0 }, 2, 'known 0'],
    [{ kind: 'reading', dimensionId: 'height', name: 'height' }, 2, 'reading height'],
    [{ kind: 'rectangle', proportion: 1.5, sideMillimetres: null }, 4, 'rectangle'],
    [{ kind: 'circle', diameterMillimetres: 120 }, 40, 'circle'],
    [{ kind: 'pin', text: 'rivet' }, 1, 'pin 0'],
  ] as [MarkTask, number, string][])('%j is whole after its places, is drawn, and can be moved', (task, count, key) => {
    expect(isWhole(task, places(count - 1))).toBe(false);
    expect(isWhole(task, places(count))).toBe(true);
    expect(askFor(task, count - 1)).toMatch(/^Point at/u);
    const marked = finishTask(empty, task, places(count));
    expect(marksOf(marked, words).map((mark) => mark.key)).toEqual([key]);
    const moved = movePlace(marked, key, count - 1, { x: 0.9, y: 0.8 });
    expect(marksOf(moved, words)[0]?.points.at(-1)).toEqual({ x: 0.9, y: 0.8 });
    expect(marksOf(moved, words)[0]?.points).toHaveLength(count);
  });
  it('a dimension is read once: marked again, the new reading stands', () => {
    const task: MarkTask = { kind: 'reading', dimensionId: 'height', name: 'height' };
    const twice = finishTask(finishTask(empty, task, places(2)), task, places(2).toReversed());
    expect(twice.readings).toHaveLength(1);
    expect(twice.readings[0]?.b).toEqual({ x: 0, y: 0 });
  });
  it('a circle takes a rectangle’s place, and its centre is marked on it', () => {
    const square = finishTask(empty, { kind: 'rectangle', proportion: 1, sideMillimetres: 76 }, places(4));
    const circle = finishTask(square, { kind: 'circle', diameterMillimetres: null }, places(6));
    expect(circle.rectangle).toBeNull();
    const centred = finishTask(circle, { kind: 'centre' }, [{ x: 0.1, y: 0.1 }]);
    expect(centred.circle?.centre).toEqual({ x: 0.1, y: 0.1 });
    expect(movePlace(centred, 'centre', 0, { x: 0.2, y: 0.2 }).circle?.centre).toEqual({ x: 0.2, y: 0.2 });
    expect(finishTask(square, { kind: 'centre' }, [{ x: 0.1, y: 0.1 }])).toBe(square);
  });
  it('what is not there is not moved', () => expect(movePlace(empty, 'rectangle', 0, { x: 0, y: 0 })).toBe(empty));
});
