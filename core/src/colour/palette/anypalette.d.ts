declare module 'anypalette' {
  interface ReadColour {
    readonly red: number;
    readonly green: number;
    readonly blue: number;
    readonly name?: string;
  }
  export function loadPalette(
    given: { readonly data: string; readonly fileExt: string },
    then: (error: Error | null, palette: readonly ReadColour[] | undefined) => void,
  ): void;
}
