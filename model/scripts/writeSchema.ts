import 'reflect-metadata';
import { writeFileSync } from 'node:fs';
import { makeProjectSchema } from './projectSchema';
import { makeShapeCheck } from './shapeCheck';

writeFileSync(new URL('../../docs/file-format.schema.json', import.meta.url), `${JSON.stringify(makeProjectSchema(), null, 2)}\n`);
writeFileSync(new URL('../src/file/made/isShaped.js', import.meta.url), makeShapeCheck());
