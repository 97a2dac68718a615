import 'reflect-metadata';
import type { ShopPlan } from '@zinc-ladder/core/plan/shopPlan/shopPlan';
import type { ShopPlanner } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { createShopPlanner } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { planOrder } from '@zinc-ladder/core/plan/shopPlan/planOrder';
import { exposeApi } from '../exposeApi';
import { keepPlan, readKeptPlan } from './keptPlan';
import type { PlanPiece } from './planPieces';
import { toPieces } from './planPieces';
import type { PlanQuestion, ShopSource } from './readShop';
import { readPlanQuestion } from './readShop';
import { startsOf } from './startsOf';

/** A step of the search, so short that other questions are answered in between. */
const SLICE_MS = 40;
/** What the search rests after a step while nobody looks at the plan: a fifth of its time it works… */
const REST_MS = 4 * SLICE_MS;
/** …for so long after a change: who changes one thing mostly changes another. */
const RESTS_FOR_MS = 10_000;
/** Better plans are shown no more often than this. */
const TELL_EVERY_MS = 400;

/** A shop of more rungs than this is told its first plan by the first order. */
const MOST_WITH_ALL_ORDERS = 1000;

let newest = 0;
/** when hands begin each rung by the last plan: what the next one starts from, so that tonight stays as it was */
let before: Readonly<Record<string, number>> = {};
/** the order of the last plan: the surest one is looked for from there */
let orderBefore: Readonly<Record<string, number>> | null = null;
/** whether what was planned before this page was loaded has been looked up: it goes on from there */
let goOnFromLast: Promise<void> | null = null;
/** an order that was found elsewhere for the shop as it is about to be: the next plan begins from it */
let handedOver: Readonly<Record<string, number>> | null = null;

/** whether the plan is looked at */
let isHurried = false;
/** whether something goes on that needs the machine more */
let isHeld = false;
/** ends the rest the search takes just now */
let wake = (): void => undefined;

/** Says whether the plan is looked at: then the search takes all the time there is from its beginning. */
function hurry(isWatched: boolean): void {
  isHurried = isWatched;
  if (isHurried) wake();
}

/** Stops the search between two steps, as while a file of a whole shop is taken in, and lets it go on. */
function hold(isHolding: boolean): void {
  isHeld = isHolding;
  if (!isHeld) wake();
}

/** Lets other questions be answered between two steps of a search. */
function rest(begunAt: number): Promise<void> {
  const isResting = !isHurried && performance.now() - begunAt < RESTS_FOR_MS;
  return new Promise((resolve) => {
    wake = resolve;
    if (!isHeld) setTimeout(resolve, isResting ? REST_MS : 0);
  });
}

/** Makes the next plan of the surest dates begin from an order, keys by rung. */
function goBy(order: Readonly<Record<string, number>>): void {
  handedOver = order;
}

/** when the call that came last has ended */
let lastCall: Promise<unknown> = Promise.resolve();

/**
 * Plans the shop; nothing is told before there is one. The first plan is told at once, better ones as they are found; a newer call ends an older
 * one, which then tells its best so far, or nothing where it has not begun.
 */
function planShop(source: ShopSource, send: (piece: PlanPiece) => unknown): Promise<void> {
  newest += 1;
  // A search that rests ends its rest: the newer question is not kept waiting by it.
  wake();
  const own = newest;
  // A shop that is read while a search goes on keeps every edit waiting for it: steps of the search come between its tables.
  const call = lastCall.then(() => (own === newest ? planNow(own, source, send) : undefined));
  lastCall = call.catch(() => undefined);
  return call;
}

async function planNow(own: number, source: ShopSource, send: (piece: PlanPiece) => unknown): Promise<void> {
  goOnFromLast ??= readKeptPlan(source.databaseName).then((kept) => {
    if (!kept) return;
    before = kept.starts;
    orderBefore = kept.order;
  });
  let [asked] = await Promise.all([readPlanQuestion(source, 'known'), goOnFromLast]);
  if (!asked || own !== newest) return;
  // Of thousands of rungs any plan is better than none for seconds: the other orders are tried once the first is told.
  const isLarge = asked.input.parts.reduce((sum, part) => sum + part.rungs.length, 0) > MOST_WITH_ALL_ORDERS;
  const from = handedOver ?? orderBefore;
  handedOver = null;
  const begin = ({ input, objective }: PlanQuestion): ShopPlanner =>
    createShopPlanner(input, { objective, before, ...(from ? { orderBefore: from } : {}) }, isLarge ? 1 : undefined);
  let planner = begin(asked);
  let told: ShopPlan;
  let toldAt = 0;
  let isBetter = false;
  const tell = (): Promise<unknown> => {
    told = planner.plan();
    toldAt = performance.now();
    isBetter = false;
    // What is sent last is waited for at the end: the answer to the call must not be there before it.
    return Promise.all(toPieces(told).map(send));
  };
  const finish = async (isOver: boolean): Promise<void> => {
    if (isOver || isBetter) await tell();
    before = startsOf(told);
    orderBefore = asked?.objective === 'surest' ? planOrder(told) : null;
    if (isOver) await keepPlan(source.databaseName, { order: orderBefore ?? {}, starts: before });
  };
  let sent = tell();
  // A newer question that came meanwhile is heard before the search begins.
  await new Promise((resolve) => setTimeout(resolve));
  if (own === newest && !asked.isLogKnown) {
    // A long log is read once a plan is there to look at; then it is planned by what it says.
    asked = (await readPlanQuestion(source)) ?? asked;
    planner = begin(asked);
    sent = tell();
  }
  const begunAt = performance.now();
  for (let isOver = false; !isOver && own === newest;) {
    const sliceEnds = performance.now() + SLICE_MS;
    while (!isOver && performance.now() < sliceEnds) {
      const step = planner.improve(1);
      isOver = step.isOver;
      isBetter ||= step.isBetter;
    }
    if (isOver) return finish(true);
    if (isBetter && performance.now() - toldAt > TELL_EVERY_MS) sent = tell();
    await rest(begunAt);
  }
  await finish(false);
  await sent;
}

const api = { planShop, goBy, hurry, hold };

/** What the worker offers. */
export type PlanWorkerApi = typeof api;

exposeApi(api);
