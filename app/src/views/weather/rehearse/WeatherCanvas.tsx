import { useEffect, useState } from 'react';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import type { OpenedSurface } from '../../../workers/weather/weatherApi';
import type { MeshLook } from '../../../ui/turntable/turntable';
import { TurntableFrame } from '../../../ui/turntable/TurntableFrame';
import type { SceneSetting, WeatherScene } from './weatherScene';

const load = () => import('./weatherScene').then(({ createWeatherScene }) => createWeatherScene);
const HEIGHT = 416;

/** The part as it would look, to be turned; a press on it points at a place where pins are set. */
export function WeatherCanvas({
  surface,
  up,
  passes,
  bases,
  metals,
  mirrored,
  setting,
  label,
  blurPixels,
  onLook,
}: {
  readonly surface: OpenedSurface;
  readonly up: Vector;
  readonly passes: readonly RehearsedPass[];
  /** where no region of another colour is, then in each */
  readonly bases: readonly Lab[];
  /** which of those are metal paints, a bit each */
  readonly metals: number;
  readonly mirrored: number;
  readonly setting: SceneSetting;
  readonly label: string;
  /** as the eye blurs it from where the prop is seen; 0: as close as a picture */
  readonly blurPixels: number;
  readonly onLook: ((look: MeshLook) => void) | null;
}) {
  const [scene, setScene] = useState<WeatherScene | null>(null);
  useEffect(() => scene?.show(surface, up), [scene, surface, up]);
  useEffect(() => scene?.rehearse(passes, bases, metals, mirrored), [scene, passes, bases, metals, mirrored]);
  useEffect(() => scene?.set(setting), [scene, setting]);
  return (
    <TurntableFrame
      load={load}
      onScene={setScene}
      label={label}
      onLook={onLook}
      height={HEIGHT}
      ground="ground"
      blurPixels={blurPixels}
      refused="This browser draws no parts (WebGL 2 is off). The figures hold without the picture."
    />
  );
}
