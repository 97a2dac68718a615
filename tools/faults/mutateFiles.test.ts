import 'reflect-metadata';
import { describe, expect, it } from 'vitest';
import { countMutated, fileKinds } from './mutateFiles';

const kinds = await fileKinds(process.cwd());

describe('files that were damaged in any way', () => {
  it('are read when nothing was done to them', () => {
    for (const { kind, sample, read } of kinds) expect([kind, read(sample)]).toEqual([kind, true]);
  });
  // `npm run faults` reads ten thousand of each.
  it.each(kinds.map((kind) => [kind.kind, kind] as const))(
    '300 of %s: read whole or refused with words, no crash, no hang',
    (_, kind) => {
      const { read, refused, partial, crashes, hangs } = countMutated(kind, 300, 20_260_528);
      expect({ crashes, hangs, partial }).toEqual({ crashes: [], hangs: [], partial: 0 });
      expect(read + refused).toBe(300);
      expect(refused).toBeGreaterThan(10);
    },
    120_000,
  );
});
