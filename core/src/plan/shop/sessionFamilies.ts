import { airAt } from '../../climate/airTimeline';
import { dryingKind } from '../../cure/dryingKind';
import type { Application } from '../../cure/productClasses';
import type { Method } from '../../ladder/methods';
import type { Family, Tool } from '../problem/problem';
import type { PlanFilm, PlanRung, ShopPlanInput } from './shopPlanInput';

/** The one airbrush of the shop; other products are their own tool: a can, a brush with its pot, a mixed batch. */
const AIRBRUSH = 'airbrush';
/** Cleaning more before a lighter colour goes through after a darker one; guessed. */
const DARK_TO_LIGHT_MINUTES = 6;
/** Longest pause before a tool has to be got ready anew: paint dries in it, parts were put away; guessed. */
const KEEP_MINUTES: Readonly<Record<Application, number>> = { aerosol: 45, airbrush: 20, brush: 30, spread: 10 };

/** Work of one rung that may share a session: its family, and the minutes that are its own. */
export interface SessionShare {
  readonly family: Family;
  readonly tool: Tool;
  readonly ownMinutes: number;
}

/**
 * The setup of a rung that other rungs with its product can share. Null when there is none: no product, work that may be set down, or work
 * already begun and set up for.
 */
export function sessionShare(rung: PlanRung, method: Method, input: ShopPlanInput): SessionShare | null {
  const { film } = rung;
  if (!film || !method.laysFilm || method.isSplittable || rung.status.kind !== 'open') return null;
  const setupMinutes = Math.min(method.setupMinutes, Math.max(0, rung.minutes - 1));
  if (setupMinutes === 0) return null;
  const toolId = film.application === 'airbrush' ? AIRBRUSH : `${film.application}:${film.productId}`;
  return {
    tool: {
      id: toolId,
      name: film.application === 'airbrush' ? 'airbrush' : film.name,
      darkToLightMinutes: film.application === 'airbrush' ? DARK_TO_LIGHT_MINUTES : 0,
    },
    family: {
      id: `${toolId}/${film.productId}/${setupMinutes}`,
      name: film.name,
      toolId,
      setupMinutes,
      keepMinutes: KEEP_MINUTES[film.application],
      mostMinutes: potLife(film, input),
      lightness: film.lightness,
    },
    ownMinutes: Math.max(1, Math.round(rung.minutes)) - setupMinutes,
  };
}

/** How long a mixed batch can be used in today's air; null where it has no such end. */
function potLife(film: PlanFilm, { air, nowMs }: ShopPlanInput): number | null {
  if (film.potLifeMinutes === null) return null;
  const rate = dryingKind(film.drying.kind).rates.drying(airAt(air, nowMs));
  return Math.max(1, Math.floor(film.potLifeMinutes / Math.max(rate, 0.05)));
}
