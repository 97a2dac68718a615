import {
  BufferAttribute,
  BufferGeometry,
  DataArrayTexture,
  DataTexture,
  FloatType,
  GLSL3,
  LinearFilter,
  Mesh,
  NearestFilter,
  RedFormat,
  RGBAFormat,
  Scene,
  ShaderMaterial,
  Sphere,
  Vector3,
  Vector4,
  WebGLRenderer,
} from 'three';
import { USUAL_FLOP } from '@zinc-ladder/core/colour/flop';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { squareTo } from '@zinc-ladder/core/surface/mesh/vector';
import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { scratchDirections } from '@zinc-ladder/core/weather/deposit/markNoise';
import { STENCIL_PIXELS } from '@zinc-ladder/core/stencil/stencilPicture';
import { WIDE_LINEAR, THICKNESSES } from '@zinc-ladder/core/weather/seen/bands';
import { USUAL_THROW } from '@zinc-ladder/core/weather/technique/passFor';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import { MOST_WEATHER_PASSES } from '@zinc-ladder/model/records/prop/weatherPlan';
import type { OpenedSurface } from '../../../workers/weather/weatherApi';
import type { Turntable } from '../../../ui/turntable/turntable';
import { drawForPaper } from '../../../ui/turntable/drawForPaper';
import { createTurntable } from '../../../ui/turntable/turntable';
import { paceDrawing } from '../../../ui/turntable/paceDrawing';
import { watchDrawing } from '../../../ui/turntable/watchDrawing';
import {
  FILM_TEXTURE_ROWS,
  FLAKE_ANGLES,
  FLAKE_LIGHTNESSES,
  inFours,
  packBases,
  packFilms,
  packFlakes,
  packPasses,
  PASS_TEXELS,
} from './packPasses';
import { FRAGMENT_SHADER, VERTEX_SHADER } from './weatherShader';

/** How the part is lit and what of it is drawn. */
export interface SceneSetting {
  /** way the lamp stands round the part, degrees from the front */
  readonly lampDegrees: number;
  /** left half without any */
  readonly isSplit: boolean;
  /** how the base shines, 0 … 1 */
  readonly baseSheen: number;
}

/** A part drawn as it would look. */
export interface WeatherScene extends Pick<Turntable, 'look' | 'turn' | 'resize' | 'lookThrough' | 'dispose'> {
  readonly show: (surface: OpenedSurface, up: Vector) => void;
  readonly rehearse: (passes: readonly RehearsedPass[], bases: readonly Lab[], metals: number, mirrored: number) => void;
  readonly set: (setting: SceneSetting) => void;
}

const NOWHERE: Vector = [0, 0, 0];
const LAMP_HEIGHT = 0.75;
/** Nearer than other views look: marks are small. */
const NEARER = 0.8;

/**
 * A scene that draws passes pixel by pixel.
 *
 * @throws Error where the browser has no WebGL 2
 */
