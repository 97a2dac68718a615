import { setArea } from '@zinc-ladder/core/batch/setArea';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { ReactNode } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { Link, Navigate, useNavigate } from 'react-router';
import { SPRAY_WAYS, startFirstProp, USUAL_HOURS } from '../../data/changes/prop/firstProp';
import { KITS } from '../../data/changes/prop/kits';
import { NEW_PROP } from '../../data/changes/prop/propChanges';
import { newId } from '../../base/newId';
import { useShop, useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { useMeshTrial } from '../../features/meshPick/useMeshTrial';
import { useTitle } from '../../features/title/pageTitle';
import { Button } from '../../ui/Button';
import { counted } from '../../base/counted';
import { Labelled } from '../../ui/fields/fields';
import { MomentField } from '../../features/formats/MomentField';
import { NumberBox } from '../../ui/fields/NumberBox';
import { Sheet } from '../../ui/Sheet';
import { Swatch } from '../../ui/swatch/Swatch';
import { formatSpan } from '../../base/formats';
import { useFormats } from '../../features/formats/useFormats';
import { FirstPartFields } from './FirstPartFields';
import { SprayOut } from './SprayOut';
import type { StartAnswers } from './startAnswers';
import { firstAnswers, layerOf, readAnswers } from './startAnswers';

/** From an empty shop to a first part with its ladder; a shop that has a prop never sees it. */
export function StartView() {
  useTitle('Your first prop');
  const shop = useShop();
  const hasProp = useTable('props').length > 0;
  if (hasProp) return <Navigate to="/bench" replace />;
  return shop ? <FirstProp shop={shop} /> : null;
}

function FirstProp({ shop }: { readonly shop: Shop }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const formats = useFormats();
  const form = useForm<StartAnswers>({ defaultValues: firstAnswers(shop.units) });
  const { control, register } = form;
  const answers = useWatch({ control }) as StartAnswers;
  const mesh = useMeshTrial({ materialId: answers.materialId, layerMillimetres: layerOf(answers) });
  const { part, route, grown, metres, yardDay, missing } = readAnswers(answers, mesh.trial);
  const go = form.handleSubmit(async ({ hoursId, sprayId, kitIds, dueMs, propName }) => {
    if (missing !== null || yardDay === undefined) return;
    const prop = { ...NEW_PROP, name: propName.trim(), dueMs, viewingMetres: metres ?? NEW_PROP.viewingMetres };
    const said = { hoursId, sprayId, place: placeOfZone(shop.timeZone), yardDay, kitIds, prop, part, route, mesh: mesh.trial };
    if (await edit(`Add ${prop.name}`, (change) => startFirstProp(change, shop, said, newId))) void navigate('/bench');
  });
  return (
    <form className="mx-auto grid max-w-5xl gap-4" onSubmit={(event) => void go(event)} noValidate>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <p className="text-dim max-w-2xl">
          Four answers, and the bench tells you what to do with your hands. All of it can be changed later where it stands.
        </p>
        <Link to="/ladders" className="in-text underline underline-offset-4">
          Skip this
        </Link>
      </div>
      <div className="grid items-start gap-4 md:grid-cols-2">
        <div className="grid gap-4">
          <Step number={1} name="When you are at it">
            <Labelled label="Hands">
              {({ id }) => (
                <select id={id} className="field" {...register('hoursId')}>
                  <Options of={USUAL_HOURS} />
                </select>
              )}
            </Labelled>
            <Labelled label="Spraying">
              {({ id }) => (
                <select id={id} className="field" {...register('sprayId')}>
                  <Options of={SPRAY_WAYS} />
                </select>
              )}
            </Labelled>
            <SprayOut
              shop={shop}
              hoursId={answers.hoursId}
              sprayId={answers.sprayId}
              trial={answers.yard}
              onType={(yard) => form.setValue('yard', yard)}
            />
          </Step>
          <Step number={2} name="What you have">
            <ul className="grid gap-1">
              {KITS.map((kit) => (
                <li key={kit.id}>
                  <label className="flex min-h-11 cursor-pointer items-center gap-3">
                    <input type="checkbox" className="h-5 w-5" value={kit.id} {...register('kitIds')} />
                    <span className="min-w-0 flex-1">{kit.name}</span>
                    <span className="flex gap-0.5" aria-hidden="true">
                      {kit.products.flatMap(({ colourHex, name }) =>
                        colourHex === null ? [] : [<Swatch key={name} colourHex={colourHex} className="h-5 w-5" />],
                      )}
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </Step>
        </div>
        <div className="grid gap-4">
          <Step number={3} name="What you make">
            <Labelled label="Prop">
              {({ id }) => <input id={id} className="field" maxLength={200} placeholder="a ship's bell" {...register('propName')} />}
            </Labelled>
            <div className="grid grid-cols-[2fr_1fr] gap-3">
              <Controller
                control={control}
                name="dueMs"
                render={({ field }) => (
                  <MomentField label="Due" mayBeEmpty value={field.value} onKeep={field.onChange} hint="It may have none." />
                )}
              />
              <Controller
                control={control}
                name="viewing"
                render={({ field }) => (
                  <NumberBox label="Seen from, m" trial={{ text: field.value, set: field.onChange }} min={0.05} max={1000} />
                )}
              />
            </div>
          </Step>
          <Step number={4} name="Its first part">
            <FirstPartFields form={form} part={part} route={route} mesh={mesh} />
          </Step>
        </div>
      </div>
      <div className="bg-page border-line sticky bottom-12 flex flex-wrap items-center gap-4 border-t py-2 md:bottom-0">
        <Button type="submit" look="primary" isLarge disabled={missing !== null}>
          Grow its ladder, to the bench
        </Button>
        <p role="status">
          {missing ??
            (grown.kind === 'grown'
              ? `${counted(grown.rungs.length, 'rung')} over ${formats.area(setArea(part.areaSquareCentimetres, part.count))}, ${formatSpan(grown.handsMinutes)} of hands. The first: ${grown.rungs[0]?.name ?? 'none'}. What is done already is told on the ladder.`
              : '')}
        </p>
      </div>
    </form>
  );
}

function Options({ of }: { readonly of: readonly { readonly id: string; readonly name: string }[] }) {
  return of.map(({ id, name }) => (
    <option key={id} value={id}>
      {name}
    </option>
  ));
}

function Step({ number, name, children }: { readonly number: number; readonly name: string; readonly children: ReactNode }) {
  return (
    <Sheet className="grid gap-3 p-4" label={name}>
      <h2 className="font-label text-xl font-semibold">
        <span className="figure text-dim mr-2 text-base">{number}</span>
        {name}
      </h2>
      {children}
    </Sheet>
  );
}
