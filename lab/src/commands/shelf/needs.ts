import { planShop } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { shelfLines } from '@zinc-ladder/model/gather/shelf/shelfLines';
import { gatherNeeds } from '@zinc-ladder/model/gather/shelf/gatherNeeds';
import { usesOf } from '@zinc-ladder/model/gather/shelf/loggedUses';
import { standingEntries } from '@zinc-ladder/model/log/standingLog';
import { LabError, readNumber } from '../../labError';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

const DAY_MS = 86_400_000;

/**
 * `needs FILE [--days N] [--chance P]` → what the plan takes of each product and supply, when it runs out and by when to order, in its unit. Amounts by film and
 * area. Days and chance where they are not said: the shop's, and a supplier's own days before them.
 */
export const needs: LabCommand = {
  name: 'needs',
  usage: 'needs FILE [--days N] [--chance P]',
  options: ['days', 'chance'],
  run: ({ files, options }) => {
    const { project } = readSoundProject(files[0]);
    const days = readNumber('days', options['days'] ?? String(project.shop.parcelDays), 0, 365);
    if (!Number.isInteger(days)) throw new LabError('--days must be a whole number');
    const chance = readNumber('chance', options['chance'] ?? String(project.shop.shelfChance), 0.5, 0.999);
    const nowMs = project.savedAtMs;
    const plan = planShop(gatherPlan(project, gatherAirs(project.shop, project.climateReadings, nowMs), nowMs));
    if (plan.kind !== 'planned') throw new LabError(`the file cannot be planned: ${plan.faults.map(({ kind }) => kind).join(', ')}`);
    const plannedAt = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
    const lastMs = plan.rungs.reduce((last, { endMs }) => Math.max(last, endMs), nowMs);
    const uses = usesOf(standingEntries(project.logEntries));
    const choice = { chance, days, timeZone: project.shop.timeZone, packs: project.packs, suppliers: project.suppliers };
    const lines = shelfLines(gatherNeeds(project, plannedAt, lastMs + DAY_MS, uses), choice);
    return {
      products: lines.map(({ thing, stock, look, curve, orderByMs, supplier }) => ({
        productId: thing.id,
        name: thing.name,
        unit: thing.unit,
        look,
        needed: curve.needed,
        low: curve.low,
        high: curve.high,
        stock,
        reserved: curve.reserved,
        free: curve.free,
        missing: curve.missing,
        arriving: curve.arriving,
        supplierId: supplier?.id ?? null,
        runsOutMs: curve.runsOutMs,
        orderByMs,
      })),
    };
  },
};
