import { findGrit, scratchMicrometres } from '@zinc-ladder/core/surface/grit/gritTable';
import { zoneShare } from '@zinc-ladder/core/surface/measure/zoneShare';
import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { SurfacePass } from '@zinc-ladder/model/records/prop/surfacePass';
import { Controller } from 'react-hook-form';
import { useClock } from '../../../clock/ClockContext';
import { addPass } from '../../../data/changes/look/surfaceChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { Labelled, SelectField } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';
import { FormNumber } from '../../../ui/fields/FormNumber';
import { useRecordForm } from '../../../ui/fields/useRecordForm';
import type { Surface } from '../gathered/useSurface';
import { CheckField } from '../../../ui/fields/CheckField';

/** Logs a pass over the surface: how long it took and what is left. */
export function PassForm({
  surface,
  mended,
  onLogged,
}: {
  readonly surface: Surface;
  readonly mended: readonly string[];
  readonly onLogged: () => void;
}) {
  const { part, passes, verdict, zoneSums } = surface;
  const clock = useClock();
  const edit = useEdit();
  const formats = useFormats();
  const form = useRecordForm<SurfacePass>(SurfacePass, {
    id: newId(),
    revision: 0,
    partId: part.id,
    atMs: Math.round(clock.now()),
    minutes: NaN,
    plannedMinutes: null,
    zone: null,
    valleyMicrometres: null,
    isGuideCoat: true,
    note: '',
  });
  const { control } = form;
  const { errors } = form.formState;
  const log = form.handleSubmit(async (typed) => {
    const pass = {
      ...typed,
      id: newId(),
      partId: part.id,
      atMs: Math.round(clock.now()),
      plannedMinutes: Math.round(verdict.passHours * 60 * zoneShare(zoneSums, typed.zone ?? '')),
      note: typed.note.trim(),
    };
    if (!(await edit(`Log pass ${passes.length + 1} of ${part.name}`, (change) => addPass(change, pass, mended)))) return;
    // What was looked at, and how, is mostly the same for the next pass.
    form.reset({ ...typed, minutes: NaN, valleyMicrometres: null, note: '' });
    onLogged();
  });
  return (
    <form noValidate className="grid gap-2" onSubmit={(event) => void log(event)}>
      <h2 className="label">Pass {passes.length + 1}</h2>
      <div className="grid grid-cols-2 gap-3">
        <FormNumber control={control} name="minutes" label="Hands, min" hint={`passes took ${Math.round(verdict.passHours * 60)}`} />
        <FormNumber control={control} name="valleyMicrometres" label="Deepest valley, µm" mayBeEmpty hint="empty: not judged" />
      </div>
      {zoneSums.length > 0 && (
        <Controller
          control={control}
          name="zone"
          render={({ field }) => (
            <SelectField
              label="Over"
              value={field.value ?? ''}
              options={[
                ['', 'all of it'],
                ...ZONES.filter((zone) => zoneSums.some((sum) => sum.zone === zone.id)).map(
                  (zone) => [zone.id, zone.name.toLowerCase()] as const,
                ),
              ]}
              onChange={(id) => field.onChange(ZONES.find((zone) => zone.id === id)?.id ?? null)}
            />
          )}
        />
      )}
      <Controller
        control={control}
        name="isGuideCoat"
        render={({ field }) => <CheckField label="Looked at with a guide coat" checked={field.value} onChange={field.onChange} isLarge />}
      />
      <Labelled label="Note" error={errors.note?.message}>
        {({ id, describedBy }) => <input id={id} aria-describedby={describedBy} className="field" {...form.register('note')} />}
      </Labelled>
      <Button type="submit" look="primary" isLarge>
        Log the pass{mended.length > 0 && `, ${mended.length} mended`}
      </Button>
      <p className="text-dim text-sm">
        A valley is judged by a depth gauge, or by the paper whose scratches look as deep:{' '}
        {['P100', 'P220', 'P400'].map((name) => `${name} ${formats.film(scratchMicrometres(findGrit(name)))}`).join(', ')}.
      </p>
    </form>
  );
}
