import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { counted } from '../../../base/counted';
import { newId } from '../../../base/newId';
import { takePiecesOut } from '../../../data/changes/prop/setChanges';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';

/** Takes pieces out of a set as a part of their own. */
export function TakeOut({ part }: { readonly part: Part }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const [text, setText] = useState('1');
  const most = Math.min(part.count - 1, part.count - (part.print?.piecesLeft ?? 0));
  if (most < 1) return null;
  const pieces = readTrial(text, 1, most, true);
  const take = async (): Promise<void> => {
    if (pieces === null) return;
    let apartId = '';
    const isTaken = await edit(`Take ${counted(pieces, 'piece')} of ${part.name} out`, async (change) => {
      apartId = (await takePiecesOut(change, part.id, pieces, newId, part.count)).partId;
    });
    if (isTaken) void navigate(`/ladders/${part.propId}/${apartId}`);
  };
  return (
    <div className="grid grid-cols-[1fr_2fr] items-end gap-3">
      <NumberBox label="Pieces to take out" min={1} max={most} isWhole trial={{ text, set: setText }} />
      <Button disabled={pieces === null} onClick={() => void take()}>
        Make them a part of their own
      </Button>
      <p className="text-dim col-span-2 text-sm">
        They have climbed as far, and go their own way from here: one that is mended, or gets another finish. Meshes, pictures and the log
        stay with the set.
      </p>
    </div>
  );
}
