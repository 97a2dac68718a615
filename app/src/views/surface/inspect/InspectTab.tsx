import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import { useState } from 'react';
import { FlawForm } from './FlawForm';
import { FlawList } from './FlawList';
import { InspectPlace } from './InspectPlace';
import { PassForm } from './PassForm';
import { PassList } from './PassList';
import type { Surface } from '../gathered/useSurface';
import { VerdictSheet } from '../verdict/VerdictSheet';
import { Sheet } from '../../../ui/Sheet';

/** Pins flaws, logs passes and says whether to go on. */
export function InspectTab({ surface }: { readonly surface: Surface }) {
  const [pin, setPin] = useState<Flaw['pin']>(null);
  const [mended, setMended] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string): void =>
    setMended((before) => {
      const next = new Set(before);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[27rem_minmax(0,1fr)_17rem]">
      <Sheet className="min-w-0 p-4" label="Where it is">
        <InspectPlace surface={surface} pin={pin} onPin={setPin} />
        <FlawForm surface={surface} pin={pin} onPin={setPin} />
      </Sheet>
      <Sheet className="min-w-0 p-4" label="Flaws">
        <FlawList surface={surface} mended={mended} onMended={toggle} />
      </Sheet>
      <div className="grid gap-4">
        <VerdictSheet surface={surface} isLogging />
        <Sheet className="p-4" label="Passes">
          <PassForm
            surface={surface}
            mended={[...mended].filter((id) => surface.flaws.some((flaw) => flaw.id === id && flaw.fixedPassId === null))}
            onLogged={() => setMended(new Set())}
          />
          <PassList surface={surface} />
        </Sheet>
      </div>
    </div>
  );
}
