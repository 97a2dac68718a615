/** What was typed after a command's name. */
interface LabInput {
  readonly options: Readonly<Record<string, string | undefined>>;
  readonly files: readonly string[];
}

/** A command of the lab: prints one JSON object. */
export interface LabCommand {
  readonly name: string;
  readonly usage: string;
  readonly options: readonly string[];
  /** options without a value; given as 'true' */
  readonly flags?: readonly string[];
  readonly run: (input: LabInput) => object;
}
