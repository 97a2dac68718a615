import { bin, run } from './installed.mjs';
import { TYPE_PROJECTS } from './packages.mjs';

// All are checked before the first failure ends it: one error must not hide another's.
const failed = TYPE_PROJECTS.filter(([, project]) => !run(bin('tsc'), ['-p', project])).map(([name]) => name);
if (failed.length > 0) console.error(`types: errors in ${failed.join(', ')}`);
process.exit(failed.length === 0 ? 0 : 1);
