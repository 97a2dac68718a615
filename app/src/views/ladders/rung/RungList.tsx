import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { DragEndEvent } from '@dnd-kit/core';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { KeyboardEvent } from 'react';
import { useEffect, useRef } from 'react';
import { GripVertical } from 'lucide-react';
import { moveRung } from '../../../data/changes/ladder/rungChanges';
import { useEdit } from '../../../features/edit/useEdit';
import type { ShopIndex } from '../../../data/useShopIndex';
import { RungBox } from '../../../features/rung/RungBox';

/**
 * A ladder by itself, top rung on top; rungs are moved by their grips, with the pointer or the keyboard. Arrow keys climb it; to Tab it is one stop, the
 * open rung and its grip, so that what is done with a rung is near.
 */
export function RungList({
  ladderId,
  part,
  rungs,
  openId,
  nextId,
  index,
  basePath,
}: {
  readonly ladderId: string;
  readonly part: Pick<Part, 'count'>;
  readonly rungs: readonly Rung[];
  readonly openId: string | null;
  readonly nextId: string | null;
  readonly index: ShopIndex;
  readonly basePath: string;
}) {
  const edit = useEdit();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const shown = rungs.toReversed();
  const list = useRef<HTMLOListElement>(null);
  const stopId = shown.some((rung) => rung.id === openId) ? openId : (shown[0]?.id ?? null);
  useEffect(() => {
    // Who comes here by a key goes on from the open rung, not from the top of the page.
    if (document.activeElement === document.body) rungLink(list.current, stopId)?.focus({ preventScroll: true });
    // Only on coming here.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const onKeyDown = (event: KeyboardEvent): void => {
    const at = shown.findIndex((rung) => rung.id === (event.target as HTMLElement).dataset['rung']);
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    const next = shown[at + by];
    if (at < 0 || by === 0 || !next) return;
    event.preventDefault();
    rungLink(list.current, next.id)?.focus();
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (!over || over.id === active.id) return;
    const rung = rungs.find((entry) => entry.id === active.id);
    const target = rungs.findIndex((entry) => entry.id === over.id);
    if (rung && target >= 0) void edit(`Move ${rung.name}`, (change) => moveRung(change, ladderId, rung.id, target));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <SortableContext items={shown.map((rung) => rung.id)} strategy={verticalListSortingStrategy}>
        <ol ref={list} onKeyDown={onKeyDown} reversed className="relative grid gap-1.5 px-1.5 py-2" aria-label="Rungs, top first">
          <li aria-hidden="true" className="bg-rail absolute inset-y-0 left-0 w-1.5" />
          <li aria-hidden="true" className="bg-rail absolute inset-y-0 right-7 w-1.5" />
          {shown.map((rung) => (
            <SortableRung
              key={rung.id}
              rung={rung}
              part={part}
              isOpen={rung.id === openId}
              isStop={rung.id === stopId}
              isNext={rung.id === nextId}
              colourHex={hexOfProduct(index.products.get(rung.productId ?? ''))}
              to={`${basePath}?rung=${rung.id}`}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function SortableRung({
  rung,
  part,
  isOpen,
  isStop,
  isNext,
  colourHex,
  to,
}: {
  readonly rung: Rung;
  readonly part: Pick<Part, 'count'>;
  readonly isOpen: boolean;
  readonly isStop: boolean;
  readonly isNext: boolean;
  readonly colourHex: string | null;
  readonly to: string;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: rung.id });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`relative flex ${isDragging ? 'z-20 opacity-80' : ''}`}
    >
      <RungBox
        rung={rung}
        part={part}
        colourHex={colourHex}
        isNext={isNext}
        isOpen={isOpen}
        to={to}
        tabIndex={isStop ? 0 : -1}
        style={{ flex: 1, minHeight: 27 }}
      />
      <button
        type="button"
        {...attributes}
        {...listeners}
        tabIndex={isStop ? 0 : -1}
        aria-label={`Move ${rung.name}`}
        className="text-dim w-7 shrink-0 cursor-grab touch-none"
      >
        <GripVertical size={16} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  );
}

function rungLink(list: HTMLElement | null, rungId: string | null): HTMLElement | null {
  return rungId === null ? null : (list?.querySelector<HTMLElement>(`[data-rung="${globalThis.CSS.escape(rungId)}"]`) ?? null);
}
