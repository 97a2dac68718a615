import { labOfHex } from '@zinc-ladder/core/colour/lab';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { AgeId } from '@zinc-ladder/core/ladder/ages';
import type { FinishId } from '@zinc-ladder/core/ladder/finishes';
import type { ShownMaterialId } from '@zinc-ladder/core/weather/story/shownMaterials';
import { passesFor } from '@zinc-ladder/core/weather/story/passesFor';
import { storyPasses } from '@zinc-ladder/core/weather/story/storyPasses';
import type { TechniqueResult } from '@zinc-ladder/core/weather/technique/ownTechnique';
import { mixWords } from '@zinc-ladder/core/weather/technique/mixWords';
import { ownTechnique } from '@zinc-ladder/core/weather/technique/ownTechnique';
import type { Technique } from '@zinc-ladder/core/weather/technique/technique';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { nearestProduct, placeUnderColour } from '@zinc-ladder/model/gather/gatherWeather';
import type { RungPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { CoverageRecord, PartSeat, PlannedWeatherPass, WeatherPlan, WeatherRegion } from '@zinc-ladder/model/records/prop/weatherPlan';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';
import { replaceRungs, rungsOfLadder } from '../ladder/growChanges';

/** A plan with no pass yet. */
export function newWeatherPlan(id: string, part: Pick<Part, 'id' | 'materialId'>, finish: FinishId | null): WeatherPlan {
  return {
    id,
    revision: 0,
    partId: part.id,
    shownId: passesFor(finish, part.materialId),
    baseLab: null,
    up: [0, 0, 1],
    pins: [],
    seat: null,
    regions: [],
    passes: [],
    readings: [],
    cleanPictureId: null,
  };
}

/** Whether something was done of a pass: such a pass stays when a story is laid out anew. */
function isBegun(pass: PlannedWeatherPass, plan: WeatherPlan): boolean {
  return pass.rungId !== null || plan.readings.some(({ passId }) => passId === pass.id);
}

/** Lays out the passes that make a part look so old. What was begun or put on the ladder stays, and comes first. */
export async function layOutStory(
  edit: Edit,
  plan: WeatherPlan,
  shownId: ShownMaterialId,
  age: AgeId,
  products: readonly Product[],
  makeId: () => string,
  cards: readonly TechniqueResult[] = [],
): Promise<void> {
  const kept = plan.passes.filter((pass) => isBegun(pass, plan));
  const known = new Set(kept.map(({ techniqueId }) => techniqueId));
  const laid = storyPasses(shownId, age)
    .filter(({ techniqueId }) => !known.has(techniqueId))
    .map((asked, at) => {
      const usual = findTechnique(asked.techniqueId);
      const { technique } = ownTechnique(usual, cards);
      // The finisher's own amount stands for the usual one; a story scales both alike.
      const amount = Math.min(1, (asked.amount * technique.usualAmount) / usual.usualAmount);
      return { ...newPass(makeId(), technique, labOfHex(asked.hex), products, at + 1), amount: Math.round(amount * 100) / 100 };
    });
  await edit.patch('weatherPlans', plan.id, { shownId, passes: [...kept, ...laid] });
}

/** A pass of a technique as usual, with the nearest paint of the shelf. */
export function newPass(id: string, technique: Technique, lab: Lab, products: readonly Product[], seed: number): PlannedWeatherPass {
  return {
    id,
    techniqueId: technique.id,
    productId: technique.shows === 'paint' ? (nearestProduct(technique, lab, products)?.id ?? null) : null,
    lab: [...lab],
    amount: technique.usualAmount,
    wiped: technique.usualWiped ?? 0,
    sizeMillimetres: technique.usualSizeMillimetres,
    seed,
    stop: null,
    rungId: null,
  };
}

/** Changes one pass of a plan as it stands now, not as it was seen: two sliders moved in a row both count. */
export async function changePass(edit: Edit, planId: string, passId: string, fields: Partial<PlannedWeatherPass>): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, { passes: plan.passes.map((pass) => (pass.id === passId ? { ...pass, ...fields } : pass)) });
}

