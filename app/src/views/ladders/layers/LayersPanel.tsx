import { checkStack } from '@zinc-ladder/core/compatibility/checkStack';
import { regionsByMasks } from '@zinc-ladder/core/film/maskRegions';
import { stackFilms } from '@zinc-ladder/core/film/filmStack';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { gatherStack } from '@zinc-ladder/model/gather/film/gatherStack';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useMemo, useState } from 'react';
import { useStandingEntries } from '../../../data/queries';
import type { ShopIndex } from '../../../data/useShopIndex';
import { usePlan } from '../../../features/plan/usePlan';
import { CoreSample } from '../../../features/film/CoreSample';
import { SelectField } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';
import { toFilmRung } from '@zinc-ladder/model/gather/film/toFilmRung';
import { FindingList } from './FindingList';
import { LightPanel } from './LightPanel';
import { SymptomPanel } from './SymptomPanel';
import { WhatShows } from './WhatShows';

/** What lies on what: films of each region, what shows when something is taken off, what does not go together. */
export function LayersPanel({
  part,
  ladderId,
  rungs,
  index,
}: {
  readonly part: Part;
  readonly ladderId: string;
  readonly rungs: readonly Rung[];
  readonly index: ShopIndex;
}) {
  const { plan } = usePlan();
  const formats = useFormats();
  const entries = useStandingEntries();
  const [regionId, setRegionId] = useState('rest');
  const kept = rungs.filter((rung) => rung.state !== 'leftOut');
  const regions = regionsByMasks(kept);
  const region = regions.find((entry) => entry.id === regionId) ?? regions[0];
  const inRegion = new Set(region?.rungIds ?? []);
  const layers = stackFilms(kept.filter((rung) => inRegion.has(rung.id) && rung.side !== 'under').map((rung) => toFilmRung(rung, index)));
  const findings = useMemo(() => {
    const times = new Map(plan?.kind === 'planned' ? plan.rungs.map((time) => [time.rungId, time] as const) : []);
    const steps = gatherStack(rungs, index.products, (id) => {
      const rung = rungs.find((entry) => entry.id === id);
      if (rung?.doneAtMs !== null && rung?.doneAtMs !== undefined) return { startMs: rung.doneAtMs, endMs: rung.doneAtMs };
      return times.get(id) ?? null;
    });
    return checkStack(findMaterial(part.materialId).id, steps);
  }, [plan, rungs, index.products, part.materialId]);
  const ids = new Set(rungs.map((rung) => rung.id));
  const deviations = entries.filter(({ kind, rungId }) => kind === 'deviation' && ids.has(rungId ?? ''));
  if (!region) return null;
  return (
    <div className="grid gap-5">
      <div className="grid items-start gap-5 sm:grid-cols-2">
        <div>
          <SelectField
            label="Region"
            value={region.id}
            options={regions.map((entry) => [entry.id, entry.name] as const)}
            onChange={setRegionId}
          />
          <div className="mt-2">
            <CoreSample layers={layers} formats={formats} />
          </div>
        </div>
        <WhatShows key={region.id} layers={layers} ownRungIds={region.ownRungIds} />
      </div>
      {deviations.length > 0 && (
        <div>
          <h3 className="label">Done all the same</h3>
          {deviations.map((entry) => (
            <p key={entry.id}>
              <span className="figure">{formats.full(entry.atMs)}</span> {rungs.find((rung) => rung.id === entry.rungId)?.name}:{' '}
              {entry.text}
            </p>
          ))}
        </div>
      )}
      <FindingList findings={findings} ladderId={ladderId} rungs={rungs} index={index} />
      <SymptomPanel findings={findings} />
      <LightPanel layers={layers} rungs={rungs} index={index} letsLightThrough={findMaterial(part.materialId).letsLightThrough} />
    </div>
  );
}
