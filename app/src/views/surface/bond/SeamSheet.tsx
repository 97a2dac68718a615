import type { AdhesiveChoice, JointLoad } from '@zinc-ladder/core/bond/adhesives';
import { chooseAdhesive } from '@zinc-ladder/core/bond/adhesives';
import type { DryFit } from '@zinc-ladder/core/bond/fitRemedies';
import { remedyDryFit } from '@zinc-ladder/core/bond/fitRemedies';
import { adviseJoining } from '@zinc-ladder/core/bond/joinAdvice';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import { hasLines } from '@zinc-ladder/core/ladder/schools';
import { seamFiller } from '@zinc-ladder/core/bond/seamFiller';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Join, Seam } from '@zinc-ladder/model/records/prop/join';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useEdit } from '../../../features/edit/useEdit';
import { useShopIndex } from '../../../data/useShopIndex';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { CheckField } from '../../../ui/fields/CheckField';

const NEW_SEAM: Seam = {
  dryFit: 'notTried',
  lengthMillimetres: 100,
  gapMillimetres: 0.1,
  depthMillimetres: 1,
  stepMillimetres: 0,
  load: 'handled',
  isSeen: true,
  isReachable: true,
  mustComeOff: false,
};
const DRY_FITS: readonly (readonly [DryFit, string])[] = [
  ['notTried', 'not tried yet'],
  ['fits', 'fits'],
  ['tight', 'too tight'],
  ['loose', 'too loose'],
  ['gap', 'leaves a gap'],
];
const LOADS: readonly (readonly [JointLoad, string])[] = [
  ['display', 'stands on a shelf'],
  ['handled', 'is handled'],
  ['worn', 'is worn or bears load'],
];

