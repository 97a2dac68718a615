import { version } from '../../package.json';

/** The version of the program, as package.json has it. */
export const VERSION = version;
