import type { Grit } from './gritTable';
import { GRITS, scratchMicrometres } from './gritTable';

/** One paper of the ladder. */
export interface GritStep extends Grit {
  /** what it leaves, µm */
  readonly scratchMicrometres: number;
  /** grain of the paper before over its own; 1 for the first */
  readonly jump: number;
  /** finer than what comes over it can show: sanding with it is wasted there */
  readonly isWasted: boolean;
}

/** What comes over a sanded surface, and the last paper worth using under it. */
export interface UnderCoat {
  readonly id: string;
  readonly name: string;
  /** the finest paper that still does something under it */
  readonly lastGrit: string;
}

/** Common practice: filler primer over P150–220, colour over P320–400, gloss and metal from P600 on. */
export const UNDER_COATS: readonly UnderCoat[] = [
  { id: 'fillerPrimer', name: 'filler primer', lastGrit: 'P220' },
  { id: 'colour', name: 'colour', lastGrit: 'P400' },
  { id: 'glossOrMetal', name: 'gloss or metal', lastGrit: 'P2500' },
];

/** Furthest a next paper may be finer than the one before, as a ratio of grains (common practice). */
const MOST_JUMP = { byHand: 1.6, powered: 2 } as const;

/**
 * The papers from one to another: as few as the rule allows, and of those the ones whose furthest jump is least, so that each takes out
 * the scratches of the one before.
 *
 * @param under what comes over it; null: nothing is called wasted
 * @throws RangeError when the ladder would go from fine to coarse
 */
export function gritLadder(from: Grit, to: Grit, isPowered: boolean, under: UnderCoat | null = null): GritStep[] {
  if (to.grainMicrometres > from.grainMicrometres) throw new RangeError(`${to.name} is coarser than ${from.name}`);
  const most = isPowered ? MOST_JUMP.powered : MOST_JUMP.byHand;
  const last = under ? (GRITS.find((grit) => grit.name === under.lastGrit)?.grainMicrometres ?? 0) : 0;
  const papers = fewestPapers(GRITS.slice(indexOf(from), indexOf(to) + 1), most);
  return papers.map((paper, at) => ({
    ...paper,
    scratchMicrometres: scratchMicrometres(paper),
    jump: (papers[at - 1]?.grainMicrometres ?? paper.grainMicrometres) / paper.grainMicrometres,
    isWasted: paper.grainMicrometres < last,
  }));
}

function indexOf(grit: Grit): number {
  return GRITS.findIndex((entry) => entry.name === grit.name);
}

/** From the first to the last of some papers, coarse to fine; neighbours are never further apart than any rule allows. */
function fewestPapers(papers: readonly Grit[], most: number): Grit[] {
  const best: { count: number; worst: number; before: number }[] = [{ count: 1, worst: 1, before: -1 }];
  for (let at = 1; at < papers.length; at += 1) {
    let found = { count: Infinity, worst: Infinity, before: -1 };
    for (let before = 0; before < at; before += 1) {
      const jump = (papers[before]?.grainMicrometres ?? 0) / (papers[at]?.grainMicrometres ?? 1);
      const from = best[before];
      if (!from || jump > most) continue;
      const next = { count: from.count + 1, worst: Math.max(from.worst, jump), before };
      if (next.count < found.count || (next.count === found.count && next.worst < found.worst)) found = next;
    }
    best.push(found);
  }
  const chosen: Grit[] = [];
  for (let at = papers.length - 1; at >= 0; at = best[at]?.before ?? -1) {
    const paper = papers[at];
    if (paper) chosen.unshift(paper);
  }
  return chosen;
}
