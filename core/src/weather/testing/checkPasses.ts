import type { Lab } from '../../colour/lab';
import { labOfHex } from '../../colour/lab';
import { paintOf } from '../../colour/paint';
import type { Carrier } from '../deposit/carrier';
import type { WeatherPass } from '../seen/pass';

/** The carriers as weatherChecks.json writes them down, with the size of their marks. */
export const CHECK_CARRIERS: Readonly<Record<string, { readonly carrier: Carrier; readonly size: number }>> = {
  wash: { carrier: { kind: 'pool', everywhere: 1, covered: 3, corner: 4 }, size: 3 },
  dryBrush: { carrier: { kind: 'marks', grip: { edge: [0.05, 0.4, 1] }, filmCoats: 0.4, rim: 0.08, pattern: 'cloud' }, size: 1 },
  chips: {
    carrier: {
      kind: 'marks',
      grip: { everywhere: 0.08, edge: [0.05, 0.35, 0.8], handled: 0.5, sparesRecess: 0.9 },
      filmCoats: 30,
      rim: 0,
      pattern: 'cloud',
    },
    size: 1.2,
  },
  streaks: {
    carrier: { kind: 'marks', grip: { everywhere: 1, isRunningDown: true }, filmCoats: 0.6, rim: 0.15, pattern: 'runs' },
    size: 2,
  },
  dust: { carrier: { kind: 'veil', filmCoats: 0.5, from: 'above', shelter: 0.5 }, size: 8 },
  rust: {
    carrier: {
      kind: 'marks',
      grip: { everywhere: 0.04, relief: [0.05, 0.35, 0.7], covered: 0.3 },
      filmCoats: 0.9,
      rim: 0.12,
      pattern: 'cloud',
    },
    size: 1.5,
  },
  splatter: { carrier: { kind: 'marks', grip: { everywhere: 1 }, filmCoats: 1, rim: 0, pattern: 'drops' }, size: 0.6 },
};

/** The colour under all passes of the checks. */
export const CHECK_BASE: Lab = labOfHex('#3c5c4c');

/** A pass of the checks. */
export function checkPass(
  name: string,
  change: Partial<WeatherPass> & { readonly hex?: string; readonly scatter?: number } = {},
): WeatherPass {
  const known = CHECK_CARRIERS[name];
  if (!known) throw new RangeError(`no check pass ${name}`);
  const { hex = '#1c1a18', scatter = 1, ...rest } = change;
  return {
    carrier: known.carrier,
    paint: { paint: paintOf('check', labOfHex(hex)), scatterPerCoat: scatter },
    amount: 0.5,
    wiped: 0.6,
    sizeMillimetres: known.size,
    seed: 5,
    throwDirection: [0, 1, 0],
    ...rest,
  };
}

/** The whole recipe of the checks, every amount scaled and cut at 1. */
export function checkRecipe(scale: number): WeatherPass[] {
  const part = (name: string, amount: number, hex: string, scatter: number, seed: number): WeatherPass =>
    checkPass(name, { amount: Math.min(1, amount * scale), hex, scatter, seed });
  return [
    part('wash', 0.5, '#1c1a18', 1, 40),
    part('dryBrush', 0.9, '#a8b8a0', 2, 41),
    part('chips', 0.5, '#8a8c8e', 1, 42),
    part('rust', 0.4, '#7a3a1c', 2, 43),
    part('streaks', 0.35, '#5a4632', 2, 44),
    part('dust', 0.5, '#c9b99a', 2, 45),
  ];
}
