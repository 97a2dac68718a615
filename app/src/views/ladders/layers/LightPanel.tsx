import { lightThrough } from '@zinc-ladder/core/colour/coats/coatsOver';
import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import type { FilmLayer } from '@zinc-ladder/core/film/filmStack';
import { litLayers } from '@zinc-ladder/model/gather/film/gatherLight';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { useState } from 'react';
import type { ShopIndex } from '../../../data/useShopIndex';
import { NumberBox, readTrial } from '../../../ui/fields/NumberBox';
import { Swatch } from '../../../ui/swatch/Swatch';
import { Why } from '../../../ui/Why';

/** How much of a lamp's light comes through wall and films, and which of them stops it. */
export function LightPanel({
  layers,
  rungs,
  index,
  letsLightThrough,
}: {
  readonly layers: readonly FilmLayer[];
  readonly rungs: readonly Rung[];
  readonly index: ShopIndex;
  readonly letsLightThrough: boolean;
}) {
  const [wall, setWall] = useState('1.6');
  const [hex, setHex] = useState(letsLightThrough ? '#f4efe2' : '#d9d7d2');
  const millimetres = readTrial(wall, 0.1, 50);
  const told = millimetres === null ? null : lightThrough(litLayers({ millimetres, hex, letsLightThrough }, layers, rungs, index.products));
  return (
    <details open={letsLightThrough}>
      <summary className="font-label min-h-9 cursor-pointer font-semibold">Light from inside</summary>
      <div className="grid gap-2 pt-1">
        <div className="flex flex-wrap items-end gap-3">
          <div className="w-36">
            <NumberBox label="Wall, mm" trial={{ text: wall, set: setWall }} min={0.1} max={50} />
          </div>
          <label className="label block">
            Its colour
            <input
              type="color"
              className="border-edge block h-9 w-16 border"
              value={hex}
              onChange={(event) => setHex(event.target.value)}
            />
          </label>
        </div>
        {told && (
          <>
            <p className="flex items-center gap-3">
              <Swatch colourHex={told.share > 0.0005 ? hexOfLab(told.lab) : '#000000'} className="h-9 w-16" />
              <span>
                <span className="font-label text-3xl font-semibold">
                  <Why
                    name="the light that comes through"
                    reason={{
                      formula: 'T of each film = b ÷ (a·sinh bSX + b·cosh bSX); together T₁T₂ ÷ (1 − R₁R₂)',
                      inputs: told.after.map((entry) => [entry.id, `${(entry.share * 100).toFixed(2)} % left`]),
                      source: 'Kubelka 1948 and 1954; how much walls and films scatter is guessed: hold a lamp behind a scrap',
                    }}
                  >
                    {(told.share * 100).toFixed(told.share < 0.01 ? 2 : 1)} %
                  </Why>
                </span>{' '}
                of the light comes out{told.isSeen ? ': it glows in a dim room.' : ': dark to the eye.'}
              </span>
            </p>
            <p className="text-dim text-sm">
              {told.stoppedBy ? `Most is stopped by ${told.stoppedBy}.` : 'No layer stops more than half of it.'}
            </p>
            {!letsLightThrough && told.isSeen && (
              <p className="text-oxide text-sm">Where it must not glow, lay a black coat under the colour, inside or out.</p>
            )}
          </>
        )}
      </div>
    </details>
  );
}
