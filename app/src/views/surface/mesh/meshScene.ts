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
  Scene,
  Sphere,
  Sprite,
  SpriteMaterial,
  SRGBColorSpace,
  Vector3,
  WebGLRenderer,
} from 'three';
import type { MeshDrawing } from '@zinc-ladder/core/surface/drawing/meshDrawing';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { Turntable } from '../../../ui/turntable/turntable';
import { drawForPaper } from '../../../ui/turntable/drawForPaper';
import { createTurntable } from '../../../ui/turntable/turntable';

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

/** A scene in a canvas. Draws only when something changed. */
export interface MeshScene extends Pick<Turntable, 'look' | 'turn' | 'resize' | 'lookThrough' | 'dispose'> {
  readonly show: (drawing: MeshShown) => void;
  /** red, green, blue of each corner, 0–255 in linear light: `paintCorners` */
  readonly paint: (colours: Uint8Array) => void;
  readonly pin: (pins: readonly MeshPin[], ink: string, ground: string, warning: string) => void;
}

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
  const render = (): void => {
    lamp.position.copy(camera.position).add(new Vector3().setFromMatrixColumn(camera.matrix, 1).multiplyScalar(radius));
    renderer.render(scene, camera);
  };
  const draw = (): void => {
    frame ||= requestAnimationFrame(() => {
      frame = 0;
      const next = pieces.find((piece) => !piece.visible);
      if (next) next.visible = true;
      render();
      if (next) draw();
    });
  };
  const turntable = createTurntable(canvas, renderer, draw);
  const { camera } = turntable;
  const leavePaper = drawForPaper(render);
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
      turntable.put(middle, radius, up);
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
        sprite.position.copy(point).addScaledVector(point.clone().sub(turntable.target).normalize(), radius * 0.06);
        sprite.scale.setScalar(radius * 0.15);
        pinGroup.add(sprite);
      }
      draw();
    },
    look: turntable.look,
    turn: turntable.turn,
    resize: turntable.resize,
    lookThrough: turntable.lookThrough,
    dispose: () => {
      cancelAnimationFrame(frame);
      leavePaper();
      clear(parts);
      clear(pinGroup);
      turntable.dispose();
      material.dispose();
      lines.dispose();
      renderer.dispose();
    },
  };
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