export function createWeatherScene(canvas: HTMLCanvasElement): WeatherScene {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  const scene = new Scene();
  let setting: SceneSetting = { lampDegrees: 40, isSplit: false, baseSheen: 0.4 };
  let up: Vector = [0, 0, 1];
  const passData = texture(PASS_TEXELS, MOST_WEATHER_PASSES);
  const filmData = texture(THICKNESSES, FILM_TEXTURE_ROWS);
  const flakeData = new DataTexture(packFlakes(USUAL_FLOP), FLAKE_ANGLES + 3, FLAKE_LIGHTNESSES, RedFormat, FloatType);
  for (const made of [passData, filmData, flakeData]) finish(made);
  const stencils = new DataArrayTexture(
    new Uint8Array(STENCIL_PIXELS * STENCIL_PIXELS * MOST_COLOUR_REGIONS),
    STENCIL_PIXELS,
    STENCIL_PIXELS,
    MOST_COLOUR_REGIONS,
  );
  stencils.format = RedFormat;
  stencils.minFilter = LinearFilter;
  stencils.magFilter = LinearFilter;
  stencils.needsUpdate = true;
  const vectors = (rows: readonly (readonly number[])[]): Vector4[] => rows.map(([x, y, z, w]) => new Vector4(x, y, z, w));
  const [thrownFirst, thrownSecond] = squareTo(USUAL_THROW);
  const uniforms = {
    passCount: { value: 0 },
    splitAt: { value: -1 },
    up: { value: new Vector3(0, 0, 1) },
    scratchOne: { value: new Vector3(1, 0, 0) },
    scratchOther: { value: new Vector3(0, 1, 0) },
    throwAxis: { value: [USUAL_THROW, thrownFirst, thrownSecond].map((axis) => new Vector3(...axis)) },
    lampFrom: { value: new Vector3(0, 0, 1) },
    eye: { value: new Vector3() },
    mirrored: { value: 0 },
    baseSheen: { value: 0.4 },
    baseBody: { value: packBases([], 0).map((four) => new Vector4(...four)) },
    regionCount: { value: 0 },
    regionAt: { value: Array.from({ length: MOST_COLOUR_REGIONS }, () => new Vector4(0, 0, 0, -1)) },
    stencilRight: { value: Array.from({ length: MOST_COLOUR_REGIONS }, () => new Vector4()) },
    stencilUpright: { value: Array.from({ length: MOST_COLOUR_REGIONS }, () => new Vector3()) },
    stencils: { value: stencils },
    toRed: { value: vectors(inFours(WIDE_LINEAR[0] ?? [])) },
    toGreen: { value: vectors(inFours(WIDE_LINEAR[1] ?? [])) },
    toBlue: { value: vectors(inFours(WIDE_LINEAR[2] ?? [])) },
    passData: { value: passData },
    filmData: { value: filmData },
    shareData: { value: null as DataTexture | null },
    baseMetals: { value: 0 },
    flakeData: { value: flakeData },
  };
  const material = new ShaderMaterial({ glslVersion: GLSL3, vertexShader: VERTEX_SHADER, fragmentShader: FRAGMENT_SHADER, uniforms });
  let mesh: Mesh | null = null;
  let stood = '';
  let passes: { readonly given: readonly RehearsedPass[]; readonly filmKey: string } = { given: [], filmKey: '' };
  const wholeRatio = Math.min(2, window.devicePixelRatio);
  const render = (scale: number): void => {
    if (renderer.getPixelRatio() !== wholeRatio * scale) renderer.setPixelRatio(wholeRatio * scale);
    uniforms.eye.value.copy(turntable.camera.position);
    uniforms.lampFrom.value.copy(lampDirection(up, setting.lampDegrees));
    uniforms.passCount.value = passes.given.length;
    uniforms.splitAt.value = setting.isSplit ? renderer.domElement.width / 2 : -1;
    uniforms.baseSheen.value = setting.baseSheen;
    renderer.render(scene, turntable.camera);
  };
  const paced = paceDrawing(watchDrawing(renderer, render), (isOnItsWay) => (canvas.ariaBusy = String(isOnItsWay)));
  const draw = paced.ask;
  const turntable = createTurntable(canvas, renderer, draw);
  const leavePaper = drawForPaper(() => render(1));
  return {
    show: ({ drawing, noise, min, max, regions }, way) => {
      up = way;
      const { octave, value } = noise;
      uniforms.shareData.value ??= finish(new DataTexture(joined(octave, value), octave.length, 2, RedFormat, FloatType));
      if (mesh) {
        scene.remove(mesh);
        mesh.geometry.dispose();
      }
      const geometry = new BufferGeometry();
      geometry.setAttribute('position', new BufferAttribute(drawing.positions, 3));
      geometry.setAttribute('normal', new BufferAttribute(drawing.normals, 3, true));
      geometry.setAttribute('meets', new BufferAttribute(drawing.fields, 4, true));
      geometry.setAttribute('wetness', new BufferAttribute(drawing.wet, 1, true));
      geometry.setAttribute('regions', new BufferAttribute(drawing.regions, 1));
      uniforms.regionCount.value = Math.min(regions.length, MOST_COLOUR_REGIONS);
      regions.slice(0, MOST_COLOUR_REGIONS).forEach(({ place, reachMillimetres, laid }, at) => {
        uniforms.regionAt.value[at]?.set(...place, reachMillimetres ?? -1);
        const span = laid?.picture.spanMillimetres ?? 1;
        uniforms.stencilRight.value[at]
          ?.set(...(laid?.right ?? NOWHERE), 0)
          .multiplyScalar(1 / span)
          .setW(laid ? 1 : 0);
        uniforms.stencilUpright.value[at]?.set(...(laid?.upright ?? NOWHERE)).multiplyScalar(1 / span);
        if (!laid) return;
        stencils.image.data?.set(laid.picture.open, at * laid.picture.open.length);
        stencils.needsUpdate = true;
      });
      const middle = new Vector3((min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2);
      const radius = Math.max(1e-3, new Vector3(...max).distanceTo(middle));
      geometry.boundingSphere = new Sphere(middle, radius);
      mesh = new Mesh(geometry, material);
      scene.add(mesh);
      uniforms.up.value.set(...way);
      const [one, other] = scratchDirections(way);
      uniforms.scratchOne.value.set(...one);
      uniforms.scratchOther.value.set(...other);
      // A pin changes what lands where, not where the part is looked at from.
      const stands = JSON.stringify([min, max, way]);
      if (stands !== stood) {
        turntable.put(middle, radius, way);
        turntable.turn(0, 0, NEARER);
        stood = stands;
      }
      draw();
    },
    rehearse: (given, bases, metals, mirrored) => {
      // Tables of films change with the paint only: a slider that is moved leaves them be.
      const filmKey = JSON.stringify([
        given.map(({ techniqueId, lab, labIn, scatterPerCoat }) => [techniqueId, lab, labIn, scatterPerCoat]),
        mirrored,
      ]);
      if (filmKey !== passes.filmKey) {
        filmData.image.data?.set(packFilms(given.slice(0, MOST_WEATHER_PASSES), mirrored));
        filmData.needsUpdate = true;
      }
      passes = { given, filmKey };
      passData.image.data?.set(packPasses(given, MOST_WEATHER_PASSES));
      passData.needsUpdate = true;
      uniforms.baseBody.value = packBases(bases, mirrored).map((four) => new Vector4(...four));
      uniforms.baseMetals.value = metals;
      uniforms.mirrored.value = mirrored;
      draw();
    },
    set: (next) => {
      setting = next;
      draw();
    },
    look: turntable.look,
    turn: turntable.turn,
    resize: turntable.resize,
    lookThrough: turntable.lookThrough,
    dispose: () => {
      paced.dispose();
      leavePaper();
      turntable.dispose();
      mesh?.geometry.dispose();
      material.dispose();
      for (const made of [passData, filmData, uniforms.shareData.value, flakeData, stencils]) made?.dispose();
      renderer.dispose();
    },
  };
}

function texture(width: number, height: number): DataTexture {
  return new DataTexture(new Float32Array(width * height * 4), width, height, RGBAFormat, FloatType);
}

/** A table that is read as it is, value by value. */
function finish(table: DataTexture): DataTexture {
  table.minFilter = NearestFilter;
  table.magFilter = NearestFilter;
  table.needsUpdate = true;
  return table;
}

function joined(one: Float32Array, other: Float32Array): Float32Array<ArrayBuffer> {
  const both = new Float32Array(one.length + other.length);
  both.set(one);
  both.set(other, one.length);
  return both;
}

/** Where the lamp stands: so far round the part from its front, above its shoulder. */
function lampDirection(up: Vector, degrees: number): Vector3 {
  const way = new Vector3(...up).normalize();
  const front = new Vector3(0, -1, 0);
  if (Math.abs(way.dot(front)) > 0.9) front.set(0, 0, 1);
  front.addScaledVector(way, -way.dot(front)).normalize();
  const aside = new Vector3().crossVectors(front, way);
  const angle = (degrees * Math.PI) / 180;
  return front.multiplyScalar(Math.cos(angle)).addScaledVector(aside, Math.sin(angle)).addScaledVector(way, LAMP_HEIGHT).normalize();
}
