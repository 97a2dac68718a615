import type { FlawKindId } from '@zinc-ladder/core/inspection/flawKinds';
import { findFlawKind, FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import { useState } from 'react';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { checkNumber, Labelled, parseNumber, SelectField } from '../../../ui/fields/fields';
import { NumberBox } from '../../../ui/fields/NumberBox';
import type { Surface } from '../gathered/useSurface';

/** What was found, and where. */
export function FlawForm({
  surface,
  pin,
  onPin,
}: {
  readonly surface: Surface;
  readonly pin: Flaw['pin'];
  readonly onPin: (pin: Flaw['pin']) => void;
}) {
  const { part, passes } = surface;
  const edit = useEdit();
  const [kind, setKind] = useState<FlawKindId>('layerLine');
  const [size, setSize] = useState('1');
  const [note, setNote] = useState('');
  const fault = checkNumber(size, { min: 0.01, max: 1000 });
  const known = findFlawKind(kind);
  const keep = async (): Promise<void> => {
    if (fault) return;
    const flaw: Flaw = {
      id: newId(),
      revision: 0,
      partId: part.id,
      kind,
      sizeMillimetres: parseNumber(size),
      foundPassId: passes.at(-1)?.id ?? null,
      fixedPassId: null,
      pin,
      note: note.trim(),
    };
    if (await edit(`Pin a ${known.name.toLowerCase()}`, (change) => change.put('flaws', flaw))) {
      onPin(null);
      setNote('');
    }
  };
  return (
    <form
      noValidate
      className="border-line mt-3 grid gap-2 border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h2 className="label">{pin ? 'A flaw there' : 'A flaw: press where it is, or list it without a place'}</h2>
      <div className="grid grid-cols-[2fr_1fr] gap-3">
        <SelectField
          label="Kind"
          value={kind}
          options={FLAW_KINDS.map((entry) => [entry.id, entry.name] as const)}
          onChange={(id) => setKind(findFlawKind(id).id)}
        />
        <NumberBox label="Across, mm" trial={{ text: size, set: setSize }} min={0.01} max={1000} />
      </div>
      {pin?.pictureId && <PlaceFields pin={pin} onPin={onPin} />}
      <Labelled label="Note">
        {({ id }) => <input id={id} className="field" maxLength={2000} value={note} onChange={(event) => setNote(event.target.value)} />}
      </Labelled>
      <p className="text-dim text-sm">{known.cause}</p>
      <div className="flex gap-2">
        <Button type="submit" look="primary" disabled={fault !== null}>
          {pin ? 'Pin it there' : 'List it'}
        </Button>
        {pin && <Button onClick={() => onPin(null)}>Not there</Button>}
      </div>
    </form>
  );
}

/** Where a pin is on a photograph, in per cent: for placing it by keyboard. */
function PlaceFields({ pin, onPin }: { readonly pin: NonNullable<Flaw['pin']>; readonly onPin: (pin: Flaw['pin']) => void }) {
  const [x = 0, y = 0] = pin.place;
  const field = (label: string, value: number, put: (share: number) => number[]) => (
    <Labelled label={label}>
      {({ id }) => (
        <input
          id={id}
          type="number"
          min={0}
          max={100}
          step="any"
          className="field figure"
          value={Math.round(value * 1000) / 10}
          onChange={(event) => onPin({ ...pin, place: put(Math.min(1, Math.max(0, event.target.valueAsNumber / 100 || 0))) })}
        />
      )}
    </Labelled>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {field('From the left, %', x, (share) => [share, y])}
      {field('From the top, %', y, (share) => [x, share])}
    </div>
  );
}
