/**
 * A chart's axis of moments, told in the shop's zone and clock; the library knows the browser's only.
 *
 * @param told how a moment is written
 */
export function timeAxis(told: (ms: number) => string): object {
  return {
    type: 'time',
    axisLabel: { formatter: told, hideOverlap: true },
    axisPointer: { label: { formatter: ({ value }: { readonly value: number }) => told(value) } },
  };
}
