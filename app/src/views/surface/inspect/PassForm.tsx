import { findGrit, scratchMicrometres } from '@zinc-ladder/core/surface/grit/gritTable';
import { zoneShare } from '@zinc-ladder/core/surface/measure/zoneShare';
import type { ZoneId } from '@zinc-ladder/core/surface/measure/zones';
import { ZONES } from '@zinc-ladder/core/surface/measure/zones';
import { useState } from 'react';
import { useClock } from '../../../clock/ClockContext';
import { addPass } from '../../../data/changes/look/surfaceChanges';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { checkNumber, Labelled, parseNumber, SelectField } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';
import { NumberBox } from '../../../ui/fields/NumberBox';
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
  const [minutes, setMinutes] = useState('');
  const [valley, setValley] = useState('');
  const [isGuideCoat, setGuideCoat] = useState(true);
  const [zoneId, setZoneId] = useState<ZoneId | ''>('');
  const [note, setNote] = useState('');
  const [isTried, setTried] = useState(false);
  const faults = {
    minutes: checkNumber(minutes, { min: 0, max: 10_000 }),
    valley: checkNumber(valley, { min: 0.1, max: 10_000, mayBeEmpty: true }),
  };
  const log = async (): Promise<void> => {
    setTried(true);
    if (faults.minutes || faults.valley) return;
    const pass = {
      id: newId(),
      revision: 0,
      partId: part.id,
      atMs: Math.round(clock.now()),
      minutes: parseNumber(minutes),
      plannedMinutes: Math.round(verdict.passHours * 60 * zoneShare(zoneSums, zoneId)),
      zone: zoneId || null,
      valleyMicrometres: valley.trim() === '' ? null : parseNumber(valley),
      isGuideCoat,
      note: note.trim(),
    };
    if (await edit(`Log pass ${passes.length + 1} of ${part.name}`, (change) => addPass(change, pass, mended))) {
      setMinutes('');
      setValley('');
      setNote('');
      setTried(false);
      onLogged();
    }
  };
  return (
    <form
      noValidate
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void log();
      }}
    >
      <h2 className="label">Pass {passes.length + 1}</h2>
      <div className="grid grid-cols-2 gap-3">
        <NumberBox
          label="Hands, min"
          trial={{ text: minutes, set: setMinutes }}
          min={0}
          max={10_000}
          isQuiet={!isTried}
          hint={`passes took ${Math.round(verdict.passHours * 60)}`}
        />
        <NumberBox
          label="Deepest valley, µm"
          trial={{ text: valley, set: setValley }}
          min={0.1}
          max={10_000}
          mayBeEmpty
          isQuiet={!isTried}
          hint="empty: not judged"
        />
      </div>
      {zoneSums.length > 0 && (
        <SelectField
          label="Over"
          value={zoneId}
          options={[
            ['', 'all of it'],
            ...ZONES.filter((zone) => zoneSums.some((sum) => sum.zone === zone.id)).map(
              (zone) => [zone.id, zone.name.toLowerCase()] as const,
            ),
          ]}
          onChange={(id) => setZoneId(ZONES.find((zone) => zone.id === id)?.id ?? '')}
        />
      )}
      <CheckField label="Looked at with a guide coat" checked={isGuideCoat} onChange={setGuideCoat} isLarge />
      <Labelled label="Note">
        {({ id }) => <input id={id} className="field" maxLength={4000} value={note} onChange={(event) => setNote(event.target.value)} />}
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
