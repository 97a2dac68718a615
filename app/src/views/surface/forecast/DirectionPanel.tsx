import type { DirectionScore, DirectionSearch } from '@zinc-ladder/core/surface/measure/printDirection';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import { HIDDEN_SIDES } from '@zinc-ladder/model/records/prop/meshReference';
import { useState } from 'react';
import { useStore } from '../../../data/StoreContext';
import { useEdit } from '../../../features/edit/useEdit';
import { useBackgroundJob } from '../../../features/notices/useBackgroundJob';
import { Button } from '../../../ui/Button';
import { SelectField } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';
import { askAgain } from '../../../workers/mesh/askMesh';
import { hiddenDirection } from '../mesh/usePartMesh';
import type { Surface } from '../gathered/useSurface';

const SIDE_NAMES: Readonly<Record<MeshReference['hiddenSide'], string>> = {
  none: 'nothing',
  '-z': 'its underside (−z)',
  '+z': 'its top (+z)',
  '-y': 'its front (−y)',
  '+y': 'its back (+y)',
  '-x': 'its left (−x)',
  '+x': 'its right (+x)',
};

const AXES: readonly (readonly [name: string, up: readonly number[]])[] = [
  ['+z', [0, 0, 1]],
  ['−z', [0, 0, -1]],
  ['+y', [0, 1, 0]],
  ['−y', [0, -1, 0]],
  ['+x', [1, 0, 0]],
  ['−x', [-1, 0, 0]],
];

/** Searches for a direction in which the part would have come out smoother. */
export function DirectionPanel({ surface, reference }: { readonly surface: Surface; readonly reference: MeshReference }) {
  const { db } = useStore();
  const edit = useEdit();
  const formats = useFormats();
  const job = useBackgroundJob();
  const [found, setFound] = useState<{ readonly revision: number; readonly search: DirectionSearch } | null>(null);
  const { ask } = surface.mesh;
  const search = found?.revision === reference.revision ? found.search : null;
  const run = (): void =>
    void job.run(async () => {
      if (!ask) return;
      const answer = await askAgain(db, ask, (desk) => desk.directions(ask, hiddenDirection(reference.hiddenSide)));
      if (answer) setFound({ revision: reference.revision, search: answer });
    });
  const patch = (what: string, fields: Partial<MeshReference>): void =>
    void edit(`Change ${what} of ${reference.name}`, (change) => change.patch('meshes', reference.id, fields, reference));
  return (
    <div className="border-line mt-3 grid gap-2 border-t pt-3">
      <h3 className="label">Print direction</h3>
      <SelectField
        label="Layers were stacked towards"
        value={AXES.find(([, up]) => up.every((value, at) => value === reference.up[at]))?.[0] ?? ''}
        options={[
          ...AXES.map(([name]) => [name, name] as const),
          ...(AXES.some(([, up]) => up.join() === reference.up.join()) ? [] : [['', words(reference.up)] as const]),
        ]}
        onChange={(name) => {
          const axis = AXES.find(([entry]) => entry === name);
          if (axis) patch('the print direction', { up: [...axis[1]] });
        }}
      />
      <SelectField
        label="Nobody sees"
        value={reference.hiddenSide}
        options={HIDDEN_SIDES.map((side) => [side, SIDE_NAMES[side]] as const)}
        onChange={(side) => patch('what is hidden', { hiddenSide: HIDDEN_SIDES.find((entry) => entry === side) ?? 'none' })}
      />
      <div>
        <Button onClick={run} disabled={job.isRunning}>
          {job.isRunning ? 'Searching…' : 'Look for a better direction'}
        </Button>
      </div>
      {search && (
        <div role="status">
          <p className="text-sm">
            As it is: {score(search.present, formats)}. {search.better.length === 0 && `None of ${search.tried} directions is better.`}
          </p>
          <ul className="grid gap-1">
            {search.better.map((better) => (
              <li key={better.up.join()} className="flex items-center justify-between gap-3 text-sm">
                <span>
                  {words(better.up)} up: {score(better, formats)}
                </span>
                <Button
                  className="shrink-0"
                  onClick={() =>
                    patch('the print direction', { up: better.up.map((value) => Math.max(-1, Math.min(1, Math.round(value * 1e6) / 1e6))) })
                  }
                >
                  Reckon with it
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}

function score({ seenMicrometres, supportSquareMillimetres }: DirectionScore, formats: ReturnType<typeof useFormats>): string {
  const held = supportSquareMillimetres / 100;
  return `${formats.film(seenMicrometres)} on the mean over what is seen, ${held < 0.5 ? 'nothing' : formats.area(held)} held up by supports`;
}

/** `+z`, or the lean from z and where to. */
function words(up: readonly number[]): string {
  const names = ['x', 'y', 'z'] as const;
  const axis = names.findIndex((_, at) => Math.abs(up[at] ?? 0) > 0.9999);
  const name = names[axis];
  if (name) return `${(up[axis] ?? 0) > 0 ? '+' : '−'}${name}`;
  const [x = 0, y = 0, z = 1] = up;
  const lean = Math.round((Math.acos(Math.max(-1, Math.min(1, z))) * 180) / Math.PI);
  const towards = Math.round((Math.atan2(y, x) * 180) / Math.PI);
  return `leaning ${lean}° from +z towards ${towards}° (x is 0°)`;
}
