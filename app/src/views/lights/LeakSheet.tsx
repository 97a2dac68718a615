import { DARK_SHARE } from '@zinc-ladder/core/light/lightLeak';
import { SEAM_RETURNS, seamLeak } from '@zinc-ladder/core/light/seamLeak';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { readLeak } from '@zinc-ladder/model/gather/light/readLeak';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useMemo } from 'react';
import { counted } from '../../base/counted';
import { useTable } from '../../data/queries';
import { useShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../../features/edit/useEdit';
import { useFormats } from '../../features/formats/useFormats';
import { CheckField } from '../../ui/fields/CheckField';
import { InlineNumber, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { Why } from '../../ui/Why';

/** Light that must not show: what comes through the wall and films of a part beside the lamp, and what stops it. */
export function LeakSheet({ plan, parts }: { readonly plan: LightPlan; readonly parts: readonly Part[] }) {
  const edit = useEdit();
  const formats = useFormats();
  const { rungsOnPart } = useShopIndex();
  const products = useTable('products');
  const leak = useMemo(() => readLeak(plan, { parts, rungsOnPart, products }), [plan, parts, rungsOnPart, products]);
  const patch = (fields: Partial<LightPlan>): void =>
    void edit(`Change what stays dark beside ${plan.name}`, (change) => change.patch('lightPlans', plan.id, fields, plan));
  return (
    <Sheet className="min-w-0 p-4" label="Light that must not show">
      <div className="mb-2 grid grid-cols-2 items-end gap-3 sm:grid-cols-[minmax(0,1fr)_9rem]">
        <SelectField
          label="Stays dark"
          value={plan.darkPartId ?? ''}
          options={[['', 'nothing beside it'], ...parts.map((part) => [part.id, partLabel(part)] as const)]}
          onChange={(id) => patch({ darkPartId: id === '' ? null : id })}
        />
        <InlineNumber
          label="Its wall"
          unit="mm"
          isMetric
          value={plan.wallMillimetres}
          min={0}
          max={1000}
          onKeep={(wallMillimetres) => wallMillimetres !== null && patch({ wallMillimetres })}
        />
      </div>
      {leak && (
        <>
          <h2 className="font-label text-2xl font-semibold">
            {leak.isDark ? 'Dark: ' : 'It glows through: '}
            <Why
              name="how much light comes through"
              reason={{
                formula: 'wall 10^(−density × mm), films b ÷ (a·sinh bSX + b·cosh bSX), to and fro between them T₁T₂ ÷ (1 − R₁R₂)',
                inputs: [
                  ['bare wall', share(leak.wallShare)],
                  ['films of its ladder', String(leak.films)],
                  ['dark is', `${share(DARK_SHARE)} (guess)`],
                ],
                source: 'Kubelka 1948 and 1954; density of the wall by material (guess), S·X of films by their cards or guessed',
              }}
            >
              {share(leak.share)}
            </Why>
          </h2>
          {!leak.isDark && (
            <p>
              {leak.coatsMore === null
                ? 'No number of coats stops it.'
                : `${counted(leak.coatsMore, 'coat')} more of ${leak.coatOf?.name ?? 'plain black'} inside or under the colour would stop it`}
              {leak.coatsMore === null ? ' ' : ', or '}a wall of {formats.length(leak.darkMillimetres, 1)}, or foil behind it.
            </p>
          )}
          <p className="text-dim text-sm">With all films its ladder lays, done and to come.</p>
          <SeamFields plan={plan} patch={patch} />
        </>
      )}
    </Sheet>
  );
}

/** The seam of the part that stays dark: what comes out of it, and what closes it. */
function SeamFields({ plan, patch }: { readonly plan: LightPlan; readonly patch: (fields: Partial<LightPlan>) => void }) {
  const formats = useFormats();
  const seam = { gap: plan.seamMillimetres, depth: plan.wallMillimetres, hasLip: plan.hasLip, isBlack: plan.isSeamBlack };
  const leak = seamLeak(seam);
  return (
    <div className="border-line mt-3 grid gap-2 border-t pt-3">
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[9rem_minmax(0,1fr)_minmax(0,1fr)]">
        <InlineNumber
          label="Its seam stands open"
          unit="mm"
          isMetric
          value={plan.seamMillimetres}
          min={0}
          max={100}
          onKeep={(seamMillimetres) => seamMillimetres !== null && patch({ seamMillimetres })}
        />
        <CheckField label="a lip lies behind it" checked={plan.hasLip} onChange={(hasLip) => patch({ hasLip })} />
        <CheckField label="its faces are black" checked={plan.isSeamBlack} onChange={(isSeamBlack) => patch({ isSeamBlack })} />
      </div>
      {plan.seamMillimetres > 0 && (
        <p>
          {leak.isDark ? 'Its seam is dark: ' : 'Its seam shows as a line: '}
          <Why
            name="light through the seam"
            reason={{
              formula: plan.hasLip
                ? '(what its faces throw back ÷ 2)²: no straight way, two turns'
                : '√(1 + (deep ÷ open)²) − deep ÷ open, and half of what its faces throw back',
              inputs: [
                ['deep, as the wall', formats.length(seam.depth, 1)],
                ['faces throw back', share(SEAM_RETURNS[seam.isBlack ? 'black' : 'bare'])],
              ],
              source: 'view factor of facing strips (Hottel); what faces throw back is a guess; an upper bound',
            }}
          >
            at most {share(leak.share)}
          </Why>
          {!leak.isDark &&
            (plan.hasLip
              ? '. Paint its faces black.'
              : plan.isSeamBlack
                ? '. Put a lip or black tape behind it.'
                : '. A lip behind it and black faces stop it, or black tape.')}
        </p>
      )}
    </div>
  );
}

/** A share of light as people read it: `12 %`, `0.4 %`, `under 0.01 %`. */
function share(value: number): string {
  const percent = value * 100;
  if (percent < 0.01) return 'under 0.01 %';
  return `${percent >= 10 ? percent.toFixed(0) : percent >= 1 ? percent.toFixed(1) : percent.toFixed(2)} %`;
}
