import type { Pixels } from '../../core/src/colour/picture/averageArea';
import { MIDDLE_GREY } from '../../core/src/colour/picture/neutralise';
import { averageArea } from '../../core/src/colour/picture/averageArea';
import { matchColours } from '../../core/src/match/matchColours';
import { registerPictures } from '../../core/src/match/registerPictures';
import { warpPicture } from '../../core/src/match/warpPicture';
import type { ImagePoint } from '../../core/src/reference/imagePoint';
import { seededRandom } from '../../core/src/random/seededRandom';
import { writeReport } from '../../model/src/report/writeReport';
import type { ProjectBundle } from '../../model/src/file/zipProject';
import { medianMs } from './measure';

const WIDE = { width: 2310, height: 1732 } as const;

function noise({ width, height }: { readonly width: number; readonly height: number }): Pixels {
  const random = seededRandom(3);
  return {
    width,
    height,
    data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, at) => (at % 4 === 3 ? 255 : 40 + 170 * random())),
  };
}

/** Laying a photograph of four megapixels over another, comparing ten regions, and a report with forty pictures. */
export function benchMatch(tell: (what: string, ms: number, goal: string) => void, demo: ProjectBundle): void {
  const picture = noise(WIDE);
  const spots = Array.from({ length: 9 }, (_, at): ImagePoint => [300 + (at % 3) * 800, 250 + Math.floor(at / 3) * 600]);
  const registration = registerPictures(
    spots.map(([x, y], at) => ({ reference: [x, y], own: [x + 9 * Math.sin(at), y + 7 * Math.cos(at)] })),
  );
  if ('refusal' in registration) throw new Error(registration.refusal);
  tell(
    'a photograph of 4 megapixels laid over another, by a plate',
    medianMs(() => warpPicture(picture, WIDE, registration.toOwn), 5),
    'wanted within 200 ms',
  );
  const side = { pixels: picture, known: MIDDLE_GREY, patch: averageArea(picture, { x: 0.1, y: 0.1, width: 0.1, height: 0.1 }) };
  const regions = Array.from({ length: 10 }, (_, at) => ({
    id: String(at),
    area: { x: 0.2 + 0.05 * at, y: 0.3, width: 0.05, height: 0.3 },
  }));
  tell(
    'colours of ten regions on both',
    medianMs(() => matchColours(side, side, regions, registration, 'otherLight'), 5),
    '',
  );
  const { project, attachments } = demo;
  const [first] = project.pictures.filter(({ propId }) => propId === 'lantern');
  if (!first) throw new Error('the demo has lost its pictures');
  const bytes = new Uint8Array(250_000);
  const many = Array.from({ length: 40 }, (_, at) => ({ ...first, id: `many-${at}`, isOwn: false }));
  const bundle: ProjectBundle = {
    project: { ...project, pictures: [...project.pictures, ...many] },
    attachments: new Map([...attachments, ...many.map(({ id }) => [id, bytes] as const)]),
  };
  tell(
    'the report of a prop with 40 pictures of 250 kB',
    medianMs(() => writeReport(bundle, 'lantern', Date.UTC(2026, 4, 28)), 3),
    'wanted within 3 s',
  );
}
