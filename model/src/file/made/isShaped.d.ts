/** Whether something parsed has the shape of a project of this version, by the published schema; rules between records are not looked at. */
export declare function isShaped(parsed: unknown): boolean;