/** Puts a region of another colour on the part, over those that are there. */
export async function addWeatherRegion(edit: Edit, planId: string, region: WeatherRegion): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, { regions: [...plan.regions, region] });
}

/** Changes one region of a plan as it stands now. */
export async function changeWeatherRegion(
  edit: Edit,
  planId: string,
  regionId: string,
  fields: Partial<Omit<WeatherRegion, 'id'>>,
): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, {
    regions: plan.regions.map((region) => (region.id === regionId ? { ...region, ...fields } : region)),
  });
}

/** Takes a region off the part: what lies under it has the place again. */
export async function removeWeatherRegion(edit: Edit, planId: string, regionId: string): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, { regions: plan.regions.filter(({ id }) => id !== regionId) });
}

/** Puts a pass where its technique belongs, large to small. */
export async function addWeatherPass(edit: Edit, planId: string, pass: PlannedWeatherPass): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  const { order } = findTechnique(pass.techniqueId);
  const at = plan.passes.findIndex((other) => findTechnique(other.techniqueId).order > order);
  const before = at === -1 ? plan.passes.length : at;
  await edit.patch('weatherPlans', planId, { passes: [...plan.passes.slice(0, before), pass, ...plan.passes.slice(before)] });
}

/** Moves a pass by so many places. */
export async function moveWeatherPass(edit: Edit, planId: string, passId: string, by: number): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  const from = plan.passes.findIndex(({ id }) => id === passId);
  const moved = plan.passes[from];
  if (!moved) throw new ShopError('missing');
  const rest = plan.passes.filter(({ id }) => id !== passId);
  const to = Math.min(rest.length, Math.max(0, from + by));
  await edit.patch('weatherPlans', planId, { passes: [...rest.slice(0, to), moved, ...rest.slice(to)] });
}

/** Takes a pass away, with what was measured of it. Its rung stays on the ladder. */
export async function removeWeatherPass(edit: Edit, planId: string, passId: string): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, {
    passes: plan.passes.filter(({ id }) => id !== passId),
    readings: plan.readings.filter((reading) => reading.passId !== passId),
  });
}

/** Keeps what was seen of a pass. */
export async function keepReading(edit: Edit, planId: string, reading: CoverageRecord): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  await edit.patch('weatherPlans', planId, { readings: [...plan.readings, reading] });
}

/** Turns all parts of a prop the way one of them stands or is worn: it rains on all of them from the same side. */
export function turnWholeProp(edit: Edit, propId: string, up: readonly number[], makeId: () => string): Promise<void> {
  return patchWholeProp(edit, propId, { up: [...up] }, makeId);
}

/** Lets all parts of a prop that have a mesh sit as their files have them, as parts exported from one drawing do. */
export async function seatWholeProp(edit: Edit, propId: string, makeId: () => string): Promise<void> {
  const drawn = new Set((await edit.list('meshes')).map(({ partId }) => partId));
  await patchWholeProp(edit, propId, { seat: AS_IN_FILE }, makeId, ({ id }) => drawn.has(id));
}

/** A part that lies in its prop as its file has it. */
export const AS_IN_FILE: PartSeat = { turnDegrees: 0, offset: [0, 0, 0] };

/** Turns or moves a part that sits in its prop, from where it sits by now: two figures typed in a row both count. */
export async function changeSeat(edit: Edit, planId: string, change: (seat: PartSeat) => PartSeat): Promise<void> {
  const { seat } = await edit.need('weatherPlans', planId);
  if (seat) await edit.patch('weatherPlans', planId, { seat: change(seat) });
}

