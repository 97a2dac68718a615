import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  DirectionalLight,
  DoubleSide,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Sphere,
  Spherical,
  Sprite,
  SpriteMaterial,
  SRGBColorSpace,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import type { MeshDrawing } from '@zinc-ladder/core/surface/meshDrawing';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

/** A flaw's pin on a mesh. */
export interface MeshPin {
  readonly id: string;
  readonly mark: string;
  readonly place: readonly number[];
  readonly isOpen: boolean;
}

/** What is drawn, and which way it stands. */
export interface MeshShown extends MeshDrawing {
  readonly min: Vector;
  readonly max: Vector;
  /** direction that is shown upwards */
  readonly up: Vector;
}

/** A look through a point of the picture. */
export interface MeshLook {
  readonly from: Vector;
  readonly towards: Vector;
}

/** Ways to look at a part. */
export type MeshSide = 'front' | 'side' | 'top' | 'under';

/** A scene in a canvas. Draws only when something changed. */
export interface MeshScene {
  readonly show: (drawing: MeshShown) => void;
  /** red, green, blue of each corner, 0–255 in linear light: `paintCorners` */
  readonly paint: (colours: Uint8Array) => void;
  readonly pin: (pins: readonly MeshPin[], ink: string, ground: string, warning: string) => void;
  readonly look: (side: MeshSide) => void;
  /** turns by radians round the upright and up or down, and comes nearer by a factor */
  readonly turn: (round: number, up: number, nearer: number) => void;
  readonly resize: (width: number, height: number) => void;
  /** the look through a point, −1 … 1 from the left and from below */
  readonly lookThrough: (x: number, y: number) => MeshLook;
  readonly dispose: () => void;
}

const LEAST_POLAR = 0.02;
/** A large mesh goes to the graphics card piece by piece, one a frame: all at once would hold the page. Facets of a piece. */
const PIECE = 100_000;

/**
 * A scene for one mesh at a time.
 *
 * @throws Error where the browser has no WebGL
 */
