import { ToggleGroup } from 'radix-ui';
import { useAtBench } from './useAtBench';

/** Whose hands are at this screen; nothing where the shop has one finisher. */
export function WhoPicker() {
  const { persons, person, choose } = useAtBench();
  if (persons.length < 2) return null;
  return (
    <ToggleGroup.Root
      type="single"
      value={person?.id ?? ''}
      onValueChange={(id) => id !== '' && choose(id)}
      aria-label="Whose hands"
      className="flex flex-wrap"
    >
      {persons.map(({ id, name }) => (
        <ToggleGroup.Item
          key={id}
          value={id}
          className="font-label border-edge data-[state=on]:border-ink data-[state=on]:bg-band min-h-11 max-w-48 cursor-pointer truncate border px-4 text-lg font-semibold data-[state=on]:border-2"
        >
          {name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
