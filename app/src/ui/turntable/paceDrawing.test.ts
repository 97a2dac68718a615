import { describe, expect, it } from 'vitest';
import { paceDrawing } from './paceDrawing';

/** A display of 16 ms a frame, and something that takes so many ms for all its pixels. */
function display(wholeMs: number) {
  let nowMs = 0;
  let readyAt = 0;
  const frames: { readonly at: number; readonly run: () => void; readonly id: number }[] = [];
  const drawn: { readonly at: number; readonly scale: number }[] = [];
  const told: boolean[] = [];
  let ids = 0;
  const add = (at: number, run: () => void): number => {
    frames.push({ at, run, id: (ids += 1) });
    return ids;
  };
  const drop = (id: number): void => {
    const at = frames.findIndex((entry) => entry.id === id);
    if (at >= 0) frames.splice(at, 1);
  };
  const paced = paceDrawing(
    {
      draw: (scale) => {
        drawn.push({ at: nowMs, scale });
        readyAt = nowMs + wholeMs * scale ** 2;
      },
      isDrawn: () => nowMs >= readyAt,
      now: () => nowMs,
      nextFrame: (run) => add(nowMs + 16, run),
      dropFrame: drop,
      later: (run, ms) => add(nowMs + ms, run),
      dropLater: drop,
    },
    (isOnItsWay) => told.push(isOnItsWay),
  );
  const pass = (ms: number): void => {
    const end = nowMs + ms;
    for (;;) {
      frames.sort((a, b) => a.at - b.at);
      const next = frames[0];
      if (!next || next.at > end) break;
      frames.shift();
      nowMs = next.at;
      next.run();
    }
    nowMs = end;
  };
  return { paced, pass, drawn, told };
}

describe('a picture that moves', () => {
  it('is drawn with all its pixels at every frame where that is quick', () => {
    const { paced, pass, drawn, told } = display(5);
    for (let move = 0; move < 10; move += 1) {
      paced.ask();
      pass(32);
    }
    expect(drawn).toHaveLength(10);
    expect(drawn.every(({ scale }) => scale === 1)).toBe(true);
    pass(1000);
    expect(drawn).toHaveLength(10);
    expect(told.at(-1)).toBe(false);
  });

  it('is coarser while it moves where it is slow, and whole once it rests', () => {
    const { paced, pass, drawn, told } = display(1000);
    paced.ask();
    pass(1100);
    expect(drawn.map(({ scale }) => scale)).toEqual([1]);
    for (let move = 0; move < 50; move += 1) {
      paced.ask();
      pass(20);
    }
    const moving = drawn.slice(1);
    // A second of moves: at a quarter of the pixels a side each takes 63 ms, with the frames it waits for no more than 100.
    expect(moving.length).toBeGreaterThanOrEqual(10);
    expect(moving.every(({ scale }) => scale === 0.25)).toBe(true);
    expect(told.at(-1)).toBe(true);
    pass(2000);
    expect(drawn.at(-1)?.scale).toBe(1);
    expect(told.at(-1)).toBe(false);
    const { length } = drawn;
    pass(5000);
    expect(drawn).toHaveLength(length);
  });

  it('shows what was asked for last, though it came while another was drawn', () => {
    const { paced, pass, drawn } = display(200);
    paced.ask();
    pass(20);
    paced.ask();
    paced.ask();
    pass(1000);
    // One for all that came meanwhile, and that one whole.
    expect(drawn.map(({ scale }) => scale === 1)).toEqual([true, false, true]);
  });

  it('that is taken away draws no more', () => {
    const { paced, pass, drawn } = display(200);
    paced.ask();
    paced.dispose();
    pass(1000);
    expect(drawn).toHaveLength(0);
  });
});
