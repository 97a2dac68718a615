import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import { useMemo, useState } from 'react';
import { ownWork } from '../../../data/changes/prop/pictureChanges';
import { useClock } from '../../../clock/ClockContext';
import { useKeepPicture } from '../../../features/pictures/useKeepPicture';
import { removeInspectionPicture } from '../../../data/changes/look/surfaceChanges';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { Button } from '../../../ui/Button';
import { FilePick } from '../../../ui/fields/FilePick';
import { MeshCanvas } from '../mesh/MeshCanvas';
import type { MeshPin } from '../mesh/meshScene';
import { useMeshHit, useMeshShown } from '../mesh/useMeshShown';
import { PinnedPicture } from './PinnedPicture';
import type { Surface } from '../gathered/useSurface';

/** The mesh or a photograph to pin flaws on. */
export function InspectPlace({
  surface,
  pin,
  onPin,
}: {
  readonly surface: Surface;
  readonly pin: Flaw['pin'];
  readonly onPin: (pin: Flaw['pin']) => void;
}) {
  const { part, mesh, flaws } = surface;
  const edit = useEdit();
  const keepPicture = useKeepPicture();
  const clock = useClock();
  const pictures = useTable('pictures').filter((picture) => picture.partId === part.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const hasMesh = mesh.opened !== null && mesh.reference !== null;
  const shown = pictures.find((picture) => picture.id === chosen) ?? (hasMesh ? null : (pictures[0] ?? null));
  const meshId = mesh.reference?.id ?? null;
  const drawing = useMeshShown(mesh);
  const hitBy = useMeshHit(mesh);
  const pins = useMemo(
    (): MeshPin[] => [
      ...flaws.flatMap((flaw) =>
        flaw.pin && flaw.pin.meshId === meshId
          ? [{ id: flaw.id, mark: findFlawKind(flaw.kind).mark, place: flaw.pin.place, isOpen: flaw.fixedPassId === null }]
          : [],
      ),
      ...(pin && pin.meshId === meshId && meshId !== null ? [{ id: 'new', mark: '?', place: pin.place, isOpen: true }] : []),
    ],
    [flaws, meshId, pin],
  );
  const add = async (file: File): Promise<void> => {
    const id = await keepPicture(file, ownWork(null, part.id, clock.now()));
    if (id) setChosen(id);
  };
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-center gap-2">
        {hasMesh && (
          <Button aria-pressed={shown === null} look={shown === null ? 'primary' : 'plain'} onClick={() => setChosen(null)}>
            Mesh
          </Button>
        )}
        {pictures.map((picture, at) => (
          <Button
            key={picture.id}
            aria-pressed={shown?.id === picture.id}
            look={shown?.id === picture.id ? 'primary' : 'plain'}
            title={picture.name}
            onClick={() => setChosen(picture.id)}
          >
            Photograph {at + 1}
          </Button>
        ))}
        <FilePick accept="image/jpeg,image/png,image/webp" onPick={(file) => void add(file)}>
          Add a photograph
        </FilePick>
      </div>
      {shown ? (
        <>
          <PinnedPicture
            picture={shown}
            flaws={flaws}
            pin={pin}
            onPlace={(x, y) => onPin({ pictureId: shown.id, meshId: null, place: [x, y] })}
          />
          <div>
            <Button
              look="quiet"
              className="text-sm"
              onClick={() => {
                onPin(null);
                void edit(`Take ${shown.name} away`, (change) => removeInspectionPicture(change, shown.id));
              }}
            >
              Take this photograph away
            </Button>
          </div>
        </>
      ) : drawing ? (
        <MeshCanvas
          drawing={drawing}
          colours={mesh.opened?.colours ?? null}
          pins={pins}
          height={380}
          label={`${part.name} with ${pins.length} pins`}
          onLook={(look) =>
            void hitBy(look).then(
              (hit) => hit && onPin({ pictureId: null, meshId, place: hit.place.map((value) => Math.round(value * 100) / 100) }),
            )
          }
        />
      ) : (
        <p className="text-dim">
          {mesh.isReading ? 'Reading the mesh…' : 'Neither mesh nor photograph: flaws can be listed without a place, or add a photograph.'}
        </p>
      )}
    </div>
  );
}
