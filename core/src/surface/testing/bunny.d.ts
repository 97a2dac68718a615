declare module 'bunny' {
  const bunny: {
    readonly positions: readonly (readonly [number, number, number])[];
    readonly cells: readonly (readonly [number, number, number])[];
  };
  export default bunny;
}
