/** A change that no test noticed. */
export interface Survivor {
  /** Where it stands, from the root of the project. */
  file: string;
  /** Counted from one. */
  line: number;
  /** What was put in place of what, in few words. */
  change: string;
}

/** What became of the changes of one kind in one folder. */
export interface FolderScore {
  folder: string;
  kind: 'structure' | 'numbers';
  noticed: number;
  survivors: Survivor[];
}

/** Share of the changes that a test noticed, 0–1; 1 where there was nothing to change. */
export function caught({ noticed, survivors }: FolderScore): number {
  const all = noticed + survivors.length;
  return all === 0 ? 1 : noticed / all;
}

/** Prints the survivors, a line each, and the score of the folder. */
export function tellScore(score: FolderScore, quiet: boolean): void {
  const { folder, kind, noticed, survivors } = score;
  if (!quiet) for (const { file, line, change } of survivors) console.log(`${file}:${line}  ${change}`);
  const all = noticed + survivors.length;
  console.log(`${folder} ${kind}: ${noticed} of ${all} changes noticed, ${(100 * caught(score)).toFixed(0)} %`);
}
