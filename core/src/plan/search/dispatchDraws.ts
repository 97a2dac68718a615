import type { RandomSource } from '../../random/seededRandom';
import { randomIndex } from '../../random/seededRandom';
import type { DispatchWeights } from './dispatchOrder';
import type { PlanMeasure } from '../judge/planCost';
import type { TaskGroups } from '../problem/taskGroups';
import type { UrgencyWeights } from './urgency';

/** What a plan is laid out along time by. */
export interface DispatchDraw {
  readonly weights: DispatchWeights & UrgencyWeights;
  /** when each group is to be done at the latest, minutes */
  readonly finishes: readonly number[];
}

/** Ranges of what is drawn; tried on the bench's instances. Urgency is drawn evenly in its logarithm. */
const LEAST_URGENCY = 0.2;
const MOST_URGENCY = 4;
const MOST_SETUP = 8;
const MOST_SCARCITY = 0.24;
const NOISE = 0.02;
/** How often a draw aims at the best plan's own ends, and how often at the dates alone; tried on the demo with too few evenings. */
const OWN_ENDS = 0.1;
const DATES_ALONE = 0.1;
/** How long props are put off for others, shares of the plan's length. */
const LEAST_PUT_OFF = 0.1;
const MORE_PUT_OFF = 1;
/** How far a draw near another is from it: in the logarithm of weights, and in ends as a share of the plan's length. */
const WEIGHT_STEP = 0.3;
const FINISH_STEP = 0.2;
/** How often one group's end is moved, where there are several. */
const MOVES_FINISH = 0.7;

/** Where draws begin: what is ready together, the best plan so far, and when it begins. */
export interface DrawBase {
  readonly groups: TaskGroups;
  readonly best: PlanMeasure;
  readonly fromMinute: number;
}

/**
 * A draw of its own. When not every prop can be in time, the choice of props to let go matters more than the order of the rest, and no
 * small move leads from one choice to another. So each draw puts off some props at random.
 */
export function drawAnew(base: DrawBase, random: RandomSource): DispatchDraw {
  const { best } = base;
  const weights = drawWeights(random);
  const aim = random();
  if (aim < OWN_ENDS) return { weights, finishes: best.ready.map((end) => (Number.isFinite(end) ? end : best.readyMinute)) };
  const share = aim < OWN_ENDS + DATES_ALONE ? 0 : random();
  return { weights, finishes: putOff(base, () => random() < share, random) };
}

/** A draw in which one prop makes way for all others. */
export function drawOneLater(base: DrawBase, group: number, random: RandomSource): DispatchDraw {
  return { weights: drawWeights(random), finishes: putOff(base, (at) => at === group, random) };
}

/** A draw a step away from another: all weights a little, and mostly one group's end where there are several. */
export function drawNear({ weights, finishes }: DispatchDraw, planMinutes: number, random: RandomSource): DispatchDraw {
  const step = (): number => Math.exp(WEIGHT_STEP * (2 * random() - 1));
  const group = finishes.length > 1 && random() < MOVES_FINISH ? randomIndex(random, finishes.length) : -1;
  const moved = FINISH_STEP * planMinutes * (2 * random() - 1);
  return {
    weights: {
      urgency: weights.urgency * step(),
      setup: weights.setup * step(),
      scarcity: weights.scarcity * step(),
      noise: weights.noise,
    },
    finishes: finishes.map((finish, at) => (at === group ? finish + moved : finish)),
  };
}

function drawWeights(random: RandomSource): DispatchDraw['weights'] {
  return {
    urgency: LEAST_URGENCY * (MOST_URGENCY / LEAST_URGENCY) ** random(),
    setup: MOST_SETUP * random(),
    scarcity: MOST_SCARCITY * random(),
    noise: random() < 0.5 ? NOISE : 0,
  };
}

/** Dates, or the best plan's end where there is none; later by one chance length where a group is put off. */
function putOff({ groups, best, fromMinute }: DrawBase, isPutOff: (group: number) => boolean, random: RandomSource): number[] {
  const later = (LEAST_PUT_OFF + MORE_PUT_OFF * random()) * (best.readyMinute - fromMinute);
  return groups.due.map((due, group) => Math.min(due, best.readyMinute) + (isPutOff(group) ? later : 0));
}
