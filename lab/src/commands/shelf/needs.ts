import { planShop } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { USUAL_CHANCE, USUAL_DAYS } from '@zinc-ladder/core/shelf/stockCurve';
import { gatherAir } from '@zinc-ladder/model/gather/gatherAir';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { shelfLines } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { gatherNeeds } from '@zinc-ladder/model/gather/shelf/gatherNeeds';
import { LabError, readNumber } from '../../labError';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

const DAY_MS = 86_400_000;

/**
 * `needs FILE [--days N] [--chance P]` → what the plan takes of each product, when it runs out and by when to order; ml. Amounts by film and area; one who
 * bears less than the chance orders earlier.
 */
export const needs: LabCommand = {
  name: 'needs',
  usage: 'needs FILE [--days 2] [--chance 0.8]',
  options: ['days', 'chance'],
  run: ({ files, options }) => {
    const days = readNumber('days', options['days'] ?? String(USUAL_DAYS), 0, 365);
    if (!Number.isInteger(days)) throw new LabError('--days must be a whole number');
    const chance = readNumber('chance', options['chance'] ?? String(USUAL_CHANCE), 0.5, 0.999);
    const { project } = readSoundProject(files[0]);
    const nowMs = project.savedAtMs;
    const plan = planShop(gatherPlan(project, gatherAir(project.shop, project.climateReadings, nowMs), nowMs));
    if (plan.kind !== 'planned') throw new LabError(`the file cannot be planned: ${plan.faults.map(({ kind }) => kind).join(', ')}`);
    const plannedAt = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
    const lastMs = plan.rungs.reduce((last, { endMs }) => Math.max(last, endMs), nowMs);
    return {
      products: shelfLines(gatherNeeds(project, plannedAt, lastMs + DAY_MS), { chance, days, timeZone: project.shop.timeZone }).map(
        ({ product, stock, curve, orderByMs }) => ({
          productId: product.id,
          name: product.name,
          unit: 'ml',
          needed: curve.needed,
          low: curve.low,
          high: curve.high,
          stock,
          reserved: curve.reserved,
          free: curve.free,
          missing: curve.missing,
          runsOutMs: curve.runsOutMs,
          orderByMs,
        }),
      ),
    };
  },
};
