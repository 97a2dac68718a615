import 'reflect-metadata';
import { writeFileSync } from 'node:fs';
import { makeProjectSchema } from './projectSchema';

writeFileSync(new URL('../../docs/file-format.schema.json', import.meta.url), `${JSON.stringify(makeProjectSchema(), null, 2)}\n`);
