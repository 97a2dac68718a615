import { growLadder } from '../../core/src/ladder/growLadder';
import { PART_ADDED_IN_3 } from '../../model/src/file/migrations';
import type { ProjectFile } from '../../model/src/file/projectFile';
import { routeChoiceOf, toRung } from '../../model/src/gather/grow/growRungs';
import type { LogEntry } from '../../model/src/records/ladder/logEntry';
import type { Part } from '../../model/src/records/prop/part';

const ROUTE = { finish: 'gloss', age: 'new', smoothing: 'bodyFiller', joining: 'none', sealing: 'clearBoth' } as const;

/** The demo's shop with many more parts and log entries: made for benches, nothing of it is shipped. */
export function makeBigShop(demo: ProjectFile, partCount: number, rungsEach: number, entryCount: number): ProjectFile {
  const parts: Part[] = [];
  const ladders: ProjectFile['ladders'] = [];
  const rungs: ProjectFile['rungs'] = [];
  for (let at = 0; at < partCount; at += 1) {
    const part: Part = {
      id: `big-${at}`,
      revision: 0,
      propId: 'telegraph',
      name: `Panel ${at + 1}`,
      count: 1 + (at % 3),
      materialId: 'rigid',
      layerMillimetres: 0.2,
      areaSquareCentimetres: 60 + ((at * 37) % 200),
      rackPlaces: 1,
      note: '',
      position: 100 + at,
      ...PART_ADDED_IN_3,
      print: null,
    };
    const grown = growLadder(routeChoiceOf(part, ROUTE));
    if (grown.kind === 'refused') throw new Error(grown.reason);
    const drafts = Array.from({ length: rungsEach }, (_, place) => grown.rungs[place % grown.rungs.length]).filter(
      (draft) => draft !== undefined,
    );
    const own = drafts.map((draft, place) => toRung(draft, `big-${at}-${place}`, part.id, demo.products, {}));
    parts.push(part);
    rungs.push(...own);
    ladders.push({ id: part.id, revision: 0, partId: part.id, route: ROUTE, rungIds: own.map((rung) => rung.id) });
  }
  const template = demo.logEntries[0];
  const logEntries = Array.from({ length: template ? entryCount : 0 }, (_, at): LogEntry => ({
    ...(template as LogEntry),
    id: `entry-${at}`,
    atMs: demo.savedAtMs - at * 600_000,
    counter: entryCount - at,
    text: at % 7 === 0 ? `pass ${at}, a run at the lower edge` : '',
  }));
  return {
    ...demo,
    parts: [...demo.parts, ...parts],
    ladders: [...demo.ladders, ...ladders],
    rungs: [...demo.rungs, ...rungs],
    logEntries,
  };
}

/** A project with nothing in it that a bundle would have to bring a file for. */
export function withoutAttachments(project: ProjectFile): ProjectFile {
  return {
    ...project,
    pictures: [],
    meshes: [],
    measurings: [],
    matches: [],
    mixCards: project.mixCards.map((card) => ({ ...card, pictureId: null })),
    targets: project.targets.map((target) => ({
      ...target,
      samples: target.samples.map((sample) => ({ ...sample, pictureId: null, area: null })),
    })),
    flaws: project.flaws.map((flaw) => ({ ...flaw, pin: null })),
    logEntries: project.logEntries.map((entry) => ({ ...entry, pictureIds: [] })),
    maskPlans: project.maskPlans.map((plan) => ({ ...plan, pictureId: null })),
    weatherPlans: project.weatherPlans.map((plan) => ({
      ...plan,
      cleanPictureId: null,
      readings: plan.readings.map((reading) => ({ ...reading, pictureId: null })),
    })),
  };
}
