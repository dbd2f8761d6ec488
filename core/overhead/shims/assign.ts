/**
 * The cheapest way to give every row a column of its own, exactly: shortest augmenting paths with
 * prices, one row at a time (the Hungarian method).
 * @param cost rows × columns, whole numbers, at least as many columns as rows
 * @returns for each row its column
 */
export function cheapestAssignment(cost: readonly Float64Array[]): readonly number[] {
  const rows = cost.length;
  const columns = cost[0]?.length ?? 0;
  // Row and column 0 stand for none; rows and columns are counted from 1.
  const rowPrice = new Float64Array(rows + 1);
  const columnPrice = new Float64Array(columns + 1);
  const rowOf = new Int32Array(columns + 1);
  for (let row = 1; row <= rows; row += 1) {
    const cameFrom = new Int32Array(columns + 1);
    const least = new Float64Array(columns + 1).fill(Infinity);
    const reached = new Uint8Array(columns + 1);
    rowOf[0] = row;
    let column = 0;
    do {
      reached[column] = 1;
      const from = rowOf[column] ?? 0;
      let step = Infinity;
      let next = 0;
      for (let to = 1; to <= columns; to += 1) {
        if (reached[to]) continue;
        const reduced =
          (cost[from - 1]?.[to - 1] ?? Infinity) - (rowPrice[from] ?? 0) - (columnPrice[to] ?? 0);
        if (reduced < (least[to] ?? Infinity)) {
          least[to] = reduced;
          cameFrom[to] = column;
        }
        if ((least[to] ?? Infinity) < step) {
          step = least[to] ?? Infinity;
          next = to;
        }
      }
      for (let to = 0; to <= columns; to += 1) {
        if (reached[to]) {
          const owner = rowOf[to] ?? 0;
          rowPrice[owner] = (rowPrice[owner] ?? 0) + step;
          columnPrice[to] = (columnPrice[to] ?? 0) - step;
        } else least[to] = (least[to] ?? 0) - step;
      }
      column = next;
    } while (rowOf[column] !== 0);
    while (column !== 0) {
      const before = cameFrom[column] ?? 0;
      rowOf[column] = rowOf[before] ?? 0;
      column = before;
    }
  }
  const columnOf = new Array<number>(rows).fill(-1);
  rowOf.forEach((row, column) => {
    if (row > 0 && column > 0) columnOf[row - 1] = column - 1;
  });
  return columnOf;
}
