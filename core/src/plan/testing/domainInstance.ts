import { buildClockTable } from '../../cure/clockTable';
import { randomIndex, seededRandom } from '../../random/seededRandom';
import type { Interval } from '../../time/interval';
import type { Family, PlanArc, PlanProblem, PlanTask } from '../problem/problem';
import { arc, problem, task, wall } from './problemBuilder';

/** How hard an instance is made. */
export interface DomainKind {
  readonly parts: number;
  readonly rungs: number;
  /** no setups, no rain, no windows that close: what the bound knows all of */
  readonly isRelaxed?: boolean;
}

const DAYS = 150;
const DAY = 1440;

/**
 * A random shop: evenings and weekends, rainy days on which nothing is sprayed, eleven products, one spray place, a rack of eight, every
 * fourth part bonded to another. Invented; the same for the same seed. Minutes from the first midnight.
 */
export function domainInstance(seed: number, { parts, rungs, isRelaxed = false }: DomainKind): PlanProblem {
  const random = seededRandom(seed * 7919 + 13);
  const hands: Interval[] = [];
  const spraying: Interval[] = [];
  for (let day = 0; day < DAYS; day += 1) {
    const isWeekend = day % 7 > 4;
    const span = isWeekend ? { start: day * DAY + 540, end: day * DAY + 1080 } : { start: day * DAY + 1110, end: day * DAY + 1320 };
    hands.push(span);
    if (!isRelaxed && random() < 0.35) continue;
    spraying.push(isRelaxed ? span : { start: span.start, end: Math.min(span.end, day * DAY + 1230) });
  }
  const cure = {
    id: 'cure',
    table: buildClockTable(0, DAYS * DAY, 10, (minute) => 0.65 + 0.25 * Math.cos(((minute - 900) / DAY) * 2 * Math.PI)),
  };
  const families = Array.from({ length: 11 }, (_, at): Family => ({
    id: `paint ${at}`,
    name: `paint ${at}`,
    toolId: at < 4 ? 'airbrush' : `can ${at}`,
    setupMinutes: 8 + (at % 4) * 3,
    keepMinutes: 30,
    mostMinutes: at === 10 ? 40 : null,
    lightness: (at * 37) % 100,
  }));
  const tasks: PlanTask[] = [];
  const arcs: PlanArc[] = [];
  for (let part = 0; part < parts; part += 1) {
    for (let rung = 0; rung < rungs; rung += 1) {
      const id = `${part}.${rung}`;
      const kind = random();
      const isSpray = kind < 0.4;
      const isSplit = kind > 0.75;
      tasks.push(
        task(id, isSpray ? 5 + randomIndex(random, 15) : 15 + randomIndex(random, isSplit ? 90 : 40), {
          calendarId: isSpray ? 'spraying' : 'hands',
          familyId: isSpray && !isRelaxed ? `paint ${randomIndex(random, 11)}` : null,
          demands: [{ resourceId: 'hands', amount: 1 }, ...(isSpray ? [{ resourceId: 'booth', amount: 1 }] : [])],
          holds: isSpray ? [{ resourceId: 'rack', amount: 1, clockId: 'cure', progress: 60, ownerId: null }] : [],
          leastChunkMinutes: isSplit ? 10 : null,
        }),
      );
      if (rung > 0) arcs.push(waitFor(`${part}.${rung - 1}`, id, random(), isRelaxed));
    }
    if (part > 0 && random() < 0.25) {
      const host = randomIndex(random, part);
      const hostRung = Math.floor(rungs / 2) + randomIndex(random, Math.floor(rungs / 2));
      arcs.push({ ...arc(`${part}.${rungs - 1}`, `${host}.${hostRung}`, [{ lo: 60, hi: null }], 'cure'), reason: { kind: 'join' } });
    }
  }
  const tools = ['airbrush', ...families.slice(4).map((family) => family.toolId)];
  return problem({
    fromMinute: 0,
    horizonMinute: DAYS * DAY,
    resources: [
      { id: 'hands', name: 'hands', capacity: 1 },
      { id: 'booth', name: 'spray place', capacity: 1 },
      { id: 'rack', name: 'rack', capacity: 8 },
    ],
    calendars: [
      { id: 'hands', name: 'hands', windows: hands },
      { id: 'spraying', name: 'spraying', windows: spraying },
    ],
    clocks: [wall, cure],
    tools: isRelaxed ? [] : tools.map((id) => ({ id, name: id, darkToLightMinutes: id === 'airbrush' ? 6 : 0 })),
    families: isRelaxed ? [] : families,
    tasks,
    arcs,
  });
}

function waitFor(from: string, to: string, draw: number, isRelaxed: boolean): PlanArc {
  if (draw < 0.35) return arc(from, to);
  if (draw < 0.6) return arc(from, to, [{ lo: 20, hi: null }], 'cure');
  if (draw < 0.75) return arc(from, to, [{ lo: 60 + 240 * draw, hi: null }], 'cure');
  if (draw < 0.85) return arc(from, to, [{ lo: 1000, hi: null }], 'cure');
  if (isRelaxed) return arc(from, to, [{ lo: 30, hi: null }], 'cure');
  if (draw < 0.93) return arc(from, to, [{ lo: 10, hi: 240 }], 'cure');
  return arc(
    from,
    to,
    [
      { lo: 10, hi: 60 },
      { lo: 1440, hi: null },
    ],
    'cure',
  );
}
