import { UNDER_COATS } from '@zinc-ladder/core/surface/grit/gritLadder';
import { findGrit, GRITS } from '@zinc-ladder/core/surface/grit/gritTable';
import { planSanding, sandingMinutes, splitByReach, splitUnknown, underCoatOf } from '@zinc-ladder/core/surface/grit/sandingPlan';
import { useState } from 'react';
import { SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { useDeepShare } from '../mesh/useHeatValues';
import type { Surface } from '../gathered/useSurface';
import { WideTable } from '../../../ui/WideTable';

/** The grit ladder from the deepest valley to what the next film hides. */
export function SandSheet({ surface }: { readonly surface: Surface }) {
  const { part, mesh, finish, verdict, ridge, passes } = surface;
  const formats = useFormats();
  const [underId, setUnderId] = useState<string | null>(null);
  const [lastName, setLastName] = useState<string | null>(null);
  const under = UNDER_COATS.find((coat) => coat.id === underId) ?? underCoatOf(finish.id, verdict.kind !== 'go');
  const usualLast = under.id === 'fillerPrimer' ? under.lastGrit : finish.lastGrit;
  const last = findGrit(lastName ?? usualLast);
  const survey = mesh.opened?.survey;
  const area = part.areaSquareCentimetres * part.count;
  const deepShare = useDeepShare(mesh);
  const reach = survey
    ? splitByReach(survey.areaSquareMillimetres, deepShare ?? 0, survey.sharp.convexMillimetres + survey.sharp.concaveMillimetres)
    : splitUnknown(part.areaSquareCentimetres);
  const valley = passes.length > 0 ? verdict.valleyNowMicrometres : ridge.value;
  const steps = planSanding(
    {
      valleyMicrometres: valley,
      poweredSquareCentimetres: reach.poweredSquareCentimetres * part.count,
      handSquareCentimetres: reach.handSquareCentimetres * part.count,
      under,
    },
    last,
  );
  const total = sandingMinutes(steps);
  return (
    <Sheet className="min-w-0 p-4" label="Papers">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="label">Papers, down to what comes over it</h2>
        <span className="figure text-dim text-sm">deepest now {formats.film(valley)}</span>
      </div>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Over it comes"
          value={under.id}
          options={UNDER_COATS.map((coat) => [coat.id, coat.name] as const)}
          onChange={(id) => {
            setUnderId(id);
            setLastName(null);
          }}
        />
        <SelectField
          label="Last paper"
          value={last.name}
          options={GRITS.filter((grit) => grit.grainMicrometres <= 125).map((grit) => [grit.name, grit.name] as const)}
          onChange={setLastName}
        />
      </div>
      <WideTable label="Papers, one after the other" className="mt-3">
        <table className="w-full text-left">
          <thead>
            <tr className="border-line text-dim border-b text-sm">
              <th className="py-1 font-normal">paper</th>
              <th className="px-2 text-right font-normal">takes off</th>
              <th className="px-2 text-right font-normal">leaves</th>
              <th className="px-2 text-right font-normal">powered</th>
              <th className="px-2 text-right font-normal">by hand</th>
              <th className="px-2 text-right font-normal">strokes a spot</th>
            </tr>
          </thead>
          <tbody>
            {steps.map((step) => (
              <tr key={step.name} className={`border-line border-b ${step.isWasted ? 'text-dim' : ''}`}>
                <th scope="row" className="figure py-1">
                  {step.name}
                  {step.isWasted && <span className="text-oxide ml-2 font-sans text-sm font-normal">wasted under {under.name}</span>}
                </th>
                <td className="figure px-2 text-right">{formats.film(step.takesOffMicrometres)}</td>
                <td className="figure px-2 text-right">{formats.film(step.scratchMicrometres)}</td>
                <td className="figure px-2 text-right">{step.poweredMinutes < 0.5 ? '–' : formatSpan(step.poweredMinutes)}</td>
                <td className="figure px-2 text-right">{formatSpan(step.handMinutes)}</td>
                <td className="figure px-2 text-right">{step.strokes}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </WideTable>
      <p className="mt-2">
        <Why
          name="minutes of sanding"
          reason={{
            formula: 'depth to take off ÷ (0.12 × grain a minute on 100 cm²); a machine three times as quick',
            inputs: [
              ['set', formats.area(area)],
              ['by machine', formats.area(reach.poweredSquareCentimetres * part.count)],
              ['by hand', formats.area(reach.handSquareCentimetres * part.count)],
            ],
            source:
              'grains: FEPA P (ISO 6344, from memory); scratches a fifth to a quarter of the grain and the jump of papers: common practice; rates guessed',
          }}
        >
          {formatSpan(total)} together
        </Why>
        . Corners and edges first, by hand; then the broad faces. No paper is more than 1.6 times finer than the one before by hand.
      </p>
      <p className="text-dim mt-1 text-sm">
        {survey
          ? `By hand: strips of ${formats.length(4)} along ${formats.length(survey.sharp.convexMillimetres + survey.sharp.concaveMillimetres)} of edges, and ${
              deepShare === null
                ? 'recesses once they are reckoned (Lines and loops, Recess)'
                : `${Math.round(deepShare * 100)} % in recesses`
            }.`
          : 'Without a mesh a fifth is taken to be corners and edges (guessed).'}{' '}
        Dust mask; wet paper where the part takes water.
      </p>
    </Sheet>
  );
}
