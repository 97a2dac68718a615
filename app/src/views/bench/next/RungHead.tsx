import { rungPartLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { ShopIndex } from '../../../data/useShopIndex';
import type { Formats } from '../../../base/formats';
import { PartFace } from '../../../features/partFace/PartFace';
import { notesForRung } from '@zinc-ladder/model/log/nextTime';
import { NextTimeNotes } from '../../../features/rung/NextTimeNotes';
import { findLastTime } from '../../../features/rung/lastTime';
import { RungFacts } from '../../../features/rung/RungFacts';
import { useNewestByRung, useNotesForNextTime } from '../../../features/rung/useLogOfRung';

/** Which rung it is, what to do, and its figures. */
export function RungHead({
  label,
  rung,
  part,
  index,
  formats,
}: {
  readonly label: string;
  readonly rung: Rung;
  readonly part: Part;
  readonly index: ShopIndex;
  readonly formats: Formats;
}) {
  const own = index.rungsOf(part.id);
  const notes = useNotesForNextTime();
  const newest = useNewestByRung();
  return (
    <>
      <div className="flex items-start gap-4">
        <div className="min-w-0 flex-1">
          <p className="label">
            {label} · rung {own.findIndex((other) => other.id === rung.id) + 1} of {own.length}
          </p>
          <h2 className="font-label text-4xl leading-tight font-semibold">
            {rungPartLabel(rung, part)}: {rung.name}
          </h2>
          <p className="text-dim mb-4">{rung.detail || rung.why}</p>
          <NextTimeNotes notes={notesForRung(notes, rung, part, index)} />
        </div>
        <PartFace part={part} className="h-24 w-24 shrink-0 max-md:h-16 max-md:w-16" />
      </div>
      <RungFacts
        rung={rung}
        part={part}
        product={index.products.get(rung.productId ?? '')}
        lastTime={findLastTime(rung, part, newest, index)}
        formats={formats}
      />
    </>
  );
}
