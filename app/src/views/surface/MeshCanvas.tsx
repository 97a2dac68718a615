import type { KeyboardEvent, PointerEvent } from 'react';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import type { MeshLook, MeshSide } from '../../ui/turntable';
import type { MeshPin, MeshScene, MeshShown } from './meshScene';

const SIDES: readonly (readonly [MeshSide, string])[] = [
  ['front', 'Front'],
  ['side', 'Side'],
  ['top', 'Top'],
  ['under', 'Under'],
];
const STEP = 0.15;
/** Keys turn and zoom: `[round, up, nearer]`. */
const KEYS: Readonly<Record<string, readonly [number, number, number]>> = {
  ArrowLeft: [-STEP, 0, 1],
  ArrowRight: [STEP, 0, 1],
  ArrowUp: [0, -STEP, 1],
  ArrowDown: [0, STEP, 1],
  '+': [0, 0, 0.9],
  '-': [0, 0, 1.1],
};
/** A pointer that moved further than this turned the part; it did not point at it, px. */
const CLICK_PX = 5;

/** A mesh to be turned, painted facet by facet, with pins on it. */
export function MeshCanvas({
  drawing,
  colours,
  pins,
  label,
  onLook,
  height,
}: {
  readonly drawing: MeshShown;
  readonly colours: Uint8Array | null;
  readonly pins: readonly MeshPin[];
  readonly label: string;
  /** the part was pointed at: the look through that point */
  readonly onLook?: (look: MeshLook) => void;
  readonly height: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const [scene, setScene] = useState<MeshScene | null>(null);
  const [isRefused, setRefused] = useState(false);
  const downAt = useRef<readonly [number, number]>([0, 0]);
  useEffect(() => {
    let isOver = false;
    let made: MeshScene | null = null;
    void import('./meshScene').then(({ createMeshScene }) => {
      if (isOver || !canvas.current) return;
      try {
        made = createMeshScene(canvas.current);
        setScene(made);
      } catch {
        setRefused(true);
      }
    });
    return () => {
      isOver = true;
      made?.dispose();
    };
  }, []);
  useEffect(() => {
    const element = box.current;
    if (!scene || !element) return undefined;
    const fit = (): void => scene.resize(Math.max(50, element.clientWidth), Math.max(50, element.clientHeight));
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(element);
    return () => observer.disconnect();
  }, [scene]);
  useEffect(() => scene?.show(drawing), [scene, drawing]);
  useEffect(() => {
    if (colours) scene?.paint(colours);
  }, [scene, drawing, colours]);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const read = (name: string): string => style.getPropertyValue(name).trim();
    scene?.pin(pins, read('--color-ink'), read('--color-sheet'), read('--color-oxide'));
  }, [scene, drawing, pins]);
  const onKey = (event: KeyboardEvent): void => {
    const step = KEYS[event.key];
    if (!step || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    scene?.turn(...step);
  };
  const point = (event: PointerEvent): void => {
    const [x, y] = downAt.current;
    if (!onLook || !scene || Math.hypot(event.clientX - x, event.clientY - y) > CLICK_PX) return;
    const bounds = event.currentTarget.getBoundingClientRect();
    onLook(
      scene.lookThrough(((event.clientX - bounds.left) / bounds.width) * 2 - 1, 1 - ((event.clientY - bounds.top) / bounds.height) * 2),
    );
  };
  if (isRefused)
    return (
      <p className="text-dim border-line border p-3">This browser draws no meshes (WebGL is off). The table says the same in figures.</p>
    );
  return (
    <div>
      <div ref={box} style={{ height }} className="border-line bg-band border">
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-roledescription="part to be turned"
          aria-label={`${label}. Arrow keys turn it, plus and minus come nearer and go away.`}
          className="block h-full w-full touch-none"
          onKeyDown={onKey}
          onPointerDown={(event) => (downAt.current = [event.clientX, event.clientY])}
          onPointerUp={point}
        />
      </div>
      <div className="mt-1.5 flex flex-wrap gap-1" role="group" aria-label="Look from">
        {SIDES.map(([side, name]) => (
          <Button key={side} look="quiet" className="px-2 text-sm" onClick={() => scene?.look(side)}>
            {name}
          </Button>
        ))}
        <Button look="quiet" className="px-2 text-sm" aria-label="Nearer" onClick={() => scene?.turn(0, 0, 0.85)}>
          +
        </Button>
        <Button look="quiet" className="px-2 text-sm" aria-label="Farther" onClick={() => scene?.turn(0, 0, 1.18)}>
          −
        </Button>
      </div>
    </div>
  );
}
