import 'fake-indexeddb/auto';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { isSound } from '@zinc-ladder/model/rules/mendProject';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readRecords, SHOP_ACTS } from '../../testing/shopActs';
import { ShopDatabase } from '../tables/database';
import { gatherProject, importProject } from '../whole/projectTransfer';
import { ShopError } from '../edits/shopError';
import { Store } from '../edits/store';

const NOW = makeSampleProject().savedAtMs;
/** `npm run faults` asks for a thousand. */
const RUNS = Number(process.env['ZINC_RUNS'] ?? 40);
/** What an act may answer when there is nothing to do it to any more. */
const WELCOME = new Set(['nothingToDo', 'held', 'missing', 'nothingToUndo', 'stale', 'tooLate']);

interface Pressed {
  readonly act: number;
  readonly choices: readonly number[];
}

const pressed = fc.record({
  act: fc.nat(SHOP_ACTS.length + 4),
  choices: fc.tuple(fc.nat(40), fc.nat(40), fc.nat(40)),
});

describe('whatever is done to the shop, in any order', () => {
  it('is saved, read back, and equal; and no act is refused for what another left (property)', async () => {
    let names = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(pressed, { minLength: 1, maxLength: 60, size: 'max' }), async (acts) => {
        const db = new ShopDatabase(`any-${(names += 1)}`);
        const store = new Store(db, () => NOW);
        try {
          await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'replace');
          await store.forgetHistory();
          let ids = 0;
          for (const [at, press] of acts.entries()) await run(store, press, NOW + at * 60_000, () => `made-${(ids += 1)}`);
          const before = await gatherProject(db, NOW);
          expect(readBundle(await zipBundle(before))).toEqual(before);
          expect(isSound(before.project, new Set(before.attachments.keys()))).toBe(true);
          // Undone to the beginning, and done again, it is the same.
          const plain = JSON.stringify(withoutRevisions(before.project));
          let undone = 0;
          while ((await store.historyState()).undoLabel !== null) {
            await store.undo();
            undone += 1;
          }
          for (; undone > 0; undone -= 1) await store.redo();
          expect(JSON.stringify(withoutRevisions((await gatherProject(db, NOW)).project))).toBe(plain);
        } finally {
          await db.delete();
        }
      }),
      { numRuns: RUNS },
    );
  }, 3_600_000);
});

async function run(store: Store, { act, choices }: Pressed, nowMs: number, makeId: () => string): Promise<void> {
  const chosen = SHOP_ACTS[act];
  try {
    if (!chosen) {
      if (act === SHOP_ACTS.length) await store.undo();
      else if (act === SHOP_ACTS.length + 1) await store.redo();
      else if (act === SHOP_ACTS.length + 2)
        await importProject(store, { project: makeSampleProject(), attachments: makeSampleAttachments() }, 'merge');
      else {
        // One's own file without its pictures, as JSON is.
        const { project } = await gatherProject(store.db, nowMs);
        await importProject(store, { project, attachments: new Map() }, act === SHOP_ACTS.length + 3 ? 'replace' : 'merge');
      }
      return;
    }
    const work = chosen.plan({ records: await readRecords(store), nowMs, makeId, choice: (n) => choices[n] ?? 0 });
    if (work) await store.edit(chosen.name, async (edit) => void (await work(edit)));
  } catch (error) {
    if (error instanceof ShopError && WELCOME.has(error.code)) return;
    const faults = error instanceof ShopError ? JSON.stringify(error.faults) : '';
    throw new Error(`${chosen?.name ?? act}: ${String(error)} ${faults}`, { cause: error });
  }
}

function withoutRevisions(project: object): unknown {
  return JSON.parse(JSON.stringify(project, (key, value: unknown) => (key === 'revision' ? 0 : value)));
}
