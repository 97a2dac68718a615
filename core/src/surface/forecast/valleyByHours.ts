import type { PersonalRate } from '../../log/personalRate';
import { paceMinutes } from './pacedMinutes';
import type { SchoolForecast } from './forecastSchools';

/** The deepest valley after a step, and the hands hours up to then. */
export interface ValleyAt {
  readonly name: string;
  readonly hours: number;
  readonly valleyMicrometres: number;
}

/** The rung that ends each step of the forecast, by its method; loops end with the sanding of the primer. */
const ENDS: Readonly<Record<string, readonly string[]>> = {
  cut: ['firstCut'],
  school: ['fill', 'brushFilm', 'solventSmooth', 'textureOn'],
  loop: ['primeSand'],
};

/**
 * The valleys of a forecast against hours of hands at the finisher's own pace: each step ends with its rung, and what a school's filler is sanded
 * with belongs to the step. Steps whose rung the ladder does not have end where the one before did.
 */
export function valleyByHours(forecast: SchoolForecast, paces: ReadonlyMap<string, PersonalRate>): ValleyAt[] {
  const { steps } = forecast.loops;
  const hoursUpTo = (end: number): number => paceMinutes(forecast.rungs.slice(0, end), paces).likely / 60;
  let at = 0;
  return steps.map(({ name, valleyMicrometres }, place) => {
    const kind = name.startsWith('loop') ? 'loop' : place === 1 ? 'cut' : 'school';
    if (place > 0) {
      const found = forecast.rungs.findIndex((rung, index) => index >= at && (ENDS[kind] ?? []).includes(rung.methodId));
      if (found >= 0) at = found + 1;
      if (kind === 'school') while (forecast.rungs[at]?.methodId === 'sand') at += 1;
    }
    return { name, hours: hoursUpTo(at), valleyMicrometres };
  });
}
