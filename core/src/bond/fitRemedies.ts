import type { FitVerdict } from '../film/fitClearance';

/** A way to make a pair fit, with what it costs. */
export interface FitRemedy {
  readonly id: 'mask' | 'open' | 'takeDown' | 'shim' | 'heat' | 'reprint' | 'fewerCoats';
  readonly name: string;
  readonly minutes: number;
  readonly cost: string;
}

/** How a dry fit went. */
export type DryFit = 'fits' | 'tight' | 'loose' | 'gap' | 'notTried';

/** Taking 0.1 mm off a bore by hand, min (guessed). */
const MINUTES_PER_TENTH = 4;
/** More than this is not sanded away but printed again, mm (guessed). */
const MOST_BY_HAND = 0.8;

/** Remedies for a painted pair that does not move, least work first, printing again last; empty where it moves. */
export function remedyFit(verdict: FitVerdict): FitRemedy[] {
  const { openByMillimetres: open } = verdict;
  if (open <= 0) return [];
  const remedies: FitRemedy[] = [];
  if (verdict.isMaskingEnough)
    remedies.push({ id: 'mask', name: 'Mask the mating faces', minutes: 6, cost: 'bare plastic where they meet; nobody sees it' });
  const tenths = Math.ceil(open / 0.1 - 1e-9);
  if (open <= MOST_BY_HAND) {
    remedies.push({
      id: 'open',
      name: `Open the hole by ${open.toFixed(2)} mm`,
      minutes: tenths * MINUTES_PER_TENTH,
      cost: 'before priming, paper on a dowel; the wall gets thinner',
    });
    remedies.push({
      id: 'takeDown',
      name: `Take the shaft down by ${open.toFixed(2)} mm`,
      minutes: tenths * MINUTES_PER_TENTH,
      cost: 'before priming; its face must be smoothed again',
    });
  }
  // Little work, but hours of the printer and a ladder from its foot: last.
  remedies.push({
    id: 'reprint',
    name: `Print the hole ${open.toFixed(2)} mm larger`,
    minutes: 10,
    cost: 'printer hours, and the new piece starts at the bottom of its ladder',
  });
  return remedies;
}

/** Remedies for what a dry fit showed, unpainted. */
export function remedyDryFit(fit: DryFit, gapMillimetres: number): FitRemedy[] {
  if (fit === 'tight')
    return [
      {
        id: 'takeDown',
        name: 'File the high spots',
        minutes: 12,
        cost: 'rub one face with pencil, fit, file where it has come off; again',
      },
      { id: 'heat', name: 'Warm and press', minutes: 8, cost: 'thin filament only: warm air, gloves; it may spring back' },
      {
        id: 'reprint',
        name: 'Print it larger by 0.5–0.75 mm on the diameter',
        minutes: 10,
        cost: 'printer hours; what near-zero clearances usually end with',
      },
    ];
  if (fit === 'loose')
    return [
      { id: 'shim', name: 'Shim with tape or card', minutes: 5, cost: 'hidden faces only' },
      { id: 'shim', name: 'Build up with epoxy putty', minutes: 15, cost: 'holds and can be drilled; a day to harden' },
    ];
  if (fit === 'gap')
    return [
      {
        id: 'shim',
        name: gapMillimetres <= 2 ? 'Bond with gap-filling epoxy, fill the seam' : 'Glue a strip of plastic in, then fill',
        minutes: gapMillimetres <= 2 ? 15 : 25,
        cost: 'one more fill and sand along the seam',
      },
      { id: 'reprint', name: 'Print the piece again', minutes: 10, cost: 'printer hours' },
    ];
  return [];
}
