/** Whether something parsed has the shape of a project of this version, by the published schema; rules between records are not looked at. */
export declare const isShaped: {
  (parsed: unknown): boolean;
  /** the first thing that was not so, of the last that was asked about; null: all was */
  readonly errors: readonly { readonly instancePath: string; readonly schemaPath: string }[] | null;
};
