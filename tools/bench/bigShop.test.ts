import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readBundle, zipBundle } from '../../model/src/file/zipProject';
import { makeBigShop, withoutAttachments } from './bigShop';

const { project } = readBundle(readFileSync('demo/files/tide-office.zip'));

describe('the shop benches measure', () => {
  it('is one the application takes, with or without the demo’s own log', async () => {
    for (const entries of [0, 30]) {
      const big = withoutAttachments(makeBigShop(project, 3, 25, entries));
      const read = readBundle(await zipBundle({ project: big, attachments: new Map() })).project;
      expect(read.rungs).toHaveLength(project.rungs.length + 75);
      expect(read.logEntries).toHaveLength(entries);
    }
  });
});
