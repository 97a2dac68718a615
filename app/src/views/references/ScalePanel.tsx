import { measuresAfterScaling } from '@zinc-ladder/core/reference/scaleFactor';
import { printHoursOf } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useTable } from '../../data/queries';
import { useFormats } from '../../features/formats/useFormats';
import { formatSpan } from '../../base/formats';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';
import type { MeasuredProp } from '../../features/pictures/useMeasured';

/** By how much the meshes of a prop must be scaled to be as large as its pictures tell, and what that does to its parts. */
export function ScalePanel({ propId, measured: { factor, dimensions } }: { readonly propId: string; readonly measured: MeasuredProp }) {
  const formats = useFormats();
  const parts = useTable('parts')
    .filter((part) => part.propId === propId)
    .toSorted((a, b) => a.position - b.position);
  const percent = (value: number): string => `${(value * 100).toFixed(1)} %`;
  return (
    <Sheet className="grid content-start gap-3 p-4" label="Scale">
      <h2 className="font-label text-xl font-semibold">Scale</h2>
      {!factor && <p className="text-dim">Enter beside a dimension how long it is on the mesh: the factor follows.</p>}
      {factor && (
        <>
          <p>
            Scale the mesh to{' '}
            <span className="figure text-lg">
              <Why
                name="the scale"
                reason={{
                  formula: 'weighted mean of ln(length by pictures ÷ length on the mesh), 90 % interval',
                  inputs: [['dimensions on both', String(dimensions.filter(({ meshMillimetres }) => meshMillimetres !== null).length)]],
                  source: 'each dimension as a reading of one factor',
                }}
              >
                {percent(factor.factor)}
              </Why>
            </span>{' '}
            <span className="figure">
              ({percent(factor.low)} to {percent(factor.high)})
            </span>
            .
          </p>
          {factor.low <= 1 && 1 <= factor.high && <p>As it is, it is as large as the pictures can tell.</p>}
          {dimensions
            .filter(({ id }) => factor.disagrees.includes(id))
            .map(({ id, name }) => (
              <p key={id} className="text-oxide">
                {name} asks for another factor than the rest: the mesh has other proportions there, or it was read elsewhere.
              </p>
            ))}
          <p className="text-dim text-sm">
            Everything printed grows with it: a wall of {formats.length(1, 2)} becomes {formats.length(factor.factor, 2)}, and so do
            engraving and the play in fits, while films stay as thick as they are. Look at the fits again.
          </p>
          <ul className="text-sm">
            {parts.map((part) => {
              const now = printHoursOf(part);
              const { sizeMillimetres, engravingMillimetres, hours } = measuresAfterScaling(
                part.sizeMillimetres,
                part.engraving?.depthMillimetres ?? null,
                now,
                factor.factor,
              );
              return (
                <li key={part.id} className="border-line border-t py-1">
                  {part.name}
                  <span className="figure">
                    {sizeMillimetres ? `: ${formats.size(sizeMillimetres)}` : ''}
                    {now !== null && hours
                      ? `, printing ${formatSpan(now * 60)} → ${formatSpan(hours[0] * 60)} to ${formatSpan(hours[1] * 60)}`
                      : ''}
                    {engravingMillimetres === null ? '' : `, engraving ${formats.length(engravingMillimetres, 2)}`}
                  </span>
                </li>
              );
            })}
          </ul>
        </>
      )}
    </Sheet>
  );
}
