import type { WebGLRenderer } from 'three';
import { Group, PerspectiveCamera, Raycaster, Spherical, Vector2, Vector3 } from 'three';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

/** A look through a point of the picture. */
export interface MeshLook {
  readonly from: Vector;
  readonly towards: Vector;
}

/** Ways to look at a part. */
export type MeshSide = 'front' | 'side' | 'top' | 'under';

/** A camera that goes round one thing. */
export interface Turntable {
  readonly camera: PerspectiveCamera;
  /** the middle of what is looked at */
  readonly target: Vector3;
  /** puts a thing of that size on it, and looks at it from the front */
  readonly put: (middle: Vector3, radius: number, up: Vector) => void;
  readonly look: (side: MeshSide) => void;
  /** turns by radians round the upright and up or down, and comes nearer by a factor */
  readonly turn: (round: number, up: number, nearer: number) => void;
  readonly resize: (width: number, height: number) => void;
  /** the look through a point, −1 … 1 from the left and from below */
  readonly lookThrough: (x: number, y: number) => MeshLook;
  readonly dispose: () => void;
}

const LEAST_POLAR = 0.02;

/**
 * A camera that pointers and keys lead round a thing.
 *
 * @param onChange it moved: draw
 */
export function createTurntable(canvas: HTMLCanvasElement, renderer: WebGLRenderer, onChange: () => void): Turntable {
  const camera = new PerspectiveCamera(32, 1, 0.1, 10_000);
  const controls = new OrbitControls(camera, canvas);
  controls.enableDamping = false;
  controls.enablePan = false;
  controls.addEventListener('change', onChange);
  let radius = 1;
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
    onChange();
  };
  return {
    camera,
    target: controls.target,
    put: (middle, size, up) => {
      radius = size;
      camera.up.set(...up);
      camera.near = radius / 50;
      camera.far = radius * 20;
      camera.updateProjectionMatrix();
      controls.minDistance = radius * 1.1;
      controls.maxDistance = radius * 8;
      controls.target.copy(middle);
      look('front');
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
      onChange();
    },
    resize: (width, height) => {
      renderer.setSize(width, height, false);
      camera.aspect = width / height;
      camera.updateProjectionMatrix();
      onChange();
    },
    lookThrough: (x, y) => {
      const ray = new Raycaster();
      ray.setFromCamera(new Vector2(x, y), camera);
      const { origin, direction } = ray.ray;
      return { from: [origin.x, origin.y, origin.z], towards: [direction.x, direction.y, direction.z] };
    },
    dispose: () => controls.dispose(),
  };
}

function quaternionBetween(from: Vector3, to: Vector3) {
  const group = new Group();
  group.quaternion.setFromUnitVectors(from.clone().normalize(), to.clone().normalize());
  return group.quaternion;
}