export function createMeshScene(canvas: HTMLCanvasElement): MeshScene {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  const scene = new Scene();
  const camera = new PerspectiveCamera(32, 1, 0.1, 10_000);
  const controls = new OrbitControls(camera, canvas);
  controls.enableDamping = false;
  controls.enablePan = false;
  const material = new MeshLambertMaterial({ vertexColors: true, side: DoubleSide, flatShading: true });
  const lines = new LineBasicMaterial({ color: 0x1d1d1d, transparent: true, opacity: 0.35 });
  const lamp = new DirectionalLight(0xffffff, 1.1);
  scene.add(new AmbientLight(0xffffff, 2.2), lamp, lamp.target);
  const parts = new Group();
  const pinGroup = new Group();
  scene.add(parts, pinGroup);
  let pieces: readonly Mesh[] = [];
  let radius = 1;
  let frame = 0;
  const draw = (): void => {
    frame ||= requestAnimationFrame(() => {
      frame = 0;
      lamp.position.copy(camera.position).add(new Vector3().setFromMatrixColumn(camera.matrix, 1).multiplyScalar(radius));
      const next = pieces.find((piece) => !piece.visible);
      if (next) next.visible = true;
      renderer.render(scene, camera);
      if (next) draw();
    });
  };
  controls.addEventListener('change', draw);
  const clear = (group: Group): void => {
    for (const child of [...group.children]) {
      group.remove(child);
      if (child instanceof Mesh || child instanceof LineSegments) (child.geometry as BufferGeometry).dispose();
      if (child instanceof Sprite) {
        child.material.map?.dispose();
        child.material.dispose();
      }
    }
  };
  const look = (side: MeshSide): void => {
    const up = camera.up.clone().normalize();
    const towards = new Vector3(0, -1, 0);
    if (Math.abs(up.dot(towards)) > 0.9) towards.set(0, 0, 1);
    towards.addScaledVector(up, -up.dot(towards)).normalize();
    const aside = new Vector3().crossVectors(towards, up);
    const from = {
      front: towards.clone().addScaledVector(aside, 0.75).addScaledVector(up, 0.7),
      side: aside.clone().addScaledVector(up, 0.15),
      top: up.clone().addScaledVector(towards, 0.05),
      under: up.clone().negate().addScaledVector(towards, 0.05),
    }[side];
    camera.position.copy(controls.target).addScaledVector(from.normalize(), radius * 3.9);
    controls.update();
    draw();
  };
  return {
    show: ({ corners, lines: ends, min, max, up }) => {
      clear(parts);
      const middle = new Vector3((min[0] + max[0]) / 2, (min[1] + max[1]) / 2, (min[2] + max[2]) / 2);
      radius = Math.max(1e-3, new Vector3(...max).distanceTo(middle));
      pieces = Array.from({ length: Math.ceil(corners.length / (PIECE * 9)) }, (_, at) => {
        const own = corners.subarray(at * PIECE * 9, (at + 1) * PIECE * 9);
        const loose = new BufferGeometry();
        loose.setAttribute('position', new BufferAttribute(own, 3));
        loose.setAttribute('color', new BufferAttribute(new Uint8Array(own.length).fill(200), 3, true));
        loose.boundingSphere = new Sphere(middle, radius);
        const piece = new Mesh(loose, material);
        piece.visible = false;
        return piece;
      });
      if (pieces.length > 0) parts.add(...pieces);
      if (ends.length > 0) {
        const edges = new BufferGeometry();
        edges.setAttribute('position', new BufferAttribute(ends, 3));
        edges.boundingSphere = new Sphere(middle, radius);
        parts.add(new LineSegments(edges, lines));
      }
      camera.up.set(...up);
      camera.near = radius / 50;
      camera.far = radius * 20;
      camera.updateProjectionMatrix();
      controls.minDistance = radius * 1.1;
      controls.maxDistance = radius * 8;
      controls.target.copy(middle);
      look('front');
    },
    paint: (colours) => {
      for (const [at, piece] of pieces.entries()) {
        const attribute = piece.geometry.getAttribute('color');
        const own = colours.subarray(at * PIECE * 9, (at + 1) * PIECE * 9);
        if (!(attribute instanceof BufferAttribute) || attribute.array.length !== own.length) return;
        attribute.array = own;
        attribute.needsUpdate = true;
      }
      draw();
    },
    pin: (pins, ink, ground, warning) => {
      clear(pinGroup);
      for (const { mark, place, isOpen } of pins) {
        const sprite = new Sprite(new SpriteMaterial({ map: drawMark(mark, isOpen, ink, ground, warning), depthTest: true }));
        const [x = 0, y = 0, z = 0] = place;
        const point = new Vector3(x, y, z);
        // A little off the face towards the outside, lest the face cuts it.
        sprite.position.copy(point).addScaledVector(point.clone().sub(controls.target).normalize(), radius * 0.06);
        sprite.scale.setScalar(radius * 0.15);
        pinGroup.add(sprite);
      }
      draw();
    },
    look,
    turn: (round, up, nearer) => {
      const away = camera.position.clone().sub(controls.target);
      const upright = new Vector3(0, 1, 0);
      const toY = away.clone().applyQuaternion(quaternionBetween(camera.up, upright));
      const spherical = new Spherical().setFromVector3(toY);
      spherical.theta += round;
      spherical.phi = Math.min(Math.PI - LEAST_POLAR, Math.max(LEAST_POLAR, spherical.phi + up));
      spherical.radius = Math.min(controls.maxDistance, Math.max(controls.minDistance, spherical.radius * nearer));
      const back = new Vector3().setFromSpherical(spherical).applyQuaternion(quaternionBetween(upright, camera.up));
      camera.position.copy(controls.target).add(back);
      controls.update();
      draw();
    },
    resize: (width, height) => {
      renderer.setSize(width, height, false);
      camera.aspect = width / height;
      camera.updateProjectionMatrix();
      draw();
    },
    lookThrough: (x, y) => {
      const ray = new Raycaster();
      ray.setFromCamera(new Vector2(x, y), camera);
      const { origin, direction } = ray.ray;
      return { from: [origin.x, origin.y, origin.z], towards: [direction.x, direction.y, direction.z] };
    },
    dispose: () => {
      cancelAnimationFrame(frame);
      clear(parts);
      clear(pinGroup);
      controls.dispose();
      material.dispose();
      lines.dispose();
      renderer.dispose();
    },
  };
}

function quaternionBetween(from: Vector3, to: Vector3) {
  const group = new Group();
  group.quaternion.setFromUnitVectors(from.clone().normalize(), to.clone().normalize());
  return group.quaternion;
}

/** Two letters in a square for what is open, in a thin ring for what is mended: told apart without colour. */
function drawMark(mark: string, isOpen: boolean, ink: string, ground: string, warning: string): CanvasTexture {
  const canvas = document.createElement('canvas');
  canvas.width = 64;
  canvas.height = 64;
  const context = canvas.getContext('2d');
  if (context) {
    context.fillStyle = isOpen ? warning : ground;
    context.strokeStyle = isOpen ? ground : ink;
    context.lineWidth = 4;
    context.beginPath();
    if (isOpen) context.rect(4, 4, 56, 56);
    else context.arc(32, 32, 27, 0, 2 * Math.PI);
    context.fill();
    context.stroke();
    context.fillStyle = isOpen ? ground : ink;
    context.font = '600 30px "Barlow Condensed", sans-serif';
    context.textAlign = 'center';
    context.textBaseline = 'middle';
    context.fillText(isOpen ? mark : '✓', 32, 35);
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  return texture;
}
