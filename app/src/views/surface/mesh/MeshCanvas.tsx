import { useEffect, useState } from 'react';
import type { MeshLook } from '../../../ui/turntable/turntable';
import { TurntableFrame } from '../../../ui/turntable/TurntableFrame';
import type { MeshPin, MeshScene, MeshShown } from './meshScene';

const load = () => import('./meshScene').then(({ createMeshScene }) => createMeshScene);

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
  const [scene, setScene] = useState<MeshScene | null>(null);
  useEffect(() => scene?.show(drawing), [scene, drawing]);
  useEffect(() => {
    if (colours) scene?.paint(colours);
  }, [scene, drawing, colours]);
  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const read = (name: string): string => style.getPropertyValue(name).trim();
    scene?.pin(pins, read('--color-ink'), read('--color-sheet'), read('--color-oxide'));
  }, [scene, drawing, pins]);
  return (
    <TurntableFrame
      load={load}
      onScene={setScene}
      label={label}
      onLook={onLook ?? null}
      height={height}
      ground="band"
      refused="This browser draws no meshes (WebGL is off). The table says the same in figures."
    />
  );
}
