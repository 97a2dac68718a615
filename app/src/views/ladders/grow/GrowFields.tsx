import type { GrownLadder } from '@zinc-ladder/core/ladder/growLadder';
import type { LoopForecast } from '@zinc-ladder/core/ladder/primerLoops';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { ProductsByRole } from '@zinc-ladder/model/gather/grow/growRungs';
import { chooseProduct } from '@zinc-ladder/model/gather/grow/growRungs';
import { SelectField } from '../../../ui/fields/fields';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import { Why } from '../../../ui/Why';
import { finishOptions, isSmoothed, ROUTE_OPTIONS, smoothingOptions, TASTE_ROLES } from '../../../features/rung/routeOptions';

/** The choices a ladder grows from, and what would grow. */
export function GrowFields({
  part,
  route,
  onRoute,
  grown,
  products,
  chosen,
  onChosen,
}: {
  readonly part: Part;
  readonly route: LadderRoute;
  readonly onRoute: (route: LadderRoute) => void;
  readonly grown: GrownLadder;
  readonly products: readonly Product[];
  readonly chosen: ProductsByRole;
  readonly onChosen: (chosen: ProductsByRole) => void;
}) {
  const formats = useFormats();
  const set =
    <Key extends keyof LadderRoute>(key: Key) =>
    (value: string) =>
      onRoute({ ...route, [key]: value as LadderRoute[Key] });
  const hasSchools = isSmoothed(part, route);
  const roles = TASTE_ROLES.flatMap(([role, name]) => {
    const draft = grown.kind === 'grown' ? grown.rungs.find((rung) => rung.role === role) : undefined;
    const fitting = products.filter((product) => product.classId === draft?.productClassId);
    return draft && fitting.length > 0 ? [{ role, name, fitting, productId: chooseProduct(draft, products, chosen)?.id ?? '' }] : [];
  });
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Finish"
          value={route.finish}
          options={finishOptions(part.materialId, route.finish)}
          onChange={set('finish')}
          error={grown.kind === 'refused' && !hasSchools ? grown.reason : undefined}
        />
        <SelectField label="Age" value={route.age} options={ROUTE_OPTIONS.age} onChange={set('age')} />
      </div>
      {hasSchools && (
        <SelectField
          label="Smoothing"
          value={route.smoothing}
          options={smoothingOptions(part, route)}
          onChange={set('smoothing')}
          error={grown.kind === 'refused' ? grown.reason : undefined}
        />
      )}
      <div className="grid grid-cols-2 gap-3">
        <SelectField label="Joining" value={route.joining} options={ROUTE_OPTIONS.joining} onChange={set('joining')} />
        <SelectField label="Sealing" value={route.sealing} options={ROUTE_OPTIONS.sealing} onChange={set('sealing')} />
      </div>
      {roles.length > 0 && (
        <div className="grid grid-cols-2 gap-3">
          {roles.map(({ role, name, fitting, productId }) => (
            <SelectField
              key={role}
              label={name}
              value={productId}
              options={[
                ...(productId === '' ? [['', 'None fits by name: choose'] as const] : []),
                ...fitting.map((product) => [product.id, product.name] as const),
              ]}
              onChange={(value) => onChosen({ ...chosen, [role]: value })}
            />
          ))}
        </div>
      )}
      {grown.kind === 'grown' && (
        <p role="status">
          <span className="figure">{grown.rungs.length}</span> rungs,{' '}
          <Why
            name="primer loops"
            reason={{
              formula: grown.loops.formula,
              inputs: [
                ['valley at first', formats.film(grown.loops.valleyStartMicrometres)],
                ['before primer', formats.film(grown.loops.valleyBeforePrimerMicrometres)],
                ['forgiven by the finish', formats.film(grown.loops.valleyWantedMicrometres)],
              ],
              source: 'a plain model, guessed and fitted to common practice (0.2 mm, gloss, primer only: about 4 loops)',
            }}
          >
            {loopWords(grown.loops)}
          </Why>
          , {formatSpan(grown.handsMinutes)} of hands.
        </p>
      )}
    </div>
  );
}

/** `4 primer loops`; a part that bends keeps its ridges, and a lit one has no primer. */
function loopWords({ loops, ridgesStay }: LoopForecast): string {
  if (ridgesStay) return 'ridges stay as printed';
  return loops === 0 ? 'no primer loop' : `${loops} primer ${loops === 1 ? 'loop' : 'loops'}`;
}
