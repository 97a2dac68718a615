import 'reflect-metadata';
import { mkdirSync, writeFileSync } from 'node:fs';
import { readBundle, zipBundle } from '@zinc-ladder/model/file/zipProject';
import { writeReport } from '@zinc-ladder/model/report/writeReport';
import { makeDemo } from './makeDemo';

const folder = new URL('../files/', import.meta.url);
mkdirSync(folder, { recursive: true });
const demo = makeDemo();
const bytes = await zipBundle(demo);
// What is shipped must be what the application takes.
const { project } = readBundle(bytes);
writeFileSync(new URL('tide-office.zip', folder), bytes);
writeFileSync(new URL('lantern-report.html', folder), writeReport(demo, 'lantern', project.savedAtMs) ?? '');
console.log(
  `demo/files/tide-office.zip: ${Math.round(bytes.length / 1024)} kB, ${project.rungs.length} rungs, ${project.logEntries.length} log entries`,
);
