import { findMaterial, MATERIALS } from '@zinc-ladder/core/ladder/materials';
import type { ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { SHAPES } from '@zinc-ladder/core/surface/measure/shapes';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { UseFormReturn } from 'react-hook-form';
import { useWatch } from 'react-hook-form';
import type { PartFields } from '../../data/changes/prop/partChanges';
import { MeshTrialField } from '../../features/meshPick/MeshTrialField';
import { nameOfFile } from '../../features/meshPick/nameOfFile';
import type { MeshPick } from '../../features/meshPick/useMeshTrial';
import { finishOptions, isSmoothed, ROUTE_OPTIONS, smoothingOptions } from '../../features/rung/routeOptions';
import { Labelled, SelectField } from '../../ui/fields/fields';
import type { TrialNumber } from '../../ui/fields/NumberBox';
import { NumberBox } from '../../ui/fields/NumberBox';
import type { StartAnswers } from './startAnswers';
import { partToGrow } from './startAnswers';

const SIDES = ['Length, mm', 'Breadth, mm', 'Height, mm'] as const;

/** What is asked of the first part: its name, what it is made of, how large it is, and what it is to look like. */
export function FirstPartFields({
  form,
  part,
  route,
  mesh,
}: {
  readonly form: UseFormReturn<StartAnswers>;
  /** as the answers so far make it */
  readonly part: PartFields;
  readonly route: LadderRoute;
  readonly mesh: MeshPick;
}) {
  const { control, register, setValue } = form;
  const { materialId, shapeId, count, layer, sides } = useWatch({ control }) as StartAnswers;
  const typed = (name: 'count' | 'layer', text: string): TrialNumber => ({ text, set: (next) => setValue(name, next) });
  const side = (at: number): TrialNumber => ({
    text: sides[at] ?? '',
    set: (next) => setValue('sides', sides.with(at, next)),
  });
  const setRoute = (fields: Partial<LadderRoute>): void => setValue('route', { ...route, ...fields });
  return (
    <>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <Labelled label="Part">
          {({ id }) => (
            <input
              id={id}
              className="field"
              maxLength={200}
              placeholder={mesh.trial ? nameOfFile(mesh.trial.file.name) : 'the bell'}
              {...register('partName')}
            />
          )}
        </Labelled>
        <NumberBox label="Pieces" trial={typed('count', count)} min={1} max={500} isWhole />
      </div>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <SelectField
          label="Made of"
          value={materialId}
          options={ROUTE_OPTIONS.material}
          onChange={(id) => {
            const found = MATERIALS.find((entry) => entry.id === id);
            if (!found) return;
            setValue('materialId', found.id);
            setValue('layer', String(found.usualLayerMillimetres));
            setValue('route', null);
          }}
        />
        {findMaterial(materialId).isPrinted && <NumberBox label="Layer, mm" isMetric trial={typed('layer', layer)} min={0} max={1} />}
      </div>
      <MeshTrialField mesh={mesh} />
      {!mesh.trial && (
        <div className="grid grid-cols-[1.5fr_1fr_1fr_1fr] gap-2">
          <SelectField
            label="Or near to a"
            value={shapeId}
            options={SHAPES.map(({ id, name }) => [id, name] as const)}
            onChange={(id) => setValue('shapeId', id as ShapeId)}
          />
          {SIDES.map((label, at) => (
            <NumberBox key={label} label={label} trial={side(at)} min={0.1} max={5000} />
          ))}
        </div>
      )}
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="To look like"
          value={route.finish}
          options={finishOptions(materialId, route.finish)}
          onChange={(finish) => setRoute({ finish: finish as LadderRoute['finish'] })}
        />
        {isSmoothed({ materialId }, route) && (
          <SelectField
            label="Smoothed by"
            value={route.smoothing}
            options={smoothingOptions(partToGrow(part), route)}
            onChange={(smoothing) => setRoute({ smoothing: smoothing as LadderRoute['smoothing'] })}
          />
        )}
      </div>
    </>
  );
}