/** One seam: how it fits dry, what it is glued with, what fills it, and whether it is joined before paint. */
export function SeamSheet({
  join,
  host,
  guest,
}: {
  readonly join: Join;
  readonly host: Part | undefined;
  readonly guest: Part | undefined;
}) {
  const edit = useEdit();
  const index = useShopIndex();
  const formats = useFormats();
  if (!host || !guest) return null;
  const seam = join.seam ?? NEW_SEAM;
  const patch = (fields: Partial<Seam>): void =>
    void edit(`Change the seam of ${guest.name}`, (change) => change.patch('joins', join.id, { seam: { ...seam, ...fields } }, join));
  const filler = seamFiller(seam);
  const materials = [findMaterial(host.materialId), findMaterial(guest.materialId)];
  const adhesives = chooseAdhesive({
    first: host.materialId,
    second: guest.materialId,
    load: seam.load,
    gapMillimetres: seam.gapMillimetres,
    isSeenThrough: materials.some(({ letsLightThrough }) => letsLightThrough),
  });
  const coloursOf = (partId: string): string =>
    [
      ...new Set(
        index.rungsOf(partId).flatMap((rung) => (['colour', 'maskDetail'].includes(rung.band) && rung.productId ? [rung.productId] : [])),
      ),
    ]
      .toSorted()
      .join();
  // A guest whose ladder ends at the join has no colour of its own: it takes its host's.
  const isOneColour = join.guestRungId !== null || coloursOf(host.id) === coloursOf(guest.id);
  const advice = adviseJoining({
    isOneColour,
    isSeamSeen: seam.isSeen,
    isReachable: seam.isReachable,
    mustComeOff: seam.mustComeOff,
    takesFiller: materials.every(hasLines),
    borderMillimetres: seam.lengthMillimetres,
  });
  const number = (label: string, key: 'lengthMillimetres' | 'gapMillimetres' | 'depthMillimetres' | 'stepMillimetres', max: number) => (
    <InlineNumber
      label={label}
      unit="mm"
      value={seam[key]}
      min={0}
      max={max}
      onKeep={(value) => value !== null && patch({ [key]: value })}
    />
  );
  return (
    <Sheet className="min-w-0 p-4" label={`Seam of ${guest.name}`}>
      <h2 className="font-label mb-2 text-xl font-semibold">
        {partLabel(guest)} to {partLabel(host)}
      </h2>
      <div className="grid gap-3 sm:grid-cols-3">
        <SelectField
          label="Dry fit"
          value={seam.dryFit}
          options={DRY_FITS}
          onChange={(id) => patch({ dryFit: DRY_FITS.find(([entry]) => entry === id)?.[0] ?? 'notTried' })}
        />
        <SelectField
          label="It"
          value={seam.load}
          options={LOADS}
          onChange={(id) => patch({ load: LOADS.find(([entry]) => entry === id)?.[0] ?? 'handled' })}
        />
        <div className="flex flex-wrap gap-x-4">
          <CheckField label="seam is seen" checked={seam.isSeen} onChange={(isSeen) => patch({ isSeen })} isLarge />
          <CheckField
            label="all within reach once joined"
            checked={seam.isReachable}
            onChange={(isReachable) => patch({ isReachable })}
            isLarge
          />
          <CheckField label="comes off again" checked={seam.mustComeOff} onChange={(mustComeOff) => patch({ mustComeOff })} isLarge />
        </div>
      </div>
      <div className="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-4">
        {number('Seam', 'lengthMillimetres', 100_000)}
        {number('Gap', 'gapMillimetres', 100)}
        {number('Filled deep', 'depthMillimetres', 100)}
        {number('Step', 'stepMillimetres', 100)}
      </div>
      {remedyDryFit(seam.dryFit, seam.gapMillimetres).length > 0 && (
        <div className="mt-3">
          <h3 className="label">What helps</h3>
          <ul>
            {remedyDryFit(seam.dryFit, seam.gapMillimetres).map((remedy) => (
              <li key={remedy.name}>
                {remedy.name}: <span className="figure text-sm">{formatSpan(remedy.minutes)}</span>, {remedy.cost}.
              </li>
            ))}
          </ul>
        </div>
      )}
      <p className="mt-3">
        <b>{advice.joining === 'joinFirst' ? 'Join first.' : advice.joining === 'paintApart' ? 'Paint apart.' : 'Join, then mask.'}</b>{' '}
        {advice.reason}
      </p>
      <p className="mt-1">
        Filler for the seam:{' '}
        <Why
          name="filler for the seam"
          reason={{
            formula: filler.formula,
            inputs: [['drawn out', formats.length(filler.featherMillimetres)]],
            source: 'geometry; a step is drawn out over twenty times its height (common practice), skin and loss guessed',
          }}
        >
          <span className="figure">{formats.volume(filler.millilitres)}</span>
        </Why>
      </p>
      <h3 className="label mt-3">Glue</h3>
      <ul>
        {adhesives.map((choice, at) => (
          <GlueRow key={choice.adhesive.id} choice={choice} isBest={at === 0} join={join} />
        ))}
      </ul>
      <p className="text-dim mt-1 text-sm">
        Ranked by common practice, not tested strengths. Follow the label and its safety sheet; gloves, air, no flame.
      </p>
    </Sheet>
  );
}

function GlueRow({ choice, isBest, join }: { readonly choice: AdhesiveChoice; readonly isBest: boolean; readonly join: Join }) {
  const edit = useEdit();
  const index = useShopIndex();
  const rung = index.rungs.get(join.hostRungId);
  const product = [...index.products.values()].find((entry) => entry.classId === choice.adhesive.classId);
  const isUsed = rung?.productId === product?.id && product !== undefined;
  const isFit = choice.score > 0.2;
  return (
    <li className={`border-line flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b py-1.5 ${isFit ? '' : 'text-dim'}`}>
      <span className="min-w-0">
        <b>{choice.adhesive.name}</b> {isBest && <span className="text-limeink text-sm">first choice</span>}
        <span className="block text-sm">
          {choice.reasons.join('; ')}. {choice.adhesive.note}
        </span>
        <span className="figure block text-sm">
          sets {formatSpan(choice.setMinutes)}, handled {formatSpan(choice.handleMinutes)}, full {formatSpan(choice.fullMinutes)}
        </span>
      </span>
      {rung?.methodId === 'bond' && product && isFit && rung.state === 'open' && (
        <Button
          disabled={isUsed}
          onClick={() =>
            void edit(`Glue with ${product.name}`, (change) => change.patch('rungs', rung.id, { productId: product.id }, rung))
          }
        >
          {isUsed ? 'On the ladder' : `Put ${product.name} on the ladder`}
        </Button>
      )}
    </li>
  );
}
