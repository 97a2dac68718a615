/** Name of the format, in every file. */
export const FORMAT_NAME = 'zinc-ladder-project';
/** The version this program writes. Older ones are migrated when read, newer ones refused. */
export const FORMAT_VERSION = 19;
