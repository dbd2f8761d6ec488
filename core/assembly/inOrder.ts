/** By piece: the pieces that go before it. */
export type Before = ReadonlyMap<string, ReadonlySet<string>>;

const NONE: ReadonlySet<string> = new Set();

/**
 * Pieces one after the other: always the first in list order with nothing left that goes before it.
 * What goes before a piece without being among them does not hold it up.
 * @param ids in list order
 * @param before without circles; pieces that wait for each other are left out
 * @example inOrder(['head', 'cover'], new Map([['head', new Set(['cover'])]])) // ['cover', 'head']
 */
export function inOrder(ids: readonly string[], before: Before): readonly string[] {
  const left = new Set(ids);
  const waitsFor = new Map<string, number>();
  const after = new Map<string, string[]>(ids.map((id) => [id, []]));
  for (const id of ids) {
    const earlier = [...(before.get(id) ?? NONE)].filter((other) => left.has(other));
    waitsFor.set(id, earlier.length);
    for (const other of earlier) after.get(other)?.push(id);
  }
  const order: string[] = [];
  for (;;) {
    const next = ids.find((id) => left.has(id) && waitsFor.get(id) === 0);
    if (next === undefined) return order;
    left.delete(next);
    order.push(next);
    for (const later of after.get(next) ?? []) waitsFor.set(later, (waitsFor.get(later) ?? 0) - 1);
  }
}

/**
 * The shortest round of pieces that wait for each other, each for the next and the last for the first;
 * of several the one that begins first in list order. Null where there is none.
 * @example shortestCircle(['a', 'b'], new Map([['a', new Set(['b'])], ['b', new Set(['a'])]])) // ['a', 'b']
 */
export function shortestCircle(ids: readonly string[], before: Before): readonly string[] | null {
  let shortest: readonly string[] | null = null;
  // Whatever finds its place in an order is on no circle.
  const placed = new Set(inOrder(ids, before));
  for (const id of ids) {
    if (placed.has(id)) continue;
    const circle = circleThrough(id, before, (shortest?.length ?? Infinity) - 1);
    if (circle) shortest = circle;
  }
  return shortest;
}

/** The shortest way from a piece back to itself, breadth first, of no more pieces than `most`. */
function circleThrough(start: string, before: Before, most: number): readonly string[] | null {
  const cameFrom = new Map<string, string>();
  let edge = [start];
  for (let length = 1; length <= most && edge.length > 0; length += 1) {
    const reached: string[] = [];
    for (const id of edge) {
      for (const earlier of before.get(id) ?? NONE) {
        if (earlier === start) return pathTo(id, cameFrom);
        if (cameFrom.has(earlier)) continue;
        cameFrom.set(earlier, id);
        reached.push(earlier);
      }
    }
    edge = reached;
  }
  return null;
}

function pathTo(end: string, cameFrom: ReadonlyMap<string, string>): readonly string[] {
  const path = [end];
  for (let id = cameFrom.get(end); id !== undefined; id = cameFrom.get(id)) path.unshift(id);
  return path;
}
