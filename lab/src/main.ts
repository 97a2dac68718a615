import 'reflect-metadata';
import { runLab } from './runLab';

const { exitCode, out, err } = runLab(process.argv.slice(2));
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = exitCode;