async function patchWholeProp(
  edit: Edit,
  propId: string,
  fields: Partial<Pick<WeatherPlan, 'up' | 'seat'>>,
  makeId: () => string,
  concerns: (part: Part) => boolean = () => true,
): Promise<void> {
  const parts = (await edit.list('parts')).filter((part) => part.propId === propId && concerns(part));
  const plans = await edit.list('weatherPlans');
  const ladders = await edit.list('ladders');
  for (const part of parts) {
    const plan = plans.find((entry) => entry.partId === part.id);
    if (plan) await edit.patch('weatherPlans', plan.id, fields);
    else {
      const finish = ladders.find((ladder) => ladder.partId === part.id)?.route?.finish ?? null;
      await edit.put('weatherPlans', { ...newWeatherPlan(makeId(), part, finish), ...fields });
    }
  }
}

const CLEARS = new Set(['clear', 'brushClear']);

/**
 * Puts passes on the ladder as rungs, those that are on it already left be: rubber for chips under the first colour, the others under the last clear
 * where they may be sealed, and over it where they must not be.
 *
 * @throws ShopError `tooLate` when rubber would have to lie under a colour that is on
 */
export async function putPassesOnLadder(
  edit: Edit,
  planId: string,
  part: RungPart,
  ladderId: string,
  products: ReadonlyMap<string, Product>,
  makeId: () => string,
): Promise<void> {
  const plan = await edit.need('weatherPlans', planId);
  const before = await rungsOfLadder(edit, ladderId);
  let rungs = [...before];
  const rungOfPass = new Map<string, string>();
  for (const pass of plan.passes) {
    if (pass.rungId !== null) continue;
    const technique = findTechnique(pass.techniqueId);
    const rung = rungOf(pass, technique, part, ladderId, products, makeId());
    const place = placeFor(technique, rungs);
    rungs = [...rungs.slice(0, place), rung, ...rungs.slice(place)];
    rungOfPass.set(pass.id, rung.id);
  }
  await replaceRungs(edit, ladderId, before, rungs);
  await edit.patch('weatherPlans', planId, {
    passes: plan.passes.map((pass) => ({ ...pass, rungId: rungOfPass.get(pass.id) ?? pass.rungId })),
  });
}

function placeFor(technique: Technique, rungs: readonly Rung[]): number {
  const firstFit = rungs.findIndex((rung) => rung.band === 'fit');
  const end = firstFit === -1 ? rungs.length : firstFit;
  if (technique.id === 'chipsTaken') {
    const under = placeUnderColour(rungs);
    if (under === 'tooLate') throw new ShopError('tooLate');
    return under ?? end;
  }
  if (technique.after.clear === 'never') return end;
  const lastClear = rungs.findLastIndex((rung, at) => at < end && rung.band === 'weather' && CLEARS.has(rung.methodId));
  const hasWorkUnder = rungs.some((rung, at) => at < lastClear && rung.band === 'weather' && CLEARS.has(rung.methodId));
  // A single clear may be the gloss that washes run on, when more of the weathering stands over it.
  const isLastOfAll = lastClear !== -1 && !rungs.slice(lastClear + 1, end).some((rung) => rung.band === 'weather');
  if (!isLastOfAll && !hasWorkUnder) return end;
  return rungs[lastClear]?.state === 'done' ? end : lastClear;
}

function rungOf(
  pass: PlannedWeatherPass,
  technique: Technique,
  part: RungPart,
  ladderId: string,
  products: ReadonlyMap<string, Product>,
  id: string,
): Rung {
  const made = rungForPart(technique.methodId, products.get(pass.productId ?? '') ?? null, part);
  return {
    ...made,
    id,
    ladderId,
    name: technique.name.toLowerCase(),
    band: technique.id === 'chipsTaken' ? 'colour' : 'weather',
    detail: `Amount ${Math.round(pass.amount * 100)} %${technique.usualWiped === null ? '' : `, wiped ${Math.round(pass.wiped * 100)} %`}, ${mixWords(technique)}. ${technique.tool}.`,
    why: `Where it goes: ${technique.lands}.`,
    cautionIds: [...new Set([...made.cautionIds, ...technique.cautions])],
  };
}
