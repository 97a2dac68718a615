import type { KeyboardEvent, PointerEvent, ReactNode } from 'react';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../Button';
import type { MeshLook, MeshSide, Turntable } from './turntable';

const SIDES: readonly (readonly [MeshSide, string])[] = [
  ['front', 'Front'],
  ['side', 'Side'],
  ['top', 'Top'],
  ['under', 'Under'],
];
const STEP = 0.15;
/** Keys turn and come nearer: `[round, up, nearer]`. */
const KEYS: Readonly<Record<string, readonly [number, number, number]>> = {
  ArrowLeft: [-STEP, 0, 1],
  ArrowRight: [STEP, 0, 1],
  ArrowUp: [0, -STEP, 1],
  ArrowDown: [0, STEP, 1],
  '+': [0, 0, 0.9],
  '-': [0, 0, 1.1],
};
/** Distance in px beyond which a press counts as turning the part instead of pointing at it. */
const CLICK_PX = 5;

/** A scene that is looked at from all sides. */
export type TurnedScene = Pick<Turntable, 'look' | 'turn' | 'resize' | 'lookThrough' | 'dispose'>;

/** A canvas with a part to be turned by pointer, keys and buttons; pointing at it gives the look through that point. */
export function TurntableFrame<Scene extends TurnedScene>({
  load,
  onScene,
  label,
  onLook = null,
  height,
  ground,
  blurPixels = 0,
  refused,
}: {
  /** brings the scene's program and makes it in the canvas; throws where the browser cannot draw it. The same function at every drawing. */
  readonly load: () => Promise<(canvas: HTMLCanvasElement) => Scene>;
  readonly onScene: (scene: Scene) => void;
  readonly label: string;
  readonly onLook?: ((look: MeshLook) => void) | null;
  readonly height: number;
  readonly ground: 'band' | 'ground';
  readonly blurPixels?: number;
  /** what stands there where nothing can be drawn */
  readonly refused: ReactNode;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const [scene, setScene] = useState<Scene | null>(null);
  const [isRefused, setRefused] = useState(false);
  const downAt = useRef<readonly [number, number]>([0, 0]);
  const tell = useRef(onScene);
  useEffect(() => {
    let isOver = false;
    let made: Scene | null = null;
    void load().then((create) => {
      if (isOver || !canvas.current) return;
      try {
        made = create(canvas.current);
        setScene(() => made);
        tell.current(made);
      } catch {
        setRefused(true);
      }
    });
    return () => {
      isOver = true;
      made?.dispose();
    };
  }, [load]);
  useEffect(() => {
    const element = box.current;
    if (!scene || !element) return undefined;
    const fit = (): void => scene.resize(Math.max(50, element.clientWidth), Math.max(50, element.clientHeight));
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(element);
    return () => observer.disconnect();
  }, [scene]);
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
  if (isRefused) return <p className="text-dim border-line border p-3">{refused}</p>;
  return (
    <div>
      <div ref={box} style={{ height }} className={`border-line overflow-hidden border ${ground === 'band' ? 'bg-band' : 'bg-ground'}`}>
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-roledescription="part to be turned"
          aria-label={`${label}. Arrow keys turn it, plus and minus come nearer and go away.`}
          className="block h-full w-full touch-none"
          style={blurPixels > 0.2 ? { filter: `blur(${blurPixels.toFixed(2)}px)` } : undefined}
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
