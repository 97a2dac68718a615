import { QUIET_MODULES } from '@zinc-ladder/core/label/labelSheets';
import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { codeOf } from './codeOf';

/** The code as a camera would have it, some pixels a module with its quiet zone. */
function photograph(modules: readonly (readonly boolean[])[], pixels: number): { readonly data: Uint8ClampedArray; readonly side: number } {
  const side = (modules.length + 2 * QUIET_MODULES) * pixels;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1)
      if (modules[Math.floor(y / pixels) - QUIET_MODULES]?.[Math.floor(x / pixels) - QUIET_MODULES])
        data.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
  return { data, side };
}

describe('a label’s code', () => {
  it.each([
    ['a short address', 'http://192.168.1.20:4310/bench?part=lantern-tank', 3],
    ['a long one', 'http://workshop-computer.local:4310/bench?part=0b8f2c1e-6c1b-4a8e-9d27-3f8f6f2a9c55', 4],
    ['words beyond Latin', 'http://192.168.1.20:4310/bench?part=ladder-ø-ü', 4],
  ])('%s is read back by another program', (_, address, pixels) => {
    const { data, side } = photograph(codeOf(address), pixels);
    expect(jsQR(data, side, side)?.data).toBe(address);
  });
});
