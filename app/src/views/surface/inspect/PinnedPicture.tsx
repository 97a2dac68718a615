import { findFlawKind } from '@zinc-ladder/core/inspection/flawKinds';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { Picture } from '../../../features/pictures/Picture';

/** A photograph with its pins; a press on it says where a new one goes. */
export function PinnedPicture({
  picture,
  flaws,
  pin,
  onPlace,
}: {
  readonly picture: PictureReference;
  readonly flaws: readonly Flaw[];
  readonly pin: Flaw['pin'];
  readonly onPlace: (x: number, y: number) => void;
}) {
  const own = flaws.filter((flaw) => flaw.pin?.pictureId === picture.id);
  return (
    <div className="relative inline-block max-w-full justify-self-start">
      {/* The fields beside it place a pin by keyboard; pressing the picture is the quick way. */}
      <div
        role="presentation"
        className="cursor-crosshair"
        onClick={(event) => {
          const bounds = event.currentTarget.getBoundingClientRect();
          const share = (at: number, from: number, size: number): number =>
            Math.round(Math.min(1, Math.max(0, (at - from) / size)) * 1000) / 1000;
          onPlace(share(event.clientX, bounds.left, bounds.width), share(event.clientY, bounds.top, bounds.height));
        }}
      >
        <Picture id={picture.id} alt={`${picture.name}, ${own.length} pins`} isTall />
      </div>
      {own.map((flaw) => (
        <Mark
          key={flaw.id}
          place={flaw.pin?.place ?? []}
          text={flaw.fixedPassId === null ? findFlawKind(flaw.kind).mark : '✓'}
          isOpen={flaw.fixedPassId === null}
          title={findFlawKind(flaw.kind).name}
        />
      ))}
      {pin?.pictureId === picture.id && <Mark place={pin.place} text="?" isOpen title="the new pin" />}
    </div>
  );
}

function Mark({
  place,
  text,
  isOpen,
  title,
}: {
  readonly place: readonly number[];
  readonly text: string;
  readonly isOpen: boolean;
  readonly title: string;
}) {
  const [x = 0, y = 0] = place;
  return (
    <span
      title={title}
      aria-hidden="true"
      className={`font-label pointer-events-none absolute flex h-6 w-6 -translate-x-1/2 -translate-y-1/2 items-center justify-center border text-sm font-semibold ${
        isOpen ? 'bg-oxide border-sheet text-sheet' : 'bg-sheet border-ink text-ink rounded-full'
      }`}
      style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
    >
      {text}
    </span>
  );
}
