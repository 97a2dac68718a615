import { boxSize } from '@zinc-ladder/core/surface/mesh/facetGeometry';
import type { Groove } from '@zinc-ladder/core/surface/measure/grooves';
import type { MeshSurvey } from '@zinc-ladder/core/surface/measure/surveyMesh';
import { Figure, Figures } from '../../../ui/Figure';
import { useFormats } from '../../../features/formats/useFormats';

/** What a mesh is: size, edges, grooves, and what is wrong with it. */
export function MeshFacts({ survey, grooves }: { readonly survey: MeshSurvey; readonly grooves: readonly Groove[] | null }) {
  const formats = useFormats();
  const size = boxSize(survey.boundingBox).map((side) => Math.round(side * 10) / 10);
  return (
    <div className="mt-3 grid gap-2">
      <Figures columns={2}>
        <Figure label="Size" value={formats.size(size)} isWide />
        <Figure
          label="Volume"
          value={survey.volumeCubicMillimetres === null ? 'not closed' : formats.solid(survey.volumeCubicMillimetres)}
          reason={{
            formula: 'Σ signed tetrahedra over all facets',
            inputs: [['facets', String(survey.facets)]],
            source: 'divergence theorem; trusted only where the mesh is closed',
          }}
        />
        <Figure label="Shells" value={String(survey.shells)} />
        <Figure label="Edges that stand out" value={formats.length(survey.sharp.convexMillimetres)} />
        <Figure label="Edges in corners" value={formats.length(survey.sharp.concaveMillimetres)} />
      </Figures>
      {grooves && grooves.length > 0 && (
        <div>
          <h3 className="label">Narrow grooves</h3>
          <ul className="figure text-sm">
            {grooves.slice(0, 6).map((groove) => (
              <li key={groove.facet}>
                {formats.lengths([groove.widthMillimetres, groove.depthMillimetres], 2)}, {formats.length(groove.lengthMillimetres)} long
              </li>
            ))}
            {grooves.length > 6 && <li className="text-dim">and {grooves.length - 6} wider ones</li>}
          </ul>
        </div>
      )}
      {survey.complaints.length > 0 && (
        <div>
          <h3 className="label text-oxide">What is wrong with the mesh</h3>
          <ul className="text-sm">
            {survey.complaints.map((complaint) => (
              <li key={complaint.message}>{complaint.message}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
