import type { Lab } from '@zinc-ladder/core/colour/lab';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { ColourTarget } from '@zinc-ladder/model/records/colour/colourTarget';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId } from '../../../base/newId';
import { useEdit } from '../../../features/edit/useEdit';
import { Labelled } from '../../../ui/fields/fields';
import { LabBox } from '../../../ui/fields/LabBox';

/** A target with a typed colour, not kept yet. */
export function typedTarget(id: string, name: string, lab: Lab): ColourTarget {
  return { id, revision: 0, name, propId: null, origin: 'typed', lab: [...lab], spread: 0, samples: [], note: '' };
}

/** Names a new target and types its colour. */
export function NewTarget() {
  const edit = useEdit();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const keep = async (lab: Lab): Promise<void> => {
    const id = newId();
    const own = name.trim() || `Colour ${hexOfLab(lab)}`;
    if (await edit(`Keep target ${own}`, (change) => change.put('targets', typedTarget(id, own, lab)))) void navigate(`/colour/mix/${id}`);
  };
  return (
    <div className="grid gap-2">
      <Labelled label="A new target, called">
        {({ id }) => (
          <input
            id={id}
            className="field"
            maxLength={200}
            placeholder="aged brass, mid"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        )}
      </Labelled>
      <LabBox label="Its colour" action="Keep" onTake={(lab) => void keep(lab)} />
    </div>
  );
}
