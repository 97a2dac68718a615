import type { KeyboardEvent, PointerEvent } from 'react';
import { useEffect, useRef, useState } from 'react';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import type { OpenedSurface } from '../../engine/weatherDesk';
import { Button } from '../../ui/Button';
import type { MeshLook, MeshSide } from '../../ui/turntable';
import type { SceneSetting, WeatherScene } from './weatherScene';

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
/** A pointer that moved further than this turned the part; it did not point at it, px. */
const CLICK_PX = 5;

/** The part as it would look, to be turned; a press on it points at a place where pins are set. */
export function WeatherCanvas({
  surface,
  up,
  passes,
  base,
  mirrored,
  setting,
  label,
  blurPixels,
  onLook,
}: {
  readonly surface: OpenedSurface;
  readonly up: Vector;
  readonly passes: readonly RehearsedPass[];
  readonly base: Lab;
  readonly mirrored: number;
  readonly setting: SceneSetting;
  readonly label: string;
  /** as the eye blurs it from where the prop is seen; 0: as close as a picture */
  readonly blurPixels: number;
  readonly onLook: ((look: MeshLook) => void) | null;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const box = useRef<HTMLDivElement>(null);
  const [scene, setScene] = useState<WeatherScene | null>(null);
  const [isRefused, setRefused] = useState(false);
  const downAt = useRef<readonly [number, number]>([0, 0]);
  useEffect(() => {
    let isOver = false;
    let made: WeatherScene | null = null;
    void import('./weatherScene').then(({ createWeatherScene }) => {
      if (isOver || !canvas.current) return;
      try {
        made = createWeatherScene(canvas.current);
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
  useEffect(() => scene?.show(surface, up), [scene, surface, up]);
  useEffect(() => scene?.rehearse(passes, base, mirrored), [scene, passes, base, mirrored]);
  useEffect(() => scene?.set(setting), [scene, setting]);
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
      <p className="text-dim border-line border p-3">This browser draws no parts (WebGL 2 is off). The figures hold without the picture.</p>
    );
  return (
    <div>
      <div ref={box} className="border-line bg-ground h-[26rem] overflow-hidden border">
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-roledescription="part to be turned"
          aria-label={`${label}. Arrow keys turn it, plus and minus come nearer and go away.`}
          className={`block h-full w-full touch-none ${onLook ? 'cursor-crosshair' : ''}`}
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
