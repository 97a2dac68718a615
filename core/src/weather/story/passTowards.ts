import { median } from '../../number/median';
import { SAME_AGE } from '../seen/age';
import type { WeatherPass } from '../seen/pass';
import type { Rehearsal } from '../seen/rehearsal';

/** One pass that brings a part's age nearer to that of others. */
export interface LevellingPass {
  /** place among the passes */
  readonly at: number;
  readonly amount: number;
  /** age of the part with it */
  readonly age: number;
}

/** How a part stands to the age of the others. */
export interface AgeStanding {
  readonly age: number;
  readonly standing: 'tooNew' | 'level' | 'tooOld';
  /** the pass that changes least to bring it level, or nearest to it; null where none helps */
  readonly pass: LevellingPass | null;
}

/** Amounts that are tried of each pass. */
const STEPS = 8;

/**
 * Whether a part looks as old as the others, and the one pass that would bring it level. Parts within 10 points look equally old.
 *
 * @param target age of the others, 0 … 100
 */
export function passTowards(rehearsal: Pick<Rehearsal, 'age'>, passes: readonly WeatherPass[], target: number): AgeStanding {
  const { age } = rehearsal.age(passes);
  const away = age - target;
  if (Math.abs(away) <= SAME_AGE) return { age, standing: 'level', pass: null };
  const standing = away < 0 ? 'tooNew' : 'tooOld';
  let best: (LevellingPass & { readonly off: number; readonly change: number }) | null = null;
  passes.forEach((pass, at) => {
    for (let step = 0; step <= STEPS; step += 1) {
      const amount = step / STEPS;
      // More for what is too new, less for what is too old.
      if (standing === 'tooNew' ? amount <= pass.amount : amount >= pass.amount) continue;
      const tried = rehearsal.age(passes.map((other, place) => (place === at ? { ...other, amount } : other))).age;
      const off = Math.max(0, Math.abs(tried - target) - SAME_AGE / 2);
      const change = Math.abs(amount - pass.amount);
      if (off < Math.abs(away) && (!best || off < best.off - 0.5 || (off < best.off + 0.5 && change < best.change)))
        best = { at, amount, age: tried, off, change };
    }
  });
  const found = best as LevellingPass | null;
  return { age, standing, pass: found && { at: found.at, amount: found.amount, age: found.age } };
}

/** The age that parts are brought to: the middle of theirs. */
export function commonAge(ages: readonly number[]): number {
  return median(ages);
}
