/**
 * Solves a square system by elimination with row pivoting. Changes both arguments.
 *
 * @param matrix row by row, length n²
 * @param right length n; holds the solution afterwards
 * @returns false where the matrix has no inverse
 */
export function solveLinear(matrix: Float64Array, right: Float64Array): boolean {
  const n = right.length;
  for (let step = 0; step < n; step += 1) {
    let pivot = step;
    for (let row = step + 1; row < n; row += 1)
      if (Math.abs(matrix[row * n + step] as number) > Math.abs(matrix[pivot * n + step] as number)) pivot = row;
    const head = matrix[pivot * n + step] as number;
    if (!(Math.abs(head) > 1e-300)) return false;
    if (pivot !== step) {
      for (let column = step; column < n; column += 1) {
        const held = matrix[step * n + column] as number;
        matrix[step * n + column] = matrix[pivot * n + column] as number;
        matrix[pivot * n + column] = held;
      }
      const held = right[step] as number;
      right[step] = right[pivot] as number;
      right[pivot] = held;
    }
    for (let row = step + 1; row < n; row += 1) {
      const factor = (matrix[row * n + step] as number) / head;
      if (factor === 0) continue;
      for (let column = step; column < n; column += 1)
        matrix[row * n + column] = (matrix[row * n + column] as number) - factor * (matrix[step * n + column] as number);
      right[row] = (right[row] as number) - factor * (right[step] as number);
    }
  }
  for (let row = n - 1; row >= 0; row -= 1) {
    let sum = right[row] as number;
    for (let column = row + 1; column < n; column += 1) sum -= (matrix[row * n + column] as number) * (right[column] as number);
    right[row] = sum / (matrix[row * n + row] as number);
  }
  return true;
}
