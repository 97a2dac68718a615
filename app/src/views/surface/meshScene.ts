import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  DirectionalLight,
  DoubleSide,
  EdgesGeometry,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Spherical,
  Sprite,
  SpriteMaterial,
  SRGBColorSpace,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

/** A flaw's pin on a mesh. */
export interface MeshPin {
  readonly id: string;
  readonly mark: string;
  readonly place: readonly number[];
  readonly isOpen: boolean;
}

/** What is drawn. */
export interface MeshDrawing {
  readonly positions: Float32Array;
  readonly indices: Uint32Array;
  /** direction that is shown upwards */
  readonly up: readonly [number, number, number];
}

/** A facet that was pointed at, with the place on it, mm. */
export interface MeshHit {
  readonly facet: number;
  readonly place: readonly [number, number, number];
}

/** Ways to look at a part. */
export type MeshSide = 'front' | 'side' | 'top' | 'under';

/** A scene in a canvas. Draws only when something changed. */
export interface MeshScene {
  readonly show: (drawing: MeshDrawing) => void;
  /** one colour a facet, as red, green, blue, 0–255 */
  readonly paint: (colours: Uint8Array) => void;
  readonly pin: (pins: readonly MeshPin[], ink: string, ground: string, warning: string) => void;
  readonly look: (side: MeshSide) => void;
  /** turns by radians round the upright and up or down, and comes nearer by a factor */
  readonly turn: (round: number, up: number, nearer: number) => void;
  readonly resize: (width: number, height: number) => void;
  readonly hit: (x: number, y: number) => MeshHit | null;
  readonly dispose: () => void;
}

/** Edges are drawn as lines up to here: finding them takes a while. */
const EDGES_UP_TO = 120_000;
const EDGE_DEGREES = 35;
const LEAST_POLAR = 0.02;

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
  let body: Mesh | null = null;
  let radius = 1;
  let frame = 0;
  const draw = (): void => {
    frame ||= requestAnimationFrame(() => {
      frame = 0;
      lamp.position.copy(camera.position).add(new Vector3().setFromMatrixColumn(camera.matrix, 1).multiplyScalar(radius));
      renderer.render(scene, camera);
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
    show: ({ positions, indices, up }) => {
      clear(parts);
      const shared = new BufferGeometry();
      shared.setAttribute('position', new BufferAttribute(positions, 3));
      shared.setIndex(new BufferAttribute(indices, 1));
      const loose = shared.toNonIndexed();
      loose.setAttribute('color', new BufferAttribute(new Uint8Array(indices.length * 3).fill(200), 3, true));
      loose.computeBoundingSphere();
      const sphere = loose.boundingSphere;
      radius = sphere?.radius ?? 1;
      body = new Mesh(loose, material);
      parts.add(body);
      if (indices.length / 3 <= EDGES_UP_TO) parts.add(new LineSegments(new EdgesGeometry(shared, EDGE_DEGREES), lines));
      camera.up.set(...up);
      camera.near = radius / 50;
      camera.far = radius * 20;
      camera.updateProjectionMatrix();
      controls.minDistance = radius * 1.1;
      controls.maxDistance = radius * 8;
      if (sphere) controls.target.copy(sphere.center);
      look('front');
    },
    paint: (colours) => {
      const attribute = body?.geometry.getAttribute('color');
      if (!(attribute instanceof BufferAttribute)) return;
      const target = attribute.array;
      for (let facet = 0; facet * 9 < target.length; facet += 1)
        for (let corner = 0; corner < 3; corner += 1)
          for (let channel = 0; channel < 3; channel += 1) target[facet * 9 + corner * 3 + channel] = colours[facet * 3 + channel] ?? 0;
      attribute.needsUpdate = true;
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
    hit: (x, y) => {
      if (!body) return null;
      const ray = new Raycaster();
      ray.setFromCamera(new Vector2(x, y), camera);
      const [first] = ray.intersectObject(body);
      if (!first || first.faceIndex === null || first.faceIndex === undefined) return null;
      const { x: px, y: py, z: pz } = first.point;
      return { facet: first.faceIndex, place: [px, py, pz] };
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
