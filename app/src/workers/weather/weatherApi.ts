import { shareTables } from '@zinc-ladder/core/weather/places/noise';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Mesh } from '@zinc-ladder/core/surface/mesh/mesh';
import { MeshFaultError } from '@zinc-ladder/core/surface/mesh/mesh';
import { readMesh } from '@zinc-ladder/core/surface/mesh/readMesh';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { OnProgress } from '@zinc-ladder/core/surface/measure/recess';
import { boxRound } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import type { DrawnSurface } from '@zinc-ladder/core/weather/draw/drawnSurface';
import { drawSurface } from '@zinc-ladder/core/weather/draw/drawnSurface';
import { shapeMesh } from '@zinc-ladder/core/weather/places/shapeMesh';
import { OutlineFaultError } from '@zinc-ladder/core/stencil/outline';
import { parsePathData } from '@zinc-ladder/core/stencil/pathData';
import type { StencilPicture } from '@zinc-ladder/core/stencil/stencilPicture';
import { openAreaOf, pictureOfStencil, STENCIL_PIXELS } from '@zinc-ladder/core/stencil/stencilPicture';
import type { RegionPin } from '@zinc-ladder/core/weather/region/colourRegions';
import { MOST_COLOUR_REGIONS, regionShares } from '@zinc-ladder/core/weather/region/colourRegions';
import type { LentReach } from '@zinc-ladder/core/weather/seat/lentReach';
import { lentReach } from '@zinc-ladder/core/weather/seat/lentReach';
import type { LaidStencil } from '@zinc-ladder/core/weather/region/laidStencil';
import type { PartBox } from '@zinc-ladder/core/weather/seat/seat';
import type { FieldSetup, WeatherFields, WeatherZone } from '@zinc-ladder/core/weather/field/weatherFields';
import { gatherFields, pinnedFields, thinOut, USUAL_POINTS, USUAL_REACH, zoneShares } from '@zinc-ladder/core/weather/field/weatherFields';
import { mostCoverage } from '@zinc-ladder/core/weather/hand/mostCoverage';
import type { PassSight } from '@zinc-ladder/core/weather/seen/pass';
import { SEEN_DIFFERENCE } from '@zinc-ladder/core/weather/seen/pass';
import type { PartAge } from '@zinc-ladder/core/weather/seen/age';
import { createRehearsal } from '@zinc-ladder/core/weather/seen/rehearsal';
import type { AgeStanding } from '@zinc-ladder/core/weather/story/passTowards';
import { passTowards } from '@zinc-ladder/core/weather/story/passTowards';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { toWeatherPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import type { AskedStencil, WeatherAsk } from './weatherAsk';
import { nameOfAsk } from './weatherAsk';

/** A region that was looked for. */
export interface OpenedRegion extends Pick<RegionPin, 'place' | 'reachMillimetres'> {
  readonly share: number;
  readonly squareCentimetres: number;
  /** the stencil it was sprayed through, as it lies, open nowhere where it has a fault; null: through none */
  readonly laid: LaidStencil | null;
  /** why nothing of its stencil is open; null: something is, or it has none */
  readonly stencilFault: string | null;
}

/** A surface that is rehearsed on. */
export interface OpenedSurface {
  readonly kind: 'opened';
  /** what it was opened as, pins and way up included: questions name it, so that none is answered by another */
  readonly key: string;
  readonly areaSquareMillimetres: number;
  readonly shares: Readonly<Record<WeatherZone, number>>;
  /** what each region of another colour takes of the area, and where it is looked for */
  readonly regions: readonly OpenedRegion[];
  /** which pins of other parts mark it */
  readonly lent: LentReach;
  readonly drawing: DrawnSurface;
  /** for the graphics card; reckoned here, since they take longer than a page may stand still */
  readonly noise: ReturnType<typeof shareTables>;
  readonly min: Vector;
  readonly max: Vector;
  /** no mesh: recesses and fittings are not known */
  readonly isShape: boolean;
}

/** What came of opening a surface; faults travel as data. */
export type OpenedOutcome = OpenedSurface | { readonly kind: 'faulty'; readonly message: string };

/** What is reckoned of passes on a part. */
export interface RehearsalAnswer {
  readonly sights: readonly PassSight[];
  /** coverage the pass that was asked for tends to with no end of turns; null where none was */
  readonly most: number | null;
  readonly age: PartAge;
  /** share of the area that differs by ΔE00 2 or more from the clean part */
  readonly changedShare: number;
}

/** What is asked of passes. */
export interface RehearsalAsk {
  readonly passes: readonly RehearsedPass[];
  /** colour under all passes: where no region is, then in each region */
  readonly bases: readonly Lab[];
  readonly distanceMetres: number;
  readonly mirrored: number;
  /** place of the pass whose hand is asked for; null: none */
  readonly mostOf: number | null;
  /** quick: from a part of the points, while a slider moves */
  readonly isQuick: boolean;
}

/** Everything that is asked of surfaces to be weathered, one at a time; lives in a worker. */
export interface WeatherApi {
  readonly open: (ask: WeatherAsk, bytes: Uint8Array | null, onProgress: OnProgress) => OpenedOutcome;
  readonly rehearse: (key: string, ask: RehearsalAsk) => RehearsalAnswer | null;
  /** the box round a part in its own axes; null where nothing is known of it */
  readonly box: (ask: WeatherAsk, bytes: Uint8Array | null) => PartBox | null;
  /** age of a part by itself; null target: only how old it looks */
  readonly standing: (ask: WeatherAsk, bytes: Uint8Array | null, passes: AgeAsk, target: number | null) => AgeAnswer;
}

/** What a part's age depends on beside its surface. */
export type AgeAsk = Pick<RehearsalAsk, 'passes' | 'bases' | 'mirrored'>;

/** How a part stands; a fault where it cannot be told. */
export type AgeAnswer = ({ readonly kind: 'told' } & AgeStanding) | { readonly kind: 'faulty'; readonly message: string };

/** Points an age is taken from where many parts are compared. */
const AGE_POINTS = 8_000;
/** Surfaces kept for ages; a prop has some dozens of parts. */
const MOST_AGED = 80;

/** Points a quick answer is taken from, and those of a full one: looking through the eye's disc costs eight times as much. */
const QUICK_EVERY = 12;
const FULL_EVERY = 3;

/** A desk with no surface on it. */
export function createWeatherApi(points = USUAL_POINTS): WeatherApi {
  let current: { readonly ask: WeatherAsk; readonly key: string; readonly fields: WeatherFields } | null = null;
  let rehearsals = new Map<string, ReturnType<typeof createRehearsal>>();
  const aged = new Map<string, WeatherFields>();
  const pictures = new Map<string, StencilPicture | string>();
  const pictureOf = ({ key, outline, millimetresPerUnit }: AskedStencil): StencilPicture | string => {
    const name = `${key} ${millimetresPerUnit}`;
    const known = pictures.get(name);
    if (known !== undefined) return known;
    const made = stencilOrFault(outline, millimetresPerUnit);
    if (pictures.size >= MOST_COLOUR_REGIONS) pictures.clear();
    pictures.set(name, made);
    return made;
  };
  const setupOf = (ask: WeatherAsk, count: number): FieldSetup => ({
    points: count,
    reachMillimetres: USUAL_REACH,
    seed: 1,
    up: ask.up,
    handlingPins: [...ask.heldPins, ...ask.lent.held],
    runOffPins: ask.runPins,
    runOffFromOthers: ask.lent.runs,
    regionPins: ask.regionPins.map(({ stencil, ...pin }) => {
      const picture = stencil && pictureOf(stencil);
      return {
        ...pin,
        stencil: stencil && { picture: typeof picture === 'object' && picture ? picture : CLOSED, turnDegrees: stencil.turnDegrees },
      };
    }),
  });
  const rehearsalOf = (fields: WeatherFields, bases: readonly Lab[], mirrored: number, every: number) => {
    const key = JSON.stringify([bases, mirrored, every]);
    const known = rehearsals.get(key);
    if (known) return known;
    if (rehearsals.size >= 4) rehearsals = new Map();
    const made = createRehearsal(thinOut(fields, every), fields.up, bases, mirrored);
    rehearsals.set(key, made);
    return made;
  };
  return {
    open: (ask, bytes, onProgress) => {
      const setup = setupOf(ask, points);
      try {
        const key = nameOfAsk(ask);
        if (current && current.key !== key && current.ask.key === ask.key && String(current.ask.up) === String(ask.up)) {
          // Only pins were set: no ray is cast anew.
          current = { ask, key, fields: { ...current.fields, ...pinnedFields(current.fields, setup) } };
        } else if (current?.key !== key) {
          const mesh = meshFor(ask, bytes);
          if (!mesh) return { kind: 'faulty', message: NO_SURFACE };
          current = { ask, key, fields: gatherFields(mesh, setup, onProgress) };
        }
        rehearsals = new Map();
        const { fields } = current;
        const ofRegions = regionShares(fields.regions, ask.regionPins.length);
        return {
          kind: 'opened',
          key,
          areaSquareMillimetres: fields.points.areaSquareMillimetres,
          shares: zoneShares(fields),
          regions: ask.regionPins.map(({ place, reachMillimetres, stencil }, at) => {
            const share = ofRegions[at + 1] ?? 0;
            const picture = stencil && pictureOf(stencil);
            return {
              place,
              reachMillimetres,
              share,
              squareCentimetres: (share * fields.points.areaSquareMillimetres) / 100,
              laid: fields.laid[at] ?? null,
              stencilFault: typeof picture === 'string' ? picture : null,
            };
          }),
          lent: lentReach(fields.points, ask.lent),
          drawing: drawSurface(fields.mesh, fields),
          noise: shareTables(),
          ...boxRound(fields.mesh.positions),
          isShape: ask.mesh === null,
        };
      } catch (error) {
        if (error instanceof MeshFaultError || error instanceof RangeError) return { kind: 'faulty', message: error.message };
        throw error;
      }
    },
    box: (ask, bytes) => {
      const mesh = meshFor(ask, bytes);
      return mesh && boxRound(mesh.positions);
    },
    standing: (ask, bytes, { passes, bases, mirrored }, target) => {
      try {
        const key = nameOfAsk(ask);
        let fields = aged.get(key);
        if (!fields) {
          const mesh = meshFor(ask, bytes);
          if (!mesh) return { kind: 'faulty', message: NO_SURFACE };
          fields = gatherFields(mesh, setupOf(ask, AGE_POINTS));
          if (aged.size >= MOST_AGED) aged.clear();
          aged.set(key, fields);
        }
        const rehearsal = createRehearsal(fields, fields.up, bases, mirrored);
        const made = passes.map((pass) => toWeatherPass(pass, mirrored));
        if (target !== null) return { kind: 'told', ...passTowards(rehearsal, made, target) };
        return { kind: 'told', age: rehearsal.age(made).age, standing: 'level', pass: null };
      } catch (error) {
        if (error instanceof MeshFaultError || error instanceof RangeError) return { kind: 'faulty', message: error.message };
        throw error;
      }
    },
    rehearse: (key, { passes, bases, distanceMetres, mirrored, mostOf, isQuick }) => {
      if (current?.key !== key) return null;
      const rehearsal = rehearsalOf(current.fields, bases, mirrored, isQuick ? QUICK_EVERY : FULL_EVERY);
      const made = passes.map((pass) => toWeatherPass(pass, mirrored));
      const wanted = mostOf === null ? undefined : made[mostOf];
      const all = wanted && [...made.slice(0, mostOf ?? 0), { ...wanted, amount: 1 }];
      return {
        sights: rehearsal.sights(made, distanceMetres),
        most: all ? mostCoverage(rehearsal.sights(all, distanceMetres).at(-1)?.coverage ?? 0) : null,
        age: rehearsal.age(made),
        changedShare: rehearsal.changedShare(made, SEEN_DIFFERENCE),
      };
    },
  };
}

const NO_SURFACE = 'it has no mesh here, and its size and shape are not known';

function meshFor({ mesh, shape }: WeatherAsk, bytes: Uint8Array | null): Mesh | null {
  if (mesh && bytes) return readMesh(bytes, mesh.format, mesh.millimetres).mesh;
  return shape && shapeMesh(shape.id, shape.size);
}

/** A stencil that is open nowhere. */
const CLOSED: StencilPicture = {
  spanMillimetres: 1,
  widthMillimetres: 0,
  heightMillimetres: 0,
  open: new Uint8Array(STENCIL_PIXELS * STENCIL_PIXELS),
};

/** What a stencil leaves open, or why that is nothing. */
function stencilOrFault(outline: string, millimetresPerUnit: number): StencilPicture | string {
  try {
    const picture = pictureOfStencil(parsePathData(outline), millimetresPerUnit);
    return openAreaOf(picture) > 0 ? picture : 'none of its lines is closed, so nothing of it is open';
  } catch (error) {
    if (error instanceof OutlineFaultError || error instanceof RangeError) return error.message;
    throw error;
  }
}
