import type { FilmLayer } from '@zinc-ladder/core/film/filmStack';
import { stackHeight } from '@zinc-ladder/core/film/filmStack';
import type { Shown } from '@zinc-ladder/core/film/whatShows';
import { chipTo, pullMask, sandThrough } from '@zinc-ladder/core/film/whatShows';
import { useState } from 'react';
import { SelectField } from '../../../ui/fields/fields';
import { useFormats } from '../../../features/formats/useFormats';

const SIZE = 200;

/** What is seen when a mask is pulled, a chip cuts down, or an edge is sanded through. */
export function WhatShows({ layers, ownRungIds }: { readonly layers: readonly FilmLayer[]; readonly ownRungIds: readonly string[] }) {
  const formats = useFormats();
  const firstOwn = layers.findIndex((layer) => layer.rungIds.some((id) => ownRungIds.includes(id)));
  const [how, setHow] = useState(firstOwn > 0 ? 'mask' : 'chip');
  const [target, setTarget] = useState<string | null>(null);
  const [depth, setDepth] = useState(0.3);
  if (layers.length === 0) return <p className="text-dim">No film yet, so nothing can show.</p>;
  const chosen = target === null ? Math.max(-1, layers.length - 2) : Math.min(Number(target), layers.length - 1);
  const total = stackHeight(layers);
  const shown: Shown =
    how === 'mask' && firstOwn >= 0
      ? pullMask(layers, firstOwn)
      : how === 'edge'
        ? sandThrough(layers, depth * total)
        : chipTo(layers, chosen);
  return (
    <section aria-label="What shows" className="grid gap-3">
      <SelectField
        label="What shows when"
        value={how}
        options={[
          ...(firstOwn >= 0 ? [['mask', 'this mask is pulled'] as const] : []),
          ['chip', 'a chip goes down to …'],
          ['edge', 'an edge is sanded through'],
        ]}
        onChange={setHow}
      />
      {how === 'chip' && (
        <SelectField
          label="Down to"
          value={String(chosen)}
          options={[...layers.map((layer, at) => [String(at), layer.name] as const).toReversed(), ['-1', 'the bare part'] as const]}
          onChange={setTarget}
        />
      )}
      {how === 'edge' && (
        <label className="label block">
          Cut away, <span className="normal-case">{formats.film(depth * total)}</span>
          <input
            type="range"
            min={0}
            max={1.1}
            step={0.01}
            value={depth}
            className="accent-edge block w-full"
            onChange={(event) => setDepth(Number(event.target.value))}
          />
        </label>
      )}
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE / 1.6}`}
        className="border-edge w-full border"
        role="img"
        aria-label={`Seen: ${shown.rings.map((ring) => ring.name).join(', ')}`}
      >
        <rect width={SIZE} height={SIZE} fill={layers.at(-1)?.colourHex ?? 'url(#hatch)'} />
        {shown.rings
          .map((ring, at) => ({ ring, at }))
          .toReversed()
          .map(({ ring, at }) => (
            <ellipse
              key={at}
              cx={SIZE / 2}
              cy={SIZE / 3.2}
              rx={(SIZE / 2.6) * ((at + 1) / shown.rings.length)}
              ry={(SIZE / 4.2) * ((at + 1) / shown.rings.length)}
              fill={ring.colourHex ?? 'url(#hatch)'}
              stroke="var(--color-edge)"
              strokeWidth={0.3}
            />
          ))}
      </svg>
      <p>
        {how === 'mask' ? 'Under the mask: ' : 'From the middle outwards: '}
        <strong>{shown.rings.map((ring) => ring.name).join(', ')}</strong>.
      </p>
      {how === 'mask' && /primer|filler/iu.test(shown.rings[0]?.name ?? '') && (
        <p className="text-oxide text-sm">Primer shows where this mask comes off. Lay the colour that is to show before the mask.</p>
      )}
    </section>
  );
}
