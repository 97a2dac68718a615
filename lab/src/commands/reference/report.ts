import { writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { writeReport } from '@zinc-ladder/model/report/writeReport';
import { LabError } from '../../labError';
import { readSoundProject } from '../../readFile';
import type { LabCommand } from '../labCommand';

/** `report FILE --prop ID --out FILE.html` → the build report of a prop, as of when the file was saved. */
export const report: LabCommand = {
  name: 'report',
  usage: 'report FILE --prop ID --out FILE.html [--sections a,b] [--without-shop]',
  options: ['prop', 'out', 'sections'],
  flags: ['without-shop'],
  run: ({ options, files }) => {
    const bundle = readSoundProject(files[0]);
    const { out, prop } = options;
    if (out === undefined) throw new LabError('--out is needed');
    const choice = options['sections'] === undefined ? {} : { sections: options['sections'].split(',') };
    const html = writeReport(bundle, prop ?? '', bundle.project.savedAtMs, {
      ...choice,
      isWithoutShop: options['without-shop'] === 'true',
    });
    if (html === null) throw new LabError(`--prop must be the id of a prop, got "${prop ?? ''}"`);
    const path = resolve(process.env['INIT_CWD'] ?? process.cwd(), out);
    try {
      writeFileSync(path, html);
    } catch (error) {
      throw new LabError(`${out} cannot be written (${error instanceof Error ? error.message : String(error)})`);
    }
    return { prop, out, bytes: Buffer.byteLength(html), sections: [...html.matchAll(/<section id="(\w+)"/gu)].map((match) => match[1]) };
  },
};
