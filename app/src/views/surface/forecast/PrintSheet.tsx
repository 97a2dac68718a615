import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { useState } from 'react';
import { changeMeasures } from '../../../data/changes/prop/partChanges';
import type { HeatId } from '../../../workers/mesh/heat';
import { findHeat, HEATS } from '../../../workers/mesh/heat';
import type { MeshHit } from '../../../workers/mesh/meshApi';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { useFormats } from '../../../features/formats/useFormats';
import { DirectionPanel } from './DirectionPanel';
import { HeatLegend } from '../mesh/HeatLegend';
import { MeshCanvas } from '../mesh/MeshCanvas';
import { MeshFacts } from '../mesh/MeshFacts';
import { MeshFiles } from '../mesh/MeshFiles';
import { useMeshHit, useMeshShown } from '../mesh/useMeshShown';
import { ShapeFields } from './ShapeFields';
import { useHeatValues } from '../mesh/useHeatValues';
import type { Surface } from '../gathered/useSurface';
import { ZoneTable } from './ZoneTable';

const NO_PINS: readonly never[] = [];

/** What the printer left: the mesh by heat, or size and shape, with zones in figures. */
export function PrintSheet({ surface }: { readonly surface: Surface }) {
  const { part, mesh, shape } = surface;
  const formats = useFormats();
  const { isPrinted } = findMaterial(part.materialId);
  const [heatId, setHeatId] = useState<HeatId>('ridges');
  const [hit, setHit] = useState<MeshHit | null>(null);
  const { opened, reference } = mesh;
  const heat = findHeat(heatId);
  const values = useHeatValues(mesh, heatId);
  const drawing = useMeshShown(mesh);
  const hitBy = useMeshHit(mesh);
  const survey = opened?.survey;
  const area = (survey?.areaSquareMillimetres ?? shape?.areaSquareMillimetres ?? 0) / 100;
  return (
    <Sheet className="min-w-0 p-4" label="As printed">
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="label">{isPrinted ? `${heat.name}, as printed` : 'Size and shape'}</h2>
        <span className="figure text-dim text-sm">
          {[area > 0 ? formats.area(area) : '', isPrinted ? `${part.layerMillimetres} mm` : ''].filter((words) => words !== '').join(' · ')}
        </span>
      </div>
      {mesh.isReading && !opened && (
        <p role="status" className="mb-2">
          Reading the mesh…{' '}
          <Button look="quiet" onClick={mesh.stop}>
            Stop
          </Button>
        </p>
      )}
      {reference && !mesh.isReading && !opened && !mesh.problem && (
        <p className="mb-2">
          {reference.name} was not read. <Button onClick={mesh.readAgain}>Read it</Button>
        </p>
      )}
      {mesh.problem && (
        <p role="alert" className="text-oxide mb-2">
          {reference?.name} gives nothing: {mesh.problem}. It is kept as it is.
        </p>
      )}
      {drawing && survey && (
        <>
          <MeshCanvas
            drawing={drawing}
            colours={values.colours}
            pins={NO_PINS}
            label={`${part.name} by ${heat.name.toLowerCase()}`}
            onLook={(look) => void hitBy(look).then(setHit)}
            height={300}
          />
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <select
              aria-label="Paint it by"
              className="field w-auto"
              value={heatId}
              onChange={(event) => setHeatId(event.target.value as HeatId)}
            >
              {HEATS.map((entry) => (
                <option key={entry.id} value={entry.id}>
                  {entry.name}
                </option>
              ))}
            </select>
            {values.progress !== null && (
              <span role="status" className="flex items-center gap-2 text-sm">
                <progress className="accent-edge" value={values.progress} aria-label={`${heat.name}, how far`} />{' '}
                {Math.round(values.progress * 100)} %
                <Button look="quiet" className="text-sm" onClick={values.stop}>
                  Stop
                </Button>
              </span>
            )}
            {values.progress === null && !values.values && <Button onClick={values.again}>Reckon it</Button>}
          </div>
          <HeatLegend heat={heat} note={values.note} />
          <HitFacts surface={surface} hit={hit} values={values.values} heatId={heatId} />
        </>
      )}
      {survey && isPrinted && <ZoneTable zoneSums={survey.ridges.zoneSums} />}
      {!reference && (
        <>
          <ShapeFields part={part} />
          {shape && isPrinted && <ZoneTable zoneSums={shape.zoneSums} />}
        </>
      )}
      <TakeOver surface={surface} area={area} />
      {survey && reference && (
        <>
          <DirectionPanel surface={surface} reference={reference} />
          <MeshFacts survey={survey} grooves={mesh.grooves} />
        </>
      )}
      <MeshFiles part={part} reference={reference} doubtedUnit={survey?.doubtedUnit ?? null} />
    </Sheet>
  );
}

/** What is known of the facet that was pointed at. */
function HitFacts({
  surface,
  hit,
  values,
  heatId,
}: {
  readonly surface: Surface;
  readonly hit: MeshHit | null;
  readonly values: Float32Array | null;
  readonly heatId: HeatId;
}) {
  const formats = useFormats();
  const ridges = surface.mesh.opened?.survey.ridges;
  if (!hit || !ridges) return <p className="text-dim mt-1 text-sm">Point at the part to read a place.</p>;
  const value = values?.[hit.facet];
  const other =
    value === undefined || heatId === 'ridges'
      ? ''
      : heatId === 'recess'
        ? `, ${Math.round(value * 100)} % covered`
        : Number.isFinite(value)
          ? `, wall ${formats.length(value, 1)}`
          : ', no wall behind';
  return (
    <p className="figure mt-1 text-sm" role="status">
      there: {formats.film(ridges.ridges[hit.facet] ?? 0)} ridge{other}
    </p>
  );
}

/** Area and ridges of the mesh or shape, to be kept with the part. */
function TakeOver({ surface, area }: { readonly surface: Surface; readonly area: number }) {
  const { part, mesh, shape } = surface;
  const edit = useEdit();
  const formats = useFormats();
  const { isPrinted } = findMaterial(part.materialId);
  const ridge = mesh.opened?.survey.ridges.p95Micrometres ?? shape?.p95Micrometres ?? null;
  if (ridge === null || area <= 0) return null;
  const wanted = {
    areaSquareCentimetres: Math.round(area * 10) / 10,
    ridgeMicrometres: isPrinted ? Math.round(ridge) : null,
  };
  const isSame = Math.abs(part.areaSquareCentimetres - area) < 0.02 * area && part.ridgeMicrometres === wanted.ridgeMicrometres;
  if (isSame) return <p className="text-dim mt-2 text-sm">The part reckons with these figures.</p>;
  return (
    <div className="border-line mt-2 border-t pt-2">
      <p className="text-sm">
        The part reckons with {formats.area(part.areaSquareCentimetres)}
        {isPrinted && ` and ${part.ridgeMicrometres === null ? 'ridges by its layer' : `ridges of ${formats.film(part.ridgeMicrometres)}`}`}
        ; this says {formats.area(area)}
        {isPrinted && ` and ${formats.film(ridge)}`}. The method’s minutes of its rungs go with the surface.
      </p>
      <Button
        className="mt-1"
        onClick={() => void edit(`Take over what ${part.name} measures`, (change) => changeMeasures(change, part, wanted))}
      >
        Take these over
      </Button>
    </div>
  );
}
