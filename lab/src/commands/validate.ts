import { FileFaultsError } from '@zinc-ladder/model/file/faults';
import { RECORD_LISTS } from '@zinc-ladder/model/file/tableNames';
import { readBundle } from '@zinc-ladder/model/file/zipProject';
import { readBytes } from '../readFile';
import type { LabCommand } from './labCommand';

/** `validate FILE` → whether it is sound, its counts, or every fault with its path. An unsound file is an answer, not bad input. */
export const validate: LabCommand = {
  name: 'validate',
  usage: 'validate FILE',
  options: [],
  run: ({ files }) => {
    const bytes = readBytes(files[0]);
    try {
      const { project, attachments } = readBundle(bytes);
      return {
        valid: true,
        version: project.version,
        counts: Object.fromEntries(RECORD_LISTS.map((list) => [list, project[list].length])),
        attachments: attachments.size,
        faults: [],
      };
    } catch (error) {
      if (!(error instanceof FileFaultsError)) throw error;
      return { valid: false, faults: error.faults };
    }
  },
};
